package neatcorner.measure;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertTrue;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LengthTextTest {

    private static Length understood(String text, Units units) {
        return assertInstanceOf(LengthText.Understood.class, LengthText.read(text, units), text).length();
    }

    private static LengthText.NotUnderstood refused(String text) {
        return assertInstanceOf(LengthText.NotUnderstood.class, LengthText.read(text, Units.MILLIMETRES), text);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '~', value = {"15 1/2 | 15.5", "15-1/2\" | 15.5", "15½ | 15.5",
        "15 ½ in | 15.5", "2' 3 1/4\" | 27.25", "2ft 3in | 27", "7/8 | 0.875", "15 1/2 + 2*2 1/4 | 20",
        "2 1/4 × 2 | 4.5", "(1/2 + 1/4) * 3 | 2.25", "20 / 8 | 2.5", "15 - 1/2 | 14.5", "15-3 | 12", "-3/4 | -0.75",
        "1.5 | 1.5", "1,5 | 1.5", ".5 | 0.5", "3'' | 3", "1/2 in + 25.4 mm | 1.5", "10 inches | 10", "5″ | 5",
        "3/64 | 0.046875"})
    void whatPeopleTypeInInches(String text, double inches) {
        assertEquals(Length.inches(inches), understood(text, Units.INCHES));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '~', value = {"394 | 394", "39.4 cm | 394", "0.394 m | 394",
        "15 1/2 in | 393.7", "1 m 20 cm | 1200", "594+2*50 | 694", "59,4cm | 594", "12.5 | 12.5", "2x30 | 60",
        " 420 mm | 420", "100 ÷ 3 | 33.3333333"})
    void whatPeopleTypeInMillimetres(String text, double mm) {
        assertEquals(Length.mm(mm), understood(text, Units.MILLIMETRES));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '~', value = {"15 1/ | 3", "abc | 0", "12 parsec | 3",
        "2 in * 3 in | 5",
        "1/0 | 2", "10 / 0 | 5", "(3 + 4 | 6", "15 + | 4", "1,250 | 1", "4 5 | 2", "5..2 | 2"})
    void whatIsNotALengthSaysWhere(String text, int at) {
        LengthText.NotUnderstood not = refused(text);
        assertEquals(at, not.at(), not.message(text));
        assertTrue(not.message(text).contains("expected"), not.message(text));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "   ", "NaN", "1e9", "99999999999999999999", "∞",
        "((((((((((((((((((((((((((((((((((((((((((1"})
    void nonsenseIsRefusedInWords(String text) {
        assertTrue(refused(text).message(text).length() < 200);
    }

    @Property(tries = 1000)
    void everyShownInchFigureReadsBackAsItself(@ForAll @IntRange(min = -6400, max = 6400) int sixtyFourths) {
        Length length = Length.inches(0, sixtyFourths, 64);
        assertEquals(length, understood(Notation.of(Units.INCHES).text(length), Units.INCHES));
    }

    @Property(tries = 1000)
    void everyShownTenthOfAMillimetreReadsBackAsItself(@ForAll @IntRange(min = -50_000, max = 50_000) int tenths) {
        Length length = Length.mm(tenths / 10.0);
        assertEquals(length, understood(Notation.of(Units.MILLIMETRES).bare(length), Units.MILLIMETRES));
    }

    @Property(tries = 1000)
    void anyTextIsUnderstoodOrRefusedButNeverCrashes(@ForAll String text) {
        LengthText read = LengthText.read(text, Units.INCHES);
        if (read instanceof LengthText.NotUnderstood not) {
            assertTrue(not.at() >= 0 && not.at() <= text.length());
        }
    }

    @Test
    void whatIsNotUnderstoodIsShownWithItsPlace() {
        LengthText.NotUnderstood odd = new LengthText.NotUnderstood(3, "a number");
        assertEquals("“12 x”, character 4: expected a number.", odd.message("12 x"));
        assertEquals("“12 ” stops too soon: expected a number.", odd.message("12 "));
        assertEquals("Nothing typed yet: expected a number.", odd.message("  "));
        assertEquals("“" + "7".repeat(40) + "”, character 4: expected a number.", odd.message("7".repeat(40)));
        assertEquals("“" + "7".repeat(40) + "…”, character 4: expected a number.", odd.message("7".repeat(41)));
    }
}
