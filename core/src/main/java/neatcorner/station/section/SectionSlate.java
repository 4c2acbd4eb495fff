package neatcorner.station.section;

import java.util.ArrayList;
import java.util.List;
import neatcorner.job.Hold;
import neatcorner.measure.Length;
import neatcorner.measure.Physical;
import neatcorner.measure.Reading;
import neatcorner.measure.Theirs;
import neatcorner.plan.Across;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;
import neatcorner.section.Rabbet;
import neatcorner.section.Seat;
import neatcorner.section.Section;

/** How the pack lies in the rabbet, and what is left of the wood round it. */
final class SectionSlate {
    private SectionSlate() {}

    static Slate of(Plan plan) {
        Section section = plan.job().section();
        Reading depth = depth(plan);
        Reading pack = Reading.computed(SectionTexts.PACK, plan.job().pack().thickness(),
                SectionTexts.ALL_LAYERS_ADDED_UP);
        Rabbet.Step step = plan.seat().rabbet().step();
        Reading spare = step != null && plan.job().pack().liesOnStep(plan.seat().rabbet())
                ? Reading.computed(SectionTexts.SPARE_DEPTH, plan.spareDepth(), SectionTexts.LESS_WHAT_LIES_ON_THE_STEP,
                        Reading.given(SectionTexts.SECOND_STEP_DEPTH, step.depth()),
                        Reading.computed(SectionTexts.BACKING, plan.job().pack().backing(),
                                SectionTexts.ALL_BACKINGS_ADDED_UP))
                : Reading.computed(SectionTexts.SPARE_DEPTH, plan.spareDepth(), "{0} − {1}", depth, pack);
        Reading thickness = Reading.given(SectionTexts.THICKNESS, section.thickness());
        Reading rabbetWidth = carry(plan);
        Reading widest = Reading.given(
                section.rabbet().step() == null ? SectionTexts.RABBET_WIDTH : SectionTexts.SECOND_STEP_WIDTH,
                section.rabbet().widest());
        Reading face = Reading.given(SectionTexts.FACE_WIDTH, section.width());
        Reading clearance = Reading.given(SectionTexts.CLEARANCE_A_SIDE, plan.job().clearance());
        Physical density = new Physical(section.density(), Physical.Kind.DENSITY);
        boolean tilted = section.rabbet().isTilted();
        Reading lip = tilted
                ? Reading.computed(SectionTexts.LIP, section.lip(),
                        SectionTexts.LEVEL_LIP_FORMULA)
                : Reading.computed(SectionTexts.LIP, section.lip(), "{0} − {1}", thickness, cutDepth(plan));
        Reading wall = tilted
                ? Reading.computed(SectionTexts.WALL, section.wall(),
                        SectionTexts.LEVEL_WALL_FORMULA)
                : Reading.computed(SectionTexts.WALL, section.wall(), "{0} − {1}", face, widest);
        List<Slate.Row> rows = new ArrayList<>();
        boolean inRabbet = plan.job().hold().isInRabbet();
        if (inRabbet) {
            rows.add(Slate.Row.large(plan.job().outline().isSloped()
                    ? SectionTexts.RABBET_DEPTH_FOR_THE_PACK
                    : SectionTexts.RABBET_DEPTH, depth));
            rows.add(Slate.Row.large(SectionTexts.SPARE, spare));
            rows.add(Slate.Row.plain(SectionTexts.PACK, pack));
        } else {
            addHeld(plan, rows);
        }
        if (!section.rabbet().isNone()) {
            rows.add(Slate.Row.plain(SectionTexts.LIP, lip));
            rows.add(Slate.Row.plain(SectionTexts.WALL, wall));
        }
        if (inRabbet) {
            rows.add(Slate.Row.plain(SectionTexts.COVER_LEFT, Reading.computed(SectionTexts.COVER_LEFT,
                    plan.coverLeft(), "{0} − 2 × {1}", rabbetWidth, clearance)));
        }
        rows.add(Slate.Row.plain(SectionTexts.WEIGHT_OF_THE_STICK,
                Reading.computed(SectionTexts.WEIGHT_OF_THE_STICK,
                        new Physical(section.perMetre().kilograms(), Physical.Kind.BY_LENGTH),
                        section.wood().assumed() ? SectionTexts.WEIGHT_ASSUMED : "{0} × {1}",
                        Reading.given(SectionTexts.AREA_OF_THE_SECTION,
                                Physical.area(section.areaMm2(section.width()))),
                        Reading.given(SectionTexts.DENSITY_OF.formatted(Theirs.words(section.wood().name())),
                                density))));
        if (section.isSound()) {
            MillingSlate.safeZone(plan).ifPresent(rows::add);
        }
        return new Slate(rows);
    }

    /** How what floats or lies flush is carried. */
    private static void addHeld(Plan plan, List<Slate.Row> rows) {
        Across across = Across.of(plan);
        Across.Content held = across.content();
        Reading thickness = Reading.given(SectionTexts.THICKNESS, plan.job().section().thickness());
        Length deep = plan.job().pack().thickness();
        if (held != null && plan.job().hold() instanceof Hold.Floating) {
            rows.add(Slate.Row.large(SectionTexts.RECESS, Reading.computed(SectionTexts.RECESS,
                    Length.mm(held.front()), SectionTexts.RECESS_FORMULA, thickness, cutDepth(plan),
                    Reading.given(SectionTexts.ART_DEPTH, deep))));
        } else if (plan.job().hold() instanceof Hold.Panel) {
            rows.add(Slate.Row.large(SectionTexts.PANEL_PACKING, Reading.computed(SectionTexts.PANEL_PACKING,
                    plan.job().section().thickness().minus(deep), "{0} − {1}", thickness,
                    Reading.given(SectionTexts.PANEL_THICKNESS, deep))));
        }
        across.bearing().ifPresent(bearing -> rows.add(Slate.Row.large(SectionTexts.BEARING,
                Reading.computed(SectionTexts.BEARING, bearing, SectionTexts.BEARING_FORMULA))));
    }

    /** The rabbet's depth; where the faces slope, what of it lies behind the level plane that the pack lies in. */
    private static Reading depth(Plan plan) {
        Reading cut = cutDepth(plan);
        return plan.job().outline().isSloped()
                ? Reading.computed(SectionTexts.RABBET_DEPTH_LEVEL, plan.seat().rabbet().depth(),
                        plan.seat().flat()
                                ? SectionTexts.LEVEL_SPARE_FORMULA
                                : SectionTexts.LEVEL_DEPTH_FORMULA,
                        cut)
                : cut;
    }

    private static Reading cutDepth(Plan plan) {
        return Reading.given(SectionTexts.RABBET_DEPTH, plan.job().section().rabbet().depth());
    }

    /** How wide the rabbet carries the pack. */
    private static Reading carry(Plan plan) {
        Reading cut = Reading.given(SectionTexts.RABBET_WIDTH, plan.job().section().rabbet().width());
        Seat seat = plan.seat();
        return seat.flat()
                ? cut
                : Reading.computed(SectionTexts.RABBET_WIDTH_LEVEL, seat.rabbet().width(),
                        SectionTexts.LEVEL_WIDTH_FORMULA, cut);
    }
}
