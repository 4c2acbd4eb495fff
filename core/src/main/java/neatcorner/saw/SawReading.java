package neatcorner.saw;

import java.time.LocalDate;
import neatcorner.measure.Angle;

/**
 * One look at a test corner, kept so that drift shows.
 *
 * @param day     it was taken
 * @param miter   the saw stood at, from a square cut
 * @param error   of one cut; positive when the miter came out too big
 * @param tilt    whether it was the blade's tilt that was read
 * @param turned  whether the saw was turned by that much afterwards
 */
public record SawReading(LocalDate day, Angle miter, Angle error, boolean tilt, boolean turned) {

    /** The same when the saw was turned by it. */
    public SawReading afterTurning() {
        return new SawReading(day, miter, error, tilt, true);
    }
}
