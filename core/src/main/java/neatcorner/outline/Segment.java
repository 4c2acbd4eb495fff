package neatcorner.outline;

import java.util.ArrayList;
import java.util.List;
import neatcorner.measure.Angle;

/**
 * One piece of a curve, sawn from a straight blank whose grain runs along it. Its edges are curves, and for drawing and for
 * all that follows from loops, runs of as many short sides.
 *
 * @param innerArc along the sight edge, clockwise
 * @param outerArc along the outer edge, clockwise
 * @param wall     along the rabbet's wall, clockwise
 * @param inner    the sight edge in short sides
 * @param outer    the outer edge in short sides
 * @param rabbet   the wall in short sides
 */
public record Segment(Arc innerArc, Arc outerArc, Arc wall, List<Vertex> inner, List<Vertex> outer,
        List<Vertex> rabbet) {

    public Segment {
        inner = List.copyOf(inner);
        outer = List.copyOf(outer);
        rabbet = List.copyOf(rabbet);
    }

    static Segment of(Arc inner, Arc outer, Arc wall, int steps) {
        return new Segment(inner, outer, wall, inner.run(steps), outer.run(steps), wall.run(steps));
    }

    /**
     * The blank it is sawn from: a trapezoid whose ends are the joints. For a ring of radii r … R in n segments with h =
     * 180°/n its width is R − r·cos h, its long edge 2·R·tan h, and both miters are h.
     *
     * @param width     across the grain, millimetres
     * @param longEdge  along the outside
     * @param shortEdge along the inside
     * @param left      miter at the end where it starts, seen with the outer edge away from the maker
     * @param right     miter at the other end
     * @param runOut    the steepest that the curve crosses the grain
     */
    public record Blank(double width, double longEdge, double shortEdge, Angle left, Angle right, Angle runOut) {}

    /** Both edges, clockwise round the piece. */
    public List<Vertex> outline() {
        List<Vertex> outline = new ArrayList<>(outer);
        outline.addAll(inner.reversed());
        return outline;
    }

    /** Direction of the grain, in radians from the x axis. */
    public double grain() {
        Vertex a = inner.getFirst();
        Vertex b = inner.getLast();
        return Math.atan2(b.y() - a.y(), b.x() - a.x());
    }

    /** The board that it is sawn from. */
    public Blank blank() {
        double angle = grain();
        double far = outerArc.reach(Math.sin(angle), -Math.cos(angle));
        double near = Math.min(across(inner.getFirst(), angle), across(inner.getLast(), angle));
        double leanLeft = lean(inner.getFirst(), outer.getFirst(), angle);
        double leanRight = lean(inner.getLast(), outer.getLast(), angle);
        double longEdge = at(inner.getLast(), leanRight, far, angle) - at(inner.getFirst(), leanLeft, far, angle);
        double shortEdge = at(inner.getLast(), leanRight, near, angle) - at(inner.getFirst(), leanLeft, near, angle);
        return new Blank(far - near, longEdge, shortEdge, Angle.ofRadians(Math.atan(-leanLeft)),
                Angle.ofRadians(Math.atan(leanRight)), Angle.ofRadians(runOut(angle)));
    }

    private static double along(Vertex v, double angle) {
        return v.x() * Math.cos(angle) + v.y() * Math.sin(angle);
    }

    /** Distance out of the frame, square to the grain. */
    private static double across(Vertex v, double angle) {
        return v.x() * Math.sin(angle) - v.y() * Math.cos(angle);
    }

    /** How far a joint moves along the grain for each millimetre outwards. */
    private static double lean(Vertex in, Vertex out, double angle) {
        return (along(out, angle) - along(in, angle)) / (across(out, angle) - across(in, angle));
    }

    private static double at(Vertex in, double lean, double height, double angle) {
        return along(in, angle) + lean * (height - across(in, angle));
    }

    /** Along a curve that turns one way, its ends lean the most. */
    private double runOut(double angle) {
        double most = 0;
        for (Arc arc : List.of(innerArc, outerArc)) {
            for (boolean end : new boolean[]{false, true}) {
                most = Math.max(most, Math.abs(Math.IEEEremainder(arc.direction(end) - angle, 2 * Math.PI)));
            }
        }
        return most;
    }
}
