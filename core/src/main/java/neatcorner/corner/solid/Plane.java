package neatcorner.corner.solid;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import neatcorner.outline.Vertex;

/** Convex shapes in the frame's plane, as lists of their corners in either turn; millimetres. */
final class Plane {
    private static final double NOTHING = 1e-9;

    private Plane() {}

    static double cross(Vertex a, Vertex b) {
        return a.x() * b.y() - a.y() * b.x();
    }

    static double dot(Vertex a, Vertex b) {
        return a.x() * b.x() + a.y() * b.y();
    }

    static Vertex minus(Vertex a, Vertex b) {
        return new Vertex(a.x() - b.x(), a.y() - b.y());
    }

    static Vertex along(Vertex from, Vertex direction, double distance) {
        return from.plus(direction.x() * distance, direction.y() * distance);
    }

    /** The part of a shape on the side of a line to which its normal points (Sutherland and Hodgman, 1974). */
    static List<Vertex> clip(List<Vertex> shape, Vertex on, Vertex normal) {
        List<Vertex> kept = new ArrayList<>(shape.size() + 1);
        for (int i = 0; i < shape.size(); i++) {
            Vertex a = shape.get(i);
            Vertex b = shape.get((i + 1) % shape.size());
            double da = dot(minus(a, on), normal);
            double db = dot(minus(b, on), normal);
            if (da >= -NOTHING) {
                kept.add(a);
            }
            if ((da > NOTHING && db < -NOTHING) || (da < -NOTHING && db > NOTHING)) {
                double share = da / (da - db);
                kept.add(a.plus((b.x() - a.x()) * share, (b.y() - a.y()) * share));
            }
        }
        return kept;
    }

    /** All that a shape sweeps over while it is moved. */
    static List<Vertex> swept(List<Vertex> shape, double dx, double dy) {
        List<Vertex> all = new ArrayList<>(shape);
        shape.forEach(v -> all.add(v.plus(dx, dy)));
        return hull(all);
    }

    /** The convex hull (Andrew, 1979). */
    static List<Vertex> hull(List<Vertex> places) {
        List<Vertex> sorted = places.stream()
                .sorted(Comparator.comparingDouble(Vertex::x).thenComparingDouble(Vertex::y)).toList();
        List<Vertex> hull = new ArrayList<>();
        for (int pass = 0; pass < 2; pass++) {
            int start = hull.size();
            for (Vertex v : pass == 0 ? sorted : sorted.reversed()) {
                while (hull.size() >= start + 2 && cross(minus(hull.getLast(), hull.get(hull.size() - 2)),
                        minus(v, hull.getLast())) <= 0) {
                    hull.removeLast();
                }
                hull.add(v);
            }
            hull.removeLast();
        }
        return hull;
    }

    /** How far two shapes are apart; zero when they touch or overlap. */
    static double gap(List<Vertex> a, List<Vertex> b) {
        if (overlap(a, b) && overlap(b, a)) {
            return 0;
        }
        return Math.min(nearest(a, b), nearest(b, a));
    }

    /** Whether no side of the first separates the two. */
    private static boolean overlap(List<Vertex> a, List<Vertex> b) {
        double turn = Math.signum(area(a));
        for (int i = 0; i < a.size(); i++) {
            Vertex from = a.get(i);
            Vertex side = minus(a.get((i + 1) % a.size()), from);
            if (b.stream().allMatch(v -> turn * cross(side, minus(v, from)) < 0)) {
                return false;
            }
        }
        return true;
    }

    private static double nearest(List<Vertex> corners, List<Vertex> sides) {
        double best = Double.MAX_VALUE;
        for (Vertex v : corners) {
            for (int i = 0; i < sides.size(); i++) {
                Vertex from = sides.get(i);
                Vertex side = minus(sides.get((i + 1) % sides.size()), from);
                double length = Math.max(NOTHING, dot(side, side));
                double share = Math.max(0, Math.min(1, dot(minus(v, from), side) / length));
                best = Math.min(best, v.distanceTo(along(from, side, share)));
            }
        }
        return best;
    }

    static double area(List<Vertex> shape) {
        double twice = 0;
        for (int i = 0; i < shape.size(); i++) {
            twice += cross(shape.get(i), shape.get((i + 1) % shape.size()));
        }
        return twice / 2;
    }
}
