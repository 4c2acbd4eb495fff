package neatcorner.stock.sticks;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import neatcorner.measure.Length;
import neatcorner.stock.Keep;
import neatcorner.stock.Search;
import org.jspecify.annotations.Nullable;

/**
 * The exact answer when there are few different lengths: dynamic programming over "how many of each kind are cut".
 *
 * <p>A state is a vector of counts, written as one number in mixed radix. Bar by bar, every pattern that a bar can hold is
 * added to every state reached so far, and the better of two ways to reach a state is kept: cheaper, then fewer bars, then
 * more whole frames, then the longer offcut. All four combine monotonically (sums, and a maximum last), so the best way
 * to the full state is found, whatever the mix of bars.
 */
final class FewKindsSearch {
    private static final long MOST_STEPS = 4_000_000;
    private static final int MOST_STATES = 20_000;
    private static final int MOST_STATES_OF_WHOLE_FRAMES = 1_100_000;
    /** At most so many steps until it asks whether to go on: far less than 20 ms. */
    private static final int STEPS_A_QUESTION = 1 << 12;
    /** Ways to fill one bar that are looked at, before another search is the better one. */
    private static final int MOST_WAYS = 8_000_000;

    private final Nesting nesting;
    private final Search search;
    private final int kinds;
    private final int[] radix;
    private final int full;
    private final int[][] digits;
    private long steps;
    private boolean stopped;

    /** One bar's filling: what it adds to the state, how its rooms are filled, and what it is worth. */
    private record Pattern(int state, int[][] rooms, int wholeFrames, long offcut) {}

    /** Best known ways to every state, one column for each aim, after some number of bars. */
    private record Table(double[] cost, int[] bars, int[] whole, long[] offcut) {

        static Table empty(int states) {
            Table table = new Table(new double[states], new int[states], new int[states], new long[states]);
            Arrays.fill(table.cost, Double.POSITIVE_INFINITY);
            table.cost[0] = 0;
            return table;
        }

        Table copy() {
            return new Table(cost.clone(), bars.clone(), whole.clone(), offcut.clone());
        }

        boolean improve(int state, double newCost, int newBars, int newWhole, long newOffcut) {
            double difference = newCost - cost[state];
            boolean same = Math.abs(difference) < 1e-9;
            if (!same && difference > 0) {
                return false;
            }
            if (same && (newBars > bars[state] || (newBars == bars[state] && (newWhole < whole[state]
                    || (newWhole == whole[state] && newOffcut <= offcut[state]))))) {
                return false;
            }
            cost[state] = newCost;
            bars[state] = newBars;
            whole[state] = newWhole;
            offcut[state] = newOffcut;
            return true;
        }
    }

    /** One more bar of a kind: which pattern led to each state (−1: this bar is not used). */
    private record Layer(int bar, List<Pattern> patterns, int[] chosen) {}

    FewKindsSearch(Nesting nesting, Search search) {
        this.nesting = nesting;
        this.search = search;
        this.kinds = nesting.parts().size();
        this.radix = new int[kinds];
        int states = 1;
        for (int kind = 0; kind < kinds; kind++) {
            radix[kind] = states;
            states *= nesting.parts().get(kind).count() + 1;
        }
        this.full = states - 1;
        this.digits = new int[kinds][states];
        for (int kind = 0; kind < kinds; kind++) {
            for (int state = 0; state < states; state++) {
                digits[kind][state] = state / radix[kind] % (nesting.parts().get(kind).count() + 1);
            }
        }
    }

    static boolean suits(Nesting nesting) {
        long states = 1;
        for (Nesting.Part part : nesting.parts()) {
            states *= part.count() + 1;
            if (states > (nesting.keep() == Keep.MUST ? MOST_STATES_OF_WHOLE_FRAMES : MOST_STATES)) {
                return false;
            }
        }
        if (nesting.keep() == Keep.MUST) {
            return true;
        }
        double steps = 0;
        for (Nesting.Bar bar : nesting.bars()) {
            double patterns = 1;
            for (Length room : bar.rooms()) {
                patterns *= fillings(nesting.parts(), 0, room.units(), MOST_STEPS / states + 1);
            }
            steps += states * Math.min(patterns, states) * Math.min(bar.count(), nesting.total());
        }
        return steps <= MOST_STEPS;
    }

    /** In how many ways parts from this one on fill a room, counted up to a limit. */
    private static long fillings(List<Nesting.Part> parts, int from, long left, long limit) {
        if (from == parts.size() || left <= 0) {
            return 1;
        }
        long taken = parts.get(from).taken().units();
        long most = Math.min(parts.get(from).count(), left / taken);
        long ways = 0;
        for (int count = 0; count <= most && ways < limit; count++) {
            ways += fillings(parts, from + 1, left - count * taken, limit - ways);
        }
        return ways;
    }

    /** Null when it was told to stop, or when a bar can be filled in too many ways. */
    Nesting.@Nullable Result solve() {
        Table table = Table.empty(full + 1);
        List<Layer> layers = new ArrayList<>();
        for (int bar = 0; bar < nesting.bars().size(); bar++) {
            List<Pattern> patterns = patternsOf(nesting.bars().get(bar));
            if (stopped) {
                return null;
            }
            int most = Math.min(nesting.bars().get(bar).count(), nesting.total());
            for (int i = 0; i < most && !patterns.isEmpty(); i++) {
                Table before = table.copy();
                Layer layer = addBar(bar, patterns, before, table);
                if (stopped) {
                    return null;
                }
                if (layer == null) {
                    break;
                }
                layers.add(layer);
            }
        }
        int reached = table.cost[full] < Double.POSITIVE_INFINITY ? full : mostReached(table);
        List<Nesting.Filling> fillings = fillings(layers, reached);
        List<Integer> missing = new ArrayList<>();
        for (int kind = 0; kind < kinds; kind++) {
            missing.add(nesting.parts().get(kind).count() - digit(reached, kind));
        }
        boolean complete = reached == full;
        return new Nesting.Result(fillings, missing, complete ? table.bars[full] : 0, complete,
                complete ? "every way of laying them out was weighed" : "there is not enough wood for all of them");
    }

    /** Counts so many steps, and now and then asks whether to go on. */
    private boolean goesOn(int more) {
        long before = steps;
        steps += more;
        if (steps / STEPS_A_QUESTION > before / STEPS_A_QUESTION && search.isCancelled()) {
            stopped = true;
        }
        return !stopped;
    }

    private @Nullable Layer addBar(int bar, List<Pattern> patterns, Table before, Table table) {
        int[] chosen = new int[full + 1];
        Arrays.fill(chosen, -1);
        boolean better = false;
        double cost = nesting.bars().get(bar).cost();
        for (int state = 0; state <= full; state++) {
            if (before.cost[state] == Double.POSITIVE_INFINITY) {
                continue;
            }
            if (!goesOn(patterns.size())) {
                return null;
            }
            for (int p = 0; p < patterns.size(); p++) {
                Pattern pattern = patterns.get(p);
                if (fits(state, pattern.state)) {
                    int next = state + pattern.state;
                    if (table.improve(next, before.cost[state] + cost,
                            before.bars[state] + (nesting.bars().get(bar).started() ? 0 : 1),
                            before.whole[state] + pattern.wholeFrames,
                            Math.max(before.offcut[state], pattern.offcut))) {
                        chosen[next] = p;
                        better = true;
                    }
                }
            }
        }
        return better ? new Layer(bar, patterns, chosen) : null;
    }

    private boolean fits(int state, int added) {
        for (int kind = 0; kind < kinds; kind++) {
            if (digits[kind][state] + digits[kind][added] > nesting.parts().get(kind).count()) {
                return false;
            }
        }
        return true;
    }

    private int digit(int state, int kind) {
        return digits[kind][state];
    }

    /** Every way to fill one bar, apart from leaving it empty. */
    private List<Pattern> patternsOf(Nesting.Bar bar) {
        int rooms = bar.rooms().size();
        Map<Integer, Pattern> found = new HashMap<>();
        long began = steps;
        found.put(0, new Pattern(0, new int[rooms][kinds], 0, bar.largestRoom().units()));
        for (int room = 0; room < rooms; room++) {
            List<int[]> fillings = new ArrayList<>();
            fillRoom(new int[kinds], 0, bar.rooms().get(room).units(), fillings);
            for (Pattern base : List.copyOf(found.values())) {
                stopped |= steps - began > MOST_WAYS;
                if (!goesOn(fillings.size())) {
                    return List.of();
                }
                for (int[] filling : fillings) {
                    extend(bar, base, room, filling, found);
                }
            }
        }
        found.remove(0);
        return found.values().stream().filter(this::isAllowed).sorted((a, b) -> Integer.compare(b.state, a.state))
                .toList();
    }

    private void extend(Nesting.Bar bar, Pattern base, int room, int[] filling, Map<Integer, Pattern> found) {
        int added = 0;
        for (int kind = 0; kind < kinds; kind++) {
            added += filling[kind] * radix[kind];
        }
        if (added == 0 || !fits(base.state, added)) {
            return;
        }
        int[][] rooms = base.rooms.clone();
        rooms[room] = filling;
        int state = base.state + added;
        Pattern pattern = new Pattern(state, rooms, wholeFrames(state), longestLeft(bar, rooms));
        found.merge(state, pattern, (a, b) -> b.offcut > a.offcut ? b : a);
    }

    private void fillRoom(int[] counts, int kind, long left, List<int[]> fillings) {
        if (stopped) {
            return;
        }
        if (kind == kinds) {
            fillings.add(counts.clone());
            goesOn(1);
            return;
        }
        long taken = nesting.parts().get(kind).taken().units();
        int most = (int) Math.min(nesting.parts().get(kind).count(), left / taken);
        for (int count = 0; count <= most; count++) {
            counts[kind] = count;
            fillRoom(counts, kind + 1, left - count * taken, fillings);
        }
        counts[kind] = 0;
    }

    private long longestLeft(Nesting.Bar bar, int[][] rooms) {
        long longest = 0;
        for (int room = 0; room < rooms.length; room++) {
            long left = bar.rooms().get(room).units();
            for (int kind = 0; kind < kinds; kind++) {
                left -= rooms[room][kind] * nesting.parts().get(kind).taken().units();
            }
            longest = Math.max(longest, left);
        }
        return longest;
    }

    private boolean isAllowed(Pattern pattern) {
        if (nesting.keep() != Keep.MUST || nesting.frame().isEmpty()) {
            return true;
        }
        int frames = pattern.wholeFrames;
        for (int kind = 0; kind < kinds; kind++) {
            if (digit(pattern.state, kind) != frames * nesting.frame().get(kind)) {
                return false;
            }
        }
        return true;
    }

    private int wholeFrames(int state) {
        if (nesting.keep() == Keep.NO || nesting.frame().isEmpty()) {
            return 0;
        }
        int frames = Integer.MAX_VALUE;
        for (int kind = 0; kind < kinds; kind++) {
            frames = Math.min(frames, digit(state, kind) / nesting.frame().get(kind));
        }
        return frames;
    }

    private int mostReached(Table table) {
        int best = 0;
        int bestParts = 0;
        for (int state = 0; state <= full; state++) {
            if (table.cost[state] < Double.POSITIVE_INFINITY) {
                int parts = 0;
                for (int kind = 0; kind < kinds; kind++) {
                    parts += digit(state, kind);
                }
                if (parts > bestParts) {
                    best = state;
                    bestParts = parts;
                }
            }
        }
        return best;
    }

    private List<Nesting.Filling> fillings(List<Layer> layers, int reached) {
        List<Nesting.Filling> fillings = new ArrayList<>();
        int state = reached;
        for (int i = layers.size() - 1; i >= 0 && state > 0; i--) {
            Layer layer = layers.get(i);
            int chosen = layer.chosen[state];
            if (chosen >= 0) {
                Pattern pattern = layer.patterns.get(chosen);
                add(fillings, layer.bar, pattern);
                state -= pattern.state;
            }
        }
        Collections.reverse(fillings);
        return List.copyOf(fillings);
    }

    private static void add(List<Nesting.Filling> fillings, int bar, Pattern pattern) {
        List<List<Integer>> counts = Arrays.stream(pattern.rooms)
                .map(room -> Arrays.stream(room).boxed().toList()).toList();
        if (!fillings.isEmpty() && fillings.getLast().bar() == bar && fillings.getLast().counts().equals(counts)) {
            Nesting.Filling last = fillings.removeLast();
            fillings.add(new Nesting.Filling(bar, last.times() + 1, counts));
        } else {
            fillings.add(new Nesting.Filling(bar, 1, counts));
        }
    }
}
