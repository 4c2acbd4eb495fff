package neatcorner.member;

/** Why a member cannot be where it is put, in words. {@code {name}} stands for its maker's word for it. */
final class MemberTexts {
    static final String NO_RING = "The {name} belong to a ring that is not there.";
    static final String TWO_OF_ONE_NAME = "Something else is called {name}, too; give these another name.";
    static final String NO_SIZE = "The {name} need a width and a thickness.";
    static final String SLOPED = "The {name} need flat faces to lie against; these slope.";
    static final String SLATS_IN_A_RECTANGLE = "The {name} are all alike only between upright sides: a rectangle has them.";
    static final String NO_SLAT_FITS = "Not one of the {name} is narrow enough for the opening.";
    static final String GROOVE_TOO_DEEP = "The grooves for the {name} would come out of the other edge of the sides.";
    static final String PITCH_TOO_SMALL = "The {name} need a distance from one to the next.";
    static final String NO_ROOM_ACROSS = "There is no room in the opening for the {name}.";
    static final String NO_CORNERS = "The {name} need corners between straight sides.";
    static final String TOO_LARGE_FOR_CORNERS = "The {name} are too large: two of them would meet along a side.";
    static final String ARCH_TOO_HIGH = "The arch of the {name} can rise by half its width at most.";
    static final String ON_A_LEVEL_TOP = "The {name} stand on a level top as wide as the frame; this one has none.";
    static final String TRIM_TOO_WIDE = "The {name} would be wider than half the frame.";
    static final String FACE_OF_A_RECTANGLE = "The {name} go with a rectangle only.";
    static final String FACE_COVERS_ALL = "Nothing would be left of the opening inside the {name}.";
    static final String WAVE_TOO_HIGH = "The arcs of the {name} can rise by half their chord at most.";
    static final String ARC = "one arc";
    static final String CORNER = "corner";
    static final String TOO_MANY = "There is no room for so many {name} in a row.";

    private MemberTexts() {}
}
