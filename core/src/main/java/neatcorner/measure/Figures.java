package neatcorner.measure;

/**
 * A number as it is written for a person: sign, whole part (with any decimals), a fraction to be stacked, and the unit.
 *
 * @param rounded     whether the written figure differs from the exact one
 * @param whole       digits of the whole part with decimals; empty when there is only a fraction
 * @param numerator   of the fraction; 0 when there is none
 * @param denominator of the fraction; 1 when there is none
 * @param unit        {@code mm}, {@code in}, {@code °}, {@code kg}, a counted word, or empty
 */
public record Figures(boolean rounded, boolean negative, String whole, int numerator, int denominator, String unit) {
    /** Stands before a figure that was rounded to the shop's step. */
    public static final String ABOUT = "≈";

    /** The same figures with nothing after them. */
    public Figures withoutUnit() {
        return new Figures(rounded, negative, whole, numerator, denominator, "");
    }

    /** Whether a fraction stands after the whole number. */
    public boolean hasFraction() {
        return numerator != 0;
    }

    /** Without the unit, fractions in running text: {@code ≈15 1/2}. */
    public String bare() {
        StringBuilder text = new StringBuilder();
        text.append(rounded ? ABOUT : "").append(negative ? "−" : "").append(whole);
        if (hasFraction()) {
            text.append(whole.isEmpty() ? "" : " ").append(numerator).append('/').append(denominator);
        }
        return text.toString();
    }

    /** With the unit. */
    public String text() {
        if (unit.isEmpty()) {
            return bare();
        }
        return bare() + (unit.equals("°") ? "" : " ") + unit;
    }
}
