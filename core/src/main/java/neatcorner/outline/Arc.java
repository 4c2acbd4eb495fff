package neatcorner.outline;

import java.util.List;

/**
 * A stretch of a curve's edge, clockwise: along a circle or an ellipse, or at a distance beside it.
 *
 * @param bow  the curve it follows
 * @param from where it starts on it, θ
 * @param to   where it ends, larger than {@code from}
 * @param out  how far outside the curve it runs, mm
 */
public record Arc(Bow bow, double from, double to, double out) {
    /** A chord of a template leaves its curve by no more, mm. */
    private static final double SAG = 0.02;
    private static final int FEWEST = 8;
    private static final int MOST = 20_000;

    /** Places from one end to the other, both included. */
    public List<Vertex> run(int steps) {
        return bow.run(from, to, out, steps);
    }

    /** As many places as keep every chord within 0.02 mm of the curve. */
    public List<Vertex> fine() {
        int steps = FEWEST;
        while (steps < MOST && sag(steps) > SAG) {
            steps = steps * 5 / 4;
        }
        return run(steps);
    }

    /** The farthest that the middle of a chord lies from the curve's place between its ends. */
    private double sag(int steps) {
        double most = 0;
        for (int i = 0; i < steps; i++) {
            double first = from + (to - from) * i / steps;
            double last = from + (to - from) * (i + 1) / steps;
            Vertex a = bow.at(first, out);
            Vertex b = bow.at(last, out);
            most = Math.max(most, bow.at((first + last) / 2, out)
                    .distanceTo(new Vertex((a.x() + b.x()) / 2, (a.y() + b.y()) / 2)));
        }
        return most;
    }

    /** Whether it is part of a circle. */
    public boolean isCircular() {
        return Math.abs(bow.a() - bow.b()) < 1e-9;
    }

    /** Of a circle, mm. */
    public double radius() {
        return bow.a() + out;
    }

    /** Which way it runs at one of its ends, radians from the x axis: the curve turns one way only between them. */
    double direction(boolean end) {
        double theta = end ? to : from;
        return Math.atan2(bow.b() * Math.cos(theta), -bow.a() * Math.sin(theta));
    }

    /** How far it reaches in a direction, a unit vector: at an end, or where it runs square to it. */
    double reach(double dx, double dy) {
        Vertex first = bow.at(from, out);
        Vertex last = bow.at(to, out);
        double most = Math.max(first.x() * dx + first.y() * dy, last.x() * dx + last.y() * dy);
        double theta = Math.atan2(bow.b() * dy, bow.a() * dx);
        double turns = Math.ceil((from - theta) / (2 * Math.PI)) * 2 * Math.PI;
        if (theta + turns <= to) {
            Vertex top = bow.at(theta, out);
            most = Math.max(most, top.x() * dx + top.y() * dy);
        }
        return most;
    }
}
