package neatcorner.measure;

/**
 * A plain number with what it counts: sticks, a price, kilograms a metre.
 *
 * @param unit     the word after the number; empty when the reading's name says it
 * @param decimals digits shown after the point at most
 */
public record Scalar(double value, String unit, int decimals) implements Quantity {

    /** A number of things. */
    public static Scalar count(long count) {
        return new Scalar(count, "", 0);
    }
}
