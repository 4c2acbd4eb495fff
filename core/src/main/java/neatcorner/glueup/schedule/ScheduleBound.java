package neatcorner.glueup.schedule;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;

/**
 * Shows that no schedule ends by a given minute. Three arguments, each enough: a frame alone takes longer; the maker's hands
 * cannot do every step between its earliest start and the latest end that its frame allows (on one machine that may be
 * interrupted, earliest deadline first finds a way if there is one: Horn, 1974), counted in working minutes; or clamps and
 * places are held for longer than there are any.
 */
final class ScheduleBound {
    /** Dual feasible functions are tried up to this many parts (Fekete and Schepers, 2001). */
    private static final int MOST_PARTS = 8;
    private static final long GRAIN = 5;
    private static final long DAY = 24 * 60;
    private final Lanes lanes;
    private final long[][] starts;
    private final WorkCalendar calendar;
    private final int[] capacity;
    private final List<List<Hold>> holds;
    private final Map<Steps, Long> shortest = new HashMap<>();
    private final long horizon;

    /**
     * A resource held by one frame: for so long, of which so much is work by hand, not before, and what comes after; and for
     * how long at least, since its steps cannot fall into a break.
     */
    private record Hold(int count, long length, long hands, long earliest, long after, long elapsed) {}

    /** What decides how long a hold lasts. */
    private record Steps(List<Integer> hands, List<Integer> rests) {}

    private record Work(long release, long due, long hands) {}

    /** @param horizon minute by which all is known to be possible */
    ScheduleBound(Lanes lanes, int[] capacity, long horizon) {
        this.horizon = horizon;
        this.lanes = lanes;
        this.starts = lanes.starts();
        this.calendar = lanes.calendar;
        this.capacity = capacity;
        this.holds = new ArrayList<>();
        for (int r = 0; r < capacity.length; r++) {
            holds.add(holds(r));
        }
    }

    private List<Hold> holds(int resource) {
        List<Hold> found = new ArrayList<>();
        for (int c = 0; c < lanes.size(); c++) {
            Lane lane = lanes.get(c);
            for (int i = 0; i < lane.size(); i++) {
                int count = lane.takes[i][resource];
                if (count == 0) {
                    continue;
                }
                long length = 0;
                long hands = 0;
                int j = i;
                while (true) {
                    length += lane.hands[j];
                    hands += lane.hands[j];
                    if (lane.frees[j][resource] > 0 || j + 1 >= lane.size()) {
                        break;
                    }
                    length += lane.wait[j];
                    j++;
                }
                long after = lane.wait[j];
                for (int k = j + 1; k < lane.size(); k++) {
                    after += lane.hands[k] + lane.wait[k];
                }
                found.add(new Hold(count, length, hands, starts[c][i], after, elapsed(lane, i, j)));
            }
        }
        return found;
    }

    /** The shortest that a run of steps can last wherever it starts: tried every few minutes, less those few. */
    private long elapsed(Lane lane, int first, int last) {
        Steps steps = new Steps(Arrays.stream(lane.hands, first, last + 1).boxed().toList(),
                Arrays.stream(lane.wait, first, last + 1).boxed().toList());
        return shortest.computeIfAbsent(steps, key -> {
            long least = WorkCalendar.NEVER;
            for (WorkCalendar.Span span : calendar.spans()) {
                if (span.from() > horizon) {
                    break;
                }
                for (long start = span.from(); start < Math.min(span.to(), span.from() + DAY); start += GRAIN) {
                    long at = start;
                    for (int i = first; i <= last && at < WorkCalendar.NEVER; i++) {
                        at = calendar.place(at, lane.hands[i]) + lane.hands[i] + (i < last ? lane.wait[i] : 0);
                    }
                    least = Math.min(least, at - start);
                }
            }
            return Math.max(0, least - GRAIN);
        });
    }

    /** The earliest minute that none of the arguments rules out. */
    long least() {
        long low = Arrays.stream(lanes.alone()).max().orElse(0);
        long high = Math.max(low, horizon);
        while (low < high) {
            long middle = (low + high) >>> 1;
            if (isRuledOut(middle)) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }

    private boolean isRuledOut(long due) {
        long[][] ends = lanes.deadlines(due);
        if (ends == null) {
            return true;
        }
        List<Work> works = new ArrayList<>();
        for (int c = 0; c < lanes.size(); c++) {
            Lane lane = lanes.get(c);
            for (int i = 0; i < lane.size(); i++) {
                if (starts[c][i] + lane.hands[i] > ends[c][i]) {
                    return true;
                }
                works.add(new Work(calendar.worked(starts[c][i]), calendar.worked(ends[c][i]), lane.hands[i]));
            }
        }
        return !handsAreEnough(works) || !clampsAreEnough(due);
    }

    /** Earliest deadline first, in working minutes. */
    private static boolean handsAreEnough(List<Work> works) {
        works.sort(Comparator.comparingLong(Work::release));
        PriorityQueue<long[]> waiting = new PriorityQueue<>(Comparator.comparingLong((long[] work) -> work[0]));
        long now = 0;
        int next = 0;
        while (next < works.size() || !waiting.isEmpty()) {
            if (waiting.isEmpty()) {
                now = Math.max(now, works.get(next).release);
            }
            while (next < works.size() && works.get(next).release <= now) {
                waiting.add(new long[]{works.get(next).due, works.get(next).hands});
                next++;
            }
            long[] first = waiting.peek();
            if (first == null) {
                continue;
            }
            long until = next < works.size() ? works.get(next).release : Long.MAX_VALUE;
            long work = Math.min(first[1], until - now);
            now += work;
            first[1] -= work;
            if (first[1] == 0) {
                waiting.poll();
                if (now > first[0]) {
                    return false;
                }
            }
        }
        return true;
    }

    /**
     * Between two breaks a resource that is held all the time is held for no more than there are working minutes; over each
     * break only as many holds as there are of it can run on while nobody works.
     */
    private boolean clampsAreEnough(long due) {
        for (int r = 0; r < capacity.length; r++) {
            List<Hold> all = holds.get(r);
            if (all.isEmpty()) {
                continue;
            }
            long head = all.stream().mapToLong(Hold::earliest).min().orElse(0);
            long tail = all.stream().mapToLong(Hold::after).min().orElse(0);
            long held = all.stream().mapToLong(hold -> hold.count * hold.length).sum();
            long breaks = calendar.breaksBefore(due - tail) * (long) capacity[r];
            long overBreaks = all.stream().mapToLong(hold -> hold.count * (hold.length - hold.hands)).boxed()
                    .sorted(Comparator.reverseOrder()).limit(breaks).mapToLong(Long::longValue).sum();
            long room = capacity[r] * Math.max(0, calendar.worked(due - tail) - calendar.worked(head));
            long lasting = all.stream().mapToLong(hold -> hold.count * hold.elapsed).sum();
            long whole = Math.max(0, due - tail - head);
            if (held - overBreaks > room || lasting > capacity[r] * whole || !fitSideBySide(all, capacity[r], whole)) {
                return false;
            }
        }
        return true;
    }

    /** Holds of one thing come one after the other: two that last more than half of the time need two things, and so on. */
    private static boolean fitSideBySide(List<Hold> all, int things, long whole) {
        for (int k = 1; k <= MOST_PARTS; k++) {
            double least = 0;
            for (Hold hold : all) {
                double share = hold.elapsed / Math.max(1.0, whole) * (k + 1);
                double part = Math.abs(share - Math.rint(share)) < 1e-9
                        ? share / (k + 1)
                        : Math.floor(share) / k;
                least += hold.count * part;
            }
            if (least > things + 1e-6) {
                return false;
            }
        }
        return true;
    }
}
