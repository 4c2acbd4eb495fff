package neatcorner.stock;

import java.util.Arrays;

/**
 * The pattern that is worth most when every kind of part has a price: a bounded knapsack. Exact by dynamic programming
 * where the lengths are few steps of a common measure, else by branch and bound, which gives up after so many steps and
 * then says that it was not exact.
 */
final class BestPattern {
    private static final int MOST_STEPS = 12_000;
    private static final int MOST_NODES = 150_000;

    private final long[] sizes;
    private final int[] demand;
    private final long room;
    private final long measure;
    private final int[] counts;
    private int[] best = new int[0];
    private Integer[] order = new Integer[0];
    private double[] prices = new double[0];
    private double worth;
    private int nodes;

    BestPattern(long[] sizes, int[] demand, long room) {
        this.sizes = sizes;
        this.demand = demand;
        this.room = room;
        this.counts = new int[sizes.length];
        long common = 0;
        for (long size : sizes) {
            common = greatestCommonDivisor(common, size);
        }
        this.measure = common;
    }

    private static long greatestCommonDivisor(long a, long b) {
        return b == 0 ? a : greatestCommonDivisor(b, a % b);
    }

    /** The best pattern at these prices, none of them negative. */
    int[] at(double[] newPrices) {
        prices = newPrices;
        worth = 0;
        nodes = 0;
        best = new int[sizes.length];
        if (room / measure <= MOST_STEPS) {
            byTable((int) (room / measure));
        } else {
            order = new Integer[sizes.length];
            Arrays.setAll(order, i -> i);
            Arrays.sort(order, (a, b) -> Double.compare(prices[b] / sizes[b], prices[a] / sizes[a]));
            Arrays.fill(counts, 0);
            byBranching(0, room, 0);
        }
        return best;
    }

    /** What the pattern last found is worth. */
    double worth() {
        return worth;
    }

    /** Whether no pattern can be worth more than the one last found. */
    boolean isExact() {
        return nodes < MOST_NODES;
    }

    private void byTable(int steps) {
        double[] value = new double[steps + 1];
        byte[][] taken = new byte[sizes.length][steps + 1];
        for (int kind = 0; kind < sizes.length; kind++) {
            int size = (int) (sizes[kind] / measure);
            int most = Math.min(Math.min(demand[kind], steps / size), Byte.MAX_VALUE);
            if (prices[kind] <= 0) {
                continue;
            }
            for (int at = steps; at >= size; at--) {
                for (int count = 1; count <= most && count * size <= at; count++) {
                    double candidate = value[at - count * size] + count * prices[kind];
                    if (candidate > value[at] + 1e-13) {
                        value[at] = candidate;
                        taken[kind][at] = (byte) count;
                    }
                }
            }
        }
        worth = value[steps];
        int at = steps;
        for (int kind = sizes.length - 1; kind >= 0; kind--) {
            best[kind] = taken[kind][at];
            at -= best[kind] * (int) (sizes[kind] / measure);
        }
    }

    private void byBranching(int from, long free, double value) {
        if (value > worth + 1e-12) {
            worth = value;
            best = counts.clone();
        }
        for (int k = from; k < order.length; k++) {
            int kind = order[k];
            if (prices[kind] <= 0 || value + free * (prices[kind] / sizes[kind]) <= worth + 1e-11
                    || ++nodes >= MOST_NODES) {
                return;
            }
            int most = (int) Math.min(demand[kind], free / sizes[kind]);
            for (int count = most; count > 0; count--) {
                counts[kind] = count;
                byBranching(k + 1, free - count * sizes[kind], value + count * prices[kind]);
            }
            counts[kind] = 0;
        }
    }
}
