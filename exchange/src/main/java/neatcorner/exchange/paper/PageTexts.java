package neatcorner.exchange.paper;

/**
 * What stands on every page, and on stickers. {@code %s} stands for words that are filled in.
 */
final class PageTexts {
    // PaperSheet, Column

    static final String PAGE = "page %s";
    static final String MEASURE_THE_BAR_IF = "Measure the bar: if it is not this long, print again at 100 %, without "
            + "fitting to the page.";

    // Stickers

    static final String INSIDE_BELOW = "inside below";

    private PageTexts() {}
}
