package neatcorner.station.shape;

import java.util.Locale;
import neatcorner.drawing.Anchor;
import neatcorner.drawing.Box;
import neatcorner.drawing.Figure;
import neatcorner.drawing.FrameFront;
import neatcorner.drawing.Marks;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.outline.Contours;
import neatcorner.outline.Loop;
import neatcorner.outline.Segment;
import neatcorner.outline.Shape;
import neatcorner.outline.Vertex;
import neatcorner.plan.Field;
import neatcorner.plan.FrameFields;
import neatcorner.plan.Plan;

/**
 * The outline: its pieces, the angle in each corner, the length of each side, and corners to take hold of; of curves the
 * joints and the blank of one segment.
 */
public final class ShapeFigure {
    private static final int MOST_SHOWN = 12;

    private final Plan plan;
    private final Contours contours;
    private final boolean mirrored;
    private final Marks marks = new Marks();

    private ShapeFigure(Plan plan, Contours contours, boolean mirrored) {
        this.plan = plan;
        this.contours = contours;
        this.mirrored = mirrored;
    }

    /** With sides that give mirrored changes when asked. A frame that cannot be made is a sheet with that said. */
    public static Figure of(Plan plan, boolean mirrored) {
        Contours contours = plan.contours();
        return contours == null ? FrameFront.nothing() : new ShapeFigure(plan, contours, mirrored).draw();
    }

    private Figure draw() {
        new FrameFront(plan, contours, marks).draw();
        Box outside = FrameFront.box(contours.outside());
        if (contours.segments().isEmpty()) {
            corners();
        } else {
            blank(contours.segments().get(widest()));
        }
        switch (plan.job().outline().shape()) {
            case Shape.Rectangle rectangle -> overall(outside);
            case Shape.Regular regular -> regular(regular);
            case Shape.Polygon polygon -> sides();
            case Shape.Arch arch -> arch(outside, arch);
            case Shape.Circle circle -> across(outside);
            case Shape.Ellipse ellipse -> overall(outside);
        }
        return new Figure(ShapeTexts.OUTLINE_FROM_THE_FRONT, outside, new Figure.Margin(64, 96, 64, 96), marks.list());
    }

    private void corners() {
        Loop sight = contours.sight();
        Loop outside = contours.outside();
        boolean free = plan.job().outline().shape() instanceof Shape.Polygon;
        double deep = Math.min(FrameFront.box(sight).width(), FrameFront.box(sight).height()) * 0.11;
        for (int i = 0; i < sight.sides(); i++) {
            if (i < MOST_SHOWN) {
                marks.cornerAngle(inside(sight, i, deep), sight.interior(i), ShapeTexts.CORNER_NAMED.formatted(pair(i)),
                        i, free);
            }
            if (i < MOST_SHOWN || free) {
                marks.cornerHandle(FrameFront.point(outside.at(i)), i, ShapeTexts.CORNER_NAMED.formatted(pair(i)));
            }
        }
    }

    private String pair(int corner) {
        int before = Math.floorMod(corner - 1, plan.pieces().size());
        return plan.pieces().get(before).name() + plan.pieces().get(corner).name();
    }

    /** A place on the line that halves a corner, so far inside the frame. */
    private static Point inside(Loop loop, int i, double deep) {
        Vertex v = loop.at(i);
        Vertex a = loop.at(i - 1);
        Vertex b = loop.at(i + 1);
        double la = v.distanceTo(a);
        double lb = v.distanceTo(b);
        double x = (a.x() - v.x()) / la + (b.x() - v.x()) / lb;
        double y = (a.y() - v.y()) / la + (b.y() - v.y()) / lb;
        double length = Math.max(1e-9, Math.hypot(x, y)) * (loop.interior(i).degrees() > 180 ? -1 : 1);
        return new Point(v.x() + x / length * deep, v.y() + y / length * deep);
    }

    private void sides() {
        Loop outside = contours.outside();
        for (int i = 0; i < outside.sides() && i < MOST_SHOWN; i++) {
            Field field = ShapeFields.side(i, mirrored);
            Loop measured = plan.edge(plan.job().sizeOf());
            marks.dimension(beside(measured.at(i), outside, i), beside(measured.at(i + 1), outside, i), 30,
                    field.in(plan),
                    field.title() + ", " + plan.job().sizeOf().name().toLowerCase(Locale.ROOT), field);
        }
    }

    /** The place on a side of the outer edge that lies straight out from another place. */
    private static Point beside(Vertex v, Loop outside, int side) {
        Vertex a = outside.at(side);
        Vertex b = outside.at(side + 1);
        double length = Math.max(1e-9, a.distanceTo(b));
        double ux = (b.x() - a.x()) / length;
        double uy = (b.y() - a.y()) / length;
        double along = (v.x() - a.x()) * ux + (v.y() - a.y()) * uy;
        return new Point(a.x() + ux * along, a.y() + uy * along);
    }

    private void overall(Box outside) {
        marks.dimension(new Point(outside.left(), outside.top()), new Point(outside.right(), outside.top()), 34,
                plan.sizes().outside().width(), ShapeTexts.OUTSIDE_WIDTH, FrameFields.OUTSIDE_WIDTH);
        marks.dimension(new Point(outside.left(), outside.top()), new Point(outside.left(), outside.bottom()), -44,
                plan.sizes().outside().height(), ShapeTexts.OUTSIDE_HEIGHT, FrameFields.OUTSIDE_HEIGHT);
        marks.handle(new Point(outside.right(), (outside.top() + outside.bottom()) / 2), FrameFields.OUTSIDE_WIDTH, 2,
                0);
        marks.handle(new Point((outside.left() + outside.right()) / 2, outside.bottom()), FrameFields.OUTSIDE_HEIGHT, 0,
                2);
    }

    private void across(Box outside) {
        marks.dimension(new Point(outside.left(), outside.top()), new Point(outside.right(), outside.top()), 34,
                plan.sizes().outside().width(), ShapeTexts.OUTSIDE_ACROSS, FrameFields.OUTSIDE_WIDTH);
        marks.dimension(new Point(contours.sight().left(), 0), new Point(contours.sight().right(), 0), 0,
                plan.sizes().sight().width(), ShapeTexts.SIGHT_ACROSS, FrameFields.SIGHT_WIDTH);
        marks.handle(new Point(outside.right(), (outside.top() + outside.bottom()) / 2), FrameFields.OUTSIDE_WIDTH, 2,
                0);
    }

    private void arch(Box outside, Shape.Arch arch) {
        overall(outside);
        double top = outside.top();
        double springing = contours.outside().at(contours.straight().getFirst()).y();
        if (arch.curve() == Shape.Curve.SEMICIRCLE) {
            marks.dimension(new Point(outside.right(), top), new Point(outside.right(), springing), 34,
                    Length.mm(springing - top), ShapeTexts.RISE_OF_THE_OUTER, null);
        } else {
            marks.dimension(new Point(outside.right(), springing - arch.rise().toMm()),
                    new Point(outside.right(), springing), 34, arch.rise(),
                    ShapeTexts.RISE_OF_AN_EDGE.formatted(plan.job().sizeOf().name().toLowerCase(Locale.ROOT)),
                    ShapeFields.RISE);
        }
    }

    private void regular(Shape.Regular regular) {
        Loop sight = contours.sight();
        Length outside = plan.sizes().outside().width();
        double share = regular.acrossCorners() ? 1 : Math.cos(Math.PI / regular.sides());
        Vertex corner = contours.outside().at(0);
        double reach = Math.hypot(corner.x(), corner.y()) * share;
        Field across = FrameFields.OUTSIDE_WIDTH;
        if (!regular.acrossCorners() && regular.sides() % 2 == 0) {
            Box box = FrameFront.box(contours.outside());
            marks.dimension(new Point(box.right(), -reach), new Point(box.right(), reach), 34, outside,
                    ShapeTexts.OUTSIDE_ACROSS_FLATS, across);
        } else if (regular.sides() % 2 == 1) {
            Box box = FrameFront.box(contours.outside());
            marks.dimension(new Point(box.right(), box.top()), new Point(box.right(), box.bottom()), 34,
                    ShapeFields.cornerToFlat(contours.outside()), ShapeTexts.OUTSIDE_CORNER_TO_FLAT,
                    ShapeFields.CORNER_TO_FLAT);
        } else {
            Point up = FrameFront.point(corner);
            marks.dimension(up, new Point(-up.x(), -up.y()), 0, outside, ShapeTexts.OUTSIDE_ACROSS_CORNERS,
                    FrameFields.OUTSIDE_WIDTH);
        }
        Loop edge = contours.outside();
        int bottom = lowest(edge);
        marks.dimension(FrameFront.point(edge.at(bottom)), FrameFront.point(edge.at(bottom + 1)), 32,
                Length.mm(edge.length(bottom)), ShapeTexts.OUTER_LENGTH_OF_A_SIDE, null);
        marks.dimension(FrameFront.point(sight.at(0)), FrameFront.point(sight.at(1)), -14,
                Length.mm(sight.length(0)), ShapeTexts.SIGHT_LENGTH_OF_A_SIDE, null);
    }

    private static int lowest(Loop loop) {
        int lowest = 0;
        for (int i = 1; i < loop.sides(); i++) {
            if (loop.at(i).y() + loop.at(i + 1).y() > loop.at(lowest).y() + loop.at(lowest + 1).y() + 1e-6) {
                lowest = i;
            }
        }
        return lowest;
    }

    private int widest() {
        int widest = 0;
        for (int i = 1; i < contours.segments().size(); i++) {
            if (contours.segments().get(i).blank().width() > contours.segments().get(widest).blank().width() + 1e-6) {
                widest = i;
            }
        }
        return widest;
    }

    /** The blank of a segment, drawn round it with thin lines; its width is what the board must have. */
    private void blank(Segment segment) {
        Segment.Blank blank = segment.blank();
        double angle = segment.grain();
        Vertex in = segment.inner().getFirst();
        Vertex end = segment.inner().getLast();
        double ux = Math.cos(angle);
        double uy = Math.sin(angle);
        double near = segment.inner().stream().mapToDouble(v -> height(v, in, angle)).min().orElse(0);
        Point a = along(in, ux, uy, -blank.left().tan() * near, near);
        Point d = along(end, ux, uy, blank.right().tan() * near, near);
        double far = near + blank.width();
        Point b = along(in, ux, uy, -blank.left().tan() * far, far);
        Point c = along(end, ux, uy, blank.right().tan() * far, far);
        marks.line(Tint.CONSTRUCTION, 1.2, a, b, c, d, a);
        Point middle = new Point(b.x() * 0.7 + c.x() * 0.3, b.y() * 0.7 + c.y() * 0.3);
        marks.dimension(middle.plus(-uy * blank.width(), ux * blank.width()), middle, 0, Length.mm(blank.width()),
                ShapeTexts.BLANK_WIDTH, null);
        Angle joint = blank.left();
        marks.value(along(in, ux, uy, -joint.tan() * far * 0.4, -far * 0.22), Anchor.MIDDLE, joint,
                ShapeTexts.JOINT_ANGLE_OF_A_SEGMENT, null);
    }

    private static double height(Vertex v, Vertex from, double angle) {
        return (v.x() - from.x()) * Math.sin(angle) - (v.y() - from.y()) * Math.cos(angle);
    }

    private static Point along(Vertex from, double ux, double uy, double along, double out) {
        return new Point(from.x() + ux * along + uy * out, from.y() + uy * along - ux * out);
    }
}
