package neatcorner.glueup;

import neatcorner.measure.Sentence;

/**
 * One step of a glue-up.
 *
 * @param seconds of work by hand
 * @param rest    seconds to wait after it
 * @param open    whether the glue's open time is running
 */
public record GlueStep(Kind kind, Sentence what, int seconds, int rest, boolean open) {

    /** What is done. */
    public enum Kind {
        PREPARE,
        DRY_FIT,
        SIZE,
        SPREAD,
        CLOSE,
        CHECK,
        CLEAN,
        SET,
        UNCLAMP
    }
}
