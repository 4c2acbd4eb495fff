package neatcorner.fitout;

/** What the maker has measured, from which the other sizes follow. */
public enum SizeOf {
    ART,
    RABBET,
    SIGHT,
    OUTSIDE
}
