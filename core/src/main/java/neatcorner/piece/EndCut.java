package neatcorner.piece;

import neatcorner.measure.Angle;

/** The cut on one end of a piece: the saw's angle from a square cut, and the blade's tilt from vertical. */
public record EndCut(Angle miter, Angle bevel) {

    public static EndCut flat(Angle miter) {
        return new EndCut(miter, Angle.ZERO);
    }

    public boolean isNear(EndCut other) {
        return miter.isNear(other.miter) && bevel.isNear(other.bevel);
    }
}
