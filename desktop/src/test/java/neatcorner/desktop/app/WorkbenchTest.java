package neatcorner.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import javafx.scene.control.ListView;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import neatcorner.desktop.desk.Notice;
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
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** The job on the bench: edits, undo, files that change or vanish; and finding things by typing. */
class WorkbenchTest extends WindowTest {

    @Start
    void start(Stage opened) throws Exception {
        open(opened);
    }

    private Path file() {
        return bench.file();
    }

    private void edit(FxRobot robot, Job job) {
        robot.interact(() -> edit(job));
        settle();
    }

    private void waitForNotice(String words) throws Exception {
        WaitForAsyncUtils.waitFor(5, TimeUnit.SECONDS, () -> {
            Notice notice = bench.notice().get();
            return notice != null && notice.text().contains(words);
        });
        settle();
    }

    @Test
    void undoHasNoEndAndRedoGoesBack(FxRobot robot) {
        Job first = bench.job();
        for (int i = 1; i <= 150; i++) {
            int clearance = i;
            robot.interact(() -> edit(bench.job().withClearance(Length.mm(clearance / 10.0))));
        }
        robot.interact(() -> {
            for (int i = 0; i < 200; i++) {
                bench.undo();
            }
        });
        assertEquals(first, bench.job());
        assertFalse(bench.canUndo().get());
        robot.interact(() -> {
            for (int i = 0; i < 200; i++) {
                bench.redo();
            }
        });
        assertEquals(Length.mm(15), bench.job().clearance());
        assertFalse(bench.canRedo().get());
    }

    @Test
    void aNewEditForgetsWhatWasUndone(FxRobot robot) {
        Job first = bench.job();
        edit(robot, first.withTitle("one"));
        robot.interact(bench::undo);
        edit(robot, first.withTitle("two"));
        assertFalse(bench.canRedo().get());
        robot.interact(bench::undo);
        assertEquals(first, bench.job());
    }

    @Test
    void anEditThatChangesNothingIsNone(FxRobot robot) {
        edit(robot, bench.job());
        assertFalse(bench.canUndo().get());
    }

    /** Makers say "clamps" and mean the glue-up; what a station shows in place of its drawing has a name of its own. */
    @Test
    void theFinderKnowsWhatMakersCallAStationAndWhatItShows(FxRobot robot) {
        settle();
        take(robot, "drying");
        assertEquals(Station.GLUE_UP, bench.station().get());
        take(robot, "rough boards");
        assertEquals(Station.STICKS, bench.station().get());
        assertTrue(robot.lookup("#wood-boards").queryAs(ToggleButton.class).isSelected());
        take(robot, "dry fit");
        assertEquals(Station.SAW, bench.station().get());
        assertTrue(robot.lookup("#saw-dry-fit").queryAs(ToggleButton.class).isSelected());
    }

    private void take(FxRobot robot, String what) {
        find(robot, what);
        robot.push(KeyCode.ENTER);
        settle();
    }

    /** Each thing that the finder leads to is there, at each station. */
    @Test
    void everyModeOfEveryStationHasItsButton(FxRobot robot) {
        for (StationSpec spec : Stations.ALL) {
            robot.interact(() -> bench.station().set(spec.station()));
            settle();
            for (StationSpec.Mode mode : spec.modes()) {
                assertTrue(robot.lookup("#" + mode.button()).tryQuery().isPresent(), mode.title());
            }
        }
    }

    @Test
    void aPreviewIsShownButNotKept(FxRobot robot) throws Exception {
        String before = Files.readString(file());
        Job job = bench.job();
        robot.interact(() -> bench.preview(Edit.job(now -> now.withClearance(Length.mm(9)))));
        settle();
        assertEquals(Length.mm(9), bench.currentPlan().job().clearance());
        assertEquals(job, bench.job());
        assertEquals(before, Files.readString(file()));
    }

    @Test
    void aFileChangedBehindItsBackIsNotWrittenOverAndTheMakerChooses(FxRobot robot) throws Exception {
        settle();
        Job theirs = bench.job().withTitle("Theirs");
        JobFile.of(theirs).write(file());
        edit(robot, bench.job().withTitle("Mine"));
        waitForNotice("Another program has changed");
        assertEquals("Theirs", JobFile.read(file()).job().title());
        robot.clickOn("Keep mine");
        WaitForAsyncUtils.waitFor(5, TimeUnit.SECONDS, () -> JobFile.read(file()).job().title().equals("Mine"));
        JobFile.of(theirs).write(file());
        edit(robot, bench.job().withClearance(Length.mm(2)));
        waitForNotice("Another program has changed");
        robot.clickOn("Take theirs");
        settle();
        assertEquals("Theirs", bench.job().title());
    }

    @Test
    void aJobWhoseFolderIsGoneIsKeptInTheWindow(FxRobot robot) throws Exception {
        Path elsewhere = Files.createDirectories(folder.resolve("stick"));
        JobFile.of(bench.job()).write(elsewhere.resolve("job.json"));
        robot.interact(() -> bench.open(elsewhere.resolve("job.json")));
        settle();
        Files.delete(elsewhere.resolve("job.json"));
        Files.delete(elsewhere);
        edit(robot, bench.job().withTitle("Afloat"));
        waitForNotice("This job is not being kept");
        assertEquals("Afloat", bench.job().title());
        Files.createDirectories(elsewhere);
        edit(robot, bench.job().withTitle("Ashore"));
        WaitForAsyncUtils.waitFor(5, TimeUnit.SECONDS, () -> bench.notice().get() == null);
        assertEquals("Ashore", JobFile.read(elsewhere.resolve("job.json")).job().title());
    }

    @Test
    void aCopyIsWrittenOrTheReasonIsSaid(FxRobot robot) throws Exception {
        robot.interact(() -> bench.files().copy(bench.document().get().content(), folder.resolve("copy.json")));
        settle();
        assertTrue(read(robot, "#notice-text").contains("A copy is in"));
        assertEquals(bench.job(), JobFile.read(folder.resolve("copy.json")).job());
        robot.interact(() -> bench.files().copy(bench.document().get().content(),
                folder.resolve("none").resolve("copy.json")));
        settle();
        assertTrue(read(robot, "#notice-text").contains("could not be written"));
        robot.clickOn("Close");
        settle();
        assertNull(bench.notice().get());
    }

    @Test
    void aFileThatIsNotThereLeavesTheBenchAlone(FxRobot robot) {
        Job before = bench.job();
        robot.interact(() -> bench.open(folder.resolve("nowhere.json")));
        settle();
        assertEquals(before, bench.job());
        assertTrue(read(robot, "#notice-text").contains("There is no file"));
    }

    @Test
    void fiveHundredFramesArePlannedAwayFromTheWindow(FxRobot robot) throws Exception {
        Job many = bench.job().withQuantity(400);
        robot.interact(() -> {
            edit(many);
            assertEquals(2, bench.currentPlan().job().quantity());
        });
        settle();
        assertEquals(400, bench.currentPlan().job().quantity());
        robot.interact(bench::undo);
        settle();
        assertEquals(2, bench.currentPlan().job().quantity());
        assertFalse(bench.busy().get());
    }

    @Test
    void theFirstStartOpensTheDemoAndALaterOneTheLastJob(FxRobot robot) {
        robot.interact(bench::newJob);
        settle();
        Path own = file();
        assertTrue(Files.exists(own));
        Workbench again = newBench();
        NeatCornerWindow.chooseJob(again, Desktop.Opening.demo());
        assertEquals(own, again.file());
        again.premises().close();
    }

    private void find(FxRobot robot, String words) {
        robot.push(KeyCode.CONTROL, KeyCode.K);
        settle();
        robot.write(words);
        settle();
    }

    @Test
    void theFinderTakesARemedyAWoodAJobAndADeed(FxRobot robot) {
        settle();
        find(robot, "walnut");
        robot.push(KeyCode.ENTER);
        settle();
        assertEquals("black walnut", bench.job().section().wood().name());
        find(robot, "2700");
        robot.push(KeyCode.ENTER);
        settle();
        assertTrue(bench.currentPlan().findings().stream().noneMatch(f -> f.code().equals("stock.split-frame")));
        find(robot, "inches");
        robot.push(KeyCode.ENTER);
        settle();
        assertEquals(Units.INCHES, bench.notation().get().units());
        find(robot, "storm painting");
        robot.push(KeyCode.ENTER);
        settle();
        assertTrue(bench.job().title().contains("torm"), bench.job().title());
    }

    @Test
    void theFinderIsWalkedWithArrowsAndLeftWithEscape(FxRobot robot) {
        settle();
        find(robot, "station");
        ListView<?> list = robot.lookup("#finder .list-view").queryAs(ListView.class);
        assertEquals(Station.values().length, list.getItems().size());
        robot.push(KeyCode.DOWN).push(KeyCode.DOWN).push(KeyCode.UP).push(KeyCode.ENTER);
        settle();
        assertEquals(Station.values()[1], bench.station().get());
        find(robot, "zzz");
        assertTrue(list.getItems().isEmpty());
        robot.push(KeyCode.ENTER);
        settle();
        find(robot, "saw");
        robot.push(KeyCode.ESCAPE);
        settle();
        assertFalse(isShown(robot, "#finder"));
        assertEquals(Station.values()[1], bench.station().get());
    }

    @Test
    void aFieldOfTheSawIsFoundAtTheSaw(FxRobot robot) {
        settle();
        find(robot, "kerf");
        robot.push(KeyCode.ENTER);
        settle();
        assertEquals(Station.SAW, bench.station().get());
        robot.push(KeyCode.CONTROL, KeyCode.A);
        robot.write("2.2").push(KeyCode.ENTER);
        settle();
        assertEquals(Length.mm(2.2), bench.job().saw().kerf());
    }

    @Test
    void theBlankJobCanBeMadeOnceThereAreSticks(FxRobot robot) {
        assertEquals(Length.inches(0.25), Defaults.blank(Units.INCHES).section().rabbet().width());
        robot.interact(bench::newJob);
        settle();
        assertFalse(bench.currentPlan().canBeMade());
        assertTrue(bench.currentPlan().findings().stream().filter(f -> f.level() != Level.NOTE)
                .allMatch(f -> f.code().startsWith("stock.")));
    }
}
