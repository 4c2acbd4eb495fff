package neatcorner.corner.solid;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import neatcorner.section.Profile;
import neatcorner.section.SafeZone;
import neatcorner.section.Section;
import neatcorner.section.Spot;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.triangulate.polygon.PolygonTriangulator;

/**
 * Where a stick's end is closed to a kind of part: air, and wood too near to a surface. Held as convex shapes that may
 * overlap, in the section's x (from the sight edge) and y (from the front).
 */
final class Walls {
    private static final double NEAR = 1e-6;
    private final double width;
    private static final GeometryFactory FACTORY = new GeometryFactory();

    private final double thickness;
    private final List<List<Spot>> closed;

    private Walls(double width, double thickness, List<List<Spot>> closed) {
        this.width = width;
        this.thickness = thickness;
        this.closed = closed;
    }

    static Walls of(Profile profile, Margins margins, Lean lean) {
        Section section = profile.section();
        SafeZone.Edges edges = new SafeZone.Edges(margins.front(),
                margins.equals(Margins.WITHIN) ? 0 : margins.outer(), margins.sight(), margins.hidden(),
                margins.back());
        if (lean.isFlat()) {
            return of(section.width().toMm(), section.thickness().toMm(), SafeZone.closed(profile, edges));
        }
        double w = section.reach(lean.slope()).toMm();
        double t = lean.deep(section);
        Geometry box = FACTORY.toGeometry(new Envelope(0, w, 0, t));
        Geometry closed = Profile.without(box, lean.turn().transform(SafeZone.open(profile, edges)));
        return of(w, t, margins.isOpenOutside()
                ? Profile.without(closed, lean.turn().transform(outside(section, lean, w + t)))
                : closed);
    }

    /** The air outside the outer face, where something may come in from; of upright faces, outside their backs too. */
    private static Geometry outside(Section section, Lean lean, double far) {
        double w = section.width().toMm();
        double t = section.thickness().toMm();
        Geometry beside = FACTORY.toGeometry(new Envelope(w, w + far, -far, t + far));
        double dx = far * lean.slope().cos();
        double dy = far * lean.slope().sin();
        return !lean.isUpright()
                ? beside
                : beside.union(FACTORY.createPolygon(new Coordinate[]{new Coordinate(0, t), new Coordinate(w, t),
                    new Coordinate(w + dx, t + dy), new Coordinate(dx, t + dy), new Coordinate(0, t)}));
    }

    private static Walls of(double w, double t, Geometry closed) {
        return new Walls(w, t, closed.isEmpty()
                ? List.of()
                : Profile.outlines(PolygonTriangulator.triangulate(closed)));
    }

    double width() {
        return width;
    }

    double thickness() {
        return thickness;
    }

    /** A run of places from one to another. */
    record Run(double from, double to) {

        double length() {
            return to - from;
        }

        double middle() {
            return (from + to) / 2;
        }
    }

    /** Where along the width the wood is open all the way between two depths. */
    List<Run> across(double front, double back) {
        return open(front, back, false, width);
    }

    /** Where along the thickness the wood is open all the way between two places across. */
    List<Run> through(double left, double right) {
        return open(left, right, true, thickness);
    }

    private List<Run> open(double from, double to, boolean byX, double end) {
        List<Run> shut = new ArrayList<>();
        for (List<Spot> shape : closed) {
            double low = Double.MAX_VALUE;
            double high = -Double.MAX_VALUE;
            for (int i = 0; i < shape.size(); i++) {
                Spot a = shape.get(i);
                Spot b = shape.get((i + 1) % shape.size());
                double a0 = byX ? a.x() : a.y();
                double b0 = byX ? b.x() : b.y();
                double a1 = byX ? a.y() : a.x();
                double b1 = byX ? b.y() : b.x();
                double enters = a0 == b0
                        ? 0
                        : Math.max(0, Math.min((from + NEAR - a0) / (b0 - a0),
                                (to - NEAR - a0) / (b0 - a0)));
                double leaves = a0 == b0
                        ? 1
                        : Math.min(1, Math.max((from + NEAR - a0) / (b0 - a0),
                                (to - NEAR - a0) / (b0 - a0)));
                boolean inside = a0 == b0 ? a0 > from + NEAR && a0 < to - NEAR : enters < leaves;
                if (inside) {
                    for (double share : new double[]{enters, leaves}) {
                        double at = a1 + (b1 - a1) * share;
                        low = Math.min(low, at);
                        high = Math.max(high, at);
                    }
                }
            }
            if (low < high - NEAR) {
                shut.add(new Run(low, high));
            }
        }
        shut.sort(Comparator.comparingDouble(Run::from));
        List<Run> runs = new ArrayList<>();
        double at = 0;
        for (Run run : shut) {
            if (run.from > at + NEAR) {
                runs.add(new Run(at, run.from));
            }
            at = Math.max(at, run.to);
        }
        if (end > at + NEAR) {
            runs.add(new Run(at, end));
        }
        return runs;
    }
}
