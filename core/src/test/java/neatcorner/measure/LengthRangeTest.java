package neatcorner.measure;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;

/** How lengths compare with each other, and with the shortest and longest that a thing can be in either system. */
class LengthRangeTest {
    private static final Length NEXT = new Length(1);

    @Property(tries = 500)
    void lengthsAreInOrder(@ForAll @LongRange(min = -50, max = 50) long first,
            @ForAll @LongRange(min = -50, max = 50) long second) {
        Length a = new Length(first);
        Length b = new Length(second);
        assertEquals(first < second, a.isLessThan(b));
        assertEquals(first > second, a.isMoreThan(b));
        assertEquals(Long.signum(first - second), Integer.signum(a.compareTo(b)));
        assertEquals(new Length(Math.max(first, second)), Length.max(a, b));
        assertEquals(new Length(Math.min(first, second)), Length.min(a, b));
        assertEquals(first > 0, a.isPositive());
        assertEquals(first < 0, a.isNegative());
        assertEquals(new Length(Math.abs(first)), a.abs());
    }

    @Test
    void aLengthIsReadInBothSystems() {
        assertEquals(15.5, Length.inches(15, 1, 2).toInches());
        assertEquals(1, Length.mm(25.4).toInches());
        assertEquals("12.5 mm", Length.mm(12.5).toString());
        assertEquals(new Figures(Figures.Near.FULL, true, "3", 1, 2, ""),
                new Figures(Figures.Near.FULL, true, "3", 1, 2, "in").withoutUnit());
    }

    /** A frame is as short as 1/32 in, which is less than 1 mm, and as long as 800 in, which is more than 20 m. */
    @Test
    void theWiderLimitOfBothSystemsCounts() {
        LengthRange frame = LengthRange.FRAME;
        assertEquals(Length.inches(0, 1, 32), frame.least());
        assertEquals(Length.inches(800), frame.most());
        assertEquals(Length.mm(2032), LengthRange.ACROSS.most());
        assertEquals(Length.mm(0.1), LengthRange.ACROSS.least());
        assertTrue(frame.contains(frame.least()) && frame.contains(frame.most()) && frame.contains(Length.mm(400)));
        assertFalse(frame.contains(frame.least().minus(NEXT)) || frame.contains(frame.most().plus(NEXT)));
        assertEquals(frame.least(), frame.nearest(Length.mm(-3)));
        assertEquals(frame.most(), frame.nearest(Length.mm(1e6)));
        assertEquals(Length.mm(400), frame.nearest(Length.mm(400)));
    }

    @Test
    void limitsAreSaidInTheShopsOwnSystem() {
        assertEquals("a length from 1 mm to 20000 mm, for a frame",
                LengthRange.FRAME.text(Notation.of(Units.MILLIMETRES)));
        assertEquals("a length from 1/32 in to 800 in, for a frame", LengthRange.FRAME.text(Notation.of(Units.INCHES)));
        for (LengthRange range : LengthRange.values()) {
            assertTrue(range.least().isLessThan(range.most()), range.name());
        }
    }
}
