package neatcorner.drawing;

import java.util.ArrayList;
import java.util.List;
import neatcorner.job.Shade;
import neatcorner.measure.Angle;
import neatcorner.measure.Quantity;
import neatcorner.measure.Units;
import neatcorner.outline.Template;
import neatcorner.plan.Field;
import org.jspecify.annotations.Nullable;

/** A figure in the making: marks are added from back to front. */
public final class Marks {
    private final List<Mark> marks = new ArrayList<>();

    /** All marks so far; those that were added first lie below. */
    public List<Mark> list() {
        return marks;
    }

    /** A filled outline, with an edge of some weight in points, or none. */
    public void area(List<Point> outline, Tint fill, @Nullable Tint edge, double weight) {
        marks.add(new Mark.Area(outline, fill, edge, weight));
    }

    /** A filled outline, darker than its tint when the light is below 1, brighter above. */
    public void shaded(List<Point> outline, Tint tint, double light) {
        marks.add(new Mark.Shaded(outline, tint, light));
    }

    /** A filled outline in a colour of the maker's; through it is seen what lies below, where it is not opaque. */
    public void painted(List<Point> outline, Shade color, double opacity) {
        marks.add(new Mark.Painted(outline, color, opacity));
    }

    /** A photo that fills a box, seen within an outline. */
    public void photo(List<Point> outline, Box box, String name) {
        marks.add(new Mark.Photo(outline, box, name));
    }

    /** A filled box, with an edge of some weight in points, or none. */
    public void area(Box box, Tint fill, @Nullable Tint edge, double weight) {
        area(box.corners(), fill, edge, weight);
    }

    /** A line through points, of some weight in points. */
    public void line(Tint tint, double weight, Point... points) {
        marks.add(new Mark.Line(List.of(points), tint, weight, false));
    }

    /** A template's line, its arcs kept. */
    public void path(Template.Path path, boolean closed, Tint tint, double weight, boolean dashed) {
        List<Point> points = new ArrayList<>(path.places().stream().map(FrameFront::point).toList());
        List<Point> fine = new ArrayList<>(path.fine().stream().map(FrameFront::point).toList());
        if (closed) {
            points.add(points.getFirst());
            fine.add(fine.getFirst());
        }
        marks.add(new Mark.Path(points, path.radii(), fine, tint, weight, dashed));
    }

    /** A thin dashed line through points. */
    public void dashed(Tint tint, Point... points) {
        marks.add(new Mark.Line(List.of(points), tint, 1.2, true));
    }

    /** The edge of a box that is hidden behind something. */
    public void hidden(Box box, Tint tint) {
        List<Point> corners = box.corners();
        dashed(tint, corners.get(0), corners.get(1), corners.get(2), corners.get(3), corners.get(0));
    }

    /** A convex piece of wood seen on its face. */
    public void wood(List<Point> outline, Tint tint, double grain, long seed) {
        marks.add(new Mark.Wood(outline, List.of(outline), tint, false, grain, seed));
    }

    /** A piece of wood of any shape seen on its face, made up of convex parts. */
    public void wood(List<Point> outline, List<List<Point>> parts, Tint tint, double grain, long seed) {
        marks.add(new Mark.Wood(outline, parts, tint, false, grain, seed));
    }

    /** A piece of wood with an opening cut into it, made up of convex parts round that. */
    public void woodRound(List<Point> outline, List<Point> opening, List<List<Point>> parts, Tint tint, double grain,
            long seed) {
        marks.add(new Mark.Wood(outline, opening, parts, tint, false, grain, seed));
    }

    /** The angle inside a corner, which can be typed when it is free. */
    public void cornerAngle(Point at, Angle value, String name, int corner, boolean free) {
        marks.add(new Mark.CornerAngle(at, value, name, corner, free));
    }

    /** A handle by which a corner is dragged. */
    public void cornerHandle(Point at, int corner, String name) {
        marks.add(new Mark.CornerHandle(at, corner, name));
    }

    /** Wood cut across its grain, in one or several parts. */
    public void endGrain(List<Point> outline, List<List<Point>> parts, Tint tint) {
        marks.add(new Mark.Wood(outline, parts, tint, true, 0, 7));
    }

    /** Hatching inside an outline, at an angle from level, its lines so far apart in points. */
    public void hatch(List<Point> outline, double degrees, double spacing, Tint tint) {
        marks.add(new Mark.Hatch(outline, degrees, spacing, tint));
    }

    /** A dimension between two points, drawn so far beside them in points; with a field it can be typed. */
    public void dimension(Point from, Point to, double offset, Quantity value, String name, @Nullable Field field) {
        marks.add(new Mark.Dimension(from, to, offset, false, value, name, field));
    }

    /** A dimension too short for its value, which stands beyond {@code to}. */
    public void shortDimension(Point from, Point to, double offset, Quantity value, String name,
            @Nullable Field field) {
        marks.add(new Mark.Dimension(from, to, offset, true, value, name, field));
    }

    /** A figure at a place; with a field it can be typed. */
    public void value(Point at, Anchor anchor, Quantity value, String name, @Nullable Field field) {
        marks.add(new Mark.Value(at, anchor, value, name, field));
    }

    /** A text at a place, moved by so many points; anchored there at a corner, an edge or its middle. */
    public void label(Point at, double dx, double dy, Anchor anchor, String text, double size, boolean bold,
            Tint tint) {
        marks.add(new Mark.Label(at, dx, dy, anchor, text, size, bold, tint));
    }

    /**
     * A line to measure with a rule before a drawing at full size is trusted, 100 mm or 4 in long.
     *
     * @return its length, millimetres
     */
    public double measuredLine(Point from, Units units) {
        double length = units.either(100, 4).toMm();
        line(Tint.INK, 1, from, from.plus(length, 0));
        line(Tint.INK, 1, from.plus(0, -2), from.plus(0, 2));
        line(Tint.INK, 1, from.plus(length, -2), from.plus(length, 2));
        label(from.plus(length / 2, 0), 0, 14, Anchor.MIDDLE, "[100 mm|4 in]: measure this line before you cut", 10,
                false, Tint.INK);
        return length;
    }

    /** A thing with choices of its own, by what it is pressed at. */
    public void thing(List<Point> outline, String key, String name) {
        marks.add(new Mark.Thing(outline, key, name));
    }

    /** Where the saw goes: a line of a weight, cased so that it is seen on every wood. */
    public void cut(double weight, Point... points) {
        marks.add(new Mark.Line(List.of(points), Tint.CUT_CASING, weight + 2.6, false));
        marks.add(new Mark.Line(List.of(points), Tint.CUT, weight, false));
    }

    /** A handle that changes a field when it is dragged: by so much for a millimetre to the right, and for one down. */
    public void handle(Point at, Field field, double dx, double dy) {
        marks.add(new Mark.Handle(at, field, dx, dy));
    }
}
