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

    /** Takes a step back. */
    void undone(int lane, int task, long before, long[] ready) {
        ready[lane] = before;
        if (releases(lane, task)) {
            for (int follower : followers.get(lane)) {
                ready[follower] = WorkCalendar.NEVER;
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
                starts[c][i] = calendar.place(Math.max(ready[c], lane.notBefore[i]), lane.hands[i]);
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
