package neatcorner.desktop.document;

import java.util.concurrent.Executor;
import java.util.function.BiConsumer;
import neatcorner.stock.Search;

/** One piece of slow work that somebody waits for. It asks for a stop of long searches when it is dropped or stopped. */
public final class Ticket implements Search {
    private final Executor window;
    private final BiConsumer<Integer, Integer> progress;
    private volatile boolean dropped;
    private volatile boolean stopped;

    Ticket(Executor window, BiConsumer<Integer, Integer> progress) {
        this.window = window;
        this.progress = progress;
    }

    /** Its result is not wanted any more. */
    public void drop() {
        dropped = true;
    }

    /** The best so far will do. */
    public void stop() {
        stopped = true;
    }

    boolean isDropped() {
        return dropped;
    }

    @Override
    public boolean isCancelled() {
        return dropped || stopped;
    }

    @Override
    public void found(int bars, int atLeast) {
        window.execute(() -> {
            if (!dropped) {
                progress.accept(bars, atLeast);
            }
        });
    }
}
