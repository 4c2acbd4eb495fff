package neatcorner.stock.sticks;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Random;
import java.util.concurrent.atomic.AtomicInteger;
import neatcorner.measure.Length;
import neatcorner.stock.Keep;
import neatcorner.stock.Search;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

/** The parts of the nesting engine, each against trying everything on small cases. */
class SearchesTest {

    private static Nesting nesting(long[] sizes, int[] counts, Nesting.Bar... bars) {
        List<Nesting.Part> parts = new ArrayList<>();
        for (int i = 0; i < sizes.length; i++) {
            parts.add(new Nesting.Part(new Length(sizes[i]), counts[i]));
        }
        return Nesting.of(parts, List.of(bars));
    }

    private static Nesting.Bar bar(int count, double cost, long... rooms) {
        return new Nesting.Bar(Arrays.stream(rooms).mapToObj(Length::new).toList(), count, cost);
    }

    private static Nesting anyParts(Random random, int kinds, int most) {
        long[] sizes = new long[kinds];
        int[] counts = new int[kinds];
        for (int i = 0; i < kinds; i++) {
            sizes[i] = 5L + random.nextInt(30);
            counts[i] = 1 + random.nextInt(most);
        }
        return nesting(sizes, counts, bar(9, 0, 40));
    }

    /** Puts each part into each room in turn. */
    private static boolean fits(List<Long> parts, long[] rooms, int from) {
        if (from == parts.size()) {
            return true;
        }
        for (int room = 0; room < rooms.length; room++) {
            if (rooms[room] >= parts.get(from)) {
                rooms[room] -= parts.get(from);
                boolean rest = fits(parts, rooms, from + 1);
                rooms[room] += parts.get(from);
                if (rest) {
                    return true;
                }
            }
        }
        return false;
    }

    private static List<Long> each(Nesting nesting) {
        List<Long> each = new ArrayList<>();
        for (Nesting.Part part : nesting.parts()) {
            for (int i = 0; i < part.count(); i++) {
                each.add(part.taken().units());
            }
        }
        return each;
    }

    @Property
    void partsFitIntoRoomsJustWhenTryingEverythingSaysSo(@ForAll long seed) {
        Random random = new Random(seed);
        Nesting nesting = anyParts(random, 1 + random.nextInt(4), 2);
        long[] rooms = {20 + random.nextInt(20), 45 + random.nextInt(20)};
        int[] free = {random.nextInt(3), 1 + random.nextInt(2)};
        RoomPacking packing = new RoomPacking(PartsLeft.of(nesting), rooms, free, 100_000, Search.PATIENT);
        List<RoomPacking.Filled> filled = packing.run();
        long[] single = new long[free[0] + free[1]];
        Arrays.setAll(single, i -> i < free[0] ? rooms[0] : rooms[1]);
        assertEquals(fits(each(nesting), single, 0), filled != null, nesting.toString());
        assertFalse(packing.isOpen());
        if (filled != null) {
            PartsLeft rest = PartsLeft.of(nesting);
            int[] used = new int[2];
            for (RoomPacking.Filled each : filled) {
                rest.take(each.counts());
                used[each.room()]++;
                long length = 0;
                for (int i = 0; i < each.counts().length; i++) {
                    length += each.counts()[i] * rest.sizes[i];
                }
                assertTrue(length <= rooms[each.room()]);
            }
            assertTrue(rest.isEmpty(), "every part is in, once");
            assertTrue(used[0] <= free[0] && used[1] <= free[1]);
        }
    }

    @Test
    void aPackingThatIsToldToStopProvesNothing() {
        Nesting nesting = nesting(new long[]{21, 22, 23, 24, 25}, new int[]{3, 3, 3, 3, 3}, bar(9, 0, 60));
        RoomPacking packing = new RoomPacking(PartsLeft.of(nesting), new long[]{60}, new int[]{6}, 100_000, () -> true);
        assertNull(packing.run());
        assertTrue(packing.isOpen());
    }

    @Property
    void theCheapestChoiceOfBarsIsTheCheapestOfAll(@ForAll long seed) {
        Random random = new Random(seed);
        int kinds = 1 + random.nextInt(3);
        long[] weights = new long[kinds];
        int[] most = new int[kinds];
        for (int i = 0; i < kinds; i++) {
            weights[i] = random.nextInt(12);
            most[i] = random.nextInt(4);
        }
        BarChoice choice = new BarChoice(weights, most, Search.PATIENT);
        List<BarChoice.Cut> cuts = new ArrayList<>();
        for (int k = 0; k <= random.nextInt(3); k++) {
            double[] worth = random.doubles(kinds, 0, 5).toArray();
            cuts.add(new BarChoice.Cut(worth, random.nextDouble() * 14));
        }
        cuts.forEach(choice::add);
        int[] forbidden = new int[kinds];
        Arrays.setAll(forbidden, i -> random.nextInt(3));
        choice.forbid(forbidden);
        int[] found = choice.next(1000);
        long least = 1000;
        int[] counts = new int[kinds];
        for (int code = 0; code < 64; code++) {
            int rest = code;
            long weight = 0;
            boolean allowed = true;
            boolean within = true;
            for (int i = 0; i < kinds; i++) {
                counts[i] = rest % 4;
                rest /= 4;
                allowed &= counts[i] <= most[i];
                within &= counts[i] <= forbidden[i];
                weight += counts[i] * weights[i];
            }
            for (BarChoice.Cut cut : cuts) {
                double worth = 0;
                for (int i = 0; i < kinds; i++) {
                    worth += counts[i] * cut.worth()[i];
                }
                allowed &= worth >= cut.total() - 1e-7;
            }
            if (allowed && !within && rest == 0) {
                least = Math.min(least, weight);
            }
        }
        if (found == null) {
            assertEquals(1000, least);
        } else {
            long weight = 0;
            for (int i = 0; i < kinds; i++) {
                weight += found[i] * weights[i];
            }
            assertEquals(least, weight);
        }
    }

    /** Whatever prices the program ends with, no layout of all parts is on bars that are worth less. */
    @Property
    void pricesNeverForbidWhatCanBeDone(@ForAll long seed) {
        Random random = new Random(seed);
        Nesting base = anyParts(random, 2 + random.nextInt(3), 2);
        Nesting nesting = Nesting.of(base.parts(), List.of(bar(9, 3, 40), bar(9, 5, 61), bar(3, 2, 20, 34)));
        PartsLeft parts = PartsLeft.of(nesting);
        BarWorths worths = new BarWorths(nesting.bars(), parts, Search.PATIENT);
        BarLp program = new BarLp(parts.left, worths, new int[]{9, 9, 3}, new double[]{0.6, 1, 0.4}, 4,
                new ArrayList<>());
        program.solve(Search.PATIENT);
        double[] prices = program.prices();
        worths.at(prices);
        assertTrue(worths.isExact());
        GreedyBars.Outcome any = new GreedyBars(nesting, Search.PATIENT).best();
        if (any.rest().isEmpty()) {
            double held = any.bars().stream().mapToDouble(filled -> worths.worth(filled.bar())).sum();
            double wanted = 0;
            for (int i = 0; i < prices.length; i++) {
                wanted += prices[i] * parts.left[i];
            }
            assertTrue(held >= wanted - 1e-6, held + " for " + wanted);
        }
        for (int bar = 0; bar < worths.size(); bar++) {
            double worth = 0;
            int[] counts = worths.counts(bar);
            for (int i = 0; i < counts.length; i++) {
                worth += counts[i] * prices[i];
            }
            assertEquals(worths.worth(bar), worth, 1e-9, "the filling is worth what is said");
        }
    }

    @Test
    void oneTableAnswersForRoomsOfEveryLength() {
        long[] sizes = {300, 200, 100};
        BestPattern pattern = new BestPattern(sizes, new int[]{2, 2, 1}, 1000, Search.PATIENT);
        assertTrue(pattern.hasTable());
        pattern.at(new double[]{3, 2.5, 1});
        for (long room = 100; room <= 1000; room += 100) {
            BestPattern own = new BestPattern(sizes, new int[]{2, 2, 1}, room, Search.PATIENT);
            own.at(new double[]{3, 2.5, 1});
            assertEquals(own.worth(), pattern.worthIn(room), 1e-12);
            assertArrayEquals(own.best(), pattern.bestIn(room));
        }
    }

    @Property
    void wholeFramesStayWholeAndAreAsManyAsFit(@ForAll long seed) {
        Random random = new Random(seed);
        int frames = 1 + random.nextInt(9);
        List<Nesting.Part> parts = List.of(new Nesting.Part(new Length(10 + random.nextInt(15)), 2 * frames),
                new Nesting.Part(new Length(5 + random.nextInt(10)), 2 * frames));
        Nesting nesting = new Nesting(parts,
                List.of(bar(1 + random.nextInt(9), 2, 80 + random.nextInt(120)), bar(3, 1, 60, 40)), List.of(2, 2),
                Keep.MUST);
        Nesting.Result ours = new WholeFrames(nesting, Search.PATIENT).solve();
        Nesting.Result exact = Objects.requireNonNull(new FewKindsSearch(nesting, Search.PATIENT).solve());
        assertEquals(exact.isComplete(), ours.isComplete());
        if (exact.isComplete()) {
            assertEquals(exact.cost(nesting), ours.cost(nesting), 1e-9);
            assertEquals(exact.bars(), ours.bars());
        }
        for (Nesting.Filling filling : ours.fillings()) {
            assertEquals(filling.countOf(0), filling.countOf(1), "two long and two short pieces of each frame");
            assertEquals(0, filling.countOf(0) % 2);
        }
    }

    @Property
    void theLongestOffcutOnlyEverGrowsAndNothingElseChanges(@ForAll long seed) {
        Random random = new Random(seed);
        List<Nesting.Part> parts = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            parts.add(new Nesting.Part(Length.mm(150 + random.nextInt(900)), 1 + random.nextInt(3)));
        }
        Nesting nesting = Nesting.of(parts,
                List.of(new Nesting.Bar(List.of(Length.mm(2390)), 40, 2), new Nesting.Bar(
                        List.of(Length.mm(1200), Length.mm(900)), 4, 1)));
        Nesting.Result before = new MixedBarsSearch(nesting, Search.PATIENT).solve();
        Nesting.Result after = new LongestOffcut(nesting, Search.PATIENT).improve(before);
        assertEquals(before.bars(), after.bars());
        assertEquals(before.cost(nesting), after.cost(nesting), 1e-9);
        assertFalse(longest(nesting, after) < longest(nesting, before));
        for (int part = 0; part < parts.size(); part++) {
            int index = part;
            assertEquals(parts.get(part).count(),
                    after.fillings().stream().mapToInt(f -> f.times() * f.countOf(index)).sum());
        }
        assertTrue(longest(nesting, after) >= 0);
    }

    private static long longest(Nesting nesting, Nesting.Result result) {
        long longest = 0;
        for (Nesting.Filling filling : result.fillings()) {
            for (int room = 0; room < filling.counts().size(); room++) {
                long left = nesting.bars().get(filling.bar()).rooms().get(room).units();
                for (int part = 0; part < nesting.parts().size(); part++) {
                    left -= filling.counts().get(room).get(part) * nesting.parts().get(part).taken().units();
                }
                assertTrue(left >= 0, "no room is overfilled");
                longest = Math.max(longest, left);
            }
        }
        return longest;
    }

    @Test
    void aBarThatIsBegunCountsForNothingAndIsFilledFirst() {
        Nesting nesting = Nesting.of(List.of(new Nesting.Part(new Length(30), 4)),
                List.of(bar(9, 5, 100), new Nesting.Bar(List.of(new Length(35)), 1, 0, true)));
        for (Nesting.Result result : List.of(
                Objects.requireNonNull(new FewKindsSearch(nesting, Search.PATIENT).solve()),
                new MixedBarsSearch(nesting, Search.PATIENT).solve())) {
            assertEquals(5, result.cost(nesting), 1e-9);
            assertEquals(1, result.bound());
            assertTrue(result.proved());
        }
    }

    @Test
    void aLongSearchTellsHowFarItIs() {
        Random random = new Random(3);
        List<Nesting.Part> parts = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            parts.add(new Nesting.Part(Length.mm(250 + random.nextInt(250)), 1));
        }
        AtomicInteger heard = new AtomicInteger();
        Nesting nesting = Nesting.of(parts, List.of(Nesting.Bar.endless(Length.mm(1000))));
        Nesting.Result result = nesting.solve(new Search() {
            @Override
            public boolean isCancelled() {
                return false;
            }

            @Override
            public void found(int bars, int atLeast) {
                heard.incrementAndGet();
                assertTrue(bars >= atLeast);
            }
        });
        assertTrue(heard.get() > 0);
        assertTrue(result.isComplete());
        assertTrue(result.bars() <= result.bound() + 2, result.proof());
    }

    /**
     * The published scheme of Falkenauer 1996, with a seed of our own; the least is a third by construction. A hundred and
     * twenty parts on each run, two hundred and forty-nine in a long one.
     */
    @Test
    void tripletsFillAThirdAsManyBarsAsThereAreOfThem() {
        int bars = Boolean.getBoolean("neatcorner.long") ? 83 : 40;
        Random random = new Random(1249);
        List<Nesting.Part> parts = new ArrayList<>();
        for (int i = 0; i < bars; i++) {
            int first = 380 + random.nextInt(111);
            int second = 250 + random.nextInt((1000 - first) / 2 - 250 + 1);
            for (int size : new int[]{first, second, 1000 - first - second}) {
                parts.add(new Nesting.Part(Length.mm(size), 1));
            }
        }
        Nesting.Result result = Nesting.of(parts, List.of(Nesting.Bar.endless(Length.mm(1000)))).solve(Search.PATIENT);
        assertEquals(bars, result.bars());
        assertTrue(result.proved());
    }
}
