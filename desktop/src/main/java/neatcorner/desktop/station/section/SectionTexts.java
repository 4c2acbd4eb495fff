package neatcorner.desktop.station.section;

import java.util.List;
import java.util.Map;
import neatcorner.section.RabbetWay;
import neatcorner.station.section.MadeFrom;

/**
 * What the station of the section says in the window: names of its controls and of what they change, hints, cautions.
 * {@code %s} stands for what is filled in.
 */
final class SectionTexts {
    /** What a maker may call the work here, for the finder. */
    static final List<String> FOUND_BY = List.of("rabbet", "rebate", "milling", "moulding", "wood", "router");

    /** What a section can be made from. */
    static final Map<MadeFrom, String> BLANKS = Map.of(MadeFrom.ONE_PIECE, "One piece", MadeFrom.TWO_BOARDS,
            "Two boards", MadeFrom.THREE_STRIPS, "Three strips",
            MadeFrom.RECLAIMED_BOARD, "Tongue and groove");
    /** How a rabbet is cut, in a few words. */
    static final Map<RabbetWay, String> WAYS = Map.of(RabbetWay.ROUTER, "Router, light passes", RabbetWay.TABLE_SAW,
            "Table saw, two cuts", RabbetWay.DADO, "Dado set", RabbetWay.AFTER_ASSEMBLY, "Bearing bit, once glued",
            RabbetWay.FROM_GROOVE, "Groove, cheek sawn off", RabbetWay.READY, "The sticks have it");
    static final String MADE_FROM = "Made from";
    static final String HOW_RABBET_IS_CUT = "How the rabbet is cut";
    static final String FROM_THE_FRONT = "In the rabbet, from the front";
    static final String CHANGE_BLANK = "blank";

    // MillingEditor

    static final String MILL = "Mill …";
    static final String OGEE = "ogee";
    static final String GROOVE = "groove";
    static final String RIP_A_STRIP_OFF = "rip a strip off";
    static final String CHANGE_MILLING = "milling";
    static final String BOARD = "Board %s";
    static final String QUIRK = "Quirk";
    static final String SET_IN = "Set in";
    static final String DOWN_THE_SIDE = "Down the side";
    static final String FROM = "From";
    static final String DEPTH = "Depth";
    static final String STRIP = "Strip";
    static final String EARLIER = "Earlier";
    static final String LATER = "Later";
    static final String LEAVE_OUT = "Leave out";
    static final String RADIUS = "Radius";
    static final String WIDTH = "Width";
    static final String ON_THE = "On the %s";
    static final String IN_THE = "In the %s";

    // PassStepper

    static final String PASS_BY_PASS = "Pass by pass";
    static final String PASS_BEFORE = "Pass before";
    static final String NEXT_PASS = "Next pass";
    static final String PASS_OF = "%s of %s";

    // SectionStation

    static final String MODE_SAFE_ZONE = "Where parts may lie in the section";
    static final String MODE_MILLING = "Milling, pass by pass";

    // SectionView

    static final String PACK = "Pack";
    static final String BLANK = "Blank";
    static final String RABBET = "Rabbet";
    static final String CHANGE_RABBET = "rabbet";
    static final String SAFE_ZONE = "Safe zone";
    static final String CHANGE_WOOD = "wood";
    static final String CHANGE_WAY_OF_THE_RABBET = "way of the rabbet";
    static final String WOOD_IS = "Wood: %s";
    static final String TYPE_A_WOOD = "Type a wood, or choose one";
    static final String NO_SUCH_WOOD = "No wood here is called “%s”. Enter takes the name as it is, with a middling weight.";
    static final String WOOD = "Wood";
    static final String CHANGE_SECOND_STEP = "second step";
    static final String TAKE_OUT = "Take out";
    static final String PUT_IN = "+ %s";
    static final String CHANGE_PACK = "pack";
    static final String DOUBLE_RABBET = "Double rabbet";
    static final String RABBET_BY = "Rabbet by %s";

    // MillingEditor

    static final String CUT_IN_ORDER = "%s  %s …";

    private SectionTexts() {}
}
