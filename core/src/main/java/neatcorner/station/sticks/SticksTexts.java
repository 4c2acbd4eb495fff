package neatcorner.station.sticks;

/**
 * What the station of the sticks says in findings, slates, fields and figures. {@code %s} stands for words that are filled in,
 * <code>{0}</code> for quantities.
 */
final class SticksTexts {
    // BoardsFigure

    static final String NO_ROUGH_BOARDS_YET = "No rough boards yet";
    static final String ADD_A_BOARD_AS_IT_CAME = "Add a board as it came from the yard: length, width, thickness, bow.";
    static final String ROUGH_BOARDS_AND_THE_STICKS = "Rough boards and the sticks in them";
    static final String BOARDS_ALIKE = "%s · %s of them";
    static final String BOARD_LENGTH = "Board, length";
    static final String LENGTH_OF_A_STICK = "Length of a stick";
    static final String BOARD_WIDTH = "Board, width";
    static final String BOARD_THICKNESS = "Board, thickness";

    // Offcuts

    static final String OFFCUT_OF = "offcut of %s";

    // SheetsFigure

    static final String BOARD_FOR_RING = "%s, for %s";
    static final String PANEL_OF_A_JOB = "%2$s for %1$s";
    static final String LEFT_OF_A_SHEET = "left of %s";
    static final String NO_SHEETS_TO_CUT = "No sheets to cut from yet";
    static final String ADD_THE_SHEETS_OF_GLASS = "Add the sheets of glass, mat and backing that you have, above.";
    static final String NO_SHEETS_YET = "No sheets yet";
    static final String SHEETS_WITH_THE_PANELS = "Sheets with the panels to cut from them";
    static final String PLIERS = "pliers";

    // SticksFigure

    static final String RACK_IS_EMPTY = "The rack is empty";
    static final String ADD_THE_STICKS_YOU = "Add the sticks you have, or take the suggestion below to see what to buy.";
    static final String STICKS_WITH_THE_PIECES = "Sticks with the pieces laid in them";
    static final String STICKS_DRAWN_WIDER = "Lengths are to scale; sticks are drawn %s times as wide as they are.";
    static final String STICKS_ON_THE_RACK = "Sticks on the rack with the pieces laid in them";
    static final String FROM_THE_LEFT_END = "From the left end";
    static final String LENGTH_OF = "Length of %s";
    static final String HELD = "%s (held)";
    static final String SHOWN_OFFCUT_OF = "Offcut of %s";
    static final String STAYS_ON_THE_RACK = "stays on the rack";
    static final String NONE_ON_THE_RACK = "none on the rack";
    static final String MORE_ON_THE_RACK = "%s more: %s";
    static final String KNOT_BEGINS_AT = "Knot begins at";
    static final String KNOT_ENDS_AT = "Knot ends at";

    // SticksSlate

    static final String PIECES = "Pieces";
    static final String PIECES_WITHOUT_A_PLACE = "Pieces without a place";
    static final String OF_ON_THE_STICKS = "of {0}, on the sticks that there are";
    static final String STICKS_TO_TAKE = "Sticks to take";
    static final String STICKS_TO_TAKE_PROVED = "Sticks to take, proved least";
    static final String STICKS_TO_TAKE_NOT_PROVED = "Sticks to take, least not proved";
    static final String LAID_OUT = "{0} laid out: %s";
    static final String LONGEST_OFFCUT = "Longest offcut";
    static final String WHAT_IS_LEFT_OF_ONE_STICK = "what is left of one stick after its pieces and kerfs";
    static final String STICK_NEEDED = "Stick needed";
    static final String OUTERMOST_POINTS_SLANTED_KERFS = "outermost points, slanted kerfs and rough allowances of all "
            + "pieces";
    static final String LEFT_OVER = "Left over";
    static final String LAID_OUT_ON_THEM = "Laid out on them";
    static final String PIECES_KERFS_AND_ROUGH = "pieces, kerfs and rough allowances";
    static final String LENGTH_OF_THE_STICKS = "Length of the sticks taken";
    static final String ADDED_UP = "added up";
    static final String COST = "Cost";
    static final String PRICES_OF_THE_STICKS = "prices of the sticks taken, added up";
    static final String KERF_AT_THE_MITER = "Kerf at the miter";
    static final String SCARF_OVERLAP = "Scarf, overlap";
    static final String SCARF_FORMULA = "{0} × the slope, 1 to %s";
    static final String THICKNESS = "Thickness";
    static final String KERF = "Kerf";
    static final String MITER = "Miter";
    static final String STEEPEST = "the steepest";
    static final String KERF_FORMULA_TILTED = "{0} ÷ (cos {1} × cos {2})";
    static final String TILT = "Tilt";
    static final String OF_THE_BLADE = "of the blade";
    static final String KERF_FORMULA = "{0} ÷ cos {1}";

    // StockFields

    static final String END_TRIM = "End trim";
    static final String SHORTEST_OFFCUT_WORTH_KEEPING = "Shortest offcut worth keeping";
    static final String STICK_WIDTH = "Stick, width";
    static final String STICK_THICKNESS = "Stick, thickness";
    static final String BOW_OF_THE_BOARD = "Bow of the board";
    static final String SHEET_WIDTH = "Sheet, width";
    static final String SHEET_HEIGHT = "Sheet, height";
    static final String TAKEN_OFF_EVERY_EDGE = "Taken off every edge of the sheet";
    static final String STICK_LENGTH = "Stick length";

    // StockFindings

    static final String PUT_ONE_STICK_ON_THE_RACK = "Put a stick of {0} on the rack";
    static final String PUT_SO_MANY_STICKS_ON_THE_RACK = "Put {0} sticks of {1} on the rack";
    static final String FRAME_FROM_SEVERAL_STICKS = "The frame must be cut from more than one stick, so grain will not run on "
            + "round every corner.";
    static final String FRAMES_FROM_SEVERAL_STICKS = "{0} of the frames must be cut from more than one stick, so grain "
            + "will not run on round every corner.";
    static final String NO_STICK_HOLDS_A_WHOLE = "No stick holds a whole frame, which takes {0}; cut from several sticks, "
            + "the wood is enough.";
    static final String HELD_PIECES_SPLIT_FRAMES = "Frames are to come from one stick each, and pieces that are held on theirs split "
            + "one.";
    static final String LET_THEM_GO = "Let go of what is held";
    static final String CANNOT_BE_HELD = "%s cannot stay where they are held: that stick is too short, too narrow, or not on the "
            + "rack.";
    static final String LET_FRAMES_BE_CUT = "Let frames be cut from several sticks";
    static final String SECTION_TOO_THICK = "The section is {0} thick, and the thickest stick on the rack {1}.";
    static final String PIECE_TOO_WIDE = "Piece %s is cut from {0} wide wood, and the widest stick on the rack is {1}.";
    static final String PIECES_TOO_WIDE = "Pieces %s are cut from {0} wide wood, and the widest stick on the rack is {1}.";
    static final String PUT_WIDE_STICKS_ON_THE_RACK = "Put {0} × {1}, {2} wide, on the rack";
    static final String STICK_NUMBER = "stick %s";
    static final String NO_STICKS_YET = "There are no sticks on the rack yet. The work takes {0} of stick; the longest "
            + "piece takes {1}, with its kerf and rough allowance.";
    static final String PUT_STICKS_ON_THE_RACK = "Put {0} × {1} on the rack";
    static final String PIECE_TOO_LONG = "Piece %s takes {0} with its kerf and rough allowance, and the longest clear "
            + "stretch on the rack that is wide enough is {1}.";
    static final String RACK_IS_SHORT = "The rack is short of wood: {0} of {1} pieces find no place.";
    static final String PUT_MORE_ON_THE_RACK = "Put {0} more of “{name}” on the rack";

    // WoodPictures

    static final String STICKS = "Sticks";
    static final String ROUGH_BOARDS = "Rough boards";
    static final String SHEETS = "Sheets";

    // StockFindings, of rings

    static final String NO_STICKS_FOR_THE_RING = "There are no sticks yet for the {name}. It takes {0} of %s, {1} × {2}.";
    static final String TOO_FEW_STICKS_FOR_THE_RING = "The rack is short of wood for the {name}. In all it takes {0} of %s, "
            + "{1} × {2}.";
    static final String PUT_STICKS_FOR_THE_RING = "Put {0} of {1} × {2}, {3} long, on the rack";

    // SticksChapter

    static final String CAUTION_RECLAIMED = "Reclaimed wood: pull the nails and check with a detector; test old paint for lead. "
            + "Mask, ears and eyes at every machine.";
    static final String CAUTION_GLASS = "Gloves and eye protection for glass; cut on a clean flat bench, dull the edges, and "
            + "sweep up the shards.";

    private SticksTexts() {}
}
