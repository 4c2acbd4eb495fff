package neatcorner.stock.sticks;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import neatcorner.stock.Search;

/**
 * The most that each kind of bar can hold when every kind of part has a price: the best {@link BestPattern} of each of its
 * clear rooms. Where one table serves rooms of all lengths, it is filled once.
 */
final class BarWorths {
    private final List<long[]> rooms = new ArrayList<>();
    private final Map<Long, BestPattern> patterns = new HashMap<>();
    private final BestPattern longest;
    private final int kinds;

    BarWorths(List<Nesting.Bar> bars, PartsLeft parts, Search search) {
        kinds = parts.sizes.length;
        long most = 1;
        for (Nesting.Bar bar : bars) {
            long[] own = bar.rooms().stream().mapToLong(room -> room.units()).filter(room -> room > 0).toArray();
            rooms.add(own);
            for (long room : own) {
                most = Math.max(most, room);
            }
        }
        longest = new BestPattern(parts.sizes, parts.left.clone(), most, search);
        if (!longest.hasTable()) {
            for (long[] own : rooms) {
                for (long room : own) {
                    patterns.computeIfAbsent(room,
                            length -> new BestPattern(parts.sizes, parts.left.clone(), length, search));
                }
            }
        }
    }

    int size() {
        return rooms.size();
    }

    /** Works out the best fillings at these prices, none of them negative. */
    void at(double[] prices) {
        if (longest.hasTable()) {
            longest.at(prices);
        } else {
            patterns.values().forEach(pattern -> pattern.at(prices));
        }
    }

    /** What a bar's best filling is worth; with several rooms, never less than it can be. */
    double worth(int bar) {
        double worth = 0;
        for (long room : rooms.get(bar)) {
            worth += longest.hasTable() ? longest.worthIn(room) : pattern(room).worth();
        }
        return worth;
    }

    /** That filling, rooms taken together. */
    int[] counts(int bar) {
        int[] counts = new int[kinds];
        for (long room : rooms.get(bar)) {
            int[] own = longest.hasTable() ? longest.bestIn(room) : pattern(room).best();
            Arrays.setAll(counts, i -> counts[i] + own[i]);
        }
        return counts;
    }

    private BestPattern pattern(long room) {
        return Objects.requireNonNull(patterns.get(room));
    }

    /** Whether no filling of any bar can be worth more. */
    boolean isExact() {
        return longest.hasTable() ? longest.isExact() : patterns.values().stream().allMatch(BestPattern::isExact);
    }
}
