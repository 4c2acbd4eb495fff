package neatcorner.outline;

import java.util.ArrayList;
import java.util.List;
import neatcorner.measure.Angle;

/**
 * One piece of a curve, sawn from a straight blank whose grain runs along it.
 *
 * @param inner along the sight edge, clockwise
 * @param outer along the outer edge, clockwise
 * @param rabbet along the rabbet's wall, clockwise
 */
public record Segment(List<Vertex> inner, List<Vertex> outer, List<Vertex> rabbet) {

    public Segment {
        inner = List.copyOf(inner);
        outer = List.copyOf(outer);
        rabbet = List.copyOf(rabbet);
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

    public Blank blank() {
        double angle = grain();
        double far = outer.stream().mapToDouble(v -> across(v, angle)).max().orElseThrow();
        double near = inner.stream().mapToDouble(v -> across(v, angle)).min().orElseThrow();
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

    private double runOut(double angle) {
        double most = 0;
        for (List<Vertex> edge : List.of(inner, outer)) {
            for (int i = 1; i < edge.size(); i++) {
                double direction = Math.atan2(edge.get(i).y() - edge.get(i - 1).y(),
                        edge.get(i).x() - edge.get(i - 1).x());
                most = Math.max(most, Math.abs(Math.IEEEremainder(direction - angle, 2 * Math.PI)));
            }
        }
        return most;
    }
}
