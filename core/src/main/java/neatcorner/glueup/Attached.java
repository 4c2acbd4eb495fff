package neatcorner.glueup;

import neatcorner.measure.Theirs;

/**
 * A ring that is put to the frame once that is glued.
 *
 * @param name   its maker's word for it
 * @param pieces of it
 * @param held   minutes that it takes to hold its corners by more than glue
 */
public record Attached(String name, Way way, int pieces, double held) {
    /** Minutes for someone who has done it before: common practice. */
    private static final double BEGIN = 5;
    private static final double FIT_PIECE = 3;
    private static final double MITER_PIECE = 4;

    /** Of which glue alone holds the corners. */
    public Attached(String name, Way way, int pieces) {
        this(name, way, pieces, 0);
    }

    /** When and how it comes to the frame. */
    public enum Way {
        /** Glued into it, piece by piece, after what holds the corners. */
        IN,
        /** Glued round it once its corners are level. */
        ROUND,
        /** Put together on its own; it goes in with the pack. */
        LOOSE
    }

    /** What is done, as it stands among the days' steps. */
    String task() {
        String shown = Theirs.words(name);
        return (switch (way) {
            case IN -> GlueTexts.GLUE_THE_RING_IN;
            case ROUND -> GlueTexts.GLUE_THE_RING_ROUND;
            case LOOSE -> GlueTexts.PUT_THE_RING_TOGETHER;
        }).formatted(shown);
    }

    /** Of a maker's hands. */
    double minutes() {
        return held + BEGIN + pieces * switch (way) {
            case IN, LOOSE -> FIT_PIECE;
            case ROUND -> MITER_PIECE;
        };
    }
}
