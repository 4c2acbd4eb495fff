package neatcorner.plan;

import java.util.List;
import neatcorner.piece.Piece;
import neatcorner.saw.CuttingOrder;
import neatcorner.saw.SawCut;
import neatcorner.saw.SawSetting;
import neatcorner.stock.StickLayout;

/**
 * All that is cut of wood for a job, from where, and in which order.
 *
 * @param parts    of one frame with its rings, as they are cut
 * @param layout   where those of all frames are cut from
 * @param settings of the saw, for the final cuts
 * @param cuts     every stroke of the saw in order, for all frames of the job
 */
public record CutList(List<Piece> parts, StickLayout layout, List<SawSetting> settings, List<SawCut> cuts) {

    public CutList {
        parts = List.copyOf(parts);
        settings = List.copyOf(settings);
        cuts = List.copyOf(cuts);
    }

    /** Of parts that are laid out so, for so many frames. */
    public static CutList of(List<Piece> parts, int frames, StickLayout layout) {
        return new CutList(parts, layout, CuttingOrder.settings(parts), CuttingOrder.cuts(parts, frames, layout));
    }
}
