package neatcorner.station.glueup;

import java.util.ArrayList;
import java.util.List;
import neatcorner.glueup.GluePlan;
import neatcorner.glueup.Holding;
import neatcorner.glueup.jig.CornerJig;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Physical;
import neatcorner.measure.Reading;
import neatcorner.measure.Scalar;
import neatcorner.outline.Opening;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;
import neatcorner.saw.measured.DryFit;
import neatcorner.saw.measured.Squareness;

/** The figures of a glue-up: time, pressure, clamps, the jig's hole, and whether the frame is square before the glue sets. */
public final class GlueUpSlate {
    private GlueUpSlate() {}

    static Slate of(Plan plan) {
        GlueUpWork work = GlueUpWork.of(plan);
        return work == null ? new Slate(List.of()) : of(plan, work);
    }

    private static Slate of(Plan plan, GlueUpWork work) {
        GluePlan glue = work.glue();
        List<Slate.Row> rows = new ArrayList<>();
        Reading label = Reading.given("Least on the label", minutes(plan.job().glueUp().glue().open().least()));
        double share = plan.job().glueUp().glue().openShare(plan.job().glueUp().temperature());
        Reading opens = Reading.computed("Glue stays open", minutes(glue.opens()), "{0} × {1}", label,
                Reading.computed("Share in this room", new Scalar(share, "", 2),
                        "half for each [10|18] degrees over [21 °C|70 °F]; when it is colder more, one and a half at most"));
        rows.add(Slate.Row.large("Open time", opens));
        rows.add(Slate.Row.large("Takes", Reading.computed("Spreading and closing", minutes(glue.takes()),
                "32 s for each corner that is open at once, and 25 s to tighten")));
        rows.add(Slate.Row.plain("In the clamps", Reading.computed("In the clamps", minutes(
                plan.job().glueUp().glue().clampAt(plan.job().glueUp().temperature())),
                "the label's least when warm, its most near the coldest")));
        if (glue.holding() == Holding.JIG && glue.jig().isPresent()) {
            jig(glue.jig().get(), rows);
        }
        Reading face = Reading.given("Face × thickness", Physical.area(work.frame().faceArea()));
        Reading pressure = Reading.given("Pressure", new Physical(glue.pressures().least(), Physical.Kind.PRESSURE));
        Reading tension = Reading.computed("Pull on each corner, along both sides",
                Physical.force(glue.tension().least()),
                "{0} × {1}: it presses every miter alike, whatever its angle", pressure, face);
        rows.add(Slate.Row.large(glue.holding() == Holding.BAND ? "Tension of the band" : "Pull on each corner",
                tension));
        rows.add(Slate.Row.plain("At most", Reading.computed("Most pull", Physical.force(glue.tension().most()),
                "more starves the joint")));
        if (glue.holding() == Holding.JIG && glue.jig().isPresent()) {
            rows.add(Slate.Row.large("Jig's clamp pulls", Reading.computed("Jig's clamp pulls",
                    Physical.force(glue.jigPull()), "2 × {0}, shared by two arms on either side"
                            + (glue.jig().get().slant().degrees() < 45 ? ", ÷ the tangent of their slant" : ""),
                    tension)));
        }
        if (glue.clamps() > 0) {
            rows.add(Slate.Row.plain(clampName(glue) + " at once", Reading.computed(clampName(glue) + " at once",
                    Scalar.count(glue.clamps()), "so many that together they pull enough, or hold every corner")));
        }
        rows.add(Slate.Row.plain("Hands on", Reading.computed("Hands on, all steps", minutes(glue.hands()),
                "work by hand in all steps, without the waits")));
        square(plan, rows);
        return new Slate(rows);
    }

    private static String clampName(GluePlan glue) {
        return switch (glue.holding()) {
            case BAND -> "Bands";
            case JIG -> "Jigs";
            case CORNER_CLAMPS -> "Corner clamps";
            case PINS -> "Clamps";
        };
    }

    private static Scalar minutes(double minutes) {
        return new Scalar(minutes, "min", 1);
    }

    private static void jig(CornerJig.Fit fit, List<Slate.Row> rows) {
        Reading arm = Reading.given("Arm", fit.arm());
        rows.add(Slate.Row.large("Hole", Reading.computed("Hole of each arm, from the block",
                Scalar.count(fit.hole()), "{0}; the arms then slant by {1}, 45° presses most evenly", arm,
                Reading.given("Slant", fit.slant()))));
        rows.add(Slate.Row.plain("Clamp closes", Reading.computed("Clamp closes by", fit.travel(),
                "from [3 mm|1/8 in] of play at each corner")));
        rows.add(Slate.Row.plain("Between bridges", Reading.computed("Between the bridges' pivots, closed",
                fit.gap(), "from the arms and the frame's outside")));
    }

    /** What two diagonals say, once both are entered. */
    private static void square(Plan plan, List<Slate.Row> rows) {
        DryFit fit = plan.job().checks().dryFit();
        if (!(fit.first() > 0 && fit.second() > 0) || !plan.job().outline().isRectangle()) {
            return;
        }
        Squareness square = squareness(plan);
        Reading first = Reading.given("From the top left", square.first());
        Reading second = Reading.given("From the top right", square.second());
        rows.add(Slate.Row.large("Diagonals differ", Reading.computed("Diagonals differ by",
                square.difference().abs(), "{0} − {1}", first, second)));
        rows.add(Slate.Row.plain("Skew", Reading.computed("Skew", Angle.ofDegrees(Math.abs(square.skew().degrees())),
                "difference × mean diagonal ÷ (2 × width × height)")));
        if (!square.difference().equals(Length.ZERO)) {
            rows.add(Slate.Row.large("Pull in", Reading.computed(pull(square), square.pull(),
                    "half the difference: the other diagonal grows by as much")));
        }
    }

    static Squareness squareness(Plan plan) {
        DryFit fit = plan.job().checks().dryFit();
        Opening outside = plan.sizes().outside();
        return new Squareness(outside, Length.mm(fit.first()), Length.mm(fit.second()));
    }

    /** Which corners are drawn together. */
    public static String pull(Squareness square) {
        return square.difference().isPositive()
                ? "Clamp from the top left to the bottom right and pull by"
                : "Clamp from the top right to the bottom left and pull by";
    }
}
