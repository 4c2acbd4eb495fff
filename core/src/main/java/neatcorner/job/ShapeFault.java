package neatcorner.job;

import java.util.Optional;
import neatcorner.measure.Sentence;
import neatcorner.outline.Contours;
import neatcorner.outline.Loop;
import neatcorner.outline.Segment;
import neatcorner.outline.Shape;

/** What makes an outline impossible: edges that cross, sides that vanish, corners that nothing joins. */
public final class ShapeFault {
    /** A joint that leans more than this, in degrees, leaves a point too thin to cut. */
    private static final double MOST_LEAN = 75;
    /** A shorter edge of a segment's blank is a point, in millimetres. */
    private static final double LEAST_EDGE = 0.1;

    private ShapeFault() {}

    /** Whether the geometry gives pieces that can be cut at all. */
    public static boolean isSound(Geometry geometry) {
        return geometry.contours() != null && geometry.sizes().arePossible() && of(geometry).isEmpty();
    }

    /** In words; empty where there is none, or no frame at all. */
    public static Optional<Sentence> of(Geometry geometry) {
        Contours contours = geometry.contours();
        boolean plain = geometry.job().outline().isRectangle() && !geometry.job().outline().isSloped();
        if (contours == null || plain) {
            return Optional.empty();
        }
        if (geometry.job().outline().isSloped()
                && (!contours.segments().isEmpty() || contours.widths().stream().distinct().count() > 1)) {
            return Optional.of(Sentence.of(
                    ShapeFaultTexts.SLOPED_SIDES_MEET_ONLY));
        }
        if (geometry.job().outline().shape() instanceof Shape.Polygon polygon
                && polygon.loop().crossing().isPresent()) {
            return Optional.of(Sentence.of(ShapeFaultTexts.OUTLINE_CROSSES_ITSELF));
        }
        return ofEdges(contours);
    }

    /** Of the edges of a ring, whatever its shape. */
    static Optional<Sentence> ofEdges(Contours contours) {
        return firstOf(tooFewSegments(contours), tooTight(contours),
                vanished(contours, contours.sight(), ShapeFaultTexts.SIGHT_EDGE),
                vanished(contours, contours.outside(), ShapeFaultTexts.OUTER_EDGE),
                crossing(contours.sight(), ShapeFaultTexts.SIGHT_EDGES),
                crossing(contours.rabbet(), ShapeFaultTexts.RABBETS),
                crossing(contours.outside(), ShapeFaultTexts.OUTER_EDGES),
                straightCorner(contours));
    }

    /** Joints that lean too far along the grain would run off any blank. */
    private static Optional<Sentence> tooFewSegments(Contours contours) {
        double most = contours.segments().stream().map(Segment::blank)
                .mapToDouble(b -> Math.max(Math.abs(b.left().degrees()), Math.abs(b.right().degrees()))).max()
                .orElse(0);
        return most <= MOST_LEAN
                ? Optional.empty()
                : Optional
                        .of(Sentence.of(ShapeFaultTexts.CURVE_IN_SO_FEW));
    }

    /** A segment whose joints cross before they reach an edge of its blank cannot be sawn. */
    private static Optional<Sentence> tooTight(Contours contours) {
        boolean crossed = contours.segments().stream().map(Segment::blank)
                .anyMatch(b -> Math.min(b.longEdge(), b.shortEdge()) < LEAST_EDGE);
        return crossed
                ? Optional.of(
                        Sentence.of(ShapeFaultTexts.CURVE_IS_TOO_TIGHT))
                : Optional.empty();
    }

    @SafeVarargs
    private static Optional<Sentence> firstOf(Optional<Sentence>... faults) {
        for (Optional<Sentence> fault : faults) {
            if (fault.isPresent()) {
                return fault;
            }
        }
        return Optional.empty();
    }

    /** A side whose edge runs backwards has vanished inside its neighbours. */
    private static Optional<Sentence> vanished(Contours contours, Loop edge, String which) {
        Loop sides = contours.rabbet();
        for (int i = 0; i < sides.sides(); i++) {
            if (edge.along(i, sides) <= 1e-6) {
                return Optional.of(contours.segments().isEmpty()
                        ? Sentence.of(ShapeFaultTexts.SIDE_VANISHES.formatted((char) ('A' + i % 26), which))
                        : Sentence.of(ShapeFaultTexts.CURVE_TOO_TIGHT_FOR_THE_FACE.formatted(which)));
            }
        }
        return edge.area() <= 0
                ? Optional.of(Sentence.of(ShapeFaultTexts.NOTHING_IS_LEFT_INSIDE.formatted(which)))
                : Optional.empty();
    }

    private static Optional<Sentence> crossing(Loop edge, String which) {
        return edge.crossing().map(pair -> Sentence.of(ShapeFaultTexts.EDGES_OF_TWO_SIDES_CROSS.formatted(which)));
    }

    /** At a straight corner no miter joins faces of two widths. */
    private static Optional<Sentence> straightCorner(Contours contours) {
        if (contours.segments().isEmpty()) {
            for (int i = 0; i < contours.widths().size(); i++) {
                if (Math.abs(contours.corner(i).miterAfter().degrees()) > 89.9) {
                    return Optional.of(Sentence.of(
                            ShapeFaultTexts.TWO_SIDES_THAT_RUN));
                }
            }
        }
        return Optional.empty();
    }
}
