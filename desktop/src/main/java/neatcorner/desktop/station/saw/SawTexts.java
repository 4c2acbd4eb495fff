package neatcorner.desktop.station.saw;

import java.util.List;

/**
 * What the station of the saw says in the window: names of its controls and of what they change, hints, cautions.
 * {@code %s} stands for what is filled in.
 */
final class SawTexts {
    /** What a maker may call the work here, for the finder. */
    static final List<String> FOUND_BY = List.of("cuts", "stop", "kerf", "gap", "diagonals");

    // AsCutMode

    static final String LET_GAPS_PASS = "Let gaps pass up to";
    static final String FORGET_THESE = "Forget these";
    static final String CHANGE_FORGET = "forget what was measured";
    static final String LENGTH_AS_CUT = "Length of %s as cut";
    static final String LEFT_AS_CUT = "Left miter of %s as cut";
    static final String RIGHT_AS_CUT = "Right miter of %s as cut";
    static final String CHANGE_MEASURED_PIECE = "measured piece";
    static final String ONLY_FLAT_HERE = "Only flat frames with straight sides are judged here.";
    static final String AS_CUT_HINT = "Measure each piece along its outer edge, and both its miters from a square cut "
            + "({0} is square), and type over what was planned.";

    // BeforeMode

    static final String ONLY_FLAT = "Only flat frames with straight sides are judged";
    static final String NO_READINGS_YET = "This saw has no readings yet: read a test corner first. The odds below are "
            + "those of a saw in good order.";

    // BenchView

    static final String NOTHING_TO_CUT_WHY = "Nothing to cut yet: the findings say what is missing.";
    static final String HOW_IT_LIES = "%s · %s · %s · rabbet towards you%s";
    static final String LEAVE = "leave";
    static final String STOP = "stop";
    static final String STOP_AT_TOE = "stop, toe against it";
    static final String SAW_SQUARE = "saw square";
    static final String SAW_TO = "saw to the %s";
    static final String FACE_DOWN = "face down";
    static final String FACE_UP = "face up";
    static final String AGAINST_AUXILIARY_FENCE = " · against the auxiliary fence";
    static final String TILT_TO = "tilt %s, top to the %s";
    static final String ALL_CUT = "All %s cuts are done.";

    // CutsMode

    static final String CUT_BACK = "◀ Back";
    static final String NEXT_CUT = "Next cut ▶";
    static final String CHANGE_SECOND_MITER = "second miter";
    static final String TURN_THE_PIECE_OVER = "turn the piece over";
    static final String SWING_THE_SAW = "swing the saw";
    static final String KERF = "Kerf";
    static final String ROUGH_ALLOWANCE = "Rough allowance";
    static final String HOLD_BY_HAND_FROM = "Hold by hand from";
    static final String SECOND_END = "Second end:";
    static final String NOTHING_TO_CUT = "Nothing to cut yet";
    static final String NO_CUTS_YET = "No cuts yet";
    static final String FIRST_MITER = "Cut %s of %s: first miter on %s";
    static final String SECOND_MITER_OF = "Cut %s of %s: second miter on %s";

    // DryFitMode

    static final String FACES_STEPPED = "Faces stepped by up to";
    static final String LIFTS_OFF_TABLE = "Lifts off a flat table by";
    static final String ALL_CLOSED = "All closed";
    static final String CHANGE_ALL_CLOSED = "all closed";

    // SawStation

    static final String MODE_TEST_CORNER = "Test corner";
    static final String MODE_BEFORE = "What to expect of the saw";
    static final String MODE_AS_CUT = "Pieces as they were cut";
    static final String MODE_DRY_FIT = "Dry fit";
    static final String MODE_SEASONS = "Seasons";
    static final String CHANGE_MEASURED = "measured";

    // SawView

    static final String MORE = "More";
    static final String SAW = "Saw";
    static final String VIEW_CUTS = "cuts";
    static final String VIEW_TEST_CORNER = "test corner";
    static final String VIEW_BEFORE = "what to expect";
    static final String VIEW_AS_CUT = "as cut";
    static final String VIEW_DRY_FIT = "dry fit";
    static final String VIEW_SEASONS = "seasons";
    static final String CUT_WITH = "Cut with the %s";
    static final String CHANGE_SAW = "saw";
    static final String SCALE_FROM_SQUARE = "Its scale has 0° at a square cut";
    static final String SCALE_FROM_FENCE = "Its scale has 0° at the fence";
    static final String CHANGE_SCALE = "saw's scale";
    static final String KEEP_SETTINGS = "Keep these settings as the shop's %s";

    // SeasonsMode

    static final String FACES_FLAT_SAWN = "faces flat-sawn";
    static final String DRIEST_AIR = "Driest air";
    static final String DRIEST_HUMIDITY_NUMBER = "Humidity when driest, %";
    static final String DAMPEST_AIR = "Dampest air";
    static final String DAMPEST_HUMIDITY_NUMBER = "Humidity when dampest, %";
    static final String DRIEST = "driest";
    static final String DAMPEST = "dampest";
    static final String HUMID = "% humid";
    static final String IT_WILL_HANG_IN = "It will hang in";
    static final String HEATED_HOUSE = "a heated house";
    static final String UNHEATED_HALL = "an unheated hall by the sea";
    static final String STEADY_MUSEUM_AIR = "steady museum air";
    static final String NOT_SAID = "not said";
    static final String GLUED_AT = "Wood glued at %";
    static final String CHANGE_WHERE_IT_HANGS = "where it hangs";

    // TestCornerMode

    static final String I_TURNED_THE_SAW = "I turned the saw";
    static final String CLOSED = "closed";
    static final String OUTSIDE_HEEL = "outside, heel";
    static final String INSIDE_TOE = "inside, toe";
    static final String FACE = "face";
    static final String BACK = "back";
    static final String SAW_SET_TO = "Saw set to";
    static final String SHEET_OF_PAPER = "a sheet of paper";
    static final String KEEP_THIS_READING = "Keep this reading";
    static final String PIVOT_TO_SCALE = "Pivot to scale";
    static final String BLADE_TO_FENCE = "Blade to fence's end";
    static final String CORNER_IS_OPEN = "Corner is open";
    static final String GAP_BY = "by";
    static final String GAP_OVER = "over";
    static final String GAP = "Gap";
    static final String CONTACT_LENGTH = "Contact length";
    static final String READINGS_KEPT = "Kept, newest first:  ";
    static final String READING_TILT = " tilt";
    static final String READING_TURNED = ", turned";
    static final String NO_READINGS = "No readings of this saw yet.";
    static final String TEST_CORNER_HINT = "Cut two scraps at this setting, turn one over, close them against a "
            + "square, and say where light comes through. Turn, cut again, look again, until it closes.";

    private SawTexts() {}
}
