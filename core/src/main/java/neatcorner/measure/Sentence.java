package neatcorner.measure;

import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * A sentence with quantities in it, kept apart from the notation it is read in, so that switching from mm to inches needs
 * no new plan.
 *
 * @param template   US words, with <code>{0}</code>, <code>{1}</code> … where the quantities stand, and <code>{name}</code>
 *                   where the maker's own words do; such words may also stand in it as {@link Theirs} marks them
 * @param name       the maker's own words, which are shown as they were typed
 */
public record Sentence(String template, String name, List<Quantity> quantities) {
    /** Quantities in one: their places have one figure. */
    public static final int MOST = 10;
    private static final Pattern PLACE = Pattern.compile("\\{(\\d|name)}");

    public Sentence {
        quantities = List.copyOf(quantities);
    }

    public Sentence(String template, List<Quantity> quantities) {
        this(template, "", quantities);
    }

    /** A sentence of ours, with places <code>{0}</code>, <code>{1}</code> … for quantities. */
    public static Sentence of(String template, Quantity... quantities) {
        return new Sentence(template, List.of(quantities));
    }

    /** A sentence that names what the maker named: a wood, a stick. */
    public static Sentence naming(String name, String template, Quantity... quantities) {
        return new Sentence(template, name, List.of(quantities));
    }

    /**
     * This and another as one, for what is done in one go: "Put a mat in, and add splines". Of three the last one alone has its
     * "and". Throws {@link IllegalArgumentException} where both have more than ten quantities.
     */
    public Sentence and(Sentence other) {
        List<Quantity> both = Stream.concat(quantities.stream(), other.quantities.stream()).toList();
        if (both.size() > MOST) {
            throw new IllegalArgumentException("more than ten quantities");
        }
        String more = Theirs.first(other.template) ? other.template : lower(other.template);
        String shifted = PLACE.matcher(more).replaceAll(place -> Matcher.quoteReplacement(
                place.group(1).equals("name")
                        ? Theirs.words(other.name)
                        : "{" + (Integer.parseInt(place.group(1)) + quantities.size()) + "}"));
        return new Sentence(template.replace(", and ", ", ") + ", and " + shifted, name, both);
    }

    private static String lower(String words) {
        return words.isEmpty() ? words : words.substring(0, 1).toLowerCase(Locale.ROOT) + words.substring(1);
    }

    /** Words as they stand at the beginning of a line. */
    public static String capital(String words) {
        return words.isEmpty() ? words : words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    /** As it is read: in the notation's spelling, with the quantities in its units. */
    public String in(Notation notation) {
        return Theirs.beside(template, ours -> PLACE.matcher(notation.words(ours))
                .replaceAll(place -> Matcher.quoteReplacement(filled(place.group(1), place.group(), notation))));
    }

    private String filled(String place, String asWritten, Notation notation) {
        if (place.equals("name")) {
            return name;
        }
        int index = Integer.parseInt(place);
        return index < quantities.size() ? notation.text(quantities.get(index)) : asWritten;
    }
}
