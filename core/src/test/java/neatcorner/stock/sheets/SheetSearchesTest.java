package neatcorner.stock.sheets;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import neatcorner.measure.Length;
import neatcorner.stock.Search;
import neatcorner.stock.Sheet;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

/** The quick and the exact search for sheets, one against the other. */
class SheetSearchesTest {

    private static SheetNesting any(Random random) {
        List<Panel> panels = new ArrayList<>();
        for (int i = 0; i <= random.nextInt(3); i++) {
            panels.add(new Panel("panel " + i, Length.mm(100 + random.nextInt(500)),
                    Length.mm(100 + random.nextInt(400)), 1 + random.nextInt(4)));
        }
        List<Sheet> sheets = List.of(
                new Sheet("large", "glass", Length.mm(1200), Length.mm(900), 12, 5.0 + random.nextInt(9), false),
                new Sheet("small", "glass", Length.mm(700), Length.mm(500), 12, 2.0 + random.nextInt(5), false));
        return new SheetNesting(panels, sheets, Length.mm(random.nextInt(3)), true);
    }

    private static double cost(SheetNesting nesting, SheetLayout layout) {
        return layout.sheets().stream().mapToDouble(cut -> cut.times() * nesting.sheets().get(cut.stock()).cost())
                .sum();
    }

    @Property(tries = 100)
    void theExactSearchIsNeverDearerThanTheQuickOne(@ForAll long seed) {
        SheetNesting nesting = any(new Random(seed));
        SheetLayout quick = new GreedySheets(nesting, Search.PATIENT).solve();
        SheetLayout exact = ExactSheets.solve(nesting, Search.PATIENT);
        if (exact != null) {
            assertTrue(exact.proved());
            assertTrue(exact.isComplete());
            assertTrue(cost(nesting, exact) <= cost(nesting, quick) + 1e-9);
            assertTrue(quick.bound() <= exact.count(), "the bound by area holds for every plan");
        } else {
            assertFalse(quick.isComplete() && ExactSheets.suits(nesting) && nesting.total() < 4);
        }
    }

    private static double area(Length width, Length height) {
        return width.toMm() * height.toMm();
    }

    @Property(tries = 200)
    void whatIsLeftAndThePanelsMakeUpTheSheet(@ForAll long seed) {
        Random random = new Random(seed);
        SheetNesting nesting = any(random);
        double trim = random.nextBoolean() ? 0 : 10;
        boolean scored = nesting.kerf().equals(Length.ZERO) && trim == 0;
        SheetNesting trimmed = new SheetNesting(nesting.panels(),
                nesting.sheets().stream().map(sheet -> sheet.withTrim(Length.mm(trim))).toList(), nesting.kerf(), true);
        for (SheetLayout.Cut cut : trimmed.solve(Search.PATIENT).sheets()) {
            Sheet sheet = trimmed.sheets().get(cut.stock());
            double whole = area(sheet.width(), sheet.height());
            double taken = cut.panels().stream().mapToDouble(panel -> area(panel.width(), panel.height())).sum()
                    + cut.left().stream().mapToDouble(left -> area(left.width(), left.height())).sum();
            double sawn = cut.cuts().stream().mapToDouble(each -> area(each.to().minus(each.from()), trimmed.kerf()))
                    .sum();
            double edges = whole - area(sheet.width().minus(Length.mm(2 * trim)),
                    sheet.height().minus(Length.mm(2 * trim)));
            assertTrue(taken <= whole + 1e-6);
            assertTrue(taken + sawn + edges >= whole - 1e-6, "nothing is lost but dust and bruised edges");
            assertTrue(!scored || Math.abs(taken - whole) < 1e-6, "a scored sheet loses nothing");
        }
    }

    @Test
    void manyPanelsGetAGoodPlanQuicklyAndNoClaim() {
        List<Panel> panels = new ArrayList<>();
        Random random = new Random(9);
        for (int i = 0; i < 25; i++) {
            panels.add(
                    new Panel("panel " + i, Length.mm(150 + random.nextInt(400)), Length.mm(150 + random.nextInt(300)),
                            3));
        }
        SheetNesting nesting = new SheetNesting(panels,
                List.of(new Sheet("large", "glass", Length.mm(1600), Length.mm(1200), 40, null, false)), Length.ZERO,
                true);
        assertFalse(ExactSheets.suits(nesting));
        SheetLayout layout = nesting.solve(Search.PATIENT);
        assertTrue(layout.isComplete());
        double panelArea = panels.stream().mapToDouble(p -> 3 * p.width().toMm() * p.height().toMm()).sum();
        double sheetArea = layout.count() * 1600.0 * 1200;
        assertTrue(panelArea / sheetArea > 0.75, "used: " + panelArea / sheetArea);
        assertTrue(layout.bound() <= layout.count());
        assertEquals(layout, nesting.solve(Search.PATIENT), "the same list gets the same plan");
    }

    @Test
    void aStoppedSearchStillHasAPlan() {
        SheetNesting nesting = any(new Random(5));
        SheetLayout layout = nesting.solve(() -> true);
        assertTrue(layout.count() > 0);
        assertTrue(layout.isComplete());
    }

    @Test
    void noSheetsAreNoCrash() {
        SheetNesting nesting = new SheetNesting(List.of(new Panel("p", Length.mm(10), Length.mm(10), 2)), List.of(),
                Length.ZERO, true);
        SheetLayout layout = nesting.solve(Search.PATIENT);
        assertEquals(2, layout.unplaced());
        assertFalse(layout.proved());
        assertTrue(new SheetNesting(List.of(), List.of(), Length.ZERO, true).solve(Search.PATIENT).proved());
    }
}
