package neatcorner.member;

/** Why a member cannot be where it is put, in words. {@code {name}} stands for its maker's word for it. */
final class MemberTexts {
    static final String NO_RING = "{name}: the ring that this belongs to is not there.";
    static final String TWO_OF_ONE_NAME = "Something else is called {name}, too; another name is needed.";
    static final String NO_SIZE = "{name}: a width and a thickness are missing.";
    static final String SLOPED = "{name}: this needs flat faces to lie against; these slope.";
    static final String SLATS_IN_A_RECTANGLE = "{name}: slats are all alike only between upright sides, as a rectangle has them.";
    static final String NO_SLAT_FITS = "{name}: not even one slat is narrow enough for the opening.";
    static final String GROOVE_TOO_DEEP = "{name}: the grooves would come out of the other edge of the sides.";
    static final String PITCH_TOO_SMALL = "{name}: the distance from one slat to the next is missing.";
    static final String NO_ROOM_ACROSS = "{name}: there is no room for this in the opening.";
    static final String NO_CORNERS = "{name}: this needs corners between straight sides.";
    static final String TOO_LARGE_FOR_CORNERS = "{name}: two of these would meet along a side.";
    static final String ARCH_TOO_HIGH = "{name}: an arch rises by half its width at most.";
    static final String ON_A_LEVEL_TOP = "{name}: this stands on a level top as wide as the frame, and there is none.";
    static final String TRIM_TOO_WIDE = "{name}: a band this wide would leave nothing of the frame between its sides.";
    static final String ONLY_A_RECTANGLE = "{name}: this goes with a rectangle only.";
    static final String FACE_COVERS_ALL = "{name}: nothing would be left of the opening.";
    static final String ARCS_TOO_SMALL = "{name}: no more than %d arcs are cut along one side: make them longer.";
    static final String WAVE_TOO_HIGH = "{name}: an arc rises by half its chord at most.";
    static final String ARC = "one arc";
    static final String CORNER = "corner";
    static final String TOO_MANY = "{name}: there is no room for so many in a row.";

    static final String TOO_HOT = "{name}: the top and the bottom have no room for as many as the heat wants.";

    private MemberTexts() {}
}
