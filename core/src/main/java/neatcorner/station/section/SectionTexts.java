package neatcorner.station.section;

/**
 * What the station of the section says in findings, slates, fields and figures. {@code %s} stands for words that are filled in,
 * <code>{0}</code> for quantities.
 */
final class SectionTexts {
    // MilledWood

    static final String ON_THE_BENCH = "on the bench";
    static final String ON_THE_TABLE = "on the table";
    static final String ALONG_THE_FENCE = "along the fence";
    static final String SAFE_ZONE_WIDTH = "Safe zone, width";
    static final String SAFE_ZONE_HEIGHT = "Safe zone, height";
    static final String GROOVE = "Groove";

    // MillingFindings

    static final String MILLED_LIKE_THIS_THE_STICK = "Milled like this, the stick falls apart: the cuts meet inside it.";
    static final String BOARDS_TOGETHER_ARE_WIDE = "The boards together are {0} wide, the section {1}.";
    static final String BOARDS_TOGETHER_ARE_THICK = "The boards together are {0} thick, the section {1}.";
    static final String MAKE_THE_SECTION_WIDE = "Make the section {0} wide";
    static final String MAKE_THE_SECTION_THICK = "Make the section {0} thick";
    static final String LEAVE_IT_OUT = "Leave it out";
    static final String CUT_NEEDS_A_SIZE = "A %s needs a size above zero.";
    static final String CUT_TAKES_MORE_THAN_THERE_IS = "A %s of {0} takes {1} by {2}, more than this stick has.";
    static final String GROOVE_TOO_NARROW = "The groove is {0} wide; the narrowest straight bit is {1}.";
    static final String GROOVE_DOES_NOT_FIT = "The groove, {0} wide and {1} deep at {2}, does not fit on the %s.";
    static final String STRIP_TO_RIP_OFF = "A strip to rip off needs a width above zero.";
    static final String PASS_TAKES_TOO_MUCH = "The %s takes {0} in one pass; in {name} a %s takes no more than {1}.";
    static final String TAKE_PASSES = "Take {0} passes";
    static final String BLADE_TILTS_TOO_LITTLE = "The %s wants the blade tilted {0}, and a table saw tilts {1} at most. "
            + "Tilt it {1}, and lean the stick on a ramp of {2} against a tall fence, clamped or in a carrier.";
    static final String LEAVE_LAST_CUT_OUT = "Leave the last cut out";
    static final String LEAVE_CUT_OUT = "Leave the %s out";
    static final String LEAVE_LAST_CUTS_OUT = "Leave the last %s cuts out";
    static final String CUT_IN_AIR = "The %s takes nothing off: there is no wood left there.";
    static final String OUTER_EDGE_NOT_THERE_YET = "The outer edge is not there yet when the %s is cut: the strip is "
            + "ripped off later.";
    static final String RIP_FIRST = "Rip first";
    static final String STICK_WOULD_ROCK = "Too little is left to rest on for the %s: the stick would rock into the cutter.";
    static final String CUT_IT_EARLIER = "Cut it earlier";

    // MillingSlate

    static final String PASS = "Pass";
    static final String OF = "of";
    static final String PLANE_OFF = "Plane off";
    static final String PLANED_ACROSS_THE_FACE = "Planed across the face";
    static final String ONCE_THE_FRAME_IS_GLUED = "Once the frame is glued";
    static final String BEARING_ALONG_THE_SIGHT = "Bearing along the sight edge";
    static final String STANDS_OUT_OF_THE_FENCE = "Stands out of the fence";
    static final String AS_WIDE_AS_IT_CUTS = "as wide as it cuts";
    static final String FENCE = "Fence";
    static final String BIT_HEIGHT = "Bit, height";
    static final String BLADE_HEIGHT = "Blade, height";
    static final String TILT = "Tilt";
    static final String TILT_FORMULA = "the angle whose tangent is the width of the slope ÷ its depth";
    static final String DEEPEST_IN_ONE_PASS = "Deepest in one pass";
    static final String DEEPEST_PASS_IN = "Deepest pass in %s";
    static final String COMMON_PRACTICE_FOR_THIS_TOOL = "common practice for this tool and wood";
    static final String FENCE_FORMULA = "from the fence to the near side of the cut: what stays lies between them";
    static final String FENCE_FORMULA_TILTED = "from the fence to the near side of the cut, on the table: the slope run on "
            + "to it";
    static final String HEIGHT = "Height";
    static final String DEPTH = "Depth";
    static final String AS_DEEP_AS_IT_CUTS = "as deep as it cuts, above the table";
    static final String SAFE_FOR_HIDDEN_PARTS = "Safe for hidden parts";
    static final String SAFE_ZONE_FORMULA = "largest rectangle [5 mm|3/16 in] from what shows and [3 mm|1/8 in] from "
            + "rabbet and back";
    static final String PLANE_A_FACET = "%s: plane a facet {0} wide, %s on the bench.";
    static final String SET_BEARING = "bearing along the sight edge, cutting {3} wide";
    static final String SET_IN_FENCE = "let into the fence, standing out {3}";
    static final String SET_FROM_BLADE = "fence {0} from the near side of the blade";
    static final String SET_FROM_BLADE_ON_TABLE = "fence {0} from the near side of the blade, on the table";
    static final String SET_FROM_BIT = "fence {0} from the near side of a {3} bit";
    static final String TILTED_TOWARDS_FENCE = ", tilted {2} with its top towards the fence";
    static final String TILTED_FROM_FENCE = ", tilted {2} with its top away from the fence";
    static final String LIES_GLUED_FACE_DOWN = "the glued frame face down. Square the corners with a chisel";
    static final String LIES_ON_THE_TABLE = "%s on the table, %s to the fence";
    static final String THEN_HIGHER = ", then {%s}";
    static final String ONCE_GLUED_CUT = "Once the frame is glued, %s";
    static final String PASS_IN_WORDS = "%s, %s%s: %s, height {1}%s%s; %s.";
    static final String PASS_OF = ", pass %s of %s";
    static final String PASSES_OF = ", passes %s to %s of %s";
    static final String GROOVE_IN_A_FACE = "groove in the %s";

    // SeatFindings

    static final String RABBET_IS_CUT_FOR_FACES = "The rabbet is cut for faces that slope {0}; this frame is flat.";
    static final String CUT_THE_RABBET_SQUARE = "Cut the rabbet square";
    static final String PACK_IS_NOT_HELD = "On faces that slope {0} the pack lies on the back edge of the lip, and the "
            + "rabbet's wall ends in front of it: nothing holds the pack sideways. Cut the rabbet level, or glue a level "
            + "ledge in.";
    static final String PACK_ON_EDGE = "On faces that slope {0} the pack lies on the back edge of the lip alone, {1} "
            + "outside the sight edge. A rabbet cut level carries it on its whole width.";
    static final String CUT_THE_RABBET_LEVEL = "Cut the rabbet level, {0} wide and {1} deep";

    // SectionChoices

    static final String NOTHING_TO_CUT = "nothing to cut";
    static final String ONE_PASS = "{0} pass";
    static final String SO_MANY_PASSES = "{0} passes";

    // SectionFields

    static final String THICKNESS = "Thickness";
    static final String RABBET_WIDTH = "Rabbet width";
    static final String RABBET_DEPTH = "Rabbet depth";
    static final String SECOND_STEP_WIDTH = "Second step, width";
    static final String SECOND_STEP_DEPTH = "Second step, depth";
    static final String SIZE_OF_THE_CUT = "Size of the cut";
    static final String DEPTH_OF_THE_CUT = "Depth of the cut";
    static final String START_OF_THE_GROOVE = "Start of the groove";
    static final String SET_IN_ACROSS_THE_FACE = "Set in across the face";
    static final String SET_IN_DOWN_THE_SIDE = "Set in down the side";
    static final String BOARD = "Board %s";

    // SectionFigure

    static final String SECTION_AT_ONE_OF_ITS_PASSES = "The section at one of its passes";
    static final String SECTION_AT_FULL_SIZE = "The section at full size";
    static final String SECTION_WITH_THE_PACK = "The section with the pack in its rabbet";
    static final String FRONT = "front";
    static final String BACK = "back";
    static final String LAYER_THICKNESS = "%s thickness";
    static final String SPARE_DEPTH = "Spare depth";
    static final String TIGHT = "tight";
    static final String FACE_WIDTH = "Face width";
    static final String LIP = "Lip";

    // SectionFindings

    static final String CUT_THE_RABBET_DEEP = "Cut the rabbet {0} deep";
    static final String THICKER_STOCK_DEEPER_RABBET = "Take stock {0} thick and cut the rabbet {1} deep";
    static final String PACK_STANDS_PROUD = "The pack is {0} thick and the rabbet {1} deep: {2} stands proud of the back.";
    static final String TOO_LITTLE_FOR_POINTS = "Only {0} of rabbet is left behind the pack; points and brads want {1}.";
    static final String TAKE_STOCK_THICK = "Take stock {0} thick";
    static final String LIP_IN_FRONT_OF_THE_RABBET = "The lip in front of the rabbet is only {0} thick and will chip.";
    static final String RABBET_GOES_RIGHT_THROUGH = "The rabbet goes right through the front: no lip is left to hold the "
            + "pack.";
    static final String MAKE_THE_RABBET_WIDE = "Make the rabbet {0} wide";
    static final String LIP_COVERS_TOO_LITTLE = "When the pack slides to one side, the lip covers it by only {0} on the "
            + "other.";
    static final String PACK_SHOWS_OR_DROPS_OUT = "When the pack slides to one side, it shows or drops out on the other: "
            + "the rabbet is too narrow.";
    static final String MAKE_THE_FACE_WIDE = "Make the face {0} wide";
    static final String WALL_TOO_THIN = "Only {0} of wood is left outside the rabbet: too little for a strong corner.";
    static final String NO_WALL = "The rabbet is as wide as the face: nothing is left outside it.";
    static final String WOOD_NOT_IN_THE_TABLES = "“{name}” is not in the tables of woods: its weight is reckoned at {0}, "
            + "its movement as a middling wood's.";
    static final String SECTION_NEEDS_A_THICKNESS = "The section needs a thickness, and its rabbet a width and a depth, "
            + "above zero.";
    static final String TAKE_THE_USUAL_SECTION = "Take the usual section";
    static final String SECOND_STEP_OF_THE_RABBET = "The second step of the rabbet must be wider than the first ({0}) and "
            + "shallower ({1}).";
    static final String LEAVE_THE_SECOND_STEP = "Leave the second step out";

    // SectionSlate

    static final String PACK = "Pack";
    static final String ALL_LAYERS_ADDED_UP = "all layers, added up";
    static final String LESS_WHAT_LIES_ON_THE_STEP = "{0} − {1}, which lies on the step";
    static final String BACKING = "Backing";
    static final String ALL_BACKINGS_ADDED_UP = "all backings, added up";
    static final String CLEARANCE_A_SIDE = "Clearance a side";
    static final String LEVEL_LIP_FORMULA = "from the ledge's inner edge to the stick's front, square to the pack";
    static final String WALL = "Wall";
    static final String LEVEL_WALL_FORMULA = "from the foot of the rabbet's wall outwards, level with the pack";
    static final String RABBET_DEPTH_FOR_THE_PACK = "Rabbet depth for the pack";
    static final String SPARE = "Spare";
    static final String COVER_LEFT = "Cover left";
    static final String WEIGHT_OF_THE_STICK = "Weight of the stick";
    static final String WEIGHT_ASSUMED = "{0} × {1} (assumed: not in the tables)";
    static final String AREA_OF_THE_SECTION = "Area of the section";
    static final String DENSITY_OF = "Density of %s";
    static final String RABBET_DEPTH_LEVEL = "Rabbet depth, level";
    static final String LEVEL_SPARE_FORMULA = "what is left of {0} at its wall";
    static final String LEVEL_DEPTH_FORMULA = "{0} × the cosine of the slope, less the width × its sine";
    static final String RABBET_WIDTH_LEVEL = "Rabbet width, level";
    static final String LEVEL_WIDTH_FORMULA = "{0} ÷ the cosine of the slope";

    // TiltedPack

    static final String LEVEL_THE_FRAMES_PLANE = "level: the frame's plane";

    // RingFindings

    static final String RING_SECTION_IMPOSSIBLE = "The section of the {name} cannot be milled: wood must be left round its "
            + "rabbet.";
    static final String RING_IN_THE_PACK = "The {name} would lie {0} deep in what the frame holds.";
    static final String SCREWS_MEET_NO_WOOD = "The screws of the {name} meet no wood: it lies before, behind or beside what they are "
            + "to go into.";
    static final String TAKE_ITS_SCREWS_OUT = "Fasten the {name} without screws";
    static final String RING_STANDS_PROUD = "The {name} stands {0} out behind the frame's back: the frame would not lie flat on its "
            + "wall.";
    static final String MAKE_THE_RING_THICK = "Make the {name} {0} thick";
    static final String RING_IN_THE_WOOD = "The {name} would lie in the wood of %s.";
    static final String THE_FRAME = "the frame";
    static final String THE_RING = "the %s";
    static final String LEAVE_THE_RING_OUT = "Leave the {name} out";
    static final String LET_IT_LIE_WHERE_IT_FALLS = "Let it lie where it comes to lie by itself";
    static final String NOTHING_CARRIES_THE_ART = "Nothing carries the art from behind.";
    static final String PUT_A_BACKER_IN = "Put a backer in, {0} wide";
    static final String TOO_LITTLE_BEARING = "The {name} reaches {0} behind the art; {1} at least give its screws a hold.";
    static final String MAKE_THE_RING_WIDE = "Make the {name} {0} wide";
    static final String ART_STANDS_PROUD = "The art stands {0} proud of the rim.";
    static final String ART_LIES_DEEP = "The art lies {0} below the rim; 2 to [4 mm|3/16 in] look right.";
    static final String GAP = "Gap a side";
    static final String ART = "Art";
    static final String RECESS = "Recess of the art";
    static final String RECESS_FORMULA = "{0} − {1} − {2}";
    static final String BEARING = "Backer behind the art";
    static final String BEARING_FORMULA = "what of its width lies inside the art's edge";
    static final String ART_DEPTH = "art's depth";
    static final String PANEL_PACKING = "Packing behind the panel";
    static final String PANEL_THICKNESS = "panel";

    // SectionChapter

    static final String CAUTION_PASSES = "Rabbets are cut in light passes, [3 to 4 mm|1/8 in] deep at most, with the stick held "
            + "down and push blocks where a guard cannot stay on.";

    private SectionTexts() {}
}
