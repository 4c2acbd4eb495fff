package neatcorner.section;

/** The four long edges of a stick, seen on its end: front face up, sight edge inside. */
public enum Edge {
    FRONT_INNER("front, sight edge", true, true),
    FRONT_OUTER("front, outer edge", true, false),
    BACK_OUTER("back, outer edge", false, false),
    BACK_INNER("back, sight edge", false, true);

    private final String title;
    private final boolean front;
    private final boolean inner;

    Edge(String title, boolean front, boolean inner) {
        this.title = title;
        this.front = front;
        this.inner = inner;
    }

    /** What it is called, in US words. */
    public String title() {
        return title;
    }

    /** Whether it is at the front face. */
    public boolean isFront() {
        return front;
    }

    /** Whether it is at the sight edge. */
    public boolean isInner() {
        return inner;
    }

    /** The face that meets the edge from the front or the back. */
    public Face face() {
        return front ? Face.FRONT : Face.BACK;
    }

    /** The side that meets it from inside or outside. */
    public Face side() {
        return inner ? Face.INNER : Face.OUTER;
    }
}
