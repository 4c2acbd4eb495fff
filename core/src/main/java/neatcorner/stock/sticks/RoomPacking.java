package neatcorner.stock.sticks;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.ToLongFunction;
import neatcorner.stock.Search;
import org.jspecify.annotations.Nullable;

/**
 * Whether parts fit into given rooms of several lengths, and how.
 *
 * <p>The longest part left goes into a room, and every way to complete that room is tried whose waste the total still
 * affords (bin completion, after Korf 2002, for rooms of several lengths). Sets of parts and rooms that were found not to
 * fit are remembered. A search that runs out proves that the parts do not fit; one that was stopped, or left ways out,
 * proves nothing.
 */
final class RoomPacking {
    private static final int MOST_REMEMBERED = 300_000;
    private static final int MOST_TRIES = 20_000;

    private final PartsLeft rest;
    private final long[] rooms;
    private final int[] free;
    private final int mostNodes;
    private final Search search;
    private final Set<State> failed = new HashSet<>();
    private final List<Filled> chosen = new ArrayList<>();
    private final long[] totalFrom;
    private int nodes;
    private int tries;
    private int first;
    private boolean open;

    /** Parts and rooms left, to be remembered. */
    private record State(int[] counts) {
        @Override
        public boolean equals(Object other) {
            return other instanceof State state && Arrays.equals(counts, state.counts);
        }

        @Override
        public int hashCode() {
            return Arrays.hashCode(counts);
        }
    }

    /** A room by its index, and how many of each kind lie in it. */
    record Filled(int room, int[] counts) {}

    /**
     * @param rooms different lengths
     * @param free  how many there are of each
     */
    RoomPacking(PartsLeft parts, long[] rooms, int[] free, int mostNodes, Search search) {
        this.rest = parts.copy();
        this.rooms = rooms;
        this.free = free.clone();
        this.mostNodes = mostNodes;
        this.search = search;
        this.totalFrom = new long[parts.sizes.length + 1];
    }

    /** The rooms that are used, each with what lies in it; null when no way was found. */
    @Nullable
    List<Filled> run() {
        long slack = -rest.total();
        for (int i = 0; i < rooms.length; i++) {
            slack += rooms[i] * free[i];
        }
        return place(slack) ? chosen : null;
    }

    int nodes() {
        return nodes;
    }

    /** Whether a failed search has not proved that the parts do not fit. */
    boolean isOpen() {
        return open;
    }

    private boolean place(long slack) {
        if (slack < 0) {
            return false;
        }
        int longest = rest.longestWithin(Long.MAX_VALUE);
        if (longest < 0) {
            return true;
        }
        if (++nodes > mostNodes || search.isCancelled()) {
            open = true;
            return false;
        }
        State key = key();
        if (failed.contains(key)) {
            return false;
        }
        for (int room : roomsFor(longest)) {
            free[room]--;
            for (int[] completion : completions(longest, rooms[room], slack)) {
                rest.take(completion);
                chosen.add(new Filled(room, completion));
                if (place(slack - waste(completion, rooms[room]))) {
                    return true;
                }
                chosen.removeLast();
                give(completion);
                if (nodes > mostNodes || search.isCancelled()) {
                    open = true;
                    return false;
                }
            }
            free[room]++;
        }
        if (failed.size() < MOST_REMEMBERED) {
            failed.add(key);
        }
        return false;
    }

    private State key() {
        int[] state = Arrays.copyOf(rest.left, rest.left.length + free.length);
        System.arraycopy(free, 0, state, rest.left.length, free.length);
        return new State(state);
    }

    /** Rooms that take the part, the shortest first. */
    private int[] roomsFor(int part) {
        Integer[] order = new Integer[rooms.length];
        Arrays.setAll(order, i -> i);
        Arrays.sort(order, (a, b) -> Long.compare(rooms[a], rooms[b]));
        return Arrays.stream(order).mapToInt(i -> i).filter(i -> free[i] > 0 && rooms[i] >= rest.sizes[part])
                .toArray();
    }

    private void give(int[] counts) {
        for (int i = 0; i < counts.length; i++) {
            rest.left[i] += counts[i];
        }
    }

    private long waste(int[] counts, long room) {
        long waste = room;
        for (int i = 0; i < counts.length; i++) {
            waste -= counts[i] * rest.sizes[i];
        }
        return waste;
    }

    /**
     * Ways to complete a room. Those that waste no more than their share come first, the ones with the longest parts
     * leading: short parts are worth keeping for the end, when they fill what is left. The others follow by waste.
     */
    private List<int[]> completions(int opened, long room, long slack) {
        first = opened;
        for (int i = rest.sizes.length - 1; i >= 0; i--) {
            totalFrom[i] = totalFrom[i + 1] + rest.left[i] * rest.sizes[i];
        }
        List<int[]> found = new ArrayList<>();
        int[] counts = new int[rest.sizes.length];
        counts[first] = 1;
        rest.left[first]--;
        tries = 0;
        collect(counts, first, room - rest.sizes[first], slack, found);
        rest.left[first]++;
        open |= tries >= MOST_TRIES;
        long share = slack / (1 + Arrays.stream(free).asLongStream().sum());
        ToLongFunction<int[]> order = counted -> {
            long waste = waste(counted, room);
            return waste <= share ? 0 : waste;
        };
        found.sort(Comparator.comparingLong(order));
        return found;
    }

    /** Fillings to which no part left could be added, and whose waste is affordable. */
    private void collect(int[] counts, int from, long left, long slack, List<int[]> found) {
        if (++tries >= MOST_TRIES || left - totalFrom[from] > slack) {
            return;
        }
        int next = from;
        while (next < rest.sizes.length && (rest.left[next] == 0 || rest.sizes[next] > left)) {
            next++;
        }
        if (next == rest.sizes.length) {
            if (left <= slack && isMaximal(left) && !isDominated(counts, left)) {
                found.add(counts.clone());
            }
            return;
        }
        int most = (int) Math.min(rest.left[next], left / rest.sizes[next]);
        for (int count = most; count >= 0; count--) {
            counts[next] += count;
            rest.left[next] -= count;
            collect(counts, next + 1, left - count * rest.sizes[next], slack, found);
            rest.left[next] += count;
            counts[next] -= count;
        }
    }

    /**
     * Whether a part left outside could take the place of one or two that are in: wherever it would have gone, those could
     * go (dominance, Martello and Toth 1990). The part that the room was opened with stays.
     */
    private boolean isDominated(int[] counts, long left) {
        for (int y = rest.sizes.length - 1; y > first; y--) {
            if (counts[y] == 0) {
                continue;
            }
            if (hasPartBetween(rest.sizes[y] + 1, rest.sizes[y] + left)) {
                return true;
            }
            for (int z = y; z > first; z--) {
                boolean pair = z == y ? counts[y] > 1 : counts[z] > 0;
                long both = rest.sizes[y] + rest.sizes[z];
                if (pair && hasPartBetween(both, both + left)) {
                    return true;
                }
            }
        }
        return false;
    }

    private boolean hasPartBetween(long least, long most) {
        for (int i = 0; i < rest.sizes.length && rest.sizes[i] >= least; i++) {
            if (rest.left[i] > 0 && rest.sizes[i] <= most) {
                return true;
            }
        }
        return false;
    }

    private boolean isMaximal(long left) {
        for (int i = rest.sizes.length - 1; i >= 0 && rest.sizes[i] <= left; i--) {
            if (rest.left[i] > 0) {
                return false;
            }
        }
        return true;
    }
}
