package neatcorner.stock.sheets;

import java.util.List;
import neatcorner.outline.Opening;

/**
 * Where panels of one material are cut from.
 *
 * @param sheets   those to take, with what is cut from each
 * @param unplaced how many panels found no place
 * @param bound    no plan can do with fewer sheets at this cost; 0 when panels are unplaced
 * @param proof    by what, or how far from proved, in words
 */
public record SheetLayout(List<Cut> sheets, int unplaced, int bound, boolean proved, String proof) {

    /**
     * A sheet with its panels and cuts, cut alike so many times.
     *
     * @param stock index of its kind
     * @param left  what comes off besides the panels, from edge to edge
     */
    public record Cut(int stock, int times, List<PlacedPanel> panels, List<SheetCut> cuts, List<Opening> left) {
        public Cut {
            panels = List.copyOf(panels);
            cuts = List.copyOf(cuts);
            left = List.copyOf(left);
        }
    }

    public SheetLayout {
        sheets = List.copyOf(sheets);
    }

    /** How many sheets are taken. */
    public int count() {
        return sheets.stream().mapToInt(Cut::times).sum();
    }

    /** Whether every panel has its place. */
    public boolean isComplete() {
        return unplaced == 0;
    }
}
