package neatcorner.plan;

import java.util.ArrayList;
import java.util.List;
import neatcorner.glueup.CornerJig;
import neatcorner.glueup.GluePlan;
import neatcorner.glueup.Holding;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Reading;
import neatcorner.measure.Scalar;
import neatcorner.outline.Opening;
import neatcorner.saw.DryFit;
import neatcorner.saw.Squareness;

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
        Reading opens = Reading.computed("Glue stays open", minutes(glue.opens()),
                "{0}, halved for ten degrees over 21 °C", label);
        rows.add(Slate.Row.large("Open time", opens));
        rows.add(Slate.Row.large("Takes", Reading.computed("Spreading and closing", minutes(glue.takes()),
                "32 s for each corner that is open at once, and 25 s to tighten")));
        rows.add(Slate.Row.plain("In the clamps", Reading.given("In the clamps", minutes(
                plan.job().glueUp().glue().clampAt(plan.job().glueUp().temperature())))));
        if (glue.holding() == Holding.JIG && glue.jig().isPresent()) {
            jig(glue.jig().get(), rows);
        }
        Reading face = Reading.given("Face × thickness", new Scalar(work.frame().faceArea(), "mm²", 0));
        Reading pressure = Reading.given("Pressure", new Scalar(glue.pressures().least(), "N/mm²", 1));
        rows.add(Slate.Row.large("Tension", Reading.computed("Tension in the band",
                new Scalar(glue.tension().least(), "N", 0),
                "{0} × {1}: a band presses every miter alike, whatever its angle", pressure, face)));
        rows.add(Slate.Row.plain("At most", Reading.computed("Most tension", new Scalar(glue.tension().most(), "N", 0),
                "more starves the joint")));
        if (glue.clamps() > 0) {
            rows.add(Slate.Row.plain(clampName(glue) + " at once", Reading.given(clampName(glue) + " at once",
                    Scalar.count(glue.clamps()))));
        }
        rows.add(Slate.Row.plain("Hands on", Reading.given("Hands on, all steps", minutes(glue.hands()))));
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
                "from 3 mm of play at each corner")));
        rows.add(Slate.Row.plain("Between bridges", Reading.given("Between the bridges' pivots, closed", fit.gap())));
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
