package neatcorner.station.glueup;

import java.time.Duration;
import java.time.Instant;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import neatcorner.glueup.schedule.Chain;
import neatcorner.glueup.schedule.Floor;
import neatcorner.glueup.schedule.Resource;
import neatcorner.glueup.schedule.Scheduling;
import neatcorner.glueup.schedule.Task;
import neatcorner.glueup.schedule.WorkCalendar;
import neatcorner.shop.Shop;
import neatcorner.stock.Search;
import org.jspecify.annotations.Nullable;

/**
 * How far the work has come, and what the maker wants later than it could be: enough to lay the rest out anew from any
 * moment.
 *
 * @param done  for a frame, when each of its steps so far was finished, in order
 * @param later for a frame and a step, the moment before which it is not wanted
 */
public record DayProgress(Map<String, List<Instant>> done, Map<String, Map<Integer, Instant>> later) {
    public static final DayProgress NONE = new DayProgress(Map.of(), Map.of());

    public DayProgress {
        done = Map.copyOf(done);
        later = Map.copyOf(later);
    }

    /** How many steps of a frame are done. */
    public int done(String frame) {
        return done.getOrDefault(frame, List.of()).size();
    }

    /** With the next step of a frame finished. */
    public DayProgress finished(String frame, Instant when) {
        Map<String, List<Instant>> all = new HashMap<>(done);
        List<Instant> times = new ArrayList<>(done.getOrDefault(frame, List.of()));
        times.add(when);
        all.put(frame, List.copyOf(times));
        return new DayProgress(all, later);
    }

    /** With the last finished step of a frame taken back. */
    public DayProgress takenBack(String frame) {
        List<Instant> times = new ArrayList<>(done.getOrDefault(frame, List.of()));
        if (times.isEmpty()) {
            return this;
        }
        times.removeLast();
        Map<String, List<Instant>> all = new HashMap<>(done);
        all.put(frame, List.copyOf(times));
        return new DayProgress(all, later);
    }

    /** With a step not wanted before a moment; null when any will do. */
    public DayProgress wanted(String frame, int step, @Nullable Instant from) {
        Map<Integer, Instant> steps = new HashMap<>(later.getOrDefault(frame, Map.of()));
        if (from == null) {
            steps.remove(step);
        } else {
            steps.put(step, from);
        }
        Map<String, Map<Integer, Instant>> all = new HashMap<>(later);
        all.put(frame, Map.copyOf(steps));
        return new DayProgress(done, all);
    }

    /** Whether a step was put off by hand. */
    public boolean isWantedLater(String frame, int step) {
        return later.getOrDefault(frame, Map.of()).containsKey(step);
    }

    /** What is left of the frames' work, laid out from a moment on; steps keep their numbers by {@link #done(String)}. */
    public ShopDays rest(List<Chain> chains, Shop shop, ZonedDateTime now, Search search) {
        List<Chain> left = new ArrayList<>();
        Map<Resource, Integer> held = new EnumMap<>(Resource.class);
        Map<String, Long> sawn = new HashMap<>();
        for (Chain chain : chains) {
            int count = done(chain.frame());
            if (chain.forAll() > 0 && count >= chain.forAll()) {
                sawn.put(chain.frame(), minutes(now.toInstant(), over(chain, chain.forAll() - 1)));
            }
            left.add(rest(chain, now, held, sawn));
        }
        return new ShopDays(now, left, Scheduling.solve(new Floor(left, ShopDays.calendar(left, shop, now),
                shop.capacity(), held), search));
    }

    /** When a finished step's wait is over. */
    private Instant over(Chain chain, int step) {
        return done.getOrDefault(chain.frame(), List.of()).get(step)
                .plus(Duration.ofMinutes(chain.tasks().get(step).rest()));
    }

    /** What a frame still needs. One that was begun, or whose wood is sawn, waits for no other. */
    private Chain rest(Chain chain, ZonedDateTime now, Map<Resource, Integer> held, Map<String, Long> sawn) {
        List<Instant> times = done.getOrDefault(chain.frame(), List.of());
        int count = Math.min(times.size(), chain.tasks().size());
        Map<Integer, Instant> wishes = later.getOrDefault(chain.frame(), Map.of());
        boolean follows = count == 0 && chain.follows() != null && !sawn.containsKey(chain.follows());
        long by = WorkCalendar.NEVER;
        long ready = chain.follows() == null ? 0 : sawn.getOrDefault(chain.follows(), 0L);
        for (int i = 0; i < count; i++) {
            Task task = chain.tasks().get(i);
            task.takes().forEach((resource, number) -> held.merge(resource, number, Integer::sum));
            task.frees().forEach((resource, number) -> held.merge(resource, -number, Integer::sum));
            ready = minutes(now.toInstant(), over(chain, i));
            Instant last = times.get(i).plus(Duration.ofMinutes(task.most()));
            by = task.isHurried() && !last.isBefore(now.toInstant())
                    ? Duration.between(now.toInstant(), last).toMinutes()
                    : WorkCalendar.NEVER;
        }
        List<Long> notBefore = new ArrayList<>();
        for (int i = count; i < chain.tasks().size(); i++) {
            Instant wish = wishes.get(i);
            notBefore.add(wish == null ? 0L : minutes(now.toInstant(), wish));
        }
        return new Chain(chain.frame(), chain.tasks().subList(count, chain.tasks().size()), ready, Math.max(by, ready),
                notBefore,
                Math.max(0, chain.forAll() - count), follows ? chain.follows() : null);
    }

    /** Whole minutes until a moment, none when it is past. */
    private static long minutes(Instant now, Instant then) {
        return Math.max(0, (Duration.between(now, then).toSeconds() + 59) / 60);
    }
}
