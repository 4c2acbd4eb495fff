package neatcorner.command;

import java.util.concurrent.TimeUnit;
import neatcorner.stock.Search;

/** How long somebody at a terminal waits: after that the best so far is the answer. Searches that end by themselves take far less. */
final class Deadline implements Search {
    private static final long LONGEST = TimeUnit.SECONDS.toNanos(30);

    private final long began = System.nanoTime();

    @Override
    public boolean isCancelled() {
        return System.nanoTime() - began > LONGEST;
    }
}
