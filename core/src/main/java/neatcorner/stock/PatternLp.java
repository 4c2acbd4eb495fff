package neatcorner.stock;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * The cutting-stock problem as a linear program over cutting patterns, solved by column generation (Gilmore and Gomory
 * 1961) with a revised simplex on a dense inverse.
 *
 * <p>Each pattern says how many of each kind one bar holds; the program uses patterns, in fractions, so that every kind is
 * cut often enough with the fewest bars. New patterns are priced by a bounded knapsack, solved exactly by branch and
 * bound. The value rounded up is a lower bound on the number of bars, and for almost all lists it is the least number
 * itself.
 */
final class PatternLp {
    private static final double NEAR = 1e-9;
    private static final int MOST_ROUNDS = 3_000;

    private final long[] sizes;
    private final int[] demand;
    private final long room;
    private final List<int[]> basis = new ArrayList<>();
    private final double[][] inverse;
    private final double[] amounts;
    private double[] prices;
    private double bound;
    private boolean optimal;

    /** Sizes fall; every size fits the room and every demand is positive. */
    PatternLp(long[] sizes, int[] demand, long room) {
        this.sizes = sizes;
        this.demand = demand;
        this.room = room;
        int kinds = sizes.length;
        inverse = new double[kinds][kinds];
        amounts = new double[kinds];
        prices = new double[kinds];
        for (int i = 0; i < kinds; i++) {
            int most = (int) Math.min(demand[i], room / sizes[i]);
            int[] pattern = new int[kinds];
            pattern[i] = most;
            basis.add(pattern);
            inverse[i][i] = 1.0 / most;
            amounts[i] = (double) demand[i] / most;
        }
    }

    /** Solves the program; true when the optimum was reached. A stopped search still leaves a valid bound. */
    boolean solve(Search search) {
        for (int round = 0; round < MOST_ROUNDS && !search.isCancelled(); round++) {
            priceKinds();
            Knapsack knapsack = new Knapsack();
            int[] pattern = knapsack.best();
            double total = 0;
            for (int i = 0; i < demand.length; i++) {
                total += prices[i] * demand[i];
            }
            // Farley 1990: prices divided by the best pattern's worth are feasible for the dual.
            bound = Math.max(bound, total / Math.max(1, knapsack.worth));
            if (knapsack.worth <= 1 + NEAR) {
                optimal = true;
                return true;
            }
            if (!enter(pattern)) {
                return false;
            }
        }
        return false;
    }

    /** The least number of bars there can be. */
    int bound() {
        return (int) Math.ceil(bound - 1e-6);
    }

    boolean isOptimal() {
        return optimal;
    }

    /** The patterns in use. */
    List<int[]> patterns() {
        return basis;
    }

    /** How often, in fractions, each pattern of {@link #patterns} is used. */
    double[] amounts() {
        return amounts;
    }

    private void priceKinds() {
        int kinds = demand.length;
        double[] fresh = new double[kinds];
        for (int row = 0; row < kinds; row++) {
            for (int i = 0; i < kinds; i++) {
                fresh[i] += inverse[row][i];
            }
        }
        for (int i = 0; i < kinds; i++) {
            fresh[i] = Math.max(0, fresh[i]);
        }
        prices = fresh;
    }

    private boolean enter(int[] pattern) {
        int kinds = demand.length;
        double[] direction = new double[kinds];
        for (int row = 0; row < kinds; row++) {
            for (int i = 0; i < kinds; i++) {
                if (pattern[i] != 0) {
                    direction[row] += inverse[row][i] * pattern[i];
                }
            }
        }
        int leaving = -1;
        double least = Double.MAX_VALUE;
        for (int row = 0; row < kinds; row++) {
            if (direction[row] > 1e-8) {
                double ratio = amounts[row] / direction[row];
                if (ratio < least - 1e-12 || (ratio < least + 1e-12 && direction[row] > direction[leaving])) {
                    least = ratio;
                    leaving = row;
                }
            }
        }
        if (leaving < 0) {
            return false;
        }
        double pivot = direction[leaving];
        double step = amounts[leaving] / pivot;
        for (int i = 0; i < kinds; i++) {
            inverse[leaving][i] /= pivot;
        }
        for (int row = 0; row < kinds; row++) {
            if (row != leaving && direction[row] != 0) {
                double factor = direction[row];
                for (int i = 0; i < kinds; i++) {
                    inverse[row][i] -= factor * inverse[leaving][i];
                }
                amounts[row] = Math.max(0, amounts[row] - factor * step);
            }
        }
        amounts[leaving] = step;
        basis.set(leaving, pattern);
        return true;
    }

    /** The pattern that is worth most at the present prices: a bounded knapsack, by branch and bound. */
    private final class Knapsack {
        private final Integer[] order = new Integer[sizes.length];
        private final int[] counts = new int[sizes.length];
        private int[] best = new int[sizes.length];
        private double worth;

        int[] best() {
            Arrays.setAll(order, i -> i);
            Arrays.sort(order, (a, b) -> Double.compare(prices[b] / sizes[b], prices[a] / sizes[a]));
            fill(0, room, 0);
            return best;
        }

        private void fill(int at, long free, double value) {
            if (value > worth + 1e-12) {
                worth = value;
                best = counts.clone();
            }
            for (int k = at; k < order.length; k++) {
                int kind = order[k];
                if (prices[kind] <= 0 || value + free * (prices[kind] / sizes[kind]) <= worth + 1e-11) {
                    return;
                }
                int most = (int) Math.min(demand[kind], free / sizes[kind]);
                for (int count = most; count > 0; count--) {
                    counts[kind] = count;
                    fill(k + 1, free - count * sizes[kind], value + count * prices[kind]);
                }
                counts[kind] = 0;
            }
        }
    }
}
