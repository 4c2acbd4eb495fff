package neatcorner.drawing;

import neatcorner.measure.Length;

/** A place in a figure or drawing: x to the right, y down. */
public record Point(double x, double y) {

    public static Point mm(Length x, Length y) {
        return new Point(x.toMm(), y.toMm());
    }

    public Point plus(double dx, double dy) {
        return new Point(x + dx, y + dy);
    }
}
