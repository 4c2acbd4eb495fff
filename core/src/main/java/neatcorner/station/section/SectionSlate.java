package neatcorner.station.section;

import java.util.ArrayList;
import java.util.List;
import neatcorner.measure.Physical;
import neatcorner.measure.Reading;
import neatcorner.measure.Theirs;
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
        Reading pack = Reading.computed("Pack", plan.job().pack().thickness(), "all layers, added up");
        Rabbet.Step step = plan.seat().rabbet().step();
        Reading spare = step != null && plan.job().pack().liesOnStep(plan.seat().rabbet())
                ? Reading.computed("Spare depth", plan.spareDepth(), "{0} − {1}, which lies on the step",
                        Reading.given("Second step, depth", step.depth()),
                        Reading.computed("Backing", plan.job().pack().backing(), "all backings, added up"))
                : Reading.computed("Spare depth", plan.spareDepth(), "{0} − {1}", depth, pack);
        Reading thickness = Reading.given("Thickness", section.thickness());
        Reading rabbetWidth = carry(plan);
        Reading widest = Reading.given(section.rabbet().step() == null ? "Rabbet width" : "Second step, width",
                section.rabbet().widest());
        Reading face = Reading.given("Face width", section.width());
        Reading clearance = Reading.given("Clearance a side", plan.job().clearance());
        Physical density = new Physical(section.density(), Physical.Kind.DENSITY);
        boolean tilted = section.rabbet().isTilted();
        Reading lip = tilted
                ? Reading.computed("Lip", section.lip(),
                        "from the ledge's inner edge to the stick's front, square to the pack")
                : Reading.computed("Lip", section.lip(), "{0} − {1}", thickness, cutDepth(plan));
        Reading wall = tilted
                ? Reading.computed("Wall", section.wall(),
                        "from the foot of the rabbet's wall outwards, level with the pack")
                : Reading.computed("Wall", section.wall(), "{0} − {1}", face, widest);
        List<Slate.Row> rows = new ArrayList<>(List.of(
                Slate.Row.large(plan.job().outline().isSloped() ? "Rabbet depth for the pack" : "Rabbet depth", depth),
                Slate.Row.large("Spare", spare),
                Slate.Row.plain("Pack", pack),
                Slate.Row.plain("Lip", lip), Slate.Row.plain("Wall", wall),
                Slate.Row.plain("Cover left",
                        Reading.computed("Cover left", plan.coverLeft(), "{0} − 2 × {1}", rabbetWidth, clearance)),
                Slate.Row.plain("Weight of the stick",
                        Reading.computed("Weight of the stick",
                                new Physical(section.perMetre().kilograms(), Physical.Kind.BY_LENGTH),
                                section.wood().assumed() ? "{0} × {1} (assumed: not in the tables)" : "{0} × {1}",
                                Reading.given("Area of the section",
                                        Physical.area(section.areaMm2(section.width()))),
                                Reading.given("Density of " + Theirs.words(section.wood().name()), density)))));
        if (section.isSound()) {
            MillingSlate.safeZone(plan).ifPresent(rows::add);
        }
        return new Slate(rows);
    }

    /** The rabbet's depth; where the faces slope, what of it lies behind the level plane that the pack lies in. */
    private static Reading depth(Plan plan) {
        Reading cut = cutDepth(plan);
        return plan.job().outline().isSloped()
                ? Reading.computed("Rabbet depth, level", plan.seat().rabbet().depth(),
                        plan.seat().flat()
                                ? "what {0} has left at its wall"
                                : "{0} × the cosine of the slope, less the width × its sine",
                        cut)
                : cut;
    }

    private static Reading cutDepth(Plan plan) {
        return Reading.given("Rabbet depth", plan.job().section().rabbet().depth());
    }

    /** How wide the rabbet carries the pack. */
    private static Reading carry(Plan plan) {
        Reading cut = Reading.given("Rabbet width", plan.job().section().rabbet().width());
        Seat seat = plan.seat();
        return seat.flat()
                ? cut
                : Reading.computed("Rabbet width, level", seat.rabbet().width(), "{0} ÷ the cosine of the slope", cut);
    }
}
