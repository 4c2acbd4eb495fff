package neatcorner.exchange;

/** A file does not hold what it should. The message is one line for the maker. */
public final class BadFile extends Exception {
    private static final int LONGEST = 240;
    private static final long serialVersionUID = 1;

    /**
     * An error at a place in a file.
     *
     * @param line     from 1; 0 when it is not known
     * @param field    path to the field, such as {@code section.rabbet.depth}; empty when the text itself is broken
     * @param expected what should have stood there, in words
     */
    public BadFile(int line, String field, String expected) {
        // What was found in a file is quoted in messages, and may be of any length.
        super(PlainText.clipped(PlainText.line((line > 0 ? "line " + line + ", " : "")
                + (field.isEmpty() ? "" : field + ": ") + "expected " + expected), LONGEST));
    }
}
