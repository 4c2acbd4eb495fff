package neatcorner.hanging;

/**
 * A side of a frame as a beam that is simply held at the corners and pulled sideways at one place.
 *
 * @param length    of the side, mm
 * @param stiffness of its wood, N/mm²
 * @param moment    second moment of its section about the axis that it bends round, mm⁴
 */
public record Beam(double length, double stiffness, double moment) {

    /**
     * The largest deflection, mm, under a force at a distance from one end: F·b·(ℓ² − b²)^1.5 ÷ (9·√3·E·I·ℓ) with b the
     * shorter distance from an end (beam tables, American Wood Council, Design Aid 6; from memory). Zero for a force beyond
     * the ends.
     *
     * @param force in newtons
     * @param at    from either end, mm
     */
    public double deflection(double force, double at) {
        double b = Math.min(at, length - at);
        if (b <= 0) {
            return 0;
        }
        return force * b * Math.pow(length * length - b * b, 1.5)
                / (9 * Math.sqrt(3) * stiffness * moment * length);
    }

    /** With another beam screwed to it, which bends with it: stiffnesses add up. */
    public Beam with(Beam other) {
        return new Beam(length, 1, stiffness * moment + other.stiffness * other.moment);
    }
}
