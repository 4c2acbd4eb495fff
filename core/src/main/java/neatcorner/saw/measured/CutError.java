package neatcorner.saw.measured;

/**
 * By how much a cut piece differs from what it should be.
 *
 * @param length of the outer edge, millimetres; positive when it is too long
 * @param left   miter at its left end, radians; positive when the miter is too big
 * @param right  miter at its right end, likewise
 */
public record CutError(double length, double left, double right) {
    public static final CutError NONE = new CutError(0, 0, 0);

    /** The piece turned end for end. */
    public CutError flipped() {
        return new CutError(length, /* left= */ right, /* right= */ left);
    }
}
