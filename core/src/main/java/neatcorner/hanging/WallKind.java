package neatcorner.hanging;

/** What a hook is fixed to. */
public enum WallKind {
    /** Screwed to a stud. */
    STUD("stud"),
    /** In board with nothing behind it: anchors. */
    HOLLOW("hollow"),
    /** Brick, block or concrete: plugs. */
    MASONRY("masonry");

    private final String title;

    WallKind(String title) {
        this.title = title;
    }

    /** What it is called, in US words. */
    public String title() {
        return title;
    }
}
