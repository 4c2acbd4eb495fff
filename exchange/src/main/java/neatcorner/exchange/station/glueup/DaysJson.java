package neatcorner.exchange.station.glueup;

import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import neatcorner.exchange.json.Json;
import neatcorner.glueup.schedule.Chain;
import neatcorner.glueup.schedule.Schedule;
import neatcorner.station.glueup.ShopDays;

/** The days of a shop as JSON, for a plan or on their own. Times are minutes from the start. */
public final class DaysJson {
    private DaysJson() {}

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
        Json.Fields fields = Json.object().with("frame", chain.frame())
                .with("step", chain.tasks().get(step.task()).name())
                .with("start", Json.of(step.start())).with("end", Json.of(step.end()))
                .with("ready", Json.of(step.ready())).with("day", Json.of(day))
                .with("time", days.at(step.start()).toLocalTime().toString());
        days.by(step).ifPresent(by -> fields.with("by", Json.of(by)));
        return fields.end();
    }
}
