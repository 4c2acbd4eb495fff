package neatcorner.glueup;

/**
 * The steps of a glue-up and of a frame's days, in words. {@code %s} stands for words that are filled in, <code>{0}</code> for
 * quantities.
 */
final class GlueTexts {
    // FrameChain

    static final String CUT_FOR_PARTS = "Cut for the %ss";
    static final String SAND_THE_FACES = "Sand the faces";
    static final String ROUT_THE_RABBET_SQUARE = "Rout the rabbet, square its corners";
    static final String LEVEL_AND_SAND_THE_CORNERS = "Level and sand the corners";
    static final String FIT_OUT_AND_HANG = "Fit out and hang-ready";
    static final String PREPARE_THE_BOARDS = "Prepare the boards";
    static final String GLUE_UP_THE_SECTION = "Glue up the section";
    static final String GLUE_UP_SECTION_OF_ALL = "Glue up the section of all %s frames";
    static final String MILL_THE_SECTION = "Mill the section";
    static final String MILL_SECTION_OF_ALL = "Mill the section of all %s frames";
    static final String SAW_THE_PIECES = "Saw the pieces";
    static final String SAW_PIECES_OF_ALL = "Saw the pieces of all %s frames";
    static final String OUT_OF_THE_CLAMPS = "Out of the clamps";
    static final String DRY_FIT_AND_GLUE = "Dry fit and glue all corners";
    static final String GLUE_THE_TWO_HALVES = "Glue the two halves";
    static final String JOIN_THE_HALVES = "Join the halves";
    static final String GLUE_CORNER_BY_CORNER = "Glue corner by corner";
    static final String GLUE_THE_NEXT_CORNER = "Glue the next corner";
    static final String CUT_SLOTS_GLUE_PARTS = "Cut slots, glue the %ss";
    static final String FIT_AND_GLUE_PARTS = "Fit and glue the %ss";
    static final String FLUSH_PARTS = "Flush the %ss";
    static final String DRIVE_PARTS = "Drive the %ss";
    static final String LAST_GRIT_BREAK_THE_EDGES = "Last grit, break the edges, wipe";
    static final String PART_OF_A_TASK = "%s, part %s";

    // GluePlan

    static final String DRY_FIT = "Dry fit in the %s: joints closed by hand, diagonals equal, no wind on a flat table, the "
            + "pack drops in.";
    static final String RELEASE_PAPER_UNDER_EACH = "Release paper under each of the {0} corners; rag, brush and rule "
            + "within reach.";
    static final String ALL_CORNERS = "all corners";
    static final String FIRST_L = "the first L";
    static final String FIRST_HALF = "the first half";
    static final String SECOND_L = "the second L";
    static final String SECOND_HALF = "the second half";
    static final String LEAVE_THEM_AGAINST_THE_SQUARE = "Leave them against the square block; overnight is better.";
    static final String LAST_TWO_CORNERS = "the last two corners";
    static final String ONE_CORNER = "corner %s";
    static final String SIZE_THE_END_GRAIN = "Size the end grain of %s: a thin coat on both faces, a minute to tack.";
    static final String SPREAD_GLUE_ON_BOTH = "Spread glue on both faces of %s.";
    static final String CLOSE_AND_PIN = "Close %s, hold while it grabs, and pin.";
    static final String CLOSE_AND_TIGHTEN = "Close %s, heels flush, and tighten the %s.";
    static final String MEASURE_DIAGONALS = "Before it sets: measure both diagonals, lay a straightedge across; pull the "
            + "longest in.";
    static final String MEASURE_ACROSS = "Before it sets: measure from corner to opposite corner, lay a straightedge "
            + "across; pull the longest in.";
    static final String LET_IT_TURN_RUBBERY = "Let it turn rubbery.";
    static final String LIFT_WHAT_CAME_OUT = "Lift the squeeze-out";
    static final String LIFT_THE_SQUEEZE_OUT = "Lift the squeeze-out with a chisel, bevel down.";
    static final String WIPE_THE_SQUEEZE_OUT = "Wipe the squeeze-out off with a wet rag and a brush.";
    static final String TAKE_OUT_OF_CLAMPS = "Out of the %s; no strain on the corners until the glue is hard.";

    // Attached

    static final String GLUE_THE_RING_IN = "Glue the %s in";
    static final String GLUE_THE_RING_ROUND = "Glue the %s round the frame";
    static final String PUT_THE_RING_TOGETHER = "Put the %s together";

    private GlueTexts() {}
}
