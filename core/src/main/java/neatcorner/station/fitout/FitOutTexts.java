package neatcorner.station.fitout;

/**
 * All that this station says about a frame. {@code %s} stands for words that are filled in, <code>{0}</code> for the first
 * quantity.
 */
final class FitOutTexts {
    // FitOutFindings

    static final String POINTS_COME_THROUGH = "The %s would come through the wall of the rabbet, which is {0}: they go in "
            + "{1}, and {2} of wood should be left.";
    static final String CLIP_SCREWS_COME_THROUGH = "The screws of the %s would show in front: the wood is {0} thick, and "
            + "they are {1} long.";
    static final String NO_ROOM_BEHIND = "The %s find only {0} of wood behind the pack; they want {1}.";
    static final String ADHESIVE_SHOWS = "On a face of {0} there is only {1} for adhesive that stays {2} off the edge: it would show in "
            + "the reflection.";
    static final String TAKE_A_FACE_WIDE = "Take a face of {0}";
    static final String FABRIC_TOO_SMALL = "The fabric reaches only {0} onto the back; staples want {1}.";
    static final String LET_IT_REACH = "Let it reach {0}";
    static final String STRAINER_TIGHT = "There is only {0} of room in all round the {name}. Wood swells, and what is forced in opens the "
            + "miters: {1} is right.";
    static final String GIVE_IT_ROOM = "Give it {0} a side";
    static final String TAKE_SHORTER = "Take %s of {0}";
    static final String HOLD_IT_WITH = "Hold it with %s";
    static final String SCREWS_TOO_SHORT = "The screws of the {name} hold by {0} only. They pass {1} first, and want {2} of "
            + "wood to bite in.";
    static final String SCREWS_COME_THROUGH = "The screws of the {name} would leave {0} of wood over their tips; {1} must "
            + "stay.";
    static final String SCREWS_COME_OUT = "The screws of the {name} would come out by {0} on the other side.";
    static final String TAKE_SCREWS_OF = "Take screws of {0}";
    static final String GLASS_LIES_ON_THE_ART = "The %s lies on the art. Damp will make it stick: keep them apart by a mat, "
            + "or by spacers of {0} all round.";
    static final String PUT_A_MAT_IN = "Put a mat in";
    static final String PUT_SPACERS_IN = "Put spacers of {0} in";
    static final String CLIPS_STEP_UP = "The pack stands {0} proud of the back: take offset clips that step up by that much.";
    static final String HEAVY_MIRROR = "The glass alone weighs {0}. Two people lift it, and nobody carries the frame by its "
            + "top.";

    // FitOutSlate

    static final String CUT_LAYER = "Cut the %s";
    static final String LAYER_WIDTH = "%s width";
    static final String LAYER_HEIGHT = "%s height";
    static final String AS_WIDE_AS_IT_GOES = "rabbet size less the play it needs";
    static final String AS_WIDE_AS_WHAT_IS_HELD = "as large as what is held";
    static final String STRAIGHTEDGE = "Straightedge off the glass line";
    static final String HALF_A_CUTTER = "half the width of a common cutter's head; measure yours";
    static final String WIDEST_SPACE = "Widest space";
    static final String FROM_CORNER = "From each corner";
    static final String AT_LEAST_TWO_A_SIDE = "two a side at least, one at {0} from each corner, the rest no further apart "
            + "than {1}";
    static final String ALONG_THE_SIDES = "the longest space along any side";
    static final String SCREWS_OF = "Screws, %s";
    static final String SCREW_LENGTH = "Screw length";
    static final String SCREWS_BITE = "They bite";
    static final String BITE_FORMULA = "{0} − {1}";
    static final String PASSES = "passes";
    static final String FABRIC = "Fabric";
    static final String FABRIC_WIDTH = "Fabric width";
    static final String FABRIC_HEIGHT = "Fabric height";
    static final String FABRIC_FORMULA = "outside + 2 × ({0} + {1})";
    static final String DEPTH = "depth";
    static final String RETURN = "return";
    static final String WEIGHT = "Weight";
    static final String WOOD = "wood";
    static final String WHAT_IS_IN_IT = "what is in it";

    // FitOutFields

    static final String GLASS_WIDTH = "Width of the glass that you have";
    static final String GLASS_HEIGHT = "Height of the glass that you have";
    static final String LENGTH_OF_RETAINERS = "Length of points, nails, clip screws";
    static final String FIRST_FROM_CORNER = "First one from the corner";
    static final String MOST_APART = "Most from one to the next";
    static final String SCREW_LENGTH_OF = "Screw length of a ring";
    static final String FIRST_SCREW_FROM_END = "First screw from the end";
    static final String SCREWS_MOST_APART = "Most from screw to screw";

    // FitOutFigure

    static final String OPEN_BACK = "The frame face down, open, with what goes in";
    static final String TOP = "top";
    static final String SCREW_OF = "Screws of the %s";

    // FitOutPictures

    static final String SO_MANY = "%s of them";
    static final String ALL_ROUND = "all round";
    static final String EACH_CORNER = "one a corner";
    static final String PACK_IS_PROUD = "the pack is proud";
    static final String THROUGH_THE_WALL = "too long for the wall";
    static final String THROUGH_THE_FACE = "too long for the wood";

    // FitOutSteps

    static final String STEP_CLEAN = "Clean the glazing on both faces, and brush lint out of the rabbet.";
    static final String STEP_GLAZING_IN = "Lay the glazing in, then the mat with the art hinged to it at the top only, by two "
            + "hinges of acid-free tape.";
    static final String STEP_GLAZING_IN_NO_MAT = "Lay the glazing in, with spacers round its edge, then the art.";
    static final String STEP_GLAZING_IN_SPACED = "Stick the spacers round the edge of the glazing, where the lip hides them; lay it in, "
            + "then the art.";
    static final String STEP_ART_IN = "Lay the art in, face down.";
    static final String STEP_BACKING = "Lay the backing on, put in two %s, and turn it over: lint, fingerprints, a crooked "
            + "window? Now is the time.";
    static final String STEP_TWO_POINTS = "Put in two %s, and turn it over: lint, fingerprints, a crooked window? Now is the "
            + "time.";
    static final String STEP_ALL = "The rest of the %s: the first {0} from each corner, then no more than {1} apart.";
    static final String STEP_CORNERS = "Glue %s in, one to each corner, and let them dry.";
    static final String STEP_STRIP = "Pin a strip all round behind the pack, into the wall.";
    static final String STEP_DUST = "Dust seal of paper or tape, {0} in from the outer edge; then hanger and bumpers.";
    static final String STEP_STRAINER = "No dust paper over the {name}: tape the seam.";
    static final String STEP_BLACKEN = "Blacken the inner faces of the rim and the backer before the art goes in.";
    static final String STEP_CENTER = "Lay the art face down in the rim, and center it with card of {0} on all four sides.";
    static final String STEP_SCREW_BACKER = "Screw the {name} to the art from behind, a pilot hole for each screw, countersunk.";
    static final String STEP_LOOK = "Turn it over: is the gap even all round?";
    static final String STEP_PANEL_OUT = "Lift the panel out before anything wet goes near it. Pencil a line across {name} and "
            + "panel: so it goes back.";
    static final String STEP_PANEL_IN = "Lay frame and panel face down on a flat board, so that they come flush; screw the {name} "
            + "to the panel.";
    static final String STEP_MIRROR_CLIPS = "Plastic clips come off first, one holds the mirror meanwhile; screws with washers "
            + "into studs take their place.";
    static final String STEP_MIRROR_GLUE = "Adhesive in waves over the outer two thirds of each back, {0} off the edge that "
            + "shows, none in the miters.";
    static final String STEP_MIRROR_ORDER = "Bottom first, then the sides, then the top; hold each until it grabs. "
            + "Tape, and a batten below, carry them until the adhesive has set.";
    static final String STEP_FABRIC = "Cut the fabric {0} × {1}, its weave along the bars.";
    static final String STEP_STAPLES = "Staple from the middle of each side outwards, opposite sides in turn.";
    static final String STEP_FOLDS = "Corners last: fold flat, staple through the fold.";
    static final String STEP_SAND = "Sand the edges first, or the fabric snags.";
    static final String STEP_GROOVE_GLASS = "Clean the glass on both faces, and slide it into its groove before the last side is "
            + "glued on.";
    static final String STEP_GROOVE_DEVICE = "Blacken the inside behind a two-way mirror. Rest what is heavy on the bar, not on the "
            + "glass, and press it forward with the brackets.";
    static final String STEP_BEHIND_THE_FACE = "Lay the frame face down, put in what it holds, against the face, and block it from "
            + "behind.";
    static final String STEP_NOTHING = "Nothing goes into this frame.";

    // FitOutCautions

    static final String CAUTION_GLASS = "Cut glass with goggles and gloves; dull the edges before you handle it.";
    static final String CAUTION_DEVICE = "Leave plugs, mains wiring and the heat of a device to its manual and to an electrician: keep "
            + "its vents free.";
    static final String CAUTION_MIRROR = "Be ready to catch the mirror. Close the drain before you handle small screws.";
    static final String CAUTION_STAPLES = "Keep the hand that holds out of the stapler's line.";
    static final String CAUTION_DRIVER = "A driver shoots points: press it flat, and keep fingers off the far wall.";

    private FitOutTexts() {}
}
