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

    private ShapeFaultTexts() {}
}
