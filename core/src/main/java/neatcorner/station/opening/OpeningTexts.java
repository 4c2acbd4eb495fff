package neatcorner.station.opening;

/**
 * What the station of the opening says in findings, slates, fields and figures. {@code %s} stands for words that are filled in,
 * <code>{0}</code> for quantities.
 */
final class OpeningTexts {
    // FramedFigure

    static final String FRAME_AS_IT_WILL = "The frame as it will look";
    static final String FRAME_ON_THE_WALL = "The frame on the wall";

    // FramedPictures

    static final String SIZES = "Sizes";
    static final String FRAMED = "Framed";

    // MatFields

    static final String MAT_BORDER_TOP = "Mat border, top";
    static final String MAT_BORDER_RIGHT = "Mat border, right";
    static final String MAT_BORDER_BOTTOM = "Mat border, bottom";
    static final String MAT_BORDER_LEFT = "Mat border, left";
    static final String MAT_OVERLAP = "Mat overlap";
    static final String BORDER_SHOWS_TOP = "Mat border that shows, top";
    static final String BORDER_SHOWS_RIGHT = "Mat border that shows, right";
    static final String BORDER_SHOWS_BOTTOM = "Mat border that shows, bottom";
    static final String BORDER_SHOWS_LEFT = "Mat border that shows, left";
    static final String BORDER_SHOWS_ALL_ROUND = "Mat border that shows, all round";

    // OpeningFigure

    static final String FRAME_FROM_THE_FRONT = "The frame from the front";
    static final String SIGHT_WIDTH = "Sight width";
    static final String SHOWN_SIGHT = "sight";
    static final String ART_WIDTH = "Art width";
    static final String SHOWN_ART = "art";
    static final String ART_HEIGHT = "Art height";
    static final String NO_FRAME_OF_THESE = "No frame of these sizes can be made";
    static final String NO_FRAME = "No frame can be made";
    static final String FACE_WIDTH = "Face width";
    static final String RABBET_SIZE_WIDTH = "Rabbet size, width";
    static final String SIGHT_HEIGHT = "Sight height";
    static final String RABBET_SIZE_HEIGHT = "Rabbet size, height";
    static final String SHOWN_RABBET = "rabbet";

    // OpeningSlate

    static final String ART = "Art";
    static final String WINDOW = "Window";
    static final String MAT_OUTER = "Mat outer";
    static final String RABBET_SIZE = "Rabbet size";
    static final String SIGHT = "Sight";
    static final String OUTSIDE = "Outside";
    static final String CUT_WITHIN = "Cut %s";
    static final String WEIGHT = "Weight";
    static final String LAYER_CUT = "%s, cut %s";
    static final String AS_LARGE_AS_WHAT_IS_HELD = "as large as what is held";
    static final String PLAY_IN_ALL = "Play in all";
    static final String SECOND_STEP_BOTH_SIDES = "Second step, both sides";
    static final String WEIGHT_OF_THE_STICK = "Weight of the stick";
    static final String WOOD = "Wood";
    static final String PIECES_AT = "pieces at {0}";
    static final String GLAZING_MAT_ART_AND_BACKING = "Glazing, mat, art and backing";

    // SizeFindings

    static final String FRAME_NEEDS_A_WIDTH = "A frame needs a width and a height above zero; this one measures {0} by {1}.";
    static final String LEAVE_THE_MAT_OUT = "Leave the mat out";
    static final String START_AGAIN_FROM_THE_USUAL = "Start again from the usual size";
    static final String NO_WINDOW_IS_LEFT = "The mat's borders and overlap leave no window: it would be {0} by {1}.";
    static final String NOTHING_IS_LEFT_TO_FRAME = "From a size of {0} by {1} nothing is left for what goes in the frame: "
            + "the sight size would be {2} by {3}.";
    static final String TAKE_AS_THE_ART = "Take {0} by {1} as the art's size";
    static final String MAKE_THE_MATS_BORDERS = "Make the mat's borders {0}";
    static final String MAKE_IT_A_SIDE = "Make it {0} a side";
    static final String PACK_CANNOT_GO_IN = "The pack is larger than the rabbet by {0} a side: it cannot go in.";
    static final String PACK_MAY_NOT_DROP_IN = "The pack has only {0} of play in all: it may not drop in.";
    static final String PACK_WILL_WANDER = "The pack has {0} of play a side and will wander.";

    // MemberFields

    static final String OF_A_PART = "%s, %s";
    static final String MEMBER_WIDTH = "Width";
    static final String MEMBER_THICKNESS = "Thickness";
    static final String MEMBER_LEG = "Leg";
    static final String MEMBER_HEIGHT = "Height";
    static final String MEMBER_HEIGHT_AT_ENDS = "Height at its ends";
    static final String MEMBER_LENGTH = "Length";
    static final String MEMBER_DIAMETER = "Diameter";
    static final String MEMBER_PITCH = "From one to the next";
    static final String MEMBER_GROOVE = "Depth of the grooves";
    static final String MEMBER_PLAY = "Play at each end";
    static final String MEMBER_RISE = "Rise of the arch";
    static final String MEMBER_REPEAT = "About from arc to arc";
    static final String MEMBER_WAVE = "Rise of an arc";
    static final String MEMBER_BEYOND = "At least past the outside";
    static final String MEMBER_COVER = "Reach inside the opening";

    // MemberNumber

    static final String MEMBER_TILT = "Tilt, degrees";
    static final String MEMBER_FROM_TOP = "From the top, percent";
    static final String MEMBER_FROM_LEFT = "From the left, percent";
    static final String MEMBER_LAYERS = "Layers";
    static final String MEMBER_COUNT = "How many";
    static final String MEMBER_WATTS = "Watts inside";

    // RingFields

    static final String RING_PLAY = "Play a side";
    static final String RING_FRONT = "Front behind the frame's";

    // MemberFindings

    static final String LEAVE_THE_PART_OUT = "Leave the {name} out";
    static final String SLATS_MEET = "{name}: {0} from one to the next and tilted by {1}, slats lie in each other.";
    static final String SET_SLATS_APART = "Set them {0} apart";
    static final String BAR_STANDS_OUT = "{name} is {0} thick, and there is room for {1}.";
    static final String MAKE_IT_THICK = "Make it {0} thick";
    static final String BARS_CROSS = "{name} and %s cross in one place: halve both into each other, or leave one out.";
    static final String SLATS_STAND_OUT = "{name}: tilted like this, a slat is {0} deep, and the sides are {1} thick. It stands out.";
    static final String TAKE_SIDES_THICK = "Take sides {0} thick";

    // MemberRows

    static final String PART = "%s";
    static final String SO_MANY = "%s %s";
    static final String COUNT_OF = "How many %s";
    static final String LENGTH_OF = "Length of %s";
    static final String GROOVE = "Groove";
    static final String SLAT_FORMULA = "between the sides + 2 · {0}";
    static final String HOW_SLATS = "as many as there is room for at their pitch";
    static final String HOW_BAR = "across the opening there, less the play at both ends";
    static final String HOW_CORNERS = "one in every corner";
    static final String HOW_TOP = "as wide as the frame";
    static final String HOW_TRIM = "along the sides, up to where the arch begins";
    static final String HOW_BOUGHT = "as many as were asked for";
    static final String SEEN = "Seen";
    static final String SEEN_FORMULA = "inside the ring that lies in front of what is held";
    static final String MEMBER_SLOT = "Length of a slot, 0 for holes";
    static final String HOLES_OF = "Drill holes of {0}";
    static final String SLOTS_OF = "Cut slots {0} × {1}";
    static final String CANNOT_BE_COOLED = "{name}: {0} W cannot be cooled so: the heat wants {1} of openings in the top and as "
            + "much in the bottom, and there is no room for them. It takes a fan, or a device that gives off less.";
    static final String HOW_VENTS = "10 cm² for every 10 W, in the top and in the bottom";
    static final String ARCS = "%s, arcs";
    static final String ARCS_ACROSS = "Arcs across";
    static final String ARCS_DOWN = "Arcs down";
    static final String ARCS_FORMULA = "a whole number on every side, alike all round";
    static final String RADIUS = "Radius of an arc";
    static final String CHORD = "Chord";
    static final String WAVE = "Rise";
    static final String RADIUS_FORMULA = "({0}² ÷ 4 + {1}²) ÷ (2 · {1})";

    private OpeningTexts() {}
}
