package neatcorner.reference;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import neatcorner.measure.Length;
import neatcorner.stock.Search;
import neatcorner.stock.Sheet;
import neatcorner.stock.sheets.Panel;
import neatcorner.stock.sheets.PlacedPanel;
import neatcorner.stock.sheets.SheetLayout;
import neatcorner.stock.sheets.SheetNesting;
import org.junit.jupiter.api.Test;

/** Few panels on few sheets: every way to cut a sheet in two, and those parts in two again, is tried from the top down. */
class SheetsCutTest {

    @Test
    void plansOfFewPanelsAreTheBestOfAllStraightCuts() {
        Cases.of("sheets", random -> check(nesting(random)));
    }

    /** One grained sheet does not ban turning on the plain one: three panes of 400 × 300 want both. */
    @Test
    void aGrainedSheetBansTurningOnItselfAlone() {
        SheetLayout layout = new SheetNesting(List.of(panel(400, 300, 3)),
                List.of(sheet(700, 400, 1, false, 0), sheet(400, 300, 1, true, 0)), Length.ZERO, true)
                .solve(Search.PATIENT);
        assertEquals(2, layout.count());
        assertTrue(layout.isComplete() && layout.proved());
    }

    /** Found by exhaustive search: eleven of fourteen find a place, not ten. */
    @Test
    void asManyAsCanBeFindAPlace() {
        SheetLayout layout = new SheetNesting(List.of(panel(282, 415, 14)), List.of(sheet(1636, 881, 1, false, 0)),
                Length.ZERO, true).solve(Search.PATIENT);
        assertEquals(3, layout.unplaced());
    }

    private static Panel panel(double width, double height, int count) {
        return new Panel("pane", Length.mm(width), Length.mm(height), count);
    }

    private static Sheet sheet(double width, double height, int count, boolean grained, double price) {
        return new Sheet("sheet", "glass", Length.mm(width), Length.mm(height), count, price, grained);
    }

    private static SheetNesting nesting(Random random) {
        List<Panel> panels = new ArrayList<>();
        for (int i = 0; i < 1 + random.nextInt(2); i++) {
            panels.add(panel(2 + random.nextInt(9), 2 + random.nextInt(9), 1 + random.nextInt(3)));
        }
        List<Sheet> sheets = new ArrayList<>();
        for (int i = 0; i < 1 + random.nextInt(2); i++) {
            sheets.add(sheet(8 + random.nextInt(12), 8 + random.nextInt(12), 1 + random.nextInt(2),
                    random.nextInt(3) == 0, random.nextInt(3)));
        }
        return new SheetNesting(panels, sheets, Length.mm(random.nextInt(2)), random.nextInt(4) > 0);
    }

    private void check(SheetNesting nesting) {
        SheetLayout layout = nesting.solve(Search.PATIENT);
        for (SheetLayout.Cut cut : layout.sheets()) {
            for (PlacedPanel placed : cut.panels()) {
                assertFalse(placed.turned() && (nesting.sheets().get(cut.stock()).grained() || !nesting.mayTurn()),
                        "turned against the grain");
            }
        }
        long[] best = best(nesting);
        int wanted = nesting.panels().stream().mapToInt(Panel::count).sum();
        assertEquals(wanted - best[0], layout.unplaced(), "panels without a place");
        long cost = layout.sheets().stream()
                .mapToLong(cut -> cut.times() * Math.round(nesting.sheets().get(cut.stock()).cost())).sum();
        if (layout.proved()) {
            assertEquals(best[1], cost, "cost");
            assertEquals(best[2], layout.count(), "sheets");
        }
        assertTrue(!layout.isComplete() || layout.bound() <= best[2] || cost > best[1]);
    }

    /** Most panels, then least cost, then fewest sheets, over all ways to give panels to sheets. */
    private static long[] best(SheetNesting nesting) {
        int[] counts = nesting.panels().stream().mapToInt(Panel::count).toArray();
        Map<List<Integer>, long[]> reached = new HashMap<>();
        reached.put(zeros(counts.length), new long[]{0, 0});
        for (Sheet sheet : nesting.sheets()) {
            Cutter cutter = new Cutter(nesting, sheet.grained());
            for (int n = 0; n < sheet.count(); n++) {
                Map<List<Integer>, long[]> next = new HashMap<>(reached);
                reached.forEach((state, way) -> {
                    for (List<Integer> on : within(counts, state)) {
                        if (cutter.holds(mm(sheet.width()), mm(sheet.height()), on)) {
                            List<Integer> sum = sum(state, on);
                            long[] now = {way[0] + Math.round(sheet.cost()), way[1] + 1};
                            next.merge(sum, now, (a, b) -> a[0] < b[0] || (a[0] == b[0] && a[1] <= b[1]) ? a : b);
                        }
                    }
                });
                reached = next;
            }
        }
        long[] best = {-1, 0, 0};
        for (Map.Entry<List<Integer>, long[]> entry : reached.entrySet()) {
            long placed = entry.getKey().stream().mapToInt(Integer::intValue).sum();
            long[] way = entry.getValue();
            if (placed > best[0] || (placed == best[0]
                    && (way[0] < best[1] || (way[0] == best[1] && way[1] < best[2])))) {
                best = new long[]{placed, way[0], way[1]};
            }
        }
        return best;
    }

    private static int mm(Length length) {
        return (int) Math.round(length.toMm());
    }

    private static List<Integer> zeros(int n) {
        return Collections.nCopies(n, 0);
    }

    private static List<Integer> sum(List<Integer> a, List<Integer> b) {
        List<Integer> sum = new ArrayList<>(a);
        for (int i = 0; i < sum.size(); i++) {
            sum.set(i, a.get(i) + b.get(i));
        }
        return sum;
    }

    /** Every choice of at least one panel of those that are left. */
    private static List<List<Integer>> within(int[] counts, List<Integer> taken) {
        List<List<Integer>> all = new ArrayList<>(List.of(List.of()));
        for (int i = 0; i < counts.length; i++) {
            List<List<Integer>> longer = new ArrayList<>();
            for (List<Integer> part : all) {
                for (int n = 0; n <= counts[i] - taken.get(i); n++) {
                    List<Integer> more = new ArrayList<>(part);
                    more.add(n);
                    longer.add(more);
                }
            }
            all = longer;
        }
        all.removeIf(choice -> choice.stream().allMatch(n -> n == 0));
        return all;
    }

    /** Whether a rectangle can be cut into some panels: at every whole millimetre, both ways, sharing the panels out. */
    private static final class Cutter {
        private final int[][] sizes;
        private final int kerf;
        private final boolean turning;
        private final Map<String, Boolean> known = new HashMap<>();

        Cutter(SheetNesting nesting, boolean grained) {
            this.sizes = nesting.panels().stream().map(panel -> new int[]{mm(panel.width()), mm(panel.height())})
                    .toArray(int[][]::new);
            this.kerf = mm(nesting.kerf());
            this.turning = nesting.mayTurn() && !grained;
        }

        boolean holds(int width, int height, List<Integer> panels) {
            int area = 0;
            int count = 0;
            for (int i = 0; i < sizes.length; i++) {
                area += panels.get(i) * sizes[i][0] * sizes[i][1];
                count += panels.get(i);
            }
            if (count == 0) {
                return true;
            }
            if (area > width * height) {
                return false;
            }
            String key = width + "," + height + panels;
            Boolean before = known.get(key);
            if (before != null) {
                return before;
            }
            boolean fits = count == 1 ? one(width, height, panels) : cut(width, height, panels);
            known.put(key, fits);
            return fits;
        }

        private boolean one(int width, int height, List<Integer> panels) {
            int i = panels.indexOf(1);
            return (sizes[i][0] <= width && sizes[i][1] <= height)
                    || (turning && sizes[i][1] <= width && sizes[i][0] <= height);
        }

        private boolean cut(int width, int height, List<Integer> panels) {
            int[] counts = panels.stream().mapToInt(Integer::intValue).toArray();
            for (List<Integer> part : within(counts, zeros(counts.length))) {
                List<Integer> rest = new ArrayList<>();
                for (int i = 0; i < counts.length; i++) {
                    rest.add(counts[i] - part.get(i));
                }
                if (rest.stream().allMatch(n -> n == 0)) {
                    continue;
                }
                for (int at = 1; at < Math.max(width, height); at++) {
                    if ((at + kerf < width && holds(at, height, part) && holds(width - at - kerf, height, rest))
                            || (at + kerf < height && holds(width, at, part)
                                    && holds(width, height - at - kerf, rest))) {
                        return true;
                    }
                }
            }
            return false;
        }
    }
}
