package neatcorner.plan;

import java.util.ArrayList;
import java.util.List;
import neatcorner.fitout.CutSizes;
import neatcorner.fitout.Layer;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Mass;
import neatcorner.measure.Money;

import neatcorner.measure.Reading;
import neatcorner.measure.Scalar;
import neatcorner.outline.Opening;
import neatcorner.piece.Piece;
import neatcorner.piece.Scarf;
import neatcorner.saw.Saw;
import neatcorner.saw.SawScale;
import neatcorner.saw.SawSetting;
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
            case SAW -> saw(plan);
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
                rows.add(Slate.Row.plain("Cut " + layer.title().toLowerCase(java.util.Locale.ROOT),
                        cutSize(plan, layer, sizes, true), cutSize(plan, layer, sizes, false)));
            }
        }
        rows.add(Slate.Row.plain("Weight", weight(plan)));
        return new Slate(rows);
    }

    private static Reading cutSize(Plan plan, Layer layer, SizeReadings sizes, boolean across) {
        Length under = CutSizes.under(plan.job().units());
        Opening cut = CutSizes.of(layer, plan.sizes(), plan.job().section().rabbet(), plan.job().units());
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
        Reading depth = Reading.given("Rabbet depth", section.rabbet().depth());
        Reading pack = Reading.given("Pack", plan.job().pack().thickness());
        Reading spare = Reading.computed("Spare depth", plan.spareDepth(),
                section.rabbet().step() == null ? "{0} − {1}" : "{0} − {1}, less any gap in front of the second step",
                depth, pack);
        Reading thickness = Reading.given("Thickness", section.thickness());
        Reading rabbetWidth = Reading.given("Rabbet width", section.rabbet().width());
        Reading widest = Reading.given(section.rabbet().step() == null ? "Rabbet width" : "Second step, width",
                section.rabbet().widest());
        Reading face = Reading.given("Face width", section.width());
        Reading clearance = Reading.given("Clearance a side", plan.job().clearance());
        Scalar density = new Scalar(section.density(), "kg/m³", 0);
        List<Slate.Row> rows = new ArrayList<>(List.of(Slate.Row.large("Rabbet depth", depth),
                Slate.Row.large("Spare", spare),
                Slate.Row.plain("Pack", pack),
                Slate.Row.plain("Lip", Reading.computed("Lip", section.lip(), "{0} − {1}", thickness, depth)),
                Slate.Row.plain("Wall", Reading.computed("Wall", section.wall(), "{0} − {1}", face, widest)),
                Slate.Row.plain("Cover left",
                        Reading.computed("Cover left", plan.coverLeft(), "{0} − 2 × {1}", rabbetWidth, clearance)),
                Slate.Row.plain("Stick per metre",
                        Reading.computed("Stick per metre", new Scalar(section.perMetre().kilograms(), "kg", 2),
                                section.wood().assumed() ? "{0} × {1} (assumed: not in the tables)" : "{0} × {1}",
                                Reading.given("Area of the section",
                                        new Scalar(section.areaMm2(section.width()), "mm²", 0)),
                                Reading.given("Density of " + section.wood().name(), density)))));
        if (section.isSound()) {
            MillingSlate.safeZone(section).ifPresent(rows::add);
        }
        return new Slate(rows);
    }

    private static Slate sticks(Plan plan) {
        StickLayout layout = plan.layout();
        List<Slate.Row> rows = new ArrayList<>();
        Reading pieces = Reading.given("Pieces", Scalar.count((long) plan.parts().size() * plan.job().quantity()));
        String proof = !layout.isComplete()
                ? "Sticks to take, too few"
                : layout.proved() ? "Sticks to take, proved least" : "Sticks to take, least not proved";
        rows.add(Slate.Row.large(proof, Reading.computed("Sticks to take", Scalar.count(layout.sticks().size()),
                "{0} laid out: " + layout.proof(), pieces)));
        Reading longest = Reading.computed("Longest offcut", layout.longestOffcut(),
                "what is left of one stick after its"
                        + " pieces and kerfs");
        rows.add(Slate.Row.large("Longest offcut", longest));
        Reading needed = Reading.computed("Stick needed", plan.stickNeeded(),
                "long points, slanted kerfs and rough allowances of all pieces");
        rows.add(Slate.Row.plain("Stick needed", needed));
        Length taken = Length.sum(layout.sticks().stream().map(stick -> stick.stick().length()).toList());
        if (taken.isPositive()) {
            double share = 100 * (1 - plan.stickNeeded().over(taken));
            rows.add(Slate.Row.plain("Left over", Reading.computed("Left over", new Scalar(share, "%", 0),
                    "1 − {0} ÷ {1}", needed, Reading.given("Length of the sticks taken", taken))));
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
        double steepest = plan.pieces().stream().mapToDouble(Piece::steepestMiterRadians).max().orElse(0);
        Reading miter = Reading.given("Miter", Angle.ofRadians(steepest));
        return Reading.computed("Kerf at the miter", plan.job().saw().kerf().scaled(1 / Math.cos(steepest)),
                "{0} ÷ cos {1}", kerf, miter);
    }

    private static Slate saw(Plan plan) {
        List<Slate.Row> rows = new ArrayList<>();
        Angle shown = null;
        for (SawSetting setting : plan.settings()) {
            String pieces = String.join(", ", setting.pieces());
            if (shown == null || !shown.isNear(setting.miter())) {
                shown = setting.miter();
                rows.add(Slate.Row.large("Miter", Reading.computed("Miter for " + pieces, shown,
                        plan.job().outline().isRectangle()
                                ? "the angle whose tangent is the other face ÷ this face"
                                : "from the corner's angle and the two face widths")));
                Saw saw = plan.job().saw();
                Reading miter = Reading.given("Miter", shown);
                if (!saw.reachesMiter(shown)) {
                    rows.add(
                            Slate.Row.large("In the fixture, set", Reading.computed("In the fixture, set for " + pieces,
                                    saw.set(shown), "90° less {0}, the stick square to an auxiliary fence", miter)));
                }
                if (saw.scale().zero() == SawScale.Zero.FENCE) {
                    rows.add(Slate.Row.plain("Scale reads", Reading.computed("Scale reads for " + pieces,
                            saw.scale().reads(saw.set(shown)), "this scale counts from the fence")));
                }
                if (setting.bevel().degrees() > 1e-9) {
                    rows.add(Slate.Row.large("Tilt", Reading.computed("Tilt for " + pieces, setting.bevel(),
                            "sin of half the turn at the corner × sin of the slope")));
                }
            }
            Reading stop = outerLength(plan, setting);
            rows.add(Slate.Row.large("Stop for " + pieces, stop));
            if (plan.job().saw().rough().isPositive()) {
                rows.add(Slate.Row.plain("Rough length", Reading.computed("Rough length of " + pieces,
                        setting.stop().plus(plan.job().saw().rough()), "{0} + {1}", stop,
                        Reading.given("Rough allowance", plan.job().saw().rough()))));
            }
        }
        return new Slate(rows);
    }

    private static Reading outerLength(Plan plan, SawSetting setting) {
        Piece piece = plan.parts().stream().filter(p -> p.name().equals(setting.pieces().getFirst())).findFirst()
                .orElseThrow();
        boolean whole = plan.pieces().contains(piece) && plan.job().joint().showsMiter();
        if (!plan.job().outline().isRectangle() || !whole) {
            return Reading.given("Outer length of " + String.join(", ", setting.pieces()), setting.stop());
        }
        boolean across = piece.side().equals("top") || piece.side().equals("bottom");
        SizeReadings sizes = new SizeReadings(plan);
        return Reading.computed("Stop for " + String.join(", ", setting.pieces()), setting.stop(), "{0}",
                sizes.outside(across));
    }
}
