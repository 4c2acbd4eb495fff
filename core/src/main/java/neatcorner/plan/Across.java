package neatcorner.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import neatcorner.fitout.Bite;
import neatcorner.fitout.Screws;
import neatcorner.fitout.SizeOf;
import neatcorner.job.CutRing;
import neatcorner.job.Hold;
import neatcorner.job.Ring;
import neatcorner.measure.Length;
import neatcorner.outline.Opening;
import neatcorner.section.Profile;
import neatcorner.section.Section;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * A side of the frame cut square across, with all that lies in, behind and round it. Places are in mm: outwards from the
 * frame's sight edge, and backwards from its front.
 *
 * @param rings   those that have a place, in the job's order
 * @param content what is held; null where there is nothing to see of it
 */
public record Across(List<Lying> rings, @Nullable Content content) {
    private static final Derived<Across> ACROSS = new Derived<>(Across::work);
    /** Wood that touches does not clash, mm². */
    private static final double TOUCHING = 0.05;

    /**
     * A ring.
     *
     * @param ring  as its maker set it against another
     * @param cut   as it is cut
     * @param out   where its sight edge lies
     * @param front where its front lies
     */
    public record Lying(Ring ring, CutRing cut, double out, double front) {

        /** Where its outer edge lies. */
        public double outer() {
            return out + section().width().toMm();
        }

        /** Where its back lies. */
        public double back() {
            return front + section().thickness().toMm();
        }

        /** What it is cut to. */
        public Section section() {
            return cut.section();
        }

        Geometry wood() {
            return at(section(), out, front);
        }
    }

    /**
     * What is held.
     *
     * @param edge  where its outer edge lies
     * @param front where it begins
     * @param back  where it ends
     */
    public record Content(double edge, double front, double back) {}

    public Across {
        rings = List.copyOf(rings);
    }

    /** Of a plan; without rings where there is no frame. */
    public static Across of(Plan plan) {
        return Objects.requireNonNull(plan.derived(ACROSS));
    }

    private static Across work(Plan plan) {
        Map<String, Double> fronts = new HashMap<>();
        Map<String, Section> sections = new HashMap<>();
        fronts.put("", 0.0);
        sections.put("", plan.job().section());
        List<CutRing> waiting = new ArrayList<>(plan.rings().stream().filter(ring -> ring.contours() != null).toList());
        Map<CutRing, Lying> lying = new HashMap<>();
        for (int round = waiting.size(); round > 0 && !waiting.isEmpty(); round--) {
            for (CutRing ring : List.copyOf(waiting)) {
                Ring set = Objects.requireNonNull(ring.ring());
                Ring.Place place = set.place();
                if (fronts.containsKey(place.of())) {
                    Section base = Objects.requireNonNull(sections.get(place.of()));
                    double front = front(plan, place, base, Objects.requireNonNull(fronts.get(place.of())));
                    lying.put(ring, new Lying(set, ring, ring.placed().beyond(), front));
                    fronts.putIfAbsent(ring.name(), front);
                    sections.putIfAbsent(ring.name(), ring.section());
                    waiting.remove(ring);
                }
            }
        }
        List<Lying> rings = plan.rings().stream().map(lying::get).filter(Objects::nonNull).toList();
        return new Across(rings, content(plan, rings));
    }

    /** Where a ring's front comes to lie: on the rabbet's floor or behind the pack, flush in front, or on the back. */
    private static double front(Plan plan, Ring.Place place, Section base, double baseFront) {
        Length own = place.front();
        if (own != null) {
            return own.toMm();
        }
        if (!place.isInside()) {
            return baseFront;
        }
        return baseFront + switch (place.edge()) {
            case SIGHT, ART -> 0;
            case OUTSIDE -> base.thickness().toMm();
            case RABBET -> base.lip().toMm() + (plan.job().hold().isInRabbet() && place.of().isEmpty()
                    ? plan.job().pack().thickness().toMm()
                    : 0);
        };
    }

    private static @Nullable Content content(Plan plan, List<Lying> rings) {
        if (plan.contours() == null) {
            return null;
        }
        double wall = plan.seat().wall().toMm();
        Section section = plan.job().section();
        double edge = plan.job().hold().beyond(Length.mm(wall)).toMm()
                + (plan.job().hold().follows() == SizeOf.OUTSIDE ? section.width().toMm() : 0);
        Length deep = plan.job().pack().thickness();
        Length front = plan.job().hold().front(section,
                carrier(rings, edge).map(ring -> Length.mm(ring.front())).orElse(section.lip()), deep);
        return front == null ? null : new Content(edge, front.toMm(), front.plus(deep).toMm());
    }

    /** The ring that carries what floats or lies in a panel: the first that reaches behind it. */
    public Optional<Lying> carrier() {
        Content held = content;
        return held == null ? Optional.empty() : carrier(rings, held.edge);
    }

    private static Optional<Lying> carrier(List<Lying> rings, double edge) {
        return rings.stream().filter(ring -> ring.ring.place().isInside() && ring.front > 0 && ring.out < edge)
                .findFirst();
    }

    /** Whether a ring lies inside what it is set against, and not round it. */
    public boolean isInside(Lying ring) {
        return ring.ring.place().isInside();
    }

    /** How far the carrier reaches behind what it carries; empty without one. */
    public Optional<Length> bearing() {
        Content held = content;
        return held == null ? Optional.empty() : carrier().map(ring -> Length.mm(held.edge - ring.out));
    }

    /** The bar behind the pack that hangers are screwed to; empty where there is none. */
    public Optional<Lying> strainer(Plan plan) {
        return plan.job().hold().isInRabbet()
                ? rings.stream().filter(ring -> ring.ring.screws() != null && ring.front > 0
                        && ring.ring.place().isInside())
                        .findFirst()
                : Optional.empty();
    }

    /**
     * What a ring's screws go through and into: from behind through a carrier into what it carries; sideways through a ring
     * inside the frame into its wall; from outside through a band into what it goes round. Empty where it has no screws, and
     * where they meet no wood.
     */
    public Optional<Bite> bite(Plan plan, Lying ring) {
        Screws screws = ring.ring.screws();
        if (screws == null) {
            return Optional.empty();
        }
        Section own = ring.section();
        Length spare = Bite.spare(plan.job().units());
        Content held = content;
        if (held != null && carries(plan, ring)) {
            return Optional.of(new Bite(screws.length(), own.thickness(), Length.mm(held.back - held.front),
                    plan.job().hold() instanceof Hold.Panel ? Bite.spareInPanel(plan.job().units()) : spare));
        }
        return contact(plan, ring).map(at -> new Bite(screws.length(), at.through(), at.into(), spare));
    }

    /**
     * What is seen through the frame: its sight size, or that of a ring which lies inside it in front of what is held. As the frame's
     * own sizes are measured.
     */
    public Opening seen(Plan plan) {
        Content held = content;
        Opening sight = plan.sizes().sight();
        return rings.stream().filter(ring -> ring.out < -0.05 && (held == null || ring.front < held.front - 0.05))
                .map(ring -> sight.grown(Length.mm(ring.out)))
                .min(Comparator.comparingDouble(Opening::areaM2)).orElse(sight);
    }

    /** Where a ring lies against what it is set against; empty where it meets no wood there. */
    public Optional<Contact> contact(Plan plan, Lying ring) {
        return Contact.of(plan, rings, ring);
    }

    /** Whether a ring carries what is held, and is not only fastened to wood. */
    public boolean carries(Plan plan, Lying ring) {
        return content != null && !plan.job().hold().isInRabbet() && carrier().filter(ring::equals).isPresent();
    }

    /** How far a ring reaches into what is held, before or behind its own place; nothing where it lies clear of it. */
    public Length intoContent(Lying ring) {
        Content held = content;
        if (held == null) {
            return Length.ZERO;
        }
        double deep = Math.min(ring.back(), held.back) - Math.max(ring.front, held.front);
        return ring.out < held.edge - 0.05 && deep > 0.05 ? Length.mm(deep) : Length.ZERO;
    }

    /** How far a ring in the rabbet or the opening stands out behind the hindmost back round it; negative where it lies within. */
    public Length proud(Plan plan, Lying ring) {
        double back = rings.stream().filter(other -> !isInside(other)).mapToDouble(Lying::back)
                .reduce(plan.job().section().thickness().toMm(), Math::max);
        return Length.mm(ring.back() - back);
    }

    /** Two rings whose wood would be in one place; the frame itself has no name. */
    public record Clash(String ring, String other) {}

    /** All pairs that lie in each other's wood. */
    public List<Clash> clashes(Plan plan) {
        List<Clash> clashes = new ArrayList<>();
        Section frame = plan.job().section();
        if (!frame.isSound()) {
            return clashes;
        }
        for (int i = 0; i < rings.size(); i++) {
            Lying one = rings.get(i);
            if (!one.section().isSound()) {
                continue;
            }
            if (meets(one.out, one.front, one.outer(), one.back(), 0, 0, frame.width().toMm(),
                    frame.thickness().toMm()) && shared(one.wood(), at(frame, 0, 0))) {
                clashes.add(new Clash(one.ring.name(), ""));
            }
            for (Lying other : rings.subList(i + 1, rings.size())) {
                if (other.section().isSound() && meets(one.out, one.front, one.outer(), one.back(), other.out,
                        other.front, other.outer(), other.back()) && shared(one.wood(), other.wood())) {
                    clashes.add(new Clash(one.ring.name(), other.ring.name()));
                }
            }
        }
        return clashes;
    }

    private static boolean meets(double x, double y, double right, double bottom, double x2, double y2, double right2,
            double bottom2) {
        double across = Math.min(right, right2) - Math.max(x, x2);
        double down = Math.min(bottom, bottom2) - Math.max(y, y2);
        return across > 0 && down > 0 && across * down > TOUCHING;
    }

    private static boolean shared(Geometry one, Geometry other) {
        return Profile.taken(one, other).getArea() > TOUCHING;
    }

    private static Geometry at(Section section, double out, double front) {
        return AffineTransformation.translationInstance(out, front).transform(Profile.of(section).finished());
    }
}
