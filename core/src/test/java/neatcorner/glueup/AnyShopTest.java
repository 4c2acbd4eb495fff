package neatcorner.glueup;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import neatcorner.glueup.jig.CornerJig;
import neatcorner.glueup.schedule.Chain;
import neatcorner.glueup.schedule.Floor;
import neatcorner.glueup.schedule.Resource;
import neatcorner.glueup.schedule.Schedule;
import neatcorner.glueup.schedule.Scheduling;
import neatcorner.glueup.schedule.Task;
import neatcorner.glueup.schedule.WorkCalendar;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.outline.Opening;
import neatcorner.stock.Search;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.LongRange;

/** Whatever is to be done in whatever shop: schedules can be worked, calendars agree with themselves, jigs close. */
class AnyShopTest {

    private static WorkCalendar calendar(Random random) {
        List<WorkCalendar.Span> spans = new ArrayList<>();
        long at = random.nextInt(50);
        for (int i = 0; i < 400; i++) {
            long length = 130L + random.nextInt(200);
            spans.add(new WorkCalendar.Span(at, at + length));
            at += length + 20 + random.nextInt(800);
        }
        return new WorkCalendar(spans);
    }

    private static Chain chain(Random random, int number) {
        List<Task> tasks = new ArrayList<>();
        Map<Resource, Integer> clamps = random.nextBoolean()
                ? Map.of(Resource.BAND, 1 + random.nextInt(2), Resource.BENCH, 1)
                : Map.of(Resource.JIG, 1, Resource.BENCH, 1);
        Map<Resource, Integer> drying = Map.of(Resource.DRYING, 1);
        tasks.add(Task.of("saw", 1 + random.nextInt(30), 0));
        tasks.add(Task.of("glue", 1 + random.nextInt(20), random.nextInt(90)).taking(clamps));
        tasks.add(Task.of("out", 1 + random.nextInt(4), random.nextInt(300)).freeing(clamps));
        int coats = random.nextInt(3);
        for (int i = 0; i < coats; i++) {
            Task coat = Task.of("coat", 1 + random.nextInt(10), random.nextInt(800));
            tasks.add(i == 0 ? coat.taking(drying) : coat);
        }
        Task last = Task.of("fit", 1 + random.nextInt(25), 0);
        tasks.add(coats > 0 ? last.freeing(drying) : last);
        Chain chain = new Chain("frame " + number, tasks);
        return random.nextInt(4) == 0 ? chain.withNotBefore(random.nextInt(tasks.size()), random.nextInt(2000)) : chain;
    }

    @Property(tries = 60)
    void everyScheduleCanBeWorkedAndNoneEndsBeforeItsBound(@ForAll long seed,
            @ForAll @IntRange(min = 1, max = 14) int n) {
        Random random = new Random(seed);
        List<Chain> chains = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            chains.add(chain(random, i));
        }
        Map<Resource, Integer> capacity = Map.of(Resource.BAND, 2 + random.nextInt(2), Resource.JIG, 1, Resource.BENCH,
                2 + random.nextInt(2), Resource.DRYING, 1 + random.nextInt(4));
        Floor floor = new Floor(chains, calendar(random), capacity, Map.of());
        Schedule schedule = Scheduling.solve(floor, () -> n > 6);
        assertTrue(schedule.stuck().isEmpty());
        assertTrue(schedule.bound() <= schedule.end());
        check(floor, schedule);
    }

    private static void check(Floor floor, Schedule schedule) {
        long now = 0;
        long[] ready = new long[floor.chains().size()];
        int[] next = new int[floor.chains().size()];
        Map<Resource, Integer> free = new EnumMap<>(floor.capacity());
        for (Schedule.Step step : schedule.steps()) {
            Chain chain = floor.chains().get(step.chain());
            Task task = chain.tasks().get(step.task());
            assertEquals(next[step.chain()]++, step.task());
            assertTrue(step.start() >= Math.max(now, ready[step.chain()]), "hands and waits");
            assertTrue(step.start() >= chain.notBefore().get(step.task()), "a wish");
            assertEquals(step.start(), floor.calendar().place(step.start(), task.hands()), "working time");
            task.takes().forEach((resource, count) -> assertTrue(
                    free.merge(resource, -count, Integer::sum) >= 0, () -> "no " + resource.title()));
            task.frees().forEach((resource, count) -> free.merge(resource, count, Integer::sum));
            now = step.end();
            assertEquals(step.end() + task.rest(), step.ready());
            ready[step.chain()] = step.ready();
        }
        assertEquals(floor.capacity(), free, "everything is given back");
    }

    @Property(tries = 300)
    void whatIsPlacedLiesInWorkingTimeAndNothingEarlierWould(@ForAll long seed,
            @ForAll @LongRange(max = 20_000) long moment, @ForAll @IntRange(min = 1, max = 130) int minutes) {
        WorkCalendar calendar = calendar(new Random(seed));
        long start = calendar.place(moment, minutes);
        assertEquals(minutes, calendar.worked(start + minutes) - calendar.worked(start), "all of it is work");
        assertEquals(start, calendar.place(start, minutes));
        if (start > moment) {
            assertTrue(calendar.place(start - 1, minutes) == start, "no sooner");
        }
        long end = calendar.placeBefore(start + minutes, minutes);
        assertEquals(start + minutes, end, "and no later than itself");
        assertTrue(calendar.after(calendar.worked(moment)) <= Math.max(moment, calendar.next(0)) || moment < calendar
                .next(0));
    }

    @Property(tries = 300)
    void theJigsArmsReachFromBlockToBridge(@ForAll @DoubleRange(min = 150, max = 900) double width,
            @ForAll @DoubleRange(min = 150, max = 900) double height) {
        CornerJig jig = CornerJig.usual(Units.MILLIMETRES);
        jig.fit(new Opening(Length.mm(width), Length.mm(height))).ifPresent(fit -> {
            double along = (fit.across() ? width : height) / 2 + 20 - fit.gap().toMm() / 2;
            double rise = (fit.across() ? height : width) / 2 + 20 - 20;
            assertEquals(fit.arm().toMm(), Math.hypot(along, rise), 0.01);
            assertTrue(!fit.gap().isLessThan(jig.least()) && !fit.gap().isMoreThan(jig.most()));
            assertTrue(fit.hole() >= 1 && fit.hole() <= jig.holes());
        });
    }

    @Property(tries = 100)
    void moreCornersAndColderRoomsTakeLonger(@ForAll @IntRange(min = 3, max = 20) int corners,
            @ForAll @DoubleRange(min = 5, max = 30) double celsius) {
        assertTrue(GluePlan.minutes(School.ALL_AT_ONCE, corners) < GluePlan.minutes(School.ALL_AT_ONCE, corners + 1));
        assertTrue(GluePlan.minutes(School.CORNER_BY_CORNER, corners) <= GluePlan.minutes(School.TWO_HALVES, corners));
        for (Glue glue : Glue.KNOWN) {
            assertTrue(glue.openAt(celsius) >= glue.openAt(celsius + 1));
            assertTrue(glue.clampAt(celsius) >= glue.clampAt(celsius + 1));
            assertTrue(glue.handling() <= glue.cure());
        }
        assertEquals(corners, GluePlan.order(corners).stream().distinct().count());
        assertTrue(Scheduling.solve(new Floor(List.of(), WorkCalendar.always(), Map.of(), Map.of()), Search.PATIENT)
                .steps().isEmpty());
    }
}
