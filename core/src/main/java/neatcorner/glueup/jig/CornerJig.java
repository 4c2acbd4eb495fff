package neatcorner.glueup.jig;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.outline.Opening;
import org.jspecify.annotations.Nullable;

/**
 * A corner clamping jig: four blocks with a square bite, an arm from each to one of two bridges in the middle, and a clamp
 * that draws the bridges together. The arms have holes at a fixed pitch; the screws are snug, not tight, so that the jig
 * squares itself.
 *
 * @param first  from the pivot in the block to the first hole of an arm
 * @param pitch  from hole to hole
 * @param holes  how many an arm has
 * @param block  from the bite's corner outwards to the pivot, along each side
 * @param bridge between the two pivots of a bridge
 * @param least  between the pivots of the two bridges when they touch
 * @param most   between them when the clamp is wide open
 */
@RecordBuilder
public record CornerJig(Length first, Length pitch, int holes, Length block, Length bridge, Length least,
        Length most) implements CornerJigBuilder.With {
    /** Room at each corner to put the pieces in, mm. */
    private static final double PLAY = 3;

    /** One that a maker builds from a strip: arms of 0.6 m, or 2 ft, with a hole every 20 mm, or 3/4 in. */
    public static CornerJig usual(Units units) {
        return new CornerJig(units.either(120, 4.75), units.either(20, 0.75), 24, units.either(20, 0.75),
                units.either(40, 1.5), units.either(60, 2.5), units.either(600, 24));
    }

    /** Length of an arm from the block's pivot to a hole, counted from 1. */
    public Length arm(int hole) {
        return first.plus(pitch.times(hole - 1L));
    }

    /** Length of an arm to its last hole. */
    public Length longestArm() {
        return arm(holes);
    }

    /**
     * How the jig is set for a frame.
     *
     * @param hole     of each arm, counted from 1 at the block
     * @param across   whether the clamp pulls along the frame's width
     * @param gap      between the pivots of the bridges when the frame is closed
     * @param travel   how much the clamp closes from putting the pieces in
     * @param arm      from pivot to pivot
     * @param slant    of the arms to the clamp; 45° presses both faces of a miter alike
     */
    public record Fit(int hole, boolean across, Length gap, Length travel, Length arm, Angle slant) {}

    /** The hole that presses most evenly; empty when no hole will do. */
    public Optional<Fit> fit(Opening outside) {
        Fit best = null;
        for (int hole = 1; hole <= holes; hole++) {
            for (boolean across : new boolean[]{true, false}) {
                Fit fit = fit(outside, hole, across);
                if (fit != null && (best == null || unevenness(fit) < unevenness(best))) {
                    best = fit;
                }
            }
        }
        return Optional.ofNullable(best);
    }

    private static double unevenness(Fit fit) {
        return Math.abs(fit.slant.degrees() - 45);
    }

    private @Nullable Fit fit(Opening outside, int hole, boolean across) {
        double closed = gap(outside, arm(hole).toMm(), across, 0);
        double open = gap(outside, arm(hole).toMm(), across, PLAY);
        if (Double.isNaN(closed) || Double.isNaN(open) || closed < least.toMm() || open > most.toMm()) {
            return null;
        }
        double rise = rise(outside, across, 0);
        return new Fit(hole, across, Length.mm(closed), Length.mm(open - closed), arm(hole),
                Angle.ofRadians(Math.asin(Math.min(1, rise / arm(hole).toMm()))));
    }

    /** Between the bridges' pivots, mm; NaN when the arms do not reach. */
    private double gap(Opening outside, double arm, boolean across, double play) {
        double rise = rise(outside, across, play);
        double run = along(outside, across) / 2 + block.toMm() + play;
        return arm < rise ? Double.NaN : 2 * (run - Math.sqrt(arm * arm - rise * rise));
    }

    private double rise(Opening outside, boolean across, double play) {
        return Math.max(0, along(outside, !across) / 2 + block.toMm() + play - bridge.toMm() / 2);
    }

    private static double along(Opening outside, boolean across) {
        return (across ? outside.width() : outside.height()).toMm();
    }

    /** The arm that would press evenly with the bridges just apart: what to build when none fits. */
    public Length armFor(Opening outside) {
        double shorter = Math.min(outside.width().toMm(), outside.height().toMm());
        double longer = Math.max(outside.width().toMm(), outside.height().toMm());
        double rise = shorter / 2 + block.toMm() - bridge.toMm() / 2;
        double run = Math.min(Math.max(rise, longer / 2 + block.toMm() - most.toMm() / 2),
                longer / 2 + block.toMm() - least.toMm() / 2);
        double arm = Math.hypot(rise, Math.max(1, run));
        return Length.mm(Math.ceil(arm / pitch.toMm()) * pitch.toMm());
    }
}
