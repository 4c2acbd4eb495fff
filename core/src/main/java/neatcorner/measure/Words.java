package neatcorner.measure;

/** How long what a maker writes may be. */
public final class Words {
    /** Characters of a name or a title: a line on the screen and on paper. */
    public static final int MOST = 200;
    /** Characters of a note: half a page. */
    public static final int MOST_OF_A_NOTE = 2000;

    private Words() {}

    /** The first so many characters of a text, none cut in half; the text itself where it has no more. */
    public static String within(String text, int most) {
        return text.codePointCount(0, text.length()) <= most
                ? text
                : text.substring(0, text.offsetByCodePoints(0, most));
    }
}
