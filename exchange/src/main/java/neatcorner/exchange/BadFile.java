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
        super(oneLine((line > 0 ? "line " + line + ", " : "") + (field.isEmpty() ? "" : field + ": ") + "expected "
                + expected));
    }

    /** What was found in a file is quoted in messages, and may be of any length. */
    private static String oneLine(String message) {
        String line = PlainText.line(message);
        return line.codePointCount(0, line.length()) <= LONGEST
                ? line
                : line.substring(0, line.offsetByCodePoints(0, LONGEST - 1)) + "…";
    }
}
