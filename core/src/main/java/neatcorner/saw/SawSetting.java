package neatcorner.saw;

import java.util.List;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;

/**
 * One setting of saw and stop for the final cuts, and the pieces it serves.
 *
 * @param miter  of the final cut, at the piece's right end
 * @param first  miter of the first cut, at its left end
 * @param stop   from the blade line at the fence to the stop: the length along the outer edge
 * @param pieces letters of the pieces cut to this stop
 */
public record SawSetting(Angle miter, Angle first, Angle bevel, Length stop, List<String> pieces) {

    public SawSetting {
        pieces = List.copyOf(pieces);
    }
}
