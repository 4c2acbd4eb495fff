package neatcorner.plan;

import java.util.Locale;

/** How much a finding matters. */
public enum Level {
    /** The frame cannot be made like this. */
    STOP,
    /** It can, but look at it before cutting. */
    CHECK,
    /** Good to know. */
    NOTE;

    /** As written in files: {@code stop}, {@code check}, {@code note}. */
    public String code() {
        return name().toLowerCase(Locale.ROOT);
    }
}
