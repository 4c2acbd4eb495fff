package neatcorner.reference;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.google.ortools.Loader;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.CumulativeConstraint;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.IntervalVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.Literal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import neatcorner.glueup.schedule.Chain;
import neatcorner.glueup.schedule.Floor;
import neatcorner.glueup.schedule.Resource;
import neatcorner.glueup.schedule.Schedule;
import neatcorner.glueup.schedule.Scheduling;
import neatcorner.glueup.schedule.Task;
import neatcorner.glueup.schedule.WorkCalendar;
import neatcorner.stock.Search;
import org.junit.jupiter.api.Test;

/**
 * A few frames in a small shop, some of them sawn together, laid out again by OR-Tools CP-SAT on a model of its own: hands
 * that do one thing at a time and only in working hours, waits, what is held, what one frame does for all.
 */
class SmallDaysTest {
    @Test
    void theLastFrameIsDoneAsSoonAsAnyPlanCanHaveIt() {
        Loader.loadNativeLibraries();
        Cases.of("small days", random -> {
            Floor floor = floor(random);
            Schedule ours = Scheduling.solve(floor, Search.PATIENT);
            assertTrue(ours.proved(), ours.proof());
            assertTrue(ours.stuck().isEmpty());
            assertEquals(least(floor, ours.end()), ours.end());
            assertEquals(ours.end(), ours.bound());
            worked(floor, ours);
        });
    }

    private static Floor floor(Random random) {
        List<WorkCalendar.Span> spans = new ArrayList<>();
        for (int day = 0; day < 9; day++) {
            spans.add(new WorkCalendar.Span(day * 100L, day * 100L + 24));
            spans.add(new WorkCalendar.Span(day * 100L + 30, day * 100L + 50));
        }
        int frames = 2 + random.nextInt(2);
        boolean together = random.nextBoolean();
        List<Chain> chains = new ArrayList<>();
        for (int i = 0; i < frames; i++) {
            chains.add(frame(random, i, together));
        }
        return new Floor(chains, new WorkCalendar(spans),
                Map.of(Resource.BAND, 1 + random.nextInt(2), Resource.DRYING, 1 + random.nextInt(2)), Map.of());
    }

    /** Those that are sawn together wait for all that the first does for all, its glue as well. */
    private static Chain frame(Random random, int number, boolean together) {
        Map<Resource, Integer> band = Map.of(Resource.BAND, 1);
        Map<Resource, Integer> place = Map.of(Resource.DRYING, 1);
        List<Task> tasks = new ArrayList<>();
        boolean leads = together && number == 0;
        if (leads && random.nextBoolean()) {
            tasks.add(Task.of("glue up the section", 1 + random.nextInt(5), random.nextInt(20)));
        }
        if (leads || !together) {
            tasks.add(Task.of("saw", 1 + random.nextInt(9), random.nextInt(3)));
        }
        int forAll = leads ? tasks.size() : 0;
        Task glue = Task.of("glue", 1 + random.nextInt(6), 2 + random.nextInt(30)).taking(band);
        if (random.nextBoolean()) {
            tasks.add(glue.within(glue.rest() + random.nextInt(6)));
            tasks.add(Task.of("lift", 1 + random.nextInt(3), random.nextInt(20)));
        } else {
            tasks.add(glue);
        }
        tasks.add(Task.of("out", 1 + random.nextInt(2), random.nextInt(20)).freeing(band));
        if (random.nextBoolean()) {
            tasks.add(Task.of("coat", 1 + random.nextInt(8), random.nextInt(60)).taking(place));
            tasks.add(Task.of("fit out", 1 + random.nextInt(5), 0).freeing(place));
        }
        Chain chain = new Chain("frame " + number, tasks).withForAll(forAll)
                .following(together && number > 0 ? "frame 0" : null);
        return random.nextInt(4) == 0 ? chain.withNotBefore(random.nextInt(tasks.size()), random.nextInt(150)) : chain;
    }

    /** Whether anything ends sooner than what was found, which {@link #worked} shows to be possible. */
    private static long least(Floor floor, long horizon) {
        CpModel model = new CpModel();
        IntVar end = model.newIntVar(0, horizon, "end");
        List<IntervalVar> hands = new ArrayList<>();
        Map<Resource, CumulativeConstraint> things = new HashMap<>();
        floor.capacity().forEach((resource, count) -> things.put(resource, model.addCumulative(count)));
        Map<String, LinearExpr> sawn = new HashMap<>();
        for (Chain chain : floor.chains()) {
            Map<Resource, IntVar> taken = new HashMap<>();
            LinearExpr ready = chain.follows() == null ? LinearExpr.constant(0) : sawn.get(chain.follows());
            IntVar before = end;
            for (int i = 0; i < chain.tasks().size(); i++) {
                Task task = chain.tasks().get(i);
                IntVar start = model.newIntVar(chain.notBefore().get(i), horizon, task.name());
                model.addGreaterOrEqual(start, ready);
                if (i > 0 && chain.tasks().get(i - 1).isHurried()) {
                    model.addLessOrEqual(start, LinearExpr.newBuilder().add(before).add(
                            chain.tasks().get(i - 1).hands() + chain.tasks().get(i - 1).most()).build());
                }
                before = start;
                inOneSpan(model, start, task.hands(), floor.calendar());
                hands.add(model.newFixedSizeIntervalVar(start, task.hands(), task.name()));
                task.takes().keySet().forEach(resource -> taken.put(resource, start));
                for (Resource resource : task.frees().keySet()) {
                    IntVar size = model.newIntVar(0, horizon, "held");
                    IntVar over = model.newIntVar(0, horizon, "over");
                    model.addEquality(over, LinearExpr.newBuilder().add(start).add(task.hands()));
                    things.computeIfPresent(resource, (what, held) -> held
                            .addDemand(model.newIntervalVar(taken.get(what), size, over, "hold"), 1));
                }
                ready = LinearExpr.newBuilder().add(start).add(task.hands() + task.rest()).build();
                if (i + 1 == chain.forAll()) {
                    sawn.put(chain.frame(), ready);
                }
            }
            model.addGreaterOrEqual(end, ready);
        }
        model.addNoOverlap(hands);
        model.minimize(end);
        CpSolver solver = new CpSolver();
        solver.getParameters().setNumWorkers(1);
        assertEquals(CpSolverStatus.OPTIMAL, solver.solve(model));
        return Math.round(solver.objectiveValue());
    }

    private static void inOneSpan(CpModel model, IntVar start, int hands, WorkCalendar calendar) {
        List<Literal> choices = new ArrayList<>();
        for (WorkCalendar.Span span : calendar.spans()) {
            if (span.to() - span.from() >= hands) {
                BoolVar here = model.newBoolVar("here");
                model.addLinearConstraint(start, span.from(), span.to() - hands).onlyEnforceIf(here);
                choices.add(here);
            }
        }
        model.addExactlyOne(choices);
    }

    /** A maker who does one step after another as they are written finds hands, wood, clamps and places there each time. */
    private static void worked(Floor floor, Schedule schedule) {
        Map<String, Long> ready = new HashMap<>();
        Map<String, Long> sawn = new HashMap<>();
        Map<String, Long> latest = new HashMap<>();
        Map<Resource, Integer> free = new HashMap<>(floor.capacity());
        long now = 0;
        for (Schedule.Step step : schedule.steps()) {
            Chain chain = floor.chains().get(step.chain());
            Task task = chain.tasks().get(step.task());
            assertTrue(step.start() >= now && step.start() >= chain.notBefore().get(step.task()), "hands, wishes");
            assertTrue(step.start() >= ready.getOrDefault(chain.frame(), 0L), "waits");
            assertTrue(step.start() <= latest.getOrDefault(chain.frame(), Long.MAX_VALUE), "what cannot wait");
            assertTrue(chain.follows() == null
                    || step.start() >= sawn.getOrDefault(chain.follows(), Long.MAX_VALUE), "wood that is not sawn yet");
            long from = step.start() % 100;
            long to = from + task.hands();
            assertTrue(to <= 24 || (from >= 30 && to <= 50), "working hours");
            task.takes().forEach((what, count) -> assertTrue(free.merge(what, -count, Integer::sum) >= 0, "held"));
            task.frees().forEach((what, count) -> free.merge(what, count, Integer::sum));
            now = step.start() + task.hands();
            ready.put(chain.frame(), now + task.rest());
            latest.put(chain.frame(), now + task.most());
            if (step.task() + 1 == chain.forAll()) {
                sawn.put(chain.frame(), now + task.rest());
            }
        }
        assertEquals(schedule.end(), ready.values().stream().mapToLong(Long::longValue).max().orElse(0));
    }
}
