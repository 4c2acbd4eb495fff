package neatcorner.member;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class ScallopsTest {
    private static final double NEAR = 1e-6;

    /** Common practice: a whole number of repeats along every side, and corners alike. */
    @Property(tries = 500)
    void everySideHasWholeArcsOfOneChord(@ForAll @DoubleRange(min = 100, max = 2000) double width,
            @ForAll @DoubleRange(min = 100, max = 2000) double height,
            @ForAll @DoubleRange(min = 20, max = 90) double wished,
            @ForAll @DoubleRange(min = 0, max = 60) double beyond) {
        Scallops arcs = Scallops.of(width, height, wished, beyond);
        assertEquals(width + 2 * arcs.atSides(), arcs.across() * arcs.chord(), NEAR);
        assertEquals(height + 2 * arcs.atEnds(), arcs.down() * arcs.chord(), NEAR);
        assertTrue(arcs.atSides() >= beyond - NEAR && arcs.atEnds() >= beyond - NEAR, arcs::toString);
        assertTrue(arcs.chord() >= 0.6 * wished - NEAR && arcs.chord() <= 1.6 * wished + NEAR, arcs::toString);
    }

    @Property(tries = 300)
    void theArcGoesThroughBothEndsAndItsTop(@ForAll @DoubleRange(min = 20, max = 100) double chord,
            @ForAll @DoubleRange(min = 1, max = 10) double wave) {
        double radius = new Scallops(3, 2, chord, 0, 0).radius(wave);
        assertEquals(radius, Math.hypot(chord / 2, radius - wave), NEAR, "Pythagoras");
    }

    @Test
    void marginsAreAlikeWhereAChordAllowsIt() {
        Scallops arcs = Scallops.of(460, 340, 60, 20);
        assertEquals(60, arcs.chord(), NEAR, "(460 − 340) ÷ 2 more arcs");
        assertEquals(arcs.atSides(), arcs.atEnds(), NEAR);
    }

    /** Where no arc of about that length goes round, one a side is all there is, and reaches past both by as much as it must. */
    @Test
    void anArcLongerThanTheFaceIsOneASide() {
        Scallops arcs = Scallops.of(100, 80, 500, 10);
        assertEquals(new Scallops(1, 1, 120, 10, 20), arcs);
    }

    /** Of two ways round, the one nearer to the wished chord is taken, and unlike margins weigh more than that. */
    @Test
    void theNearestChordIsTaken() {
        Scallops square = Scallops.of(480, 480, 60, 0);
        assertEquals(8, square.across());
        assertEquals(60, square.chord(), NEAR);
        Scallops close = Scallops.of(477, 477, 60, 0);
        assertEquals(8, close.across());
        assertEquals(477 / 8.0, close.chord(), NEAR, "a little shorter rather than reaching past");
    }

    @Test
    void aSquareIsAlikeAllRound() {
        Scallops arcs = Scallops.of(400, 400, 55, 10);
        assertEquals(arcs.across(), arcs.down());
        assertEquals(10, arcs.atSides(), NEAR);
    }

    /** Arcs of a tenth of a millimetre round ten metres would be worked out for hours: no more than 200 stand along a side. */
    @Test
    void arcsAreNeverWithoutEnd() {
        for (double wished : new double[]{0, 0.1, 3}) {
            Scallops arcs = Scallops.of(10_000, 9_000, wished, 0);
            assertTrue(Math.max(arcs.across(), arcs.down()) <= 2 * Scallops.MOST, arcs.toString());
        }
    }
}
