package neatcorner.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.Node;
import javafx.scene.control.ListView;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.station.StationSpec;
import neatcorner.exchange.job.JobFile;
import neatcorner.job.Defaults;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.plan.Edit;
import neatcorner.plan.Level;
import neatcorner.plan.Station;
import org.junit.jupiter.api.Test;

/** The job on the bench: edits, undo, files that change or vanish; and finding things by typing. */
class WorkbenchTest extends WindowTest {

    private Path file() {
        return bench.file();
    }

    private void changed(Job job) {
        maker.interact(() -> edit(job));
        settle();
    }

    private void waitForNotice(String words) throws Exception {
        Maker.await(() -> {
            return bench.notices().all().stream().anyMatch(notice -> notice.text().contains(words));
        });
        settle();
    }

    @Test
    void undoHasNoEndAndRedoGoesBack() {
        Job first = bench.job();
        for (int i = 1; i <= 150; i++) {
            int clearance = i;
            maker.interact(() -> edit(bench.job().withClearance(Length.mm(clearance / 10.0))));
        }
        maker.interact(() -> {
            for (int i = 0; i < 200; i++) {
                bench.undo();
            }
        });
        assertEquals(first, bench.job());
        assertFalse(bench.canUndo().get());
        maker.interact(() -> {
            for (int i = 0; i < 200; i++) {
                bench.redo();
            }
        });
        assertEquals(Length.mm(15), bench.job().clearance());
        assertFalse(bench.canRedo().get());
    }

    @Test
    void aNewEditForgetsWhatWasUndone() {
        Job first = bench.job();
        changed(first.withTitle("one"));
        maker.interact(bench::undo);
        changed(first.withTitle("two"));
        assertFalse(bench.canRedo().get());
        maker.interact(bench::undo);
        assertEquals(first, bench.job());
    }

    @Test
    void anEditThatChangesNothingIsNone() {
        changed(bench.job());
        assertFalse(bench.canUndo().get());
    }

    /** Makers say "clamps" and mean the glue-up; what a station shows in place of its drawing has a name of its own. */
    @Test
    void theFinderKnowsWhatMakersCallAStationAndWhatItShows() {
        settle();
        take("drying");
        assertEquals(Station.GLUE_UP, bench.station().get());
        take("rough boards");
        assertEquals(Station.STICKS, bench.station().get());
        assertTrue(maker.node("#wood-boards", ToggleButton.class).isSelected());
        take("dry fit");
        assertEquals(Station.SAW, bench.station().get());
        assertTrue(maker.node("#saw-dry-fit", ToggleButton.class).isSelected());
    }

    private void take(String what) {
        find(what);
        maker.push(KeyCode.ENTER);
        settle();
    }

    /** Each thing that the finder leads to is there, at each station. */
    @Test
    void everyModeOfEveryStationHasItsButton() {
        for (StationSpec spec : Stations.ALL) {
            maker.interact(() -> bench.station().set(spec.station()));
            settle();
            for (StationSpec.Mode mode : spec.modes()) {
                assertTrue(maker.find("#" + mode.button()).isPresent(), mode.title());
            }
        }
    }

    @Test
    void aPreviewIsShownButNotKept() throws Exception {
        String before = Files.readString(file());
        Job job = bench.job();
        maker.interact(() -> bench.preview(Edit.job(now -> now.withClearance(Length.mm(9)))));
        settle();
        assertEquals(Length.mm(9), bench.currentPlan().job().clearance());
        assertEquals(job, bench.job());
        assertEquals(before, Files.readString(file()));
    }

    @Test
    void aFileChangedBehindItsBackIsNotWrittenOverAndTheMakerChooses() throws Exception {
        settle();
        Job theirs = bench.job().withTitle("Theirs");
        JobFile.of(theirs).write(file());
        changed(bench.job().withTitle("Mine"));
        waitForNotice("Another program has changed");
        assertEquals("Theirs", JobFile.read(file()).job().title());
        maker.clickOn("Keep mine");
        Maker.await(() -> JobFile.read(file()).job().title().equals("Mine"));
        JobFile.of(theirs).write(file());
        changed(bench.job().withClearance(Length.mm(2)));
        waitForNotice("Another program has changed");
        maker.clickOn("Take theirs");
        settle();
        assertEquals("Theirs", bench.job().title());
    }

    @Test
    void aJobWhoseFolderIsGoneIsKeptInTheWindow() throws Exception {
        Path elsewhere = Files.createDirectories(folder.resolve("stick"));
        JobFile.of(bench.job()).write(elsewhere.resolve("job.json"));
        maker.interact(() -> bench.open(elsewhere.resolve("job.json")));
        settle();
        Files.delete(elsewhere.resolve("job.json"));
        Files.delete(elsewhere);
        changed(bench.job().withTitle("Afloat"));
        waitForNotice("This job is not being kept");
        assertEquals("Afloat", bench.job().title());
        Files.createDirectories(elsewhere);
        changed(bench.job().withTitle("Ashore"));
        Maker.await(() -> bench.notices().all().isEmpty());
        assertEquals("Ashore", JobFile.read(elsewhere.resolve("job.json")).job().title());
    }

    @Test
    void aCopyIsWrittenOrTheReasonIsSaid() throws Exception {
        maker.interact(() -> bench.files().copy(bench.document().get().content(), folder.resolve("copy.json")));
        settle();
        assertTrue(read("#notice-text").contains("A copy is in"));
        assertEquals(bench.job(), JobFile.read(folder.resolve("copy.json")).job());
        maker.interact(() -> bench.files().copy(bench.document().get().content(),
                folder.resolve("none").resolve("copy.json")));
        settle();
        assertTrue(read("#notice-text").contains("could not be written"));
        maker.clickOn("Close");
        settle();
        assertTrue(bench.notices().all().isEmpty());
    }

    private double left(String query) {
        Node node = maker.node(query);
        return node.localToScene(node.getLayoutBounds()).getMinX();
    }

    @Test
    void eachGraveNoticeStaysUntilItIsRead() throws Exception {
        Path newer = Files.writeString(folder.resolve("newer.json"),
                JobFile.of(bench.job()).text().replace("neat-corner-job/1", "neat-corner-job/7"));
        maker.interact(() -> {
            bench.open(newer);
            bench.open(folder.resolve("none.json"));
        });
        settle();
        assertTrue(read("#notice-text").contains("none.json"), read("#notice-text"));
        assertEquals("1 more", read("#notice-more"));
        assertTrue(left(".notice") >= left(".slate") - 0.5, "it covers nothing that is clicked");
        maker.clickOn("Close");
        settle();
        assertTrue(read("#notice-text").contains("a newer version of this program wrote this file"));
        assertFalse(isShown("#notice-more"));
        maker.clickOn("Close");
        settle();
        assertTrue(bench.notices().all().isEmpty());
    }

    @Test
    void aFileThatIsNotThereLeavesTheBenchAlone() {
        Job before = bench.job();
        maker.interact(() -> bench.open(folder.resolve("nowhere.json")));
        settle();
        assertEquals(before, bench.job());
        assertTrue(read("#notice-text").contains("There is no file"));
    }

    @Test
    void fiveHundredFramesArePlannedAwayFromTheWindow() throws Exception {
        Job many = bench.job().withQuantity(400);
        maker.interact(() -> {
            edit(many);
            assertEquals(2, bench.currentPlan().job().quantity());
        });
        settle();
        assertEquals(400, bench.currentPlan().job().quantity());
        maker.interact(bench::undo);
        settle();
        assertEquals(2, bench.currentPlan().job().quantity());
        assertFalse(bench.busy().get());
    }

    @Test
    void theFirstStartOpensTheDemoAndALaterOneTheLastJob() {
        maker.interact(bench::newJob);
        settle();
        Path own = file();
        assertTrue(Files.exists(own));
        Workbench again = newBench();
        NeatCornerWindow.chooseJob(again, Desktop.Opening.demo());
        assertEquals(own, again.file());
        again.premises().close();
    }

    private void find(String words) {
        maker.push(KeyCode.CONTROL, KeyCode.K);
        settle();
        maker.write(words);
        settle();
    }

    @Test
    void theFinderTakesARemedyAWoodAJobAndADeed() {
        settle();
        find("walnut");
        maker.push(KeyCode.ENTER);
        settle();
        assertEquals("black walnut", bench.job().section().wood().name());
        find("2700");
        maker.push(KeyCode.ENTER);
        settle();
        assertTrue(bench.currentPlan().findings().stream().noneMatch(f -> f.code().equals("stock.split-frame")));
        find("inches");
        maker.push(KeyCode.ENTER);
        settle();
        assertEquals(Units.INCHES, bench.notation().get().units());
        find("storm painting");
        maker.push(KeyCode.ENTER);
        settle();
        assertTrue(bench.job().title().contains("torm"), bench.job().title());
    }

    @Test
    void theFinderIsWalkedWithArrowsAndLeftWithEscape() {
        settle();
        find("station");
        ListView<?> list = maker.node("#finder .list-view", ListView.class);
        assertEquals(Station.values().length, list.getItems().size());
        maker.push(KeyCode.DOWN).push(KeyCode.DOWN).push(KeyCode.UP).push(KeyCode.ENTER);
        settle();
        assertEquals(Station.values()[1], bench.station().get());
        find("zzz");
        assertTrue(list.getItems().isEmpty());
        maker.push(KeyCode.ENTER);
        settle();
        find("saw");
        maker.push(KeyCode.ESCAPE);
        settle();
        assertFalse(isShown("#finder"));
        assertEquals(Station.values()[1], bench.station().get());
    }

    @Test
    void aFieldOfTheSawIsFoundAtTheSaw() {
        settle();
        find("kerf");
        maker.push(KeyCode.ENTER);
        settle();
        assertEquals(Station.SAW, bench.station().get());
        maker.push(KeyCode.CONTROL, KeyCode.A);
        maker.write("2.2").push(KeyCode.ENTER);
        settle();
        assertEquals(Length.mm(2.2), bench.job().saw().kerf());
    }

    @Test
    void theBlankJobCanBeMadeOnceThereAreSticks() {
        assertEquals(Length.inches(0.25), Defaults.blank(Units.INCHES).section().rabbet().width());
        maker.interact(bench::newJob);
        settle();
        assertFalse(bench.currentPlan().canBeMade());
        assertTrue(bench.currentPlan().findings().stream().filter(f -> f.level() != Level.NOTE)
                .allMatch(f -> f.code().startsWith("stock.")));
    }
}
