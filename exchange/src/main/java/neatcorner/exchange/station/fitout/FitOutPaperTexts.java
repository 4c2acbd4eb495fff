package neatcorner.exchange.station.fitout;

/** What this station says on paper. */
final class FitOutPaperTexts {
    static final String FIT_OUT = "Fit-out";

    private FitOutPaperTexts() {}
}
