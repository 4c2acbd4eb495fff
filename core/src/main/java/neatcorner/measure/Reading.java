package neatcorner.measure;

import java.util.List;

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

    public Reading {
        from = List.copyOf(from);
    }

    /** A figure that was typed or measured, not computed. */
    public static Reading given(String name, Quantity value) {
        return new Reading(name, value, "", List.of());
    }

    public static Reading computed(String name, Quantity value, String formula, Reading... from) {
        return new Reading(name, value, formula, List.of(from));
    }

    public boolean isGiven() {
        return formula.isEmpty();
    }

    /** One line: the name, the figure, and what it was computed from with those figures filled in. */
    public String working(Notation notation) {
        String head = notation.words(name) + " " + notation.text(value);
        if (isGiven()) {
            return head + notation.words(", as entered");
        }
        String sum = notation.words(formula);
        for (int i = 0; i < from.size(); i++) {
            Reading part = from.get(i);
            String name = notation.words(part.name);
            String lower = name.substring(0, 1).toLowerCase(java.util.Locale.ROOT) + name.substring(1);
            sum = sum.replace("{" + i + "}", lower + " " + notation.bare(part.value));
        }
        return head + " = " + sum;
    }
}
