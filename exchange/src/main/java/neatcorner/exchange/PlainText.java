package neatcorner.exchange;

import java.util.regex.Pattern;

/** A maker's words where a format, a spreadsheet or a terminal would take some of them for more than words. */
public final class PlainText {
    /** What a spreadsheet may take for a formula, perhaps marked as text already. */
    private static final Pattern FORMULA = Pattern.compile("'*[=+\\-@\t\r].*", Pattern.DOTALL);

    private PlainText() {}

    /** Words for a cell of a table: those that a spreadsheet would run begin with an apostrophe, which marks text there. */
    public static String cell(String words) {
        return FORMULA.matcher(words).matches() ? "'" + words : words;
    }

    /** The words of a cell, without the mark that {@link #cell} put before them. */
    public static String fromCell(String cell) {
        return cell.startsWith("'") && FORMULA.matcher(cell).matches() ? cell.substring(1) : cell;
    }

    /** Words for XML 1.0 and for a line of text: what neither can hold, controls and halves of characters, is left out. */
    public static String line(String words) {
        StringBuilder plain = new StringBuilder(words.length());
        words.codePoints().filter(PlainText::isPlain).forEach(plain::appendCodePoint);
        return plain.toString();
    }

    /** The first so many characters of a text, none cut in half; the text itself where it has no more. */
    public static String within(String words, int most) {
        return words.codePointCount(0, words.length()) <= most
                ? words
                : words.substring(0, words.offsetByCodePoints(0, most));
    }

    /** As {@link #within}, with a sign in the place of the last character where something is missing. */
    public static String clipped(String words, int most) {
        String within = within(words, most);
        return within.equals(words) ? words : within(words, most - 1) + "…";
    }

    /** Neither a control, nor what turns the direction of writing, nor half a character, nor none at all. */
    private static boolean isPlain(int point) {
        int type = Character.getType(point);
        boolean turning = (point >= 0x202A && point <= 0x202E) || (point >= 0x2066 && point <= 0x2069);
        return type != Character.CONTROL && type != Character.SURROGATE && !turning && (point & 0xFFFE) != 0xFFFE;
    }
}
