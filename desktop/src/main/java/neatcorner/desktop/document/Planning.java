package neatcorner.desktop.document;

import java.util.HashSet;
import java.util.Set;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.logging.Level;
import java.util.logging.Logger;
import neatcorner.stock.Search;

/**
 * Work that is too slow for the window's thread, on a few threads of its own: some for what somebody at the window waits
 * for, others for long searches, so that neither keeps the other waiting.
 */
public final class Planning {
    private static final Logger LOG = Logger.getLogger(Planning.class.getName());
    private static final int THREADS = 2;

    private final Executor quick;
    private final Executor slow;
    private final Executor window;
    private final Set<Ticket> open = new HashSet<>();

    /** How long work may take. */
    public enum Pace {
        /** A moment, and a maker waits for it. */
        QUICK,
        /** Until it is stopped. */
        SLOW
    }

    /** What is to be done; the search says when to end. */
    @FunctionalInterface
    public interface Work<T> {
        T run(Search search) throws Exception;
    }

    /** With executors of somebody's choice; results are given out on the window's. */
    public Planning(Executor quick, Executor slow, Executor window) {
        this.quick = quick;
        this.slow = slow;
        this.window = window;
    }

    /** With threads of its own, which end when there is nothing to do. */
    public static Planning onThreads(Executor window) {
        return new Planning(threads("plan"), threads("search"), window);
    }

    private static ExecutorService threads(String name) {
        ThreadPoolExecutor pool = new ThreadPoolExecutor(THREADS, THREADS, 10, TimeUnit.SECONDS,
                new LinkedBlockingQueue<>(), Thread.ofPlatform().daemon().name(name + "-", 1).factory());
        pool.allowCoreThreadTimeOut(true);
        return pool;
    }

    /** Starts work and gives its result out, unless its ticket was dropped meanwhile. */
    public <T> Ticket ask(Pace pace, Work<T> work, Consumer<T> found, Consumer<Throwable> failed) {
        return ask(pace, work, found, failed, (bars, atLeast) -> {});
    }

    /** As the other; {@code progress} hears how many bars the best layout so far takes, and how few are possible. */
    public <T> Ticket ask(Pace pace, Work<T> work, Consumer<T> found, Consumer<Throwable> failed,
            BiConsumer<Integer, Integer> progress) {
        Ticket ticket = new Ticket(window, progress);
        open.add(ticket);
        (pace == Pace.QUICK ? quick : slow).execute(() -> run(ticket, work, found, failed));
        return ticket;
    }

    private <T> void run(Ticket ticket, Work<T> work, Consumer<T> found, Consumer<Throwable> failed) {
        Runnable then = () -> {};
        try {
            if (!ticket.isDropped()) {
                T result = work.run(ticket);
                then = () -> found.accept(result);
            }
        } catch (Throwable e) {
            LOG.log(Level.SEVERE, "work failed", e);
            then = () -> failed.accept(e);
        }
        Runnable last = then;
        window.execute(() -> {
            open.remove(ticket);
            if (!ticket.isDropped()) {
                last.run();
            }
        });
    }

    /** Whether nothing is under way. */
    public boolean isIdle() {
        return open.isEmpty();
    }
}
