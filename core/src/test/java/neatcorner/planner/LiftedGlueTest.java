package neatcorner.planner;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Objects;
import neatcorner.glueup.Glue;
import neatcorner.glueup.SqueezeOut;
import neatcorner.glueup.schedule.Schedule;
import neatcorner.glueup.schedule.Task;
import neatcorner.job.Job;
import neatcorner.job.Jobs;
import neatcorner.station.glueup.DayProgress;
import neatcorner.station.glueup.GlueUpWork;
import neatcorner.station.glueup.ShopDays;
import neatcorner.stock.Search;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Squeeze-out that is lifted while it is rubbery: a step of the days that must not wait. */
class LiftedGlueTest {
    @Test
    void squeezeOutIsLiftedBetweenFifteenAndThirtyMinutesAfterTheGlue() {
        Job lifted = Jobs.chart().withGlueUp(Jobs.chart().glueUp().withSqueezeOut(SqueezeOut.LIFT));
        ShopDays days = ShopDays.of(Planner.plan(lifted, Jobs.SHOP, Search.PATIENT), Search.PATIENT);
        List<Task> tasks = days.chains().getFirst().tasks();
        int lift = tasks.indexOf(tasks.stream().filter(task -> task.name().startsWith("Lift")).findFirst()
                .orElseThrow());
        Schedule.Step glued = days.schedule().steps().get(lift - 1);
        Schedule.Step lifts = days.schedule().steps().get(lift);
        assertTrue(lifts.start() >= glued.end() + 15 && lifts.start() <= glued.end() + 30);
        assertEquals(glued.end() + 30, days.by(lifts).orElseThrow());
        assertTrue(days.by(glued).isEmpty(), "what comes before can wait");
        DayProgress progress = DayProgress.NONE;
        for (int i = 0; i < lift; i++) {
            progress = progress.finished(days.chains().getFirst().frame(), days.start().toInstant());
        }
        ShopDays rest = progress.rest(days.chains(), Jobs.SHOP, days.start().plusMinutes(10), Search.PATIENT);
        assertEquals(5, rest.schedule().steps().getFirst().start(), "fifteen minutes less the ten that are gone");
        assertEquals(20, rest.by(rest.schedule().steps().getFirst()).orElseThrow());
        ShopDays late = progress.rest(days.chains(), Jobs.SHOP, days.start().plusMinutes(45), Search.PATIENT);
        assertEquals(0, late.schedule().steps().getFirst().start(), "late, but as soon as can be");
        assertTrue(late.by(late.schedule().steps().getFirst()).isEmpty());
    }

    /** Glue that sets as soon as it is rubbery, or soon after, stays in the clamps as long as if it were wiped. */
    @ParameterizedTest
    @ValueSource(ints = {8, 20, 22, 26, 45})
    void liftingTakesNothingOffTheTimeInTheClamps(int minutes) {
        Glue usual = Glue.KNOWN.getFirst();
        Glue glue = new Glue("quick", usual.open(), new Glue.Range(minutes, minutes), usual.cure(), usual.coldest(),
                usual.outdoors(), usual.fillsGaps());
        Job job = Jobs.chart().withGlueUp(Jobs.chart().glueUp().withGlue(glue));
        int wiped = clamped(job.withGlueUp(job.glueUp().withSqueezeOut(SqueezeOut.WIPE)));
        int lifted = clamped(job.withGlueUp(job.glueUp().withSqueezeOut(SqueezeOut.LIFT)));
        assertTrue(lifted >= wiped - 1, minutes + ": " + lifted + " minutes, and " + wiped + " where it is wiped");
    }

    /** Least minutes from the glue to the end of the clamps, as the tasks have it. */
    private static int clamped(Job job) {
        List<Task> tasks = Objects.requireNonNull(GlueUpWork.of(Planner.plan(job, Jobs.SHOP, Search.PATIENT))).chain()
                .tasks();
        int minutes = 0;
        boolean glued = false;
        for (Task task : tasks) {
            if (task.name().startsWith("Out of")) {
                return minutes + task.hands();
            }
            minutes += glued ? task.hands() + task.rest() : 0;
            if (task.name().startsWith("Dry fit") || task.name().startsWith("Glue")) {
                minutes += glued ? 0 : task.rest();
                glued = true;
            }
        }
        return minutes;
    }
}
