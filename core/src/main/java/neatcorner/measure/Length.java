package neatcorner.measure;

import java.util.Comparator;

/**
 * A length, exact in millimetres and in inch fractions alike.
 *
 * <p>Held as a whole number of 1/3200 mm. Because 1 in = 25.4 mm exactly (international yard and pound agreement, 1959),
 * that makes 1 mm = 3200, 1 in = 81280 and 1/128 in = 635 units, all whole: sixteen sixteenths add up to an inch. Lengths
 * may be negative. Arithmetic that leaves the range of a {@code long} (about 2.9 × 10<sup>12</sup> m) throws
 * {@link ArithmeticException}.
 *
 * @param units count of 1/3200 mm
 */
public record Length(long units) implements Quantity, Comparable<Length> {
    /** Units in a millimetre. */
    public static final long PER_MM = 3200;
    /** Units in an inch. */
    public static final long PER_INCH = 81_280;
    public static final Length ZERO = new Length(0);

    /** That many millimetres, to the nearest 1/3200 mm. Throws {@link ArithmeticException} if not finite or too large. */
    public static Length mm(double millimetres) {
        return ofUnits(millimetres * PER_MM);
    }

    /** That many inches, to the nearest 1/3200 mm. Throws {@link ArithmeticException} if not finite or too large. */
    public static Length inches(double inches) {
        return ofUnits(inches * PER_INCH);
    }

    /**
     * A mixed number of inches, {@code inches(15, 1, 2)} being 15½ in: exact for every denominator that divides 1/128 in,
     * else to the nearest unit. Throws {@link ArithmeticException} when the denominator is zero.
     */
    public static Length inches(long whole, long numerator, long denominator) {
        long fraction = Math.multiplyExact(numerator, PER_INCH);
        long rounded = Math.floorDiv(Math.addExact(Math.multiplyExact(fraction, 2), denominator), 2 * denominator);
        return new Length(Math.addExact(Math.multiplyExact(whole, PER_INCH), rounded));
    }

    private static Length ofUnits(double units) {
        if (!(Math.abs(units) < 0x1p62)) {
            throw new ArithmeticException("not a length that can be held: " + units / PER_MM + " mm");
        }
        return new Length(Math.round(units));
    }

    /** Exact sum. Throws {@link ArithmeticException} on overflow. */
    public Length plus(Length other) {
        return new Length(Math.addExact(units, other.units));
    }

    /** Exact difference, negative when the other is longer. Throws {@link ArithmeticException} on overflow. */
    public Length minus(Length other) {
        return new Length(Math.subtractExact(units, other.units));
    }

    /** The same length with the other sign. */
    public Length negate() {
        return new Length(Math.negateExact(units));
    }

    /** Exact multiple. Throws {@link ArithmeticException} on overflow. */
    public Length times(long factor) {
        return new Length(Math.multiplyExact(units, factor));
    }

    /** Up to a whole number of steps, which are above zero. */
    public Length roundedUp(Length step) {
        return new Length(Math.ceilDiv(units, step.units) * step.units);
    }

    /** Scaled by a real factor, to the nearest unit. */
    public Length scaled(double factor) {
        return ofUnits(units * factor);
    }

    /** How many times the other length goes into this one, as a real number; infinite or NaN when the other is zero. */
    public double over(Length other) {
        return (double) units / other.units;
    }

    /** In millimetres, as near as a double comes. */
    public double toMm() {
        return (double) units / PER_MM;
    }

    /** In inches, as near as a double comes. */
    public double toInches() {
        return (double) units / PER_INCH;
    }

    /** Without its sign. */
    public Length abs() {
        return new Length(Math.absExact(units));
    }

    /** Whether it is more than zero. */
    public boolean isPositive() {
        return units > 0;
    }

    /** Whether it is less than zero. */
    public boolean isNegative() {
        return units < 0;
    }

    /** Whether it is strictly shorter. */
    public boolean isLessThan(Length other) {
        return units < other.units;
    }

    /** Whether it is strictly longer. */
    public boolean isMoreThan(Length other) {
        return units > other.units;
    }

    /** The longer of two. */
    public static Length max(Length a, Length b) {
        return a.units >= b.units ? a : b;
    }

    /** The shorter of two. */
    public static Length min(Length a, Length b) {
        return a.units <= b.units ? a : b;
    }

    /** The sum of all, zero when there are none. */
    public static Length sum(Iterable<Length> lengths) {
        Length total = ZERO;
        for (Length length : lengths) {
            total = total.plus(length);
        }
        return total;
    }

    @Override
    public int compareTo(Length other) {
        return Comparator.comparingLong(Length::units).compare(this, other);
    }

    /** In millimetres, for logs and failing tests; people read a {@link Notation}. */
    @Override
    public String toString() {
        return toMm() + " mm";
    }
}
