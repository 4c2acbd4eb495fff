package neatcorner.drawing;

import java.util.ArrayList;
import java.util.List;
import neatcorner.outline.Contours;
import neatcorner.outline.Loop;
import neatcorner.outline.Outline;
import neatcorner.outline.Segment;
import neatcorner.outline.Vertex;
import neatcorner.piece.CornerJoint;

/**
 * The faces of a ring's pieces, seen from the front, counted as its pieces are.
 *
 * @param contours its edges
 * @param outline  of the frame
 * @param joint    of its corners
 */
public record RingFace(Contours contours, Outline outline, CornerJoint joint) {

    /** How many pieces it has. */
    public int count() {
        return contours.segments().size() + contours.straight().size();
    }

    private boolean isCurved(int index) {
        return index < contours.segments().size();
    }

    private int side(int index) {
        return contours.straight().get(index - contours.segments().size());
    }

    /** A piece's face. */
    public List<Point> outline(int index) {
        if (isCurved(index)) {
            return contours.segments().get(index).outline().stream().map(FrameFront::point).toList();
        }
        int side = side(index);
        return outline.isRectangle() && !joint.showsMiter()
                ? squareCut(side)
                : List.of(FrameFront.point(contours.outside().at(side)),
                        FrameFront.point(contours.outside().at(side + 1)),
                        FrameFront.point(contours.sight().at(side + 1)), FrameFront.point(contours.sight().at(side)));
    }

    /** Convex parts that a piece's face is made up of. */
    public List<List<Point>> parts(int index) {
        return isCurved(index) ? strips(contours.segments().get(index)) : List.of(outline(index));
    }

    /** Which way a piece's grain runs, radians from the x axis. */
    public double grain(int index) {
        if (isCurved(index)) {
            return contours.segments().get(index).grain();
        }
        Vertex a = contours.sight().at(side(index));
        Vertex b = contours.sight().at(side(index) + 1);
        return Math.atan2(b.y() - a.y(), b.x() - a.x());
    }

    /** A side of a rectangle that is cut square: the uprights run through on the face. */
    private List<Point> squareCut(int side) {
        Box out = FrameFront.box(contours.outside());
        Box in = FrameFront.box(contours.sight());
        return switch (side) {
            case 0 -> new Box(in.left(), out.top(), in.right(), in.top()).corners();
            case 1 -> new Box(in.right(), out.top(), out.right(), out.bottom()).corners();
            case 2 -> new Box(in.left(), in.bottom(), in.right(), out.bottom()).corners();
            default -> new Box(out.left(), out.top(), in.left(), out.bottom()).corners();
        };
    }

    /** A curved piece as the narrow four-cornered strips between its edges. */
    private static List<List<Point>> strips(Segment segment) {
        List<List<Point>> strips = new ArrayList<>();
        for (int i = 1; i < segment.inner().size(); i++) {
            strips.add(List.of(FrameFront.point(segment.outer().get(i - 1)),
                    FrameFront.point(segment.outer().get(i)), FrameFront.point(segment.inner().get(i)),
                    FrameFront.point(segment.inner().get(i - 1))));
        }
        return strips;
    }

    /** The middle of a piece's face. */
    public Point middle(int index) {
        int curved = contours.segments().size();
        if (index < curved) {
            Segment segment = contours.segments().get(index);
            Vertex a = segment.inner().get(segment.inner().size() / 2);
            Vertex b = segment.outer().get(segment.outer().size() / 2);
            return new Point((a.x() + b.x()) / 2, (a.y() + b.y()) / 2);
        }
        int side = contours.straight().get(index - curved);
        Loop in = contours.sight();
        Loop out = contours.outside();
        return new Point((in.at(side).x() + in.at(side + 1).x() + out.at(side).x() + out.at(side + 1).x()) / 4,
                (in.at(side).y() + in.at(side + 1).y() + out.at(side).y() + out.at(side + 1).y()) / 4);
    }

    /**
     * A place on one of the edges of a piece, so far from where that edge starts, clockwise as seen from the front.
     *
     * @param outer whether the outer edge is meant, else the sight edge
     */
    public Point along(int index, boolean outer, double at) {
        List<Vertex> run = isCurved(index)
                ? outer ? contours.segments().get(index).outer() : contours.segments().get(index).inner()
                : straight(outer ? contours.outside() : contours.sight(), side(index));
        double left = at;
        for (int i = 1; i < run.size(); i++) {
            Vertex a = run.get(i - 1);
            Vertex b = run.get(i);
            double length = a.distanceTo(b);
            if (left <= length || i == run.size() - 1) {
                double share = length == 0 ? 0 : left / length;
                return new Point(a.x() + (b.x() - a.x()) * share, a.y() + (b.y() - a.y()) * share);
            }
            left -= length;
        }
        return FrameFront.point(run.getFirst());
    }

    /** How long one of the edges of a piece is, mm. */
    public double length(int index, boolean outer) {
        List<Vertex> run = isCurved(index)
                ? outer ? contours.segments().get(index).outer() : contours.segments().get(index).inner()
                : straight(outer ? contours.outside() : contours.sight(), side(index));
        double length = 0;
        for (int i = 1; i < run.size(); i++) {
            length += run.get(i - 1).distanceTo(run.get(i));
        }
        return length;
    }

    private static List<Vertex> straight(Loop edge, int side) {
        return List.of(edge.at(side), edge.at(side + 1));
    }

    /** Out of the frame, square to a piece's edge at a place on it; of length 1. */
    public Point outwards(int index, double at) {
        Point here = along(index, false, Math.max(0, at - 0.5));
        Point there = along(index, false, at + 0.5);
        double length = Math.max(1e-9, Math.hypot(there.x() - here.x(), there.y() - here.y()));
        return new Point((there.y() - here.y()) / length, -(there.x() - here.x()) / length);
    }
}
