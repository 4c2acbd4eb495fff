package neatcorner.glueup;

/** What presses the corners together. */
public enum Holding {
    BAND("band clamp"),
    JIG("corner clamping jig"),
    CORNER_CLAMPS("corner clamps"),
    PINS("pins alone");

    private final String title;

    Holding(String title) {
        this.title = title;
    }

    /** What it is called, in US words. */
    public String title() {
        return title;
    }
}
