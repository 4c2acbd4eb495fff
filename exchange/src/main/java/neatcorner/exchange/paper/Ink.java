package neatcorner.exchange.paper;

import java.util.ArrayList;
import java.util.List;
import neatcorner.drawing.Anchor;
import neatcorner.drawing.Box;
import neatcorner.drawing.Drawing;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;
import neatcorner.measure.Notation;
import neatcorner.measure.Quantity;

/** Writes and draws at places of a page, points from its top left corner. */
final class Ink {
    private final PagePen pen;
    private final PaperPainter painter;
    private final Notation notation;

    Ink(PagePen pen, Notation notation) {
        this.pen = pen;
        this.notation = notation;
        painter = new PaperPainter(pen, notation);
    }

    /** A line of text, on its base line. */
    void text(double left, double y, String text, double size, Pen.Face face, Tint tint) {
        text(left, y, Anchor.START, text, size, face, tint);
    }

    void text(double at, double y, Anchor anchor, String text, double size, Pen.Face face, Tint tint) {
        pen.place(0, 0, 1);
        pen.write(at, y, anchor, text, size, face, tint);
    }

    /** A value in figures, on its base line. */
    void figures(double left, double y, Quantity value, double size) {
        painter.write(left, y, notation.figures(value), size, Pen.Face.BOLD_FIGURES);
    }

    void line(double left, double top, double right, double bottom, Tint tint, double weight) {
        pen.stroke(List.of(new Point(left, top), new Point(right, bottom)), tint, weight, false);
    }

    void outline(Box box, Tint tint, double weight) {
        List<Point> corners = new ArrayList<>(box.corners());
        corners.add(corners.getFirst());
        pen.place(0, 0, 1);
        pen.stroke(corners, tint, weight, false);
    }

    /** A drawing, so many points for each of its own units. */
    void drawing(Drawing drawing, double left, double top, double unit) {
        pen.place(left, top, unit);
        painter.paint(drawing);
        pen.place(0, 0, 1);
    }
}
