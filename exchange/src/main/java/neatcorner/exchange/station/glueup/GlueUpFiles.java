package neatcorner.exchange.station.glueup;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import neatcorner.drawing.Drawing;
import neatcorner.exchange.job.GlueUpForm;
import neatcorner.exchange.json.Json;
import neatcorner.exchange.paper.Column;
import neatcorner.exchange.station.StationFiles;
import neatcorner.glueup.Glue;
import neatcorner.glueup.GluePlan;
import neatcorner.glueup.GlueStep;
import neatcorner.glueup.jig.CornerJig;
import neatcorner.measure.Notation;
import neatcorner.measure.Scalar;
import neatcorner.measure.Sentence;
import neatcorner.measure.Units;
import neatcorner.piece.Piece;
import neatcorner.plan.Plan;
import neatcorner.plan.Station;
import neatcorner.planner.Chapters;
import neatcorner.station.glueup.GlueUpFigure;
import neatcorner.station.glueup.GlueUpWork;
import neatcorner.station.glueup.ShopDays;

/** How the frame is glued, and the days it takes. Times are minutes, unless they say seconds. */
public final class GlueUpFiles implements StationFiles {
    @Override
    public Station station() {
        return Station.GLUE_UP;
    }

    @Override
    public void json(Plan plan, Telling telling, Json.Fields root) {
        GlueUpWork work = GlueUpWork.of(plan);
        if (work != null) {
            root.with("glueup", glueUp(plan, work.glue(), telling.notation())).with("schedule",
                    DaysJson.schedule(ShopDays.of(plan, telling.search())));
        }
    }

    @Override
    public void paper(Moment moment, Plan plan, Telling telling, Column sheet) throws IOException {
        GlueUpWork work = GlueUpWork.of(plan);
        if (moment == Moment.GLUE_UP && work != null) {
            glueUp(plan, work, telling.notation(), sheet);
        }
    }

    private static final double UNIT = 0.5;

    private static Json glueUp(Plan plan, GluePlan glue, Notation notation) {
        Glue kind = plan.job().glueUp().glue();
        List<Json> steps = new ArrayList<>();
        for (GlueStep step : glue.steps()) {
            steps.add(Json.object().with("number", Json.of(steps.size() + 1)).with("what", step.what().in(notation))
                    .with("seconds", Json.of(step.seconds())).with("wait", Json.of(step.rest()))
                    .with("open", Json.of(step.open())).end());
        }
        CornerJig.Fit jig = glue.jig().orElse(null);
        return Json.object().with("glue", kind.name())
                .with("school", GlueUpForm.SCHOOL.write(glue.school(), Units.MILLIMETRES))
                .with("holding", GlueUpForm.HOLDING.write(glue.holding(), Units.MILLIMETRES))
                .with("openTime", Json.of(glue.opens(), 2)).with("takes", Json.of(glue.takes(), 2))
                .with("clampTime", Json.of(kind.clampAt(plan.job().glueUp().temperature())))
                .with("pressure", range(glue.pressures())).with("tension", range(glue.tension()))
                .with("cornerPull", range(glue.corner())).with("jigPull", Json.of(glue.jigPull(), 1))
                .with("clamps", Json.object().with("kind", glue.holding().title())
                        .with("needed", Json.of(glue.clamps())).with("available", Json.of(glue.there())).end())
                .with("releasePapers", Json.of(glue.order().size()))
                .with("screwOrder", Json.of(glue.order().stream().map(Json::of).toList()))
                .with("jig", jig == null ? Json.none() : jig(jig)).with("steps", Json.of(steps)).end();
    }

    private static Json range(Glue.Range range) {
        return Json.of(List.of(Json.of(range.least(), 3), Json.of(range.most(), 3)));
    }

    private static Json jig(CornerJig.Fit fit) {
        return Json.object().with("hole", Json.of(fit.hole())).with("arm", Json.of(fit.arm().toMm(), 4))
                .with("gap", Json.of(fit.gap().toMm(), 4)).with("travel", Json.of(fit.travel().toMm(), 4))
                .with("clampAlong", fit.across() ? "width" : "height").end();
    }

    private static void glueUp(Plan plan, GlueUpWork work, Notation notation, Column sheet) throws IOException {
        sheet.heading(GlueUpPaperTexts.GLUE_UP_WITH.formatted(plan.job().glueUp().glue().name(),
                work.glue().school().title(), work.glue().holding().title()));
        sheet.beside(0.52,
                left -> left.figure(Drawing.snug(GlueUpFigure.of(plan), left.textWidth() / UNIT, 124 / UNIT, notation),
                        UNIT),
                right -> right.figures(GlueUpPaperTexts.TO_SET, Chapters.slate(plan, Station.GLUE_UP)));
        sheet.note("–",
                GlueUpPaperTexts.SCREWS_AND_PINS_CORNER
                        .formatted(corners(plan, work.glue().order())),
                false);
        sheet.inTwoColumns(work.glue().steps().stream().<Column.Part>map(step -> column -> column.tick(step.what(),
                (step.open() ? GlueUpPaperTexts.STEP_TIME_GLUE_OPEN : "  (%s)").formatted(time(step, notation))))
                .toList());
        sheet.note("–", GlueUpPaperTexts.IN_ALL_OF_WORK
                .formatted(span(work.hands(plan.job().quantity())), span(work.waits())), false);
        sheet.note("!", GlueUpPaperTexts.GLOVES_FOR_EPOXY_AND_POLYURETHANE, true);
        if (plan.job().glueUp().finish().solvent()) {
            sheet.note("!", GlueUpPaperTexts.AIR_THE_ROOM_WHILE, true);
        }
        if (plan.job().glueUp().finish().oily()) {
            sheet.note("!", GlueUpPaperTexts.OILY_RAGS_DRY_FLAT,
                    true);
        }
    }

    /** Corners by the pieces that meet there: {@code : D–A, B–C, A–B, C–D}; nothing where pieces meet elsewhere too. */
    private static String corners(Plan plan, List<Integer> order) {
        List<Piece> pieces = plan.pieces();
        int n = pieces.size();
        return n != order.size()
                ? ""
                : order.stream()
                        .map(corner -> pieces.get((corner + n - 2) % n).name() + "–" + pieces.get(corner - 1).name())
                        .collect(Collectors.joining(", ", ": ", ""));
    }

    private static String span(long minutes) {
        return (minutes < 60
                ? GlueUpPaperTexts.MINUTES
                : minutes % 60 == 0 ? GlueUpPaperTexts.HOURS : GlueUpPaperTexts.HOURS_AND_MINUTES)
                .formatted(minutes / 60, minutes % 60);
    }

    private static String time(GlueStep step, Notation notation) {
        return Sentence
                .of(step.rest() == 0 ? "{0}" : GlueUpPaperTexts.THEN_WAIT, minutes(step.seconds()),
                        minutes(step.rest()))
                .in(notation);
    }

    private static Scalar minutes(int seconds) {
        return new Scalar(Math.round(seconds / 6.0) / 10.0, "min", 1);
    }
}
