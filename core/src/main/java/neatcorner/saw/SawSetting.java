package neatcorner.saw;

import java.util.List;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.piece.EndCut;
import neatcorner.piece.Tip;

/**
 * One setting of saw and stop for the final cuts, and the pieces it serves.
 *
 * @param cut    the final cut, at the piece's right end
 * @param first  the first cut, at its left end, which goes against the stop
 * @param stop   from the blade to the stop: the distance between the outermost points of both ends
 * @param pieces letters of the pieces cut to this stop
 */
public record SawSetting(EndCut cut, EndCut first, Length stop, List<String> pieces) {

    public SawSetting {
        pieces = List.copyOf(pieces);
    }

    /** From a square cut, to whichever side. */
    public Angle miter() {
        return cut.miter();
    }

    /** The blade's tilt from upright. */
    public Angle bevel() {
        return cut.bevel();
    }

    /** Where the distance to the stop is measured from: the blade's line at the outer edge, or at the sight edge. */
    public Tip from() {
        return cut.tip();
    }

    /** The point of the finished end that touches the stop. */
    public Tip touches() {
        return first.tip();
    }
}
