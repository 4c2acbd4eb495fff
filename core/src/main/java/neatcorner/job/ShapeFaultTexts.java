package neatcorner.job;

/**
 * Why no frame of a shape can be made, in words. {@code %s} stands for words that are filled in.
 */
final class ShapeFaultTexts {
    // ShapeFault

    static final String SLOPED_SIDES_MEET_ONLY = "Sloped sides meet only when they are straight and equally wide; these "
            + "are not.";
    static final String OUTLINE_CROSSES_ITSELF = "The outline crosses itself.";
    static final String SIGHT_EDGE = "the sight edge";
    static final String OUTER_EDGE = "the outer edge";
    static final String SIGHT_EDGES = "sight edges";
    static final String RABBETS = "rabbets";
    static final String OUTER_EDGES = "outer edges";
    static final String CURVE_IN_SO_FEW = "A curve in so few segments cannot be sawn from straight blanks; take more.";
    static final String CURVE_IS_TOO_TIGHT = "The curve is too tight for segments this short; take fewer, or a narrower "
            + "face.";
    static final String SIDE_VANISHES = "Side %s vanishes at %s, inside the width of its neighbors. Make the frame larger "
            + "or the faces narrower.";
    static final String CURVE_TOO_TIGHT_FOR_THE_FACE = "The curve is too tight at %s for a face this wide.";
    static final String NOTHING_IS_LEFT_INSIDE = "Nothing is left inside %s.";
    static final String EDGES_OF_TWO_SIDES_CROSS = "The %s of two sides run into each other.";
    static final String TWO_SIDES_THAT_RUN = "Two sides that run straight on need the same width; no miter joins these.";

    // PlacedRing

    static final String RING_AGAINST_NOTHING = "The {name} is set against a ring that is not there, or that is set "
            + "against it in turn.";
    static final String TWO_RINGS_OF_ONE_NAME = "Two rings are called {name}; only the first is made.";
    static final String RING_WITHOUT_FRAME = "There is no frame yet for the {name} to lie against.";
    static final String RING_ON_SLOPED_FACES = "The {name} needs flat faces to lie against; these slope.";
    static final String RING_WITHOUT_WIDTH = "The {name} has no width.";
    static final String RING_HAS_NO_ROOM = "The {name} has no room there: nothing would be left of one of its edges.";

    private ShapeFaultTexts() {}
}
