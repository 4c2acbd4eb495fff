package neatcorner.measure;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A figure that a maker reads, with the way it was come by.
 *
 * <p>The formula is written in words with <code>{0}</code>, <code>{1}</code> … for the readings it came from, so that
 * {@link #working} can say "Outside width 471 mm = sight width 411 + 2 × face width 30". A figure that was typed or
 * measured has an empty formula.
 *
 * @param name what the figure is, in US words, capitalised
 */
public record Reading(String name, Quantity value, String formula, List<Reading> from) {
    private static final Pattern PLACE = Pattern.compile("\\{(\\d)}");

    public Reading {
        from = List.copyOf(from);
    }

    /** A figure that was typed or measured, not computed. */
    public static Reading given(String name, Quantity value) {
        return new Reading(name, value, "", List.of());
    }

    /** A figure that was worked out; places in the formula stand for those it came from. */
    public static Reading computed(String name, Quantity value, String formula, Reading... from) {
        return new Reading(name, value, formula, List.of(from));
    }

    /** Whether it was typed or measured, not worked out. */
    public boolean isGiven() {
        return formula.isEmpty();
    }

    /** The figure of that name: this one, or one that it came from, at whatever remove. */
    public Optional<Reading> named(String wanted) {
        return name.equals(wanted)
                ? Optional.of(this)
                : from.stream().flatMap(part -> part.named(wanted).stream()).findFirst();
    }

    /** One line: the name, the figure, and what it was computed from with those figures filled in. */
    public String working(Notation notation) {
        String head = notation.words(name) + " " + notation.text(value) + exactly(notation);
        if (isGiven()) {
            return head + notation.words(", as entered");
        }
        return head + " = " + Theirs.beside(formula, ours -> PLACE.matcher(notation.words(ours))
                .replaceAll(place -> Matcher.quoteReplacement(part(place.group(), place.group(1), notation))));
    }

    /** What lies between two marks is said to be full or shy of one; here is how much it is. */
    private String exactly(Notation notation) {
        return value instanceof Length length && notation.figures(value).near() != Figures.Near.EXACT
                ? " (" + notation.exact(length) + ")"
                : "";
    }

    private String part(String asWritten, String number, Notation notation) {
        int index = Integer.parseInt(number);
        if (index >= from.size()) {
            return asWritten;
        }
        Reading part = from.get(index);
        String name = notation.words(part.name);
        String lower = Theirs.first(part.name) || name.isEmpty()
                ? name
                : name.substring(0, 1).toLowerCase(Locale.ROOT) + name.substring(1);
        return lower + " " + notation.bare(part.value);
    }
}
