package neatcorner.desktop.station.sticks;

import java.util.List;

/**
 * What the station of the sticks says in the window: names of its controls and of what they change, hints, cautions.
 * {@code %s} stands for what is filled in.
 */
final class SticksTexts {
    /** What a maker may call the work here, for the finder. */
    static final List<String> FOUND_BY = List.of("rack", "stock", "lumber", "cut list", "nesting", "offcuts");

    static final String ON_THE_RACK = "on the rack";
    static final String ADD_ALSO = "wood at hand lumber new stick";

    // BoardsMode

    static final String ADD_A_BOARD = "Add a board";
    static final String MILL_IT_TO_STICKS = "Mill it to sticks";
    static final String CHANGE_MILL_A_BOARD = "mill a board";
    static final String LONG = "long";
    static final String LENGTH = "Length";
    static final String WIDTH = "Width";
    static final String THICKNESS = "Thickness";
    static final String BOW = "Bow";
    static final String BOARD = "Board";
    static final String REMOVE = "Remove";
    static final String CHANGE_ADD_A_BOARD = "add a board";
    static final String NEW_BOARD = "board %s";
    static final String CHANGE_BOARD = "board";
    static final String CHANGE_REMOVE_A_BOARD = "remove a board";
    static final String NOT_ENOUGH_WOOD = "Boards and sticks together are not enough:";
    static final String STICKS_FROM_BOARDS = "Sticks from the boards";
    static final String HOW_STICKS_FROM_BOARDS = "strips × layers × lengths of every board";
    static final String STICK_END_TO_END = "Stick, end to end";
    static final String HOW_STICK_END_TO_END = "lengths of those sticks, added up";
    static final String STICK_NEEDED = "Stick needed";
    static final String HOW_STICK_NEEDED = "long points, slanted kerfs and rough allowances of all pieces";
    static final String LUMBER_AT_HAND = "Lumber at hand";
    static final String HOW_LUMBER_AT_HAND = "length × width × thickness of the boards";
    static final String LUMBER_NEEDED = "Lumber that the job takes";
    static final String HOW_LUMBER_NEEDED = "stick needed, with what jointing, ripping and planing take; knots and "
            + "offcuts come on top";
    static final String BD_FT = "bd ft";

    // RackMenu

    static final String RACK = "Rack";
    static final String CUT_TOGETHER_WITH = "Cut together with %s";
    static final String CUT_IT = "It is cut: put the offcuts on the shelf";
    static final String TAKE_OFFCUTS = "Take the offcuts of this section from the shelf";
    static final String WHAT_OFFCUTS_GIVE = "What else do the offcuts give?";
    static final String LET_PIECES_LIE = "Let all pieces lie anywhere again";
    static final String CHANGE_LET_PIECES_LIE = "let pieces lie";
    static final String READ_STICKS = "Read sticks from a list (CSV) …";
    static final String WRITE_STICKS = "Write the sticks as a list (CSV) …";
    static final String CHANGE_CUT = "cut";
    static final String IT_IS_CUT = "The sticks are off the rack, and %s offcuts on the shelf, for any job "
            + "that can be cut from them.";
    static final String CHANGE_TAKE_OFFCUTS = "take offcuts";
    static final String OFFCUTS_TOO_SHORT = "The offcuts are too short for another frame of any standard size.";
    static final String OFFCUTS_GIVE = "The offcuts would give, one kind at a time: %s.";
    static final String COMMA_SEPARATED_VALUES = "Comma-separated values";
    static final String CHANGE_STICKS_FROM_A_LIST = "sticks from a list";
    static final String STICKS_READ = "%s kinds of stick are on the rack now.";
    static final String LIST_OF_STICKS = "a list of sticks";
    static final String STICKS_NOT_READ = "%s cannot be read as a list of sticks.";
    static final String STICKS_WRITTEN = "The sticks are listed in %s.";
    static final String STICKS_NOT_WRITTEN = "The list could not be written to %s.";

    // SheetsMode

    static final String FOR_THE_FRAME = "for the frame";
    static final String FOR_A_RING = "for %s";
    static final String SHEETS_ARE_CUT = "They are cut: keep what is left (%s)";
    static final String CHANGE_SHEETS_ARE_CUT = "sheets are cut";
    static final String SHEETS_WERE_CUT = "The sheets are off the rack; %s pieces worth keeping are in the shop, for any job.";
    static final String TAKE_A_SHEET = "Take %s, %s × %s";
    static final String CHANGE_TAKE_A_SHEET = "take a sheet";
    static final String NUMBERED_JOB = "%s is %s";
    static final String PANELS_NUMBERED_TOGETHER = "Panels are numbered by their jobs: 1 is this one, %s.";
    static final String ADD_A_SHEET_OF = "Add a sheet of …";
    static final String HAS_PATTERN = "has a pattern: do not turn panels";
    static final String HEIGHT = "Height";
    static final String TRIM = "Trim";
    static final String SHEET = "Sheet";
    static final String NO_SHEETS = "Nothing in the pack is cut from a sheet";
    static final String CHANGE_ADD_A_SHEET = "add a sheet";
    static final String NEW_SHEET = "%s sheet";
    static final String CHANGE_SHEET = "sheet";
    static final String CHANGE_REMOVE_A_SHEET = "remove a sheet";
    static final String TOO_FEW = ", too few";
    static final String PROVED_LEAST = ", proved least";
    static final String LEAST_NOT_PROVED = ", least not proved";
    static final String SHEETS_TO_TAKE = "Sheets to take";
    static final String PANEL_WIDTH = "%s, width";
    static final String PANEL_HEIGHT = "%s, height";
    static final String OF_IT_LEFT_OVER = "of it left over";
    static final String LEFT_OVER = "Left over";
    static final String HOW_LEFT_OVER = "1 − panels ÷ sheets, by area";
    static final String NO_PLACE = "{0} panels of %s find no place on the sheets there are.";
    static final String PLIERS_HINT = "Cuts marked “pliers” leave a strip under {0}: take running pliers, or leave it "
            + "on the waste.";

    // StickDragging

    static final String GIVE_PIECE = "Give piece %s to this stick";
    static final String KNOT_FROM_TO = "Knot from %s to %s";
    static final String CHANGE_HOLD_A_PIECE = "hold a piece";
    static final String CHANGE_KNOT = "knot";

    // StickEditor

    static final String OF_WOOD = "Wood";

    static final String ADD_A_KNOT = "Add a knot";
    static final String NO_KNOTS = "No knots";
    static final String LARGEST_FRAME = "Largest frame from this stick";
    static final String STICK = "Stick";
    static final String WIDE = "wide";
    static final String THICK = "thick";
    static final String CHANGE_STICK = "stick";
    static final String NO_FRAME_FITS = "Not even a small frame fits on this stick.";
    static final String CHANGE_LARGEST_FRAME = "largest frame";
    static final String FRAME_IS_NOW_LARGEST = "The frame is now the largest of its proportion from this stick: %s × "
            + "%s.";
    static final String CHANGE_REMOVE_A_STICK = "remove a stick";

    // SticksStation

    static final String MODE_BOARDS = "Rough boards";
    static final String MODE_SHEETS = "Sheets of glass, mat and backing";

    // SticksView

    static final String COMPARE_WITH_THIS_LAYOUT = "Compare";
    static final String TAKE_THE_OTHER_ONE = "Take the other one";
    static final String MORE = "More";
    static final String LAYING_OUT = "Laying out";
    static final String VIEW_STICKS = "sticks";
    static final String VIEW_BOARDS = "rough boards";
    static final String VIEW_SHEETS = "sheets";
    static final String ADD_STICKS = "Add sticks";
    static final String CHANGE_FRAMES_TOGETHER = "frames together";
    static final String NO_MATTER = "no matter";
    static final String IF_IT_COSTS_NOTHING = "if it costs nothing";
    static final String ALWAYS = "always";
    static final String CHANGE_SCARF = "scarf";
    static final String NO = "no";
    static final String END_TRIM = "End trim";
    static final String KEEP_OFFCUTS_FROM = "Keep offcuts from";
    static final String ONE_STICK_A_FRAME = "A frame from one stick:";
    static final String SCARF = "Scarf what is too long:";
    static final String CHANGE_ADD_STICKS = "add sticks";
    static final String AT_HAND = "Sticks at hand";
    static final String AT_HAND_HINT = "Lengths as you would call them out, with a comma between them.";
    static final String AS_INCH_STICKS = "8', 5'  or  10 × 96";
    static final String AS_METRIC_STICKS = "2400, 1800  or  10 × 3 m";
    static final String PUT_ON_THE_RACK = "Put on the rack";
    static final String NEW_STICK = "stick %s";
    static final String CHANGE_THE_OTHER_LAYOUT = "the other layout";
    static final String NUMBERED_TOGETHER = "Pieces are numbered job, frame, letter; this job is 1.";
    static final String DRAG_HINT = "Drag along a stick: a knot. Drag a piece to another stick, or double-click it: "
            + "it is held there.";
    static final String THE_OTHER_STICKS = "The other: sticks";
    static final String OTHER_STICKS = "Sticks of the other layout";
    static final String THE_OTHER_LONGEST_OFFCUT = "The other: longest offcut";
    static final String OTHER_OFFCUT = "Longest offcut of the other layout";
    static final String THE_OTHER_COST = "The other: cost";
    static final String OTHER_COST = "Cost of the other layout";
    static final String TAKE_SOME_OFFCUTS = "Take %s offcuts from the shelf";

    // StockEditor

    static final String PAID_FOR = "paid for";
    static final String COUNT = "How many";
    static final String HOW_MANY = "how many";
    static final String PRICE_OF_ONE = "price of one";
    static final String NOT_A_PRICE = "“%s” is not a price: expected a number such as 18.50.";

    // BoardsMode, SheetsMode

    static final String OWN_CARD = "%s …";

    private SticksTexts() {}
}
