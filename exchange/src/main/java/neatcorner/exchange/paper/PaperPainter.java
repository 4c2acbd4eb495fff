package neatcorner.exchange.paper;

import java.util.List;
import neatcorner.drawing.Anchor;
import neatcorner.drawing.Drawing;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;
import neatcorner.measure.Figures;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.Quantity;

/** Draws a laid-out figure with a pen. Values stand on a blank ground, lengths without their unit, fractions stacked. */
public final class PaperPainter {
    private static final double VALUE_SIZE = 14;
    /** Advance of a digit of the monospaced face, in parts of its size. */
    private static final double ADVANCE = 0.6;
    /** What is said beside a figure, against it. */
    private static final double SMALL = 0.75;

    private final Pen pen;
    private final Notation notation;

    /** With a pen on a page; values are written as the notation says. */
    public PaperPainter(Pen pen, Notation notation) {
        this.pen = pen;
        this.notation = notation;
    }

    /** Draws all of it, in points from where the pen was placed. */
    public void paint(Drawing drawing) {
        for (Drawing.Primitive primitive : drawing.primitives()) {
            switch (primitive) {
                case Drawing.Fill fill -> pen.fill(fill.outline(), fill.tint());
                case Drawing.Painted painted -> pen.paint(painted.outline(), painted.color(), painted.opacity());
                case Drawing.Photo photo -> pen.photo(photo.outline(), photo.box(), photo.name());
                case Drawing.Stroke stroke ->
                    pen.stroke(stroke.points(), stroke.tint(), stroke.weight(), stroke.dashed());
                case Drawing.Path path -> pen.path(path);
                case Drawing.Text text -> pen.write(text.x(), text.y(), text.anchor(), text.text(), text.size(),
                        text.bold() ? Pen.Face.BOLD : Pen.Face.TEXT, text.tint());
                case Drawing.Value value -> value(value.x(), value.y(), value.anchor(), value.quantity());
                case Drawing.CornerAngle angle -> value(angle.x(), angle.y(), Anchor.MIDDLE, angle.angle());
                case Drawing.Handle handle -> {
                    // only a screen can be dragged on
                }
                case Drawing.Thing thing -> {
                    // only a screen can be pressed
                }
                case Drawing.CornerHandle handle -> {
                    // only a screen can be dragged on
                }
            }
        }
    }

    private void value(double x, double y, Anchor anchor, Quantity quantity) {
        Figures figures = quantity instanceof Length
                ? notation.figures(quantity).withoutUnit()
                : notation.figures(quantity);
        double width = width(figures, VALUE_SIZE);
        double left = switch (anchor) {
            case START -> x;
            case MIDDLE -> x - width / 2;
            case END -> x - width;
        };
        pen.blank(left - 3, y - VALUE_SIZE * 0.62, width + 6, VALUE_SIZE * 1.24);
        write(left, y + VALUE_SIZE * 0.35, figures, VALUE_SIZE, Pen.Face.FIGURES);
    }

    /** Width of a figure as {@link #write} sets it. */
    static double width(Figures figures, double size) {
        double fraction = figures.hasFraction() ? fractionWidth(figures, size) + size * 0.15 : 0;
        return lead(figures).length() * ADVANCE * size + fraction + figures.unit().length() * ADVANCE * size
                + (spaced(figures) ? size * 0.3 : 0) + sideWidth(figures, size);
    }

    /** Of "full" or "shy", set small after the figure. */
    private static double sideWidth(Figures figures, double size) {
        int letters = figures.near().word().length();
        return letters == 0 ? 0 : size * 0.3 + letters * ADVANCE * size * SMALL;
    }

    private static boolean spaced(Figures figures) {
        return !figures.unit().isEmpty() && !figures.unit().equals("°");
    }

    private static String lead(Figures figures) {
        return (figures.negative() ? "−" : "") + figures.whole();
    }

    private static double fractionWidth(Figures figures, double size) {
        int digits = Math.max(String.valueOf(figures.numerator()).length(),
                String.valueOf(figures.denominator()).length());
        return digits * ADVANCE * size * 0.62;
    }

    /** Writes a figure from its left end on a baseline; returns where it ends. */
    double write(double x, double baseline, Figures figures, double size, Pen.Face face) {
        double at = x;
        String lead = lead(figures);
        pen.write(at, baseline, Anchor.START, lead, size, face, Tint.INK);
        at += lead.length() * ADVANCE * size;
        if (figures.hasFraction()) {
            double width = fractionWidth(figures, size);
            double small = size * 0.62;
            double middle = at + size * 0.08 + width / 2;
            pen.write(middle, baseline - size * 0.42, Anchor.MIDDLE, String.valueOf(figures.numerator()), small, face,
                    Tint.INK);
            pen.stroke(List.of(new Point(middle - width / 2, baseline - size * 0.33),
                    new Point(middle + width / 2, baseline - size * 0.33)), Tint.INK, size * 0.06, false);
            pen.write(middle, baseline + size * 0.2, Anchor.MIDDLE, String.valueOf(figures.denominator()), small, face,
                    Tint.INK);
            at += width + size * 0.15;
        }
        if (!figures.unit().isEmpty()) {
            at += spaced(figures) ? size * 0.3 : 0;
            pen.write(at, baseline, Anchor.START, figures.unit(), size, face, Tint.INK);
            at += figures.unit().length() * ADVANCE * size;
        }
        if (figures.near() != Figures.Near.EXACT) {
            pen.write(at + size * 0.3, baseline, Anchor.START, figures.near().word(), size * SMALL, face, Tint.INK);
            at += sideWidth(figures, size);
        }
        return at;
    }
}
