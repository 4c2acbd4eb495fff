package neatcorner.outline;

import static org.junit.jupiter.api.Assertions.assertEquals;

import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CornerTest {

    private static Corner corner(double interior, double before, double after) {
        return new Corner(Angle.ofDegrees(interior), Length.mm(before), Length.mm(after));
    }

    /** Euclid, angle sum of a polygon: half the turn at each corner of a regular polygon. */
    @ParameterizedTest
    @CsvSource({"3,60", "4,45", "5,36", "6,30", "8,22.5", "12,15"})
    void equalSidesMeetAtHalfTheTurn(int sides, double miter) {
        double interior = 180.0 - 360.0 / sides;
        assertEquals(miter, corner(interior, 30, 30).miterBefore().degrees(), 1e-9);
    }

    /** Geometry of a diagonal across 40 by 60. */
    @Test
    void unequalWidthsAtASquareCornerShareTheRightAngle() {
        Corner corner = corner(90, 40, 60);
        assertEquals(56.31, corner.miterBefore().degrees(), 0.005);
        assertEquals(33.69, corner.miterAfter().degrees(), 0.005);
    }

    @Property(tries = 1000)
    void theTwoMitersAndTheInteriorAngleAddUp(@ForAll @DoubleRange(min = 20, max = 170) double interior,
            @ForAll @DoubleRange(min = 10, max = 90) double before,
            @ForAll @DoubleRange(min = 10, max = 90) double after) {
        Corner corner = corner(interior, before, after);
        double sum = corner.miterBefore().degrees() + corner.miterAfter().degrees();
        assertEquals(0, Math.IEEEremainder(sum + interior - 180, 180), 1e-6);
    }
}
