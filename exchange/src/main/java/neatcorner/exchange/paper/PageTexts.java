package neatcorner.exchange.paper;

/**
 * What stands on every page, and on templates and stickers. {@code %s} stands for words that are filled in.
 */
final class PageTexts {
    // PaperSheet, Column

    static final String PAGE = "page %s";
    static final String MEASURE_THE_BAR_IF = "Measure the bar: if it is not this long, print again at 100 %, without "
            + "fitting to the page.";

    // Stickers

    static final String INSIDE_BELOW = "inside below";

    // TemplatePdf

    static final String TEMPLATES_OF = "%s: templates";
    static final String SHEET_IN_ROW_AND_COLUMN = "Template of %s: sheet %s of %s, row %s, column %s";
    static final String SHEET = "Template of %s: sheet %s of %s";

    // WallTemplate

    static final String HOOKS = "Hooks";

    private PageTexts() {}
}
