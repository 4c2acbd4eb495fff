package neatcorner.exchange.station.corners;

/**
 * What the paper says of the corners. {@code %s} stands for words that are filled in, <code>{0}</code> for
 * quantities.
 */
final class CornersPaperTexts {
    // CornersFiles

    static final String CORNERS_NAMED = "Corners %s";
    static final String CORNERS_OF_RING = "%s: %s";
    static final String PARTS_ARE_NUMBERED_IN_THE_ORDER = "parts are numbered in the order in which they go in";
    static final String TO_SET_CUT_AND_DRILL = "to set, cut and drill";
    static final String SCREW_IN = "screw in %s";
    static final String SHANK = "shank";
    static final String PILOT = "pilot";
    static final String COUNTERSINK = "countersink";
    static final String GAUGE_NUMBER = "No. %s";

    private CornersPaperTexts() {}
}
