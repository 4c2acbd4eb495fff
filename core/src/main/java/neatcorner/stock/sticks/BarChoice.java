package neatcorner.stock.sticks;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import neatcorner.stock.Search;
import org.jspecify.annotations.Nullable;

/**
 * Which bars to take: the cheapest choice that no known reason forbids. Reasons are cuts (the bars taken must together be
 * worth so much, at some prices of the parts) and choices that are known not to hold all parts, with everything below
 * them. Found by depth-first search; each node is bounded by the fraction of bars that would meet its hardest cut.
 */
final class BarChoice {
    private static final int MOST_NODES = 80_000;

    private final long[] weights;
    private final int[] most;
    private final Search search;
    private final List<Cut> cuts = new ArrayList<>();
    private final List<int[]> tooLittle = new ArrayList<>();
    private int[] order = new int[0];
    private int[] position = new int[0];
    private int[][] cheapest = new int[0][];
    private int[] taken;
    private int @Nullable [] best;
    private long bestWeight;
    private int nodes;

    /** Bars are worth so much each, and must come to the total. */
    record Cut(double[] worth, double total) {}

    /**
     * @param weights what one bar of each kind weighs in the aim, none below zero
     * @param most    how many there are of each
     */
    BarChoice(long[] weights, int[] most, Search search) {
        this.search = search;
        this.weights = weights;
        this.most = most;
        this.taken = new int[most.length];
    }

    void add(Cut cut) {
        cuts.add(cut);
    }

    /** A choice that does not hold all parts; nor does any that takes no more of any kind. */
    void forbid(int[] bars) {
        tooLittle.add(bars);
    }

    /** The cheapest choice that weighs less than this; null when there is none. */
    int @Nullable [] next(long below) {
        best = null;
        bestWeight = below;
        nodes = 0;
        taken = new int[most.length];
        order = sorted(cuts.getLast());
        position = new int[order.length];
        for (int i = 0; i < order.length; i++) {
            position[order[i]] = i;
        }
        cheapest = cuts.stream().map(this::sorted).toArray(int[][]::new);
        double[] open = cuts.stream().mapToDouble(Cut::total).toArray();
        search(0, 0, open);
        return best;
    }

    /** Whether the last search ran out of steps, so that a cheaper choice may have been missed. */
    boolean isOpen() {
        return nodes > MOST_NODES;
    }

    /** Kinds of bar, those that meet a cut most cheaply first. */
    private int[] sorted(Cut cut) {
        Integer[] kinds = new Integer[most.length];
        Arrays.setAll(kinds, i -> i);
        double[] worth = cut.worth;
        Arrays.sort(kinds, (a, b) -> Double.compare(rate(a, worth), rate(b, worth)));
        return Arrays.stream(kinds).mapToInt(i -> i).toArray();
    }

    private double rate(int kind, double[] worth) {
        return worth[kind] <= 0 ? Double.MAX_VALUE : weights[kind] / worth[kind];
    }

    private void search(int at, long weight, double[] open) {
        if ((++nodes & 255) == 0 && search.isCancelled()) {
            nodes = MOST_NODES + 1;
        }
        if (nodes > MOST_NODES || weight >= bestWeight) {
            return;
        }
        if (at == order.length) {
            for (int k = 0; k < open.length; k++) {
                if (open[k] > slack(k)) {
                    return;
                }
            }
            if (!isForbidden()) {
                best = taken.clone();
                bestWeight = weight;
            }
            return;
        }
        for (int k = 0; k < open.length; k++) {
            if (weight + Math.ceil(leastFor(at, k, open[k]) - 1e-6) >= bestWeight) {
                return;
            }
        }
        int kind = order[at];
        int top = most[kind];
        if (weights[kind] > 0) {
            top = (int) Math.min(top, (bestWeight - weight - 1) / weights[kind]);
        }
        for (int count = top; count >= 0; count--) {
            taken[kind] = count;
            double[] left = open.clone();
            for (int k = 0; k < left.length; k++) {
                left[k] -= count * cuts.get(k).worth[kind];
            }
            search(at + 1, weight + count * weights[kind], left);
        }
        taken[kind] = 0;
    }

    private double slack(int cut) {
        return 1e-7 * (1 + Math.abs(cuts.get(cut).total));
    }

    /** The least weight that fractions of the bars left add to meet a cut; infinite when they cannot. */
    private double leastFor(int at, int cut, double open) {
        double need = open - slack(cut);
        if (need <= 0) {
            return 0;
        }
        double[] worth = cuts.get(cut).worth;
        double weight = 0;
        for (int kind : cheapest[cut]) {
            if (worth[kind] <= 0) {
                break;
            }
            if (position[kind] < at) {
                continue;
            }
            double used = need / worth[kind];
            if (used <= most[kind]) {
                return weight + used * weights[kind];
            }
            weight += (double) most[kind] * weights[kind];
            need -= most[kind] * worth[kind];
        }
        return Double.MAX_VALUE;
    }

    private boolean isForbidden() {
        for (int[] bars : tooLittle) {
            boolean within = true;
            for (int i = 0; i < bars.length && within; i++) {
                within = taken[i] <= bars[i];
            }
            if (within) {
                return true;
            }
        }
        return false;
    }
}
