package neatcorner.measure;

/**
 * A number as it is written for a person: sign, whole part (with any decimals), a fraction to be stacked, and the unit.
 *
 * @param near        on which side of the exact value the written figure is
 * @param whole       digits of the whole part with decimals; empty when there is only a fraction
 * @param numerator   of the fraction; 0 when there is none
 * @param denominator of the fraction; 1 when there is none
 * @param unit        {@code mm}, {@code in}, {@code °}, {@code kg}, a counted word, or empty
 */
public record Figures(Near near, boolean negative, String whole, int numerator, int denominator, String unit) {
    /** How makers say that a size lies between two marks of the rule. */
    public enum Near {
        /** On the mark, or so near it that wood does not know. */
        EXACT(""),
        /** A little more than the mark. */
        FULL("full"),
        /** A little less than the mark. */
        SHY("shy");

        private final String word;

        Near(String word) {
            this.word = word;
        }

        /** What is said after the figure; nothing for one that is exact. */
        public String word() {
            return word;
        }
    }

    /** The same figures with nothing after them. */
    public Figures withoutUnit() {
        return new Figures(near, negative, whole, numerator, denominator, "");
    }

    /** Whether a fraction stands after the whole number. */
    public boolean hasFraction() {
        return numerator != 0;
    }

    /** Without the unit, fractions in running text: {@code 15 1/2 full}. */
    public String bare() {
        return digits() + side();
    }

    private String side() {
        return near == Near.EXACT ? "" : " " + near.word();
    }

    /** The digits alone, as they can be typed: {@code 15 1/2}. */
    public String digits() {
        StringBuilder text = new StringBuilder();
        text.append(negative ? "−" : "").append(whole);
        if (hasFraction()) {
            text.append(whole.isEmpty() ? "" : " ").append(numerator).append('/').append(denominator);
        }
        return text.toString();
    }

    /** With the unit: {@code 15 1/2 in full}. */
    public String text() {
        if (unit.isEmpty()) {
            return bare();
        }
        return digits() + (unit.equals("°") ? "" : " ") + unit + side();
    }
}
