package neatcorner.stock;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.ToLongFunction;
import org.jspecify.annotations.Nullable;

/**
 * The least number of bars when all are alike and clear: bin packing.
 *
 * <p>A first answer comes from two greedy rules. Lower bounds come from the lengths (Martello and Toth 1990, bound L2) and
 * from the linear program over cutting patterns ({@link PatternLp}). While answer and bound differ, {@link PatternDive}
 * rounds the program to whole bars; last, a search tries to do with fewer: bar by bar, the longest part left goes in, and
 * every way to complete that bar is tried whose waste the total still affords (bin completion, after Korf 2002); sets of
 * parts that were found not to fit are remembered. A search that runs out proves one bar more; one that is stopped proves
 * nothing, and says so.
 */
final class EqualBarsSearch {
    private static final int MOST_NODES = 60_000;
    private static final int FEW_NODES = 1_500;
    private static final int MOST_REMEMBERED = 300_000;
    private static final int MOST_TRIES = 20_000;

    private final Nesting nesting;
    private final Search search;
    private final long room;
    private final PartsLeft parts;

    EqualBarsSearch(Nesting nesting, Search search) {
        this.nesting = nesting;
        this.search = search;
        this.room = nesting.bars().getFirst().largestRoom().units();
        this.parts = PartsLeft.of(nesting);
    }

    static boolean suits(Nesting nesting) {
        return nesting.bars().size() == 1 && nesting.bars().getFirst().rooms().size() == 1;
    }

    Nesting.Result solve() {
        List<Integer> missing = new ArrayList<>(nesting.parts().stream().map(part -> 0).toList());
        for (int i = 0; i < parts.sizes.length; i++) {
            if (parts.sizes[i] > room) {
                missing.set(parts.kind[i], parts.left[i]);
                parts.left[i] = 0;
            }
        }
        List<int[]> best = greedy(parts::longestFirst);
        List<int[]> other = greedy(parts::leastWaste);
        if (other.size() < best.size()) {
            best = other;
        }
        int bound = lowerBound();
        search.found(best.size(), bound);
        String proof = "the lengths alone need that many";
        if (best.size() > bound) {
            List<int[]> found = new Attempt(parts, bound, FEW_NODES).run();
            best = found == null ? best : found;
        }
        PatternDive dive = new PatternDive(parts, room, search,
                (rest, bars) -> new Attempt(rest, bars, FEW_NODES).run());
        if (best.size() > bound) {
            int byPatterns = dive.bound();
            if (byPatterns > bound) {
                bound = byPatterns;
                search.found(best.size(), bound);
                proof = "no mix of cutting patterns does with fewer";
            }
        }
        if (best.size() > bound) {
            List<int[]> found = dive.find(bound);
            best = found == null ? best : found;
        }
        while (best.size() > bound) {
            Attempt attempt = new Attempt(parts, bound, MOST_NODES);
            List<int[]> found = attempt.run();
            if (found != null) {
                best = found;
            } else if (attempt.isOpen()) {
                break;
            } else {
                bound++;
                proof = "every way to do with one fewer was tried";
            }
        }
        boolean proved = best.size() == bound;
        if (!proved) {
            proof = "at most " + (best.size() - bound) + " more than the least there can be";
        }
        return result(best, missing, bound, proved, proof);
    }

    private List<int[]> greedy(java.util.function.LongFunction<int[]> rule) {
        PartsLeft all = parts.copy();
        List<int[]> bars = new ArrayList<>();
        while (!parts.isEmpty()) {
            int[] counts = rule.apply(room);
            parts.take(counts);
            bars.add(counts);
        }
        System.arraycopy(all.left, 0, parts.left, 0, all.left.length);
        return bars;
    }

    /** Bound L2: parts over half a bar cannot share one, and short parts only fill what those leave. */
    private int lowerBound() {
        long best = ceil(parts.total());
        for (int t = 0; t < parts.sizes.length; t++) {
            long threshold = parts.sizes[t];
            if (threshold * 2 > room) {
                continue;
            }
            long alone = 0;
            long halves = 0;
            long halvesTotal = 0;
            long shortTotal = 0;
            for (int i = 0; i < parts.sizes.length; i++) {
                long size = parts.sizes[i];
                if (size > room - threshold) {
                    alone += parts.left[i];
                } else if (size * 2 > room) {
                    halves += parts.left[i];
                    halvesTotal += size * parts.left[i];
                } else if (size >= threshold) {
                    shortTotal += size * parts.left[i];
                }
            }
            best = Math.max(best, alone + halves + Math.max(0, ceil(shortTotal - (halves * room - halvesTotal))));
        }
        long overHalf = 0;
        for (int i = 0; i < parts.sizes.length; i++) {
            overHalf += parts.sizes[i] * 2 > room ? parts.left[i] : 0;
        }
        return Math.toIntExact(Math.max(best, overHalf));
    }

    private long ceil(long length) {
        return length <= 0 ? 0 : (length + room - 1) / room;
    }

    /** One try to lay all parts out on a given number of bars. */
    private final class Attempt {
        private final int bars;
        private final Set<String> failed = new HashSet<>();
        private final List<int[]> chosen = new ArrayList<>();
        private final PartsLeft rest;
        private final long[] totalFrom;
        private final int mostNodes;
        private int nodes;
        private boolean wasStopped;
        private boolean leftSomethingOut;
        private int tries;

        Attempt(PartsLeft parts, int bars, int mostNodes) {
            this.rest = parts.copy();
            this.bars = bars;
            this.mostNodes = mostNodes;
            this.totalFrom = new long[parts.sizes.length + 1];
        }

        @Nullable
        List<int[]> run() {
            return place(bars * room - rest.total()) ? chosen : null;
        }

        /** Whether a failed attempt has not proved that there is no such layout. */
        boolean isOpen() {
            return wasStopped || leftSomethingOut;
        }

        private boolean place(long slack) {
            if (slack < 0) {
                return false;
            }
            int first = rest.longestWithin(room);
            if (first < 0) {
                return true;
            }
            if (chosen.size() == bars) {
                return false;
            }
            if (++nodes > mostNodes || search.isCancelled()) {
                wasStopped = true;
                return false;
            }
            String key = Arrays.toString(rest.left);
            if (failed.contains(key)) {
                return false;
            }
            for (int[] completion : completions(first, slack)) {
                rest.take(completion);
                chosen.add(completion);
                if (place(slack - waste(completion))) {
                    return true;
                }
                chosen.removeLast();
                give(completion);
                if (wasStopped) {
                    return false;
                }
            }
            if (failed.size() < MOST_REMEMBERED) {
                failed.add(key);
            }
            return false;
        }

        private void give(int[] counts) {
            for (int i = 0; i < counts.length; i++) {
                rest.left[i] += counts[i];
            }
        }

        private long waste(int[] counts) {
            long waste = room;
            for (int i = 0; i < counts.length; i++) {
                waste -= counts[i] * rest.sizes[i];
            }
            return waste;
        }

        /**
         * Ways to complete a bar. Those that waste no more than their share come first, the ones with the longest parts
         * leading: short parts are worth keeping for the end, when they fill what is left. The others follow by waste.
         */
        private List<int[]> completions(int first, long slack) {
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
            leftSomethingOut |= tries >= MOST_TRIES;
            long share = slack / (bars - chosen.size());
            ToLongFunction<int[]> order = counted -> {
                long waste = waste(counted);
                return waste <= share ? 0 : waste;
            };
            found.sort(java.util.Comparator.comparingLong(order));
            return found;
        }

        /** Fillings to which no part left could be added, and whose waste is affordable. */
        private void collect(int[] counts, int from, long free, long slack, List<int[]> found) {
            if (++tries >= MOST_TRIES || free - totalFrom[from] > slack) {
                return;
            }
            int next = from;
            while (next < rest.sizes.length && (rest.left[next] == 0 || rest.sizes[next] > free)) {
                next++;
            }
            if (next == rest.sizes.length) {
                if (free <= slack && isMaximal(free)) {
                    found.add(counts.clone());
                }
                return;
            }
            int most = (int) Math.min(rest.left[next], free / rest.sizes[next]);
            for (int count = most; count >= 0; count--) {
                counts[next] += count;
                rest.left[next] -= count;
                collect(counts, next + 1, free - count * rest.sizes[next], slack, found);
                rest.left[next] += count;
                counts[next] -= count;
            }
        }

        private boolean isMaximal(long free) {
            for (int i = rest.sizes.length - 1; i >= 0 && rest.sizes[i] <= free; i--) {
                if (rest.left[i] > 0) {
                    return false;
                }
            }
            return true;
        }
    }

    private Nesting.Result result(List<int[]> bars, List<Integer> missing, int bound, boolean proved, String proof) {
        int available = nesting.bars().getFirst().count();
        List<Nesting.Filling> fillings = new ArrayList<>();
        for (int[] bar : bars) {
            Integer[] counts = new Integer[parts.kind.length];
            for (int i = 0; i < bar.length; i++) {
                counts[parts.kind[i]] = bar[i];
            }
            List<Integer> row = List.of(counts);
            if (available == 0) {
                for (int kind = 0; kind < row.size(); kind++) {
                    missing.set(kind, missing.get(kind) + row.get(kind));
                }
                continue;
            }
            available--;
            add(fillings, row);
        }
        boolean complete = missing.stream().allMatch(count -> count == 0);
        return new Nesting.Result(fillings, missing, complete ? bound : 0, complete && proved,
                complete ? proof : "there is not enough wood for all of them");
    }

    private static void add(List<Nesting.Filling> fillings, List<Integer> row) {
        for (int i = 0; i < fillings.size(); i++) {
            if (fillings.get(i).counts().getFirst().equals(row)) {
                fillings.set(i, new Nesting.Filling(0, fillings.get(i).times() + 1, List.of(row)));
                return;
            }
        }
        fillings.add(new Nesting.Filling(0, 1, List.of(row)));
    }
}
