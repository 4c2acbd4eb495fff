package neatcorner.station.glueup;

/**
 * What the station of the glue-up says in findings, slates, fields and figures. {@code %s} stands for words that are filled in,
 * <code>{0}</code> for quantities.
 */
final class GlueUpTexts {
    // GlueUpChoices

    static final String TAKES_AND_OPEN = "takes {0}, open {1}";
    static final String PARTS = "{0} parts";

    // GlueUpFigure

    static final String FRAME_IN_ITS_CLAMPS = "The frame in the %s";
    static final String BANDS = "%s bands";
    static final String BAND = "band";
    static final String HOLE_NUMBER = "hole %s";
    static final String DIAGONAL_FROM_TOP_LEFT = "Diagonal from the top left";
    static final String DIAGONAL_FROM_TOP_RIGHT = "Diagonal from the top right";

    // GlueUpFindings

    static final String CLOSING_ALL_CORNERS_TAKES = "Closing all corners takes {0}, but %s stays open for {1} in this room.";
    static final String CLOSING_THE_CORNERS_TAKES = "Closing the corners takes {0}, but %s stays open for {1} in this room.";
    static final String STAIN_FOLLOWS_WHERE_WET = "Stain follows: where wet glue was wiped into the grain it stays pale.";
    static final String LIFT_THE_GLUE_WHEN = "Lift the glue when rubbery";
    static final String THERE_ARE_NO_WORKING = "There are no working hours, so no day can be planned: set the shop's hours.";
    static final String WORK_MONDAY_TO_FRIDAY = "Work Monday to Friday, 8 to 5";
    static final String GLUE_DOES_NOT_SET = "At {0} %s does not set: it wants {1} or more, in the room and in the wood.";
    static final String WARM_THE_ROOM_TO = "Warm the room to {0}";
    static final String GLUE_DOES_NOT_STAND_WEATHER = "%s does not stand the weather.";
    static final String USE_GLUE = "Use %s";
    static final String GLUE_IN_TWO_HALVES = "Glue in two halves";
    static final String GLUE_IN_ANOTHER_WAY = "Glue %s";
    static final String BAND_DOES_NOT_PRESS = "A band does not press corners that turn inwards: glue corner by corner.";
    static final String NO_BAND_IN_THE_SHOP = "No band in the shop reaches round this frame: {0} are needed.";
    static final String PRESSING_THIS_SECTION_TAKES = "Pressing this section takes {0} band clamps at once; {1} reach "
            + "round.";
    static final String CORNER_JIG_DOES_NOT = "The corner jig does not take this frame.";
    static final String THIS_TAKES_CORNER_CLAMPS = "This takes {0} corner clamps at once; the shop has {1}.";
    static final String PINS_NEED_NO_CLAMPS = "Pins need no clamps.";
    static final String NO_CLAMP_FOR_THE_JIG = "The jig's clamp must open to {0} and pull {1}: the shop has no bar clamp "
            + "that does.";
    static final String JIGS_CLAMP_MUST_PULL = "The jig's clamp must pull {0}; the shop's bar clamps that open to {1} "
            + "pull {2}.";
    static final String CORNER_CLAMPS_MUST_PULL = "Each corner clamp must pull {0} along the line that halves its corner; the shop's "
            + "pull {1}.";
    static final String SCHOOL_WITH_HOLDING = "%s, with %s";
    static final String PUT_A_LONGER_BAND = "Put a longer band on the list";
    static final String LONG_BAND_CLAMP = "long band clamp";
    static final String CORNER_JIG_TAKES_SQUARE = "The corner jig takes square corners only: use band blocks.";
    static final String FRAME_TOO_LARGE_FOR_THE_JIG = "This frame is too large for the corner jig: it takes arms of {0}, "
            + "and the last hole is at {1}.";
    static final String FRAME_TOO_SMALL_FOR_THE_JIG = "The corner jig does not close on this frame: it takes arms of {0}, "
            + "and the nearest hole is at {1}, or the clamp does not open far enough.";
    static final String USE_A_BAND = "Use a band";

    // GlueUpPictures

    static final String IN_THE_CLAMPS = "In the clamps";
    static final String JIGS = "Jigs";
    static final String DAYS = "The days";

    // GlueUpSlate

    static final String LEAST_ON_THE_LABEL = "Least on the label";
    static final String GLUE_STAYS_OPEN = "Glue stays open";
    static final String SHARE_IN_THIS_ROOM = "Share in this room";
    static final String OPEN_TIME_FORMULA = "half for each [10|18] degrees over [21 °C|70 °F]; when it is colder more, one "
            + "and a half at most";
    static final String OPEN_TIME = "Open time";
    static final String TAKES = "Takes";
    static final String SPREADING_AND_CLOSING = "Spreading and closing";
    static final String CLOSING_FORMULA = "32 s for each corner that is open at once, and 25 s to tighten";
    static final String LABELS_LEAST_WHEN_WARM = "the label's least when warm, its most near the coldest";
    static final String JOINT_AREA = "Area of the joint, along its slant";
    static final String PRESSURE = "Pressure";
    static final String TENSION_FORMULA = "{0} × {1}: a band presses every joint with its own pull, whatever the angle";
    static final String CORNER_FORMULA = "{0} × {1}, and by the sine of the corner: along the line that halves it";
    static final String TENSION_OF_THE_BAND = "Tension of the band";
    static final String PULL_ON_A_CORNER = "Pull on each corner";
    static final String AT_MOST = "At most";
    static final String MOST_PULL = "Most pull";
    static final String MORE_STARVES_THE_JOINT = "more starves the joint";
    static final String JIGS_CLAMP_PULLS = "Jig's clamp pulls";
    static final String JIG_PULL_SLANTED = "1.41 × {0}, half of it at each corner, ÷ the tangent of the arms' slant";
    static final String JIG_PULL = "1.41 × {0}: half of it at each corner, along it and across";
    static final String CLAMPS_AT_ONCE = "%s at once";
    static final String SO_MANY_THAT_TOGETHER = "so many that together they pull enough, or hold every corner";
    static final String HANDS_ON = "Hands on";
    static final String HANDS_ON_ALL_STEPS = "Hands on, all steps";
    static final String WORK_BY_HAND_IN_ALL = "work by hand in all steps, without the waits";
    static final String BAND_CLAMPS = "Bands";
    static final String CORNER_CLAMPS = "Corner clamps";
    static final String CLAMPS = "Clamps";
    static final String ARM = "Arm";
    static final String HOLE_OF_ARM = "Hole";
    static final String HOLE_OF_EACH_ARM = "Hole of each arm, from the block";
    static final String HOLE_FORMULA = "{0}; the arms then slant by {1}, 45° presses most evenly";
    static final String SLANT = "Slant";
    static final String CLAMP_CLOSES = "Clamp closes";
    static final String CLAMP_CLOSES_BY = "Clamp closes by";
    static final String FROM_PLAY_AT_EACH_CORNER = "from [3 mm|1/8 in] of play at each corner";
    static final String BETWEEN_BRIDGES = "Between bridges";
    static final String BETWEEN_THE_BRIDGES_PIVOTS = "Between the bridges' pivots, closed";
    static final String FROM_THE_ARMS_AND_THE_FRAMES = "from the arms and the frame's outside";
    static final String FROM_THE_TOP_LEFT = "From the top left";
    static final String FROM_THE_TOP_RIGHT = "From the top right";
    static final String DIAGONALS_DIFFER = "Diagonals differ";
    static final String DIAGONALS_DIFFER_BY = "Diagonals differ by";
    static final String SKEW = "Skew";
    static final String SKEW_FORMULA = "difference × mean diagonal ÷ (2 × width × height)";
    static final String PULL_IN = "Pull in";
    static final String PULL_IN_FORMULA = "half the difference: the other diagonal grows by as much";
    static final String CLAMP_FROM_TOP_LEFT = "Clamp from the top left to the bottom right and pull by";
    static final String CLAMP_FROM_TOP_RIGHT = "Clamp from the top right to the bottom left and pull by";

    // GlueUpWords

    static final String NO_CLAMPS = "no clamps";
    static final String FITS = "fits";
    static final String DOES_NOT_FIT = "does not fit";
    static final String TURNS_INWARDS = "turns inwards";
    static final String CLAMP = "clamp";
    static final String NEEDS_ONE = "needs {0} %s";
    static final String NEEDS_SEVERAL = "needs {0} %ss";
    static final String NEEDS_MORE_THAN_IT_HAS = "needs {0}, has {1}";

    // JigFields

    static final String BLOCK_PIVOT_TO_FIRST = "Block pivot to first hole";
    static final String HOLE_TO_HOLE = "Hole to hole";
    static final String BITE_TO_BLOCK_PIVOT = "Bite to block pivot";
    static final String PIVOTS_OF_A_BRIDGE = "Pivots of a bridge";
    static final String CLAMP_OPENS_TO = "Clamp opens to";

    // JigFigure

    static final String TEMPLATE = "Template: %s";
    static final String TEMPLATE_LENGTH = "%s, length";
    static final String TEMPLATE_WIDTH = "%s, width";

    // JigWork

    static final String HALF_SHEET_METRIC = "half sheet, 18 mm";
    static final String HALF_SHEET_INCHES = "half sheet, 3/4 in";

    // ClampFields

    static final String CLAMP_REACH = "Reach of a clamp";

    // RingSteps

    static final String RING_GOES_ROUND = "When the corners are level: fit the {name} round the frame, miter by miter, glue it "
            + "and pin it. Pins under {0} stay hidden.";
    static final String RING_TAKES_THE_FRAME = "Glue the {name} up on its own, as a frame. The frame lies in its rabbet: a few drops of "
            + "glue, and pins from outside under {0} stay hidden.";
    static final String RING_IS_GLUED_ROUND = "When the corners are level: fit the {name} round the frame, miter by miter, and glue it.";
    static final String RING_IS_PUT_TOGETHER = "Put the {name} together on its own, corners glued and stapled; it goes in with "
            + "the pack.";
    static final String RING_ON_THE_BACK = "Glue the {name} to the back of the frame, and nail it.";
    static final String RING_IN_ITS_RABBET = "When the corners are held: trim the {name} to its rabbet piece by piece, glue it, "
            + "and pin it straight down.";

    static final String RING_IS_HELD = "Hold the corners of the {name} with %s, as drawn at Corners.";
    static final String RING_ON_THE_FRONT = "Glue the {name} to the front edges, and plane it flush when it is dry.";

    // MemberSteps

    static final String SLATS_GO_IN = "Cut all {1} {name} to one stop, {0} long, and stand them in their grooves, {2} deep, before "
            + "the last side closes the frame. They stay unglued.";
    static final String BAR_GOES_ACROSS = "Cut the {name} to the opening as it measures at the corners, not in the middle, "
            + "where sides bow. A gap gets a shim; nothing is pulled shut by a screw, nothing forced in.";
    static final String TRIANGLES = "Saw the {name} from squares of {0}, two from each, and glue one into every corner.";
    static final String BLOCKS = "Glue the {name} into the corners, tight to both sides, and pin them.";
    static final String EXTENSION = "Set the {name} on the frame, flush inside where thicknesses differ, and screw it from "
            + "behind through slanted pockets.";
    static final String HEAD = "Saw the {name} outside the line of its template, smooth it to the line, and screw it on from "
            + "behind.";
    static final String TRIM = "Glue the {name} up of {0} layers of {1}, all sawn by one template; the sides to match. Glue it on "
            + "flush with the outer edge.";
    static final String FACE = "Mark the {name} from the template of one arc, corner by corner; saw outside the line, smooth it, "
            + "and glue it to the front of the frame.";
    static final String HINGES = "Let the {name} in, {0} of them, when the finish is dry: knife round a leaf, "
            + "and recess it by its thickness, flush with the wood.";
    static final String BRACKETS = "Screw the {name} on, {0} of them, with 10 mm or more of travel left to press what is "
            + "inside against the front.";
    static final String SLOTS = "Rout the {name} before the finish: {0} slots {1} × {2} in the top, rows: {3}, as "
            + "many in the bottom.";
    static final String VENTS = "Drill the {name} before the finish: {0} holes of {1} in the top, rows: {2}, as many in "
            + "the bottom.";

    // GlueUpChapter

    static final String CAUTION = "Gloves for epoxy and polyurethane; aired room for solvents. Oily rags dry flat outdoors or "
            + "lie in a closed metal can of water: they can catch fire. The label of the glue and of the tin decides.";

    private GlueUpTexts() {}
}
