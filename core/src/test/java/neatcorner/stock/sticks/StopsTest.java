package neatcorner.stock.sticks;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import neatcorner.measure.Length;
import neatcorner.stock.Keep;
import neatcorner.stock.Watchdog;
import org.junit.jupiter.api.Test;

/** Whatever is laid out, a search that is told to stop stops. */
class StopsTest {
    private static final int CASES = Integer.getInteger("neatcorner.cases", 60);

    @Test
    void layingOutStopsWhenItIsTold() {
        for (int seed = 1; seed <= CASES; seed++) {
            Random random = new Random(seed);
            Nesting nesting = any(random);
            Watchdog.stops("seed " + seed + ", " + nesting.parts().size() + " lengths", random.nextInt(60),
                    nesting::solve);
        }
    }

    /** Few or many lengths, plain sticks or some with defects, frames to be kept whole or not. */
    private static Nesting any(Random random) {
        int kinds = 1 + (int) Math.pow(200, random.nextDouble());
        int each = 1 + random.nextInt(kinds > 12 ? 12 : 4);
        boolean together = kinds < 20 && random.nextInt(3) == 0;
        int frames = 1 + random.nextInt(4);
        List<Nesting.Part> parts = new ArrayList<>();
        List<Integer> frame = new ArrayList<>();
        for (int i = 0; i < kinds; i++) {
            int one = 1 + random.nextInt(2);
            frame.add(one);
            parts.add(new Nesting.Part(Length.mm(60 + random.nextInt(900)), together ? one * frames : each));
        }
        List<Nesting.Bar> bars = new ArrayList<>();
        for (int i = 1 + random.nextInt(4); i > 0; i--) {
            List<Length> rooms = new ArrayList<>();
            for (int room = 1 + random.nextInt(3); room > 0; room--) {
                rooms.add(Length.mm(300 + random.nextInt(2400)));
            }
            bars.add(new Nesting.Bar(rooms, 1 + random.nextInt(60), random.nextInt(30)));
        }
        return together
                ? new Nesting(parts, bars, frame, random.nextBoolean() ? Keep.MUST : Keep.WISH)
                : Nesting.of(parts, bars);
    }

    /** Wherever it is stopped: what is said to be proved is no worse than what a patient search finds, and no bound is above that. */
    @Test
    void whatWasStoppedClaimsNoMoreThanItKnows() {
        for (int seed = 1; seed <= CASES; seed++) {
            Random random = new Random(seed);
            Nesting nesting = any(random);
            if (nesting.parts().size() > 20) {
                continue;
            }
            int[] asked = new int[1];
            int most = random.nextInt(40);
            Nesting.Result stopped = nesting.solve(() -> ++asked[0] > most);
            int[] patient = new int[1];
            Nesting.Result best = nesting.solve(() -> ++patient[0] > 20_000);
            if (stopped.isComplete() && best.isComplete()) {
                assertTrue(!stopped.proved() || stopped.cost(nesting) <= best.cost(nesting) + 1e-9,
                        "seed " + seed + ": " + stopped.proof());
            }
            assertTrue(!stopped.proved() || stopped.isComplete(), "seed " + seed);
            if (best.isComplete() && best.cost(nesting) <= stopped.cost(nesting) + 1e-9) {
                assertTrue(stopped.bound() <= best.bars(), "seed " + seed + ": bound " + stopped.bound());
            }
        }
    }

    /** Rooms of 100 take 40 + 30 + 30 each; the longest first, 40 + 40, they do not, and a search that is stopped knows no better. */
    @Test
    void framesThatWereNotFoundToFitProveNothing() {
        Nesting.Bar halves = new Nesting.Bar(List.of(Length.mm(100), Length.mm(100)), 1, 1);
        Nesting.Bar whole = new Nesting.Bar(List.of(Length.mm(200)), 1, 3);
        Nesting nesting = new Nesting(List.of(new Nesting.Part(Length.mm(40), 2), new Nesting.Part(Length.mm(30), 4)),
                List.of(halves, whole), List.of(2, 4), Keep.MUST);
        Nesting.Result best = new WholeFrames(nesting, () -> false).solve();
        assertEquals(1, best.cost(nesting), 1e-9);
        assertTrue(best.proved());
        Nesting.Result stopped = new WholeFrames(nesting, () -> true).solve();
        assertTrue(stopped.isComplete());
        assertEquals(3, stopped.cost(nesting), 1e-9);
        assertFalse(stopped.proved(), stopped.proof());
    }

    /** As many lengths as the command takes, fifty of each: 41,674 sticks. */
    @Test
    void soDoesTheLargest() {
        List<Nesting.Part> parts = new ArrayList<>();
        for (int i = 0; i < 2000; i++) {
            parts.add(new Nesting.Part(Length.mm(100 + i * 0.9), 50));
        }
        Nesting.Bar stick = new Nesting.Bar(List.of(Length.mm(2400)), 100_000, 0);
        Nesting many = Nesting.of(parts, List.of(stick));
        Watchdog.stops("one stick", 0, 1000, many::solve);
        Nesting two = Nesting.of(parts, List.of(stick, new Nesting.Bar(List.of(Length.mm(3000)), 100_000, 0)));
        Watchdog.stops("two sticks", 100, 2000, two::solve);
    }
}
