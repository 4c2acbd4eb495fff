package neatcorner.drawing;

import java.util.List;
import org.jspecify.annotations.Nullable;

/** Clipping to convex shapes, by Cyrus and Beck (1978). */
public final class Convex {

    private Convex() {}

    /** The part of the segment inside the shape; null when there is none. The shape may run either way round. */
    public static @Nullable List<Point> clip(Point a, Point b, List<Point> shape) {
        double enter = 0;
        double leave = 1;
        double turn = Math.signum(area(shape));
        for (int i = 0; i < shape.size(); i++) {
            Point p = shape.get(i);
            Point q = shape.get((i + 1) % shape.size());
            double nx = -(q.y() - p.y()) * turn;
            double ny = (q.x() - p.x()) * turn;
            double along = nx * (b.x() - a.x()) + ny * (b.y() - a.y());
            double inside = nx * (a.x() - p.x()) + ny * (a.y() - p.y());
            if (Math.abs(along) < 1e-12) {
                if (inside < 0) {
                    return null;
                }
            } else if (along > 0) {
                enter = Math.max(enter, -inside / along);
            } else {
                leave = Math.min(leave, -inside / along);
            }
        }
        return enter >= leave ? null : List.of(at(a, b, enter), at(a, b, leave));
    }

    private static Point at(Point a, Point b, double t) {
        return new Point(a.x() + (b.x() - a.x()) * t, a.y() + (b.y() - a.y()) * t);
    }

    /** Signed area; positive when the corners run clockwise on screen (y down). */
    public static double area(List<Point> shape) {
        double twice = 0;
        for (int i = 0; i < shape.size(); i++) {
            Point p = shape.get(i);
            Point q = shape.get((i + 1) % shape.size());
            twice += p.x() * q.y() - q.x() * p.y();
        }
        return twice / 2;
    }
}
