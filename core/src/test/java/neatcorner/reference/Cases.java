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
        of(topic, 1, one);
    }

    /** As {@link #of(String, Consumer)}, of cases that take so many times as long as others: the count is cut down. */
    static void of(String topic, int slowness, Consumer<Random> one) {
        int count = Math.max(1, COUNT / slowness);
        for (long seed = FIRST; seed < FIRST + count; seed++) {
            try {
                one.accept(new Random(seed * 0x9E3779B97F4A7C15L));
            } catch (AssertionError | RuntimeException fault) {
                throw new AssertionError(topic + ", seed " + seed + ": " + fault, fault);
            }
        }
        System.out
                .println("numbers: " + topic + ", " + count + " cases, seeds " + FIRST + " to " + (FIRST + count - 1));
    }
}
