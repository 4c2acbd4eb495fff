package neatcorner.plan;

/**
 * What every station says of a frame's sizes and of its boards. {@code %s} stands for words that are filled in, <code>{0}</code> for
 * quantities.
 */
final class PlanTexts {
    // AsFrame

    static final String OF_RING = "%s: %s";

    // BoardWork

    static final String CUT_LONG = "cut {1} long";
    static final String CUT_LENGTHS = "%s lengths of {1}";
    static final String JOINT_A_BOWED_FACE = "joint a face ({2} and the bow, {3})";
    static final String JOINT_A_FACE = "joint a face ({2})";
    static final String RESAW_AND_PLANE = "resaw %s layers, plane to {5}";
    static final String PLANE_TO = "plane to {5}";
    static final String FROM_BOARD_TO_STICKS = "From {0}: %s; %s and an edge ({4}); %s; rip %s strips of {6}: %s sticks of "
            + "{7}.";
    static final String BOARD_GIVES_NO_STICK = "This board gives no stick {0} by {1} long enough for the longest piece.";
    static final String MAKE_THE_FACE_WIDE = "Make the face {0} wide";
    static final String MAKE_IT_THICK = "Make it {0} thick";

    // FrameFields

    static final String ART_WIDTH = "Art width";
    static final String ART_HEIGHT = "Art height";
    static final String RABBET_SIZE_WIDTH = "Rabbet size, width";
    static final String RABBET_SIZE_HEIGHT = "Rabbet size, height";
    static final String SIGHT_WIDTH = "Sight width";
    static final String SIGHT_HEIGHT = "Sight height";
    static final String OUTSIDE_WIDTH = "Outside width";
    static final String OUTSIDE_HEIGHT = "Outside height";
    static final String LEAF_PLAY = "Play of the leaves";
    static final String CLEARANCE_A_SIDE = "Clearance a side";
    static final String FACE_WIDTH = "Face width";
    static final String DIAGONAL_FROM_TOP_LEFT = "Diagonal from the top left";
    static final String DIAGONAL_FROM_TOP_RIGHT = "Diagonal from the top right";
    static final String TOP = "top";
    static final String RIGHT = "right";
    static final String BOTTOM = "bottom";
    static final String LEFT = "left";
    static final String FACE_WIDTH_OF_A_SIDE = "Face width, %s";
    static final String LAYER_THICKNESS = "Layer thickness";

    // SizeReadings

    static final String WIDTH = "width";
    static final String HEIGHT = "height";
    static final String ART = "Art %s";
    static final String OVERLAP = "Overlap";
    static final String WINDOW = "Window %s";
    static final String LEFT_BORDER = "Left border";
    static final String RIGHT_BORDER = "Right border";
    static final String TOP_BORDER = "Top border";
    static final String BOTTOM_BORDER = "Bottom border";
    static final String MAT_OUTER = "Mat outer %s";
    static final String CLEARANCE = "Clearance";
    static final String RABBET_WIDTH = "Rabbet width";
    static final String SIGHT_EDGE_TO_RABBET = "Sight edge to rabbet wall";
    static final String LEVEL_SIZE_FORMULA = "in the level plane in which the pack lies, with {0} and the slope";
    static final String RABBET_SIZE = "Rabbet size, %s";
    static final String SIGHT = "Sight %s";
    static final String OUTSIDE = "Outside %s";
    static final String AROUND_FORMULA = "{0} %s {1} on every side, measured as this shape is";
    static final String REACH = "Reach";
    static final String REACH_FORMULA = "the largest of across × cosine + back × sine of the slope on the stick's end";
    static final String SIDES_FORMULA = "{0} %s the face width {1} on every side, measured as this shape is";
    static final String LEFT_FACE = "Left face";
    static final String TOP_FACE = "Top face";
    static final String RIGHT_FACE = "Right face";
    static final String BOTTOM_FACE = "Bottom face";

    private PlanTexts() {}
}
