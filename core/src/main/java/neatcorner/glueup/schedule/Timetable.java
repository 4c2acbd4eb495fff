package neatcorner.glueup.schedule;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Puts one frame after another into the maker's time, each step into the earliest gap that is long enough (serial schedule
 * generation, Kelley 1963). Frames put in first are never delayed by those after them, which fill what is left.
 */
final class Timetable {
    private static final int MOST_RETRIES = 400;

    private final Lanes lanes;
    private final WorkCalendar calendar;
    private final int[] capacity;
    private final List<List<long[]>> holds = new ArrayList<>();
    private final long[][] starts;
    private final boolean[] placed;
    private long[] busyFrom = new long[64];
    private long[] busyTo = new long[64];
    private int busy;

    Timetable(Lanes lanes, int[] capacity) {
        this.lanes = lanes;
        this.calendar = lanes.calendar;
        this.capacity = capacity;
        this.starts = new long[lanes.size()][];
        this.placed = new boolean[lanes.size()];
        for (int r = 0; r < capacity.length; r++) {
            holds.add(new ArrayList<>());
        }
    }

    /**
     * Puts all frames in, in this order, those whose first step must begin soon, and those that hold something already, before the others; false when the working time does
     * not suffice.
     */
    boolean fill(int[] order) {
        long[] latest = lanes.latest();
        for (int lane : order) {
            if (latest[lane] < WorkCalendar.NEVER && !put(lane)) {
                return false;
            }
        }
        for (boolean holding : new boolean[]{true, false}) {
            for (int lane : order) {
                if (lanes.get(lane).holdsAlready() == holding && !put(lane)) {
                    return false;
                }
            }
        }
        return true;
    }

    /** The lanes in the order in which their steps start. */
    int[] order() {
        List<long[]> all = new ArrayList<>();
        for (int c = 0; c < starts.length; c++) {
            for (int i = 0; i < starts[c].length; i++) {
                all.add(new long[]{starts[c][i], c});
            }
        }
        all.sort((a, b) -> Long.compare(a[0], b[0]));
        return all.stream().mapToInt(step -> (int) step[1]).toArray();
    }

    private boolean put(int number) {
        if (placed[number]) {
            return true;
        }
        int leader = lanes.leader(number);
        if (leader >= 0 && !put(leader)) {
            return false;
        }
        placed[number] = true;
        Lane lane = lanes.get(number);
        starts[number] = new long[lane.size()];
        long at = Math.max(lane.ready, leader < 0 ? 0 : released(leader));
        int task = 0;
        while (task < lane.size()) {
            int last = lane.lastOfRun(task);
            long[] hold = placeHold(lane, task, last, at);
            if (hold == null || (task == 0 && hold[0] > lanes.latest()[number])) {
                return false;
            }
            for (int i = task; i <= last; i++) {
                starts[number][i] = hold[i - task];
                take(hold[i - task], hold[i - task] + lane.hands[i]);
            }
            for (int r = 0; r < capacity.length; r++) {
                if (lane.takes[task][r] > 0) {
                    holds.get(r).add(new long[]{hold[0], hold[last - task] + lane.hands[last],
                        lane.takes[task][r]});
                }
            }
            at = hold[last - task] + lane.hands[last] + lane.wait[last];
            for (int r = 0; r < capacity.length; r++) {
                int freed = lane.heldUntil(r);
                if (freed >= task && freed <= last) {
                    holds.get(r).add(new long[]{0, hold[freed - task] + lane.hands[freed], lane.frees[freed][r]});
                }
            }
            task = last + 1;
        }
        return true;
    }

    /** When what a lane does for all is done. */
    private long released(int leader) {
        int task = lanes.releasing(leader);
        return starts[leader][task] + lanes.get(leader).hands[task] + lanes.get(leader).wait[task];
    }

    /** Starts of the steps during which something is held, so that there is enough of it all the while. */
    private long @Nullable [] placeHold(Lane lane, int first, int last, long ready) {
        long[] placed = new long[last - first + 1];
        long[] least = new long[placed.length];
        least[0] = ready;
        for (int tries = 0; tries < MOST_RETRIES; tries++) {
            int tooSoon = -1;
            long at = 0;
            for (int i = first; i <= last && tooSoon < 0; i++) {
                long start = gap(Math.max(Math.max(at, least[i - first]), lane.notBefore[i]), lane.hands[i]);
                if (start >= WorkCalendar.NEVER) {
                    return null;
                }
                placed[i - first] = start;
                if (i > first && lane.isHurried(i - 1)
                        && start > placed[i - first - 1] + lane.hands[i - 1] + lane.most[i - 1]) {
                    tooSoon = i - first - 1;
                    least[tooSoon] = start - lane.most[i - 1] - lane.hands[i - 1];
                }
                at = start + lane.hands[i] + lane.wait[i];
            }
            if (tooSoon >= 0) {
                continue;
            }
            long later = conflict(lane.takes[first], placed[0], placed[last - first] + lane.hands[last]);
            if (later < 0) {
                return placed;
            }
            least[0] = Math.max(later, placed[0] + 1);
        }
        return null;
    }

    /** A moment before which such a hold cannot start; negative when there is enough all the while. */
    private long conflict(int[] takes, long from, long to) {
        long later = -1;
        for (int r = 0; r < capacity.length; r++) {
            if (takes[r] == 0) {
                continue;
            }
            List<long[]> all = holds.get(r);
            for (long[] at : all) {
                long moment = Math.max(at[0], from);
                if (at[1] > from && moment < to) {
                    int used = takes[r];
                    long soonest = Long.MAX_VALUE;
                    for (long[] other : all) {
                        if (other[0] <= moment && other[1] > moment) {
                            used += (int) other[2];
                            soonest = Math.min(soonest, other[1]);
                        }
                    }
                    if (used > capacity[r]) {
                        later = Math.max(later, soonest);
                    }
                }
            }
        }
        return later;
    }

    /** The earliest start of some work in the maker's free time. */
    private long gap(long ready, int hands) {
        long at = calendar.place(ready, hands);
        int i = firstEndingAfter(at);
        while (i < busy && busyFrom[i] < at + hands) {
            at = calendar.place(busyTo[i], hands);
            i = busyTo[i] >= at ? i + 1 : firstEndingAfter(at);
        }
        return at;
    }

    private int firstEndingAfter(long time) {
        int at = Arrays.binarySearch(busyTo, 0, busy, time + 1);
        return at >= 0 ? at : -at - 1;
    }

    private void take(long from, long to) {
        int at = firstEndingAfter(from);
        if (at > 0 && busyTo[at - 1] == from) {
            busyTo[at - 1] = to;
            join(at - 1);
            return;
        }
        if (at < busy && busyFrom[at] == to) {
            busyFrom[at] = from;
            return;
        }
        if (busy == busyFrom.length) {
            busyFrom = Arrays.copyOf(busyFrom, 2 * busy);
            busyTo = Arrays.copyOf(busyTo, 2 * busy);
        }
        System.arraycopy(busyFrom, at, busyFrom, at + 1, busy - at);
        System.arraycopy(busyTo, at, busyTo, at + 1, busy - at);
        busyFrom[at] = from;
        busyTo[at] = to;
        busy++;
    }

    /** Runs of work that touch are one. */
    private void join(int at) {
        if (at + 1 < busy && busyFrom[at + 1] == busyTo[at]) {
            busyTo[at] = busyTo[at + 1];
            System.arraycopy(busyFrom, at + 2, busyFrom, at + 1, busy - at - 2);
            System.arraycopy(busyTo, at + 2, busyTo, at + 1, busy - at - 2);
            busy--;
        }
    }
}
