package neatcorner.measure;

import java.util.List;

/**
 * A sentence with quantities in it, kept apart from the notation it is read in, so that switching from mm to inches needs
 * no new plan.
 *
 * @param template US words, with <code>{0}</code>, <code>{1}</code> … where the quantities stand
 */
public record Sentence(String template, List<Quantity> quantities) {

    public Sentence {
        quantities = List.copyOf(quantities);
    }

    public static Sentence of(String template, Quantity... quantities) {
        return new Sentence(template, List.of(quantities));
    }

    public String in(Notation notation) {
        String text = notation.words(template);
        for (int i = 0; i < quantities.size(); i++) {
            text = text.replace("{" + i + "}", notation.text(quantities.get(i)));
        }
        return text;
    }
}
