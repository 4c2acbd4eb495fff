package neatcorner.drawing;

import java.util.ArrayList;
import java.util.List;

/** A small plain picture to choose something by, drawn in a box 24 wide and 24 high. */
public final class Pictogram {
    private static final Box BOX = new Box(0, 0, 24, 24);
    private static final double LINE = 1.1;

    private final String title;
    private final Marks marks = new Marks();

    /** @param title what it shows, in US words */
    public Pictogram(String title) {
        this.title = title;
    }

    /** With a filled shape; its corners one after the other, x and y. */
    public Pictogram area(Tint fill, double... corners) {
        marks.area(points(corners), fill, Tint.WOOD_INK, LINE);
        return this;
    }

    /** With a filled box. */
    public Pictogram box(Tint fill, double left, double top, double right, double bottom) {
        return area(fill, left, top, right, top, right, bottom, left, bottom);
    }

    /** With a line through places, x and y. */
    public Pictogram line(Tint tint, double weight, double... places) {
        marks.line(tint, weight, points(places).toArray(Point[]::new));
        return this;
    }

    /** With a ring of wood between two outlines of as many corners each, and its seams at these corners. */
    public Pictogram ring(Tint wood, List<Point> outer, List<Point> inner, int... seams) {
        marks.area(outer, wood, Tint.WOOD_INK, LINE);
        marks.area(inner, Tint.ART, Tint.WOOD_INK, LINE);
        for (int seam : seams) {
            marks.line(Tint.WOOD_INK, LINE, outer.get(seam), inner.get(seam));
        }
        return this;
    }

    /** With a round spot. */
    public Pictogram dot(Tint fill, Point at, double radius) {
        marks.area(arc(at.x(), at.y(), radius, radius, 0, 2 * Math.PI, 16).subList(0, 16), fill, Tint.INK, LINE);
        return this;
    }

    /** Places on an arc round a middle, from one angle to another, radians clockwise from the right. */
    public static List<Point> arc(double x, double y, double rx, double ry, double from, double to, int steps) {
        List<Point> arc = new ArrayList<>();
        for (int i = 0; i <= steps; i++) {
            double angle = from + (to - from) * i / steps;
            arc.add(new Point(x + rx * Math.cos(angle), y + ry * Math.sin(angle)));
        }
        return arc;
    }

    /** Places from x and y one after the other. */
    public static List<Point> points(double... xy) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i + 1 < xy.length; i += 2) {
            points.add(new Point(xy[i], xy[i + 1]));
        }
        return points;
    }

    /** The picture. */
    public Figure figure() {
        return new Figure(title, BOX, Figure.Margin.all(1), marks.list());
    }
}
