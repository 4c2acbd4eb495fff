package neatcorner.stock.sticks;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import neatcorner.stock.Search;

/**
 * A layout on bars of several kinds by rounding: the program over patterns is solved, the bars that it uses whole, or the one that it uses most, are taken as
 * they stand, and the program is solved again for what is left. The last few parts go in greedily.
 */
final class BarDive {
    private static final int LAST_PARTS = 6;

    private final Nesting nesting;
    private final PartsLeft rest;
    private final BarWorths worths;
    private final double[] costs;
    private final List<BarLp.Column> pool;
    private final Search search;

    BarDive(Nesting nesting, BarWorths worths, double[] costs, List<BarLp.Column> pool, Search search) {
        this.nesting = nesting;
        this.rest = PartsLeft.of(nesting);
        this.worths = worths;
        this.costs = costs;
        this.pool = pool;
        this.search = search;
    }

    GreedyBars.Outcome run() {
        int[] left = nesting.bars().stream().mapToInt(bar -> Math.min(bar.count(), nesting.total())).toArray();
        List<GreedyBars.Filled> taken = new ArrayList<>();
        while (Arrays.stream(rest.left).sum() > LAST_PARTS && !search.isCancelled()) {
            BarLp program = new BarLp(rest.left.clone(), worths, left.clone(), costs, 4, pool);
            program.solve(search);
            int before = taken.size();
            for (BarLp.Column column : program.mostUsed()) {
                GreedyBars.Filled next = filled(column);
                if (next.used() > 0 && left[next.bar()] > 0) {
                    next.rooms().forEach(rest::take);
                    left[next.bar()]--;
                    taken.add(next);
                }
            }
            if (taken.size() == before) {
                break;
            }
        }
        return new GreedyBars(nesting, search).goOn(taken);
    }

    /** The pattern with no more parts than are left, and dealt out to the bar's rooms. */
    private GreedyBars.Filled filled(BarLp.Column column) {
        PartsLeft some = rest.copy();
        for (int i = 0; i < some.left.length; i++) {
            some.left[i] = Math.min(some.left[i], column.counts()[i]);
        }
        List<int[]> rooms = new ArrayList<>();
        long before = some.total();
        for (var room : nesting.bars().get(column.bar()).rooms()) {
            int[] counts = some.leastWaste(room.units());
            some.take(counts);
            rooms.add(counts);
        }
        return new GreedyBars.Filled(column.bar(), rooms, before - some.total());
    }
}
