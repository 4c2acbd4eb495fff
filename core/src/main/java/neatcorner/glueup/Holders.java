package neatcorner.glueup;

import java.util.List;
import neatcorner.glueup.jig.CornerJig;
import neatcorner.measure.Length;
import org.jspecify.annotations.Nullable;

/**
 * What there is to hold frames with while their glue sets.
 *
 * @param jig  a corner clamping jig; null when there is none
 * @param jigs how many of them
 */
public record Holders(List<Clamp> clamps, @Nullable CornerJig jig, int jigs) {

    public Holders {
        clamps = List.copyOf(clamps);
    }

    /** How many clamps of a kind there are in all. */
    public int count(Clamp.Kind kind) {
        return clamps.stream().filter(clamp -> clamp.kind() == kind).mapToInt(Clamp::count).sum();
    }

    /** How many clamps of a kind reach so far. */
    public int reaching(Clamp.Kind kind, Length far) {
        return clamps.stream().filter(clamp -> clamp.kind() == kind && !clamp.reach().isLessThan(far))
                .mapToInt(Clamp::count).sum();
    }

    /** How hard the strongest clamp of a kind pulls that reaches so far, N; 0 when none does. */
    public double force(Clamp.Kind kind, Length far) {
        return clamps.stream().filter(clamp -> clamp.kind() == kind && !clamp.reach().isLessThan(far))
                .mapToDouble(Clamp::force).max().orElse(0);
    }
}
