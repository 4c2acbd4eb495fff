package neatcorner.measure;

/**
 * What became of a text that should be a length: understood, or not, with the place and what was expected there.
 *
 * <p>{@link #read} accepts what people type: {@code 394}, {@code 39.4 cm}, {@code 15 1/2}, {@code 15-1/2"}, {@code 15½},
 * {@code 2' 3 1/4"}, and sums such as {@code 15 1/2 + 2*2 1/4}. Bare numbers are in the given units. In a product one
 * factor is the length; the others are plain numbers.
 */
public sealed interface LengthText {
    /** No frame, board or wall is longer: 1 km. Anything beyond is a slip of the keyboard. */
    Length LONGEST = Length.mm(1_000_000);

    /**
     * A regular expression (ECMA 262) for the texts that are understood. It takes all of them, and refuses what is not made of
     * numbers, units and signs in their order; it cannot tell whether brackets are closed, what is divided by zero, whether two
     * lengths are multiplied, a mark between thousands, or a length beyond {@link #LONGEST}.
     */
    String PATTERN = LengthPattern.WHOLE;

    record Understood(Length length) implements LengthText {}

    /**
     * The text is not a length.
     *
     * @param at       index of the character at which reading stopped
     * @param expected what was expected there, in words: "a number", "a unit: mm, cm, m, in or ft"
     */
    record NotUnderstood(int at, String expected) implements LengthText {

        /** One line for the maker, naming the text and the place. */
        public String message(String text) {
            String shown = text.length() > 40 ? text.substring(0, 40) + "…" : text;
            if (text.isBlank()) {
                return "Nothing typed yet: expected %s.".formatted(expected);
            }
            return at >= text.length()
                    ? "“%s” stops too soon: expected %s.".formatted(shown, expected)
                    : "“%s”, character %s: expected %s.".formatted(shown, at + 1, expected);
        }
    }

    static LengthText read(String text, Units bareUnits) {
        try {
            return new Understood(new LengthGrammar(text, bareUnits).read());
        } catch (LengthGrammar.Unexpected unexpected) {
            return new NotUnderstood(unexpected.at, unexpected.expected);
        }
    }
}
