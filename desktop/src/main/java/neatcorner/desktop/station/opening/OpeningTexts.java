package neatcorner.desktop.station.opening;

import java.util.List;

/**
 * What the station of the opening says in the window: names of its controls and of what they change, hints, cautions.
 * {@code %s} stands for what is filled in.
 */
final class OpeningTexts {
    /** What a maker may call the work here, for the finder. */
    static final String IN_THE_FRAME = "in the frame";
    static final String MAT_ALSO = "window mount border passe-partout";
    static final List<String> FOUND_BY = List.of("art", "glass", "mat", "pack", "weight");

    // OpeningTools

    static final String KIND_OF_FRAME = "Kind of frame";
    static final String KIND = "Kind";
    static final String CHANGE_KIND = "kind of frame";
    static final String NOT_OF_THIS_SIZE = "not of this size";
    static final String STANDARD_SIZES = "Standard";
    static final String WHAT_FITS = "What fits?";
    static final String CHANGE_START = "start";
    static final String ART = "art";
    static final String SIGHT = "sight";
    static final String OUTSIDE = "outside";
    static final String OVERLAP = "covers the art by";
    static final String SHOWS_ALL_ROUND = "shows all round";
    static final String TAKE_MAT_OUT = "Take it out";
    static final String MORE = "More";
    static final String OPENING = "Opening";
    static final String LEAF_PLAY = "Play of the leaves";
    static final String CLEARANCE_A_SIDE = "Clearance a side";
    static final String CHANGE_MAT = "mat";
    static final String CHANGE_QUANTITY = "quantity";
    static final String I_MEASURED = "Measured";
    static final String TURN = "Turn";
    static final String CHANGE_TURN = "turn";
    static final String FRAMES = "Frames";
    static final String CHANGE_STANDARD_SIZE = "standard size";
    static final String WITHOUT_A_MAT_ART_OF = "Without a mat: art of %s × %s";
    static final String CHANGE_WITHOUT_A_MAT = "without a mat";
    static final String SIZE_UPRIGHT = "%s upright";
    static final String SIZE_LYING = "%s lying";
    static final String WITH_NARROW_MAT_BORDERS = "%s with narrow mat borders %s and %s";
    static final String WITH_MAT_BORDERS = "%s with mat borders %s and %s";
    static final String WITHOUT_A_MAT = "%s without a mat";
    static final String CHANGE_WHAT_FITS = "what fits";
    static final String RABBET = "rabbet";
    static final String MAT = "Mat";

    // BuiltOf

    static final String BUILT_OF = "Rings and parts";
    static final String BUILT_OF_MORE = "Rings and parts …";
    static final String NOTHING_BESIDES = "Four sides, and nothing besides. Add what else belongs to the frame.";
    static final String ADD_TO_IT = "Add";
    static final String CHANGE_ADD = "add";
    static final String LEAVE_IT_OUT = "Leave it out";
    static final String ITS_EDGE = "Its own";
    static final String AT_EDGE = "lies at the frame's";
    static final String ITS_CORNERS = "Corners";
    static final String SCREWED = "Screwed on";
    static final String UPRIGHT = "Upright";
    static final String CHANGE_RING_JOINT = "corners of a ring";
    static final String CHANGE_RING_SCREWS = "screws of a ring";
    static final String CHANGE_RING_PLACE = "place of a ring";
    static final List<String> EDGES = List.of("sight edge", "rabbet", "outer edge");

    private OpeningTexts() {}

    // FramedTools

    static final String SIZES = "Sizes";
    static final String FRAMED = "Framed";
    static final String ON_THE_WALL = "Framed on the wall: photo, mat, finish, designs to compare";
    static final String WOOD = "wood";
    static final String FINISH = "finish";
    static final String CORE = "core";
    static final String WALL = "wall";
    static final String PHOTO = "Photo …";
    static final String ANOTHER_PHOTO = "Another photo …";
    static final String CHOOSE_PHOTO = "A photo of the art";
    static final String PHOTOS = "Photos";
    static final String ANOTHER_DESIGN = "Another beside it";
    static final String MAKE_THIS_ONE = "Make it this one";
    static final String TAKE_DESIGN_AWAY = "Take it away";
    static final String ANOTHER_COLOR = "another, as #d9d6cf";
    static final String NO_COLOR = "A color is six letters or digits after #, such as #d9d6cf.";
}
