package neatcorner.outline;

import java.util.ArrayList;
import java.util.List;

/**
 * A run along an ellipse, clockwise: x = cx + a·cos θ, y = cy + b·sin θ with θ growing (y points down). A circle is an
 * ellipse with equal half axes.
 */
public record Bow(double cx, double cy, double a, double b, double from, double to) {
    private static final int STEPS = 2048;

    /** The place at θ, moved out of the curve by so much along its normal. */
    Vertex at(double theta, double out) {
        double nx = b * Math.cos(theta);
        double ny = a * Math.sin(theta);
        double length = Math.hypot(nx, ny);
        return new Vertex(cx + a * Math.cos(theta) + out * nx / length, cy + b * Math.sin(theta) + out * ny / length);
    }

    /**
     * Where to part the run into so many segments whose blanks are about equally wide: equal steps of ∫√κ ds, because the
     * height of a short arc grows with κ·s². Returns n + 1 values of θ.
     */
    double[] parts(int segments) {
        double[] sum = new double[STEPS + 1];
        double step = (to - from) / STEPS;
        for (int i = 0; i < STEPS; i++) {
            double theta = from + (i + 0.5) * step;
            double speed = Math.hypot(a * Math.sin(theta), b * Math.cos(theta));
            sum[i + 1] = sum[i] + step / Math.sqrt(speed);
        }
        double[] parts = new double[segments + 1];
        parts[0] = from;
        int i = 0;
        for (int k = 1; k < segments; k++) {
            double wanted = sum[STEPS] * k / segments;
            while (sum[i + 1] < wanted) {
                i++;
            }
            parts[k] = from + step * (i + (wanted - sum[i]) / (sum[i + 1] - sum[i]));
        }
        parts[segments] = to;
        return parts;
    }

    /** Places from one θ to another, both included. */
    List<Vertex> run(double first, double last, double out, int steps) {
        List<Vertex> run = new ArrayList<>(steps + 1);
        for (int i = 0; i <= steps; i++) {
            run.add(at(first + (last - first) * i / steps, out));
        }
        return run;
    }
}
