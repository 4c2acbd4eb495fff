package neatcorner.glueup.schedule;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import neatcorner.stock.Search;
import org.junit.jupiter.api.Test;

class SchedulingTest {
    private static final Map<Resource, Integer> ONE_BAND = Map.of(Resource.BAND, 1);

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

    /** frame(3) waits for its wax all night, frames 1, 2 and 4 do not; a wish of its own, or followers, make one different. */
    @Test
    void framesWithTheSameStepsAreOfOneKind() {
        WorkCalendar hours = shop(1).calendar();
        assertArrayEquals(new int[]{0, 0, 2, 0},
                new Lanes(List.of(frame(1), frame(2), frame(3), frame(4)), hours).kinds());
        assertArrayEquals(new int[]{0, 1, 0},
                new Lanes(List.of(frame(1), frame(2).withNotBefore(0, 300), frame(4)), hours).kinds());
        Chain first = frame(1).withForAll(1);
        List<Chain> led = List.of(first, frame(2).withFollows("frame 1"), frame(4).withFollows("frame 1"), frame(5));
        assertArrayEquals(new int[]{0, 1, 1, 3}, new Lanes(led, hours).kinds());
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
        Chain going = new Chain("going", List.of(out), 40, WorkCalendar.NEVER, List.of(0L), 0, null);
        Chain next = new Chain("next", List.of(glue, out));
        Schedule schedule = Scheduling.solve(new Floor(List.of(going, next), WorkCalendar.always(), ONE_BAND, ONE_BAND),
                Search.PATIENT);
        assertEquals(40, schedule.steps().getFirst().start());
        assertEquals(42, schedule.steps().get(1).start(), "the band comes free first");
    }

    private static final Task GLUE = Task.of("glue", 10, 15).within(30);
    private static final Task LIFT = Task.of("lift", 2, 40);

    private static long start(Schedule schedule, int chain, int task) {
        return schedule.steps().stream().filter(step -> step.chain() == chain && step.task() == task).findFirst()
                .orElseThrow().start();
    }

    @Test
    void glueThatMustBeLiftedSoonIsNotSpreadBeforeABreak() {
        WorkCalendar calendar = new WorkCalendar(List.of(new WorkCalendar.Span(0, 60),
                new WorkCalendar.Span(120, 300)));
        Chain frame = new Chain("frame", List.of(GLUE, LIFT)).withNotBefore(0, 40);
        Schedule schedule = Scheduling.solve(new Floor(List.of(frame), calendar, Map.of(), Map.of()), Search.PATIENT);
        assertEquals(120, start(schedule, 0, 0), "from 50 on, it would turn rubbery in the break");
        assertEquals(145, start(schedule, 0, 1));
        Chain sooner = new Chain("frame", List.of(GLUE, LIFT)).withNotBefore(0, 35);
        Schedule before = Scheduling.solve(new Floor(List.of(sooner), calendar, Map.of(), Map.of()), Search.PATIENT);
        assertEquals(120, start(before, 0, 0), "45 and 15 is when the break begins");
        Floor hopeless = new Floor(List.of(sooner), new WorkCalendar(List.of(new WorkCalendar.Span(0, 20))), Map.of(),
                Map.of());
        assertEquals(List.of("frame"), Scheduling.solve(hopeless, Search.PATIENT).stuck());
    }

    @Test
    void otherWorkIsDoneWhileTheGlueTurnsRubberyAndNoneThatTakesTooLong() {
        Chain frame = new Chain("frame", List.of(GLUE, LIFT));
        Chain shortWork = new Chain("short", List.of(Task.of("sand", 18, 0)));
        Chain longWork = new Chain("long", List.of(Task.of("mill", 31, 0)));
        Schedule schedule = Scheduling.solve(new Floor(List.of(frame, shortWork, longWork), WorkCalendar.always(),
                Map.of(), Map.of()), Search.PATIENT);
        assertEquals(0, start(schedule, 0, 0));
        assertEquals(10, start(schedule, 1, 0));
        assertEquals(28, start(schedule, 0, 1));
        assertEquals(30, start(schedule, 2, 0));
    }

    @Test
    void glueThatIsGoingOffComesBeforeAllElse() {
        Chain going = new Chain("going", List.of(LIFT), 3, 8, List.of(0L), 0, null);
        Chain other = new Chain("other", List.of(Task.of("saw", 9, 0), Task.of("coat", 5, 300)));
        Schedule schedule = Scheduling.solve(new Floor(List.of(going, other), WorkCalendar.always(), Map.of(),
                Map.of()), Search.PATIENT);
        assertEquals(3, start(schedule, 0, 0));
        assertEquals(5, start(schedule, 1, 0));
        Chain tooLate = going.withReady(20).withBy(20);
        Chain alsoTooLate = tooLate.named("too");
        Schedule both = Scheduling.solve(new Floor(List.of(tooLate, alsoTooLate), WorkCalendar.always(), Map.of(),
                Map.of()), Search.PATIENT);
        assertTrue(both.stuck().isEmpty(), "what comes too late is still done");
        assertEquals(2, both.steps().size());
    }
}
