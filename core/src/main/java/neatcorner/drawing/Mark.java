package neatcorner.drawing;

import java.util.ArrayList;
import java.util.List;
import neatcorner.job.Shade;
import neatcorner.measure.Angle;
import neatcorner.measure.Quantity;
import neatcorner.plan.Field;
import org.jspecify.annotations.Nullable;

/**
 * One thing in a figure. Places are in the figure's millimetres; weights, text sizes and offsets are in drawing units
 * (pixels on screen), so that they stay the same however large the thing is.
 */
public sealed interface Mark {

    /** A closed shape, filled, with or without an edge. */
    record Area(List<Point> outline, Tint fill, @Nullable Tint edge, double weight) implements Mark {}

    /** A face of a body: its tint made darker (light below 1) or brighter. */
    record Shaded(List<Point> outline, Tint tint, double light) implements Mark {}

    /** A closed shape in a colour of the maker's choice, through which so much of what lies below is seen. */
    record Painted(List<Point> outline, Shade color, double opacity) implements Mark {}

    /**
     * A photo that fills a box, trimmed where its sides are in another proportion.
     *
     * @param outline what is seen of it
     * @param name    of its file
     */
    record Photo(List<Point> outline, Box box, String name) implements Mark {}

    /** An open line, or a closed one if it ends where it starts. */
    record Line(List<Point> points, Tint tint, double weight, boolean dashed) implements Mark {}

    /**
     * A line of straight sides and arcs.
     *
     * @param radii for each point, of the arc to the next, mm; 0 for a straight side, negative where it turns
     *              counter-clockwise as seen
     * @param fine  the same line in straight sides alone, for painters that have no arcs
     */
    record Path(List<Point> points, List<Double> radii, List<Point> fine, Tint tint, double weight, boolean dashed)
            implements
                Mark {}

    /**
     * Wood with its grain.
     *
     * @param outline what is drawn round it
     * @param opening that is cut into it; empty where there is none
     * @param parts   convex shapes that make it up, for the grain to run in
     * @param endwise whether we look at the end grain
     * @param grain   direction of the grain in radians from the x axis; for end grain, unused
     * @param seed    which piece of wood: the same seed gives the same grain
     */
    record Wood(List<Point> outline, List<Point> opening, List<List<Point>> parts, Tint tint, boolean endwise,
            double grain, long seed)
            implements
                Mark {

        /** Without an opening. */
        public Wood(List<Point> outline, List<List<Point>> parts, Tint tint, boolean endwise, double grain, long seed) {
            this(outline, List.of(), parts, tint, endwise, grain, seed);
        }

        /** What is filled: the outline, with a cut of no width to its opening. */
        List<Point> filled() {
            if (opening.isEmpty()) {
                return outline;
            }
            List<Point> slit = new ArrayList<>(outline);
            slit.add(outline.getFirst());
            slit.add(opening.getFirst());
            slit.addAll(opening.subList(1, opening.size()).reversed());
            slit.add(opening.getFirst());
            return slit;
        }
    }

    /** Parallel lines across a convex shape, {@code spacing} drawing units apart. */
    record Hatch(List<Point> outline, double degrees, double spacing, Tint tint) implements Mark {}

    /**
     * A measured distance with ticks at its ends.
     *
     * @param offset  how far the dimension line stands off, in drawing units, to the left of the way from → to
     * @param outside whether the value stands beyond the far end, because the distance is short
     * @param name    what is measured, in US words
     * @param field   what typing a new value changes; null when it only follows
     */
    record Dimension(Point from, Point to, double offset, boolean outside, Quantity value, String name,
            @Nullable Field field) implements Mark {}

    /** A value standing by itself, at its middle. */
    record Value(Point at, Anchor anchor, Quantity value, String name, @Nullable Field field) implements Mark {}

    /** A text in US words; {@code dx} and {@code dy} move it by drawing units. */
    record Label(Point at, double dx, double dy, Anchor anchor, String text, double size, boolean bold, Tint tint)
            implements
                Mark {}

    /**
     * A place to take hold of.
     *
     * @param field changed by dragging
     * @param dx    how much the field grows for a millimetre to the right
     * @param dy    how much it grows for a millimetre down
     */
    record Handle(Point at, Field field, double dx, double dy) implements Mark {}

    /**
     * The angle in a corner of the outline.
     *
     * @param corner counted as the pieces are
     * @param free   whether typing another angle turns it
     */
    record CornerAngle(Point at, Angle value, String name, int corner,
            boolean free) implements Mark {}

    /**
     * A thing in the drawing that has choices of its own.
     *
     * @param outline where it can be pressed
     * @param key     tells it from other things of the drawing
     * @param name    what it is, in US words
     */
    record Thing(List<Point> outline, String key, String name) implements Mark {}

    /** A corner of the outline to take hold of. */
    record CornerHandle(Point at, int corner, String name) implements Mark {}
}
