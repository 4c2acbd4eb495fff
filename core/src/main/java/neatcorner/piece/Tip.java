package neatcorner.piece;

/** The two points of a mitred end. */
public enum Tip {
    /** At the outer edge: the outside of the corner. */
    HEEL("heel", "outer edge"),
    /** At the sight edge: the inside of the corner. */
    TOE("toe", "sight edge");

    private final String title;
    private final String edge;

    Tip(String title, String edge) {
        this.title = title;
        this.edge = edge;
    }

    /** What it is called, in US words. */
    public String title() {
        return title;
    }

    /** The edge that it ends, in words. */
    public String edge() {
        return edge;
    }
}
