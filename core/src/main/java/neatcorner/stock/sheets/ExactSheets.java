package neatcorner.stock.sheets;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.IntStream;
import neatcorner.stock.Search;
import neatcorner.stock.Sheet;
import org.jspecify.annotations.Nullable;

/**
 * The least cost of sheets for few panels, proved: every way to put panels together by straight cuts is weighed.
 *
 * <p>A state says how many of each panel are in. For every state the smallest blocks that hold just those panels are kept
 * (all of them, by width and height, as none is better both ways); a block is a panel, or two blocks of smaller states side
 * by side or above each other, which covers every guillotine plan of however many stages. The sheets for all panels then
 * follow by dynamic programming over states, a sheet at a time.
 */
final class ExactSheets {
    private static final int MOST_STATES = 1_500;
    private static final long MOST_STEPS = 30_000_000;

    private final SheetNesting nesting;
    private final int kinds;
    private final int[] radix;
    private final int full;
    /** For each state, without turning panels and with. */
    private final Map<Boolean, Blocks[]> blocks = new HashMap<>();
    private long steps;

    private ExactSheets(SheetNesting nesting) {
        this.nesting = nesting;
        this.kinds = nesting.panels().size();
        this.radix = new int[kinds];
        int states = 1;
        for (int i = 0; i < kinds; i++) {
            radix[i] = states;
            states *= nesting.panels().get(i).count() + 1;
        }
        this.full = states - 1;
    }

    static boolean suits(SheetNesting nesting) {
        long states = 1;
        for (Panel panel : nesting.panels()) {
            states *= panel.count() + 1L;
            if (states > MOST_STATES) {
                return false;
            }
        }
        return true;
    }

    /** The least, or the most panels where the sheets do not suffice; null when it takes too many steps. */
    static @Nullable SheetLayout solve(SheetNesting nesting, Search search) {
        ExactSheets exact = new ExactSheets(nesting);
        for (boolean grained : new boolean[]{true, false}) {
            if (nesting.sheets().stream().anyMatch(sheet -> sheet.grained() == grained)
                    && !exact.putTogether(grained, search)) {
                return null;
            }
        }
        return exact.choose(search);
    }

    private int digit(int state, int kind) {
        return state / radix[kind] % (nesting.panels().get(kind).count() + 1);
    }

    private boolean isWithin(int part, int whole) {
        for (int kind = 0; kind < kinds; kind++) {
            if (digit(part, kind) > digit(whole, kind)) {
                return false;
            }
        }
        return true;
    }

    private boolean putTogether(boolean grained, Search search) {
        Blocks[] all = new Blocks[full + 1];
        blocks.put(grained, all);
        long kerf = nesting.kerf().units();
        for (int state = 1; state <= full; state++) {
            Blocks here = new Blocks();
            all[state] = here;
            for (int kind = 0; kind < kinds; kind++) {
                if (state == radix[kind]) {
                    for (boolean turned : nesting.turns(kind, grained)) {
                        keep(here, nesting.block(kind, turned), grained);
                    }
                }
            }
            for (int part = 1; part <= state / 2 + state % 2; part++) {
                if (part >= state || !isWithin(part, state) || part > state - part) {
                    continue;
                }
                for (Block a : all[part].list()) {
                    for (Block b : all[state - part].list()) {
                        if (++steps > MOST_STEPS || ((steps & 1023) == 0 && search.isCancelled())) {
                            return false;
                        }
                        keep(here, a.beside(b, kerf), grained);
                        keep(here, a.above(b, kerf), grained);
                    }
                }
            }
        }
        return true;
    }

    private void keep(Blocks here, Block block, boolean grained) {
        if (nesting.fitsAny(block, grained)) {
            here.add(block);
        }
    }

    private Blocks[] of(Sheet sheet) {
        return Objects.requireNonNull(blocks.get(sheet.grained()));
    }

    /** Of the blocks that fit a sheet, the one that leaves the largest part in one piece. */
    private @Nullable Block onSheet(int state, int sheet) {
        Block best = null;
        double most = -1;
        double w = nesting.roomAcross(sheet);
        double h = nesting.roomDown(sheet);
        for (Block block : of(nesting.sheets().get(sheet))[state].list()) {
            double left = Math.max((w - block.width()) * h, (h - block.height()) * w);
            if (nesting.fits(block, sheet) && left > most) {
                most = left;
                best = block;
            }
        }
        return best;
    }

    /** Sheet by sheet, kind by kind: the cheapest, then fewest, for every state. */
    private @Nullable SheetLayout choose(Search search) {
        double[] cost = new double[full + 1];
        int[] count = new int[full + 1];
        Arrays.fill(cost, Double.POSITIVE_INFINITY);
        cost[0] = 0;
        List<int[]> from = new ArrayList<>();
        List<Integer> kindOf = new ArrayList<>();
        int total = nesting.total();
        for (int sheet = 0; sheet < nesting.sheets().size(); sheet++) {
            int index = sheet;
            List<Integer> fillings = IntStream.rangeClosed(1, full)
                    .filter(state -> onSheet(state, index) != null).boxed().toList();
            double price = nesting.sheets().get(sheet).cost();
            for (int i = 0; i < Math.min(nesting.sheets().get(sheet).count(), total); i++) {
                if (search.isCancelled()) {
                    return null;
                }
                double[] before = cost.clone();
                int[] countBefore = count.clone();
                int[] chosen = new int[full + 1];
                boolean better = false;
                for (int state = 0; state <= full; state++) {
                    if (before[state] == Double.POSITIVE_INFINITY) {
                        continue;
                    }
                    for (int filling : fillings) {
                        if (!isWithin(filling, full - state)) {
                            continue;
                        }
                        int next = state + filling;
                        double now = before[state] + price;
                        if (now < cost[next] - 1e-9
                                || (now < cost[next] + 1e-9 && countBefore[state] + 1 < count[next])) {
                            cost[next] = now;
                            count[next] = countBefore[state] + 1;
                            chosen[next] = filling;
                            better = true;
                        }
                    }
                }
                if (!better) {
                    break;
                }
                from.add(chosen);
                kindOf.add(sheet);
            }
        }
        return layout(most(cost), from, kindOf);
    }

    /** The state of most panels that the sheets can hold, at the least cost. */
    private int most(double[] cost) {
        int best = 0;
        for (int state = 1; state <= full; state++) {
            int more = panels(state) - panels(best);
            if (cost[state] < Double.POSITIVE_INFINITY && (more > 0 || (more == 0 && cost[state] < cost[best]))) {
                best = state;
            }
        }
        return best;
    }

    private int panels(int state) {
        int sum = 0;
        for (int kind = 0; kind < kinds; kind++) {
            sum += digit(state, kind);
        }
        return sum;
    }

    private SheetLayout layout(int reached, List<int[]> from, List<Integer> kindOf) {
        SheetPlan plan = new SheetPlan(nesting);
        int state = reached;
        for (int i = from.size() - 1; i >= 0 && state > 0; i--) {
            int filling = from.get(i)[state];
            if (filling > 0) {
                plan.add(kindOf.get(i), Objects.requireNonNull(onSheet(filling, kindOf.get(i))));
                state -= filling;
            }
        }
        return plan.layout(nesting.total() - panels(reached), plan.count(), true, reached == full
                ? "every plan of straight cuts was weighed"
                : "no plan of straight cuts holds more of them");
    }
}
