package neatcorner.glueup.jig;

/**
 * Parts and settings of the jigs, and what to mind with each. {@code %s} stands for words that are filled in, <code>{0}</code> for
 * quantities.
 */
final class JigTexts {
    // Jigs

    static final String BLOCK = "Block";
    static final String ARM = "Arm";
    static final String BRIDGE = "Bridge";
    static final String HOLE_OF_EACH_ARM = "Hole of each arm";
    static final String HOLE_FORMULA = "counted from the block; the arms then slant nearest to 45°";
    static final String BETWEEN_THE_BRIDGES_CLOSED = "Between the bridges, closed";
    static final String FROM_THE_ARMS_AND_THE_FRAMES = "from the arms and the frame's outside";
    static final String CLAMP_CLOSES_BY = "Clamp closes by";
    static final String FROM_PLAY_AT_EACH_CORNER = "from [3 mm|1/8 in] of play at each corner";
    static final String CUT_THE_BITES_SQUARE = "Cut the bites square, drill the relief hole at the heel so that glue has "
            + "somewhere to go, and wax the bites.";
    static final String SCREWS_SNUG_NOT_TIGHT = "Screws snug, not tight: the arms must turn, so that the jig squares "
            + "itself.";
    static final String TWO_ARMS_TO_EACH_BRIDGE = "Two arms to each bridge; one clamp draws the bridges together.";
    static final String TWO_ARMS_ALONG_THE_WIDTH = "Two arms to each bridge; one clamp draws the bridges together, along "
            + "the frame's width.";
    static final String TWO_ARMS_ALONG_THE_HEIGHT = "Two arms to each bridge; one clamp draws the bridges together, along "
            + "its height.";
    static final String HOLES_ARE_COUNTED_FROM_THE_BLOCK = "Holes are counted from the block.";
    static final String BASE = "Base";
    static final String CORNER_OF_THE_BLOCK = "Corner of the block";
    static final String CORNERS_OWN_ANGLE = "the corner's own angle";
    static final String BLOCK_SET_IN_FROM_THE_EDGE = "Block set in from the edge";
    static final String SO_THAT_CLAMPS_REACH = "so that clamps reach over it";
    static final String SCREW_THE_BLOCK_TO_THE_BASE = "Screw the block to the base, {0} in from the edge, so that clamps "
            + "reach over it.";
    static final String RELEASE_PAPER_BETWEEN_BLOCK = "Release paper between block and frame; both pieces hard against it.";
    static final String FENCE = "Fence";
    static final String RUNNER = "Runner";
    static final String LEFT_FENCE_FROM_THE_KERF = "Left fence from the kerf";
    static final String COMPLEMENT_OF_THE_MITER = "90° less the miter";
    static final String RIGHT_FENCE_FROM_THE_KERF = "Right fence from the kerf";
    static final String STOP_ON_THE_FENCE = "Stop on the fence, from the kerf";
    static final String LONGEST_PIECE = "the longest piece";
    static final String GLUE_THE_RUNNER_TO_FIT = "Glue the runner to fit the saw's slot; saw the kerf half through the "
            + "base.";
    static final String SCREW_THE_FENCES_ALONG = "Screw the fences along the lines; one screw each until two test pieces "
            + "close against a square, then the rest.";
    static final String RULE_ALONG_THE_FENCE = "A rule along the fence reads the long point; hands stay outside the red "
            + "block over the kerf's end.";
    static final String UPRIGHT = "Upright";
    static final String SUPPORT = "Support";
    static final String FOOT = "Foot";
    static final String FENCE_TO_BLADE = "Fence to blade";
    static final String UPRIGHT_THICKNESS = "Upright, thickness";
    static final String BACK_OF_THE_FRAME = "Back of the frame to the blade";
    static final String FROM_THE_SLOTS_PLACE = "from the slot's place in the thickness";
    static final String BLADE_ABOVE_THE_TABLE = "Blade above the table";
    static final String CRADLES_LOWEST_POINT_ABOVE = "Cradle's lowest point above the table";
    static final String DEPTH_OF_THE_SLOT = "Depth of the slot";
    static final String LOWEST_SCREW_ABOVE_THE_TABLE = "Lowest screw above the table";
    static final String WELL_ABOVE_THE_BLADE = "well above the blade";
    static final String SUPPORTS_MEET_AT_THE_FRAMES = "The supports meet at the frame's own angle; the frame is clamped to "
            + "them, never held by hand.";
    static final String NO_SCREW_LOWER_THAN = "No screw lower than {0} above the table: the blade comes up to {1}.";
    static final String GUARD_CANNOT_STAY_OVER = "The guard cannot stay over this cut: both hands on the upright, behind "
            + "the blade's path, and the saw stopped before the frame is taken out.";
    static final String BAND_BLOCK = "Band block";
    static final String BAND_BLOCK_NUMBER = "Band block %s";
    static final String BITE_OF_BLOCK = "%s, bite";
    static final String AS_THICK_AS_THE_FRAME = "As thick as the frame, {0}; a groove or a pin top and bottom keeps the "
            + "band on.";
    static final String CUT_THE_BITES_CORNER = "Cut the bite's corner away a little, so that no glue holds there; wax it.";

    private JigTexts() {}
}
