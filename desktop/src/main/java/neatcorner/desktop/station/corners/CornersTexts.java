package neatcorner.desktop.station.corners;

import java.util.List;
import java.util.Map;
import neatcorner.corner.ReinforcementKind;

/**
 * What the station of the corners says in the window: names of its controls and of what they change, hints, cautions.
 * {@code %s} stands for what is filled in.
 */
final class CornersTexts {
    static final String HOLDS_A_CORNER = "holds a corner";
    /** What else makers call what holds a corner. */
    static final Map<ReinforcementKind, String> ALSO = Map.of(ReinforcementKind.SPLINE, "key feather tongue",
            ReinforcementKind.TENON, "loose tenon floating tenon mortise", ReinforcementKind.BISCUIT,
            "plate joint slot",
            ReinforcementKind.V_NAIL, "wedge underpinning", ReinforcementKind.BRACE, "angle bracket plate corner iron",
            ReinforcementKind.BLOCK, "glue block", ReinforcementKind.CORRUGATED, "wiggle nail",
            ReinforcementKind.SLIP, "biscuit slot key", ReinforcementKind.PEG, "trunnel drawbore pin");
    /** What a maker may call the work here, for the finder. */
    static final List<String> FOUND_BY = List.of("joint", "miter", "spline", "key", "dowel", "tenon", "biscuit",
            "nails", "screws", "lap");

    // ComparePane

    static final String COMPARE = "Compare";
    static final String OTHER_WAY = "Other way";
    static final String TAKE_THIS = "Take this";
    static final String CHANGE_WAY_TO_JOIN = "way to join";
    static final String AS_IT_IS = "As it is: %s";
    static final String GLUE_LONG_GRAIN = "Glue, long grain";
    static final String GLUE_END_GRAIN = "Glue, end grain";
    static final String SHOWS = "Shows";
    static final String TOOLS = "Tools";
    static final String TIME = "Time";
    static final String FOR = "For";
    static final String AGAINST = "Against";
    static final String A_CORNER = "%s a corner";
    static final String SAW_AND_GLUE = "saw and glue";
    static final String MINUTES_A_FRAME = "min for the frame";
    static final String DOES_NOT_FIT_YET = "; does not fit yet";

    // CornersView

    static final String HELD_WITH = "Held with";
    static final String ONLY_GLUE = "glue alone";
    static final String END_GRAIN = "end grain";
    static final String LONG_GRAIN = "long grain";
    static final String AND_ALSO = "and also …";
    static final String CHANGE_ONLY_GLUE = "glue alone";
    static final String CHANGE_FIT = "fit %ss";
    static final String CHANGE_CORNER_JOINT = "corner joint";
    static final String GLUE_IS_WEAK = "End grain glued to end grain is weak: light frames only.";

    /** What stands on a small tile. */
    static String shortName(ReinforcementKind kind) {
        return kind == ReinforcementKind.CORRUGATED ? "corrugated" : kind.title();
    }

    // HoldEditor

    static final String TILT = "Tilt";
    static final String LEAVE_OUT = "Leave out";
    static final String CHANGE_LEAVE_OUT = "leave out";
    static final String CHANGE_HOLD = "what holds the corners";
    static final String ONE_FEWER = "one fewer";
    static final String ONE_MORE = "one more";
    static final String COUNT = "Count";
    static final String IN_STOCK = "In stock";
    static final String PUT_IN_DRAWER = "Put this size in the drawer";
    static final String CHANGE_PUT_IN_THE_DRAWER = "put in the drawer";
    static final String NONE_IN_SHOP = "None of this size in the shop";
    static final String CHANGE_NONE_IN_THE_SHOP = "none in the shop";
    static final String DRILLS = "Drills";
    static final String DRILLS_FOR_SCREW = "No. %s: shank %s, pilot %s, countersink %s";
    static final String THICKNESS = "Thickness %s";
    static final String DIAMETER = "Diameter %s";
    static final String SCREW = "No. %s × %s";

    static final String SIZE = "Size %s";

    private CornersTexts() {}
}
