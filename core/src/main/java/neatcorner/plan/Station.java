package neatcorner.plan;

/** The stations of the work, in the order a maker passes them. */
public enum Station {
    OPENING,
    SECTION,
    SHAPE,
    CORNERS,
    STICKS,
    SAW,
    GLUE_UP
}
