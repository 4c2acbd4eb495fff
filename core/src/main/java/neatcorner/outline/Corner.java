package neatcorner.outline;

import neatcorner.measure.Angle;
import neatcorner.measure.Length;

/**
 * Where two sides of a frame meet, seen from the front.
 *
 * @param interior angle inside the frame, between the sides; 90° in a rectangle
 * @param before   face width of the side that ends here, going clockwise, measured square to it
 * @param after    face width of the side that starts here
 */
public record Corner(Angle interior, Length before, Length after) {

    /**
     * The saw angle on the end of the side before this corner, from a square cut (0° = square). The miter runs from the
     * crossing of the sight edges to the crossing of the outer edges: tan μ = (other/own + cos φ) / sin φ. Negative at a
     * reflex corner, where the piece is longer on its sight edge. At a straight corner the ends are square, unless the
     * widths differ: then no miter joins them, which is told by 90°.
     */
    public Angle miterBefore() {
        return miter(after.over(before));
    }

    /** The saw angle on the end of the side after this corner; see {@link #miterBefore}. */
    public Angle miterAfter() {
        return miter(before.over(after));
    }

    private Angle miter(double otherOverOwn) {
        if (Math.abs(interior.sin()) < 1e-9) {
            return Math.abs(otherOverOwn - 1) < 1e-9 ? Angle.ZERO : Angle.RIGHT;
        }
        return Angle.ofSlope(otherOverOwn + interior.cos(), interior.sin());
    }

    /** The same corner seen from behind: the sides have changed places. */
    @SuppressWarnings("ArgumentSelectionDefectChecker")
    public Corner mirrored() {
        return new Corner(interior, after, before);
    }
}
