package neatcorner.stock.sheets;

import java.util.ArrayList;
import java.util.List;
import neatcorner.measure.Length;
import neatcorner.stock.Search;
import neatcorner.stock.Sheet;

/**
 * Panels to be cut from sheets of one material by straight cuts from edge to edge, as glass is snapped and board is sawn.
 * The aim: least cost, then fewest sheets.
 *
 * @param kerf     what a cut takes away; zero for glass that is scored
 * @param mayTurn  whether panels may be turned on sheets that have no pattern
 */
public record SheetNesting(List<Panel> panels, List<Sheet> sheets, Length kerf, boolean mayTurn) {
    /** Strips of glass narrower than so many thicknesses do not snap cleanly: running pliers (common practice). */
    public static final int NARROW = 10;

    public SheetNesting {
        panels = List.copyOf(panels);
        sheets = List.copyOf(sheets);
    }

    /** Lays the panels out. The same problem always gets the same answer, unless the search is stopped. */
    public SheetLayout solve(Search search) {
        int wanted = total();
        if (wanted == 0) {
            return new SheetLayout(List.of(), 0, 0, true, "nothing to cut");
        }
        SheetLayout quick = new GreedySheets(this, search).solve();
        if (quick.proved() || !ExactSheets.suits(this)) {
            return quick;
        }
        SheetLayout exact = ExactSheets.solve(this, search);
        return exact == null ? quick : exact;
    }

    int total() {
        return panels.stream().mapToInt(Panel::count).sum();
    }

    /** Which ways a panel may lie on a sheet with a grain or pattern, or without. */
    List<Boolean> turns(int panel, boolean grained) {
        boolean square = panels.get(panel).width().equals(panels.get(panel).height());
        return mayTurn && !grained && !square ? List.of(false, true) : List.of(false);
    }

    Block block(int panel, boolean turned) {
        return Block.of(panel, panels.get(panel).width().units(), panels.get(panel).height().units(), turned);
    }

    /** What a sheet loses at every edge, kerf included. */
    long trim(int sheet) {
        Length trim = sheets.get(sheet).trim();
        return trim.isPositive() ? Length.max(trim, kerf).units() : 0;
    }

    long roomAcross(int sheet) {
        return sheets.get(sheet).width().units() - 2 * trim(sheet);
    }

    long roomDown(int sheet) {
        return sheets.get(sheet).height().units() - 2 * trim(sheet);
    }

    boolean fits(Block block, int sheet) {
        return block.isWithin(roomAcross(sheet), roomDown(sheet));
    }

    boolean fitsAny(Block block, boolean grained) {
        for (int sheet = 0; sheet < sheets.size(); sheet++) {
            if (sheets.get(sheet).grained() == grained && fits(block, sheet)) {
                return true;
            }
        }
        return false;
    }

    /** Panels one by one, as indices. */
    List<Integer> each() {
        List<Integer> each = new ArrayList<>();
        for (int i = 0; i < panels.size(); i++) {
            for (int n = 0; n < panels.get(i).count(); n++) {
                each.add(i);
            }
        }
        return each;
    }
}
