package neatcorner.station.hanging;

/**
 * All that this station says about a frame. {@code %s} stands for words that are filled in, <code>{0}</code> for the first
 * quantity.
 */
final class HangingTexts {
    // HangingFindings

    static final String HOOK_SHOWS = "The hook comes {0} below the top edge only, and will be seen.";
    static final String HOOK_STANDS_ABOVE = "The wire comes up {0} above the top edge of the frame.";
    static final String HANG_THE_WIRE_FLATTER = "Hang the wire at {0}";
    static final String RINGS_LOWER = "Set the rings {0} down";
    static final String SIDES_BEND = "The wire pulls the sides in by {0}.";
    static final String HANG_BY = "Hang it by %s";
    static final String RATING_TOO_LOW = "One fixing carries {0} and should be rated {1}, four times as much; its label says "
            + "{2}.";
    static final String FIXING_CANNOT_HOLD = "One fixing carries {0}, and its label says {1}: it would not hold.";
    static final String SO_MANY_HOOKS = "Hang it on {0} hooks";
    static final String TOO_WIDE_FOR = "At {0} it is too wide for %s: good up to {1}.";
    static final String TOO_HIGH_FOR = "At {0} it is too high for %s: good up to {1}.";
    static final String NONE_SO_STRONG = "The %s would carry {0} and has to be rated {1}; the strongest that is usual is good for {2}.";
    static final String LABEL_TOO_LOW = "The %s would carry {0} and has to be rated {1}; its label says {2}.";
    static final String GOOD_UP_TO = "At {0} it is too heavy for the %s: good up to {2}.";
    static final String STRIP_TOO_WEAK = "Each %s would carry {0}, and holds {2}.";
    static final String SO_MANY_STRIPS = "Hang it on {0} strips";
    static final String STRIPS_OVER_PEOPLE = "People sleep or sit below it: strips let go without a sound. Nothing hangs on them "
            + "there.";
    static final String TOO_MANY_SCREWS = "In this wood each ring would take {0} screws of {1} with {2} of thread; no ring has so "
            + "many.";
    static final String NO_WOOD_IN_FRAME = "The frame has too little wood at its back for %s: {0} wide and {1} deep, and screws "
            + "take {2} and {3}. A strainer, or a thicker piece behind it, would hold them.";
    static final String NO_WOOD_IN_RING = "The {name} has most wood at the back, and too little for %s: {0} wide and {1} deep, "
            + "and screws take {2} and {3}. A strainer, or a thicker piece behind it, would hold them.";
    static final String SCREWS_TOO_FAR_APART = "The screws reach over {0}, and there is room for {1}.";
    static final String SCREWS_CLOSER = "Set them {0} apart";
    static final String ADHESIVE_TOO_WEAK = "The frame weighs {0}, and adhesive on this zone holds {1} for good: let screws or clips "
            + "below its bottom edge carry it as well.";
    static final String TOO_FEW_HINGES = "A leaf {0} high takes {1} hinges.";
    static final String SO_MANY_HINGES = "Put {0} on it";
    static final String ONE_FIXING_OVER_PEOPLE = "People sleep or sit below it: two fixings, so that one may fail.";
    static final String WALL_TOO_LOW = "Its top would be {0} above the floor, and the wall is {1} high.";
    static final String BELOW_THE_FLOOR = "Its bottom would be {0} below the floor.";
    static final String ON_THE_FURNITURE = "Its bottom would be {0} above what stands below; {1} at least looks right.";
    static final String CENTER_IT_AT = "Hang its center at {0}";
    static final String RINGS_OFF_THE_FRAME = "The rings would be {0} down, and the frame is {1} high.";
    static final String RINGS_AT = "Set them {0} down";
    static final String HOOKS_TOO_FAR_APART = "The hooks are {0} apart, and the rings {1}.";
    static final String HOOKS_CLOSER = "Set the hooks {0} apart";
    static final String GLASS_OVER_PEOPLE = "Glass hangs where people sit or sleep: acrylic or safety glazing, as local codes "
            + "ask.";

    // HangingSlate

    static final String WEIGHT = "Weight";
    static final String WOOD = "wood";
    static final String WHAT_IS_IN_IT = "what is in it";
    static final String HOOK_HEIGHT = "Hook above the floor";
    static final String HOOK_HEIGHT_FORMULA = "{0} + half of {1} − {2}";
    static final String CENTER_HEIGHT = "center";
    static final String FRAME_HEIGHT = "frame's height";
    static final String DROP = "Hook below the top edge";
    static final String DROP_FORMULA = "{0} − half of {1} × tan {2}";
    static final String DROP_IN_THE_MIDDLE = "in the middle of the top piece";
    static final String RINGS_DOWN = "rings from the top";
    static final String FREE_SPAN = "free span";
    static final String WIRE_ANGLE = "angle of the wire";
    static final String BETWEEN_HOOKS = "From hook to hook";
    static final String AS_WIDE_AS_THE_RINGS = "as far apart as the rings";
    static final String TENSION = "Pull in the wire";
    static final String TENSION_FORMULA = "weight ÷ (2 × sin {0})";
    static final String WIRE_TO_CUT = "Wire to cut";
    static final String WIRE_FORMULA = "the legs, and {0} to wrap at each end";
    static final String WRAP = "as much";
    static final String ADHESIVE_HOLDS = "Adhesive holds";
    static final String ADHESIVE_FORMULA = "a wavy bead on the outer part of each back, for good: the label decides";
    static final String EACH_HINGE = "Each hinge carries";
    static final String EACH_HINGE_FORMULA = "{0} ÷ {1}";
    static final String HINGES = "hinges";
    static final String RATING_OF_THE_WIRE = "Rating of the wire";
    static final String HARDWARE = "Rating of each %s";
    static final String HARDWARE_LIMIT = "so much is it good for, and not more";
    static final String SCREWS_EACH = "Screws of each %s";
    static final String SCREWS_EACH_FORMULA = "{0} thick, {1} of thread: together good for four times its pull, by what this wood "
            + "holds of a thread";
    static final String SCREW_THICK = "Screw, thickness";
    static final String SCREW_GAUGE = "Screw, gauge";
    static final String SCREW_BITE = "Thread in the wood";
    static final String SCREWS_OF_CLEAT = "Screws of the cleat into the frame";
    static final String SCREWS_OF_CLEAT_FORMULA = "4 × {0}, by 400 N each";
    static final String RATING_EACH = "Rating of each fixing";
    static final String RATING_FORMULA = "4 × {0}";
    static final String LOAD = "what it carries";
    static final String BEND = "Sides bend by";
    static final String BEND_FORMULA = "the wire pulls {0} at {1} from the end of a side of {2}";
    static final String PULL = "sideways";
    static final String FROM_END = "the ring";
    static final String SIDE_LENGTH = "its length";
    static final String FOOT = "Leg, hinge to foot";
    static final String FOOT_FORMULA = "two thirds of {0} ÷ cos {1}: hinged two thirds up, its foot on the table";
    static final String LEAN = "it leans back";

    // HangingFields

    static final String CENTER_ABOVE_THE_FLOOR = "Center above the floor";
    static final String RINGS_FROM_THE_TOP = "Rings from the top";
    static final String HOOKS_APART = "Hooks apart";
    static final String CEILING = "Height of the wall";
    static final String FURNITURE = "Height of what stands below";

    // HangingFigure

    static final String ON_THE_WALL = "The frame on its wall";
    static final String BUMPERS = "Bumpers at the bottom, thick";
    static final String BUMPERS_FORMULA = "as the usual cleat stands off, so that the frame hangs plumb";
    static final String BUMPER = "bumper";
    static final String FROM_BEHIND = "from behind";
    static final String RING_SPAN = "From ring to ring";

    // HangingChoices

    static final String RATED_EACH = "each rated {0}";
    static final String RATED = "rated {0}";
    static final String ON_A_SHELF = "on a shelf";
    static final String TOO_HEAVY = "too heavy";
    static final String NO_WOOD_THERE = "no wood there";
    static final String TOO_LARGE = "too large";
    static final String NOT_OVER_PEOPLE = "not over people";
    static final String ON_ITS_MIRROR = "glued to its mirror";
    static final String ON_ITS_HINGES = "hung on hinges";

    // HangingCautions

    static final String CAUTION_WALL = "Pipes and wires run in walls: look before you drill. Labels, local codes and licensed "
            + "trades decide.";
    static final String CAUTION_STUD = "Find the stud, and test with a thin nail where the frame will hide it.";
    static final String CAUTION_MIRROR = "No hook or screw may be drilled where the mirror hangs. Tape and a batten below carry the "
            + "frame until the adhesive has set, for as long as its label says.";
    static final String CAUTION_LEAF = "Somebody holds the leaf until each of its hinges has all its screws.";
    static final String CAUTION_STRIPS = "Strips hold on smooth paint only, pressed for 30 seconds, and never more than their "
            + "label says.";

    // WallFigure

    static final String FRAMES_ON_THE_WALL = "The frames on their wall";
    static final String HOOKS_AT_FULL_SIZE = "The hooks at full size";
    static final String GAP = "Gap";
    static final String FROM_THE_LEFT = "From the left corner";
    static final String WALL_WIDTH = "Width of the wall";
    static final String WISHED_GAP = "Gap between frames";
    static final String FIRST_STUD = "First stud from the left corner";
    static final String STUDS_APART = "From stud to stud";
    static final String OTHER_WIDTH = "Width of another frame";
    static final String OTHER_HEIGHT = "Height of another frame";

    // Frames on a wall

    static final String BRACE_IT = "Put a brace across where the wire goes";
    static final String FRAMES_MEET = "{name} and %s cover each other.";
    static final String SET_THEM_APART = "Set them {0} apart";
    static final String BESIDE_THE_WALL = "{name} reaches {0} past the wall.";
    static final String OVER_OR_UNDER_THE_WALL = "{name} reaches past the ceiling or the floor.";
    static final String TO_THE_MIDDLE = "Put them on one line in the middle of the wall";
    static final String STUD_TO_THE_RIGHT = "A hook of {name} misses its stud, which is {0} further right.";
    static final String STUD_TO_THE_LEFT = "A hook of {name} misses its stud, which is {0} further left.";
    static final String FIX_IT_OTHERWISE = "Fix it with anchors";
    static final String HOOK_OF = "Hook of %s, from the left × up";
    static final String HOOK_FROM = "Hook from the left";
    static final String HOOK_UP = "Hook above the floor";
    static final String FROM_FORMULA = "middle of the frame from the left corner, and the hook right or left of it";
    static final String UP_FORMULA = "center above the floor, half the frame, less what it hangs below its top";

    private HangingTexts() {}
}
