package neatcorner.glueup.schedule;

import java.util.Arrays;
import java.util.Map;

/** A chain in arrays, for the searches. */
final class Lane {
    final int[] hands;
    final int[] wait;
    /** Minutes after each step by which the next must begin; {@link WorkCalendar#NEVER} where it can wait. */
    final long[] most;
    final long[] notBefore;
    final int[][] takes;
    final int[][] frees;
    final long ready;
    final long by;
    private final boolean[] takesAny;

    Lane(Chain chain) {
        int n = chain.tasks().size();
        hands = new int[n];
        wait = new int[n];
        most = new long[n];
        notBefore = new long[n];
        takes = new int[n][];
        frees = new int[n][];
        ready = chain.ready();
        by = chain.by();
        takesAny = new boolean[n];
        for (int i = 0; i < n; i++) {
            Task task = chain.tasks().get(i);
            hands[i] = task.hands();
            wait[i] = task.rest();
            most[i] = task.isHurried() && i + 1 < n ? task.most() : WorkCalendar.NEVER;
            notBefore[i] = chain.notBefore().get(i);
            takes[i] = counts(task.takes());
            takesAny[i] = !task.takes().isEmpty();
            frees[i] = counts(task.frees());
        }
    }

    private static int[] counts(Map<Resource, Integer> of) {
        int[] counts = new int[Resource.values().length];
        of.forEach((resource, count) -> counts[resource.ordinal()] = count);
        return counts;
    }

    int size() {
        return hands.length;
    }

    /** Whether the step after one must begin soon. */
    boolean isHurried(int task) {
        return most[task] < WorkCalendar.NEVER;
    }

    /** Whether that is so of any of its steps. */
    boolean isEverHurried() {
        return by < WorkCalendar.NEVER || Arrays.stream(most).anyMatch(minutes -> minutes < WorkCalendar.NEVER);
    }

    /** Whether its steps are those of another: who changes the two over changes nothing but names. */
    boolean isLike(Lane other) {
        return ready == other.ready && by == other.by && Arrays.equals(hands, other.hands)
                && Arrays.equals(wait, other.wait) && Arrays.equals(most, other.most)
                && Arrays.equals(notBefore, other.notBefore) && Arrays.deepEquals(takes, other.takes)
                && Arrays.deepEquals(frees, other.frees);
    }

    /** Whether so much is free that a step can start. */
    boolean canTake(int task, int[] free) {
        for (int r = 0; takesAny[task] && r < free.length; r++) {
            if (takes[task][r] > free[r]) {
                return false;
            }
        }
        return true;
    }

    /** Whether work that is going on has taken something that a step here frees. */
    boolean holdsAlready() {
        for (int r = 0; r < Resource.values().length; r++) {
            if (heldUntil(r) >= 0) {
                return true;
            }
        }
        return false;
    }

    /** The step that frees what was taken before this lane begins; −1 when nothing was. */
    int heldUntil(int resource) {
        for (int i = 0; i < size(); i++) {
            if (takes[i][resource] > 0) {
                return -1;
            }
            if (frees[i][resource] > 0) {
                return i;
            }
        }
        return -1;
    }

    /** The last of the steps that are placed together with one: what it takes is free again, and nothing must follow soon. */
    int lastOfRun(int task) {
        int last = lastOfHold(task);
        while (isHurried(last)) {
            last = Math.max(last + 1, lastOfHold(last + 1));
        }
        return last;
    }

    /** The step that frees what a step takes; the step itself when it takes nothing. */
    int lastOfHold(int task) {
        if (!takesAny[task]) {
            return task;
        }
        for (int i = task; i < size(); i++) {
            for (int r = 0; r < takes[task].length; r++) {
                if (takes[task][r] > 0 && frees[i][r] > 0) {
                    return i;
                }
            }
        }
        return size() - 1;
    }

    void move(int task, int[] free) {
        for (int r = 0; r < free.length; r++) {
            free[r] += frees[task][r] - takes[task][r];
        }
    }
}
