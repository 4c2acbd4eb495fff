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
        Reading label = Reading.given(GlueUpTexts.LEAST_ON_THE_LABEL,
                minutes(plan.job().glueUp().glue().open().least()));
        double share = plan.job().glueUp().glue().openShare(plan.job().glueUp().temperature());
        Reading opens = Reading.computed(GlueUpTexts.GLUE_STAYS_OPEN, minutes(glue.opens()), "{0} × {1}", label,
                Reading.computed(GlueUpTexts.SHARE_IN_THIS_ROOM, new Scalar(share, "", 2),
                        GlueUpTexts.OPEN_TIME_FORMULA));
        rows.add(Slate.Row.large(GlueUpTexts.OPEN_TIME, opens));
        rows.add(Slate.Row.large(GlueUpTexts.TAKES,
                Reading.computed(GlueUpTexts.SPREADING_AND_CLOSING, minutes(glue.takes()),
                        GlueUpTexts.CLOSING_FORMULA)));
        rows.add(Slate.Row.plain(GlueUpTexts.IN_THE_CLAMPS, Reading.computed(GlueUpTexts.IN_THE_CLAMPS, minutes(
                plan.job().glueUp().glue().clampAt(plan.job().glueUp().temperature())),
                GlueUpTexts.LABELS_LEAST_WHEN_WARM)));
        if (glue.holding() == Holding.JIG && glue.jig().isPresent()) {
            jig(glue.jig().get(), rows);
        }
        Reading face = Reading.given(GlueUpTexts.JOINT_AREA, Physical.area(work.frame().joint()));
        Reading pressure = Reading.given(GlueUpTexts.PRESSURE,
                new Physical(glue.pressures().least(), Physical.Kind.PRESSURE));
        boolean corners = glue.holding() == Holding.CORNER_CLAMPS;
        Reading tension = Reading.computed(GlueUpTexts.TENSION_OF_THE_BAND, Physical.force(glue.tension().least()),
                GlueUpTexts.TENSION_FORMULA, pressure, face);
        Reading corner = Reading.computed(GlueUpTexts.PULL_ON_A_CORNER, Physical.force(glue.corner().least()),
                GlueUpTexts.CORNER_FORMULA, pressure, face);
        if (glue.holding() == Holding.JIG && glue.jig().isPresent()) {
            rows.add(Slate.Row.plain(GlueUpTexts.PULL_ON_A_CORNER, corner));
            rows.add(Slate.Row.plain(GlueUpTexts.AT_MOST, Reading.computed(GlueUpTexts.MOST_PULL,
                    Physical.force(glue.corner().most()), GlueUpTexts.MORE_STARVES_THE_JOINT)));
            rows.add(Slate.Row.large(GlueUpTexts.JIGS_CLAMP_PULLS, Reading.computed(GlueUpTexts.JIGS_CLAMP_PULLS,
                    Physical.force(glue.jigPull()),
                    glue.jig().get().slant().degrees() < 45
                            ? GlueUpTexts.JIG_PULL_SLANTED
                            : GlueUpTexts.JIG_PULL,
                    corner)));
        } else if (glue.holding() != Holding.PINS) {
            rows.add(corners
                    ? Slate.Row.large(GlueUpTexts.PULL_ON_A_CORNER, corner)
                    : Slate.Row.large(GlueUpTexts.TENSION_OF_THE_BAND, tension));
            rows.add(Slate.Row.plain(GlueUpTexts.AT_MOST, Reading.computed(GlueUpTexts.MOST_PULL,
                    Physical.force(corners ? glue.corner().most() : glue.tension().most()),
                    GlueUpTexts.MORE_STARVES_THE_JOINT)));
        }
        if (glue.clamps() > 0) {
            rows.add(Slate.Row.plain(GlueUpTexts.CLAMPS_AT_ONCE.formatted(clampName(glue)),
                    Reading.computed(GlueUpTexts.CLAMPS_AT_ONCE.formatted(clampName(glue)),
                            Scalar.count(glue.clamps()),
                            GlueUpTexts.SO_MANY_THAT_TOGETHER)));
        }
        rows.add(Slate.Row.plain(GlueUpTexts.HANDS_ON,
                Reading.computed(GlueUpTexts.HANDS_ON_ALL_STEPS, minutes(glue.hands()),
                        GlueUpTexts.WORK_BY_HAND_IN_ALL)));
        square(plan, rows);
        return new Slate(rows);
    }

    private static String clampName(GluePlan glue) {
        return switch (glue.holding()) {
            case BAND -> GlueUpTexts.BAND_CLAMPS;
            case JIG -> GlueUpTexts.JIGS;
            case CORNER_CLAMPS -> GlueUpTexts.CORNER_CLAMPS;
            case PINS -> GlueUpTexts.CLAMPS;
        };
    }

    private static Scalar minutes(double minutes) {
        return new Scalar(minutes, "min", 1);
    }

    private static void jig(CornerJig.Fit fit, List<Slate.Row> rows) {
        Reading arm = Reading.given(GlueUpTexts.ARM, fit.arm());
        rows.add(Slate.Row.large(GlueUpTexts.HOLE_OF_ARM, Reading.computed(GlueUpTexts.HOLE_OF_EACH_ARM,
                Scalar.count(fit.hole()), GlueUpTexts.HOLE_FORMULA, arm,
                Reading.given(GlueUpTexts.SLANT, fit.slant()))));
        rows.add(Slate.Row.plain(GlueUpTexts.CLAMP_CLOSES, Reading.computed(GlueUpTexts.CLAMP_CLOSES_BY, fit.travel(),
                GlueUpTexts.FROM_PLAY_AT_EACH_CORNER)));
        rows.add(Slate.Row.plain(GlueUpTexts.BETWEEN_BRIDGES, Reading.computed(GlueUpTexts.BETWEEN_THE_BRIDGES_PIVOTS,
                fit.gap(), GlueUpTexts.FROM_THE_ARMS_AND_THE_FRAMES)));
    }

    /** What two diagonals say, once both are entered. */
    private static void square(Plan plan, List<Slate.Row> rows) {
        DryFit fit = plan.job().checks().dryFit();
        if (!(fit.first() > 0 && fit.second() > 0) || !plan.job().outline().isRectangle()) {
            return;
        }
        Squareness square = squareness(plan);
        Reading first = Reading.given(GlueUpTexts.FROM_THE_TOP_LEFT, square.first());
        Reading second = Reading.given(GlueUpTexts.FROM_THE_TOP_RIGHT, square.second());
        rows.add(Slate.Row.large(GlueUpTexts.DIAGONALS_DIFFER, Reading.computed(GlueUpTexts.DIAGONALS_DIFFER_BY,
                square.difference().abs(), "{0} − {1}", first, second)));
        rows.add(Slate.Row.plain(GlueUpTexts.SKEW,
                Reading.computed(GlueUpTexts.SKEW, Angle.ofDegrees(Math.abs(square.skew().degrees())),
                        GlueUpTexts.SKEW_FORMULA)));
        if (!square.difference().equals(Length.ZERO)) {
            rows.add(Slate.Row.large(GlueUpTexts.PULL_IN, Reading.computed(pull(square), square.pull(),
                    GlueUpTexts.PULL_IN_FORMULA)));
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
                ? GlueUpTexts.CLAMP_FROM_TOP_LEFT
                : GlueUpTexts.CLAMP_FROM_TOP_RIGHT;
    }
}
