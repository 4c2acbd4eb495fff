package neatcorner.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;

/**
 * Drawn grain: along a face as long wandering lines that close into arches here and there, on an end as growth rings.
 * The same seed always draws the same wood.
 */
public final class Grain {
    private static final int STEPS = 16;
    /** More rings are not drawn on an end, however thin and long it is. */
    private static final int MOST_RINGS = 120;
    /** Places so near each other are one place of a line, mm. */
    private static final double NEAR = 1e-6;

    private Grain() {}

    /** A part of a face, and from where to where it lies in one direction. */
    private record Part(List<Point> shape, double from, double to) {

        static Part of(List<Point> shape, double cos, double sin) {
            double from = Double.MAX_VALUE;
            double to = -Double.MAX_VALUE;
            for (Point p : shape) {
                double u = p.x() * cos + p.y() * sin;
                from = Math.min(from, u);
                to = Math.max(to, u);
            }
            return new Part(shape, from, to);
        }
    }

    /** Lines along the grain of a face that is made up of convex parts. */
    public static List<List<Point>> along(List<Point> shape, List<List<Point>> parts, double direction, long seed) {
        double cos = Math.cos(direction);
        double sin = Math.sin(direction);
        Part face = Part.of(shape, cos, sin);
        Part across = Part.of(shape, -sin, cos);
        double minU = face.from;
        double minV = across.from;
        double width = across.to - minV;
        double length = face.to - minU;
        double heart = minV + width * (0.3 + 0.4 * noise(seed, 1));
        double arch = minU + length * (0.2 + 0.6 * noise(seed, 2));
        int lines = 9;
        List<Part> wood = parts.stream().map(part -> Part.of(part, cos, sin)).toList();
        List<List<Point>> grain = new ArrayList<>();
        for (int k = 0; k < lines; k++) {
            double v0 = minV + width * (k + 0.25 + 0.5 * noise(seed, 10 + k)) / lines;
            List<Point> line = new ArrayList<>(STEPS + 1);
            for (int i = 0; i <= STEPS; i++) {
                double u = minU + length * i / STEPS;
                double sway = width * 0.035 * Math.sin(u / (length / 7 + width) + seed % 7 + k * 0.35);
                double pull = width * 0.10 * Math.exp(-square((u - arch) / (width * 2.5 + length * 0.12)))
                        * Math.signum(v0 - heart) * Math.exp(-square((v0 - heart) / (width * 0.4)));
                double v = v0 + sway + pull;
                line.add(new Point(u * cos - v * sin, u * sin + v * cos));
            }
            follow(line, minU, length / STEPS, wood, grain);
        }
        return grain;
    }

    /** A line runs on from part to part, and ends where there is no wood. */
    private static void follow(List<Point> line, double start, double step, List<Part> wood, List<List<Point>> grain) {
        List<Point> run = new ArrayList<>();
        for (int i = 1; i < line.size(); i++) {
            Point from = line.get(i - 1);
            Point to = line.get(i);
            double u = start + step * (i - 1);
            wood.stream().filter(part -> part.to >= u - NEAR && part.from <= u + step + NEAR)
                    .map(part -> Convex.clip(from, to, part.shape)).filter(Objects::nonNull)
                    .sorted(Comparator.comparingDouble(piece -> apart(from, piece.getFirst())))
                    .forEach(piece -> join(run, piece, grain));
        }
        finish(run, grain);
    }

    /** Growth rings on a convex end, round a heart that lies below and to one side of it. */
    static List<List<Point>> rings(List<Point> shape, Point heart, double spacing, long seed) {
        double nearest = Double.MAX_VALUE;
        double farthest = 0;
        double from = Double.MAX_VALUE;
        double to = -Double.MAX_VALUE;
        for (Point p : shape) {
            double radius = Math.hypot(p.x() - heart.x(), p.y() - heart.y());
            nearest = Math.min(nearest, radius);
            farthest = Math.max(farthest, radius);
            double angle = Math.atan2(p.y() - heart.y(), p.x() - heart.x());
            from = Math.min(from, angle);
            to = Math.max(to, angle);
        }
        List<List<Point>> grain = new ArrayList<>();
        double apart = Math.max(spacing, farthest / MOST_RINGS);
        int ring = (int) Math.floor(nearest * 0.8 / apart);
        for (; ring * apart <= farthest; ring++) {
            double radius = apart * (ring + 0.6 * noise(seed, ring));
            List<Point> run = new ArrayList<>();
            Point previous = null;
            for (int i = 0; i <= STEPS; i++) {
                double angle = from + (to - from) * i / STEPS;
                Point point = new Point(heart.x() + radius * Math.cos(angle), heart.y() + radius * Math.sin(angle));
                List<Point> piece = previous == null ? null : Convex.clip(previous, point, shape);
                if (piece != null) {
                    join(run, piece, grain);
                }
                previous = point;
            }
            finish(run, grain);
        }
        return grain;
    }

    private static void join(List<Point> run, List<Point> piece, List<List<Point>> grain) {
        if (run.isEmpty() || apart(run.getLast(), piece.getFirst()) > NEAR) {
            finish(run, grain);
            run.add(piece.getFirst());
        }
        run.add(piece.getLast());
    }

    private static void finish(List<Point> run, List<List<Point>> grain) {
        if (run.size() > 1) {
            grain.add(List.copyOf(run));
        }
        run.clear();
    }

    private static double apart(Point a, Point b) {
        return Math.hypot(a.x() - b.x(), a.y() - b.y());
    }

    private static double square(double x) {
        return x * x;
    }

    /** A number in [0, 1) that depends only on seed and index (SplitMix64's mixing step). */
    private static double noise(long seed, int index) {
        long z = seed * 0x9E3779B97F4A7C15L + index * 0xBF58476D1CE4E5B9L;
        z = (z ^ (z >>> 30)) * 0xBF58476D1CE4E5B9L;
        z = (z ^ (z >>> 27)) * 0x94D049BB133111EBL;
        return ((z ^ (z >>> 31)) >>> 11) * 0x1.0p-53;
    }
}
