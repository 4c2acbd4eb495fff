package neatcorner.outline;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;

/**
 * A closed run of straight sides, clockwise as seen from the front. Side i runs from vertex i to the next; corner i is at
 * vertex i, where side i starts.
 */
public record Loop(List<Vertex> vertices) {
    private static final double STRAIGHT = 1e-9;
    /** No corner moves further than this, in millimetres: sides that hardly cross would meet beyond all measure. */
    private static final double FARTHEST = 1e7;
    /** Square millimetres that rounding makes of nothing. */
    private static final double NO_INSIDE = 1e-6;

    /** Throws {@link IllegalArgumentException} for fewer than three vertices. */
    public Loop {
        vertices = List.copyOf(vertices);
        if (vertices.size() < 3) {
            throw new IllegalArgumentException("a loop has three corners or more, not " + vertices.size());
        }
    }

    /** The same places, run through clockwise whichever way they were given; without an inside, the other way round. */
    public static Loop clockwise(List<Vertex> vertices) {
        Loop loop = new Loop(vertices);
        return loop.area() > NO_INSIDE ? loop : new Loop(vertices.reversed());
    }

    /** The same places as exactly as a {@link Length} has them, and run through clockwise: as files keep a loop. */
    Loop exact() {
        Loop exact = new Loop(vertices.stream()
                .map(v -> new Vertex(Length.mm(v.x()).toMm(), Length.mm(v.y()).toMm())).toList());
        return exact.area() < -NO_INSIDE ? new Loop(exact.vertices.reversed()) : exact;
    }

    /** As many as it has corners. */
    public int sides() {
        return vertices.size();
    }

    /** Vertex by number; numbers run on round the loop. */
    public Vertex at(int i) {
        return vertices.get(Math.floorMod(i, vertices.size()));
    }

    /** Length of side i in millimetres. */
    public double length(int i) {
        return at(i).distanceTo(at(i + 1));
    }

    /** Round all sides, mm. */
    public double perimeter() {
        double sum = 0;
        for (int i = 0; i < sides(); i++) {
            sum += length(i);
        }
        return sum;
    }

    /** Square millimetres inside, by the shoelace formula; negative when the loop runs counter-clockwise. */
    public double area() {
        double twice = 0;
        for (int i = 0; i < sides(); i++) {
            twice += at(i).x() * at(i + 1).y() - at(i + 1).x() * at(i).y();
        }
        return twice / 2;
    }

    /** The angle inside the loop at vertex i, above 180° where the corner is reflex. */
    public Angle interior(int i) {
        double in = Math.atan2(at(i).y() - at(i - 1).y(), at(i).x() - at(i - 1).x());
        double out = Math.atan2(at(i + 1).y() - at(i).y(), at(i + 1).x() - at(i).x());
        double turn = Math.IEEEremainder(out - in, 2 * Math.PI);
        return Angle.ofRadians(Math.PI - turn);
    }

    /** How far side i reaches along the direction of the same side of another loop; negative when it runs backwards. */
    public double along(int i, Loop direction) {
        double dx = direction.at(i + 1).x() - direction.at(i).x();
        double dy = direction.at(i + 1).y() - direction.at(i).y();
        double length = Math.hypot(dx, dy);
        return ((at(i + 1).x() - at(i).x()) * dx + (at(i + 1).y() - at(i).y()) * dy) / length;
    }

    /** Each side moved outwards by its own distance (inwards when negative), in millimetres, and joined again. */
    public Loop offset(double[] distances) {
        List<Vertex> moved = new ArrayList<>(sides());
        for (int i = 0; i < sides(); i++) {
            moved.add(corner(i, distances[Math.floorMod(i - 1, sides())], distances[i]));
        }
        return new Loop(moved);
    }

    /**
     * Every side moved by the same distance, mm: outwards when positive. Sides stay parallel, corners are where they
     * meet.
     */
    public Loop offset(double distance) {
        double[] all = new double[sides()];
        Arrays.fill(all, distance);
        return offset(all);
    }

    /** Each side moved by its own distance, outwards when positive, in the order of the sides. */
    public Loop offset(List<Length> distances) {
        return offset(distances.stream().mapToDouble(Length::toMm).toArray());
    }

    /** Where the two sides at vertex i cross once moved outwards by so much. */
    private Vertex corner(int i, double before, double after) {
        Vertex v = at(i);
        double[] a = normal(i - 1);
        double[] b = normal(i);
        double cross = a[0] * b[1] - a[1] * b[0];
        if (Math.abs(cross) < STRAIGHT) {
            double middle = (before + after) / 2;
            return v.plus(b[0] * middle, b[1] * middle);
        }
        double x = (before * b[1] - after * a[1]) / cross;
        double y = (after * a[0] - before * b[0]) / cross;
        double less = Math.min(1, FARTHEST / Math.hypot(x, y));
        return v.plus(x * less, y * less);
    }

    /** Unit vector out of the loop, square to side i. */
    private double[] normal(int i) {
        double dx = at(i + 1).x() - at(i).x();
        double dy = at(i + 1).y() - at(i).y();
        double length = Math.max(1e-12, Math.hypot(dx, dy));
        return new double[]{dy / length, -dx / length};
    }

    /** The upright rectangle round the loop. */
    public Opening box() {
        return new Opening(Length.mm(right() - left()), Length.mm(bottom() - top()));
    }

    /** The smallest x, mm. */
    public double left() {
        return vertices.stream().mapToDouble(Vertex::x).min().orElseThrow();
    }

    /** The largest x, mm. */
    public double right() {
        return vertices.stream().mapToDouble(Vertex::x).max().orElseThrow();
    }

    /** The smallest y, mm; y runs downwards. */
    public double top() {
        return vertices.stream().mapToDouble(Vertex::y).min().orElseThrow();
    }

    /** The largest y, mm; y runs downwards. */
    public double bottom() {
        return vertices.stream().mapToDouble(Vertex::y).max().orElseThrow();
    }

    /** The same loop, its sides counted from another vertex. */
    public Loop startingAt(int first) {
        List<Vertex> turned = new ArrayList<>(sides());
        for (int i = 0; i < sides(); i++) {
            turned.add(at(first + i));
        }
        return new Loop(turned);
    }

    /** Whether a place lies inside, by the even-odd rule. */
    public boolean contains(Vertex v) {
        boolean inside = false;
        for (int i = 0; i < sides(); i++) {
            Vertex a = at(i);
            Vertex b = at(i + 1);
            if (a.y() > v.y() != b.y() > v.y()
                    && v.x() < a.x() + (v.y() - a.y()) / (b.y() - a.y()) * (b.x() - a.x())) {
                inside = !inside;
            }
        }
        return inside;
    }

    /**
     * Two sides that cross or touch without being neighbours; empty when none do. Sides are swept from left to right, so that
     * only those above each other are compared (Shamos and Hoey, 1976, without their tree).
     */
    public Optional<int[]> crossing() {
        int n = sides();
        double[] from = new double[n];
        double[] to = new double[n];
        for (int i = 0; i < n; i++) {
            from[i] = Math.min(at(i).x(), at(i + 1).x());
            to[i] = Math.max(at(i).x(), at(i + 1).x());
        }
        List<Integer> order = IntStream.range(0, n).boxed().sorted(Comparator.comparingDouble(i -> from[i])).toList();
        for (int a = 0; a < n; a++) {
            int i = order.get(a);
            for (int b = a + 1; b < n && from[order.get(b)] <= to[i]; b++) {
                int j = order.get(b);
                int apart = Math.abs(i - j);
                if (apart > 1 && apart < n - 1 && cross(at(i), at(i + 1), at(j), at(j + 1))) {
                    return Optional.of(new int[]{Math.min(i, j), Math.max(i, j)});
                }
            }
        }
        return Optional.empty();
    }

    private static boolean cross(Vertex a, Vertex b, Vertex c, Vertex d) {
        boolean apart = Math.max(a.x(), b.x()) < Math.min(c.x(), d.x())
                || Math.max(c.x(), d.x()) < Math.min(a.x(), b.x())
                || Math.max(a.y(), b.y()) < Math.min(c.y(), d.y()) || Math.max(c.y(), d.y()) < Math.min(a.y(), b.y());
        return !apart && turn(a, b, c) * turn(a, b, d) <= 0 && turn(c, d, a) * turn(c, d, b) <= 0;
    }

    private static double turn(Vertex a, Vertex b, Vertex c) {
        return Math.signum((b.x() - a.x()) * (c.y() - a.y()) - (b.y() - a.y()) * (c.x() - a.x()));
    }
}
