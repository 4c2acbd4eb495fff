package neatcorner.stock;

/** What a long search asks of the one who started it: whether to stop and keep the best so far; and what it tells. */
@FunctionalInterface
public interface Search {
    /** Never stops a search; it ends at its own limits, which count steps and not seconds, so that answers repeat. */
    Search PATIENT = () -> false;

    boolean isCancelled();

    /** Hears of every better layout: how many bars it takes, and how few there can be at best. */
    default void found(int bars, int atLeast) {}
}
