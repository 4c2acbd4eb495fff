package neatcorner.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.geometry.Bounds;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
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

/** The real window, driven with mouse and keys through the whole path from a picture to the paper. */
class WholePathTest extends WindowTest {

    @Test
    void anArtSizeIsTypedInTheDrawingAndEverythingFollows() {
        settle();
        assertEquals("594", read("#value-art-width"));
        type("#value-art-width", "24 in + 10");
        assertEquals("619.6", read("#value-art-width"));
        assertEquals("764.6", read("#value-outside-width"));
        assertTrue(read("#slate-outside").contains("764.6"));
        maker.push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertEquals("739", read("#value-outside-width"));
        maker.push(KeyCode.CONTROL, KeyCode.Y);
        settle();
        assertEquals("764.6", read("#value-outside-width"));
    }

    @Test
    void whatIsNotUnderstoodIsSaidAndNothingIsLost() {
        settle();
        maker.clickOn("#value-art-width");
        settle();
        maker.push(KeyCode.CONTROL, KeyCode.A);
        maker.write("59 banana");
        settle();
        assertTrue(read(".value-entry").contains("expected a unit"), read(".value-entry"));
        maker.push(KeyCode.ENTER);
        maker.push(KeyCode.ESCAPE);
        settle();
        assertEquals("594", read("#value-art-width"));
        assertFalse(bench.canUndo().get());
    }

    @Test
    void typingASightSizeMakesItTheOneThatGoverns() {
        settle();
        type("#value-sight-width", "700");
        assertEquals("700", read("#value-sight-width"));
        assertEquals("615", read("#value-art-width"));
        assertTrue(maker.node("#start-sight", ToggleButton.class).isSelected());
    }

    @Test
    void theRabbetIsDraggedDeeperAndShallowerUntilAFindingCallsStopAndItsRemedyMends() {
        at(KeyCode.DIGIT2);
        assertEquals("12", read("#value-rabbet-depth"));
        maker.drag("#knob-rabbet-depth").dropBy(0, 90);
        settle();
        double depth = bench.job().section().rabbet().depth().toMm();
        assertTrue(depth < 6, "dragged to " + depth);
        assertTrue(read("#finding-pack-too-thick").contains("stands proud"));
        assertTrue(read("#rail-section .rail-sign").startsWith("■ "));
        maker.clickOn("#remedy-pack-too-thick");
        settle();
        assertFalse(isShown("#finding-pack-too-thick"));
        assertEquals("8.7", read("#value-rabbet-depth"));
        maker.clickOn("#undo");
        maker.clickOn("#undo");
        settle();
        assertEquals("12", read("#value-rabbet-depth"));
    }

    @Test
    void everyNumberShowsItsWorking() {
        settle();
        maker.clickOn("#slate-outside");
        settle();
        assertTrue(read("#working").contains("Outside width 739 mm = sight width 679 + 2 × face width 30"));
        at(KeyCode.DIGIT2);
        maker.interact(() -> maker.node("#value-lip").requestFocus());
        maker.push(KeyCode.F1);
        settle();
        assertTrue(read("#working").contains("Lip 8 mm = thickness 20 − rabbet depth 12"));
    }

    @Test
    void aDefectIsMarkedByDraggingAlongAStickAndTheLayoutMakesWayForIt() throws Exception {
        at(KeyCode.DIGIT5);
        int before = bench.job().stock().sticks().getFirst().defects().size();
        FigureView view = maker.node("#station-sticks .figure-view", FigureView.class);
        Bounds screen = view.localToScreen(view.getBoundsInLocal());
        assertNotNull(screen);
        double y = SticksFigure.rows(bench.currentPlan()).getFirst().box().center().y();
        var from = view.toView(1000, y);
        var to = view.toView(1100, y);
        maker.moveTo(screen.getMinX() + from.x(), screen.getMinY() + from.y()).press(MouseButton.PRIMARY)
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
        type("#value-knot-from-1-" + before, "985");
        assertEquals(Length.mm(985), bench.job().stock().sticks().get(1).defects().getLast().from());
        maker.clickOn("#thing-stick-1");
        settle();
        maker.clickOn("#clear-knots");
        settle();
        assertTrue(bench.job().stock().sticks().get(1).defects().isEmpty());
        maker.clickOn("#add-knot");
        settle();
        maker.push(KeyCode.ESCAPE);
        type("#value-knot-from-1-0", "400");
        type("#value-knot-to-1-0", "430");
        assertEquals(List.of(new Span(Length.mm(400), Length.mm(430))),
                bench.job().stock().sticks().get(1).defects(), "typed");
    }

    @Test
    void theCutsAreSteppedThroughAndThePieceIsTurned() throws Exception {
        at(KeyCode.DIGIT6);
        assertTrue(read("#cut-step").startsWith("Cut 1 of 16: first miter on"));
        for (int i = 0; i < 8; i++) {
            maker.clickOn("#cut-next");
        }
        settle();
        assertEquals("Cut 9 of 16: second miter on A1", read("#cut-step"));
        maker.push(KeyCode.F11);
        settle();
        assertTrue(isShown("#bench-view"));
        assertTrue(read("#bench-view").contains("739"));
        assertTrue(read("#bench-view").contains("face down"));
        maker.push(KeyCode.SPACE);
        maker.push(KeyCode.SPACE);
        settle();
        assertTrue(read("#bench-what").contains("A2"));
        maker.push(KeyCode.BACK_SPACE);
        settle();
        assertTrue(read("#bench-what").contains("C1"));
        maker.push(KeyCode.ESCAPE);
        settle();
        assertFalse(isShown("#bench-view"));
        assertEquals(2, Files.readAllLines(folder.resolve("data/log/cuts.csv")).size());
    }

    @Test
    void thePaperIsPrintedAndSaysWhereItIs() throws Exception {
        settle();
        maker.push(KeyCode.CONTROL, KeyCode.P);
        settle();
        assertEquals("4 pages; press one to read it", read("#paper-said"),
                "two frames, boards and sheets of glass");
        assertEquals(4, maker.nodes(".paper-page").size());
        maker.clickOn("#paper-labels");
        settle();
        assertEquals("one page; press one to read it", read("#paper-said"));
        maker.clickOn("#paper-sheet").clickOn("#paper-size-a5");
        settle();
        assertEquals(PaperSize.A5, bench.settings().paper());
        maker.clickOn("#paper-size-a4");
        settle();
        maker.push(KeyCode.ESCAPE);
        assertFalse(isShown("#paper-view"));
        maker.push(KeyCode.CONTROL, KeyCode.P);
        settle();
        maker.clickOn("#paper-print");
        Maker.await(() -> isShown("#notice-text"));
        assertTrue(read("#notice-text").contains("tide-chart-sheet-3.pdf"));
        Path pdf = folder.resolve("data/paper/tide-chart-sheet-3.pdf");
        try (var document = Loader.loadPDF(pdf.toFile())) {
            assertTrue(new PDFTextStripper().getText(document).contains("739 mm"));
        }
    }

    @Test
    void inchesAreStackedAndUkWordsReplaceUsOnes() {
        settle();
        maker.clickOn("#units-in");
        settle();
        assertEquals("29 3 32", read("#value-outside-width"));
        maker.clickOn("#units-mm");
        maker.interact(() -> {
            bench.settings().setSpelling(Spelling.UK);
            bench.premises().notationChanged();
        });
        settle();
        assertTrue(read("#slate-rabbet-size").startsWith("Rebate size"));
    }

    @Test
    void thingsThatAreChosenAreFoundByTheirNamesAndOthersAreSaidNotToBeThere() {
        settle();
        maker.push(KeyCode.CONTROL, KeyCode.K).write("dowel").push(KeyCode.ENTER);
        settle();
        assertEquals(Station.CORNERS, bench.station().get());
        assertEquals(List.of(ReinforcementKind.DOWEL),
                bench.job().reinforcement().stream().map(Reinforcement::kind).toList(), "chosen, not only shown");
        maker.push(KeyCode.CONTROL, KeyCode.K).write("waterproof pva").push(KeyCode.ENTER);
        settle();
        assertEquals(Station.GLUE_UP, bench.station().get());
        assertEquals("waterproof PVA", bench.job().glueUp().glue().name());
        maker.push(KeyCode.CONTROL, KeyCode.K).write("xyzzy");
        assertTrue(read("#finder").contains("Nothing here is called “xyzzy”"), read("#finder"));
        maker.push(KeyCode.ENTER);
        settle();
        assertFalse(isShown("#finder"));
    }

    @Test
    void anythingIsFoundByTyping() {
        settle();
        maker.push(KeyCode.CONTROL, KeyCode.K);
        settle();
        maker.write("thickn");
        maker.push(KeyCode.ENTER);
        settle();
        settle();
        assertEquals(Station.SECTION, bench.station().get());
        maker.push(KeyCode.CONTROL, KeyCode.A);
        maker.write("22");
        maker.push(KeyCode.ENTER);
        settle();
        assertEquals(Length.mm(22), bench.job().section().thickness());
    }

    @Test
    void aNewJobIsBlankAndItsEmptyRackSaysWhatToDo() throws Exception {
        settle();
        maker.clickOn("#blank");
        settle();
        at(KeyCode.DIGIT5);
        assertTrue(read("#finding-stock-short").contains("no sticks on the rack yet"));
        maker.clickOn("#remedy-stock-short");
        settle();
        assertTrue(bench.currentPlan().canBeMade());
        Path file = bench.file();
        assertTrue(file.startsWith(folder.resolve("data/jobs")));
        Maker.await(() -> Files.exists(file)
                && JobFile.read(file).job().stock().sticks().size() == 1);
    }

    @Test
    void aFileThatIsNoJobLeavesTheBenchAsItWas() throws Exception {
        Path noise = Files.writeString(folder.resolve("noise.json"), "{ \"format\": \"something else\" }");
        maker.interact(() -> bench.open(noise));
        settle();
        assertEquals("Tide chart, sheet 3", bench.job().title());
        String said = read("#notice-text");
        assertTrue(said.contains("noise.json") && said.contains("line 1, format"), said);
    }

    @Test
    void aStickGivesItsLargestFrame() {
        at(KeyCode.DIGIT5);
        maker.clickOn("#thing-stick-0");
        settle();
        maker.clickOn("#largest-frame");
        settle();
        assertTrue(bench.canUndo().get());
        double used = 2 * (bench.currentPlan().sizes().outside().width().toMm()
                + bench.currentPlan().sizes().outside().height().toMm());
        assertTrue(used > 1700 && used < 2400, "uses " + used);
    }
}
