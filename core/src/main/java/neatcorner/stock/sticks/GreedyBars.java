package neatcorner.stock.sticks;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import neatcorner.stock.Search;

/**
 * A first good layout on bars of several kinds, with defects, in which {@link MixedBarsSearch} starts.
 *
 * <p>Bars are filled one at a time with the longest part that fits and then whatever wastes least. Several rules for which
 * kind of bar comes next are tried, and the best outcome kept; each bar is then exchanged for a cheaper or shorter one that
 * holds the same.
 */
final class GreedyBars {
    private final Nesting nesting;
    private final Search search;

    GreedyBars(Nesting nesting, Search search) {
        this.nesting = nesting;
        this.search = search;
    }

    /** One bar as filled: its kind, and counts by room and kind of part in the search's own order. */
    record Filled(int bar, List<int[]> rooms, long used) {}

    record Outcome(List<Filled> bars, PartsLeft rest, double cost) {

        boolean isBetterThan(Outcome other) {
            long mine = rest.total();
            long theirs = other.rest.total();
            if (mine != theirs) {
                return mine < theirs;
            }
            return Math.abs(cost - other.cost) > 1e-9 ? cost < other.cost : bars.size() < other.bars.size();
        }
    }

    Outcome best() {
        List<ToDoubleFunction<Filled>> rules = List.of(
                filled -> nesting.bars().get(filled.bar).cost() / Math.max(1, filled.used),
                filled -> -filled.used,
                filled -> (double) nesting.bars().get(filled.bar).capacity().units() - filled.used,
                filled -> -(double) nesting.bars().get(filled.bar).capacity().units());
        Outcome best = fill(rules.getFirst());
        for (int i = 1; i < rules.size() && !search.isCancelled(); i++) {
            Outcome outcome = fill(rules.get(i));
            if (outcome.isBetterThan(best)) {
                best = outcome;
            }
        }
        return best;
    }

    private Outcome fill(ToDoubleFunction<Filled> rule) {
        return fill(rule, List.of());
    }

    /** Goes on from bars that are filled already, the cheapest for its length first. */
    Outcome goOn(List<Filled> begun) {
        return fill(filled -> nesting.bars().get(filled.bar).cost() / Math.max(1, filled.used), begun);
    }

    private Outcome fill(ToDoubleFunction<Filled> rule, List<Filled> begun) {
        PartsLeft rest = PartsLeft.of(nesting);
        int[] available = nesting.bars().stream().mapToInt(Nesting.Bar::count).toArray();
        List<Filled> filled = new ArrayList<>(begun);
        for (Filled bar : begun) {
            bar.rooms.forEach(rest::take);
            available[bar.bar]--;
        }
        while (!rest.isEmpty()) {
            Filled next = IntStream.range(0, available.length).filter(bar -> available[bar] > 0)
                    .mapToObj(bar -> fillBar(bar, rest)).filter(bar -> bar.used > 0)
                    .min(Comparator.comparingDouble(rule)).orElse(null);
            if (next == null) {
                break;
            }
            int times = search.isCancelled() ? Math.min(available[next.bar], rest.times(next.rooms)) : 1;
            for (int i = 0; i < times; i++) {
                next.rooms.forEach(rest::take);
                filled.add(next);
            }
            available[next.bar] -= times;
        }
        filled.replaceAll(bar -> exchange(bar, available));
        double cost = filled.stream().mapToDouble(bar -> nesting.bars().get(bar.bar).cost()).sum();
        return new Outcome(filled, rest, cost);
    }

    private Filled fillBar(int bar, PartsLeft rest) {
        PartsLeft mine = rest.copy();
        long before = mine.total();
        List<int[]> rooms = new ArrayList<>();
        for (var room : nesting.bars().get(bar).rooms()) {
            int[] counts = search.isCancelled() ? mine.longestFirst(room.units()) : mine.leastWaste(room.units());
            mine.take(counts);
            rooms.add(counts);
        }
        return new Filled(bar, rooms, before - mine.total());
    }

    /** The same contents on the cheapest, then shortest, bar with one clear room that is left and holds them. */
    private Filled exchange(Filled filled, int[] available) {
        Nesting.Bar own = nesting.bars().get(filled.bar);
        int best = filled.bar;
        for (int bar = 0; bar < available.length; bar++) {
            Nesting.Bar candidate = nesting.bars().get(bar);
            Nesting.Bar current = nesting.bars().get(best);
            boolean better = candidate.cost() < current.cost()
                    || (candidate.cost() == current.cost() && candidate.capacity().isLessThan(current.capacity()));
            if (available[bar] > 0 && own.rooms().size() == 1 && candidate.rooms().size() == 1 && better
                    && candidate.capacity().units() >= filled.used) {
                best = bar;
            }
        }
        available[filled.bar]++;
        available[best]--;
        return new Filled(best, filled.rooms, filled.used);
    }
}
