package neatcorner.desktop.paper;

/** What is said about papers, in US words. {@code %s} stands for what is filled in. */
final class PaperTexts {
    // JobPaper

    static final String READY = "The paper is ready to print: %s";
    static final String OPEN_IT = "Open it";
    static final String NOT_WRITTEN = "The paper could not be written to %s.";
    static final String NO_PRINTER = "This computer has no printer; the paper is a file instead: %s";
    static final String ON_ITS_WAY = "The paper is on its way to %s.";
    static final String NOT_TAKEN = "The printer did not take the paper. Save it as a PDF, and print "
            + "that.";

    // PaperView

    static final String PRINT = "Print …";
    static final String SAVE_AS_PDF = "Save as PDF";
    static final String CLOSE = "Close";
    static final String ONE_PAGE = "one page; press one to read it";
    static final String PAGES = "%s pages; press one to read it";
    static final String PAGE = "page %s; press it to read it, or to see it whole";

    private PaperTexts() {}
}
