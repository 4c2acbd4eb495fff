package neatcorner.exchange.station.hanging;

/** What this station says on paper. */
final class HangingPaperTexts {
    static final String HANGING_BY = "Hanging by %s";

    private HangingPaperTexts() {}
}
