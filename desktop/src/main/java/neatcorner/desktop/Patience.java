package neatcorner.desktop;

import neatcorner.stock.Search;

/** How long somebody at the window waits for an answer before the best so far will do. */
final class Patience implements Search {
    private final long until;
    private boolean ranOut;

    private Patience(long until) {
        this.until = until;
    }

    static Patience ofMillis(long milliseconds) {
        return new Patience(System.nanoTime() + milliseconds * 1_000_000);
    }

    @Override
    public boolean isCancelled() {
        ranOut = ranOut || System.nanoTime() - until > 0;
        return ranOut;
    }

    /** Whether a search was told to stop. */
    boolean ranOut() {
        return ranOut;
    }
}
