package neatcorner.stock.sticks;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import neatcorner.measure.Length;
import neatcorner.stock.Search;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class PatternLpTest {

    private static long total(int[] pattern, long[] sizes) {
        long total = 0;
        for (int i = 0; i < sizes.length; i++) {
            total += pattern[i] * sizes[i];
        }
        return total;
    }

    /** All ways to fill the room, for comparison. */
    private static double bestByTryingEverything(long[] sizes, int[] demand, double[] prices, int kind, long free) {
        if (kind == sizes.length) {
            return 0;
        }
        double best = 0;
        for (int count = 0; count <= demand[kind] && count * sizes[kind] <= free; count++) {
            best = Math.max(best, count * prices[kind]
                    + bestByTryingEverything(sizes, demand, prices, kind + 1, free - count * sizes[kind]));
        }
        return best;
    }

    @Property(tries = 200)
    void theBestPatternIsAsGoodAsTryingEverything(
            @ForAll @Size(min = 1, max = 6) List<@IntRange(min = 1, max = 60) Integer> lengths,
            @ForAll @Size(value = 6) List<@IntRange(min = 0, max = 100) Integer> worths,
            @ForAll @IntRange(min = 1, max = 3) int count, @ForAll boolean fineMeasure) {
        // On a fine measure the table would be too large, and branch and bound is used.
        long scale = fineMeasure ? 1_000_003 : 1;
        long[] sizes = lengths.stream().mapToLong(length -> length * scale + (fineMeasure ? length % 7 : 0)).toArray();
        int[] demand = new int[sizes.length];
        Arrays.fill(demand, count);
        double[] prices = worths.stream().limit(sizes.length).mapToDouble(worth -> worth / 37.0).toArray();
        BestPattern search = new BestPattern(sizes, demand, 100 * scale, Search.PATIENT);
        int[] pattern = search.at(prices);
        assertTrue(search.isExact());
        assertTrue(total(pattern, sizes) <= 100 * scale);
        assertEquals(bestByTryingEverything(sizes, demand, prices, 0, 100 * scale), search.worth(), 1e-9);
    }

    /** Gilmore and Gomory's program for 3 × 50 and 4 × 30 in 100: 1.5 bars of two 50s, 4/3 of three 30s, 2.83 in all. */
    @Test
    void aSmallProgramHasItsKnownValue() {
        PatternLp program = new PatternLp(new long[]{50, 30}, new int[]{3, 4}, 100, new ArrayList<>(), Search.PATIENT);
        assertTrue(program.solve());
        assertEquals(17.0 / 6, Arrays.stream(program.amounts()).sum(), 1e-9);
        assertEquals(3, program.bound());
    }

    @Property(tries = 150)
    void theProgramCoversTheDemandAndNeverExceedsWhatGreedyNeeds(
            @ForAll @Size(min = 1, max = 12) List<@IntRange(min = 15, max = 95) Integer> lengths) {
        long[] sizes = lengths.stream().distinct().mapToLong(Integer::longValue).toArray();
        Arrays.sort(sizes);
        long[] falling = new long[sizes.length];
        Arrays.setAll(falling, i -> sizes[sizes.length - 1 - i]);
        int[] demand = new int[sizes.length];
        Arrays.setAll(demand, i -> 1 + i % 4);
        PatternLp program = new PatternLp(falling, demand, 100, new ArrayList<>(), Search.PATIENT);
        assertTrue(program.solve());
        double[] covered = new double[demand.length];
        for (int p = 0; p < program.patterns().size(); p++) {
            assertTrue(total(program.patterns().get(p), falling) <= 100);
            for (int i = 0; i < covered.length; i++) {
                covered[i] += program.amounts()[p] * program.patterns().get(p)[i];
            }
        }
        assertArrayEquals(Arrays.stream(demand).asDoubleStream().toArray(), covered, 1e-6);
        List<Nesting.Part> parts = new ArrayList<>();
        for (int i = 0; i < falling.length; i++) {
            parts.add(new Nesting.Part(new Length(falling[i]), demand[i]));
        }
        Nesting nesting = Nesting.of(parts, List.of(Nesting.Bar.endless(new Length(100))));
        Nesting.Result result = new EqualBarsSearch(nesting, Search.PATIENT).solve();
        assertTrue(program.bound() <= result.bars());
        assertTrue(result.proved(), result.proof());
    }

    @Test
    void aDiveUsesEveryPartOnce() {
        Nesting nesting = Nesting.of(List.of(new Nesting.Part(new Length(50), 60), new Nesting.Part(new Length(30), 40),
                new Nesting.Part(new Length(20), 20)), List.of());
        PartsLeft parts = PartsLeft.of(nesting);
        PatternDive dive = new PatternDive(parts, 100, Search.PATIENT, (rest, bars) -> null);
        assertEquals(47, dive.bound());
        assertEquals(List.of(60, 40, 20), Arrays.stream(parts.left).boxed().toList());
        assertFalse(parts.isEmpty());
        assertEquals(0, parts.longestWithin(50));
        assertEquals(-1, parts.longestWithin(19));
    }
}
