package neatcorner.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import javafx.geometry.Bounds;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.desktop.draw.FigureView;
import neatcorner.exchange.job.JobFile;
import neatcorner.exchange.paper.PaperSize;
import neatcorner.measure.Length;
import neatcorner.measure.Spelling;
import neatcorner.plan.Station;
import neatcorner.station.sticks.SticksFigure;
import neatcorner.stock.Span;
import neatcorner.stock.Stick;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** The real window, driven with mouse and keys through the whole path from a picture to the paper. */
class WholePathTest extends WindowTest {

    @Start
    void start(Stage opened) throws Exception {
        open(opened);
    }
    @Test
    void anArtSizeIsTypedInTheDrawingAndEverythingFollows(FxRobot robot) {
        settle();
        assertEquals("594", read(robot, "#value-art-width"));
        type(robot, "#value-art-width", "24 in + 10");
        assertEquals("619.6", read(robot, "#value-art-width"));
        assertEquals("764.6", read(robot, "#value-outside-width"));
        assertTrue(read(robot, "#slate-outside").contains("764.6"));
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertEquals("739", read(robot, "#value-outside-width"));
        robot.push(KeyCode.CONTROL, KeyCode.Y);
        settle();
        assertEquals("764.6", read(robot, "#value-outside-width"));
    }

    @Test
    void whatIsNotUnderstoodIsSaidAndNothingIsLost(FxRobot robot) {
        settle();
        robot.clickOn("#value-art-width");
        settle();
        robot.push(KeyCode.CONTROL, KeyCode.A);
        robot.write("59 banana");
        settle();
        assertTrue(read(robot, ".value-entry").contains("expected a unit"), read(robot, ".value-entry"));
        robot.push(KeyCode.ENTER);
        robot.push(KeyCode.ESCAPE);
        settle();
        assertEquals("594", read(robot, "#value-art-width"));
        assertFalse(bench.canUndo().get());
    }

    @Test
    void typingASightSizeMakesItTheOneThatGoverns(FxRobot robot) {
        settle();
        type(robot, "#value-sight-width", "700");
        assertEquals("700", read(robot, "#value-sight-width"));
        assertEquals("615", read(robot, "#value-art-width"));
        assertTrue(robot.lookup("#start-sight").queryAs(ToggleButton.class).isSelected());
    }

    @Test
    void theRabbetIsDraggedDeeperAndShallowerUntilAFindingCallsStopAndItsRemedyMends(FxRobot robot) {
        at(robot, KeyCode.DIGIT2);
        assertEquals("12", read(robot, "#value-rabbet-depth"));
        robot.drag("#knob-rabbet-depth", MouseButton.PRIMARY).dropBy(0, 90);
        settle();
        double depth = bench.job().section().rabbet().depth().toMm();
        assertTrue(depth < 6, "dragged to " + depth);
        assertTrue(read(robot, "#finding-pack-too-thick").contains("stands proud"));
        assertTrue(read(robot, "#rail-section .rail-sign").startsWith("■ "));
        robot.clickOn("#remedy-pack-too-thick");
        settle();
        assertFalse(isShown(robot, "#finding-pack-too-thick"));
        assertEquals("8.7", read(robot, "#value-rabbet-depth"));
        robot.clickOn("#undo");
        robot.clickOn("#undo");
        settle();
        assertEquals("12", read(robot, "#value-rabbet-depth"));
    }

    @Test
    void everyNumberShowsItsWorking(FxRobot robot) {
        settle();
        robot.clickOn("#slate-outside");
        settle();
        assertTrue(read(robot, "#working").contains("Outside width 739 mm = sight width 679 + 2 × face width 30"));
        at(robot, KeyCode.DIGIT2);
        robot.interact(() -> robot.lookup("#value-lip").query().requestFocus());
        robot.push(KeyCode.F1);
        settle();
        assertTrue(read(robot, "#working").contains("Lip 8 mm = thickness 20 − rabbet depth 12"));
    }

    @Test
    void aDefectIsMarkedByDraggingAlongAStickAndTheLayoutMakesWayForIt(FxRobot robot) throws Exception {
        at(robot, KeyCode.DIGIT5);
        int before = bench.job().stock().sticks().getFirst().defects().size();
        FigureView view = robot.lookup("#station-sticks .figure-view").queryAs(FigureView.class);
        Bounds screen = view.localToScreen(view.getBoundsInLocal());
        assertNotNull(screen);
        double y = SticksFigure.rows(bench.currentPlan()).getFirst().box().center().y();
        var from = view.toView(1000, y);
        var to = view.toView(1100, y);
        robot.moveTo(screen.getMinX() + from.x(), screen.getMinY() + from.y()).press(MouseButton.PRIMARY)
                .moveTo(screen.getMinX() + to.x(), screen.getMinY() + to.y()).release(MouseButton.PRIMARY);
        settle();
        assertEquals(before, bench.job().stock().sticks().getFirst().defects().size(),
                "the others of its kind are sound");
        Stick one = bench.job().stock().sticks().get(1);
        assertEquals(1, one.count());
        assertEquals(before + 1, one.defects().size());
        Span marked = one.defects().getLast();
        assertEquals(1000, marked.from().toMm(), 8);
        assertEquals(1100, marked.to().toMm(), 8);
        bench.currentPlan().layout().sticks().stream().filter(stick -> stick.stock() == 1)
                .flatMap(stick -> stick.cuts().stream())
                .forEach(cut -> assertFalse(new Span(cut.at(), cut.end()).overlaps(marked)));
        type(robot, "#value-knot-from-1-" + before, "985");
        assertEquals(Length.mm(985), bench.job().stock().sticks().get(1).defects().getLast().from());
        robot.clickOn("#thing-stick-1");
        settle();
        robot.clickOn("#clear-knots");
        settle();
        assertTrue(bench.job().stock().sticks().get(1).defects().isEmpty());
        robot.clickOn("#add-knot");
        settle();
        robot.push(KeyCode.ESCAPE);
        type(robot, "#value-knot-from-1-0", "400");
        type(robot, "#value-knot-to-1-0", "430");
        assertEquals(List.of(new Span(Length.mm(400), Length.mm(430))),
                bench.job().stock().sticks().get(1).defects(), "typed");
    }

    @Test
    void theCutsAreSteppedThroughAndThePieceIsTurned(FxRobot robot) throws Exception {
        at(robot, KeyCode.DIGIT6);
        assertTrue(read(robot, "#cut-step").startsWith("Cut 1 of 16: first miter on"));
        for (int i = 0; i < 8; i++) {
            robot.clickOn("#cut-next");
        }
        settle();
        assertEquals("Cut 9 of 16: second miter on A1", read(robot, "#cut-step"));
        robot.push(KeyCode.F11);
        settle();
        assertTrue(isShown(robot, "#bench-view"));
        assertTrue(read(robot, "#bench-view").contains("739"));
        assertTrue(read(robot, "#bench-view").contains("face down"));
        robot.push(KeyCode.SPACE);
        robot.push(KeyCode.SPACE);
        settle();
        assertTrue(read(robot, "#bench-what").contains("A2"));
        robot.push(KeyCode.BACK_SPACE);
        settle();
        assertTrue(read(robot, "#bench-what").contains("C1"));
        robot.push(KeyCode.ESCAPE);
        settle();
        assertFalse(isShown(robot, "#bench-view"));
        assertEquals(2, Files.readAllLines(folder.resolve("data/log/cuts.csv")).size());
    }

    @Test
    void thePaperIsPrintedAndSaysWhereItIs(FxRobot robot) throws Exception {
        settle();
        robot.push(KeyCode.CONTROL, KeyCode.P);
        settle();
        assertEquals("4 pages; press one to read it", read(robot, "#paper-said"),
                "two frames, boards and sheets of glass");
        assertEquals(4, robot.lookup(".paper-page").queryAll().size());
        robot.clickOn("#paper-labels");
        settle();
        assertEquals("one page; press one to read it", read(robot, "#paper-said"));
        robot.clickOn("#paper-sheet").clickOn("#paper-size-a5");
        settle();
        assertEquals(PaperSize.A5, bench.settings().paper());
        robot.clickOn("#paper-size-a4");
        settle();
        robot.push(KeyCode.ESCAPE);
        assertFalse(isShown(robot, "#paper-view"));
        robot.push(KeyCode.CONTROL, KeyCode.P);
        settle();
        robot.clickOn("#paper-print");
        org.testfx.util.WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS,
                () -> isShown(robot, "#notice-text"));
        assertTrue(read(robot, "#notice-text").contains("tide-chart-sheet-3.pdf"));
        Path pdf = folder.resolve("data/paper/tide-chart-sheet-3.pdf");
        try (var document = Loader.loadPDF(pdf.toFile())) {
            assertTrue(new PDFTextStripper().getText(document).contains("739 mm"));
        }
    }

    @Test
    void inchesAreStackedAndUkWordsReplaceUsOnes(FxRobot robot) {
        settle();
        robot.clickOn("#units-in");
        settle();
        assertEquals("29 3 32", read(robot, "#value-outside-width"));
        robot.clickOn("#units-mm");
        robot.interact(() -> {
            bench.settings().setSpelling(Spelling.UK);
            bench.notationChanged();
        });
        settle();
        assertTrue(read(robot, "#slate-rabbet-size").startsWith("Rebate size"));
    }

    @Test
    void thingsThatAreChosenAreFoundByTheirNamesAndOthersAreSaidNotToBeThere(FxRobot robot) {
        settle();
        robot.push(KeyCode.CONTROL, KeyCode.K).write("dowel").push(KeyCode.ENTER);
        settle();
        assertEquals(Station.CORNERS, bench.station().get());
        assertEquals(List.of(ReinforcementKind.DOWEL),
                bench.job().reinforcement().stream().map(Reinforcement::kind).toList(), "chosen, not only shown");
        robot.push(KeyCode.CONTROL, KeyCode.K).write("waterproof pva").push(KeyCode.ENTER);
        settle();
        assertEquals(Station.GLUE_UP, bench.station().get());
        assertEquals("waterproof PVA", bench.job().glueUp().glue().name());
        robot.push(KeyCode.CONTROL, KeyCode.K).write("xyzzy");
        assertTrue(read(robot, "#finder").contains("Nothing here is called “xyzzy”"), read(robot, "#finder"));
        robot.push(KeyCode.ENTER);
        settle();
        assertFalse(isShown(robot, "#finder"));
    }

    @Test
    void anythingIsFoundByTyping(FxRobot robot) {
        settle();
        robot.push(KeyCode.CONTROL, KeyCode.K);
        settle();
        robot.write("thickn");
        robot.push(KeyCode.ENTER);
        settle();
        settle();
        assertEquals(Station.SECTION, bench.station().get());
        robot.push(KeyCode.CONTROL, KeyCode.A);
        robot.write("22");
        robot.push(KeyCode.ENTER);
        settle();
        assertEquals(Length.mm(22), bench.job().section().thickness());
    }

    @Test
    void aNewJobIsBlankAndItsEmptyRackSaysWhatToDo(FxRobot robot) throws Exception {
        settle();
        robot.clickOn("#blank");
        settle();
        at(robot, KeyCode.DIGIT5);
        assertTrue(read(robot, "#finding-stock-short").contains("no sticks on the rack yet"));
        robot.clickOn("#remedy-stock-short");
        settle();
        assertTrue(bench.currentPlan().canBeMade());
        Path file = bench.file();
        assertTrue(file.startsWith(folder.resolve("data/jobs")));
        WaitForAsyncUtils.waitFor(5, TimeUnit.SECONDS, () -> Files.exists(file)
                && JobFile.read(file).job().stock().sticks().size() == 1);
    }

    @Test
    void aFileThatIsNoJobLeavesTheBenchAsItWas(FxRobot robot) throws Exception {
        Path noise = Files.writeString(folder.resolve("noise.json"), "{ \"format\": \"something else\" }");
        robot.interact(() -> bench.open(noise));
        settle();
        assertEquals("Tide chart, sheet 3", bench.job().title());
        String said = read(robot, "#notice-text");
        assertTrue(said.contains("noise.json") && said.contains("line 1, format"), said);
    }

    @Test
    void aStickGivesItsLargestFrame(FxRobot robot) {
        at(robot, KeyCode.DIGIT5);
        robot.clickOn("#thing-stick-0");
        settle();
        robot.clickOn("#largest-frame");
        settle();
        assertTrue(bench.canUndo().get());
        double used = 2 * (bench.currentPlan().sizes().outside().width().toMm()
                + bench.currentPlan().sizes().outside().height().toMm());
        assertTrue(used > 1700 && used < 2400, "uses " + used);
    }
}
