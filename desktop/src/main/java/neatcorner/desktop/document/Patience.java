package neatcorner.desktop.document;

import neatcorner.stock.Search;

/** A search that is given so much time and no more. */
final class Patience implements Search {
    private final Search search;
    private final long until;
    private boolean ranOut;

    Patience(Search search, long milliseconds) {
        this.search = search;
        this.until = System.nanoTime() + milliseconds * 1_000_000;
    }

    @Override
    public boolean isCancelled() {
        ranOut = ranOut || System.nanoTime() - until > 0;
        return ranOut || search.isCancelled();
    }

    /** Whether the search was told that its time is up. */
    boolean ranOut() {
        return ranOut;
    }
}
