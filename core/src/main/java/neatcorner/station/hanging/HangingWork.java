package neatcorner.station.hanging;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import neatcorner.drawing.Box;
import neatcorner.drawing.FrameFront;
import neatcorner.drawing.MemberMarks;
import neatcorner.fitout.AdhesiveZone;
import neatcorner.hanging.Beam;
import neatcorner.hanging.HangBy;
import neatcorner.hanging.Hanging;
import neatcorner.hanging.Hook;
import neatcorner.hanging.Link;
import neatcorner.hanging.Screwing;
import neatcorner.hanging.Strength;
import neatcorner.hanging.Wire;
import neatcorner.job.Job;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Mass;
import neatcorner.measure.Units;
import neatcorner.member.MemberKind;
import neatcorner.outline.Contours;
import neatcorner.outline.Loop;
import neatcorner.outline.Vertex;
import neatcorner.piece.Piece;
import neatcorner.plan.Across;
import neatcorner.plan.Derived;
import neatcorner.plan.Plan;
import neatcorner.section.Section;
import org.jspecify.annotations.Nullable;

/**
 * How one frame hangs.
 *
 * @param by     what its maker chose, where it hangs on a wall
 * @param width  of the frame, outside
 * @param height of the frame, outside
 * @param mass   that hangs
 * @param rings  where rings are, if it has any
 * @param wire   between them; null without one
 * @param drop   from the top edge down to what is hung on
 * @param hooks  on the wall, from left to right
 * @param bends  of straight sides under a wire
 * @param upon   what it hangs from
 * @param into   the wood that its hardware is screwed into; null where there is none
 * @param screws of each ring or plate; null where there is no wood for any
 * @param chain  all that carries it, but for screws and hooks
 */
public record HangingWork(HangBy by, Length width, Length height, Mass mass, @Nullable Rings rings, @Nullable Wire wire,
        Length drop, List<Hook> hooks, List<Bend> bends, Upon upon, @Nullable HangerWood into,
        @Nullable Screwing screws,
        List<Link> chain) {
    private static final Derived<HangingWork> WORK = new Derived<>(plan -> plan.contours() == null
            ? null
            : of(plan,
                    plan.contours()));
    /** Within sides so deep a cleat lies under the top, screwed to that from inside, mm. */
    private static final double DEEP = 40;
    /** A frame's own leg, and strips, are as wide apart as this share of it. */
    private static final double SPREAD = 0.8;
    /** How far a frame on a leg leans back: 15 to 20°, common practice. */
    static final Angle LEAN = Angle.ofDegrees(17.5);
    /** How far up a leg is hinged: common practice. */
    static final double HINGED = 2.0 / 3;

    /** A leg whose foot stands on the table. */
    static Length leg(Length height) {
        return height.scaled(HINGED / LEAN.cos());
    }

    /** What carries a frame. */
    public enum Upon {
        /** Hooks, screws or strips on a wall, or a shelf. */
        WALL,
        /** The mirror that it is glued to. */
        MIRROR,
        /** Its own hinges. */
        HINGES;

        static Upon of(Plan plan) {
            if (plan.job().hold().staysUp()) {
                return MIRROR;
            }
            return hinges(plan) > 0 ? HINGES : WALL;
        }
    }

    /**
     * Two rings at one height.
     *
     * @param depth below the top edge
     * @param left  of the middle of the outline's box, mm; seen from the front
     * @param right likewise
     */
    public record Rings(Length depth, double left, double right) {

        /** From one to the other. */
        public Length span() {
            return Length.mm(right - left);
        }
    }

    /**
     * A side that the wire pulls in.
     *
     * @param by     the largest deflection, mm
     * @param force  newtons
     * @param at     from the nearer end
     * @param length of the side
     */
    public record Bend(Piece piece, double by, double force, Length at, Length length) {}

    public HangingWork {
        hooks = List.copyOf(hooks);
        bends = List.copyOf(bends);
        chain = List.copyOf(chain);
    }

    /** How many hinges are put on a frame. */
    static int hinges(Plan plan) {
        return plan.job().members().stream()
                .mapToInt(member -> member.kind() instanceof MemberKind.Bought bought
                        && bought.fitting() == MemberKind.Fitting.HINGES ? bought.count() : 0)
                .sum();
    }

    /** Of a plan; empty where there is no frame. */
    public static Optional<HangingWork> of(Plan plan) {
        return Optional.ofNullable(plan.derived(WORK));
    }

    /** As if it hung in another way. */
    public static HangingWork as(Plan plan, Hanging hanging) {
        return work(plan, Objects.requireNonNull(plan.contours()), hanging);
    }

    private static HangingWork of(Plan plan, Contours contours) {
        return work(plan, contours, plan.job().hanging());
    }

    private static HangingWork work(Plan plan, Contours contours, Hanging hanging) {
        Loop outline = outermost(plan, contours);
        Length width = Length.mm(outline.right() - outline.left());
        Length height = Length.mm(outline.bottom() - outline.top());
        Mass mass = plan.weight().total();
        Upon upon = Upon.of(plan);
        Length drop = Length.mm(plan.job().section().width().toMm() / 2);
        if (upon != Upon.WALL) {
            return new HangingWork(hanging.by(), width, height, mass, null, null, drop, List.of(), List.of(), upon,
                    null, null,
                    upon == Upon.MIRROR ? List.of(glued(plan, mass)) : List.of());
        }
        HangerWood into = HangerWood.of(plan, room(hanging.by()), Screwing.leastDeep());
        Rings rings = hanging.by().hasRings() ? rings(into, outline, hanging.rings().in(height)) : null;
        Wire wire = null;
        List<Bend> bends = List.of();
        if (rings != null && hanging.by() == HangBy.WIRE) {
            Length apart = hanging.hooks() > 1 ? hanging.apart().times(hanging.hooks() - 1) : Length.ZERO;
            Units units = plan.job().units();
            Angle asked = hanging.angle();
            Angle angle = asked == null
                    ? Wire.usual(rings.span(), apart, rings.depth, Wire.hidden(units))
                    : asked;
            wire = Wire.of(mass, rings.span(), rings.depth, angle, apart, Wire.wrap(units));
            drop = wire.drop();
            bends = bends(plan, contours, rings, outline, wire.pull());
        } else if (rings != null) {
            drop = rings.depth;
        }
        List<Link> chain = Strength.chain(hanging, mass, wire, plan.job().section().thickness().toMm(), height.toMm());
        return new HangingWork(hanging.by(), width, height, mass, rings, wire, drop,
                hooks(hanging, hanging.centre().plus(height.scaled(0.5)).minus(drop), mass, rings, width), bends, upon,
                into, screws(hanging.by(), into, chain), chain);
    }

    /** How wide a strip of wood a way of hanging takes: room for its screws, or for its plate. */
    static Length room(HangBy by) {
        return switch (by) {
            case WIRE, D_RINGS, CLEAT, STRIPS -> Screwing.leastWide();
            case KEYHOLES, SCREWS -> Length.mm(20);
            case SAWTOOTH -> Length.mm(10);
            case EASEL -> Length.ZERO;
        };
    }

    /** Of each ring or plate, which pulls along the back; null where nothing is screwed, or nothing holds a screw. */
    private static @Nullable Screwing screws(HangBy by, HangerWood into, List<Link> chain) {
        return by.hasRings()
                ? Screwing.in(into.wide(), into.deep(), into.section().wood().specificGravity(),
                        chain.getLast().carries().kilograms() * Hanging.GRAVITY).orElse(null)
                : null;
    }

    /** Whether there is wood for what it hangs by. */
    public boolean hasWood() {
        boolean inside = by == HangBy.CLEAT && into != null && into.section().thickness().toMm() >= DEEP;
        return into == null || inside || into.has(room(by), by == HangBy.EASEL || by == HangBy.STRIPS
                ? Length.ZERO
                : Screwing.leastDeep());
    }

    private static Link glued(Plan plan, Mass mass) {
        double zone = Math.max(0, AdhesiveZone.of(plan.job().section().width(), plan.job().units()).toMm());
        double length = plan.pieces().stream().mapToDouble(piece -> piece.sight().toMm()).sum();
        return new Link(Link.Part.ADHESIVE, mass, new Mass(zone * length * Strength.ADHESIVE / Hanging.GRAVITY), 1);
    }

    /** The outline of what is seen: of the frame, of a ring that goes round it, or the box round all where a part stands out. */
    static Loop outermost(Plan plan, Contours contours) {
        Loop outermost = contours.outside();
        for (Across.Lying ring : Across.of(plan).rings()) {
            Contours edges = ring.cut().contours();
            if (edges != null && Math.abs(edges.outside().area()) > Math.abs(outermost.area())) {
                outermost = edges.outside();
            }
        }
        Box frame = FrameFront.box(outermost);
        Box all = MemberMarks.around(plan, frame);
        return all.equals(frame)
                ? outermost
                : new Loop(all.corners().stream().map(corner -> new Vertex(corner.x(), corner.y())).toList());
    }

    /** In the middle of the strip that they are screwed to; null where no wood is at that height on both sides. */
    private static @Nullable Rings rings(HangerWood into, Loop outline, Length depth) {
        List<Double> across = crossings(into.edges().outside(), outline.top() + depth.toMm());
        double middle = (outline.left() + outline.right()) / 2;
        double in = into.in().toMm();
        return across.size() < 2
                ? null
                : new Rings(depth, across.getFirst() + in - middle, across.getLast() - in - middle);
    }

    /** Where a level line crosses a loop, from left to right, mm. */
    private static List<Double> crossings(Loop loop, double y) {
        List<Double> across = new ArrayList<>();
        for (int i = 0; i < loop.sides(); i++) {
            Vertex a = loop.at(i);
            Vertex b = loop.at(i + 1);
            if (a.y() > y != b.y() > y) {
                across.add(a.x() + (y - a.y()) / (b.y() - a.y()) * (b.x() - a.x()));
            }
        }
        across.sort(Double::compare);
        return across;
    }

    private static List<Bend> bends(Plan plan, Contours contours, Rings rings, Loop outline, double pull) {
        double y = outline.top() + rings.depth.toMm();
        List<Bend> bends = new ArrayList<>();
        if (!contours.segments().isEmpty() || !plan.job().section().isSound()
                || plan.pieces().stream().anyMatch(piece -> plan.job().section().secondMoment(piece.face()) <= 0)) {
            return bends;
        }
        Loop edge = contours.outside();
        boolean braced = isBraced(plan, y);
        Optional<Across.Lying> strainer = Across.of(plan).strainer(plan);
        for (int i = 0; i < edge.sides(); i++) {
            Vertex a = edge.at(i);
            Vertex b = edge.at(i + 1);
            if (a.y() > y != b.y() > y) {
                double length = a.distanceTo(b);
                double at = Math.abs((y - a.y()) / (b.y() - a.y())) * length;
                double across = pull * Math.abs(b.y() - a.y()) / length;
                Piece piece = plan.pieces().get(i);
                Beam beam = beam(plan.job().section(), piece.face(), length);
                double by = braced
                        ? 0
                        : strainer.map(bar -> beam.with(beam(bar.section(), bar.section().width(), length)))
                                .orElse(beam).deflection(across, at);
                bends.add(new Bend(piece, by, across, Length.mm(Math.min(at, length - at)), Length.mm(length)));
            }
        }
        return bends;
    }

    /** Whether a level bar reaches from side to side where the wire pulls, so that they cannot come nearer. */
    private static boolean isBraced(Plan plan, double y) {
        return plan.members().stream()
                .filter(made -> made.member().kind() instanceof MemberKind.Bar bar && !bar.upright())
                .flatMap(made -> made.shapes().stream()).anyMatch(shape -> {
                    double top = shape.outline().stream().mapToDouble(Vertex::y).min().orElse(y);
                    double bottom = shape.outline().stream().mapToDouble(Vertex::y).max().orElse(y);
                    double reach = bottom - top;
                    return y > top - reach && y < bottom + reach;
                });
    }

    private static Beam beam(Section section, Length face, double length) {
        return new Beam(length, section.wood().stiffness(), section.secondMoment(face));
    }

    private static List<Hook> hooks(Hanging hanging, Length height, Mass mass, @Nullable Rings rings, Length width) {
        int count = hanging.fixings();
        List<Hook> hooks = new ArrayList<>();
        Length apart = switch (hanging.by()) {
            case D_RINGS, KEYHOLES -> rings == null ? Length.ZERO : rings.span();
            case WIRE, CLEAT, SCREWS -> hanging.apart();
            case STRIPS -> count > 1 ? width.scaled(SPREAD / (count - 1)) : Length.ZERO;
            case SAWTOOTH, EASEL -> Length.ZERO;
        };
        double middle = rings == null ? 0 : (rings.left + rings.right) / 2;
        for (int i = 0; i < count; i++) {
            Length from = Length.mm(middle + apart.toMm() * (i - (count - 1) / 2.0));
            hooks.add(new Hook(height, from, new Mass(mass.kilograms() * share(hanging.by(), i, count))));
        }
        return hooks;
    }

    /** A wire is straight over the hooks between the outer two, and straight wire presses on nothing (statics). */
    private static double share(HangBy by, int hook, int count) {
        if (by != HangBy.WIRE || count < 3) {
            return 1.0 / count;
        }
        return hook == 0 || hook == count - 1 ? 0.5 : 0;
    }

    /** The most that one fixing carries; zero without one. */
    public Mass load() {
        return hooks.isEmpty() ? Mass.ZERO : hooks.getFirst().load();
    }

    /** The largest bend, mm. */
    public double worst() {
        return bends.stream().mapToDouble(Bend::by).max().orElse(0);
    }

    /** How the top edge stands above the floor. */
    public Length top(Job job) {
        return job.hanging().centre().plus(height.scaled(0.5));
    }

    /** How far the usual cleat holds a frame off its wall: common practice. */
    static Length cleatThick(Units units) {
        return units.either(12, 1.0 / 2);
    }
}
