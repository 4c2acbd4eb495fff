package neatcorner.glueup.schedule;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** All chains that are laid out, in arrays, and which of them wait for the steps that another does for all. */
final class Lanes {
    private static final int NONE = -1;
    final WorkCalendar calendar;
    private final List<Lane> all = new ArrayList<>();
    private final int[] leaders;
    private final int[] forAll;
    private final boolean hurries;
    private final long[] latest;
    private final List<List<Integer>> followers = new ArrayList<>();

    /** Chains follow one that stands before them; the nearest of that name. */
    Lanes(List<Chain> chains, WorkCalendar calendar) {
        this.calendar = calendar;
        leaders = new int[chains.size()];
        forAll = chains.stream().mapToInt(Chain::forAll).toArray();
        for (int c = 0; c < chains.size(); c++) {
            all.add(new Lane(chains.get(c)));
            followers.add(new ArrayList<>());
            int leader = leader(chains, c);
            leaders[c] = leader == NONE || forAll[leader] == 0 ? NONE : leader;
            if (leaders[c] != NONE) {
                followers.get(leader).add(c);
            }
        }
        hurries = all.stream().anyMatch(Lane::isEverHurried);
        latest = all.stream().mapToLong(lane -> lane.by).toArray();
        if (hurries && !canKeep(0, new int[size()], ready(), latest)) {
            Arrays.fill(latest, WorkCalendar.NEVER);
        }
    }

    /** When the first step of each lane must have begun; never, where it can wait, or where it is too late for all of them. */
    long[] latest() {
        return latest.clone();
    }

    /** Whether any step must follow another soon. */
    boolean hurries() {
        return hurries;
    }

    /**
     * The earliest start of a step, not before a moment, from which those that must follow it soon find working time soon
     * enough; {@link WorkCalendar#NEVER} when there is none.
     */
    long place(int number, int task, long from) {
        Lane lane = get(number);
        int hands = lane.hands[task];
        long start = calendar.place(Math.max(from, lane.notBefore[task]), hands);
        while (start < WorkCalendar.NEVER && lane.isHurried(task)) {
            long end = start + hands;
            long next = place(number, task + 1, end + lane.wait[task]);
            if (next - end <= lane.most[task]) {
                return start;
            }
            start = next >= WorkCalendar.NEVER ? next : calendar.place(next - lane.most[task] - hands, hands);
        }
        return start;
    }

    /** By when the step after one must begin that ends at a moment. */
    long latestAfter(int number, int task, long end) {
        Lane lane = get(number);
        return lane.isHurried(task) ? end + lane.most[task] : WorkCalendar.NEVER;
    }

    /**
     * Whether all steps that must begin soon can still do so once the hands are free, one after the other, those first that
     * must begin first.
     *
     * @param next   the next step of each lane
     * @param ready  when it may begin
     * @param latest when it must have begun
     */
    boolean canKeep(long now, int[] next, long[] ready, long[] latest) {
        boolean[] kept = new boolean[size()];
        long free = now;
        while (true) {
            int first = NONE;
            for (int c = 0; c < kept.length; c++) {
                if (!kept[c] && latest[c] < WorkCalendar.NEVER && (first == NONE || latest[c] < latest[first])) {
                    first = c;
                }
            }
            if (first == NONE) {
                return true;
            }
            long start = place(first, next[first], Math.max(free, ready[first]));
            if (start > latest[first]) {
                return false;
            }
            kept[first] = true;
            free = start + get(first).hands[next[first]];
        }
    }

    /**
     * When the steps of an order, or of its beginning, are done.
     *
     * @param starts of the steps, in the order's order
     * @param now    when the hands are free
     * @param ready  when each lane is ready for its next step
     * @param latest by when that must begin
     */
    record Timing(long[] starts, long now, long[] ready, long[] latest) {}

    /**
     * Every step as early as an order of lanes allows; a step is put off where that after it would else come too late. Null
     * where the working time does not suffice, or the order cannot keep what must follow soon.
     *
     * @param steps how many of the order's steps
     */
    @Nullable
    Timing timed(int[] order, int steps) {
        long[] least = new long[steps];
        long[] starts = new long[steps];
        while (true) {
            int[] next = new int[size()];
            int[] last = new int[size()];
            Arrays.fill(last, NONE);
            long[] ready = ready();
            long[] by = latest();
            long now = 0;
            int again = NONE;
            for (int k = 0; k < steps && again == NONE; k++) {
                int c = order[k];
                Lane lane = get(c);
                int task = next[c]++;
                starts[k] = place(c, task, Math.max(Math.max(now, ready[c]), least[k]));
                if (starts[k] >= WorkCalendar.NEVER) {
                    return null;
                }
                if (starts[k] > by[c]) {
                    if (last[c] == NONE) {
                        return null;
                    }
                    again = last[c];
                    least[again] = starts[k] - lane.most[task - 1] - lane.hands[task - 1];
                }
                last[c] = k;
                now = starts[k] + lane.hands[task];
                by[c] = latestAfter(c, task, now);
                done(c, task, now + lane.wait[task], ready);
            }
            if (again == NONE) {
                return new Timing(starts, now, ready, by);
            }
        }
    }

    /** The place of the chain that one follows; negative when there is none. */
    static int leader(List<Chain> chains, int follower) {
        String name = chains.get(follower).follows();
        for (int c = follower - 1; name != null && c >= 0; c--) {
            if (chains.get(c).frame().equals(name)) {
                return c;
            }
        }
        return NONE;
    }

    int size() {
        return all.size();
    }

    int steps() {
        return all.stream().mapToInt(Lane::size).sum();
    }

    Lane get(int lane) {
        return all.get(lane);
    }

    List<Lane> list() {
        return all;
    }

    /** The lane that one waits for; negative when it waits for none. */
    int leader(int lane) {
        return leaders[lane];
    }

    /** Of each lane the first that it is like, itself maybe; one that others follow is like no other. */
    int[] kinds() {
        int[] kinds = new int[size()];
        for (int lane = 0; lane < kinds.length; lane++) {
            kinds[lane] = lane;
            for (int other = lane - 1; other >= 0 && followers.get(lane).isEmpty(); other--) {
                if (followers.get(other).isEmpty() && leaders[other] == leaders[lane]
                        && forAll[other] == forAll[lane] && get(other).isLike(get(lane))) {
                    kinds[lane] = kinds[other];
                }
            }
        }
        return kinds;
    }

    /** Whether the lanes that follow may begin when a step and its wait are over. */
    boolean releases(int lane, int task) {
        return task + 1 == forAll[lane] && !followers.get(lane).isEmpty();
    }

    /** The step whose end lets the followers of a lane begin. */
    int releasing(int lane) {
        return forAll[lane] - 1;
    }

    /** When each lane may begin, as long as nothing is done: never, for those that follow. */
    long[] ready() {
        long[] ready = new long[size()];
        for (int c = 0; c < ready.length; c++) {
            ready[c] = leaders[c] == NONE ? get(c).ready : WorkCalendar.NEVER;
        }
        return ready;
    }

    /** Notes when a lane is ready for its next step, and lets those begin that have waited for this one. */
    void done(int lane, int task, long until, long[] ready) {
        ready[lane] = until;
        if (releases(lane, task)) {
            for (int follower : followers.get(lane)) {
                ready[follower] = Math.max(get(follower).ready, until);
            }
        }
    }

    /** The earliest starts of all steps if each frame, and what it waits for, were alone. */
    long[][] starts() {
        long[][] starts = new long[size()][];
        long[] ready = ready();
        for (int c = 0; c < starts.length; c++) {
            Lane lane = get(c);
            starts[c] = new long[lane.size()];
            for (int i = 0; i < lane.size(); i++) {
                starts[c][i] = place(c, i, ready[c]);
                done(c, i, starts[c][i] + lane.hands[i] + lane.wait[i], ready);
            }
        }
        return starts;
    }

    /** When each frame would be done if it, and what it waits for, were alone. */
    long[] alone() {
        long[][] starts = starts();
        long[] done = new long[size()];
        for (int c = 0; c < done.length; c++) {
            Lane lane = get(c);
            int last = lane.size() - 1;
            done[c] = last < 0 ? lane.ready : starts[c][last] + lane.hands[last] + lane.wait[last];
        }
        return done;
    }

    /** Latest ends of all steps, so that every last wait is over by a moment; null when that is too soon. */
    long @Nullable [][] deadlines(long due) {
        long[][] ends = new long[size()][];
        long[] forFollowers = new long[size()];
        Arrays.fill(forFollowers, WorkCalendar.NEVER);
        for (int c = size() - 1; c >= 0; c--) {
            Lane lane = get(c);
            ends[c] = new long[lane.size()];
            long at = due;
            for (int i = lane.size() - 1; i >= 0; i--) {
                at = releases(c, i) ? Math.min(at, forFollowers[c]) : at;
                ends[c][i] = calendar.placeBefore(at - lane.wait[i], lane.hands[i]);
                if (ends[c][i] < 0) {
                    return null;
                }
                at = ends[c][i] - lane.hands[i];
            }
            if (leaders[c] != NONE) {
                forFollowers[leaders[c]] = Math.min(forFollowers[leaders[c]], at);
            }
        }
        return ends;
    }
}
