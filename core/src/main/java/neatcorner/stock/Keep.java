package neatcorner.stock;

/** Whether the four sides of a frame come off one stick, so that the grain runs on round the corners. */
public enum Keep {
    NO,
    /** Where it costs no more wood. */
    WISH,
    MUST
}
