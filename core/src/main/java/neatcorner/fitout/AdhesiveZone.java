package neatcorner.fitout;

import neatcorner.measure.Length;
import neatcorner.measure.Units;

/**
 * Where adhesive goes on the back of a face that is glued over a mirror: the outer two thirds, and never nearer to the edge
 * that shows in the reflection than an inch. Common practice.
 */
public final class AdhesiveZone {
    private AdhesiveZone() {}

    /** How far it keeps off the visible edge at least. */
    public static Length off(Units units) {
        return units.either(25, 1);
    }

    /** A narrower strip of it does not hold. */
    public static Length least(Units units) {
        return units.either(15, 5.0 / 8);
    }

    /** How wide it is on a face, from the outer edge; negative where there is none. */
    public static Length of(Length face, Units units) {
        return face.minus(Length.max(off(units), face.scaled(1.0 / 3)));
    }
}
