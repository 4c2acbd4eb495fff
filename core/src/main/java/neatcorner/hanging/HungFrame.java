package neatcorner.hanging;

/**
 * A frame on a wall, as large as it is outside; all mm.
 *
 * @param x of its middle from the wall's left corner
 * @param y of its middle above the floor
 */
public record HungFrame(double width, double height, double x, double y) {

    /** Its left edge. */
    public double left() {
        return x - width / 2;
    }

    /** Its right edge. */
    public double right() {
        return x + width / 2;
    }

    /** Its top edge, above the floor. */
    public double top() {
        return y + height / 2;
    }

    /** Its bottom edge, above the floor. */
    public double bottom() {
        return y - height / 2;
    }

    /** The same frame elsewhere. */
    public HungFrame at(double newX, double newY) {
        return new HungFrame(width, height, newX, newY);
    }

    /** Whether the two cover each other somewhere. */
    public boolean covers(HungFrame other) {
        return Math.min(right(), other.right()) - Math.max(left(), other.left()) > Arrangement.NEAR
                && Math.min(top(), other.top()) - Math.max(bottom(), other.bottom()) > Arrangement.NEAR;
    }
}
