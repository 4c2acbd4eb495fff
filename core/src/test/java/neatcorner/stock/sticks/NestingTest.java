package neatcorner.stock.sticks;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.IntStream;
import neatcorner.measure.Length;
import neatcorner.stock.Search;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class NestingTest {

    private static Nesting.Part part(double mm, int count) {
        return new Nesting.Part(Length.mm(mm), count);
    }

    private static Nesting nesting(double stick, List<Nesting.Part> parts) {
        return Nesting.of(parts, List.of(Nesting.Bar.endless(Length.mm(stick))));
    }

    /** Every part is cut exactly once or counted as missing, and no room holds more than it has. */
    private static void check(Nesting nesting, Nesting.Result result) {
        for (int kind = 0; kind < nesting.parts().size(); kind++) {
            int part = kind;
            int cut = result.fillings().stream().mapToInt(f -> f.times() * f.countOf(part)).sum();
            assertEquals(nesting.parts().get(kind).count(), cut + result.missing().get(kind));
        }
        int[] used = new int[nesting.bars().size()];
        for (Nesting.Filling filling : result.fillings()) {
            used[filling.bar()] += filling.times();
            Nesting.Bar bar = nesting.bars().get(filling.bar());
            for (int room = 0; room < bar.rooms().size(); room++) {
                Length taken = Length.ZERO;
                for (int kind = 0; kind < nesting.parts().size(); kind++) {
                    taken = taken.plus(nesting.parts().get(kind).taken().times(filling.counts().get(room).get(kind)));
                }
                assertFalse(taken.isMoreThan(bar.rooms().get(room)), "a room is overfull");
            }
        }
        for (int bar = 0; bar < used.length; bar++) {
            assertTrue(used[bar] <= nesting.bars().get(bar).count(), "more bars than there are");
        }
    }

    /** The least number of bars by trying everything: each part into each open bar or a new one. */
    private static int byTryingEverything(List<Integer> parts, int capacity) {
        return tryAll(parts, 0, new ArrayList<>(), capacity, parts.size());
    }

    private static int tryAll(List<Integer> parts, int next, List<Integer> free, int capacity, int best) {
        if (free.size() >= best) {
            return best;
        }
        if (next == parts.size()) {
            return free.size();
        }
        int least = best;
        int part = parts.get(next);
        for (int i = 0; i < free.size(); i++) {
            if (free.get(i) >= part) {
                free.set(i, free.get(i) - part);
                least = tryAll(parts, next + 1, free, capacity, least);
                free.set(i, free.get(i) + part);
            }
        }
        free.add(capacity - part);
        least = tryAll(parts, next + 1, free, capacity, least);
        free.removeLast();
        return least;
    }

    @Property(tries = 120)
    void bothExactSearchesEqualTryingEverything(
            @ForAll @Size(min = 1, max = 8) List<@IntRange(min = 10, max = 70) Integer> parts) {
        Nesting nesting = nesting(100, parts.stream().map(length -> part(length, 1)).toList());
        int least = byTryingEverything(parts, 100);
        for (Nesting.Result result : List.of(
                Objects.requireNonNull(new FewKindsSearch(nesting, Search.PATIENT).solve()),
                new EqualBarsSearch(nesting, Search.PATIENT).solve())) {
            check(nesting, result);
            assertEquals(least, result.bars());
            assertEquals(least, result.bound());
            assertTrue(result.proved());
        }
    }

    @Property(tries = 150)
    void noPartIsLostOrCutTwiceOnMixedBars(
            @ForAll @Size(min = 1, max = 30) List<@IntRange(min = 50, max = 900) Integer> parts,
            @ForAll @IntRange(min = 0, max = 6) int longBars) {
        Nesting nesting = Nesting.of(parts.stream().map(length -> part(length, 1)).toList(),
                List.of(new Nesting.Bar(List.of(Length.mm(500), Length.mm(700)), longBars, 9),
                        new Nesting.Bar(List.of(Length.mm(800)), 7, 5), Nesting.Bar.endless(Length.mm(300))));
        Nesting.Result result = new MixedBarsSearch(nesting, Search.PATIENT).solve();
        check(nesting, result);
        assertTrue(result.missing().stream().mapToInt(Integer::intValue).sum() == 0 || !result.proved());
        if (result.isComplete()) {
            assertTrue(result.bound() <= result.bars());
        }
    }

    @Test
    void theCheapestMixWinsEvenIfItTakesMoreBars() {
        Nesting nesting = Nesting.of(List.of(part(500, 4)), List.of(new Nesting.Bar(List.of(Length.mm(2000)), 5, 30),
                new Nesting.Bar(List.of(Length.mm(1000)), 5, 10)));
        Nesting.Result result = nesting.solve(Search.PATIENT);
        assertEquals(2, result.bars());
        assertEquals(20, result.cost(nesting), 1e-9);
    }

    @Test
    void amongEquallyCheapLayoutsTheLongestOffcutIsKept() {
        Nesting nesting = nesting(1000, List.of(part(300, 4)));
        Nesting.Result result = nesting.solve(Search.PATIENT);
        assertEquals(2, result.bars());
        assertTrue(result.fillings().stream().anyMatch(filling -> filling.countOf(0) == 1), "3 + 1, not 2 + 2");
    }

    @Test
    void withTooFewBarsTheRestIsCountedAsMissing() {
        Nesting nesting = Nesting.of(List.of(part(600, 5)),
                List.of(new Nesting.Bar(List.of(Length.mm(1000)), 3, 0)));
        Nesting.Result result = nesting.solve(Search.PATIENT);
        assertEquals(List.of(2), result.missing());
        assertFalse(result.proved());
        check(nesting, result);
    }

    /** Falkenauer 1996, uniform class: 120 items of 20–100 in bins of 150; the scheme is published, the seed is ours. */
    @Test
    void a120PartListIsProvedLeast() {
        Random random = new Random(120);
        List<Nesting.Part> parts = random.ints(120, 20, 101).mapToObj(length -> part(length, 1)).toList();
        Nesting nesting = nesting(150, parts);
        Nesting.Result result = nesting.solve(Search.PATIENT);
        check(nesting, result);
        assertTrue(result.proved(), result.proof());
    }

    /** Falkenauer 1996, triplet class: each bar holds exactly three, so a third of the count is least by construction. */
    @Test
    void tripletsAreLaidOutWithoutAnyWaste() {
        for (int seed = 1; seed <= 2; seed++) {
            Nesting nesting = nesting(1000, triplets(40, new Random(seed)));
            Nesting.Result result = nesting.solve(Search.PATIENT);
            check(nesting, result);
            assertEquals(40, result.bars());
            assertTrue(result.proved(), result.proof());
        }
    }

    /** Equal lengths are one kind of part, as in a parts list. */
    private static List<Nesting.Part> counted(IntStream lengths) {
        Map<Integer, Integer> counts = new TreeMap<>();
        lengths.forEach(length -> counts.merge(length, 1, Integer::sum));
        return counts.entrySet().stream().map(entry -> part(entry.getKey(), entry.getValue())).toList();
    }

    private static List<Nesting.Part> triplets(int bars, Random random) {
        List<Nesting.Part> parts = new ArrayList<>();
        for (int i = 0; i < bars; i++) {
            int a = 380 + random.nextInt(111);
            int b = 250 + random.nextInt((1000 - a) / 2 - 250 + 1);
            parts.addAll(List.of(part(a, 1), part(b, 1), part(1000 - a - b, 1)));
        }
        return parts;
    }

    /** Falkenauer 1996, uniform class, 250 and 500 items; the scheme is published, the seeds are ours. */
    @Test
    void longListsOfUniformPartsAreProvedLeast() {
        for (int count : new int[]{250, 500}) {
            for (int seed = 1; seed <= 3; seed++) {
                Nesting nesting = nesting(150, counted(new Random(seed).ints(count, 20, 101)));
                Nesting.Result result = nesting.solve(Search.PATIENT);
                check(nesting, result);
                assertTrue(result.proved(), count + " parts, seed " + seed + ": " + result.proof());
            }
        }
    }

    @Test
    void theSameProblemAlwaysGetsTheSameAnswer() {
        Random random = new Random(5);
        List<Nesting.Part> parts = random.ints(60, 200, 1100).mapToObj(length -> part(length, 1)).toList();
        Nesting nesting = nesting(2400, parts);
        assertEquals(nesting.solve(Search.PATIENT), nesting.solve(Search.PATIENT));
    }

    @Test
    void aStoppedSearchKeepsItsBestAndClaimsNothing() {
        Nesting nesting = nesting(1000, triplets(20, new Random(9)));
        Nesting.Result result = new EqualBarsSearch(nesting, () -> true).solve();
        check(nesting, result);
        assertTrue(result.isComplete());
        assertEquals(result.bars() == result.bound(), result.proved());
    }
}
