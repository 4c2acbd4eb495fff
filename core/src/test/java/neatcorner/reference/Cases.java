package neatcorner.reference;

import java.util.Random;
import java.util.function.Consumer;

/** Random cases of one topic, each from its own seed, which is named where one fails. */
final class Cases {
    /** How many cases of each topic are drawn; {@code -Dneatcorner.cases} says otherwise. */
    private static final int COUNT = Integer.getInteger("neatcorner.cases", 200);
    private static final long FIRST = Long.getLong("neatcorner.seed", 1);

    private Cases() {}

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
