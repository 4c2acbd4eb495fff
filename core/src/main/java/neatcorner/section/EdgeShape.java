package neatcorner.section;

/** What an edge is given. The size is a radius, or runs across the face; the depth runs down the side. */
public enum EdgeShape {
    /** A quarter round left standing; size is its radius. */
    ROUND_OVER("round-over", Tool.ROUTER, false),
    /** A quarter round hollowed out; size is its radius. */
    COVE("cove", Tool.ROUTER, false),
    /** A half round beside a small groove; size is its radius, depth the width of the groove (quirk). */
    BEAD("bead", Tool.ROUTER, true),
    /** The edge taken off at 45°; size is measured across the face. */
    CHAMFER("chamfer", Tool.ROUTER, false),
    /** A chamfer by hand plane. */
    FACET("facet", Tool.PLANE, false),
    /** A slope sawn with the blade tilted; size across the face, depth down the side. */
    BEVEL("bevel", Tool.SAW, true),
    /** A step; size across the face, depth down the side. */
    RABBET("rabbet", Tool.ROUTER, true);

    private final String title;
    private final Tool tool;
    private final boolean depth;

    EdgeShape(String title, Tool tool, boolean depth) {
        this.title = title;
        this.tool = tool;
        this.depth = depth;
    }

    /** What it is called, in US words. */
    public String title() {
        return title;
    }

    /** What it is made with. */
    public Tool tool() {
        return tool;
    }

    /** Whether its depth is another length than its size. */
    public boolean hasDepth() {
        return depth;
    }
}
