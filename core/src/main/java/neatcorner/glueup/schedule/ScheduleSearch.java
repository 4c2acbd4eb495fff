package neatcorner.glueup.schedule;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import neatcorner.stock.Search;
import org.jspecify.annotations.Nullable;

/**
 * Weighs all orders of the steps, depth first. Where the same steps are done, one state beats another when the hands and
 * every frame are ready no later; what cannot end before the best so far is not followed.
 */
final class ScheduleSearch {
    private static final int MOST_NODES = 150_000;
    private static final long MOST_STATES = 400_000;
    private static final int MOST_KEPT = 24;

    private final Lanes lanes;
    private final Floor floor;
    private final Search search;
    private final Map<Long, List<long[]>> seen = new HashMap<>();
    private final int total;
    private final int[] path;
    private Scheduling.@Nullable Order best;
    private long end;
    private int nodes;
    private boolean complete;

    ScheduleSearch(Lanes lanes, Floor floor, Search search) {
        this.lanes = lanes;
        this.floor = floor;
        this.search = search;
        this.total = lanes.steps();
        this.path = new int[total];
    }

    /** Whether every order was weighed, so that nothing ends earlier. */
    boolean isComplete() {
        return complete;
    }

    /** An order that ends earlier; null when none is found. */
    Scheduling.@Nullable Order solve(Scheduling.Order known) {
        double states = 1;
        for (Lane lane : lanes.list()) {
            states *= lane.size() + 1.0;
        }
        if (states > MOST_STATES) {
            return null;
        }
        end = known.end();
        complete = true;
        follow(0, new Lanes.Timing(new long[0], 0, lanes.ready(), lanes.latest()), new int[lanes.size()], floor.free());
        return best;
    }

    private void follow(int depth, Lanes.Timing so, int[] next, int[] free) {
        long now = so.now();
        long[] ready = so.ready();
        if (++nodes > MOST_NODES || ((nodes & 255) == 0 && search.isCancelled())) {
            complete = false;
            return;
        }
        if (depth == total) {
            long last = Arrays.stream(ready).max().orElse(0);
            long all = Arrays.stream(ready).sum();
            if (last < end) {
                end = last;
                best = new Scheduling.Order(path.clone(), last, all, 0);
            }
            return;
        }
        if ((isFree(so) && isBeaten(now, next, ready)) || cannotBeat(now, next, ready)) {
            return;
        }
        Integer[] order = IntStream.range(0, lanes.size()).boxed().filter(c -> next[c] < lanes.get(c).size()
                && lanes.get(c).canTake(next[c], free)).toArray(Integer[]::new);
        long[] starts = new long[lanes.size()];
        for (int c : order) {
            starts[c] = start(c, now, next, ready);
        }
        Arrays.sort(order, (a, b) -> Long.compare(starts[a], starts[b]));
        for (int c : order) {
            if (starts[c] == WorkCalendar.NEVER || !complete) {
                continue;
            }
            Lane lane = lanes.get(c);
            int task = next[c];
            path[depth] = c;
            Lanes.Timing then = lanes.timed(path, depth + 1);
            if (then != null) {
                next[c]++;
                lane.move(task, free);
                follow(depth + 1, then, next, free);
                undo(lane, task, free);
                next[c]--;
            }
        }
    }

    /** Whether nothing must follow soon: only then can nothing that is done be put off by what comes after it. */
    private static boolean isFree(Lanes.Timing so) {
        return Arrays.stream(so.latest()).allMatch(by -> by >= WorkCalendar.NEVER);
    }

    private static void undo(Lane lane, int task, int[] free) {
        for (int r = 0; r < free.length; r++) {
            free[r] -= lane.frees[task][r] - lane.takes[task][r];
        }
    }

    private long start(int c, long now, int[] next, long[] ready) {
        return lanes.place(c, next[c], Math.max(now, ready[c]));
    }

    /** Remembers the state unless one that is no worse was here before. */
    private boolean isBeaten(long now, int[] next, long[] ready) {
        long key = 0;
        for (int c = 0; c < next.length; c++) {
            key = key * (lanes.get(c).size() + 1L) + next[c];
        }
        long[] state = Arrays.copyOf(ready, ready.length + 1);
        state[ready.length] = now;
        List<long[]> here = seen.computeIfAbsent(key, none -> new ArrayList<>());
        for (long[] other : here) {
            if (isNoWorse(other, state)) {
                return true;
            }
        }
        here.removeIf(other -> isNoWorse(state, other));
        if (here.size() < MOST_KEPT) {
            here.add(state);
        }
        return false;
    }

    private static boolean isNoWorse(long[] a, long[] b) {
        for (int i = 0; i < a.length; i++) {
            if (a[i] > b[i]) {
                return false;
            }
        }
        return true;
    }

    /** Each frame alone from here, and all hands from here, end no earlier than the best so far. */
    private boolean cannotBeat(long now, int[] next, long[] ready) {
        long hands = 0;
        long leastTail = Long.MAX_VALUE;
        long[] from = ready.clone();
        for (int c = 0; c < next.length; c++) {
            Lane lane = lanes.get(c);
            for (int i = next[c]; i < lane.size(); i++) {
                long start = floor.calendar().place(Math.max(Math.max(from[c], now), lane.notBefore[i]), lane.hands[i]);
                lanes.done(c, i, start + lane.hands[i] + lane.wait[i], from);
                hands += lane.hands[i];
            }
            if (from[c] >= end) {
                return true;
            }
            if (next[c] < lane.size()) {
                leastTail = Math.min(leastTail, lane.wait[lane.size() - 1]);
            }
        }
        long free = floor.calendar().after(floor.calendar().worked(now) + hands);
        return hands > 0 && free + leastTail >= end;
    }
}
