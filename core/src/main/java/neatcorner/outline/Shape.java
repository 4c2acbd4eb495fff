package neatcorner.outline;

import java.util.ArrayList;
import java.util.List;
import neatcorner.measure.Length;

/** The kinds of outline that a frame can have. */
public sealed interface Shape {

    /** Four square corners. */
    record Rectangle() implements Shape {}

    /**
     * All sides and corners equal, a side at the bottom.
     *
     * @param sides         3 to 24
     * @param acrossCorners whether its size is twice the distance from the centre to a corner, else to a side
     */
    record Regular(int sides, boolean acrossCorners) implements Shape {}

    /** Any corners; the loop is the one that the job's size names, clockwise, each corner as exact as a length is. */
    record Polygon(Loop loop) implements Shape {

        public Polygon {
            loop = loop.exact();
        }
    }

    /**
     * A rectangle whose top side is a curve.
     *
     * @param rise     height of the curve, part of the whole height; of a semicircle always half the width
     * @param segments straight-grained pieces in the curve; 0 takes the fewest that will do
     */
    record Arch(Curve curve, Length rise, int segments) implements Shape {}

    /** A circle of so many segments; 0 takes the fewest that will do. */
    record Circle(int segments) implements Shape {}

    /** An ellipse of so many segments; 0 takes the fewest that will do. */
    record Ellipse(int segments) implements Shape {}

    /** The curves of an arch. */
    enum Curve {
        SEGMENT,
        SEMICIRCLE,
        ELLIPSE
    }

    int FEWEST_SIDES = 3;
    int MOST_SIDES = 24;

    /** The size that it has where a maker asks for this one: a loop has its own, and what is as wide as high has one number. */
    default Opening size(Opening asked) {
        if (this instanceof Polygon polygon) {
            return polygon.loop.box();
        }
        return isEven() ? new Opening(asked.width(), asked.width()) : asked;
    }

    /** Whether one number says how large it is. */
    default boolean isEven() {
        return switch (this) {
            case Regular regular -> true;
            case Circle circle -> true;
            case Polygon polygon -> false;
            case Rectangle rectangle -> false;
            case Arch arch -> false;
            case Ellipse ellipse -> false;
        };
    }

    /** Sides that may differ in width; none where it has curves. */
    default int sides() {
        return switch (this) {
            case Rectangle rectangle -> 4;
            case Regular regular -> regular.sides;
            case Polygon polygon -> polygon.loop.sides();
            case Arch arch -> 0;
            case Circle circle -> 0;
            case Ellipse ellipse -> 0;
        };
    }

    /** Whether every piece of it is straight. */
    default boolean isStraight() {
        return switch (this) {
            case Rectangle rectangle -> true;
            case Regular regular -> true;
            case Polygon polygon -> true;
            case Arch arch -> false;
            case Circle circle -> false;
            case Ellipse ellipse -> false;
        };
    }

    /** A regular loop with this distance between its centre and each side, centred on 0, 0, a side at the bottom. */
    static Loop regular(int sides, double apothem) {
        double radius = apothem / Math.cos(Math.PI / sides);
        double first = sides % 2 == 0 ? -Math.PI / sides : 0;
        List<Vertex> vertices = new ArrayList<>(sides);
        for (int i = 0; i < sides; i++) {
            double angle = first + i * 2 * Math.PI / sides;
            vertices.add(new Vertex(radius * Math.sin(angle), -radius * Math.cos(angle)));
        }
        return new Loop(vertices);
    }

    /** The loop with its sides counted clockwise from the top: from the side whose middle lies highest. */
    static Loop fromTheTop(Loop loop) {
        int best = 0;
        for (int i = 1; i < loop.sides(); i++) {
            double lower = middle(loop, i) - middle(loop, best);
            if (lower < -1e-6 || (lower < 1e-6 && loop.at(i).y() < loop.at(best).y() - 1e-6)) {
                best = i;
            }
        }
        return loop.startingAt(best);
    }

    private static double middle(Loop loop, int side) {
        return (loop.at(side).y() + loop.at(side + 1).y()) / 2;
    }
}
