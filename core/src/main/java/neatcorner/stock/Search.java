package neatcorner.stock;

/** What a long search asks of the one who started it: whether to stop and keep the best so far. */
@FunctionalInterface
public interface Search {
    /** Never stops a search; it ends at its own limits, which count steps and not seconds, so that answers repeat. */
    Search PATIENT = () -> false;

    boolean isCancelled();
}
