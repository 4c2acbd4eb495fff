package neatcorner.station.shape;

/**
 * What the station of the shape says in findings, slates, fields and figures. {@code %s} stands for words that are filled in,
 * <code>{0}</code> for quantities.
 */
final class ShapeTexts {
    // JointWords

    static final String TOP_AND_BOTTOM_TAKE = "Top and bottom: take the front half off both ends, {0} deep, as far as the "
            + "side that they meet is wide.";
    static final String SIDES_TAKE_THE_BACK = "Sides: take the back half off both ends, {0} deep, as far as the top or "
            + "bottom is wide.";
    static final String RIGHT_END_OF_EVERY = "Right end of every piece: from the long point, saw the front half off at the "
            + "miter, {0}, down to {1}; the half behind keeps its whole length.";
    static final String LEFT_END_OF_EVERY = "Left end of every piece, mitred already: take the back half off square, {0} "
            + "deep, from the toe on.";
    static final String DIVIDE_THE_THICKNESS_INTO = "Divide the thickness into {0} fingers of {1}. The sides keep the "
            + "first at the front and every other one after it, top and bottom the ones between, as long as the other "
            + "piece is wide.";

    // ShapeFields

    static final String WIDEST_BOARD_FOR_SEGMENTS = "Widest board for segments";
    static final String RISE_OF_THE_ARCH = "Rise of the arch";
    static final String SIDE = "Side %s";

    // ShapeFigure

    static final String OUTLINE_FROM_THE_FRONT = "The outline from the front";
    static final String CORNER_NAMED = "Corner %s";
    static final String OUTSIDE_WIDTH = "Outside width";
    static final String OUTSIDE_HEIGHT = "Outside height";
    static final String OUTSIDE_ACROSS = "Outside, across";
    static final String SIGHT_ACROSS = "Sight, across";
    static final String RISE_OF_THE_OUTER = "Rise of the outer edge";
    static final String RISE_OF_AN_EDGE = "Rise of the %s";
    static final String OUTSIDE_ACROSS_FLATS = "Outside, across flats";
    static final String OUTSIDE_CORNER_TO_FLAT = "Outside, corner to flat";
    static final String SIGHT_CORNER_TO_FLAT = "Sight, corner to flat";
    static final String CORNER_TO_FLAT_FORMULA = "from the top to the side below: what a tape reads where sides face corners";
    static final String OUTER_LENGTH_OF_A_SIDE = "Outer length of a side";
    static final String SIGHT_LENGTH_OF_A_SIDE = "Sight length of a side";
    static final String OUTSIDE_ACROSS_CORNERS = "Outside, across corners";
    static final String BLANK_WIDTH = "Blank width";
    static final String JOINT_ANGLE_OF_A_SEGMENT = "Joint angle of a segment";

    // ShapeFindings

    static final String ARCH_DOES_NOT_FIT = "The arch does not fit this size: its rise must be less than the height, and "
            + "of a round arch no more than half the width.";
    static final String MAKE_IT_A_SEMICIRCLE = "Make it a semicircle";
    static final String MITER_THE_CORNERS = "Miter the corners";
    static final String ONLY_FLAT_RECTANGLES_GET = "Only flat rectangles get %s corners; these are planned with miters.";
    static final String RABBET_RUN_TO_THE_END = "A rabbet run to the end of a square-cut piece shows at the corner: stop "
            + "it short, or cut it after the corners are glued.";
    static final String GIVE_ALL_SIDES_THE_SAME = "Give all sides the same width";
    static final String TAKE_AS_MANY_SEGMENTS = "Take as many segments as it needs";
    static final String MAKE_IT_A_RECTANGLE = "Make it a rectangle";
    static final String CURVE_CROSSES_THE_GRAIN = "The curve crosses the grain at up to {0}: the ends of the segments may "
            + "break.";
    static final String TAKE_SO_MANY_SEGMENTS = "Take {0} segments";
    static final String TAKE_A_BOARD = "Take a board {0} wide";
    static final String MAKE_IT_A_FLAT_RECTANGLE = "Make it a flat rectangle";
    static final String SEGMENTS_NEED_A_BOARD = "The segments need a board {0} wide; yours is {1}.";

    // ShapePictures

    static final String RECTANGLE = "Rectangle";
    static final String EQUAL_SIDES = "Equal sides";
    static final String FREE_CORNERS = "Free corners";
    static final String ARCHED_TOP = "Arched top";
    static final String CIRCLE = "Circle";
    static final String ELLIPSE = "Ellipse";

    // ShapeSlate

    static final String PIECES_OF_A_FRAME = "Pieces of a frame";
    static final String PIECES = "Pieces";
    static final String ONE_FOR_EACH_SIDE = "one for each side, and for each segment of a curve";
    static final String ROUND_THE_OUTSIDE = "Round the outside";
    static final String ALL_OUTER_EDGES_ADDED = "all outer edges, added up";
    static final String STICK_NEEDED = "Stick needed";
    static final String OUTERMOST_POINTS_SLANTED_KERFS = "outermost points, slanted kerfs and rough allowances of all "
            + "pieces";
    static final String CORNER_BETWEEN = "Corner %s%s";
    static final String MITER = "Miter";
    static final String TILT = "Tilt";
    static final String TILT_OF = "Tilt of %s";
    static final String TILT_FORMULA = "the angle whose sine is the sine of half the turn, 90° − {0} ÷ 2, × the sine of {1}";
    static final String FACES_SLOPE_INWARDS = "Faces slope inwards";
    static final String OUTER_EDGE_BEFORE_SIGHT = "Outer edge, forward of the sight edge";
    static final String OUTER_EDGE_FORWARD = "Outer edge, forward";
    static final String FORWARD_FORMULA = "{0} × the sine of {1}";
    static final String FACE_WIDTH = "Face width";
    static final String REACH_SIGHT_EDGE_TO_OUTSIDE = "Reach, sight edge to outside";
    static final String REACH = "Reach";
    static final String REACH_FORMULA = "the largest of across × the cosine of {0} + back × its sine on the stick's end";
    static final String SLOPE = "Slope";
    static final String LENGTH_OF_TWINS = "Length of %s, %s";
    static final String IT_RUNS_THROUGH_THE_OUTSIDE = "it runs through: the outside size";
    static final String IT_STANDS_IN_THE_DADOES = "it stands in a dado of each side: the sight size and two dadoes";
    static final String DADO = "Dado, deep";
    static final String DADO_FORMULA = "a third of the side it is cut into";
    static final String SIDES_TAKE_A_DADO = "The sides take a dado {0} deep across their inner faces at both ends, as wide as "
            + "top and bottom are thick: {1}.";
    static final String IT_STANDS_BETWEEN_THE_SIDES = "it stands between the sides: the sight size";
    static final String THICKNESS = "Thickness";
    static final String CHEEK_TAKE_OFF = "Cheek, take off";
    static final String CHEEK = "Cheek";
    static final String CHEEK_FORMULA = "half of {0}, over the width of the other piece";
    static final String OVER = "over";
    static final String WIDTH_OF_THE_CHEEK = "Width of the cheek";
    static final String AS_WIDE_AS_THE_PIECE = "as wide as the piece that it meets";
    static final String FINGERS = "Fingers";
    static final String FINGERS_FORMULA = "an odd number, each about [10 mm|3/8 in] of {0}";
    static final String EACH = "each";
    static final String FINGER = "Finger";
    static final String MITER_OF = "Miter of %s";
    static final String SLOPED_MITER_FORMULA = "the angle whose tangent is the tangent of half the turn, 90° − {0} ÷ 2, × "
            + "the cosine of {1}";
    static final String CUT_OF = "Cut of %s";
    static final String SQUARE_TO_LONG_POINT = "square to the long point; its show half is mitred";
    static final String MITER_FORMULA = "the angle whose tangent is (other face ÷ this face + cos {0}) ÷ sin {0}";
    static final String SEGMENTS = "Segments";
    static final String AS_ASKED_FOR_OR_THE_FEWEST = "as asked for, or the fewest that the board and the grain allow";
    static final String BOARD = "Board";
    static final String BOARD_WIDTH = "Board width";
    static final String HIGHEST_POINT_OF_THE_OUTER = "the highest point of the outer edge above the ends of the inner one";
    static final String BLANK = "Blank";
    static final String BLANK_LENGTH = "Blank length";
    static final String BETWEEN_THE_JOINTS_ALONG = "between the joints, along the outside of the blank";
    static final String JOINTS = "Joints";
    static final String JOINT = "Joint";
    static final String FROM_A_SQUARE_CUT = "from a square cut";
    static final String JOINT_OTHER_END = "Joint, other end";
    static final String ACROSS_THE_GRAIN = "Across the grain";
    static final String STEEPEST_ACROSS_THE_GRAIN = "Steepest across the grain";
    static final String WHERE_THE_CURVE_LEAVES = "where the curve leaves the blank's grain the most";

    // SolidFigure

    static final String FRAME_PUT_TOGETHER = "The frame put together";

    // TemplateFigure

    static final String GRAIN = "grain";
    static final String TEMPLATE_OF = "Template of %s";

    private ShapeTexts() {}
}
