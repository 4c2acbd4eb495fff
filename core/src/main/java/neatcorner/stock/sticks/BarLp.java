package neatcorner.stock.sticks;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.stream.IntStream;
import neatcorner.stock.Search;
import org.jspecify.annotations.Nullable;

/**
 * The cutting-stock problem on bars of several kinds as a linear program over cutting patterns, solved by column generation
 * (Gilmore and Gomory 1963, several stock lengths) on a {@link SimplexBasis}. Rows are the kinds of part
 * (cut often enough) and the kinds of bar (no more than there are); a part may also be left out, at a price.
 *
 * <p>What matters of the answer are the {@link #prices} of the parts: whatever they are, bars hold all parts only if what
 * they can hold is together worth as much as the parts.
 */
final class BarLp {
    /**
     * A filling of one kind of bar.
     *
     * @param used which kinds of part lie in it
     */
    record Column(int bar, int[] counts, int[] used) {

        static Column of(int bar, int[] counts) {
            return new Column(bar, counts, IntStream.range(0, counts.length).filter(i -> counts[i] > 0).toArray());
        }
    }

    private static final int MOST_ROUNDS = 4_000;

    private final int[] demand;
    private final BarWorths bars;
    private final List<Column> pool;
    private final double[] costs;
    private final int rows;
    private final SimplexBasis basis;
    /** In the order of the basis; null for what is left out or spare. */
    private final @Nullable Column[] fillings;
    private double[] duals;

    /**
     * @param demand of each kind of part
     * @param bars   what each kind of bar can hold
     * @param counts how many of each kind there are
     * @param costs  of one bar of each kind
     * @param missing what it costs to leave one part out
     * @param pool    fillings that were useful before; new ones are added
     */
    BarLp(int[] demand, BarWorths bars, int[] counts, double[] costs, double missing, List<Column> pool) {
        this.demand = demand;
        this.bars = bars;
        this.pool = pool;
        this.costs = costs;
        this.rows = demand.length + bars.size();
        duals = new double[rows];
        fillings = new Column[rows];
        double[] ones = new double[rows];
        Arrays.fill(ones, 1);
        double[] amounts = new double[rows];
        double[] basisCosts = new double[rows];
        for (int i = 0; i < rows; i++) {
            boolean part = i < demand.length;
            amounts[i] = part ? demand[i] : counts[i - demand.length];
            basisCosts[i] = part ? missing : 0;
        }
        basis = new SimplexBasis(ones, amounts, basisCosts);
    }

    /** Runs to the optimum, or until it is stopped. */
    void solve(Search search) {
        for (int round = 0; round < MOST_ROUNDS && !search.isCancelled(); round++) {
            duals = basis.duals();
            if (!enterBest()) {
                return;
            }
        }
    }

    /** What one more of each kind of part would cost, none below zero. */
    double[] prices() {
        double[] prices = new double[demand.length];
        Arrays.setAll(prices, i -> Math.max(0, duals[i]));
        return prices;
    }

    /** The fillings that are used whole; when none is, the one that is used most. */
    List<Column> mostUsed() {
        List<Column> whole = new ArrayList<>();
        int best = -1;
        for (int i = 0; i < rows; i++) {
            Column column = fillings[i];
            double amount = basis.amount(i);
            if (column != null && amount > 1e-6) {
                if (amount >= 1 - 1e-6) {
                    whole.add(column);
                }
                best = best < 0 || amount > basis.amount(best) ? i : best;
            }
        }
        return !whole.isEmpty() ? whole : best < 0 ? List.of() : List.of(Objects.requireNonNull(fillings[best]));
    }

    /** Brings in the column that saves most: a surplus, a spare bar, or a new pattern. */
    private boolean enterBest() {
        double[] prices = prices();
        double[] column = null;
        double cost = 0;
        double most = 1e-8;
        for (int i = 0; i < rows; i++) {
            double saves = i < demand.length ? -duals[i] : duals[i];
            if (saves > most) {
                most = saves;
                column = new double[rows];
                column[i] = i < demand.length ? -1 : 1;
                cost = 0;
            }
        }
        Column best = known(most);
        if (best == null && column == null) {
            bars.at(prices);
            for (int bar = 0; bar < bars.size(); bar++) {
                double saves = bars.worth(bar) + duals[demand.length + bar] - costs[bar];
                if (saves > most) {
                    most = saves;
                    best = Column.of(bar, bars.counts(bar));
                }
            }
            if (best != null) {
                pool.add(best);
            }
        }
        if (best != null) {
            column = new double[rows];
            for (int i = 0; i < best.counts.length; i++) {
                column[i] = best.counts[i];
            }
            column[demand.length + best.bar] = 1;
            cost = costs[best.bar];
        }
        return column != null && enter(column, cost, best);
    }

    /** The filling of the pool that saves most, more than something already known. */
    private @Nullable Column known(double already) {
        Column best = null;
        double most = already;
        for (Column column : pool) {
            double saves = duals[demand.length + column.bar] - costs[column.bar];
            for (int i : column.used) {
                saves += column.counts[i] * duals[i];
            }
            if (saves > most) {
                most = saves;
                best = column;
            }
        }
        return best;
    }

    private boolean enter(double[] column, double cost, @Nullable Column filling) {
        int row = basis.enter(column, cost);
        if (row >= 0) {
            fillings[row] = filling;
        }
        return row >= 0;
    }
}
