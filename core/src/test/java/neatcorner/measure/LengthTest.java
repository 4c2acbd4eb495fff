package neatcorner.measure;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.util.Collections;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;

class LengthTest {

    /** International yard and pound agreement, 1959: 1 in = 25.4 mm exactly. */
    @Test
    void anInchIs25Point4MillimetresExactly() {
        assertEquals(Length.mm(25.4), Length.inches(1));
        assertEquals(254 * Length.PER_MM, Length.inches(10).units());
    }

    @Test
    void sixteenSixteenthsAreAnInch() {
        Length sum = Length.sum(Collections.nCopies(16, Length.inches(0, 1, 16)));
        assertEquals(Length.inches(1), sum);
    }

    @Test
    void the128thIsWholeAndAThirdIsRoundedToTheNearestUnit() {
        assertEquals(635, Length.inches(0, 1, 128).units());
        assertEquals(27_093, Length.inches(0, 1, 3).units());
    }

    /** Common practice: a 15½ in opening with 2¼ in faces is 20 in at the long points. */
    @Test
    void fifteenAndAHalfAndTwiceTwoAndAQuarterIsTwenty() {
        assertEquals(Length.inches(20), Length.inches(15, 1, 2).plus(Length.inches(2, 1, 4).times(2)));
    }

    @Property(tries = 1000)
    void addingAndTakingAwayLeavesNothing(@ForAll @LongRange(min = -1L << 40, max = 1L << 40) long a,
            @ForAll @LongRange(min = -1L << 40, max = 1L << 40) long b) {
        assertEquals(new Length(a), new Length(a).plus(new Length(b)).minus(new Length(b)));
    }

    @Property(tries = 1000)
    void wholeMillimetresAndSixtyFourthsAreExact(@ForAll @IntRange(min = -100_000, max = 100_000) int count) {
        assertEquals(count * Length.PER_MM, Length.mm(count).units());
        assertEquals(Length.inches(1).times(count), Length.inches(0, 1, 64).times(64L * count));
    }

    @Test
    void whatIsNoNumberIsRefused() {
        assertThrows(ArithmeticException.class, () -> Length.mm(Double.NaN));
        assertThrows(ArithmeticException.class, () -> Length.mm(Double.POSITIVE_INFINITY));
        assertThrows(ArithmeticException.class, () -> new Length(Long.MAX_VALUE).plus(new Length(1)));
    }

    @Test
    void roundedUpNeverFallsShort() {
        assertEquals(Length.mm(50), Length.mm(46).roundedUp(Length.mm(5)));
        assertEquals(Length.mm(45), Length.mm(45).roundedUp(Length.mm(5)));
        assertEquals(Length.mm(-5), Length.mm(-9).roundedUp(Length.mm(5)));
    }
}
