package neatcorner.stock;

import java.util.Map;

/** The most that a bar's clear rooms can hold when every kind of part has a price: one {@link BestPattern} a room. */
final class BarWorth {
    private final long[] rooms;
    private final Map<Long, BestPattern> patterns;
    private final int[] best;
    private boolean exact = true;

    /** Bars share the search of rooms that are equally long. */
    BarWorth(Nesting.Bar bar, PartsLeft parts, Map<Long, BestPattern> shared) {
        this.rooms = bar.rooms().stream().mapToLong(room -> room.units()).filter(room -> room > 0).toArray();
        this.patterns = shared;
        this.best = new int[parts.sizes.length];
        for (long room : rooms) {
            shared.computeIfAbsent(room, length -> new BestPattern(parts.sizes, parts.left.clone(), length));
        }
    }

    /** What the best filling is worth; of a bar with several rooms, never less than it can be. */
    double at(double[] prices) {
        double worth = 0;
        exact = true;
        java.util.Arrays.fill(best, 0);
        for (long room : rooms) {
            BestPattern pattern = java.util.Objects.requireNonNull(patterns.get(room));
            int[] counts = pattern.at(prices);
            exact &= pattern.isExact();
            worth += pattern.worth();
            for (int i = 0; i < counts.length; i++) {
                best[i] += counts[i];
            }
        }
        return worth;
    }

    /** The filling last found, rooms taken together. */
    int[] best() {
        return best;
    }

    /** Whether no filling can be worth more. */
    boolean isExact() {
        return exact;
    }
}
