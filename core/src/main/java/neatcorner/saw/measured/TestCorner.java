package neatcorner.saw.measured;

import neatcorner.measure.Angle;
import neatcorner.measure.Length;

/**
 * Two scraps cut at one setting, one turned over, closed to a corner against a square: where it is open tells which way the
 * saw is off, and how much is half the angle of the gap, for two cuts share it: δ = ½ · atan(gap / contact) (geometry).
 *
 * @param where the corner is open
 * @param gap   there
 * @param over  length along which the faces would touch; for a gap at face or back, the thickness
 */
public record TestCorner(Where where, Length gap, Length over) {
    /** A sheet of writing paper, for those without a feeler: common practice. */
    public static final Length SHEET_OF_PAPER = Length.mm(0.1);

    /** Where a corner can be open. */
    public enum Where {
        /** Tight all over. */
        CLOSED,
        /** At the outside. */
        HEEL,
        /** At the inside. */
        TOE,
        /** On the front, tight on the back. */
        FACE,
        /** On the back, tight on the front. */
        BACK
    }

    /** The error of one cut: positive when the miter is too big, or when the blade leans too far towards the face. */
    public Angle error() {
        if (where == Where.CLOSED || !gap.isPositive() || !over.isPositive()) {
            return Angle.ZERO;
        }
        double half = Math.atan(gap.over(over)) / 2;
        return Angle.ofRadians(where == Where.TOE || where == Where.FACE ? half : -half);
    }

    /** Whether the blade's tilt is off, rather than its swing. */
    public boolean isTilt() {
        return where == Where.FACE || where == Where.BACK;
    }
}
