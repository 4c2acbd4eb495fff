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
                    "Sloped sides meet only when they are straight and equally wide; these are not."));
        }
        if (geometry.job().outline().shape() instanceof Shape.Polygon polygon
                && polygon.loop().crossing().isPresent()) {
            return Optional.of(Sentence.of("The outline crosses itself."));
        }
        return firstOf(tooFewSegments(contours), tooTight(contours),
                vanished(contours, contours.sight(), "the sight edge"),
                vanished(contours, contours.outside(), "the outer edge"), crossing(contours.sight(), "sight edges"),
                crossing(contours.rabbet(), "rabbets"), crossing(contours.outside(), "outer edges"),
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
                        .of(Sentence.of("A curve in so few segments cannot be sawn from straight blanks; take more."));
    }

    /** A segment whose joints cross before they reach an edge of its blank cannot be sawn. */
    private static Optional<Sentence> tooTight(Contours contours) {
        boolean crossed = contours.segments().stream().map(Segment::blank)
                .anyMatch(b -> Math.min(b.longEdge(), b.shortEdge()) < LEAST_EDGE);
        return crossed
                ? Optional.of(
                        Sentence.of("The curve is too tight for segments this short; take fewer, or a narrower face."))
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
                        ? Sentence.of("Side " + (char) ('A' + i % 26) + " vanishes at " + which
                                + ", inside the width of its neighbors. Make the frame larger or the faces narrower.")
                        : Sentence.of("The curve is too tight at " + which + " for a face this wide."));
            }
        }
        return edge.area() <= 0 ? Optional.of(Sentence.of("Nothing is left inside " + which + ".")) : Optional.empty();
    }

    private static Optional<Sentence> crossing(Loop edge, String which) {
        return edge.crossing().map(pair -> Sentence.of("The " + which + " of two sides run into each other."));
    }

    /** At a straight corner no miter joins faces of two widths. */
    private static Optional<Sentence> straightCorner(Contours contours) {
        if (contours.segments().isEmpty()) {
            for (int i = 0; i < contours.widths().size(); i++) {
                if (Math.abs(contours.corner(i).miterAfter().degrees()) > 89.9) {
                    return Optional.of(Sentence.of(
                            "Two sides that run straight on need the same width; no miter joins these."));
                }
            }
        }
        return Optional.empty();
    }
}
