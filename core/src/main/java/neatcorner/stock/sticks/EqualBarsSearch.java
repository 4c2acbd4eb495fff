package neatcorner.stock.sticks;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.LongFunction;
import neatcorner.stock.Search;
import org.jspecify.annotations.Nullable;

/**
 * The least number of bars when all are alike and clear: bin packing.
 *
 * <p>A first answer comes from two greedy rules. Lower bounds come from the lengths (Martello and Toth 1990, bound L2) and
 * from the linear program over cutting patterns ({@link PatternLp}). While answer and bound differ, {@link PatternDive}
 * rounds the program to whole bars; last, {@link RoomPacking} tries to do with fewer: if it runs out, one bar more is
 * proved; if it is stopped, nothing is, and the answer says so.
 */
final class EqualBarsSearch {
    private static final int MOST_NODES = 60_000;
    /** Bars by lengths in a layout: with more, only the first is made, since all others take more memory than there is. */
    private static final long MOST_CELLS = 8_000_000;
    private static final int FEW_NODES = 1_500;

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
        int bound = lowerBound();
        if ((long) best.size() * parts.sizes.length > MOST_CELLS) {
            search.found(best.size(), bound);
            return result(best, missing, bound, best.size() == bound, best.size() == bound
                    ? "the lengths alone need that many"
                    : moreThan(best.size() - bound));
        }
        List<int[]> other = greedy(parts::leastWaste);
        if (other.size() < best.size()) {
            best = other;
        }
        search.found(best.size(), bound);
        String proof = "the lengths alone need that many";
        if (best.size() > bound) {
            List<int[]> found = found(attempt(parts, bound, FEW_NODES));
            best = found == null ? best : found;
        }
        PatternDive dive = new PatternDive(parts, room, search,
                (rest, bars) -> found(attempt(rest, bars, FEW_NODES)));
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
            RoomPacking attempt = attempt(parts, bound, MOST_NODES);
            List<int[]> found = found(attempt);
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
            proof = moreThan(best.size() - bound);
        }
        return result(best, missing, bound, proved, proof);
    }

    private static String moreThan(int more) {
        return "at most " + more + " more than the least there can be";
    }

    private List<int[]> greedy(LongFunction<int[]> rule) {
        PartsLeft all = parts.copy();
        List<int[]> bars = new ArrayList<>();
        while (!parts.isEmpty()) {
            int[] counts = search.isCancelled() ? parts.longestFirst(room) : rule.apply(room);
            bars.addAll(Collections.nCopies(parts.takeAll(counts), counts));
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

    /** One try to lay parts out on so many bars. */
    private RoomPacking attempt(PartsLeft some, int bars, int mostNodes) {
        return new RoomPacking(some, new long[]{room}, new int[]{bars}, mostNodes, search);
    }

    private @Nullable List<int[]> found(RoomPacking attempt) {
        List<RoomPacking.Filled> filled = attempt.run();
        return filled == null ? null : filled.stream().map(RoomPacking.Filled::counts).toList();
    }

    private Nesting.Result result(List<int[]> bars, List<Integer> missing, int bound, boolean proved, String proof) {
        int available = nesting.bars().getFirst().count();
        Map<List<Integer>, Integer> rows = new LinkedHashMap<>();
        for (int i = 0, times; i < bars.size(); i += times) {
            List<Integer> row = row(bars.get(i));
            times = 1;
            while (i + times < bars.size() && bars.get(i + times) == bars.get(i)) {
                times++;
            }
            int cut = Math.min(times, available);
            available -= cut;
            if (cut > 0) {
                rows.merge(row, cut, Integer::sum);
            }
            for (int kind = 0; kind < row.size() && cut < times; kind++) {
                missing.set(kind, missing.get(kind) + (times - cut) * row.get(kind));
            }
        }
        List<Nesting.Filling> fillings = rows.entrySet().stream()
                .map(same -> new Nesting.Filling(0, same.getValue(), List.of(same.getKey()))).toList();
        boolean complete = missing.stream().allMatch(count -> count == 0);
        return new Nesting.Result(fillings, missing, complete ? bound : 0, complete && proved,
                complete ? proof : "there is not enough wood for all of them");
    }

    private List<Integer> row(int[] bar) {
        Integer[] counts = new Integer[parts.kind.length];
        for (int i = 0; i < bar.length; i++) {
            counts[parts.kind[i]] = bar[i];
        }
        return List.of(counts);
    }
}
