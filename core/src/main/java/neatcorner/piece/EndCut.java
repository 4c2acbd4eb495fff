package neatcorner.piece;

import neatcorner.measure.Angle;
import neatcorner.measure.Length;

/**
 * The cut on one end of a piece: the saw's angle from a square cut, and the blade's tilt from vertical. Both are positive
 * where the piece is longer outside than at its sight edge.
 */
public record EndCut(Angle miter, Angle bevel) {

    /** A miter with the blade upright. */
    public static EndCut flat(Angle miter) {
        return new EndCut(miter, Angle.ZERO);
    }

    /** Whether both angles are equal, as near as any saw is set. */
    public boolean isNear(EndCut other) {
        return miter.isNear(other.miter) && bevel.isNear(other.bevel);
    }

    /** Whether the blade is tilted for it. */
    public boolean isTilted() {
        return Math.abs(bevel.degrees()) > 1e-9;
    }

    /**
     * How far the piece grows at this end for each millimetre outwards in the frame's plane: the tangent of half the turn at
     * the corner. The cut's plane rises by tan μ along the stick for each millimetre across it, and by tan β ÷ cos μ for
     * each from front to back. Negative at an inward corner.
     */
    public double lean() {
        double across = miter.tan();
        double back = bevel.tan() / miter.cos();
        return Math.copySign(Math.hypot(across, back), Math.abs(back) > Math.abs(across) ? back : across);
    }

    /** The point that stands out: the toe at an inward corner, else the heel. */
    public Tip tip() {
        return lean() < 0 ? Tip.TOE : Tip.HEEL;
    }

    /** The width of wood that the blade takes along the stick in this cut: k ÷ (cos μ · cos β). */
    public Length along(Length kerf) {
        return kerf.scaled(1 / (miter.cos() * bevel.cos()));
    }
}
