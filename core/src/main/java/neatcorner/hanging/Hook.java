package neatcorner.hanging;

import neatcorner.measure.Length;
import neatcorner.measure.Mass;

/**
 * A hook or screw on the wall.
 *
 * @param height above the floor
 * @param from   right of the frame's centre, seen from the front; negative left of it
 * @param load   that it carries
 */
public record Hook(Length height, Length from, Mass load) {
    /** A fixing is rated at this many times what it carries: common practice. */
    public static final int SAFETY = 4;

    /** The rating that it needs. */
    public Mass needed() {
        return new Mass(load.kilograms() * SAFETY);
    }
}
