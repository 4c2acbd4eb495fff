package neatcorner.stock.sticks;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/** The parts still to be laid out, longest first, as plain numbers for the searches. */
final class PartsLeft {
    private static final int MOST_TRIES = 4_000;

    /** Length taken by each kind, in falling order. */
    final long[] sizes;
    /** How many of each kind are left. */
    final int[] left;
    /** Index in the problem of each kind. */
    final int[] kind;

    private PartsLeft(long[] sizes, int[] left, int[] kind) {
        this.sizes = sizes;
        this.left = left;
        this.kind = kind;
    }

    static PartsLeft of(Nesting nesting) {
        int[] order = IntStream.range(0, nesting.parts().size()).boxed()
                .sorted(Comparator.comparing((Integer i) -> nesting.parts().get(i).taken()).reversed())
                .mapToInt(Integer::intValue).toArray();
        return new PartsLeft(Arrays.stream(order).mapToLong(i -> nesting.parts().get(i).taken().units()).toArray(),
                Arrays.stream(order).map(i -> nesting.parts().get(i).count()).toArray(), order);
    }

    PartsLeft copy() {
        return new PartsLeft(sizes, left.clone(), kind);
    }

    boolean isEmpty() {
        for (int count : left) {
            if (count != 0) {
                return false;
            }
        }
        return true;
    }

    /** Takes a filling as often as there are parts for it, and says how often: at least once for what was filled from them. */
    int takeAll(int[] counts) {
        int times = times(List.of(counts));
        for (int i = 0; i < left.length; i++) {
            left[i] -= times * counts[i];
        }
        return times;
    }

    /** How often there are parts for these rooms, all of them filled at once; at least once for what was filled from them. */
    int times(List<int[]> rooms) {
        int most = Integer.MAX_VALUE;
        for (int i = 0; i < left.length; i++) {
            int each = 0;
            for (int[] room : rooms) {
                each += room[i];
            }
            most = each == 0 ? most : Math.min(most, left[i] / each);
        }
        return Math.max(1, most);
    }

    long total() {
        long total = 0;
        for (int i = 0; i < sizes.length; i++) {
            total += sizes[i] * left[i];
        }
        return total;
    }

    void take(int[] counts) {
        for (int i = 0; i < left.length; i++) {
            left[i] -= counts[i];
        }
    }

    /** Index of the longest kind still wanted that is no longer than the room; −1 when none is. */
    int longestWithin(long room) {
        for (int i = 0; i < sizes.length; i++) {
            if (left[i] > 0 && sizes[i] <= room) {
                return i;
            }
        }
        return -1;
    }

    /** A filling of the room by taking the longest part that still fits, again and again. */
    int[] longestFirst(long room) {
        int[] counts = new int[sizes.length];
        long free = room;
        for (int i = 0; i < sizes.length; i++) {
            counts[i] = (int) Math.min(left[i], free / sizes[i]);
            free -= counts[i] * sizes[i];
        }
        return counts;
    }

    /** A filling with the longest part that fits and then whatever wastes least, within a limited number of tries. */
    int[] leastWaste(long room) {
        int first = longestWithin(room);
        int[] best = new int[sizes.length];
        if (first < 0) {
            return best;
        }
        int[] counts = new int[sizes.length];
        counts[first] = 1;
        left[first]--;
        new Filler(best).fill(counts, first, room - sizes[first]);
        left[first]++;
        return best;
    }

    /** Depth-first search for the subset that leaves the least, kept in {@code best}. */
    private final class Filler {
        private final int[] best;
        private long leastFree = Long.MAX_VALUE;
        private int tries;

        Filler(int[] best) {
            this.best = best;
        }

        void fill(int[] counts, int from, long free) {
            if (free < leastFree) {
                leastFree = free;
                System.arraycopy(counts, 0, best, 0, counts.length);
            }
            for (int i = from; i < sizes.length && leastFree > 0 && tries < MOST_TRIES; i++) {
                int most = (int) Math.min(left[i], free / sizes[i]);
                for (int count = most; count > 0 && leastFree > 0 && tries < MOST_TRIES; count--) {
                    tries++;
                    counts[i] += count;
                    left[i] -= count;
                    fill(counts, i + 1, free - count * sizes[i]);
                    counts[i] -= count;
                    left[i] += count;
                }
            }
        }
    }
}
