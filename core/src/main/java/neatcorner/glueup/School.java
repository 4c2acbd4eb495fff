package neatcorner.glueup;

/** In what order the corners are glued: the three schools. */
public enum School {
    /** All corners in a band or a jig: square at a stroke, if the glue stays open long enough. */
    ALL_AT_ONCE("all at once"),
    /** Two halves against a square block, then the two together: time for each corner. */
    TWO_HALVES("two Ls"),
    /** One corner after the other, glued and pinned, no clamps. */
    CORNER_BY_CORNER("corner by corner");

    private final String title;

    School(String title) {
        this.title = title;
    }

    /** What it is called, in US words. */
    public String title() {
        return title;
    }

    /** What is said for it. */
    public String reason() {
        return switch (this) {
            case ALL_AT_ONCE -> "one clamping, and the frame squares itself; the glue must stay open for all corners";
            case TWO_HALVES -> "each corner is set square in peace; takes two clampings";
            case CORNER_BY_CORNER -> "no clamps at all; each corner is pinned while the glue grabs";
        };
    }
}
