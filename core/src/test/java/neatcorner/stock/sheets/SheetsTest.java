package neatcorner.stock.sheets;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import neatcorner.measure.Length;
import neatcorner.stock.Search;
import neatcorner.stock.Sheet;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** Panels from sheets by straight cuts: checked cut by cut, against exhaustive search, and against the area. */
class SheetsTest {

    private static Panel panel(double width, double height, int count) {
        return new Panel("panel", Length.mm(width), Length.mm(height), count);
    }

    private static Sheet sheet(double width, double height, int count, @Nullable Double price) {
        return new Sheet("sheet", "glass", Length.mm(width), Length.mm(height), count, price, false);
    }

    private static SheetNesting scored(List<Panel> panels, Sheet... sheets) {
        return new SheetNesting(panels, List.of(sheets), Length.ZERO, true);
    }

    @Test
    void fourQuartersFillASheet() {
        SheetLayout layout = scored(List.of(panel(500, 400, 4)), sheet(1000, 800, 3, null)).solve(Search.PATIENT);
        assertEquals(1, layout.count());
        assertTrue(layout.proved());
        assertEquals(3, layout.sheets().getFirst().cuts().size());
    }

    /** Geometry: five rectangles in a pinwheel fill a square that no straight cut takes apart. */
    @Test
    void aPinwheelNeedsASecondSheet() {
        List<Panel> wheel = List.of(panel(200, 100, 2), panel(100, 200, 2), panel(100, 100, 1));
        SheetNesting fixed = new SheetNesting(wheel, List.of(sheet(300, 300, 5, null)), Length.ZERO,
                false);
        assertEquals(2, fixed.solve(Search.PATIENT).count());
        SheetLayout turned = scored(wheel, sheet(300, 300, 5, null)).solve(Search.PATIENT);
        assertEquals(1, turned.count(), "turned, all four lie the same way");
        assertTrue(turned.proved());
    }

    @Test
    void theKerfTakesItsShareAndTheTrimToo() {
        List<Panel> halves = List.of(panel(500, 800, 2));
        assertEquals(1, scored(halves, sheet(1000, 800, 2, null)).solve(Search.PATIENT).count());
        SheetNesting sawn = new SheetNesting(halves, List.of(sheet(1000, 800, 2, null)), Length.mm(3),
                true);
        assertEquals(2, sawn.solve(Search.PATIENT).count());
        SheetNesting trimmed = new SheetNesting(halves,
                List.of(sheet(1000, 800, 2, null).withTrim(Length.mm(5))), Length.ZERO, true);
        assertEquals(2, trimmed.solve(Search.PATIENT).count(), "one each, turned");
    }

    @Test
    void aPatternedSheetKeepsItsPanelsUpright() {
        Sheet patterned = new Sheet("mat", "mat", Length.mm(800), Length.mm(400), 4, null, true);
        SheetLayout layout = scored(List.of(panel(300, 700, 1)), patterned).solve(Search.PATIENT);
        assertEquals(1, layout.unplaced());
        assertFalse(layout.proved());
    }

    @Test
    void theCheaperSheetsAreTaken() {
        SheetLayout layout = scored(List.of(panel(400, 300, 2)), sheet(2000, 1500, 3, 60.0),
                sheet(420, 310, 5, 9.0)).solve(Search.PATIENT);
        assertEquals(2, layout.count());
        assertTrue(layout.sheets().stream().allMatch(cut -> cut.stock() == 1));
        assertTrue(layout.proved());
    }

    @Property(tries = 250)
    void everyPlanCanBeCutFromEdgeToEdge(@ForAll long seed) {
        Random random = new Random(seed);
        List<Panel> panels = new ArrayList<>();
        for (int i = 0; i <= random.nextInt(6); i++) {
            panels.add(panel(60 + random.nextInt(500), 60 + random.nextInt(500), 1 + random.nextInt(4)));
        }
        Length kerf = Length.mm(random.nextInt(4));
        Length trim = Length.mm(random.nextInt(3) * 5);
        SheetNesting nesting = new SheetNesting(panels,
                List.of(sheet(900, 700, 6, null).withTrim(trim),
                        sheet(1200, 500, 3, random.nextBoolean() ? 12.0 : null)),
                kerf, random.nextBoolean());
        SheetLayout layout = nesting.solve(Search.PATIENT);
        int[] placed = new int[panels.size()];
        for (SheetLayout.Cut cut : layout.sheets()) {
            new CutByCut(nesting.sheets().get(cut.stock()), kerf).check(cut);
            cut.panels().forEach(each -> placed[each.panel()] += cut.times());
            for (PlacedPanel each : cut.panels()) {
                Panel wanted = panels.get(each.panel());
                assertEquals(each.turned() ? wanted.height() : wanted.width(), each.width());
                assertEquals(each.turned() ? wanted.width() : wanted.height(), each.height());
            }
        }
        int sum = 0;
        for (int i = 0; i < placed.length; i++) {
            assertTrue(placed[i] <= panels.get(i).count());
            sum += placed[i];
        }
        assertEquals(nesting.total(), sum + layout.unplaced());
    }

    @Property(tries = 60)
    void smallCasesNeedAsManySheetsAsByExhaustiveSearch(@ForAll long seed) {
        Random random = new Random(seed);
        List<Panel> panels = new ArrayList<>();
        for (int i = 0; i < 2 + random.nextInt(3); i++) {
            panels.add(panel(2 + random.nextInt(5), 2 + random.nextInt(5), 1));
        }
        SheetNesting nesting = scored(panels, sheet(8, 7, 5, null));
        SheetLayout layout = nesting.solve(Search.PATIENT);
        assertTrue(layout.proved());
        assertEquals(fewest(panels), layout.count(), panels.toString());
    }

    /** Tries every way to share the panels out over sheets, and every integer cut of each sheet. */
    private static int fewest(List<Panel> panels) {
        int all = (1 << panels.size()) - 1;
        int[] least = new int[all + 1];
        Arrays.fill(least, 99);
        least[0] = 0;
        for (int set = 1; set <= all; set++) {
            for (int part = set; part > 0; part = (part - 1) & set) {
                if (least[set ^ part] + 1 < least[set] && fits(8, 7, part, panels)) {
                    least[set] = least[set ^ part] + 1;
                }
            }
        }
        return least[all];
    }

    private static boolean fits(int w, int h, int set, List<Panel> panels) {
        if (set == 0) {
            return true;
        }
        if (Integer.bitCount(set) == 1) {
            Panel panel = panels.get(Integer.numberOfTrailingZeros(set));
            double a = panel.width().toMm();
            double b = panel.height().toMm();
            return (a <= w && b <= h) || (b <= w && a <= h);
        }
        for (int part = (set - 1) & set; part > 0; part = (part - 1) & set) {
            for (int cut = 1; cut < w; cut++) {
                if (fits(cut, h, part, panels) && fits(w - cut, h, set ^ part, panels)) {
                    return true;
                }
            }
            for (int cut = 1; cut < h; cut++) {
                if (fits(w, cut, part, panels) && fits(w, h - cut, set ^ part, panels)) {
                    return true;
                }
            }
        }
        return false;
    }

    /** Follows a plan with a saw of its own: every cut must run from edge to edge of a part that is still whole. */
    private record CutByCut(Sheet sheet, Length kerf) {

        private record Rest(double x, double y, double right, double bottom) {}

        void check(SheetLayout.Cut plan) {
            List<Rest> rests = new ArrayList<>(
                    List.of(new Rest(0, 0, sheet.width().toMm(), sheet.height().toMm())));
            int number = 1;
            for (SheetCut cut : plan.cuts()) {
                assertEquals(number++, cut.number());
                Rest rest = rests.stream().filter(r -> spans(r, cut)).findFirst()
                        .orElseThrow(() -> new AssertionError("no part to cut: " + cut + " in " + rests));
                rests.remove(rest);
                double at = cut.at().toMm();
                double after = at + kerf.toMm();
                if (cut.upright()) {
                    rests.add(new Rest(rest.x, rest.y, at, rest.bottom));
                    rests.add(new Rest(Math.min(after, rest.right), rest.y, rest.right, rest.bottom));
                } else {
                    rests.add(new Rest(rest.x, rest.y, rest.right, at));
                    rests.add(new Rest(rest.x, Math.min(after, rest.bottom), rest.right, rest.bottom));
                }
            }
            for (PlacedPanel panel : plan.panels()) {
                assertTrue(rests.removeIf(r -> near(r.x, panel.x()) && near(r.y, panel.y())
                        && near(r.right - r.x, panel.width()) && near(r.bottom - r.y, panel.height())),
                        "not cut out: " + panel + " of " + rests);
            }
        }

        private static boolean spans(Rest rest, SheetCut cut) {
            return cut.upright()
                    ? near(rest.y, cut.from()) && near(rest.bottom, cut.to()) && cut.at().toMm() > rest.x
                            && cut.at().toMm() < rest.right
                    : near(rest.x, cut.from()) && near(rest.right, cut.to()) && cut.at().toMm() > rest.y
                            && cut.at().toMm() < rest.bottom;
        }

        private static boolean near(double a, Length b) {
            return Math.abs(a - b.toMm()) < 1e-3;
        }
    }
}
