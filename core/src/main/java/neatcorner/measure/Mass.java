package neatcorner.measure;

/** A mass in kilograms. */
public record Mass(double kilograms) implements Quantity {
    public static final Mass ZERO = new Mass(0);

    /** Together. */
    public Mass plus(Mass other) {
        return new Mass(kilograms + other.kilograms);
    }
}
