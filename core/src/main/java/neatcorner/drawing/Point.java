package neatcorner.drawing;

import neatcorner.measure.Length;

/** A place in a figure or drawing: x to the right, y down. */
public record Point(double x, double y) {

    /** A place in millimetres. */
    public static Point mm(Length x, Length y) {
        return new Point(x.toMm(), y.toMm());
    }

    /** Moved to the right and down. */
    public Point plus(double dx, double dy) {
        return new Point(x + dx, y + dy);
    }
}
