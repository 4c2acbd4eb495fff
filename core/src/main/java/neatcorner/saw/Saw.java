package neatcorner.saw;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;

/**
 * What a saw does and how the maker uses it.
 *
 * @param name        what the shop calls it
 * @param kerf        width of wood that the blade removes
 * @param maxMiter    how far it swings from a square cut, either way
 * @param maxBevel    how far it tilts
 * @param minHold     shorter pieces are clamped, never held by hand
 * @param rough       extra length at the first cut, taken off in the final trim; zero cuts straight to length
 * @param secondMiter how the other end is cut
 * @param scale       how its angle is read and nudged
 * @param stops       miters at which it clicks in, from a square cut
 */
@RecordBuilder
public record Saw(String name, SawKind kind, Length kerf, Angle maxMiter, Angle maxBevel, Length minHold, Length rough,
        SecondMiter secondMiter, SawScale scale, List<Angle> stops) implements SawBuilder.With {
    private static final double AT_STOP = 0.05;

    public Saw {
        stops = List.copyOf(stops);
    }

    /** Whether it swings so far, to either side. */
    public boolean reachesMiter(Angle miter) {
        return Math.abs(miter.degrees()) <= maxMiter.degrees() + 1e-9;
    }

    /** Whether it clicks in at a miter. */
    public boolean clicksAt(Angle miter) {
        return stops.stream().anyMatch(stop -> Math.abs(stop.degrees() - Math.abs(miter.degrees())) < AT_STOP);
    }

    /**
     * The angle to set for a miter. Beyond its range the stick is clamped square to an auxiliary fence, along the blade's
     * square line, and the complement is cut.
     */
    public Angle set(Angle miter) {
        return reachesMiter(miter)
                ? miter
                : Angle.ofDegrees(Math.signum(miter.degrees()) * (90 - Math.abs(miter.degrees())));
    }
}
