package neatcorner.stock;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;

/**
 * A good layout on bars of several kinds, with defects, when there are too many different lengths to weigh every way.
 *
 * <p>Bars are filled one at a time with the longest part that fits and then whatever wastes least. Several rules for which
 * kind of bar comes next are tried, and the best outcome kept; each bar is then exchanged for a cheaper or shorter one that
 * holds the same. The bound is the least that bars of sufficient total room can cost; the result is called proved only when
 * it meets that bound.
 */
final class MixedBarsSearch {
    private final Nesting nesting;
    private final Search search;

    MixedBarsSearch(Nesting nesting, Search search) {
        this.nesting = nesting;
        this.search = search;
    }

    /** One bar as filled: its kind, and counts by room and kind of part in the search's own order. */
    private record Filled(int bar, List<int[]> rooms, long used) {}

    private record Outcome(List<Filled> bars, PartsLeft rest, double cost) {

        boolean isBetterThan(Outcome other) {
            long mine = rest.total();
            long theirs = other.rest.total();
            if (mine != theirs) {
                return mine < theirs;
            }
            return Math.abs(cost - other.cost) > 1e-9 ? cost < other.cost : bars.size() < other.bars.size();
        }
    }

    Nesting.Result solve() {
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
        return result(best);
    }

    private Outcome fill(ToDoubleFunction<Filled> rule) {
        PartsLeft rest = PartsLeft.of(nesting);
        int[] available = nesting.bars().stream().mapToInt(Nesting.Bar::count).toArray();
        List<Filled> filled = new ArrayList<>();
        while (!rest.isEmpty()) {
            Filled next = IntStream.range(0, available.length).filter(bar -> available[bar] > 0)
                    .mapToObj(bar -> fillBar(bar, rest)).filter(bar -> bar.used > 0)
                    .min(Comparator.comparingDouble(rule)).orElse(null);
            if (next == null) {
                break;
            }
            next.rooms.forEach(rest::take);
            available[next.bar]--;
            filled.add(next);
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
            int[] counts = mine.leastWaste(room.units());
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

    private Nesting.Result result(Outcome outcome) {
        List<Nesting.Filling> fillings = new ArrayList<>();
        for (Filled bar : outcome.bars) {
            List<List<Integer>> counts = bar.rooms.stream().map(room -> inOwnOrder(room, outcome.rest)).toList();
            Nesting.Filling filling = new Nesting.Filling(bar.bar, 1, counts);
            if (!fillings.isEmpty() && fillings.getLast().bar() == bar.bar
                    && fillings.getLast().counts().equals(counts)) {
                filling = new Nesting.Filling(bar.bar, fillings.removeLast().times() + 1, counts);
            }
            fillings.add(filling);
        }
        List<Integer> missing = inOwnOrder(outcome.rest.left, outcome.rest);
        if (missing.stream().anyMatch(count -> count > 0)) {
            return new Nesting.Result(fillings, missing, 0, false, "not all of them found a place");
        }
        int bound = fewestBars();
        double leastCost = leastCost();
        double coin = smallestCoin();
        boolean cheapest = coin == 0 || outcome.cost < leastCost + coin - 1e-9;
        boolean proved = cheapest && outcome.bars.size() == bound;
        String proof = proved
                ? "bars with enough room cannot cost less"
                : outcome.bars.size() == bound
                        ? "the fewest sticks there can be; whether they could cost less is not proved"
                        : "at most " + (outcome.bars.size() - bound) + " more than the least there can be";
        return new Nesting.Result(fillings, missing, bound, proved, proof);
    }

    private static List<Integer> inOwnOrder(int[] counts, PartsLeft parts) {
        Integer[] own = new Integer[counts.length];
        for (int i = 0; i < counts.length; i++) {
            own[parts.kind[i]] = counts[i];
        }
        return List.of(own);
    }

    private long wanted() {
        return PartsLeft.of(nesting).total();
    }

    /** Fewest bars whose rooms together are long enough: the longest first. */
    private int fewestBars() {
        long open = wanted();
        int bars = 0;
        for (Nesting.Bar bar : nesting.bars().stream().sorted(Comparator.comparing(Nesting.Bar::capacity).reversed())
                .toList()) {
            long capacity = bar.capacity().units();
            if (open <= 0 || capacity <= 0) {
                break;
            }
            long used = Math.min(bar.count(), (open + capacity - 1) / capacity);
            bars += Math.toIntExact(used);
            open -= used * capacity;
        }
        return bars;
    }

    /** The least cost of enough room, if bars could be bought by the millimetre: the cheapest per length first. */
    private double leastCost() {
        double open = wanted();
        double cost = 0;
        for (Nesting.Bar bar : nesting.bars().stream()
                .sorted(Comparator.comparingDouble(b -> b.cost() / b.capacity().units())).toList()) {
            double capacity = bar.capacity().units();
            if (open <= 0 || capacity <= 0) {
                continue;
            }
            double used = Math.min(bar.count(), open / capacity);
            cost += used * bar.cost();
            open -= used * capacity;
        }
        return cost;
    }

    /** Costs are sums of these: the greatest common divisor of all prices, in hundredths. */
    private double smallestCoin() {
        long divisor = 0;
        for (Nesting.Bar bar : nesting.bars()) {
            long cents = Math.round(bar.cost() * 100);
            while (cents != 0) {
                long rest = divisor % cents;
                divisor = cents;
                cents = rest;
            }
        }
        return divisor / 100.0;
    }
}
