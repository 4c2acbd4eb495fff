package neatcorner.exchange.template;

/** What stands on templates. {@code %s} stands for words that are filled in. */
final class TemplateTexts {
    // TemplatePdf

    static final String TEMPLATES_OF = "%s: templates";
    static final String SHEET_IN_ROW_AND_COLUMN = "Template of %s: sheet %s of %s, row %s, column %s";
    static final String SHEET = "Template of %s: sheet %s of %s";

    // WallTemplate

    static final String HOOKS = "Hooks";

    private TemplateTexts() {}
}
