package neatcorner.drawing;

/** Which part of a text stands at its point. */
public enum Anchor {
    START,
    MIDDLE,
    END
}
