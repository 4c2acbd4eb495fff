package neatcorner.section;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/**
 * The stick's end as polygons, from the blank to the finished section, one stage for each operation. Curves are run in
 * short straight steps, under 0.01 mm off for the radii of common bits.
 */
public final class Profile {
    /** Strips stay so far off the turns between them, since those are rounded: a turn inside would make it hollow, mm. */
    private static final double ROUNDED = 1e-4;
    /** Wood so thin holds nothing, mm. */
    private static final double HAIR = 0.02;

    private final Section section;
    private final Geometry blank;
    private final List<Stage> stages;

    /**
     * The stick's end before and after an operation.
     *
     * @param operation what is milled off
     * @param before    the wood that was there
     * @param removed   the wood it takes
     * @param after     the wood that stays
     */
    public record Stage(Operation operation, Geometry before, Geometry removed, Geometry after) {}

    private Profile(Section section, Geometry blank, List<Stage> stages) {
        this.section = section;
        this.blank = blank;
        this.stages = stages;
    }

    /** Every size must be positive; what makes no sense removes nothing, or all, and findings say so. */
    public static Profile of(Section section) {
        Geometry wood = blank(section);
        Geometry blank = wood;
        List<Stage> stages = new ArrayList<>();
        List<Operation> order = section.milling().order(section.rabbet());
        for (int i = 0; i < order.size(); i++) {
            Operation operation = order.get(i);
            Geometry removed = overlay(wood, Cutter.of(section, i, operation), OverlayNG.INTERSECTION);
            Geometry after = overlay(wood, removed, OverlayNG.DIFFERENCE);
            stages.add(new Stage(operation, wood, removed, after));
            wood = after;
        }
        return new Profile(section, blank, List.copyOf(stages));
    }

    /** Whose it is. */
    public Section section() {
        return section;
    }

    /** What each operation leaves, in order. */
    public List<Stage> stages() {
        return stages;
    }

    /** The wood after so many operations. */
    public Geometry after(int operations) {
        return operations == 0 ? blank : stages.get(operations - 1).after();
    }

    /** The finished section. */
    public Geometry finished() {
        return after(stages.size());
    }

    /** The finished section's wood between two distances from the front. */
    Geometry between(double front, double back) {
        double reach = section.width().toMm() + 1;
        return taken(finished(), Cutter.box(-1, front, reach, back));
    }

    /** Of the finished section, mm². */
    public double area() {
        return finished().getArea();
    }

    /** Distance of the finished section's centroid from the sight edge, mm; half the width when nothing is left. */
    public double centroidX() {
        return finished().isEmpty() ? section.width().toMm() / 2 : finished().getCentroid().getX();
    }

    /** Whether what is left is one piece of wood: what hangs on by a hair has come off. */
    public boolean isWhole() {
        return polygons(finished().buffer(-HAIR / 2)).size() == 1;
    }

    /** The part of some wood that belongs to one ply of a built-up section. */
    public Geometry ply(Geometry wood, int index) {
        return overlay(wood, plies(section, extra(section)).get(index), OverlayNG.INTERSECTION);
    }

    private static double extra(Section section) {
        return section.milling().operations().stream().filter(Operation.Rip.class::isInstance)
                .mapToDouble(rip -> Math.max(0, rip.size().toMm())).sum();
    }

    private static Geometry blank(Section section) {
        double extra = extra(section);
        Layers layers = section.milling().layers();
        if (layers.isEmpty()) {
            return Cutter.box(0, 0, section.width().toMm() + extra, section.thickness().toMm());
        }
        Geometry all = null;
        for (Geometry ply : plies(section, extra)) {
            all = all == null ? ply : overlay(all, ply, OverlayNG.UNION);
        }
        return Objects.requireNonNull(all);
    }

    private static List<Geometry> plies(Section section, double extra) {
        Layers layers = section.milling().layers();
        double w = section.width().toMm() + extra;
        double t = section.thickness().toMm();
        List<Geometry> plies = new ArrayList<>();
        double at = 0;
        for (int i = 0; i < layers.plies().size(); i++) {
            Ply ply = layers.plies().get(i);
            double size = ply.size().toMm();
            double inset = Math.max(0, ply.inset().toMm());
            boolean last = i == layers.plies().size() - 1;
            double to = last ? Math.max(at, layers.edgeToEdge() ? w : t) : at + size;
            plies.add(layers.edgeToEdge()
                    ? Cutter.box(at, inset, to, t)
                    : Cutter.box(0, at, Math.max(0, w - inset), to));
            at = to;
        }
        return plies;
    }

    /** Areas only: where wood and cut merely touch, nothing is left. */
    static Geometry overlay(Geometry a, Geometry b, int operation) {
        Geometry result = OverlayNGRobust.overlay(a, b, operation);
        return result instanceof Polygon
                ? result
                : result.getFactory().createMultiPolygon(polygons(result).toArray(Polygon[]::new));
    }

    /** The wood without what a tool sweeps. */
    public static Geometry without(Geometry wood, Geometry cut) {
        return overlay(wood, cut, OverlayNG.DIFFERENCE);
    }

    /** The wood that a tool sweeps. */
    public static Geometry taken(Geometry wood, Geometry cut) {
        return overlay(wood, cut, OverlayNG.INTERSECTION);
    }

    /** The closed outlines of some wood, holes left out. */
    public static List<List<Spot>> outlines(Geometry wood) {
        return polygons(wood).stream().map(polygon -> spots(polygon.getExteriorRing().getCoordinates())).toList();
    }

    static List<Polygon> polygons(Geometry wood) {
        List<Polygon> found = new ArrayList<>();
        for (int i = 0; i < wood.getNumGeometries(); i++) {
            if (wood.getGeometryN(i) instanceof Polygon polygon && polygon.getArea() > 1e-6) {
                found.add(polygon);
            }
        }
        return found;
    }

    private static List<Spot> spots(Coordinate[] ring) {
        List<Spot> spots = new ArrayList<>(ring.length - 1);
        for (int i = 0; i < ring.length - 1; i++) {
            spots.add(new Spot(ring[i].x, ring[i].y));
        }
        return spots;
    }

    /** Convex parts that make the wood up: upright strips between the places where its edge turns. */
    public static List<List<Spot>> strips(Geometry wood) {
        double[] xs = Arrays.stream(wood.getCoordinates()).mapToDouble(Coordinate::getX)
                .map(x -> Math.round(x * 1e4) / 1e4).sorted().distinct().toArray();
        Envelope box = wood.getEnvelopeInternal();
        List<List<Spot>> parts = new ArrayList<>();
        for (int i = 1; i < xs.length; i++) {
            if (xs[i] - xs[i - 1] < 1e-3) {
                continue;
            }
            Geometry slab = Cutter.box(xs[i - 1] + ROUNDED, box.getMinY() - 1, xs[i] - ROUNDED, box.getMaxY() + 1);
            parts.addAll(outlines(overlay(wood, slab, OverlayNG.INTERSECTION)));
        }
        return parts;
    }
}
