package neatcorner.drawing;

import java.util.List;

/** An upright rectangle. */
public record Box(double left, double top, double right, double bottom) {

    /** From left to right, in the figure's units. */
    public double width() {
        return right - left;
    }

    /** From top to bottom, in the figure's units. */
    public double height() {
        return bottom - top;
    }

    /** Its middle. */
    public Point center() {
        return new Point((left + right) / 2, (top + bottom) / 2);
    }

    /** Its corners, clockwise from the top left. */
    public List<Point> corners() {
        return List.of(new Point(left, top), new Point(right, top), new Point(right, bottom), new Point(left, bottom));
    }

    /** Larger by so much on each side; smaller when that is negative. */
    public Box grown(double by) {
        return new Box(left - by, top - by, right + by, bottom + by);
    }

    /** Whether a place lies inside or on its edge. */
    public boolean contains(double x, double y) {
        return x >= left && x <= right && y >= top && y <= bottom;
    }
}
