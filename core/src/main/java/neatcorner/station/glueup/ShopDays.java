package neatcorner.station.glueup;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.stream.IntStream;
import java.util.List;
import java.util.Map;
import java.util.OptionalLong;
import neatcorner.glueup.schedule.Chain;
import neatcorner.glueup.schedule.Floor;
import neatcorner.glueup.schedule.Schedule;
import neatcorner.glueup.schedule.Scheduling;
import neatcorner.glueup.schedule.Task;
import neatcorner.glueup.schedule.WorkCalendar;
import neatcorner.plan.Plan;
import neatcorner.shop.Shop;
import neatcorner.stock.Search;

/**
 * The days of a shop: all frames of some jobs, with every step in the maker's hours.
 *
 * @param start    moment from which minutes are counted
 * @param chains   one for each frame
 * @param schedule of them
 */
public record ShopDays(ZonedDateTime start, List<Chain> chains, Schedule schedule) {
    /** A Monday like any other, for plans that nobody has given a date yet. */
    private static final ZonedDateTime SOME_MONDAY = LocalDate.EPOCH
            .with(TemporalAdjusters.firstInMonth(DayOfWeek.MONDAY)).atTime(0, 0).atZone(ZoneOffset.UTC);

    /** Days are laid out once more so often at most until tools are set up for the first that needs them. */
    private static final int MOST_TRIED = 4;

    public ShopDays {
        chains = List.copyOf(chains);
    }

    /** A frame's steps; none when there is no frame to make. A job of several frames has as many chains. */
    public static List<Chain> chains(Plan plan) {
        GlueUpWork work = GlueUpWork.of(plan);
        List<Chain> chains = new ArrayList<>();
        for (int i = 1; work != null && i <= plan.job().quantity(); i++) {
            String name = plan.job().quantity() == 1 ? plan.job().title() : plan.job().title() + " · " + i;
            chains.add(i == 1
                    ? work.chain().named(name)
                    : work.again().named(name).following(chains.getFirst().frame()));
        }
        return chains;
    }

    /** As of a Monday's first working minute. */
    public static ShopDays of(Plan plan, Search search) {
        Shop shop = plan.shop();
        ZonedDateTime start = SOME_MONDAY.plusMinutes(Math.min(7 * 24 * 60,
                shop.hours().from(SOME_MONDAY, 1).next(0)));
        return of(chains(plan), shop, start, search);
    }

    /** Frames laid into a shop's hours from a moment on. A search that is told to stop gives its best so far. */
    public static ShopDays of(List<Chain> chains, Shop shop, ZonedDateTime start, Search search) {
        List<Chain> all = chains;
        Schedule schedule = solve(all, shop, start, search);
        for (int tried = 0; tried < MOST_TRIED; tried++) {
            List<Chain> better = setUpFirst(all, schedule, tried == 0);
            if (better.equals(all)) {
                break;
            }
            all = better;
            schedule = solve(all, shop, start, search);
        }
        return new ShopDays(start, all, schedule);
    }

    private static Schedule solve(List<Chain> chains, Shop shop, ZonedDateTime start, Search search) {
        return Scheduling.solve(new Floor(chains, calendar(chains, shop, start), shop.capacity(), Map.of()), search);
    }

    /**
     * A frame that others follow has the set-up of each tool in its own step: where another comes to that step before it, all of them
     * are kept until it has begun.
     *
     * @param hopeful whether they are kept only until the first of them would begin, when it may well be its turn; else until it did
     */
    private static List<Chain> setUpFirst(List<Chain> chains, Schedule schedule, boolean hopeful) {
        List<Chain> all = new ArrayList<>(chains);
        for (int i = 0; i < chains.size(); i++) {
            Chain leader = chains.get(i);
            for (int task = leader.forAll(); task < leader.tasks().size(); task++) {
                long own = begins(schedule, i, task);
                Task with = leader.tasks().get(task);
                List<Integer> others = IntStream.range(0, chains.size()).filter(other -> leader.frame()
                        .equals(chains.get(other).follows()) && step(chains.get(other), with) >= 0).boxed().toList();
                long first = others.stream().mapToLong(other -> begins(schedule, other, step(chains.get(other), with)))
                        .min()
                        .orElse(Long.MAX_VALUE);
                if (first < own && own < Long.MAX_VALUE) {
                    long from = (hopeful ? first : own) + 1;
                    others.forEach(
                            other -> all.set(other, all.get(other).withNotBefore(step(all.get(other), with), from)));
                }
            }
        }
        return all;
    }

    private static long begins(Schedule schedule, int chain, int task) {
        return schedule.steps().stream().filter(step -> step.chain() == chain && step.task() == task)
                .mapToLong(Schedule.Step::start).findFirst().orElse(Long.MAX_VALUE);
    }

    /** The same step without its set-up; negative where there is none. */
    private static int step(Chain chain, Task with) {
        return IntStream.range(0, chain.tasks().size()).filter(i -> chain.tasks().get(i).name().equals(with.name())
                && chain.tasks().get(i).hands() < with.hands()).findFirst().orElse(-1);
    }

    /** Working time enough for all of it, however badly it is laid out. */
    public static WorkCalendar calendar(List<Chain> chains, Shop shop, ZonedDateTime start) {
        long hands = 0;
        long rests = 0;
        for (Chain chain : chains) {
            long own = 0;
            for (Task task : chain.tasks()) {
                hands += task.hands();
                own += task.rest();
            }
            long wish = chain.notBefore().stream().mapToLong(Long::longValue).max().orElse(0);
            rests = Math.max(rests, own + wish);
        }
        return shop.hours().from(start, 3 * hands + 3 * rests + 10_000);
    }

    /** The minute by which a step must have begun, because of the one before it; none where it can wait. */
    public OptionalLong by(Schedule.Step step) {
        Chain chain = chains.get(step.chain());
        if (step.task() == 0) {
            return chain.by() < WorkCalendar.NEVER ? OptionalLong.of(chain.by()) : OptionalLong.empty();
        }
        Task before = chain.tasks().get(step.task() - 1);
        return before.isHurried()
                ? schedule.steps().stream()
                        .filter(each -> each.chain() == step.chain() && each.task() == step.task() - 1)
                        .mapToLong(each -> each.end() + before.most()).findFirst()
                : OptionalLong.empty();
    }

    /** When a minute of the plan is. */
    public ZonedDateTime at(long minute) {
        return start.plusMinutes(minute);
    }
}
