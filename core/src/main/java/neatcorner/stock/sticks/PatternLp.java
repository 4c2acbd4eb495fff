package neatcorner.stock.sticks;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import neatcorner.stock.Search;
import org.jspecify.annotations.Nullable;

/**
 * The cutting-stock problem as a linear program over cutting patterns, solved by column generation (Gilmore and Gomory
 * 1961) on a {@link SimplexBasis}.
 *
 * <p>Each pattern says how many of each kind one bar holds; the program uses patterns, in fractions, so that every kind is
 * cut often enough with the fewest bars. New patterns come from {@link BestPattern}. The value rounded up is a lower bound on the number of bars, and for almost all lists it is the least number
 * itself.
 */
final class PatternLp {
    private static final double NEAR = 1e-9;
    private static final int MOST_ROUNDS = 3_000;

    private final int[] demand;
    private final List<int[]> pool;
    private final Search search;
    private final BestPattern pricing;
    private final SimplexBasis basis;
    /** In the order of the basis. */
    private final List<int[]> patterns = new ArrayList<>();
    /** What one more of each kind would cost; may be below zero where a kind comes along for nothing. */
    private double[] duals;
    /** The same, never below zero: what a new pattern is searched with. */
    private double[] prices;
    private double bound;

    /**
     * Sizes fall; every size fits the room and every demand is positive.
     *
     * @param pool patterns that were useful before, tried ahead of the search for new ones; none may exceed the demand
     */
    PatternLp(long[] sizes, int[] demand, long room, List<int[]> pool, Search search) {
        this.search = search;
        this.demand = demand;
        this.pool = pool;
        this.pricing = new BestPattern(sizes, demand, room, search);
        int kinds = sizes.length;
        prices = new double[kinds];
        duals = new double[kinds];
        double[] most = new double[kinds];
        double[] amounts = new double[kinds];
        double[] costs = new double[kinds];
        Arrays.fill(costs, 1);
        for (int i = 0; i < kinds; i++) {
            int[] pattern = new int[kinds];
            pattern[i] = (int) Math.min(demand[i], room / sizes[i]);
            patterns.add(pattern);
            most[i] = pattern[i];
            amounts[i] = demand[i] / most[i];
        }
        basis = new SimplexBasis(most, amounts, costs);
    }

    /** Solves the program; true when the optimum was reached. A stopped search still leaves a valid bound. */
    boolean solve() {
        for (int round = 0; round < MOST_ROUNDS && !search.isCancelled(); round++) {
            priceKinds();
            int[] known = bestKnown();
            if (known != null) {
                if (!enter(known)) {
                    return false;
                }
                continue;
            }
            int[] pattern = pricing.at(prices);
            double worth = pricing.worth();
            if (pricing.isExact()) {
                double total = 0;
                for (int i = 0; i < demand.length; i++) {
                    total += prices[i] * demand[i];
                }
                // Farley 1990: prices divided by the best pattern's worth are feasible for the dual.
                bound = Math.max(bound, total / Math.max(1, worth));
            }
            if (worth <= 1 + NEAR) {
                return pricing.isExact();
            }
            pool.add(pattern);
            if (!enter(pattern)) {
                return false;
            }
        }
        return false;
    }

    private int @Nullable [] bestKnown() {
        int[] best = null;
        double most = 1 + 1e-6;
        for (int[] pattern : pool) {
            double worth = 0;
            for (int i = 0; i < demand.length; i++) {
                worth += pattern[i] * duals[i];
            }
            if (worth > most) {
                most = worth;
                best = pattern;
            }
        }
        return best;
    }

    /** The least number of bars there can be. */
    int bound() {
        return (int) Math.ceil(bound - 1e-6);
    }

    /** The patterns in use. */
    List<int[]> patterns() {
        return patterns;
    }

    /** How often, in fractions, each pattern of {@link #patterns} is used. */
    double[] amounts() {
        return basis.amounts();
    }

    private void priceKinds() {
        duals = basis.duals();
        prices = Arrays.stream(duals).map(dual -> Math.max(0, dual)).toArray();
    }

    private boolean enter(int[] pattern) {
        int row = basis.enter(Arrays.stream(pattern).asDoubleStream().toArray(), 1);
        if (row >= 0) {
            patterns.set(row, pattern);
        }
        return row >= 0;
    }
}
