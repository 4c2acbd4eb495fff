package neatcorner.exchange.plan;

import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import neatcorner.exchange.job.GlueUpForm;
import neatcorner.exchange.json.Json;
import neatcorner.glueup.Glue;
import neatcorner.glueup.GluePlan;
import neatcorner.glueup.GlueStep;
import neatcorner.glueup.jig.CornerJig;
import neatcorner.glueup.schedule.Chain;
import neatcorner.glueup.schedule.Schedule;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import neatcorner.plan.Plan;
import neatcorner.station.glueup.GlueUpWork;
import neatcorner.station.glueup.ShopDays;

/** The glue-up and the days of a plan. Times are minutes, unless they say seconds. */
public final class GlueUpJson {
    private GlueUpJson() {}

    static void add(Plan plan, Notation notation, Json.Fields root, ShopDays days) {
        GlueUpWork work = GlueUpWork.of(plan);
        if (work != null) {
            root.with("glueup", glueUp(plan, work.glue(), notation)).with("schedule", schedule(days));
        }
    }

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

    /** The days on their own, as the command prints them. */
    public static Json.Obj schedule(ShopDays days) {
        Schedule schedule = days.schedule();
        List<Json> frames = new ArrayList<>();
        for (int i = 0; i < days.chains().size(); i++) {
            frames.add(Json.object().with("frame", days.chains().get(i).frame())
                    .with("done", Json.of(schedule.done().get(i)))
                    .with("stuck", Json.of(schedule.stuck().contains(days.chains().get(i).frame()))).end());
        }
        return Json.object().with("start", days.start().toLocalDateTime().toString())
                .with("end", Json.of(schedule.end())).with("bound", Json.of(schedule.bound()))
                .with("proved", Json.of(schedule.proved())).with("proof", schedule.proof())
                .with("frames", Json.of(frames))
                .with("steps", Json.of(schedule.steps().stream().map(step -> step(days, step)).toList())).end();
    }

    private static Json step(ShopDays days, Schedule.Step step) {
        Chain chain = days.chains().get(step.chain());
        long day = ChronoUnit.DAYS.between(days.start().toLocalDate(), days.at(step.start()).toLocalDate()) + 1;
        return Json.object().with("frame", chain.frame()).with("step", chain.tasks().get(step.task()).name())
                .with("start", Json.of(step.start())).with("end", Json.of(step.end()))
                .with("ready", Json.of(step.ready())).with("day", Json.of(day))
                .with("time", days.at(step.start()).toLocalTime().toString()).end();
    }
}
