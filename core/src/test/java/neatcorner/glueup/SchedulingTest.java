package neatcorner.glueup;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
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
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import neatcorner.stock.Search;
import org.junit.jupiter.api.Test;

class SchedulingTest {
    private static final Map<Resource, Integer> ONE_BAND = Map.of(Resource.BAND, 1);

    private static WorkCalendar days() {
        List<WorkCalendar.Span> spans = new ArrayList<>();
        for (int day = 0; day < 6; day++) {
            spans.add(new WorkCalendar.Span(day * 100L, day * 100L + 24));
            spans.add(new WorkCalendar.Span(day * 100L + 30, day * 100L + 50));
        }
        return new WorkCalendar(spans);
    }

    private static Floor any(Random random) {
        List<Chain> chains = new ArrayList<>();
        int frames = 2 + random.nextInt(2);
        for (int i = 0; i < frames; i++) {
            List<Task> tasks = new ArrayList<>();
            tasks.add(Task.of("saw", 1 + random.nextInt(9), 0));
            tasks.add(Task.of("glue", 1 + random.nextInt(6), 2 + random.nextInt(30)).taking(ONE_BAND));
            tasks.add(Task.of("out", 1 + random.nextInt(2), random.nextInt(20)).freeing(ONE_BAND));
            if (random.nextBoolean()) {
                tasks.add(Task.of("coat", 1 + random.nextInt(8), random.nextInt(60)));
            }
            chains.add(new Chain("frame " + i, tasks));
        }
        return new Floor(chains, days(), Map.of(Resource.BAND, 1 + random.nextInt(2)), Map.of());
    }

    /** Small cases, worked out again by OR-Tools CP-SAT on a model of its own. */
    @Test
    void smallShopsAreDoneAsSoonAsByAnExactModel() {
        Loader.loadNativeLibraries();
        for (int seed = 0; seed < 60; seed++) {
            Floor floor = any(new Random(seed));
            Schedule ours = Scheduling.solve(floor, Search.PATIENT);
            assertTrue(ours.proved(), "seed " + seed + ": " + ours.proof());
            assertEquals(earliest(floor), ours.end(), "seed " + seed);
            check(floor, ours);
        }
    }

    private static long earliest(Floor floor) {
        CpModel model = new CpModel();
        int horizon = 600;
        IntVar end = model.newIntVar(0, horizon, "end");
        List<IntervalVar> hands = new ArrayList<>();
        CumulativeConstraint bands = model.addCumulative(floor.capacity().getOrDefault(Resource.BAND, 0));
        for (Chain chain : floor.chains()) {
            IntVar taken = model.newConstant(0);
            LinearExpr ready = LinearExpr.constant(0);
            for (Task task : chain.tasks()) {
                IntVar start = model.newIntVar(0, horizon, task.name());
                model.addGreaterOrEqual(start, ready);
                within(model, start, task.hands(), floor.calendar());
                hands.add(model.newFixedSizeIntervalVar(start, task.hands(), task.name()));
                if (!task.takes().isEmpty()) {
                    taken = start;
                }
                if (!task.frees().isEmpty()) {
                    IntVar size = model.newIntVar(0, horizon, "held");
                    IntVar over = model.newIntVar(0, horizon, "over");
                    model.addEquality(over, LinearExpr.newBuilder().add(start).add(task.hands()));
                    bands.addDemand(model.newIntervalVar(taken, size, over, "hold"), 1);
                }
                ready = LinearExpr.newBuilder().add(start).add(task.hands() + task.rest()).build();
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

    private static void within(CpModel model, IntVar start, int hands, WorkCalendar calendar) {
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

    /** One pair of hands, in working time; waits kept; never more held than there is. */
    private static void check(Floor floor, Schedule schedule) {
        long now = 0;
        long[] ready = new long[floor.chains().size()];
        int[] next = new int[floor.chains().size()];
        int free = floor.capacity().getOrDefault(Resource.BAND, 0);
        for (Schedule.Step step : schedule.steps()) {
            Task task = floor.chains().get(step.chain()).tasks().get(step.task());
            assertEquals(next[step.chain()]++, step.task());
            assertTrue(step.start() >= now && step.start() >= ready[step.chain()]);
            assertEquals(step.start(), floor.calendar().place(step.start(), task.hands()));
            free -= task.takes().getOrDefault(Resource.BAND, 0);
            assertTrue(free >= 0, "a band too many");
            free += task.frees().getOrDefault(Resource.BAND, 0);
            now = step.end();
            ready[step.chain()] = step.ready();
        }
        for (int i = 0; i < next.length; i++) {
            assertEquals(floor.chains().get(i).tasks().size(), next[i]);
            assertEquals(ready[i], schedule.done().get(i));
        }
    }

    private static Chain frame(int number) {
        Map<Resource, Integer> held = Map.of(Resource.BAND, 1, Resource.BENCH, 1);
        return new Chain("frame " + number, List.of(Task.of("saw", 11, 0), Task.of("glue", 12, 32).taking(held),
                Task.of("out", 2, 120).freeing(held), Task.of("nails", 9, 0),
                Task.of("wax", 7, number % 3 == 0 ? 12 * 60 : 30), Task.of("fit out", 18, 0)));
    }

    private static Floor shop(int frames) {
        return shop(frames, WorkingHours.usual());
    }

    private static Floor shop(int frames, WorkingHours hours) {
        List<Chain> chains = new ArrayList<>();
        for (int i = 0; i < frames; i++) {
            chains.add(frame(i));
        }
        ZonedDateTime monday = ZonedDateTime.of(2026, 11, 23, 8, 0, 0, 0, ZoneOffset.UTC);
        return new Floor(chains, hours.from(monday, 60L * 24 * 60), Map.of(Resource.BAND, 3, Resource.BENCH, 4), Map
                .of());
    }

    @Test
    void twentyFramesEndWithinAFewPercentOfTheBound() {
        Floor floor = shop(20);
        Schedule schedule = Scheduling.solve(floor, Search.PATIENT);
        check(floor, schedule);
        assertTrue(schedule.gap() < 0.05, "gap " + schedule.gap());
        assertEquals(schedule, Scheduling.solve(floor, Search.PATIENT), "the same shop, the same days");
    }

    @Test
    void hundredsOfFramesAndAStoppedSearchGiveASchedule() {
        Floor floor = shop(500);
        Schedule schedule = Scheduling.solve(floor, () -> true);
        check(floor, schedule);
        assertTrue(schedule.end() >= schedule.bound());
    }

    @Test
    void whatTheShopLacksIsNamedAndTheRestIsDone() {
        Chain jig = new Chain("jigged", List.of(Task.of("glue", 10, 30).taking(Map.of(Resource.JIG, 1))));
        Floor floor = new Floor(List.of(frame(1), jig), shop(1).calendar(), Map.of(Resource.BAND, 1, Resource.BENCH, 1),
                Map.of());
        Schedule schedule = Scheduling.solve(floor, Search.PATIENT);
        assertEquals(List.of("jigged"), schedule.stuck());
        assertEquals(6, schedule.steps().size());
        assertEquals(0, schedule.done().get(1));
        Schedule never = Scheduling.solve(shop(3, new WorkingHours(List.of())), Search.PATIENT);
        assertEquals(3, never.stuck().size());
        assertTrue(never.steps().isEmpty());
        assertTrue(Scheduling.solve(shop(0), Search.PATIENT).proved());
    }

    @Test
    void aWishForLaterIsKeptAndTheOthersGoFirst() {
        Floor free = shop(3);
        List<Chain> chains = new ArrayList<>(free.chains());
        chains.set(0, chains.getFirst().withNotBefore(0, 300));
        Floor floor = new Floor(chains, free.calendar(), free.capacity(), Map.of());
        Schedule schedule = Scheduling.solve(floor, Search.PATIENT);
        Schedule.Step first = schedule.steps().stream().filter(step -> step.chain() == 0).findFirst().orElseThrow();
        assertTrue(first.start() >= 300);
        assertFalse(schedule.steps().getFirst().chain() == 0);
    }

    @Test
    void whatIsHeldAlreadyIsNotGivenOutAgain() {
        Task out = Task.of("out", 2, 0).freeing(ONE_BAND);
        Task glue = Task.of("glue", 5, 20).taking(ONE_BAND);
        Chain going = new Chain("going", List.of(out), 40, List.of(0L));
        Chain next = new Chain("next", List.of(glue, out));
        Schedule schedule = Scheduling.solve(new Floor(List.of(going, next), WorkCalendar.always(), ONE_BAND, ONE_BAND),
                Search.PATIENT);
        assertEquals(40, schedule.steps().getFirst().start());
        assertEquals(42, schedule.steps().get(1).start(), "the band comes free first");
    }
}
