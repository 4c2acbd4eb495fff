package neatcorner.station.corners;

/**
 * What the station of the corners says in findings, slates, fields and figures. {@code %s} stands for words that are filled in,
 * <code>{0}</code> for quantities.
 */
final class CornersTexts {
    // CornerCautionWords

    static final String TOOLS_OWN_MANUAL_DECIDES = "The tool's own manual decides.";
    static final String SAW_SPLINES_WITH_THE_FRAME = "Saw splines with the frame clamped to its cradle, never held by hand.";
    static final String CLAMP_THE_WORK_BEFORE = "Clamp the work before the cutter plunges, and keep both hands on the tool.";
    static final String CLAMP_THE_PIECE_BEFORE = "Clamp the piece before the mortise is cut; fingers stay out of line with "
            + "the cutter.";
    static final String CLAMP_WHAT_YOU_DRILL = "Clamp what you drill, and do not hold it by hand.";
    static final String KEEP_THE_HAND_THAT_STEADIES = "Keep the hand that steadies the corner a nail's length away: hard "
            + "grain turns nails aside.";
    static final String SHORT_ENDS_OVER_A_BLADE = "Short ends over a blade ride in a jig or on a miter gauge with a stop, "
            + "never in the hand.";

    // CornerFields

    static final String PART_FROM_THE_HEEL = "%s, from the heel";
    static final String PART_FROM_THE_FRONT = "%s, from the front";

    // CornerFigure

    static final String CORNER = "A corner";
    static final String CORNER_FROM_THE_FRONT = "A corner from the front, and cut through along the joint";
    static final String CORNER_APART = "The corner apart, parts in the order in which they go in";
    static final String SHOWN_RUNS_INTO = "%s runs into %s";
    static final String SHOWN_TOO_NEAR = "%s comes too near to %s";
    static final String DEPTH_ALONG_THE_DIAGONAL = "Depth along the diagonal";
    static final String FROM_THE_HEEL = "From the heel";
    static final String FROM_THE_HEEL_ALONG = "From the heel, along the joint";
    static final String THROUGH_THE_JOINT_FRONT = "through the joint, front up";
    static final String HEEL = "heel";
    static final String TOE = "toe";
    static final String FROM_THE_FRONT_TO_ITS_MIDDLE = "From the front to its middle";

    // CornerFindings

    static final String ADD_DOWELS = "Add dowels";
    static final String ADD_SCREWS = "Add screws";
    static final String SIDES_SLOPE_PARTS_IN_THE_CORNERS = "The sides slope: distances in the corners are along the frame's plane "
            + "and square to it, from its foremost edge.";
    static final String FRAME_OF_HANGS_ON_GLUED = "A frame of {0} hangs on glued end grain alone: splines, V-nails or "
            + "tenons would hold it.";
    static final String ADD_SPLINES = "Add splines";
    static final String TAKE_PART_OUT = "Take the %s out";
    static final String PART_CANNOT_EXIST = "This %s cannot exist: all its sizes are more than zero.";
    static final String DOES_NOT_HOLD_THIS_CORNER = "A %s does not hold a %s corner.";
    static final String BLOCK_NEEDS_A_RABBET = "A block is glued into the corner of the rabbet, and this wood has none.";
    static final String CORNER_DOES_NOT_STAND_OUT = "Corner %s does not stand out, so no %s can go in from outside.";
    static final String THE_PART = "the %s";
    static final String PART_AT_CORNER = "The %s at %s";
    static final String PART = "The %s";
    static final String COMES_TOO_NEAR = "%s comes {0} too near to %s.";
    static final String CUTS_INTO = "%s cuts into %s by {0}.";
    static final String BREAKS_OUT_OF = "%s breaks out of %s by {0}.";
    static final String IS_LAID_OPEN_BY = "%s is laid open {0} deep by %s.";
    static final String IS_IN_THE_WAY_OF = "%s stands {0} in the way of %s.";
    static final String RUNS_INTO = "%s runs into %s.";
    static final String TAKE_IT_OUT = "Take it out";
    static final String MOVE_TO_FROM_THE_HEEL = "Move to {0} from the heel";
    static final String MOVE_TO_BEHIND_THE_FACE = "Move to {0} behind the face";
    static final String MOVE_TO_THE_USUAL = "Move to the usual place";
    static final String USE_FEWER = "Use {0} only";
    static final String TOO_LITTLE_HOLDS_IN_FAR_PIECE = "Only {0} of the %s holds in the far piece; half its length or "
            + "more should.";

    // CornerSlate

    static final String PART_LEG = "%s, leg";
    static final String PARTS_IN_ALL = "%ss in all";
    static final String FOR_CORNERS = "for {0} corners";
    static final String CORNERS = "Corners";
    static final String DEPTH_FROM_THE_HEEL = "Depth from the heel";
    static final String BLADE_HEIGHT = "Blade height";
    static final String BLADE_HEIGHT_FORMULA = "{0}, along the diagonal: blade above the cradle's lowest point";
    static final String THICKNESS = "Thickness";
    static final String SLOT = "Slot";
    static final String MIDDLE_OF_THE_SLOT = "Middle of the slot from the front";
    static final String BACK_TO_BLADE = "Back to blade";
    static final String BACK_OF_THE_FRAME = "Back of the frame to the blade";
    static final String BACK_TO_BLADE_FORMULA = "{0} − {1} − ½ × {2}: fence, less the cradle's upright";
    static final String HALF_THE_CORNER = "Half the corner";
    static final String SPLINE_BLANK_THICK = "Spline blank, thick";
    static final String SPLINE_BLANK_THICKNESS = "Spline blank, thickness";
    static final String BLANK_THICKNESS_FORMULA = "{0} + {1}: sawn full, sanded to a push fit";
    static final String OVER = "Over";
    static final String TRIANGLE_LONG_SIDE = "Triangle, long side";
    static final String LONG_SIDE_FORMULA = "2 × {0} × tan {1} + 2 × {2}";
    static final String PROUD = "Proud";
    static final String TRIANGLE_LEGS = "Triangle, legs";
    static final String LEGS_FORMULA = "{0} ÷ (2 × sin {1})";
    static final String BLADE_TILTED = "Blade tilted";
    static final String BLADE_TILTED_EACH_WAY = "Blade tilted, each second slot the other way";
    static final String DEPTH_STOP = "Depth stop";
    static final String ROOM_FOR_GLUE = "Room for glue";
    static final String HEEL_TO_ITS_MIDDLE = "Heel to its middle";
    static final String HEEL_TO_NEAR_SIDE = "Heel to near side";
    static final String HEEL_TO_BISCUIT = "Heel to the biscuit's near side, along the miter";
    static final String HEEL_TO_MORTISE = "Heel to the mortise's near side, along the miter";
    static final String WIDTH = "Width";
    static final String HEEL_TO_MIDDLE = "Heel to middle";
    static final String FACE_TO_MIDDLE = "Face to middle";
    static final String FRONT_FACE_TO_ITS_MIDDLE = "Front face to its middle";
    static final String THE_PLACE_ENTERED = "from the place that was entered";
    static final String THE_USUAL_PLACE = "the usual place: in the middle of the open wood, several spread over it";
    static final String DOWEL_LENGTH = "Dowel, length";
    static final String DRILL = "Drill";
    static final String DRILL_DIAMETER = "Drill, diameter";
    static final String HEEL_TO_DOWEL = "Heel to dowel";
    static final String HEEL_TO_THE_DOWELS = "Heel to the dowel's middle, along the miter";
    static final String FRONT_FACE_TO_THE_DOWELS = "Front face to the dowels' middle";
    static final String HEEL_TO_PART = "Heel to %s";
    static final String HEEL_TO_MIDDLE_OF_PART = "Heel to its middle, along the joint";
    static final String PART_LENGTH = "%s, length";
    static final String HEEL_TO_FASTENER = "Heel to it, along the outer edge";
    static final String FACE_TO_PART = "Face to %s";
    static final String FACE_FROM_SECOND_PIECE = "Front face to %s, from the second piece";
    static final String FACE_FROM_FIRST_PIECE = "Front face to %s, from the first piece";
    static final String SHANK_OF_A_NO = "Shank of a No. %s";
    static final String SHANK_FORMULA = "[1.52 mm + 0.33 mm|0.060 in + 0.013 in] × the gauge";
    static final String PILOT_DRILL = "Pilot drill";
    static final String PILOT_IN_SOFT_WOOD = "0.6 × {0}, in soft wood";
    static final String PILOT_IN_HARD_WOOD = "0.7 × {0}, in hard wood";
    static final String CLEARANCE_DRILL = "Clearance drill";
    static final String COUNTERSINK = "Countersink";
    static final String COUNTERSINK_WIDTH = "Countersink, width";
    static final String ROOM_OF_A_KIND = "Room %s";
    static final String ROOM_OF_A_PART = "Room of the %s %s";
    static final String UNTIL_IT_COMES_TOO = "until it comes too near to something";
    static final String GLUE_LONG_GRAIN = "Glue, long grain";
    static final String GLUED_LONG_GRAIN_IN_A_CORNER = "Glued long grain in a corner";
    static final String BROAD_FACES_OF_SPLINES = "broad faces of splines, tenons, cheeks; half of round holes";
    static final String GLUE_END_GRAIN = "Glue, end grain";
    static final String GLUED_END_GRAIN_IN_A_CORNER = "Glued end grain in a corner";
    static final String JOINTS_OWN_FACES_LESS = "the joint's own faces, less what parts take out of them";

    // CornerWords

    static final String NOTHING_BUT_SAW_AND_GLUE = "Nothing but saw and glue; nothing shows.";
    static final String GLUED_MITER_IS_END = "A glued miter is end grain to end grain: it drinks glue and is weak.";
    static final String THERE_IS_NO_CORNER = "There is no corner to hold yet.";
    static final String NONE_IN_THE_DRAWERS = "There is no %s in the shop's drawers.";
    static final String CORNER_DOES_NOT_TAKE_ONE = "No %s goes in here.";
    static final String LARGEST_GOES_IN = "The largest %s in the shop goes in.";
    static final String NONE_HAS_ROOM = "No %s goes in: it would come too near to %s.";
    static final String SMALLEST_TOO_NEAR = "Not even the smallest %s goes in: {0} × {1} would come {2} too near to %s.";
    static final String ANY_DEEPER_TOO_NEAR = "Any deeper, and it would come too near to %s.";
    static final String MORE_TOO_NEAR = "{0} of them would come {1} too near to %s.";
    static final String LARGER_TOO_NEAR = "The next larger, {0} × {1}, would come {2} too near to %s.";
    static final String DOES_NOT_FIT = "does not fit";
    static final String SHOWS_AND_TIME = "shows {0}";
    static final String HIDDEN_AND_TIME = "hidden {0}";
    static final String NOTHING = "nothing";
    static final String ON_THE_OUTER_EDGES = "%s on the outer edges";

    private CornersTexts() {}
}
