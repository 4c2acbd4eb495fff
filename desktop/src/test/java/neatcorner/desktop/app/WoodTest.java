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
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
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
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** From boards to sections, sticks and sheets, in the window. */
class WoodTest extends WindowTest {

    @Start
    void start(Stage opened) throws Exception {
        open(opened);
    }

    private void choose(FxRobot robot, String menu, String text) {
        robot.clickOn(menu);
        settle();
        robot.clickOn(text);
        settle();
    }

    @Test
    void aCutIsMilledSizedByDraggingAndPlayedPassByPass(FxRobot robot) {
        at(robot, KeyCode.DIGIT2);
        choose(robot, "#mill", "Round-over");
        Operation.Shaped added = (Operation.Shaped) bench.job().section().milling().operations().getFirst();
        assertEquals(EdgeShape.ROUND_OVER, added.shape());
        robot.drag("#knob-milled-1", MouseButton.PRIMARY).moveBy(-30, 0).drop();
        settle();
        assertTrue(bench.job().section().milling().operations().getFirst().size().isMoreThan(added.size()),
                "dragged inwards, the round grows");
        robot.clickOn("#op-1");
        settle();
        type(robot, "#field-milled-1", "4");
        assertEquals(Length.mm(4), bench.job().section().milling().operations().getFirst().size());
        robot.clickOn("#safe-zone");
        settle();
        assertTrue(read(robot, ".slate").contains("Safe for hidden parts"), read(robot, ".slate"));
        robot.clickOn("#passes");
        settle();
        int passes = Passes.of(bench.job().section()).size();
        assertTrue(read(robot, "#pass-step").contains("1 of " + passes));
        assertTrue(read(robot, ".slate").contains("Bit, height"), read(robot, ".slate"));
        for (int i = 1; i < passes; i++) {
            robot.clickOn("#pass-next");
            settle();
        }
        assertTrue(read(robot, ".slate").contains("round-over"), read(robot, ".slate"));
    }

    /** A cove and a round-over, each with its own sizes and how far it is set in. */
    @Test
    void anOgeeIsMilledAsItsTwoCuts(FxRobot robot) {
        at(robot, KeyCode.DIGIT2);
        choose(robot, "#mill", "Ogee");
        List<Operation> cuts = bench.job().section().milling().operations();
        assertEquals(Operation.Shaped.ogee(Edge.FRONT_OUTER, Length.mm(6), Length.mm(4)), cuts);
        type(robot, "#field-milled-sunk-1", "5");
        robot.clickOn("#op-2");
        settle();
        type(robot, "#field-milled-inset-2", "7");
        List<Operation> sized = bench.job().section().milling().operations();
        assertEquals(Length.mm(5), assertInstanceOf(Operation.Shaped.class, sized.get(0)).sunk());
        assertEquals(Length.mm(7), assertInstanceOf(Operation.Shaped.class, sized.get(1)).inset());
    }

    @Test
    void aCutWithNothingToRestOnIsMovedEarlierByItsRemedy(FxRobot robot) {
        at(robot, KeyCode.DIGIT2);
        choose(robot, "#mill", "Bevel");
        type(robot, "#field-milled-1", "22");
        choose(robot, "#mill", "Groove");
        assertTrue(read(robot, "#finding-support-lost").contains("rest on"));
        List<Operation> before = bench.job().section().milling().order(bench.job().section().rabbet());
        robot.clickOn("Cut it earlier");
        settle();
        assertFalse(before.equals(bench.job().section().milling().order(bench.job().section().rabbet())));
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertEquals(before, bench.job().section().milling().order(bench.job().section().rabbet()));
    }

    @Test
    void stripsAreGluedUpWithAContrast(FxRobot robot) {
        at(robot, KeyCode.DIGIT2);
        inCard(robot, "#section-blank", "#blank-three-strips");
        assertEquals(3, bench.job().section().milling().layers().plies().size());
        type(robot, "#field-ply-1", "8");
        assertTrue(read(robot, "#finding-layers-sum").contains("32"), "the strips no longer add up");
        robot.clickOn("Make the section 32 mm wide");
        settle();
        assertEquals(Length.mm(32), bench.job().section().width());
    }

    private Point onScreen(FxRobot robot, double x, double y) {
        FigureView view = ((SticksView) robot.lookup("#station-sticks").query()).view();
        Point at = view.toView(x, y);
        Bounds screen = view.localToScreen(view.getBoundsInLocal());
        return new Point(screen.getMinX() + at.x(), screen.getMinY() + at.y());
    }

    private static SticksFigure.Row row(List<SticksFigure.Row> rows, int stock, int number) {
        return rows.stream().filter(row -> row.stock() == stock && row.number() == number).findFirst().orElseThrow();
    }

    @Test
    void aPieceIsDraggedToAnotherStickAndLetGoAgain(FxRobot robot) {
        at(robot, KeyCode.DIGIT5);
        List<SticksFigure.Row> rows = SticksFigure.rows(bench.currentPlan());
        CutStick from = bench.currentPlan().layout().sticks().getFirst();
        CutStick to = bench.currentPlan().layout().sticks().getLast();
        CutPiece piece = from.cuts().getFirst();
        SticksFigure.Row source = row(rows, from.stock(), from.number());
        SticksFigure.Row target = row(rows, to.stock(), to.number());
        Point a = onScreen(robot, piece.at().toMm() + 60, source.box().center().y());
        Point b = onScreen(robot, target.box().right() * 0.4, target.box().center().y());
        robot.drag(a.x(), a.y(), MouseButton.PRIMARY).moveTo(b.x(), b.y()).drop();
        settle();
        Pin pin = bench.job().stock().pins().getFirst();
        assertTrue(pin.holds(piece));
        assertEquals(to.stock(), pin.stock());
        CutStick holder = bench.currentPlan().layout().sticks().stream()
                .filter(stick -> stick.cuts().stream().anyMatch(pin::holds)).findFirst().orElseThrow();
        CutPiece held = holder.cuts().stream().filter(pin::holds).findFirst().orElseThrow();
        SticksFigure.Row now = row(SticksFigure.rows(bench.currentPlan()), holder.stock(), holder.number());
        Point c = onScreen(robot, held.at().toMm() + 60, now.box().center().y());
        robot.moveTo(c.x(), c.y());
        for (int tries = 0; tries < 3 && !bench.job().stock().pins().isEmpty(); tries++) {
            robot.doubleClickOn(MouseButton.PRIMARY);
            settle();
        }
        assertTrue(bench.job().stock().pins().isEmpty(), "a double click lets it go");
    }

    @Test
    void twoLayoutsAreCompared(FxRobot robot) {
        at(robot, KeyCode.DIGIT5);
        robot.clickOn("#compare");
        settle();
        Job before = bench.job();
        inCard(robot, "#sticks-more", "#keep-must");
        assertTrue(read(robot, ".slate").contains("The other"), read(robot, ".slate"));
        robot.clickOn("#take-other");
        settle();
        assertEquals(before, bench.job());
    }

    @Test
    void offcutsGoToTheShelfAndTheNextJobTakesThem(FxRobot robot) {
        at(robot, KeyCode.DIGIT5);
        int before = bench.job().stock().sticks().stream().mapToInt(stick -> stick.count()).sum();
        int taken = bench.currentPlan().layout().sticks().size();
        choose(robot, "#rack-menu", "It is cut: put the offcuts on the shelf");
        assertEquals(before - taken, bench.job().stock().sticks().stream().mapToInt(stick -> stick.count()).sum());
        assertTrue(isShown(robot, "#take-offcuts"));
        robot.clickOn("#take-offcuts");
        settle();
        assertTrue(bench.job().stock().sticks().getFirst().name().startsWith("offcut of"));
        assertFalse(isShown(robot, "#take-offcuts"), "they can be taken once");
    }

    @Test
    void jobsOfOneSectionAreCutTogether(FxRobot robot) {
        at(robot, KeyCode.DIGIT5);
        robot.clickOn("#rack-menu");
        settle();
        robot.clickOn("Cut together with Tide chart, sheet 1");
        settle();
        assertTrue(read(robot, "#sticks-hint").contains("job, frame, letter"), read(robot, "#sticks-hint"));
        choose(robot, "#rack-menu", "What else do the offcuts give?");
        assertTrue(read(robot, ".notice").contains("offcuts"), read(robot, ".notice"));
    }

    @Test
    void aRoughBoardIsEnteredAndMilledToSticks(FxRobot robot) {
        at(robot, KeyCode.DIGIT5);
        int before = bench.job().stock().sticks().size();
        robot.clickOn("#wood-boards");
        settle();
        robot.clickOn("#add-board");
        settle();
        type(robot, "#field-board-width-2", "120");
        assertEquals(Length.mm(120), bench.job().stock().boards().getLast().width());
        assertTrue(read(robot, "#wood-says").contains("rip 3 strips"), read(robot, "#wood-says"));
        robot.clickOn("#mill-board");
        settle();
        assertEquals(2, bench.job().stock().boards().size());
        assertEquals(before + 1, bench.job().stock().sticks().size());
        assertEquals(3, bench.job().stock().sticks().getLast().count());
    }

    @Test
    void glassIsCutFromASheet(FxRobot robot) {
        at(robot, KeyCode.DIGIT5);
        robot.clickOn("#wood-sheets");
        settle();
        choose(robot, "#add-sheet", "glass");
        assertEquals("glass", bench.job().stock().sheets().getLast().material());
        assertTrue(read(robot, ".slate").contains("Glass, proved least"), read(robot, ".slate"));
        type(robot, "#field-sheet-width-3", "700");
        assertTrue(read(robot, ".slate").contains("Glass"), read(robot, ".slate"));
        robot.clickOn("#sheet-grained");
        settle();
        assertTrue(bench.job().stock().sheets().getLast().grained());
    }

    @Test
    void sticksComeFromAListAndGoBackToOne(FxRobot robot) throws Exception {
        Path list = folder.resolve("sticks.csv");
        Files.writeString(list, "name;length;count;price;defects\nash;2,4 m;3;18,50;310-350\nshort;900;;;\n");
        RackMenu menu = new RackMenu(bench, () -> {});
        robot.interact(() -> menu.importFrom(list));
        settle();
        assertEquals(2, bench.job().stock().sticks().size());
        assertEquals(18.5, bench.job().stock().sticks().getFirst().price());
        robot.interact(() -> menu.exportTo(folder.resolve("out.csv")));
        assertTrue(Files.readString(folder.resolve("out.csv")).contains("ash,2400,3,18.50,310-350"));
        Files.writeString(list, "name,length\nash,soon\n");
        robot.interact(() -> menu.importFrom(list));
        settle();
        assertTrue(read(robot, ".notice").contains("line 2"), read(robot, ".notice"));
        assertEquals(2, bench.job().stock().sticks().size(), "nothing is lost");
    }
}
