package neatcorner.stock.sticks;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import neatcorner.stock.Search;
import org.jspecify.annotations.Nullable;

/**
 * The least cost, then the fewest bars, on bars of several kinds with defects.
 *
 * <p>Which bars to take and how to fill them are asked by turns (logic-based Benders decomposition, Hooker and Ottosson
 * 2003). {@link BarChoice} names the cheapest choice of bars that nothing known forbids; {@link RoomPacking} fills it, or
 * proves that it cannot, which forbids it and all below it; where that takes too long, {@link BarLp} often finds prices at
 * which those bars are worth too little, and this forbids many choices at once. The first choice that can be filled is the
 * least there is. {@link GreedyBars} gives the answer to beat.
 */
final class MixedBarsSearch {
    /** A bar less counts for nothing against the smallest coin. */
    private static final long COIN = 1L << 21;
    /** Dearer bars weigh no more than this. */
    private static final double MOST_COST = 1e7;
    private static final int FEW_NODES = 400;
    private static final int MOST_NODES = 60_000;
    /** Once so many nodes are spent, no more patience is had. */
    private static final int ALL_NODES = 120_000;
    private static final int MOST_IMPATIENT = 8;
    private static final int MOST_ROUNDS = 400;

    private final Nesting nesting;
    private final Search search;
    private final PartsLeft parts;
    private final BarWorths worths;
    private final List<BarLp.Column> pool = new ArrayList<>();
    private final long[] weights;
    private final int[] most;
    private final long[] rooms;
    private final BarChoice choice;
    private String proof = "";
    private boolean open;
    private int spent;
    private int impatient;
    /** The least weight there can be, as far as it is known. */
    private long least;

    MixedBarsSearch(Nesting nesting, Search search) {
        this.nesting = nesting;
        this.search = search;
        this.parts = PartsLeft.of(nesting);
        worths = new BarWorths(nesting.bars(), parts, search);
        int total = nesting.total();
        weights = new long[nesting.bars().size()];
        most = new int[weights.length];
        for (int i = 0; i < weights.length; i++) {
            Nesting.Bar bar = nesting.bars().get(i);
            weights[i] = Math.round(Math.min(bar.cost(), MOST_COST) * 100) * COIN + (bar.started() ? 0 : 1);
            most[i] = Math.min(bar.count(), total);
        }
        rooms = nesting.bars().stream().flatMap(bar -> bar.rooms().stream()).mapToLong(room -> room.units())
                .filter(room -> room > 0).distinct().toArray();
        choice = new BarChoice(weights, most, search);
    }

    Nesting.Result solve() {
        GreedyBars.Outcome greedy = new GreedyBars(nesting, search).best();
        List<GreedyBars.Filled> bars = greedy.bars();
        long weight = greedy.rest().isEmpty() ? weight(greedy) : Long.MAX_VALUE / 4;
        if (!search.isCancelled()) {
            addFirstCuts();
            GreedyBars.Outcome dived = new BarDive(nesting, worths, costs(), pool, search).run();
            if (dived.rest().isEmpty() && weight(dived) < weight) {
                bars = dived.bars();
                weight = weight(dived);
            }
        }
        search.found(bars.size(), 0);
        for (int round = 0; round < MOST_ROUNDS; round++) {
            if (search.isCancelled() || (spent > ALL_NODES && ++impatient > MOST_IMPATIENT)) {
                open = true;
                break;
            }
            int[] next = choice.next(weight);
            open |= choice.isOpen();
            if (next != null && !open) {
                least = weight(next);
            }
            if (next == null) {
                proof = weight < Long.MAX_VALUE / 4 ? "no cheaper choice of sticks holds them all" : proof;
                break;
            }
            List<GreedyBars.Filled> filled = fill(next);
            if (filled != null) {
                bars = filled;
                weight = weight(next);
                proof = "every cheaper choice of sticks is too short for them";
                search.found(bars.size(), open ? 0 : bars.size());
                break;
            }
            choice.forbid(next);
            open |= round == MOST_ROUNDS - 1;
        }
        boolean complete = weight < Long.MAX_VALUE / 4;
        return complete ? complete(bars, weight) : incomplete(greedy);
    }

    private long weight(GreedyBars.Outcome outcome) {
        return outcome.bars().stream().mapToLong(bar -> weights[bar.bar()]).sum();
    }

    private long weight(int[] bars) {
        long weight = 0;
        for (int i = 0; i < bars.length; i++) {
            weight += bars[i] * weights[i];
        }
        return weight;
    }

    /** Lengths must fit, long parts must find long rooms, and parts must be worth their price in bars. */
    private void addFirstCuts() {
        double[] lengths = new double[weights.length];
        for (int i = 0; i < lengths.length; i++) {
            lengths[i] = nesting.bars().get(i).capacity().units();
        }
        choice.add(new BarChoice.Cut(lengths, parts.total()));
        for (int i = 0; i < parts.sizes.length; i++) {
            addLongParts(parts.sizes[i]);
        }
        double[] even = new double[weights.length];
        Arrays.fill(even, 1);
        addPrices(costs(), most, 4);
        if (Arrays.stream(weights).anyMatch(weight -> weight >= COIN)) {
            addPrices(even, most, 4);
        }
    }

    /** Weights with the largest as one. */
    private double[] costs() {
        double largest = Math.max(1, Arrays.stream(weights).max().orElse(1));
        return Arrays.stream(weights).mapToDouble(weight -> weight / largest).toArray();
    }

    /** Parts at least so long: no room holds more of them than go into it. */
    private void addLongParts(long size) {
        double[] holds = new double[weights.length];
        for (int i = 0; i < holds.length; i++) {
            holds[i] = nesting.bars().get(i).rooms().stream().mapToLong(room -> room.units() / size).sum();
        }
        int count = 0;
        for (int i = 0; i < parts.sizes.length; i++) {
            count += parts.sizes[i] >= size ? parts.left[i] : 0;
        }
        choice.add(new BarChoice.Cut(holds, count));
    }

    /** Prices of the parts when bars cost so much; true when they forbid these counts of bars. */
    private boolean addPrices(double[] costs, int[] counts, double missing) {
        BarLp program = new BarLp(parts.left, worths, counts, costs, missing, pool);
        program.solve(search);
        double[] prices = program.prices();
        worths.at(prices);
        if (!worths.isExact()) {
            return false;
        }
        double[] worth = new double[weights.length];
        double held = 0;
        for (int i = 0; i < worth.length; i++) {
            worth[i] = worths.worth(i);
            held += worth[i] * counts[i];
        }
        double total = 0;
        for (int i = 0; i < prices.length; i++) {
            total += prices[i] * parts.left[i];
        }
        choice.add(new BarChoice.Cut(worth, total));
        return held < total * (1 - 1e-7) - 1e-9;
    }

    /** The bars of a choice filled with all parts; null when they cannot be, or when it is not known. */
    private @Nullable List<GreedyBars.Filled> fill(int[] bars) {
        RoomPacking quick = new RoomPacking(parts, rooms, free(bars), FEW_NODES, search);
        List<RoomPacking.Filled> filled = quick.run();
        if (filled != null) {
            return dealtOut(bars, filled);
        }
        if (!quick.isOpen()) {
            return null;
        }
        double[] nothing = new double[weights.length];
        if (addPrices(nothing, bars, 1)) {
            return null;
        }
        RoomPacking patient = new RoomPacking(parts, rooms, free(bars), spent < ALL_NODES ? MOST_NODES : FEW_NODES,
                search);
        filled = patient.run();
        spent += patient.nodes();
        if (filled != null) {
            return dealtOut(bars, filled);
        }
        open |= patient.isOpen();
        return null;
    }

    private int[] free(int[] bars) {
        int[] free = new int[rooms.length];
        for (int bar = 0; bar < bars.length; bar++) {
            for (var room : nesting.bars().get(bar).rooms()) {
                for (int i = 0; i < rooms.length; i++) {
                    free[i] += rooms[i] == room.units() ? bars[bar] : 0;
                }
            }
        }
        return free;
    }

    /** Fillings of rooms given to bars that have such rooms. */
    private List<GreedyBars.Filled> dealtOut(int[] bars, List<RoomPacking.Filled> filled) {
        List<RoomPacking.Filled> waiting = new ArrayList<>(filled);
        List<GreedyBars.Filled> dealt = new ArrayList<>();
        for (int bar = 0; bar < bars.length; bar++) {
            for (int i = 0; i < bars[bar]; i++) {
                dealt.add(take(bar, waiting));
            }
        }
        dealt.removeIf(bar -> bar.used() == 0);
        return dealt;
    }

    private GreedyBars.Filled take(int bar, List<RoomPacking.Filled> waiting) {
        List<int[]> contents = new ArrayList<>();
        long used = 0;
        for (var room : nesting.bars().get(bar).rooms()) {
            int[] counts = new int[parts.sizes.length];
            for (RoomPacking.Filled each : waiting) {
                if (rooms[each.room()] == room.units()) {
                    counts = each.counts();
                    waiting.remove(each);
                    break;
                }
            }
            contents.add(counts);
            for (int i = 0; i < counts.length; i++) {
                used += counts[i] * parts.sizes[i];
            }
        }
        return new GreedyBars.Filled(bar, contents, used);
    }

    private Nesting.Result complete(List<GreedyBars.Filled> bars, long weight) {
        int count = (int) bars.stream().filter(bar -> !nesting.bars().get(bar.bar()).started()).count();
        int bound = open ? Math.min(count, fewestBars()) : count;
        String said = !open ? proof : gap(count - bound, (weight / COIN - least / COIN) / 100.0);
        return new Nesting.Result(fillings(bars), nesting.parts().stream().map(part -> 0).toList(), bound, !open,
                said);
    }

    private static String gap(int bars, double cost) {
        return cost > 0.004
                ? String.format(Locale.ROOT, "it costs at most %.2f more than the least there can be", cost)
                : bars > 0
                        ? "at most " + bars + " more sticks than the least there can be"
                        : "the fewest sticks there can be";
    }

    private Nesting.Result incomplete(GreedyBars.Outcome greedy) {
        return new Nesting.Result(fillings(greedy.bars()), inOwnOrder(greedy.rest().left), 0, false,
                "not all of them found a place");
    }

    private List<Nesting.Filling> fillings(List<GreedyBars.Filled> bars) {
        List<Nesting.Filling> fillings = new ArrayList<>();
        List<int[]> last = List.of();
        for (GreedyBars.Filled bar : bars) {
            Nesting.Filling before = fillings.isEmpty() ? null : fillings.getLast();
            List<List<Integer>> counts = before != null && bar.rooms() == last
                    ? before.counts()
                    : bar.rooms().stream().map(this::inOwnOrder).toList();
            last = bar.rooms();
            if (before != null && before.bar() == bar.bar() && before.counts().equals(counts)) {
                fillings.removeLast();
                fillings.add(new Nesting.Filling(bar.bar(), before.times() + 1, counts));
            } else {
                fillings.add(new Nesting.Filling(bar.bar(), 1, counts));
            }
        }
        return fillings;
    }

    private List<Integer> inOwnOrder(int[] counts) {
        Integer[] own = new Integer[counts.length];
        for (int i = 0; i < counts.length; i++) {
            own[parts.kind[i]] = counts[i];
        }
        return List.of(own);
    }

    /** Fewest bars whose rooms together are long enough: the longest first. */
    private int fewestBars() {
        long wanted = parts.total();
        int bars = 0;
        for (Nesting.Bar bar : nesting.bars().stream()
                .sorted(Comparator.comparing(Nesting.Bar::capacity).reversed()).toList()) {
            long capacity = bar.capacity().units();
            if (wanted <= 0 || capacity <= 0) {
                break;
            }
            long used = Math.min(bar.count(), (wanted + capacity - 1) / capacity);
            bars += bar.started() ? 0 : Math.toIntExact(used);
            wanted -= used * capacity;
        }
        return bars;
    }
}
