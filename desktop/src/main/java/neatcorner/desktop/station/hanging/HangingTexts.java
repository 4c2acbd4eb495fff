package neatcorner.desktop.station.hanging;

import java.util.List;

/** What the station of the wall says in the window: names of its controls and of what they change, hints. */
final class HangingTexts {
    /** What a maker may call the work here, for the finder. */
    static final List<String> FOUND_BY = List.of("wire", "hook", "wall", "French cleat", "picture rail", "bumpers",
            "anchor", "stud");
    static final String HANGS_A_FRAME = "hangs a frame";

    // HangingView

    static final String CHANGE_WAY = "way to hang";
    static final String WIRE_ANGLE = "Wire at";
    static final String CHANGE_ANGLE = "angle of the wire";
    static final String HOOKS = "Hooks";
    static final String CHANGE_HOOKS = "hooks";
    static final String THE_WALL = "Wall";
    static final String FIXED_TO = "Fixed to";
    static final String CHANGE_WALL = "wall";
    static final String CEILING = "Height of the wall";
    static final String FURNITURE = "What stands below is high";
    static final String SOMETHING_BELOW = "Something stands below";
    static final String CHANGE_FURNITURE = "what stands below";
    static final String SLEEPERS = "People sleep or sit below";
    static final String CHANGE_SLEEPERS = "people below";
    static final String RATING = "Label of a fixing says";
    static final String HARDWARE = "Rings, wire or plates rated";
    static final String CHANGE_HARDWARE = "rating of what is on the frame";
    static final String CHANGE_RATING = "rating of a fixing";
    static final String KILOGRAMS = "kg";
    static final String POUNDS = "lb";
    static final String APART = "Hooks apart";

    static final String WITH_OTHERS = "Whole wall";

    // WallCard

    static final String GROUP = "Other frames";
    static final String GROUP_TITLE = "Frames on this wall";
    static final String ADD_FROM_SHOP = "Add from the shop";
    static final String ADD_ANOTHER = "Add another";
    static final String FRAME_NUMBER = "frame %s";
    static final String NO_OTHER_JOBS = "The shop has no other jobs";
    static final String NOT_READ = "%s makes no frame that could hang here.";
    static final String SIZES_OF_TODAY = "Sizes as of today";
    static final String WALL_WIDTH = "Wall is wide";
    static final String FROM_THE_LEFT = "This one from the left corner";
    static final String GAP = "Gap";
    static final String FIRST_STUD = "First stud from the left";
    static final String STUDS_APART = "Studs apart";
    static final String STUDS_KNOWN = "Studs are known";
    static final String WITH_GAP = "This gap between";
    static final String EQUAL_GAPS = "Equal gaps";
    static final String TOPS = "Tops in line";
    static final String MIDDLES = "Middles in line";
    static final String BOTTOMS = "Bottoms in line";
    static final String MIDDLE_OF_THE_WALL = "Middle of the wall";
    static final String LEAVE_OUT = "Leave out";
    static final String TEMPLATE = "Hooks at full size";
    static final String TEMPLATE_READY = "The hooks are drawn at full size: %s";
    static final String TEMPLATE_NOT_WRITTEN = "The hooks could not be written to %s.";
    static final String OPEN_IT = "Open it";
    static final String CHANGE_DRAG = "place on the wall";

    private HangingTexts() {}
}
