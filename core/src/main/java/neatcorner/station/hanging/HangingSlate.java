package neatcorner.station.hanging;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import neatcorner.corner.ScrewGauge;
import neatcorner.hanging.HangBy;
import neatcorner.hanging.Hanging;
import neatcorner.hanging.Hook;
import neatcorner.hanging.Link;
import neatcorner.hanging.Screwing;
import neatcorner.hanging.Strength;
import neatcorner.hanging.Wire;
import neatcorner.measure.Length;
import neatcorner.measure.Mass;
import neatcorner.measure.Scalar;
import neatcorner.measure.Units;
import neatcorner.measure.Physical;
import neatcorner.measure.Reading;
import neatcorner.measure.Theirs;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;

/** Weight, where the hook goes, what it has to carry, and the wire. */
final class HangingSlate {
    private HangingSlate() {}

    static Slate of(Plan plan) {
        List<Slate.Row> rows = new ArrayList<>();
        rows.add(Slate.Row.large(HangingTexts.WEIGHT, Reading.computed(HangingTexts.WEIGHT, plan.weight().total(),
                "{0} + {1}", Reading.given(HangingTexts.WOOD, plan.weight().wood()),
                Reading.given(HangingTexts.WHAT_IS_IN_IT, plan.weight().pack()))));
        HangingWork.of(plan).ifPresent(work -> add(plan, work, rows));
        WallWork.of(plan).filter(group -> !group.wall().others().isEmpty()).ifPresent(group -> spots(group, rows));
        return new Slate(rows);
    }

    private static void add(Plan plan, HangingWork work, List<Slate.Row> rows) {
        Hanging hanging = plan.job().hanging();
        if (work.upon() != HangingWork.Upon.WALL) {
            carried(plan, work, rows);
            return;
        }
        Reading drop = drop(work);
        if (!work.hooks().isEmpty()) {
            Hook hook = work.hooks().getFirst();
            rows.add(Slate.Row.large(HangingTexts.HOOK_HEIGHT, Reading.computed(HangingTexts.HOOK_HEIGHT,
                    hook.height(), HangingTexts.HOOK_HEIGHT_FORMULA,
                    Reading.given(HangingTexts.CENTER_HEIGHT, hanging.centre()),
                    Reading.given(HangingTexts.FRAME_HEIGHT, work.height()), drop)));
            rows.add(Slate.Row.large(HangingTexts.RATING_EACH, Reading.computed(HangingTexts.RATING_EACH,
                    hook.needed(), HangingTexts.RATING_FORMULA, Reading.given(HangingTexts.LOAD, hook.load()))));
            rows.add(Slate.Row.plain(HangingTexts.DROP, drop));
        } else if (hanging.by() == HangBy.EASEL) {
            rows.add(Slate.Row.large(HangingTexts.FOOT, Reading.computed(HangingTexts.FOOT,
                    HangingWork.leg(work.height()), HangingTexts.FOOT_FORMULA,
                    Reading.given(HangingTexts.FRAME_HEIGHT, work.height()),
                    Reading.given(HangingTexts.LEAN, HangingWork.LEAN))));
        }
        if (work.hooks().size() > 1) {
            Length apart = work.hooks().get(1).from().minus(work.hooks().getFirst().from());
            rows.add(Slate.Row.large(HangingTexts.BETWEEN_HOOKS, hanging.by() == HangBy.D_RINGS
                    || hanging.by() == HangBy.KEYHOLES
                            ? Reading.computed(HangingTexts.BETWEEN_HOOKS, apart, HangingTexts.AS_WIDE_AS_THE_RINGS)
                            : Reading.given(HangingTexts.BETWEEN_HOOKS, apart)));
        }
        if (hanging.by() == HangBy.CLEAT) {
            rows.add(Slate.Row.plain(HangingTexts.BUMPERS, Reading.computed(HangingTexts.BUMPERS,
                    HangingWork.cleatThick(plan.job().units()), HangingTexts.BUMPERS_FORMULA)));
        }
        hardware(work, plan.job().units(), rows);
        Wire wire = work.wire();
        if (wire != null) {
            rows.add(Slate.Row.large(HangingTexts.WIRE_TO_CUT, Reading.computed(HangingTexts.WIRE_TO_CUT,
                    wire.length(), HangingTexts.WIRE_FORMULA,
                    Reading.given(HangingTexts.WRAP, Wire.wrap(plan.job().units())))));
            rows.add(Slate.Row.plain(HangingTexts.TENSION, Reading.computed(HangingTexts.TENSION,
                    Physical.force(wire.tension()), HangingTexts.TENSION_FORMULA,
                    Reading.given(HangingTexts.WIRE_ANGLE, wire.angle()))));
            work.bends().stream().max(Comparator.comparingDouble(HangingWork.Bend::by))
                    .ifPresent(bend -> rows.add(bend(bend)));
        }
    }

    /** What carries it where nothing is on the wall: adhesive, or hinges. */
    private static void carried(Plan plan, HangingWork work, List<Slate.Row> rows) {
        work.chain().forEach(link -> rows.add(Slate.Row.large(HangingTexts.ADHESIVE_HOLDS, Reading.computed(
                HangingTexts.ADHESIVE_HOLDS, link.rated(), HangingTexts.ADHESIVE_FORMULA))));
        int hinges = HangingWork.hinges(plan);
        if (work.upon() == HangingWork.Upon.HINGES) {
            rows.add(Slate.Row.large(HangingTexts.EACH_HINGE, Reading.computed(HangingTexts.EACH_HINGE,
                    new Mass(work.mass().kilograms() / hinges), HangingTexts.EACH_HINGE_FORMULA,
                    Reading.given(HangingTexts.WEIGHT, work.mass()),
                    Reading.given(HangingTexts.HINGES, Scalar.count(hinges)))));
        }
    }

    /** What is on the frame: how it has to be rated, and its screws. */
    private static void hardware(HangingWork work, Units units, List<Slate.Row> rows) {
        for (Link link : work.chain()) {
            if (link.part() != Link.Part.PEEL && link.part() != Link.Part.CLEAT_SCREWS
                    && link.part() != Link.Part.SCREW) {
                String name = link.part() == Link.Part.WIRE
                        ? HangingTexts.RATING_OF_THE_WIRE
                        : HangingTexts.HARDWARE.formatted(link.part().title());
                rows.add(Slate.Row.plain(name, link.safety() > 1
                        ? Reading.computed(name, link.needed(), HangingTexts.RATING_FORMULA,
                                Reading.given(HangingTexts.LOAD, link.carries()))
                        : Reading.computed(name, link.rated(), HangingTexts.HARDWARE_LIMIT)));
            }
        }
        Screwing screws = work.screws();
        if (screws != null) {
            Reading thick = units == Units.INCHES
                    ? Reading.given(HangingTexts.SCREW_GAUGE,
                            Scalar.count(ScrewGauge.nearest(screws.diameter()).number()))
                    : Reading.given(HangingTexts.SCREW_THICK, screws.diameter());
            Reading bite = Reading.given(HangingTexts.SCREW_BITE, screws.bite());
            String name = HangingTexts.SCREWS_EACH.formatted(work.chain().getLast().part().title());
            rows.add(Slate.Row.plain(name, Reading.computed(name,
                    Scalar.count(screws.count()), HangingTexts.SCREWS_EACH_FORMULA, thick, bite)));
            rows.add(Slate.Row.plain(units == Units.INCHES ? HangingTexts.SCREW_GAUGE : HangingTexts.SCREW_THICK,
                    thick));
            rows.add(Slate.Row.plain(HangingTexts.SCREW_BITE, bite));
        }
        if (work.by() == HangBy.CLEAT) {
            rows.add(Slate.Row.plain(HangingTexts.SCREWS_OF_CLEAT, Reading.computed(HangingTexts.SCREWS_OF_CLEAT,
                    Scalar.count(Strength.cleatScrews(work.mass())), HangingTexts.SCREWS_OF_CLEAT_FORMULA,
                    Reading.given(HangingTexts.WEIGHT, work.mass()))));
        }
    }

    /** From one corner of the wall, for all hooks of all its frames. */
    private static void spots(WallWork group, List<Slate.Row> rows) {
        for (WallWork.Spot spot : group.hooks()) {
            String name = HangingTexts.HOOK_OF.formatted(Theirs.words(group.names().get(spot.frame())));
            rows.add(Slate.Row.plain(name,
                    Reading.computed(HangingTexts.HOOK_FROM, spot.from(), HangingTexts.FROM_FORMULA),
                    Reading.computed(HangingTexts.HOOK_UP, spot.height(), HangingTexts.UP_FORMULA)));
        }
    }

    private static Reading drop(HangingWork work) {
        Wire wire = work.wire();
        HangingWork.Rings rings = work.rings();
        if (wire != null && rings != null) {
            return Reading.computed(HangingTexts.DROP, wire.drop(), HangingTexts.DROP_FORMULA,
                    Reading.given(HangingTexts.RINGS_DOWN, rings.depth()),
                    Reading.given(HangingTexts.FREE_SPAN, wire.span().minus(wire.apart())),
                    Reading.given(HangingTexts.WIRE_ANGLE, wire.angle()));
        }
        return rings != null
                ? Reading.given(HangingTexts.DROP, rings.depth())
                : Reading.computed(HangingTexts.DROP, work.drop(), HangingTexts.DROP_IN_THE_MIDDLE);
    }

    private static Slate.Row bend(HangingWork.Bend bend) {
        return Slate.Row.plain(HangingTexts.BEND, Reading.computed(HangingTexts.BEND, Length.mm(bend.by()),
                HangingTexts.BEND_FORMULA, Reading.given(HangingTexts.PULL, Physical.force(bend.force())),
                Reading.given(HangingTexts.FROM_END, bend.at()),
                Reading.given(HangingTexts.SIDE_LENGTH, bend.length())));
    }
}
