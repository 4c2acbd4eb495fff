package neatcorner.saw;

import neatcorner.measure.Angle;
import neatcorner.measure.Length;

/**
 * What a saw does and how the maker uses it.
 *
 * @param kerf        width of wood that the blade removes
 * @param maxMiter    how far it swings from a square cut, either way
 * @param maxBevel    how far it tilts
 * @param minHold     shorter pieces are clamped, never held by hand
 * @param rough       extra length at the first cut, taken off in the final trim; zero cuts straight to length
 * @param secondMiter how the other end is cut
 */
public record Saw(Length kerf, Angle maxMiter, Angle maxBevel, Length minHold, Length rough, SecondMiter secondMiter) {

    public Saw withKerf(Length newKerf) {
        return new Saw(newKerf, maxMiter, maxBevel, minHold, rough, secondMiter);
    }

    public Saw withMinHold(Length newMinHold) {
        return new Saw(kerf, maxMiter, maxBevel, newMinHold, rough, secondMiter);
    }

    public Saw withRough(Length newRough) {
        return new Saw(kerf, maxMiter, maxBevel, minHold, newRough, secondMiter);
    }

    public Saw withSecondMiter(SecondMiter newSecondMiter) {
        return new Saw(kerf, maxMiter, maxBevel, minHold, rough, newSecondMiter);
    }

    public boolean reachesMiter(Angle miter) {
        return Math.abs(miter.degrees()) <= maxMiter.degrees() + 1e-9;
    }
}
