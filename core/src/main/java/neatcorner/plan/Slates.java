package neatcorner.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import neatcorner.fitout.CutSizes;
import neatcorner.fitout.Layer;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Mass;
import neatcorner.measure.Money;
import neatcorner.measure.Reading;
import neatcorner.measure.Scalar;
import neatcorner.measure.Theirs;
import neatcorner.outline.Opening;
import neatcorner.piece.EndCut;
import neatcorner.piece.Scarf;
import neatcorner.section.Rabbet;
import neatcorner.section.Seat;
import neatcorner.section.Section;
import neatcorner.stock.StickLayout;

/** What stands on the slate at each station, every figure with its working. */
public final class Slates {

    private Slates() {}

    public static Slate of(Station station, Plan plan) {
        return switch (station) {
            case OPENING -> opening(plan);
            case SECTION -> section(plan);
            case SHAPE -> ShapeSlate.of(plan);
            case CORNERS -> CornerSlate.of(plan);
            case STICKS -> sticks(plan);
            case SAW -> SawSlate.of(plan);
            case GLUE_UP -> GlueUpSlate.of(plan);
        };
    }

    private static Slate opening(Plan plan) {
        SizeReadings sizes = new SizeReadings(plan);
        List<Slate.Row> rows = new ArrayList<>();
        rows.add(Slate.Row.large("Art", sizes.art(true), sizes.art(false)));
        if (plan.sizes().window() != null) {
            rows.add(Slate.Row.plain("Window", sizes.window(true), sizes.window(false)));
            rows.add(Slate.Row.plain("Mat outer", sizes.pack(true), sizes.pack(false)));
        }
        rows.add(Slate.Row.plain("Rabbet size", sizes.rabbet(true), sizes.rabbet(false)));
        rows.add(Slate.Row.plain("Sight", sizes.sight(true), sizes.sight(false)));
        rows.add(Slate.Row.large("Outside", sizes.outside(true), sizes.outside(false)));
        for (Layer layer : plan.job().pack().layers()) {
            if (layer instanceof Layer.Glazing || layer instanceof Layer.Backing) {
                rows.add(Slate.Row.plain("Cut " + layer.within(),
                        cutSize(plan, layer, sizes, true), cutSize(plan, layer, sizes, false)));
            }
        }
        rows.add(Slate.Row.plain("Weight", weight(plan)));
        return new Slate(rows);
    }

    private static Reading cutSize(Plan plan, Layer layer, SizeReadings sizes, boolean across) {
        Length under = CutSizes.under(plan.job().units());
        Opening cut = CutSizes.of(layer, plan.sizes(), plan.seat().rabbet(), plan.job().units());
        Length value = across ? cut.width() : cut.height();
        Length extra = value.plus(under).minus(SizeReadings.pick(plan.sizes().rabbet(), across));
        String name = layer.title() + ", cut " + SizeReadings.direction(across);
        Reading play = Reading.given("Play in all", under);
        return extra.equals(Length.ZERO)
                ? Reading.computed(name, value, "{0} − {1}", sizes.rabbet(across), play)
                : Reading.computed(name, value, "{0} + {1} − {2}", sizes.rabbet(across),
                        Reading.given("Second step, both sides", extra), play);
    }

    private static Reading weight(Plan plan) {
        Mass wood = plan.weight().wood();
        Section section = plan.job().section();
        Reading perMetre = Reading.given("Stick per metre", new Scalar(section.perMetre().kilograms(), "kg", 3));
        Reading woodReading = Reading.computed("Wood", wood, "pieces at {0}", perMetre);
        return Reading.computed("Weight", plan.weight().total(), "{0} + {1}", woodReading,
                Reading.given("Glazing, mat, art and backing", plan.weight().pack()));
    }

    private static Slate section(Plan plan) {
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
        Scalar density = new Scalar(section.density(), "kg/m³", 0);
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
                Slate.Row.plain("Stick per metre",
                        Reading.computed("Stick per metre", new Scalar(section.perMetre().kilograms(), "kg", 2),
                                section.wood().assumed() ? "{0} × {1} (assumed: not in the tables)" : "{0} × {1}",
                                Reading.given("Area of the section",
                                        new Scalar(section.areaMm2(section.width()), "mm²", 0)),
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

    private static Slate sticks(Plan plan) {
        StickLayout layout = plan.layout();
        List<Slate.Row> rows = new ArrayList<>();
        Reading pieces = Reading.given("Pieces", Scalar.count((long) plan.parts().size() * plan.job().quantity()));
        if (!layout.isComplete()) {
            rows.add(Slate.Row.large("Pieces without a place", Reading.computed("Pieces without a place",
                    Scalar.count(layout.unplaced()), "of {0}, on the sticks that there are", pieces)));
        }
        if (layout.isComplete() || !layout.sticks().isEmpty()) {
            rows.add(Slate.Row.large(
                    !layout.isComplete()
                            ? "Sticks to take"
                            : layout.proved() ? "Sticks to take, proved least" : "Sticks to take, least not proved",
                    Reading.computed("Sticks to take", Scalar.count(layout.sticks().size()),
                            "{0} laid out: " + layout.proof(), pieces)));
        }
        Reading longest = Reading.computed("Longest offcut", layout.longestOffcut(),
                "what is left of one stick after its"
                        + " pieces and kerfs");
        rows.add(Slate.Row.large("Longest offcut", longest));
        Reading needed = Reading.computed("Stick needed", plan.stickNeeded(),
                "outermost points, slanted kerfs and rough allowances of all pieces");
        rows.add(Slate.Row.plain("Stick needed", needed));
        Length taken = Length.sum(layout.sticks().stream().map(stick -> stick.stick().length()).toList());
        if (taken.isPositive()) {
            Length used = Length.sum(layout.sticks().stream().flatMap(stick -> stick.cuts().stream())
                    .map(cut -> cut.next().minus(cut.at())).toList());
            rows.add(Slate.Row.plain("Left over", Reading.computed("Left over",
                    new Scalar(100 * (1 - used.over(taken)), "%", 0), "1 − {0} ÷ {1}",
                    Reading.computed("Laid out on them", used, "pieces, kerfs and rough allowances"),
                    Reading.computed("Length of the sticks taken", taken, "added up"))));
        }
        Double cost = layout.cost();
        if (cost != null) {
            rows.add(Slate.Row.plain("Cost",
                    Reading.computed("Cost", new Money(cost), "prices of the sticks taken, added up")));
        }
        rows.add(Slate.Row.plain("Kerf at the miter", kerfAtMiter(plan)));
        if (!plan.parts().equals(plan.pieces())) {
            Length thickness = plan.job().section().thickness();
            rows.add(Slate.Row.plain("Scarf, overlap", Reading.computed("Scarf, overlap",
                    new Scarf(plan.job().stock().scarf(), thickness).overlap(),
                    "{0} × the slope, 1 to " + Math.round(plan.job().stock().scarf()),
                    Reading.given("Thickness", thickness))));
        }
        return new Slate(rows);
    }

    private static Reading kerfAtMiter(Plan plan) {
        Reading kerf = Reading.given("Kerf", plan.job().saw().kerf());
        EndCut steepest = plan.pieces().stream().flatMap(piece -> Stream.of(piece.left(), piece.right()))
                .max(Comparator.comparing(end -> end.along(plan.job().saw().kerf()))).orElse(EndCut.flat(Angle.ZERO));
        Length along = steepest.along(plan.job().saw().kerf());
        Reading miter = Reading.computed("Miter", steepest.miter(), "the steepest");
        return steepest.isTilted()
                ? Reading.computed("Kerf at the miter", along, "{0} ÷ (cos {1} × cos {2})", kerf, miter,
                        Reading.computed("Tilt", steepest.bevel(), "of the blade"))
                : Reading.computed("Kerf at the miter", along, "{0} ÷ cos {1}", kerf, miter);
    }
}
