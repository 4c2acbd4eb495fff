package neatcorner.stock.sticks;

import java.util.Arrays;
import neatcorner.stock.Search;

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
    private final Search search;
    private int[] best = new int[0];
    private double[] value = new double[0];
    private byte[][] taken = new byte[0][0];
    private Integer[] order = new Integer[0];
    private double[] prices = new double[0];
    private double worth;
    private int nodes;

    BestPattern(long[] sizes, int[] demand, long room, Search search) {
        this.search = search;
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
        if (hasTable()) {
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

    /** Whether a table is used, which also answers for every shorter room. */
    boolean hasTable() {
        return room / measure <= MOST_STEPS;
    }

    /** What the best pattern of a shorter room is worth at the last prices; only where there is a table. */
    double worthIn(long shorter) {
        return value[(int) (shorter / measure)];
    }

    /** The best pattern of a shorter room at the last prices; only where there is a table. */
    int[] bestIn(long shorter) {
        int[] pattern = new int[sizes.length];
        int at = (int) (shorter / measure);
        for (int kind = sizes.length - 1; kind >= 0; kind--) {
            pattern[kind] = taken[kind][at];
            at -= pattern[kind] * (int) (sizes[kind] / measure);
        }
        return pattern;
    }

    /** The pattern last found. */
    int[] best() {
        return best;
    }

    /** What the pattern last found is worth. */
    double worth() {
        return worth;
    }

    /** Whether no pattern can be worth more than the one last found; it is not known when the search was told to stop. */
    boolean isExact() {
        return nodes < MOST_NODES;
    }

    private void byTable(int steps) {
        if (value.length == 0) {
            value = new double[steps + 1];
            taken = new byte[sizes.length][steps + 1];
        }
        Arrays.fill(value, 0);
        for (int kind = 0; kind < sizes.length; kind++) {
            byte[] mine = taken[kind];
            Arrays.fill(mine, (byte) 0);
            if (nodes >= MOST_NODES || search.isCancelled()) {
                nodes = MOST_NODES;
                continue;
            }
            int size = (int) (sizes[kind] / measure);
            int most = Math.min(Math.min(demand[kind], steps / size), Byte.MAX_VALUE);
            double price = prices[kind];
            if (price <= 0) {
                continue;
            }
            for (int at = steps; at >= size; at--) {
                for (int count = 1; count <= most && count * size <= at; count++) {
                    double candidate = value[at - count * size] + count * price;
                    if (candidate > value[at] + 1e-13) {
                        value[at] = candidate;
                        mine[at] = (byte) count;
                    }
                }
            }
        }
        worth = value[steps];
        best = bestIn(room);
    }

    private void byBranching(int from, long free, double value) {
        if (value > worth + 1e-12) {
            worth = value;
            best = counts.clone();
        }
        for (int k = from; k < order.length; k++) {
            int kind = order[k];
            if ((nodes & 4095) == 4095 && search.isCancelled()) {
                nodes = MOST_NODES;
            }
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
