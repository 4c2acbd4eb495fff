package neatcorner.station.glueup;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
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
        return new ShopDays(start, chains, Scheduling.solve(new Floor(chains, calendar(chains, shop, start),
                shop.capacity(), Map.of()), search));
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
