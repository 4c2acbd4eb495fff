package neatcorner.section;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.locationtech.jts.algorithm.Distance;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.overlayng.OverlayNG;

/**
 * The part of the finished section that stays solid whatever is milled, less a margin: hidden tenons, biscuits, dowels and
 * V-nails must lie in it.
 *
 * @param outlines its edges, usually one
 * @param largest  the largest upright rectangle in it, as left, top, right, bottom in mm
 */
public record SafeZone(List<List<Spot>> outlines, List<Double> largest) {
    /** Wood that stays between a hidden part and a face that shows, mm: common practice. */
    public static final double FROM_SHOWN = 5;
    /** Wood that stays between it and the rabbet, a groove or the back, mm: common practice. */
    public static final double FROM_HIDDEN = 3;
    private static final double NEAR = 1e-3;
    /** Steps in a quarter of a rounded margin: 0.025 mm off at most. */
    private static final int ROUND = 8;
    private static final GeometryFactory FACTORY = new GeometryFactory();

    public SafeZone {
        outlines = List.copyOf(outlines);
        largest = List.copyOf(largest);
    }

    /** Of the largest rectangle, mm. */
    public double width() {
        return largest.get(2) - largest.get(0);
    }

    /** Of the largest rectangle, front to back, mm. */
    public double height() {
        return largest.get(3) - largest.get(1);
    }

    /** Empty when nothing solid is left. */
    public static Optional<SafeZone> of(Section section) {
        Geometry zone = open(Profile.of(section), Edges.HIDDEN);
        return Profile.polygons(zone).isEmpty()
                ? Optional.empty()
                : Optional.of(new SafeZone(Profile.outlines(zone), LargestRectangle.in(Profile.polygons(zone))));
    }

    /**
     * How much wood stays between a part and each surface of the stick, mm; zero lets it come out there.
     *
     * @param front  the face and all milled edges
     * @param hidden the rabbet's walls
     */
    public record Edges(double front, double outer, double sight, double hidden, double back) {
        static final Edges HIDDEN = new Edges(FROM_SHOWN, FROM_SHOWN, FROM_SHOWN, FROM_HIDDEN, FROM_HIDDEN);

        /** The rabbet is cut away, so that an edge of what is left lies on the rabbet's outline or not in it at all. */
        private double of(LineString edge, List<Coordinate[]> rabbet, double w, double t) {
            Coordinate a = edge.getCoordinateN(0);
            Coordinate b = edge.getCoordinateN(1);
            if (a.y > t - NEAR && b.y > t - NEAR) {
                return back;
            }
            if (a.x > w - NEAR && b.x > w - NEAR) {
                return outer;
            }
            Coordinate middle = new Coordinate((a.x + b.x) / 2, (a.y + b.y) / 2);
            if (rabbet.stream().anyMatch(outline -> Distance.pointToSegmentString(middle, outline) <= NEAR)) {
                return hidden;
            }
            return a.x < NEAR && b.x < NEAR ? sight : front;
        }
    }

    /** The solid part less these margins; perhaps empty. */
    public static Geometry open(Profile profile, Edges edges) {
        Section section = profile.section();
        double w = section.width().toMm();
        double t = section.thickness().toMm();
        List<Coordinate[]> rabbet = Profile.polygons(Cutter.of(section, section.milling().rabbetAt())).stream()
                .map(polygon -> polygon.getExteriorRing().getCoordinates()).toList();
        Map<Double, List<LineString>> byMargin = new TreeMap<>();
        for (Polygon polygon : Profile.polygons(profile.finished())) {
            Coordinate[] ring = polygon.getExteriorRing().getCoordinates();
            for (int i = 1; i < ring.length; i++) {
                LineString edge = FACTORY.createLineString(new Coordinate[]{ring[i - 1], ring[i]});
                byMargin.computeIfAbsent(edges.of(edge, rabbet, w, t), margin -> new ArrayList<>()).add(edge);
            }
        }
        Geometry zone = profile.finished();
        for (Map.Entry<Double, List<LineString>> entry : byMargin.entrySet()) {
            if (entry.getKey() > 0) {
                Geometry near = FACTORY.createMultiLineString(entry.getValue().toArray(LineString[]::new))
                        .buffer(entry.getKey(), ROUND);
                zone = Profile.overlay(zone, near, OverlayNG.DIFFERENCE);
            }
        }
        return zone;
    }

    /** All of the blank's rectangle that is not open to a part with these margins. */
    public static Geometry closed(Profile profile, Edges edges) {
        Section section = profile.section();
        return Profile.without(Cutter.box(0, 0, section.width().toMm(), section.thickness().toMm()),
                open(profile, edges));
    }
}
