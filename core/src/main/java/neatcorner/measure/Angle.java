package neatcorner.measure;

/**
 * A plane angle. Saw angles are from a square cut (0° = square); interior angles of corners are from one side to the next.
 *
 * @param degrees in degrees, any sign
 */
public record Angle(double degrees) implements Quantity {
    public static final Angle ZERO = new Angle(0);
    public static final Angle RIGHT = new Angle(90);

    /** From degrees, of any sign and size. */
    public static Angle ofDegrees(double degrees) {
        return new Angle(degrees);
    }

    /** From radians, of any sign and size. */
    public static Angle ofRadians(double radians) {
        return new Angle(Math.toDegrees(radians));
    }

    /** The angle in (−90°, 90°] whose tangent is opposite/adjacent, with the sign of the quotient. */
    public static Angle ofSlope(double opposite, double adjacent) {
        return ofRadians(Math.atan(opposite / adjacent));
    }

    /** In radians. */
    public double radians() {
        return Math.toRadians(degrees);
    }

    /** Its sine. */
    public double sin() {
        return Math.sin(radians());
    }

    /** Its cosine. */
    public double cos() {
        return Math.cos(radians());
    }

    /** Its tangent; very large near ±90°. */
    public double tan() {
        return Math.tan(radians());
    }

    /** What is missing to 90°; negative beyond. */
    public Angle complement() {
        return new Angle(90 - degrees);
    }

    /** The other way round. */
    public Angle negate() {
        return new Angle(-degrees);
    }

    /** Equal within a ten-millionth of a degree: far below what any saw can be set to. */
    public boolean isNear(Angle other) {
        return Math.abs(degrees - other.degrees) < 1e-7;
    }

    @Override
    public String toString() {
        return degrees + "°";
    }
}
