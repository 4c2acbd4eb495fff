package neatcorner.exchange.paper;

/** The sheet that is in the printer; width and height in points (1/72 in). A4 and A5: ISO 216. */
public enum PaperSize {
    A4("A4", 595.276, 841.890),
    A5("A5", 419.528, 595.276),
    LETTER("Letter", 612, 792);

    private final String title;
    private final double width;
    private final double height;

    PaperSize(String title, double width, double height) {
        this.title = title;
        this.width = width;
        this.height = height;
    }

    /** What it is called. */
    public String title() {
        return title;
    }

    /** In points. */
    public double width() {
        return width;
    }

    /** In points. */
    public double height() {
        return height;
    }
}
