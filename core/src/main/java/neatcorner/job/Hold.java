package neatcorner.job;

import neatcorner.measure.Length;

/** How a frame holds what it frames; which of its sizes follow from which depends on it. */
public sealed interface Hold {

    /**
     * In a rabbet behind the lip.
     *
     * @param play between the pack and the rabbet's wall, per side
     */
    record InRabbet(Length play) implements Hold {}
}
