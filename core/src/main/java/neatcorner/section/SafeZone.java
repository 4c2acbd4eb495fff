package neatcorner.section;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

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
    private static final int COLUMNS = 72;
    private static final GeometryFactory FACTORY = new GeometryFactory();

    public SafeZone {
        outlines = List.copyOf(outlines);
        largest = List.copyOf(largest);
    }

    public double width() {
        return largest.get(2) - largest.get(0);
    }

    public double height() {
        return largest.get(3) - largest.get(1);
    }

    /** Empty when nothing solid is left. */
    public static Optional<SafeZone> of(Section section) {
        Profile profile = Profile.of(section);
        Geometry zone = profile.finished();
        Geometry hidden = hiddenWalls(section);
        for (Polygon polygon : Profile.polygons(profile.finished())) {
            Coordinate[] ring = polygon.getExteriorRing().getCoordinates();
            for (int i = 1; i < ring.length; i++) {
                LineString edge = FACTORY.createLineString(new Coordinate[]{ring[i - 1], ring[i]});
                boolean unseen = hidden.covers(edge.getCentroid());
                zone = Profile.overlay(zone, edge.buffer(unseen ? FROM_HIDDEN : FROM_SHOWN), OverlayNG.DIFFERENCE);
            }
        }
        if (Profile.polygons(zone).isEmpty()) {
            return Optional.empty();
        }
        List<Double> rectangle = largestRectangle(zone);
        return Optional.of(new SafeZone(Profile.outlines(zone), rectangle));
    }

    /** The back face and the walls of the rabbet, as a thin strip on either side of them. */
    private static Geometry hiddenWalls(Section section) {
        double t = section.thickness().toMm();
        double w = section.width().toMm();
        double near = 1e-3;
        Geometry rabbet = Cutter.of(section, section.milling().rabbetAt());
        return Profile.overlay(Cutter.box(0, t - near, w, t + near), rabbet.buffer(near), OverlayNG.UNION);
    }

    /**
     * The largest upright rectangle, by trying every pair of columns of a fine grid and the room that all columns between
     * them share; exact to one column, and never outside the zone.
     */
    private static List<Double> largestRectangle(Geometry zone) {
        double left = zone.getEnvelopeInternal().getMinX();
        double step = zone.getEnvelopeInternal().getWidth() / COLUMNS;
        double[][] rooms = new double[COLUMNS + 1][];
        for (int i = 0; i <= COLUMNS; i++) {
            rooms[i] = tallest(zone, left + i * step);
        }
        List<Double> best = List.of(left, 0.0, left, 0.0);
        double most = -1;
        for (int i = 0; i < COLUMNS; i++) {
            double top = rooms[i][0];
            double bottom = rooms[i][1];
            for (int j = i + 1; j <= COLUMNS && bottom > top; j++) {
                top = Math.max(top, rooms[j][0]);
                bottom = Math.min(bottom, rooms[j][1]);
                double area = (j - i) * step * (bottom - top);
                if (bottom > top && area > most) {
                    most = area;
                    best = List.of(left + i * step, top, left + j * step, bottom);
                }
            }
        }
        return best;
    }

    private static double[] tallest(Geometry zone, double x) {
        double top = zone.getEnvelopeInternal().getMinY() - 1;
        double bottom = zone.getEnvelopeInternal().getMaxY() + 1;
        double inside = Math.max(zone.getEnvelopeInternal().getMinX() + 1e-6,
                Math.min(x, zone.getEnvelopeInternal().getMaxX() - 1e-6));
        Geometry cut = OverlayNGRobust.overlay(zone, FACTORY.createLineString(
                new Coordinate[]{new Coordinate(inside, top), new Coordinate(inside, bottom)}),
                OverlayNG.INTERSECTION);
        double[] best = {0, 0};
        List<Geometry> lines = new ArrayList<>();
        for (int i = 0; i < cut.getNumGeometries(); i++) {
            lines.add(cut.getGeometryN(i));
        }
        for (Geometry line : lines) {
            double from = line.getEnvelopeInternal().getMinY();
            double to = line.getEnvelopeInternal().getMaxY();
            if (to - from > best[1] - best[0]) {
                best = new double[]{from, to};
            }
        }
        return best;
    }
}
