package neatcorner.plan;

/** The stations of the work, in the order a maker passes them. */
public enum Station {
    OPENING("Opening"),
    SECTION("Section"),
    SHAPE("Shape"),
    CORNERS("Corners"),
    STICKS("Sticks"),
    SAW("Saw"),
    GLUE_UP("Glue-up"),
    FIT_OUT("Fit-out"),
    HANGING("Hanging");

    private final String title;

    Station(String title) {
        this.title = title;
    }

    /** What it is called, in US words. */
    public String title() {
        return title;
    }
}
