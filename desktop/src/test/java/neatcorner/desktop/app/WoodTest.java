package neatcorner.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.geometry.Bounds;
import javafx.scene.input.KeyCode;
import neatcorner.desktop.draw.FigureView;
import neatcorner.desktop.station.sticks.RackMenu;
import neatcorner.desktop.station.sticks.SticksView;
import neatcorner.drawing.Point;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.section.Edge;
import neatcorner.section.EdgeShape;
import neatcorner.section.Operation;
import neatcorner.section.Passes;
import neatcorner.station.sticks.SticksFigure;
import neatcorner.stock.CutPiece;
import neatcorner.stock.CutStick;
import neatcorner.stock.Pin;
import org.junit.jupiter.api.Test;

/** From boards to sections, sticks and sheets, in the window. */
class WoodTest extends WindowTest {

    private void choose(String menu, String text) {
        maker.clickOn(menu);
        settle();
        maker.clickOn(text);
        settle();
    }

    @Test
    void aCutIsMilledSizedByDraggingAndPlayedPassByPass() {
        at(KeyCode.DIGIT2);
        choose("#mill", "Round-over");
        Operation.Shaped added = (Operation.Shaped) bench.job().section().milling().operations().getFirst();
        assertEquals(EdgeShape.ROUND_OVER, added.shape());
        maker.drag("#knob-milled-1").moveBy(-30, 0).drop();
        settle();
        assertTrue(bench.job().section().milling().operations().getFirst().size().isMoreThan(added.size()),
                "dragged inwards, the round grows");
        maker.clickOn("#op-1");
        settle();
        type("#field-milled-1", "4");
        assertEquals(Length.mm(4), bench.job().section().milling().operations().getFirst().size());
        maker.clickOn("#safe-zone");
        settle();
        assertTrue(read(".slate").contains("Safe for hidden parts"), read(".slate"));
        maker.clickOn("#passes");
        settle();
        int passes = Passes.of(bench.job().section()).size();
        assertTrue(read("#pass-step").contains("1 of " + passes));
        assertTrue(read(".slate").contains("Bit, height"), read(".slate"));
        for (int i = 1; i < passes; i++) {
            maker.clickOn("#pass-next");
            settle();
        }
        assertTrue(read(".slate").contains("round-over"), read(".slate"));
    }

    /** A cove and a round-over, each with its own sizes and how far it is set in. */
    @Test
    void anOgeeIsMilledAsItsTwoCuts() {
        at(KeyCode.DIGIT2);
        choose("#mill", "Ogee");
        List<Operation> cuts = bench.job().section().milling().operations();
        assertEquals(Operation.Shaped.ogee(Edge.FRONT_OUTER, Length.mm(6), Length.mm(4)), cuts);
        type("#field-milled-sunk-1", "5");
        maker.clickOn("#op-2");
        settle();
        type("#field-milled-inset-2", "7");
        List<Operation> sized = bench.job().section().milling().operations();
        assertEquals(Length.mm(5), assertInstanceOf(Operation.Shaped.class, sized.get(0)).sunk());
        assertEquals(Length.mm(7), assertInstanceOf(Operation.Shaped.class, sized.get(1)).inset());
    }

    @Test
    void aCutWithNothingToRestOnIsMovedEarlierByItsRemedy() {
        at(KeyCode.DIGIT2);
        choose("#mill", "Bevel");
        type("#field-milled-1", "22");
        choose("#mill", "Groove");
        assertTrue(read("#finding-support-lost").contains("rest on"));
        List<Operation> before = bench.job().section().milling().order(bench.job().section().rabbet());
        maker.clickOn("Cut it earlier");
        settle();
        assertFalse(before.equals(bench.job().section().milling().order(bench.job().section().rabbet())));
        maker.push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertEquals(before, bench.job().section().milling().order(bench.job().section().rabbet()));
    }

    @Test
    void stripsAreGluedUpWithAContrast() {
        at(KeyCode.DIGIT2);
        inCard("#section-blank", "#blank-three-strips");
        assertEquals(3, bench.job().section().milling().layers().plies().size());
        type("#field-ply-1", "8");
        assertTrue(read("#finding-layers-sum").contains("32"), "the strips no longer add up");
        maker.clickOn("Make the section 32 mm wide");
        settle();
        assertEquals(Length.mm(32), bench.job().section().width());
    }

    private Point onScreen(double x, double y) {
        FigureView view = ((SticksView) maker.node("#station-sticks")).view();
        Point at = view.toView(x, y);
        Bounds screen = view.localToScreen(view.getBoundsInLocal());
        return new Point(screen.getMinX() + at.x(), screen.getMinY() + at.y());
    }

    private static SticksFigure.Row row(List<SticksFigure.Row> rows, int stock, int number) {
        return rows.stream().filter(row -> row.stock() == stock && row.number() == number).findFirst().orElseThrow();
    }

    @Test
    void aPieceIsDraggedToAnotherStickAndLetGoAgain() {
        at(KeyCode.DIGIT5);
        List<SticksFigure.Row> rows = SticksFigure.rows(bench.currentPlan());
        CutStick from = bench.currentPlan().layout().sticks().getFirst();
        CutStick to = bench.currentPlan().layout().sticks().getLast();
        CutPiece piece = from.cuts().getFirst();
        SticksFigure.Row source = row(rows, from.stock(), from.number());
        SticksFigure.Row target = row(rows, to.stock(), to.number());
        Point a = onScreen(piece.at().toMm() + 60, source.box().center().y());
        Point b = onScreen(target.box().right() * 0.4, target.box().center().y());
        maker.drag(a.x(), a.y()).moveTo(b.x(), b.y()).drop();
        settle();
        Pin pin = bench.job().stock().pins().getFirst();
        assertTrue(pin.holds(piece));
        assertEquals(to.stock(), pin.stock());
        CutStick holder = bench.currentPlan().layout().sticks().stream()
                .filter(stick -> stick.cuts().stream().anyMatch(pin::holds)).findFirst().orElseThrow();
        CutPiece held = holder.cuts().stream().filter(pin::holds).findFirst().orElseThrow();
        SticksFigure.Row now = row(SticksFigure.rows(bench.currentPlan()), holder.stock(), holder.number());
        Point c = onScreen(held.at().toMm() + 60, now.box().center().y());
        maker.moveTo(c.x(), c.y());
        for (int tries = 0; tries < 3 && !bench.job().stock().pins().isEmpty(); tries++) {
            maker.doubleClickOn(c.x(), c.y());
            settle();
        }
        assertTrue(bench.job().stock().pins().isEmpty(), "a double click lets it go");
    }

    @Test
    void twoLayoutsAreCompared() {
        at(KeyCode.DIGIT5);
        maker.clickOn("#compare");
        settle();
        Job before = bench.job();
        inCard("#sticks-more", "#keep-must");
        assertTrue(read(".slate").contains("The other"), read(".slate"));
        maker.clickOn("#take-other");
        settle();
        assertEquals(before, bench.job());
    }

    @Test
    void offcutsGoToTheShelfAndTheNextJobTakesThem() {
        at(KeyCode.DIGIT5);
        int before = bench.job().stock().sticks().stream().mapToInt(stick -> stick.count()).sum();
        int taken = bench.currentPlan().layout().sticks().size();
        choose("#rack-menu", "It is cut: put the offcuts on the shelf");
        assertEquals(before - taken, bench.job().stock().sticks().stream().mapToInt(stick -> stick.count()).sum());
        assertTrue(isShown("#take-offcuts"));
        maker.clickOn("#take-offcuts");
        settle();
        assertTrue(bench.job().stock().sticks().getFirst().name().startsWith("offcut of"));
        assertFalse(isShown("#take-offcuts"), "they can be taken once");
    }

    @Test
    void jobsOfOneSectionAreCutTogether() {
        at(KeyCode.DIGIT5);
        maker.clickOn("#rack-menu");
        settle();
        maker.clickOn("Cut together with Tide chart, sheet 1");
        settle();
        assertTrue(read("#sticks-hint").contains("job, frame, letter"), read("#sticks-hint"));
        choose("#rack-menu", "What else do the offcuts give?");
        assertTrue(read(".notice").contains("offcuts"), read(".notice"));
    }

    @Test
    void aRoughBoardIsEnteredAndMilledToSticks() {
        at(KeyCode.DIGIT5);
        int before = bench.job().stock().sticks().size();
        maker.clickOn("#wood-boards");
        settle();
        maker.clickOn("#add-board");
        settle();
        type("#field-board-width-2", "120");
        assertEquals(Length.mm(120), bench.job().stock().boards().getLast().width());
        assertTrue(read("#wood-says").contains("rip 3 strips"), read("#wood-says"));
        maker.clickOn("#mill-board");
        settle();
        assertEquals(2, bench.job().stock().boards().size());
        assertEquals(before + 1, bench.job().stock().sticks().size());
        assertEquals(3, bench.job().stock().sticks().getLast().count());
    }

    @Test
    void glassIsCutFromASheet() {
        at(KeyCode.DIGIT5);
        maker.clickOn("#wood-sheets");
        settle();
        choose("#add-sheet", "glass");
        assertEquals("glass", bench.job().stock().sheets().getLast().material());
        assertTrue(read(".slate").contains("Glass, proved least"), read(".slate"));
        type("#field-sheet-width-3", "700");
        assertTrue(read(".slate").contains("Glass"), read(".slate"));
        maker.clickOn("#sheet-grained");
        settle();
        assertTrue(bench.job().stock().sheets().getLast().grained());
    }

    @Test
    void sticksComeFromAListAndGoBackToOne() throws Exception {
        Path list = folder.resolve("sticks.csv");
        Files.writeString(list, "name;length;count;price;defects\nash;2,4 m;3;18,50;310-350\nshort;900;;;\n");
        RackMenu menu = new RackMenu(bench, () -> {});
        maker.interact(() -> menu.importFrom(list));
        settle();
        assertEquals(2, bench.job().stock().sticks().size());
        assertEquals(18.5, bench.job().stock().sticks().getFirst().price());
        maker.interact(() -> menu.exportTo(folder.resolve("out.csv")));
        settle();
        assertTrue(Files.readString(folder.resolve("out.csv")).contains("ash,2400,3,18.50,310-350"));
        Files.writeString(list, "name,length\nash,soon\n");
        maker.interact(() -> menu.importFrom(list));
        settle();
        assertTrue(read(".notice").contains("line 2"), read(".notice"));
        assertEquals(2, bench.job().stock().sticks().size(), "nothing is lost");
    }
}
