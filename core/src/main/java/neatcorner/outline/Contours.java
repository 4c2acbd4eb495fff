package neatcorner.outline;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.Function;
import java.util.stream.IntStream;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import org.jspecify.annotations.Nullable;

/**
 * The edges of a frame seen from the front, in millimetres, each clockwise. Of a frame with curves the loops hold the
 * curves as many short sides.
 *
 * @param sight    the innermost edge
 * @param rabbet   the rabbet's wall
 * @param outside  the outer edge
 * @param straight the straight sides, as numbers of the loops' sides; all of them when there is no curve
 * @param widths   face width of each straight side, as it lies on the saw
 * @param reach    how far out of the sight edge each straight side lies in the frame's plane; its face in a flat frame
 * @param segments the pieces of the curve, clockwise; empty when there is none
 */
public record Contours(Loop sight, Loop rabbet, Loop outside, List<Integer> straight, List<Length> widths,
        List<Length> reach, List<Segment> segments) {
    /** Beyond this the short grain at a segment's ends breaks. */
    public static final Angle MOST_RUN_OUT = Angle.ofDegrees(30);
    /** More straight-grained pieces are never asked for in one curve. */
    public static final int MOST_SEGMENTS = 64;
    private static final int STEPS = 24;

    public Contours {
        straight = List.copyOf(straight);
        widths = List.copyOf(widths);
        reach = List.copyOf(reach);
        segments = List.copyOf(segments);
    }

    /** Of straight sides, with how wide each face is and how far out each side lies in the frame's plane. */
    public static Contours straight(Loop sight, double rabbetWidth, List<Length> widths, List<Length> reach) {
        List<Integer> sides = IntStream.range(0, sight.sides()).boxed().toList();
        return new Contours(sight, sight.offset(rabbetWidth), sight.offset(reach), sides, widths, reach, List.of());
    }

    /** Of the straight sides of a flat frame. */
    public static Contours straight(Loop sight, double rabbetWidth, List<Length> widths) {
        return straight(sight, rabbetWidth, widths, widths);
    }

    /** Of a rectangle centred on 0, 0. */
    public static Contours rectangle(Opening sight, double rabbetWidth, List<Length> widths, List<Length> reach) {
        double w = sight.width().toMm() / 2;
        double h = sight.height().toMm() / 2;
        return straight(new Loop(
                List.of(new Vertex(-w, -h), new Vertex(w, -h), new Vertex(w, h), new Vertex(-w, h))), rabbetWidth,
                widths, reach);
    }

    /** Of a flat rectangle centred on 0, 0. */
    public static Contours rectangle(Opening sight, double rabbetWidth, List<Length> widths) {
        return rectangle(sight, rabbetWidth, widths, widths);
    }

    /** A circle or an ellipse with this sight size, or with a sight edge so far outside it. */
    public static Contours round(Opening sight, Band band, int segments) {
        Bow bow = new Bow(0, 0, sight.width().toMm() / 2, sight.height().toMm() / 2, -Math.PI / 2, 1.5 * Math.PI);
        List<Segment> parts = segments(bow, null, band, segments, 3);
        return new Contours(joined(parts, List.of(), Segment::inner), joined(parts, List.of(), Segment::rabbet),
                joined(parts, List.of(), Segment::outer), List.of(), List.of(), List.of(), parts);
    }

    /**
     * What lies beside the sight edge of a curve.
     *
     * @param from       how far outside the curve the sight edge lies, mm; negative inside it
     * @param rabbet     width of the rabbet, mm
     * @param face       face width, mm
     * @param boardWidth the widest blank there is, mm
     */
    public record Band(double from, double rabbet, double face, double boardWidth) {

        /** Whose sight edge is the curve itself. */
        public Band(double rabbet, double face, double boardWidth) {
            this(0, rabbet, face, boardWidth);
        }
    }

    /** An arch over two straight sides and a straight bottom; x = 0 is its middle, y = 0 the springing line. */
    public static Contours arch(Shape.Curve curve, Opening sight, double rise, Band band, int segments) {
        double half = sight.width().toMm() / 2 + band.from;
        double floor = sight.height().toMm() - rise + band.from;
        Bow inner;
        Bow outer = null;
        if (curve == Shape.Curve.SEGMENT) {
            double given = half - band.from;
            double radius = (given * given + rise * rise) / (2 * rise);
            double cy = radius - rise;
            inner = circle(radius + band.from, half, cy);
            outer = circle(radius + band.from + band.face, half + band.face, cy);
        } else {
            inner = new Bow(0, 0, half - band.from, rise, -Math.PI, 0);
        }
        List<Segment> parts = segments(inner, outer, band, segments, 1);
        List<Length> faces = Collections.nCopies(3, Length.mm(band.face));
        return new Contours(joined(parts, feet(half, floor), Segment::inner),
                joined(parts, feet(half + band.rabbet, floor + band.rabbet), Segment::rabbet),
                joined(parts, feet(half + band.face, floor + band.face), Segment::outer),
                straightOf(parts), faces, faces, parts);
    }

    private static Bow circle(double radius, double half, double cy) {
        double angle = Math.asin(Math.min(1, half / radius));
        double start = cy < 0 ? Math.PI - angle : angle;
        return new Bow(0, cy, radius, radius, -Math.PI / 2 - start, -Math.PI / 2 + start);
    }

    private static List<Vertex> feet(double half, double floor) {
        return List.of(new Vertex(half, floor), new Vertex(-half, floor));
    }

    private static List<Integer> straightOf(List<Segment> parts) {
        int curved = parts.size() * STEPS;
        return List.of(curved, curved + 1, curved + 2);
    }

    private static List<Segment> segments(Bow inner, @Nullable Bow outer, Band band, int wanted, int fewest) {
        int count = wanted > 0 ? wanted : fewest;
        List<Segment> parts = cut(inner, outer, band, count);
        while (wanted <= 0 && count < MOST_SEGMENTS && !willDo(parts, band)) {
            count++;
            parts = cut(inner, outer, band, count);
        }
        return parts;
    }

    private static boolean willDo(List<Segment> parts, Band band) {
        return parts.stream().map(Segment::blank).allMatch(blank -> blank.width() <= band.boardWidth + 1e-6
                && blank.runOut().degrees() <= MOST_RUN_OUT.degrees() + 1e-6);
    }

    /**
     * Joints stand square to the sight edge, but for those at the ends of the run when the outer edge is a curve of its own:
     * they go to its ends, where it meets a straight side.
     */
    private static List<Segment> cut(Bow inner, @Nullable Bow outer, Band band, int count) {
        double[] at = inner.parts(count);
        List<Segment> parts = new ArrayList<>(count);
        for (int i = 0; i < count; i++) {
            double from = outer != null && i == 0 ? outer.from() : at[i];
            double to = outer != null && i == count - 1 ? outer.to() : at[i + 1];
            double part = band.rabbet / band.face;
            double out = outer == null ? band.from : 0;
            parts.add(Segment.of(new Arc(inner, at[i], at[i + 1], out),
                    new Arc(outer == null ? inner : outer, from, to, outer == null ? band.from + band.face : 0),
                    new Arc(inner, at[i] + (from - at[i]) * part, at[i + 1] + (to - at[i + 1]) * part,
                            out + band.rabbet),
                    STEPS));
        }
        return parts;
    }

    private static Loop joined(List<Segment> parts, List<Vertex> then,
            Function<Segment, List<Vertex>> edge) {
        List<Vertex> all = new ArrayList<>();
        for (Segment part : parts) {
            List<Vertex> run = edge.apply(part);
            all.addAll(run.subList(0, run.size() - 1));
        }
        if (!then.isEmpty()) {
            all.add(edge.apply(parts.getLast()).getLast());
            all.addAll(then);
        }
        return new Loop(all);
    }

    /** Interior angle and face widths at the start of the n-th straight side of a frame without curves. */
    public Corner corner(int side) {
        int count = widths.size();
        return new Corner(sight.interior(side), widths.get(Math.floorMod(side - 1, count)), widths.get(side));
    }

    /** A loop at this distance outside the sight edge, in millimetres; of frames with curves, along their short sides. */
    public Loop at(double distance) {
        return sight.offset(distance);
    }
}
