package neatcorner.corner.solid;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.DoublePredicate;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.measure.Length;
import neatcorner.outline.Vertex;
import neatcorner.section.Spot;

/**
 * What the parts of a corner run into. A slab is split at the seams into what lies in each piece; each of those must lie, all
 * the way from its front to its back, in one run of open wood of that piece's section. That is exact, since both are convex
 * in the plane.
 */
final class Clearance {
    /** Wood between two parts, mm: common practice. */
    static final double BETWEEN = 2;
    /** Farther than this a part is called free to move, mm. */
    static final double FREE = 200;
    private static final double EPSILON = 1e-6;
    /** A fault smaller than this is rounding, mm. */
    private static final double FINEST = 1e-4;

    private final CornerWood wood;
    private final List<Part> parts;

    Clearance(CornerWood wood, List<Part> parts) {
        this.wood = wood;
        this.parts = parts;
    }

    /** At most one for each part and thing it runs into. */
    List<Clash> clashes() {
        List<Clash> all = new ArrayList<>();
        for (int i = 0; i < parts.size(); i++) {
            all.addAll(withWood(i));
            for (int j = 0; j < i; j++) {
                double gap = parts.get(i).gapTo(parts.get(j));
                if (gap < BETWEEN - EPSILON) {
                    boolean into = gap < EPSILON;
                    all.add(new Clash(i, Clash.With.PART, j, into ? 0 : BETWEEN - gap, into, into, null));
                }
            }
        }
        return all;
    }

    private List<Clash> withWood(int index) {
        Part part = parts.get(index);
        if (part.kind() == ReinforcementKind.BLOCK) {
            return inRabbet(index);
        }
        Map<Clash.With, Hit> near = worst(hits(part, margins(part)));
        if (near.isEmpty()) {
            return List.of();
        }
        Map<Clash.With, Hit> grave = worst(hits(part, hard(part.kind())));
        boolean open = margins(part).isOpenOutside();
        Map<Clash.With, Hit> through = worst(hits(part, open || wood.lean().isFlat() ? Margins.NONE : Margins.WITHIN));
        near.putAll(grave);
        near.putAll(through);
        List<Clash> clashes = new ArrayList<>();
        near.forEach((with, hit) -> clashes.add(new Clash(index, with, -1, hit.by,
                through.containsKey(with) || grave.containsKey(with), through.containsKey(with), hit.where)));
        return clashes;
    }

    private static Map<Clash.With, Hit> worst(List<Hit> hits) {
        Map<Clash.With, Hit> worst = new EnumMap<>(Clash.With.class);
        hits.forEach(hit -> worst.merge(hit.with, hit, (a, b) -> a.by >= b.by ? a : b));
        return worst;
    }

    private Margins margins(Part part) {
        return Manner.of(part.kind()).margins().apply(wood.corner().interior().radians());
    }

    /** A mortise breaks out when less than 3 mm of wood are left along its depth (common practice). */
    private Margins hard(ReinforcementKind kind) {
        return kind.isMortised()
                ? new Margins(0, 3 * Math.abs(Math.cos(wood.corner().interior().radians() / 2)), 0, 0, 0, 0)
                : Margins.NONE;
    }

    /** Blocks stand in the rabbet, behind the pack. */
    private List<Clash> inRabbet(int index) {
        double over = parts.get(index).slabs().getFirst().thickness() - wood.behindPack().toMm();
        boolean noPack = !wood.behindPack().isLessThan(wood.section().rabbet().depth());
        return over > EPSILON
                ? List.of(new Clash(index, noPack ? Clash.With.FACE : Clash.With.PACK, -1, over, true, true,
                        parts.get(index).slabs().getFirst()))
                : List.of();
    }

    /** Whether a part, as it is or swept over a way, keeps clear of the wood's surfaces and of all other parts. */
    boolean isClear(Part part, int index) {
        if (part.kind() == ReinforcementKind.BLOCK) {
            return inRabbet(index).isEmpty();
        }
        if (!hits(part, margins(part)).isEmpty()) {
            return false;
        }
        for (int i = 0; i < parts.size(); i++) {
            if (i != index && part.gapTo(parts.get(i)) < BETWEEN - EPSILON) {
                return false;
            }
        }
        return true;
    }

    private record Hit(Clash.With with, double by, Slab where) {}

    private List<Hit> hits(Part part, Margins margins) {
        List<Hit> hits = new ArrayList<>();
        for (Slab slab : part.cut()) {
            if (wood.standsOut()) {
                beyondHeel(part, slab, margins, hits);
            }
            for (CornerWood.Seam seam : wood.seams()) {
                double from = Math.max(slab.from(), seam.front());
                double to = Math.min(slab.to(), seam.back());
                if (slab.from() < -FINEST) {
                    hits.add(new Hit(Clash.With.FACE, margins.front() - slab.from(), slab));
                }
                if (slab.to() > wood.thickness() + FINEST) {
                    hits.add(new Hit(Clash.With.BACK, slab.to() - wood.thickness() + margins.back(), slab));
                }
                if (from < to - EPSILON) {
                    Vertex into = seam.across();
                    Vertex back = new Vertex(-into.x(), -into.y());
                    inPiece(true, Plane.clip(slab.shape(), seam.start(), back), from, to, margins, hits);
                    inPiece(false, Plane.clip(slab.shape(), seam.start(), into), from, to, margins, hits);
                }
            }
        }
        return hits;
    }

    /** All wood of a corner that stands out lies inside both outer edges. */
    private void beyondHeel(Part part, Slab slab, Margins margins, List<Hit> hits) {
        double before = Double.MAX_VALUE;
        double after = Double.MAX_VALUE;
        double middle = (slab.from() + slab.to()) / 2;
        double inBefore = margins.isOpenOutside() ? wood.begins(true, middle) : 0;
        double inAfter = margins.isOpenOutside() ? wood.begins(false, middle) : 0;
        for (Vertex v : slab.shape()) {
            before = Math.min(before, wood.fromBefore(v) - inBefore);
            after = Math.min(after, wood.fromAfter(v) - inAfter);
        }
        double least = Math.min(before, after);
        if (least < margins.outer() - FINEST) {
            hits.add(new Hit(Clash.With.OUTER, margins.outer() - least, slab));
        } else if (part.kind().reach() == ReinforcementKind.Reach.FROM_EDGE
                && Math.max(before, after) < margins.heel() - FINEST) {
            hits.add(new Hit(Clash.With.OUTER, margins.heel() - Math.max(before, after), slab));
        }
    }

    private void inPiece(boolean before, List<Vertex> shape, double from, double to, Margins kept, List<Hit> hits) {
        Margins margins = !before && wood.joint().isButted() ? kept.throughSight() : kept;
        if (shape.size() < 3 || Math.abs(Plane.area(shape)) < FINEST) {
            return;
        }
        double width = before ? wood.before() : wood.after();
        double low = Double.MAX_VALUE;
        double high = -Double.MAX_VALUE;
        for (Vertex v : shape) {
            double x = width - (before ? wood.fromBefore(v) : wood.fromAfter(v));
            low = Math.min(low, x);
            high = Math.max(high, x);
        }
        List<Walls.Run> runs = wood.walls(before, margins).across(from, to);
        if (runs.isEmpty()) {
            if (to - from > FINEST) {
                Hit faced = faced(from, to, margins, new Slab(shape, from, to));
                hits.add(wood.lean().isFlat()
                        ? faced
                        : new Hit(turned(before, (low + high) / 2, from, to, margins), faced.by, faced.where));
            }
            return;
        }
        Walls.Run nearest = runs.getFirst();
        for (Walls.Run run : runs) {
            nearest = misses(run, low, high) < misses(nearest, low, high) ? run : nearest;
        }
        double by = misses(nearest, low, high);
        if (by > FINEST) {
            boolean below = nearest.from() - low >= high - nearest.to();
            Clash.With what = !wood.lean().isFlat()
                    ? turned(before, below ? low : high, from, to, margins)
                    : below ? inside(nearest, to, margins) : outside(nearest, width, margins);
            hits.add(new Hit(what, by, new Slab(shape, from, to)));
        }
    }

    /** Of the surfaces of wood that is turned, the one that a place is farthest out of, or nearest to, at the worse of two depths. */
    private Clash.With turned(boolean before, double fromSight, double front, double back, Margins margins) {
        Map<Clash.With, Double> out = new EnumMap<>(Clash.With.class);
        for (double behind : new double[]{front, back}) {
            out(before, wood.lean().own(new Spot(fromSight, behind)), margins)
                    .forEach((with, by) -> out.merge(with, by, Math::max));
        }
        return out.values().stream().allMatch(by -> by < FINEST)
                ? Clash.With.MILLED
                : out.entrySet().stream().max(Map.Entry.comparingByValue()).orElseThrow().getKey();
    }

    /** How far a place of a stick's end is out of each surface, or too near to it; negative where it is neither. */
    private Map<Clash.With, Double> out(boolean before, Spot own, Margins margins) {
        double width = (before ? wood.faces().before() : wood.faces().after()).toMm();
        double thickness = wood.section().thickness().toMm();
        double inRabbet = Math.min(wood.section().rabbet().width().toMm() - own.x(),
                own.y() - thickness + wood.section().rabbet().depth().toMm());
        Map<Clash.With, Double> out = new EnumMap<>(Map.of(Clash.With.FACE, margins.front() - own.y(),
                Clash.With.SIGHT, margins.sight() - own.x()));
        if (!wood.section().rabbet().isNone()) {
            out.put(Clash.With.RABBET, inRabbet + margins.hidden());
        }
        if (!margins.isOpenOutside()) {
            out.put(Clash.With.OUTER, own.x() - width + margins.outer());
        }
        if (!margins.isOpenOutside() || !wood.lean().isUpright()) {
            out.put(Clash.With.BACK, own.y() - thickness + margins.back());
        }
        return out;
    }

    private static double misses(Walls.Run run, double low, double high) {
        return Math.max(run.from() - low, high - run.to());
    }

    /** What ends a run of open wood on the side of the sight edge. */
    private Clash.With inside(Walls.Run run, double to, Margins margins) {
        double floor = wood.thickness() - wood.section().rabbet().depth().toMm();
        if (run.from() <= margins.sight() + 1e-3) {
            return Clash.With.SIGHT;
        }
        boolean atRabbet = to > floor - margins.hidden() && run.from() <= wood.rabbet() + margins.hidden() + 1e-3;
        return atRabbet ? Clash.With.RABBET : Clash.With.MILLED;
    }

    /** What ends it on the other side. */
    private static Clash.With outside(Walls.Run run, double width, Margins margins) {
        return run.to() >= width - margins.outer() - 1e-3 ? Clash.With.OUTER : Clash.With.MILLED;
    }

    /** There is no open wood at all between these depths: the nearer of front and back is in the way. */
    private Hit faced(double from, double to, Margins margins, Slab where) {
        double front = margins.front() - from;
        double back = to - (wood.thickness() - margins.back());
        if (front <= FINEST && back <= FINEST) {
            return new Hit(Clash.With.MILLED, to - from, where);
        }
        return front >= back ? new Hit(Clash.With.FACE, front, where) : new Hit(Clash.With.BACK, back, where);
    }

    /** How far each part could be moved, or made longer, before it runs into something. */
    Map<Room, Double> rooms(int index, Reinforcement what) {
        Map<Room, Double> rooms = new EnumMap<>(Room.class);
        Part part = parts.get(index);
        boolean clear = isClear(part, index);
        for (Room room : Room.of(part.kind())) {
            double free = clear ? reach(distance -> isClear(moved(part, room, distance, what), index)) : 0;
            if (free < FREE) {
                rooms.put(room, free);
            }
        }
        return rooms;
    }

    private Part moved(Part part, Room room, double distance, Reinforcement what) {
        if (room == Room.DEEPER) {
            return longer(part, what, distance);
        }
        if (room == Room.FRONT || room == Room.BACK) {
            return behind(part, room == Room.FRONT ? -distance : distance);
        }
        double way = room == Room.HEEL ? -distance : distance;
        if (part.kind().reach() == ReinforcementKind.Reach.FROM_EDGE) {
            Vertex along = part.number() % 2 == 0 ? wood.along() : new Vertex(-1, 0);
            return part.swept(along.x() * way, along.y() * way, 0);
        }
        Vertex along = part.kind() == ReinforcementKind.PEG ? wood.toToe() : wood.seam().direction();
        return part.swept(along.x() * way, along.y() * way, 0);
    }

    /** Farther back; what comes in through a slanting face begins where that is at each depth on its way. */
    private Part behind(Part part, double by) {
        if (wood.lean().isFlat() || !margins(part).isOpenOutside()) {
            return part.swept(0, 0, by);
        }
        List<Slab> slabs = new ArrayList<>();
        List<Slab> cut = new ArrayList<>();
        int steps = (int) Math.ceil(Math.abs(by));
        for (int i = 0; i <= steps; i++) {
            double dz = steps == 0 ? 0 : by * i / steps;
            part.slabs().forEach(slab -> slabs.add(atDepth(slab, part, dz)));
            part.cut().forEach(slab -> cut.add(atDepth(slab, part, dz)));
        }
        return part.with(slabs, cut);
    }

    private Slab atDepth(Slab slab, Part part, double dz) {
        Vertex way = Plane.minus(wood.heel(part.fromFace() + dz), wood.heel(part.fromFace()));
        return new Slab(slab.shape().stream().map(v -> v.plus(way.x(), way.y())).toList(), slab.from() + dz,
                slab.to() + dz);
    }

    private Part longer(Part part, Reinforcement what, double by) {
        Reinforcement more = what.withSize(what.size().plus(Length.mm(by)))
                .withTilt(part.number() % 2 == 0 ? what.tilt() : what.tilt().negate())
                .at(Length.mm(part.fromHeel()), Length.mm(part.fromFace()));
        List<Part> longer = PartShapes.of(wood, more.withCount(1), part.of());
        return longer.stream().filter(each -> longer.size() == 1 || sameSide(each, part)).findFirst()
                .map(each -> part.with(shifted(each.slabs(), each, part), shifted(each.cut(), each, part)))
                .orElse(part);
    }

    /** Of a part of a group: where it stands, with the longer one's shape. What goes in from the back stays flush with it. */
    private static List<Slab> shifted(List<Slab> slabs, Part longer, Part part) {
        double dz = part.kind().reach() == ReinforcementKind.Reach.FROM_BACK ? 0 : part.fromFace() - longer.fromFace();
        return slabs.stream().map(slab -> new Slab(slab.shape(), slab.from() + dz, slab.to() + dz)).toList();
    }

    private static boolean sameSide(Part a, Part b) {
        Vertex va = a.slabs().getFirst().shape().getFirst();
        Vertex vb = b.slabs().getFirst().shape().getFirst();
        return va.distanceTo(vb) < 0.01;
    }

    /** The largest distance for which a condition that fails once and for all still holds, to a thousandth of a mm. */
    private static double reach(DoublePredicate holds) {
        double low = 0;
        double high = 1;
        while (high < FREE && holds.test(high)) {
            low = high;
            high *= 2;
        }
        if (high >= FREE && holds.test(FREE)) {
            return FREE;
        }
        high = Math.min(high, FREE);
        while (high - low > 0.002) {
            double middle = (low + high) / 2;
            if (holds.test(middle)) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low;
    }
}
