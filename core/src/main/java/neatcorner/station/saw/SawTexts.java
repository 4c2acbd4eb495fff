package neatcorner.station.saw;

/**
 * What the station of the saw says in findings, slates, fields and figures. {@code %s} stands for words that are filled in,
 * <code>{0}</code> for quantities.
 */
final class SawTexts {
    // Assembly

    static final String DADO = "dado";
    static final String DADO_FORMULA = "a third of the side it is cut into";
    static final String TURNED = "%s, turned";

    // ClosingFigure

    static final String AS_PLANNED = "as planned";
    static final String HOW_THE_FRAME_CLOSES = "How the frame closes";
    static final String LAST_CORNER = "Last corner";
    static final String ALL_TIGHT_BUT_THE_LAST = "all tight but the last corner";
    static final String BAND_SPREADS_IT = "a band spreads it";
    static final String TRUE_TO_SCALE = "true to scale";
    static final String ERRORS_DRAWN_TIMES_AS_LARGE = "errors drawn %s times as large";
    static final String CORNER = "Corner %s%s";

    // DryFitFigure

    static final String DRY_FIT_IS_READ = "A dry fit is read on rectangles";
    static final String NO_DRY_FIT = "No dry fit";
    static final String TYPE_EACH_GAP_WHERE = "type each gap where it is: outside at the heel, inside at the toe; both "
            + "diagonals from corner to corner";
    static final String FRAME_PUT_TOGETHER_DRY = "The frame put together dry";

    // DryFitWords

    static final String PUT_THE_FRAME_TOGETHER = "Put the frame together dry. Where light comes through, slip in a feeler "
            + "or a strip of paper, and type the gap there: at the heel outside, at the toe inside. Then both diagonals.";
    static final String NO_SINGLE_CAUSE_EXPLAINS = "No single cause explains all of this.";
    static final String DIAGONAL_IN_QUESTION = "A diagonal of {0} is not of this frame, where {1} is due from outer corner "
            + "to outer corner: measure again. Diagonals are left out of what follows.";
    static final String AND_ALSO = "And: %s";
    static final String OR_ELSE = "Or: %s";
    static final String THAT_LEAVES_UNEXPLAINED = "That leaves unexplained: %s.";
    static final String LESS_AT_TOE = "{%s} at the toe of %s, where less is read";
    static final String LESS_AT_HEEL = "{%s} at the heel of %s, where less is read";
    static final String LEFT_AT_TOE = "{%s} at the toe of %s";
    static final String LEFT_AT_HEEL = "{%s} at the heel of %s";
    static final String BOTH = " and ";
    static final String NOTHING_IS_WRONG = "nothing is wrong";
    static final String NONE_OF_THESE = "none of these";
    static final String SOMETHING_ELSE = "Nothing that can be wrong with a cut, a length or a clamp reads like this: read the gaps "
            + "once more, with the frame lying flat and no clamp on it, and measure the pieces as cut.";
    static final String DIAGONALS_DUE = "Both diagonals should read";
    static final String DUE_ON_BOTH = "due on both diagonals";
    static final String DIAGONAL_FORMULA = "√({0}² + {1}²), corner to corner outside";
    static final String OUTSIDE_WIDE = "outside width";
    static final String OUTSIDE_HIGH = "outside height";
    static final String STANDS_OPEN = "A corner stands open by {0}, and {1} are let pass: what may be the cause is said above.";
    static final String SAW_ANGLE = "saw angle";
    static final String ONE_CUT_AT = "one cut at %s";
    static final String LENGTH_OF = "length of %s";
    static final String LENGTHS_OF_A_PAIR = "lengths of a pair";
    static final String NOT_HOME = "%s not home";
    static final String OUT_OF_SQUARE = "out of square";
    static final String BLADE_TILT_OR_THICKNESS = "blade tilt or thickness";
    static final String TWISTED_SIDE = "a twisted side";
    static final String NOTHING_TO_MEND_ALL = "Nothing to mend: what stands open is no more than a gauge reads wrong.";
    static final String PIECE_IS_SHORTER = "Piece %s is about {0} shorter than %s: take that off one end of %s, {1} square "
            + "to the cut, heel and toe alike, or cut %s anew. Then both close.";
    static final String PIECE_IS_LONGER = "Piece %s is about {0} longer than %s, and the corners share it: take that off "
            + "one end of %s, {1} square to the cut, heel and toe alike. Then they lie alike.";
    static final String OPPOSITE_SIDES_DIFFER_IN_LENGTH = "Opposite sides differ in length by about {0}: lay each pair "
            + "together, and take the difference off the longer, heel and toe alike.";
    static final String CORNER_NOT_HOME = "Corner %s stands open by {0} at heel and toe alike: push it home; if it does "
            + "not go, %s or %s is short by {1}, or its twin long.";
    static final String FACES_ARE_STEPPED = "The faces are stepped by {0}: the blade does not stand square to the table, "
            + "or the sticks differ in thickness.";
    static final String IT_ROCKS_BY_SO = "It rocks by {0}, so a side is twisted: sight along each piece, plane or replace "
            + "the one that winds.";
    static final String EVERY_MITER_IS_TOO_BIG = "Every miter is too big: turn the saw towards square by {0}. To mend "
            + "these, take {1} off the heel of every end, square to the cut, and nothing off the toe: {2} along the piece. "
            + "Then all four close, and outside each piece is {3} shorter.";
    static final String EVERY_MITER_IS_TOO = "Every miter is too small: turn the saw away from square by {0}. To mend "
            + "these, take {1} off the toe of every end, square to the cut, and nothing off the heel. Then all four close, "
            + "and the sight is {2} smaller.";
    static final String THEN_THE_CORNER_CLOSES = "Then the corner closes.";
    static final String THEN_THE_CORNER_CLOSES_THE_PACK = "Then the corner closes; the pack keeps {3} of play along it.";
    static final String THEN_THE_CORNER_CLOSES_NO_PACK = "Then the corner closes, but the pack no longer goes in along it.";
    static final String ONE_CUT_IS_OFF_AT_THE_HEEL = "One of the two cuts at %s is off by {0}: take {1} off the heel at "
            + "the right end of %s, or at the left end of %s, square to the cut, down to nothing at the toe; that is {2} "
            + "along the piece. %s";
    static final String ONE_CUT_IS_OFF_AT_THE_TOE = "One of the two cuts at %s is off by {0}: take {1} off the toe at the "
            + "right end of %s, or at the left end of %s, square to the cut, down to nothing at the heel; that is {2} "
            + "along the piece. %s";
    static final String TOP_RIGHT = "top right";
    static final String TOP_LEFT = "top left";
    static final String FRAME_IS_RACKED_BY_SQUEEZE = "The frame is racked by {0}: squeeze the diagonal from the %s, which "
            + "is {1} the longer, until both agree. Then the corners close by themselves.";

    // FixtureFigure

    static final String FENCE = "fence";
    static final String AUXILIARY_FENCE = "auxiliary fence, square to the saw's own";
    static final String SET_THE_SAW_TO = "Set the saw to";
    static final String SET_THE_SAW_TO_HERE = "set the saw to";
    static final String CLAMP_THE_STICK_NEVER = "clamp the stick; never hold it by hand here";
    static final String CLAMP_THE_STICK_FIRST = "clamp the stick, first miter at its stop";
    static final String LENGTH_ALONG_THE_OUTER = "Length along the outer edge";
    static final String TABLE_WITH_A_FIXTURE = "The saw table from above, with a fixture";

    // MeasuredFindings

    static final String AS_CUT_RABBET_TOO_SHORT = "As cut, the rabbet along piece %s is {0} too short for the pack: cut "
            + "the pack down, plane the rabbet's wall, or cut the piece anew.";
    static final String AS_CUT_THE_PACK = "As cut, the pack has only {0} of play along piece %s.";
    static final String AS_CUT_THE_LIP = "As cut, the lip covers the pack by only {0} along piece %s when it slides to one "
            + "side.";
    static final String AS_CUT_THE_PACK_SHOWS = "As cut, the pack shows or drops out along piece %s when it slides to one "
            + "side.";
    static final String MEASURED_AS_ANOTHER = "Piece %s cannot be this one: it was measured {0} long with ends of {1} and {2}, and is "
            + "planned {3} long with {4} and {5}. Measure it again.";
    static final String TAKE_IT_BACK = "Take what was measured of it back";
    static final String LONGER_THAN_ITS_TWIN = "Piece %s is {0} longer than its twin %s.";
    static final String PUT_TOGETHER_LIKE_THIS_CORNERS = "Put together like this, corners open by up to {0} under a band, "
            + "or by {1} in the last one.";
    static final String PUT_TOGETHER_LIKE_THIS_A_CORNER = "Put together like this, a corner is off by {0}.";
    static final String DIAGONALS_DIFFER_BY_SO = "The diagonals differ by {0}, so the frame leans by {1}: push one end "
            + "over by {2} before the glue sets.";
    static final String IN_THE_DRIEST_MONTH = "In the driest month the miters open by {0} inside: glue at the moisture of "
            + "the place, or reinforce.";
    static final String IN_THE_DAMPEST_MONTH = "In the dampest month the miters open by {0} outside: glue at the moisture "
            + "of the place, or reinforce.";
    static final String TAKE_QUARTERSAWN = "Take quartersawn wood";
    static final String TAKE_QUARTERSAWN_AT = "Take quartersawn wood and let it come to {0} first";
    static final String LET_THE_WOOD_COME = "Let the wood come to {0} first";
    static final String PERCENT_MOISTURE = "% moisture";

    // SawFields

    static final String SAW_KERF = "Saw kerf";
    static final String ROUGH_ALLOWANCE = "Rough allowance";
    static final String SHORTEST_PIECE_HELD_BY_HAND = "Shortest piece held by hand";
    static final String WIDEST_GAP_LET_PASS = "Widest gap let pass";
    static final String LIFTS_OFF_A_FLAT = "Lifts off a flat table by";
    static final String PIVOT_TO_THE_MARKS = "Pivot to the marks of the scale";
    static final String BLADE_TO_THE_FENCES = "Blade to the fence's end";
    static final String OPEN_OUTSIDE_AT_THE_HEEL = "Open outside, at the heel";
    static final String OPEN_INSIDE_AT_THE_TOE = "Open inside, at the toe";
    static final String STEP_IN_THE_FACE = "Step in the face";
    static final String LENGTH_AS_CUT = "Length as cut";

    // SawFigure

    static final String TABLE_FROM_ABOVE = "The saw table from above";
    static final String MITER = "Miter";
    static final String STOP_AT_THE_TOE = "stop, at the toe";
    static final String LEAVE = "Leave";
    static final String STOP = "Stop";
    static final String FACE_DOWN = "face down";
    static final String FACE_UP = "face up";
    static final String SIGHT_EDGE_AND_RABBET = "sight edge and rabbet towards you";
    static final String TILT = "Tilt";
    static final String BLADES_TOP_TO_THE = "blade's top to the %s";
    static final String WASTE = "waste";
    static final String WASTE_TOWARDS_THE_START = "waste, towards the start of %s";

    // SawFindings

    static final String TOO_SHORT_TO_HOLD = "Too short to hold by hand: %s ({0}, the limit is {1}). Clamp them, use a "
            + "sled, or cut the miters before cutting them from the stick.";
    static final String SAW_SWINGS_TOO_LITTLE = "The saw swings to {0}, the steepest miter is {1}: clamp the stick square "
            + "to an auxiliary fence and cut the complement, {2}.";
    static final String GIVE_ALL_SIDES_THE_SAME = "Give all sides the same width";
    static final String SAW_TILTS_TOO_LITTLE = "The saw tilts to {0}, the cut needs {1}: hold the stick at its slope "
            + "against the fence and cut a plain miter, or make a sloped carrier.";

    // SawPictures

    static final String CUTS = "Cuts";
    static final String TEST_CORNER = "Test corner";
    static final String WHAT_TO_EXPECT = "What to expect";
    static final String AS_CUT = "As cut";
    static final String DRY_FIT = "Dry fit";
    static final String SEASONS = "Seasons";

    // SawSlate

    static final String FIRST_CUT = "First cut: %s";
    static final String MITER_FOR = "Miter for %s";
    static final String IN_THE_FIXTURE_SET = "In the fixture, set";
    static final String IN_THE_FIXTURE_SET_FOR = "In the fixture, set for %s";
    static final String COMPLEMENT_OF_THE_MITER = "90° less {0}, the stick square to an auxiliary fence";
    static final String SCALE_READS = "Scale reads";
    static final String SCALE_READS_FOR = "Scale reads for %s";
    static final String THIS_SCALE_COUNTS_FROM_THE_FENCE = "this scale counts from the fence";
    static final String TILT_FOR = "Tilt for %s";
    static final String BEVEL_FORMULA = "the angle whose sine is the sine of half the turn at the corner × the sine of the "
            + "slope";
    static final String SIDES_RUN_STRAIGHT_ON = "the sides run straight on";
    static final String THIS_END_IS_CUT = "this end is cut square to the long point";
    static final String SLOPED_MITER_FORMULA = "the angle whose tangent is the tangent of half the turn at the corner × "
            + "the cosine of the slope";
    static final String MITER_FORMULA = "the angle whose tangent is the other face ÷ this face";
    static final String FROM_THE_CORNERS_ANGLE = "from the corner's angle and the two face widths";
    static final String STOP_STAYS_FOR_TOE_AGAINST_IT = "Stop stays, for %s, toe against it";
    static final String STOP_FOR_TOE_AGAINST_IT = "Stop for %s, toe against it";
    static final String STOP_STAYS_FOR = "Stop stays, for %s";
    static final String STOP_FOR = "Stop for %s";
    static final String ROUGH_LENGTH = "Rough length";
    static final String ROUGH_LENGTH_OF = "Rough length of %s";
    static final String ITS_SHARE_OF_THE_WHOLE = "its share of the whole side, with the scarf's overlap";
    static final String SPAN_TO_THE_SIGHT_EDGE = "{0} + {1}, by which the sight edge stands out";
    static final String OUTER_LENGTH = "Outer length";
    static final String BETWEEN_THE_HEELS = "between the heels";
    static final String SIGHT_EDGE_PAST_IT = "Sight edge past it";
    static final String AT_THE_INWARD_CORNER = "at the inward corner";
    static final String LENGTH_OF_THE_OUTER = "the length of the outer edge, between the heels";

    // SawSlates

    static final String GAP = "Gap";
    static final String CONTACT = "Contact";
    static final String ERROR_OF_ONE_CUT = "Error of one cut";
    static final String ERROR_FORMULA = "half the angle whose tangent is {0} ÷ {1}";
    static final String CLOSED_LEAVE_THE_SAW = "Closed: leave the saw as it is";
    static final String TILT_OFF_THE_BACK = "Tilt the blade: take more off the back";
    static final String TILT_OFF_THE_FACE = "Tilt the blade: take more off the face";
    static final String TURN_TOWARDS_SQUARE_BY = "Turn towards square by";
    static final String TURN_AWAY_FROM_SQUARE = "Turn away from square by";
    static final String SCALE_READS_NOW_THEN = "Scale reads now / then";
    static final String SCALE_READS_NOW = "Scale reads now";
    static final String SCALE_READS_THEN = "Scale reads then";
    static final String AS_THIS_SCALE_COUNTS = "{0} less {1}, as this scale counts";
    static final String TRAVEL_AT_THE_SCALE = "Travel at the scale";
    static final String PIVOT_TO_MARKS = "Pivot to marks";
    static final String ALONG_THE_SCALE = "Along the scale";
    static final String SHIM = "Shim";
    static final String SHIM_FORMULA = "{0} × tan {1}";
    static final String OR_SHIM_THE_FENCE = "Or shim the fence near the blade";
    static final String OR_SHIM_THE_FAR_END = "Or shim the fence's far end";
    static final String READINGS_KEPT = "Readings kept";
    static final String READINGS = "Readings";
    static final String OFF_BY_NOW = "Off by now";
    static final String LAST_READING_OR_NOTHING = "the last reading, or nothing once the saw was turned by it";
    static final String DRIFT_IN_ALL = "Drift in all";
    static final String ALL_THAT_WAS_TURNED = "all that was turned away, and the last reading";
    static final String EVERY_CUT_IS_OFF = "Every cut is off by";
    static final String LAST_READING_OF_THE_SAW = "the last reading of the saw";
    static final String CUTS_VARY_BY = "Cuts vary by";
    static final String USUAL_FOR_A_SAW = "usual for a saw in good order, until there are more readings";
    static final String SPREAD_OF_THE_SAWS = "spread of the saw's own readings";
    static final String AND_VARIES_BY = "and varies by";
    static final String LAST_CORNER_BY_THE_STEADY = "Last corner, by the steady error";
    static final String LAST_CORNER_FORMULA = "contact × tan (%s × {0})";
    static final String EACH_CORNER_BY_THE_STEADY = "Each corner, by the steady error";
    static final String EACH_CORNER = "Each corner";
    static final String EACH_CORNER_FORMULA = "contact × tan (2 × {0})";
    static final String LAST_CORNER_HALF_NINE = "Last corner, half / nine in ten stay under";
    static final String SPREAD_HALF_NINE_IN_TEN = "Spread, half / nine in ten stay under";
    static final String GAP_LET_PASS = "Gap let pass";
    static final String ODDS_OF_PASSING_SPREAD = "Odds of passing, spread";
    static final String ODDS_OF_PASSING = "Odds of passing";
    static final String SHARE_OF_FRAMES_CUT = "share of %s frames cut in imagination with no gap over {0}";
    static final String FROM_FRAMES_CUT_IN_IMAGINATION = "from %s frames cut in imagination, always the same ones";
    static final String HALF = "%s: half";
    static final String NINE_IN_TEN = "%s: nine in ten";
    static final String ANGLE_ERRORS_TOGETHER = "Angle errors together";
    static final String LAST_CORNER_OPENS_BY = "Last corner opens by";
    static final String OPENS_BY_FORMULA = "contact × tan {0}";
    static final String AND_ITS_ENDS_MISS = "and its ends miss by";
    static final String ENDS_MISS_BY = "Ends miss by";
    static final String ALL_PIECES_LAID_END = "all pieces laid end to end, each turned by its errors";
    static final String WIDEST_GAP_UNDER_A_BAND = "Widest gap under a band";
    static final String ERRORS_SPREAD_OVER_ALL = "errors spread over all corners, as evenly as a band would";
    static final String BETWEEN_THE_OUTER_CORNERS = "between the outer corners as the band leaves them";
    static final String DIAGONAL_FROM_TOP_LEFT = "Diagonal from the top left";
    static final String DIAGONAL_FROM_TOP_RIGHT = "Diagonal from the top right";
    static final String LEANS_BY = "Leans by";
    static final String LEANS_BY_FORMULA = "difference of the diagonals × their mean ÷ (2 × width × height)";
    static final String PLAY_OF_THE_PACK = "Play of the pack, as cut";
    static final String RABBET_ALONG_THE_TIGHTEST = "the rabbet along the tightest piece, less the pack";
    static final String GAP_IN_THE_BEST = "Gap in the best order, unshaved";
    static final String EVERY_ORDER_OF_ALIKE = "every order of like pieces was tried; none closes better";
    static final String GAP_ONCE_MENDED = "Gap after all that is said";
    static final String AFTER_WHAT_IS_SAID = "in that order, and shaved as is said below";
    static final String AFTER_BOTH = "In that order, and shaved so, the widest gap that stays is {0}.";
    static final String PUT_TOGETHER_IN_THIS_ORDER = "Put them together in this order, clockwise from the top: %s. That is "
            + "the best of all orders: {0} instead of {1}.";
    static final String SHAVE_THE_RIGHT_END = "Shave the right end of %s, square to the cut: {0} at the heel, {1} at the "
            + "toe; along the piece {2} and {3}.";
    static final String SHAVE_THE_LEFT_END = "Shave the left end of %s, square to the cut: {0} at the heel, {1} at the "
            + "toe; along the piece {2} and {3}.";
    static final String CUT_AGAIN_TOO_SHORT = "Cut %s again: it is {0} too short, and no shaving that keeps the pack "
            + "dropping in mends it.";
    static final String CUT_AGAIN_TOO_LONG = "Cut %s again: it is {0} too long, and no shaving that keeps the pack "
            + "dropping in mends it.";
    static final String NOTHING_TO_DO_EVERY = "Nothing to do: every gap stays under {0}.";
    static final String RABBET_TOO_SHORT = "The rabbet along piece %s is {0} too short for the pack: cut the pack down, "
            + "plane the rabbet's wall, or cut the piece anew.";
    static final String AFTER_THAT_THE_PACK = "After that the pack has {0} of play, at the least.";
    static final String RABBET_IS_LONG = "Along piece %s the rabbet is long: the lip covers the pack by {0} only when it "
            + "slides to one side. Fix the pack in the middle with shims.";
    static final String HOW_WELL_THIS_EXPLAINS = "how well this explains all readings, against the others";
    static final String DRIEST_MONTH = "Driest month";
    static final String DAMPEST_MONTH = "Dampest month";
    static final String MOISTURE_AT_REST = "Moisture at rest";
    static final String FROM_THE_AIRS_TEMPERATURE = "from the air's temperature and humidity";
    static final String CHANGE_OF_THE_FACE = "Change of the face width";
    static final String FACE_WIDTH_FORMULA = "({0} − moisture at the glue-up) × the wood's movement";
    static final String SEASON_OPENS_INSIDE = "%s: opens inside";
    static final String SEASON_OPENS_OUTSIDE = "%s: opens outside";
    static final String GAP_IN = "%s, gap";
    static final String SEASON_GAP_FORMULA = "face width × change × what the miter makes of it, {0}";
    static final String WOOD_COMES_TO = "Wood comes to";

    // SawWords

    static final String SAW_SQUARE = "saw square";
    static final String SAW_TO_THE = "saw {0} to the %s";
    static final String SAW_IN_THE_FIXTURE = "for {0}, stick square to an auxiliary fence and saw {2} from square";
    static final String AND_BLADE_TILTED = "%s, blade tilted {1} with its top to the %s";
    static final String SQUARE_CUT = "Square cut";
    static final String MITER_TO_THE = "Miter, to the %s";
    static final String BLADE_UPRIGHT = "Blade upright";
    static final String TILT_TOP_TO_THE = "Tilt, top to the %s";
    static final String MEASURED_FROM = " (from the blade's line at the %s; the %s touches it)";

    // SeasonFigure

    static final String SAY_WHERE_THE_FRAME = "Say where the frame will hang to see what the year does to its miters";
    static final String SEASONS_ARE_READ_ON_FLAT = "The seasons are read on flat frames with straight sides";
    static final String NO_SEASONS_YET = "No seasons yet";
    static final String IN_DRIEST_MONTH = "driest month";
    static final String AS_GLUED = "as glued";
    static final String IN_DAMPEST_MONTH = "dampest month";
    static final String CORNER_THROUGH_THE_YEAR = "A corner through the year";
    static final String OPENS_INSIDE = "opens inside";
    static final String OPENS_OUTSIDE = "opens outside";
    static final String DRAWN_TIMES_AS_WIDE = "drawn %s times as wide";
    static final String MOISTURE_AT_THE_GLUE = "Moisture at the glue-up";

    // TestCornerFigure

    static final String WHERE_DOES_LIGHT_COME = "where does light come through?";
    static final String TEST_CORNER_FIGURE = "A test corner";
    static final String CLOSED_ALL_ALONG = "closed all along";
    static final String MITER_TOO_SMALL = "open outside, at the heel: the miter is too small";
    static final String MITER_TOO_BIG = "open inside, at the toe: the miter is too big";
    static final String OPEN_ON_THE_FACE = "open on the face, tight on the back";
    static final String OPEN_ON_THE_BACK = "open on the back, tight on the face";
    static final String NOW = "now";
    static final String TURN_HERE = "turn here";
    static final String SAW_FROM_ABOVE = "the saw from above";
    static final String SAW_FROM_ABOVE_TURN_LARGER = "the saw from above; the turn is drawn larger";

    // SawChapter

    static final String CAUTION_PROTECTED = "Eyes and ears protected, dust mask on; guards in place. The saw's manual decides.";
    static final String CAUTION_BLADE = "The blade stands still before a hand goes near it; never reach behind it.";
    static final String CAUTION_SHORT = "Pieces under {0} are clamped or cut on a sled, not held by hand.";

    private SawTexts() {}
}
