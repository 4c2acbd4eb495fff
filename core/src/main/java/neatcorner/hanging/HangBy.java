package neatcorner.hanging;

/** How a frame hangs. What each is good for: common practice. */
public enum HangBy {
    /** Between two rings, over one hook or two. */
    WIRE("wire"),
    /** A toothed plate in the middle of the top piece's back, on one nail. */
    SAWTOOTH("sawtooth"),
    /** Two rings on two hooks: it stays level. */
    D_RINGS("D-rings"),
    /** A bevelled strip behind the top piece on another on the wall. */
    CLEAT("cleat"),
    /** Self-adhesive strips. */
    STRIPS("adhesive strips"),
    /** A leg behind it, on a shelf. */
    EASEL("easel back"),
    /** Slotted plates let into the back, on two screws. */
    KEYHOLES("keyholes"),
    /** Screwed through the wood to studs. */
    SCREWS("screws");

    private final String title;

    HangBy(String title) {
        this.title = title;
    }

    /** What it is called, in US words. */
    public String title() {
        return title;
    }

    /** Whether two rings hang on the sides, some way down from the top. */
    public boolean hasRings() {
        return this == WIRE || this == D_RINGS || this == KEYHOLES;
    }

    /** Whether its maker says how many hooks, screws or strips it takes. */
    public boolean isCounted() {
        return isSetApart() || this == STRIPS;
    }

    /** Whether its maker says how far apart they are. */
    public boolean isSetApart() {
        return this == WIRE || this == CLEAT || this == SCREWS;
    }

    /** Whether it lies on or against a wall that must hold it. */
    public boolean isOnWall() {
        return this != EASEL;
    }
}
