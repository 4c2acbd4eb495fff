package neatcorner.exchange.paper;

/** The sheet that is in the printer; width and height in points (1/72 in). A4: ISO 216. */
public enum PaperSize {
    A4(595.276, 841.890),
    LETTER(612, 792);

    private final double width;
    private final double height;

    PaperSize(double width, double height) {
        this.width = width;
        this.height = height;
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
