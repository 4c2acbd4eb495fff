package neatcorner.saw;

/** How the other end of a piece is brought under the blade. */
public enum SecondMiter {
    /** The saw stays where it is; the piece is turned over end for end, outer edge still on the fence. */
    TURN_PIECE,
    /** The piece stays face up; the saw swings to the other side and the piece lies on that side of the blade. */
    SWING_SAW
}
