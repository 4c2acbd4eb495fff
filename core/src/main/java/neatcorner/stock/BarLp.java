package neatcorner.stock;

import java.util.Arrays;
import java.util.List;

/**
 * The cutting-stock problem on bars of several kinds as a linear program over cutting patterns, solved by column generation
 * (Gilmore and Gomory 1963, several stock lengths) with a revised simplex on a dense inverse. Rows are the kinds of part
 * (cut often enough) and the kinds of bar (no more than there are); a part may also be left out, at a price.
 *
 * <p>What matters of the answer are the {@link #prices} of the parts: whatever they are, bars hold all parts only if what
 * they can hold is together worth as much as the parts.
 */
final class BarLp {
    private static final double NEAR = 1e-9;
    private static final int MOST_ROUNDS = 4_000;

    private final int[] demand;
    private final List<BarWorth> bars;
    private final double[] costs;
    private final int rows;
    private final double[][] inverse;
    private final double[] amounts;
    private final double[] basisCosts;
    private final double[] duals;

    /**
     * @param demand of each kind of part
     * @param bars   what each kind of bar can hold
     * @param counts how many of each kind there are
     * @param costs  of one bar of each kind
     * @param missing what it costs to leave one part out
     */
    BarLp(int[] demand, List<BarWorth> bars, int[] counts, double[] costs, double missing) {
        this.demand = demand;
        this.bars = bars;
        this.costs = costs;
        this.rows = demand.length + bars.size();
        inverse = new double[rows][rows];
        amounts = new double[rows];
        basisCosts = new double[rows];
        duals = new double[rows];
        for (int i = 0; i < rows; i++) {
            inverse[i][i] = 1;
            boolean part = i < demand.length;
            amounts[i] = part ? demand[i] : counts[i - demand.length];
            basisCosts[i] = part ? missing : 0;
        }
    }

    /** Runs to the optimum, or until it is stopped. */
    void solve(Search search) {
        for (int round = 0; round < MOST_ROUNDS && !search.isCancelled(); round++) {
            price();
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

    /** What the program costs as it stands. */
    double value() {
        double value = 0;
        for (int i = 0; i < rows; i++) {
            value += basisCosts[i] * amounts[i];
        }
        return value;
    }

    private void price() {
        for (int j = 0; j < rows; j++) {
            double dual = 0;
            for (int i = 0; i < rows; i++) {
                if (basisCosts[i] != 0) {
                    dual += basisCosts[i] * inverse[i][j];
                }
            }
            duals[j] = dual;
        }
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
        for (int bar = 0; bar < bars.size(); bar++) {
            double worth = bars.get(bar).at(prices);
            double saves = worth + duals[demand.length + bar] - costs[bar];
            if (saves > most) {
                most = saves;
                column = new double[rows];
                int[] counts = bars.get(bar).best();
                for (int i = 0; i < counts.length; i++) {
                    column[i] = counts[i];
                }
                column[demand.length + bar] = 1;
                cost = costs[bar];
            }
        }
        return column != null && enter(column, cost);
    }

    private boolean enter(double[] column, double cost) {
        double[] direction = new double[rows];
        for (int i = 0; i < rows; i++) {
            for (int j = 0; j < rows; j++) {
                if (column[j] != 0) {
                    direction[i] += inverse[i][j] * column[j];
                }
            }
        }
        int leaving = -1;
        double least = Double.MAX_VALUE;
        for (int i = 0; i < rows; i++) {
            if (direction[i] > 1e-8) {
                double ratio = amounts[i] / direction[i];
                if (ratio < least - 1e-12 || (ratio < least + 1e-12 && direction[i] > direction[leaving])) {
                    least = ratio;
                    leaving = i;
                }
            }
        }
        if (leaving < 0) {
            return false;
        }
        double pivot = direction[leaving];
        double step = amounts[leaving] / pivot;
        for (int j = 0; j < rows; j++) {
            inverse[leaving][j] /= pivot;
        }
        for (int i = 0; i < rows; i++) {
            if (i != leaving && Math.abs(direction[i]) > NEAR * 1e-3) {
                for (int j = 0; j < rows; j++) {
                    inverse[i][j] -= direction[i] * inverse[leaving][j];
                }
                amounts[i] = Math.max(0, amounts[i] - direction[i] * step);
            }
        }
        amounts[leaving] = step;
        basisCosts[leaving] = cost;
        return true;
    }
}
