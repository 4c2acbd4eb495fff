package neatcorner.plan;

import java.util.List;
import neatcorner.job.Ring;
import neatcorner.outline.Contours;
import neatcorner.piece.Piece;
import neatcorner.saw.SawCut;
import neatcorner.saw.SawSetting;
import org.jspecify.annotations.Nullable;

/**
 * A ring as it is cut.
 *
 * @param ring     what its maker decided about it
 * @param contours its edges; null when there is none to make
 * @param pieces   of one such ring; empty when its sizes are impossible
 * @param parts    what is cut for them: the pieces, or what those too long for a stick are scarfed from
 * @param settings of the saw, for the final cuts
 * @param cuts     every stroke of the saw in order, for all frames of the job
 */
public record CutRing(Ring ring, @Nullable Contours contours, List<Piece> pieces, List<Piece> parts,
        List<SawSetting> settings, List<SawCut> cuts) {

    public CutRing {
        pieces = List.copyOf(pieces);
        parts = List.copyOf(parts);
        settings = List.copyOf(settings);
        cuts = List.copyOf(cuts);
    }
}
