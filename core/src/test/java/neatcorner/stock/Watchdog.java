package neatcorner.stock;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.util.function.Consumer;

/**
 * Tells a search to stop after a while, and measures how long it then still takes: in the time that its own thread works, which
 * other work on the machine does not make longer.
 */
public final class Watchdog {
    /** A search that is told to stop has stopped so much later, ns. */
    private static final long AT_ONCE = 20_000_000;
    private static final int TRIES = 4;
    private static final ThreadMXBean THREADS = ManagementFactory.getThreadMXBean();

    private Watchdog() {}

    /** Fails where it takes longer than 20 ms each time, which warm code and a collected heap would not. */
    public static void stops(String what, long afterMs, Consumer<Search> work) {
        stops(what, afterMs, AT_ONCE / 1_000_000, work);
    }

    /** As {@link #stops(String, long, Consumer)}, where writing down the answer alone takes longer. */
    public static void stops(String what, long afterMs, long withinMs, Consumer<Search> work) {
        long least = Long.MAX_VALUE;
        for (int i = 0; i < TRIES && least > withinMs * 1_000_000; i++) {
            long end = THREADS.getCurrentThreadCpuTime() + afterMs * 1_000_000;
            work.accept(() -> THREADS.getCurrentThreadCpuTime() > end);
            least = Math.min(least, THREADS.getCurrentThreadCpuTime() - end);
        }
        long late = least / 1_000_000;
        assertTrue(late <= withinMs, () -> what + " went on for " + late + " ms after it was told to stop");
    }
}
