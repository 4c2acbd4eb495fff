package neatcorner.reference;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Random;
import java.util.function.Consumer;

/** Random cases of one topic, each from its own seed, which is named where one fails. */
final class Cases {
    /** How many cases of each topic are drawn; {@code -Dneatcorner.cases} says otherwise. */
    private static final int COUNT = Integer.getInteger("neatcorner.cases", 200);
    private static final long FIRST = Long.getLong("neatcorner.seed", 1);

    private Cases() {}

    /** That a topic was met at all: in so many of a hundred cases, where there are enough of them to ask (mutants have ten). */
    static void met(int percent, String what, int found) {
        assertTrue(COUNT < 40 || 100 * found >= percent * COUNT, () -> found + " of " + COUNT + " " + what);
    }

    /** Runs as many cases as are asked for, and says from which seed to which. */
    static void of(String topic, Consumer<Random> one) {
        for (long seed = FIRST; seed < FIRST + COUNT; seed++) {
            try {
                one.accept(new Random(seed * 0x9E3779B97F4A7C15L));
            } catch (AssertionError | RuntimeException fault) {
                throw new AssertionError(topic + ", seed " + seed + ": " + fault, fault);
            }
        }
        System.out
                .println("numbers: " + topic + ", " + COUNT + " cases, seeds " + FIRST + " to " + (FIRST + COUNT - 1));
    }
}
