package neatcorner.exchange.station.sticks;

/**
 * What the paper says of the sticks. {@code %s} stands for words that are filled in, <code>{0}</code> for
 * quantities.
 */
final class SticksPaperTexts {
    // SticksFiles

    static final String BOARD_FOR_RING = "%s, for %s";
    static final String CUT_LIST = "Cut list";
    static final String EACH_SO_OFTEN = "each %s times";
    static final String PIECE = "piece";
    static final String LONG_POINT = "long point";
    static final String SHORT_POINT = "short point";
    static final String MITERS = "miters";
    static final String TILT_BOTH = "tilt, both";
    static final String BLANK_WIDE = "blank, wide";
    static final String STICKS = "Sticks";
    static final String NO_STICKS_ARE_LAID = "No sticks are laid out.";
    static final String STICKS_FIRST_CUTS = "Sticks: first cuts";
    static final String MARK_FROM_THE_LEFT_END = "mark every distance from the stick's left end; nothing is measured twice";
    static final String FIRST_CUT_RIPPED = "Piece %s, ripped to {5}: %s; from {3} along the stick, {4} between its "
            + "outermost points";
    static final String FIRST_CUT = "Piece %s: %s; from {3} along the stick, {4} between its outermost points";

    // WoodPaper

    static final String FROM_ROUGH_BOARDS_TO_STICKS = "From rough boards to sticks";
    static final String NAILS_AND_GRIT_RUIN = "Nails and grit ruin cutters: check reclaimed wood with a detector, and test "
            + "old paint for lead.";
    static final String KEEP_THESE_ENDS = "Keep these ends";
    static final String WRITE_ON_IT = "{0}: write “%s” on it";
    static final String SHEETS_CUTS_IN_THIS_ORDER = "Sheets: cuts in this order, from edge to edge";
    static final String GLOVES_AND_EYES_FOR_GLASS = "Gloves and eye protection for glass; score once in one even stroke, "
            + "and sweep up the shards.";
    static final String CUT_FROM_THE_LEFT = "Cut %s: {0} from the left edge, from {1} to {2}";
    static final String CUT_FROM_THE_TOP = "Cut %s: {0} from the top, from {1} to {2}";
    static final String WANTS_RUNNING_PLIERS = "%s; the strip of {3} wants running pliers";

    private SticksPaperTexts() {}
}
