package neatcorner.station.hanging;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import neatcorner.measure.Length;
import neatcorner.outline.Contours;
import neatcorner.plan.Across;
import neatcorner.plan.Plan;
import neatcorner.section.Profile;
import neatcorner.section.Section;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/**
 * The wood that a frame's hardware is screwed into: of all rings the outermost that has room, since it carries the others.
 *
 * @param name    of the ring; empty for the frame itself
 * @param section of its wood
 * @param edges   of it
 * @param in      from its outer edge to the middle of the strip that lies open at the back
 * @param wide    that strip
 * @param deep    wood in front of the strip
 */
public record HangerWood(String name, Section section, Contours edges, Length in, Length wide, Length deep) {
    private static final GeometryFactory FACTORY = new GeometryFactory();
    /** Backs so far apart are at one depth, mm. */
    private static final double FLUSH = 0.5;
    /** Half the strip in which wood has to be as deep as it is said to be, mm: that of the thinnest screw. */
    private static final double ZONE = 7.5;

    /** A ring as it lies, the frame among them; places as in {@link Across}. */
    private record Lying(String name, Section section, Contours edges, double out, double front) {

        double outer() {
            return out + section.width().toMm();
        }

        double back() {
            return front + section.thickness().toMm();
        }

        boolean liesOn(Lying other) {
            return !other.equals(this) && Math.abs(other.back() - front) < FLUSH;
        }

        boolean covers(double from, double to) {
            return out < to - 1e-6 && outer() > from + 1e-6;
        }
    }

    /** A run across a back. */
    private record Run(double from, double to) {

        double wide() {
            return to - from;
        }

        List<Run> splitAt(double place) {
            return place > from && place < to ? List.of(new Run(from, place), new Run(place, to)) : List.of(this);
        }
    }

    /** Whether its strip is so wide, and the wood behind that so deep. */
    boolean has(Length leastWide, Length leastDeep) {
        return !wide.isLessThan(leastWide) && !deep.isLessThan(leastDeep);
    }

    /** The outermost that has room; else the one that comes nearest to it, which {@link #has} tells apart. */
    static HangerWood of(Plan plan, Length leastWide, Length leastDeep) {
        List<HangerWood> all = all(plan);
        return all.stream().filter(each -> each.has(leastWide, leastDeep)).findFirst()
                .orElseGet(() -> all.stream().max(Comparator.comparingDouble(each -> Math.min(
                        each.wide.over(leastWide), each.deep.over(leastDeep)))).orElseThrow());
    }

    /** The outermost first. */
    private static List<HangerWood> all(Plan plan) {
        List<Lying> lying = new ArrayList<>();
        lying.add(new Lying("", plan.job().section(), Objects.requireNonNull(plan.contours()), 0, 0));
        for (Across.Lying ring : Across.of(plan).rings()) {
            Optional.ofNullable(ring.cut().contours()).ifPresent(edges -> lying.add(
                    new Lying(ring.ring().name(), ring.section(), edges, ring.out(), ring.front())));
        }
        lying.sort(Comparator.comparingDouble(Lying::outer).reversed());
        return lying.stream().flatMap(each -> open(each, lying).stream().map(run -> of(each, run, lying))).toList();
    }

    private static HangerWood of(Lying each, Run run, List<Lying> all) {
        double middle = (run.from + run.to) / 2;
        double half = Math.min(ZONE, run.wide() / 2);
        return new HangerWood(each.name, each.section, each.edges, Length.mm(each.outer() - middle),
                Length.mm(run.wide()), Length.mm(deep(each, all, middle - half, middle + half)));
    }

    /**
     * What of a back is wood that nothing lies behind; apart where something ends that it lies on. An empty run where all of it
     * is covered.
     */
    private static List<Run> open(Lying each, List<Lying> all) {
        List<Run> open = List.of(new Run(each.out + each.section.rabbet().widest().toMm(), each.outer()));
        for (Lying other : all) {
            if (!other.equals(each) && other.back() > each.back() + FLUSH && other.front >= each.back() - FLUSH) {
                open = open.stream().flatMap(run -> Stream.of(new Run(run.from, Math.min(run.to, other.out)),
                        new Run(Math.max(run.from, other.outer()), run.to))).filter(run -> run.wide() > 0).toList();
            }
            if (each.liesOn(other)) {
                open = open.stream().flatMap(run -> run.splitAt(other.out).stream())
                        .flatMap(run -> run.splitAt(other.outer()).stream()).toList();
            }
        }
        return open.isEmpty() ? List.of(new Run(each.outer(), each.outer())) : open;
    }

    /** Wood in front of a back's strip, and of what that lies on with its whole front. */
    private static double deep(Lying each, List<Lying> all, double from, double to) {
        double own = wood(each.section, from - each.out, to - each.out);
        if (own < each.section.thickness().toMm() - FLUSH) {
            return own;
        }
        return own + all.stream().filter(other -> each.liesOn(other) && other.covers(from, to))
                .mapToDouble(other -> wood(other.section, from - other.out, to - other.out)).max().orElse(0);
    }

    /** From the back to the first air that a profile leaves between two places across, mm. */
    private static double wood(Section section, double from, double to) {
        double thickness = section.thickness().toMm();
        if (!section.isSound() || to <= from) {
            return 0;
        }
        Geometry air = Profile.without(FACTORY.toGeometry(new Envelope(from, to, 0, thickness)),
                Profile.of(section).finished());
        return air.getArea() < 1e-6 ? thickness : Math.max(0, thickness - air.getEnvelopeInternal().getMaxY());
    }
}
