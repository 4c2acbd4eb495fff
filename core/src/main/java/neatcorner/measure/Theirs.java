package neatcorner.measure;

import java.util.function.UnaryOperator;

/**
 * A maker's own words within texts of ours: names of woods, sticks, sheets, materials. They are shown as they were typed,
 * never respelt and never taken for a place to be filled in. Within a text they stand between the signs with which Unicode
 * sets words of others apart (first strong isolate and pop directional isolate, UAX #9); {@link Notation#words} takes
 * the signs out.
 */
public final class Theirs {
    private static final char FROM = '\u2068';
    private static final char TO = '\u2069';

    private Theirs() {}

    /** Words of the maker's, marked as such. */
    public static String words(String name) {
        return FROM + plain(name) + TO;
    }

    /** A text without the signs. */
    public static String plain(String text) {
        return text.indexOf(FROM) < 0 && text.indexOf(TO) < 0
                ? text
                : text.replace(String.valueOf(FROM), "").replace(String.valueOf(TO), "");
    }

    /** Whether a text begins with words of the maker's. */
    static boolean first(String text) {
        return !text.isEmpty() && text.charAt(0) == FROM;
    }

    /** A text with all that is ours changed, and the maker's words as they are, without the signs. */
    static String beside(String text, UnaryOperator<String> ours) {
        int from = text.indexOf(FROM);
        if (from < 0) {
            return ours.apply(text);
        }
        StringBuilder all = new StringBuilder();
        int at = 0;
        while (from >= 0) {
            int to = text.indexOf(TO, from);
            int end = to < 0 ? text.length() : to;
            all.append(ours.apply(text.substring(at, from))).append(text, from + 1, end);
            at = Math.min(text.length(), end + 1);
            from = text.indexOf(FROM, at);
        }
        return all.append(ours.apply(text.substring(at))).toString();
    }
}
