package neatcorner.exchange.paper;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyDouble;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.atMost;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import org.junit.jupiter.api.Test;

/** All letters are as wide as high here. */
class WordingTest {
    private final PagePen pen = mock(PagePen.class);

    private String clipped(String text, double width) {
        when(pen.width(anyString(), anyDouble(), any())).thenAnswer(
                call -> call.<String>getArgument(0).codePoints().count() * call.<Double>getArgument(1));
        return Wording.clipped(pen, text, width, 1, Pen.Face.TEXT);
    }

    @Test
    void asMuchAsFitsIsShown() {
        assertEquals("lantern", clipped("lantern", 7));
        assertEquals("lante…", clipped("lantern", 6));
        assertEquals("l…", clipped("lantern", 2));
        assertEquals("…", clipped("lantern", 1));
        assertEquals("…", clipped("lantern", 0));
        assertEquals("a", clipped("a", 0));
        assertEquals("", clipped("", 0));
    }

    /** A letter that takes two characters is shown whole or not at all. */
    @Test
    void noLetterIsHalved() {
        assertEquals("a…", clipped("a\uD83D\uDEA2b", 2));
        assertEquals("a\uD83D\uDEA2…", clipped("a\uD83D\uDEA2bc", 3));
    }

    /** A long text is measured a few times, not once a letter, which held the window for good. */
    @Test
    void aLongTextIsMeasuredAFewTimes() {
        assertEquals("w".repeat(29) + "…", clipped("w".repeat(2000), 30));
        verify(pen, atMost(15)).width(anyString(), anyDouble(), any());
    }
}
