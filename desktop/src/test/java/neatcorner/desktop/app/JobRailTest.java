package neatcorner.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import javafx.stage.Stage;
import neatcorner.desktop.desk.JobCard;
import neatcorner.exchange.job.JobFile;
import neatcorner.job.Order;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** The jobs that there are, each seen without being opened. */
class JobRailTest extends WindowTest {

    @Start
    void start(Stage stage) throws Exception {
        openSmall(stage);
    }

    private List<JobCard> listed(FxRobot robot) {
        ListView<JobCard> list = robot.lookup("#jobs-list").queryListView();
        return List.copyOf(list.getItems());
    }

    /** What is read on the rail, job by job. */
    private String seen(FxRobot robot) {
        return robot.lookup(".job-cell").queryAll().stream().map(WindowTest::read).collect(Collectors.joining("\n"));
    }

    private void openRail(FxRobot robot) {
        robot.push(KeyCode.CONTROL, KeyCode.J);
        settle();
    }

    private void search(FxRobot robot, String text) {
        robot.clickOn("#jobs-search").push(KeyCode.CONTROL, KeyCode.A).push(KeyCode.BACK_SPACE).write(text);
        settle();
    }

    @Test
    void aJobIsFoundAndOpenedWithoutAMouse(FxRobot robot) {
        openRail(robot);
        assertEquals(12, listed(robot).size());
        robot.write("panorama beech");
        settle();
        assertEquals(List.of("Harbour panorama"), listed(robot).stream().map(JobCard::title).toList());
        robot.push(KeyCode.ENTER);
        settle();
        assertFalse(isShown(robot, "#job-rail"));
        assertEquals("Harbour panorama", bench.job().title());
        openRail(robot);
        search(robot, "gulls");
        assertTrue(read(robot, "#jobs-nothing").contains("No job here has “gulls”"));
        robot.push(KeyCode.ESCAPE);
        settle();
        assertFalse(isShown(robot, "#job-rail"));
    }

    @Test
    void allFramesAreSeenAtOneScale(FxRobot robot) {
        openRail(robot);
        search(robot, "panorama");
        double panorama = woodWidth(robot);
        search(robot, "sheet-1");
        double sheet = woodWidth(robot);
        search(robot, "");
        double wide = width(robot, "Harbour panorama");
        double narrow = width(robot, "Tide chart, sheet 1");
        assertEquals(wide / narrow, panorama / sheet, 0.12, panorama + " and " + sheet);
    }

    private double width(FxRobot robot, String title) {
        return listed(robot).stream().filter(card -> card.title().equals(title)).map(JobCard::picture)
                .map(Objects::requireNonNull).findFirst().orElseThrow().bounds().width();
    }

    /** How many pixels of the picture are not the ground it stands on, in its middle line of pixels that are. */
    private double woodWidth(FxRobot robot) {
        Region canvas = robot.lookup("#jobs-list .thumbnail").<Region>query();
        var image = robot.interact(() -> {}).capture(canvas).getImage();
        int row = (int) image.getHeight() / 2;
        var ground = image.getPixelReader().getArgb(0, 0);
        int first = -1;
        int last = -1;
        for (int x = 0; x < image.getWidth(); x++) {
            if (image.getPixelReader().getArgb(x, row) != ground) {
                first = first < 0 ? x : first;
                last = x;
            }
        }
        return last - first;
    }

    @Test
    void whatIsThrownAwayIsBroughtBack(FxRobot robot) throws Exception {
        robot.clickOn("#blank");
        settle();
        Path first = bench.file();
        openRail(robot);
        robot.clickOn("#shelf-demo");
        settle();
        search(robot, "signal mirror");
        robot.clickOn("#jobs-copy");
        settle();
        assertEquals("Signal mirror, round (copy)", bench.job().title());
        Path copy = bench.file();
        assertNotEquals(first, copy);
        assertTrue(copy.startsWith(bench.home().jobs()) && Files.exists(copy));
        openRail(robot);
        assertEquals(2, listed(robot).size());
        robot.clickOn("#jobs-throw");
        settle();
        assertFalse(Files.exists(copy));
        assertEquals(first, bench.file(), "the window goes on with another job");
        assertEquals(List.of("New frame"), listed(robot).stream().map(JobCard::title).toList());
        assertTrue(read(robot, "#notice-text").contains("was thrown away"));
        robot.clickOn("Undo");
        settle();
        assertTrue(Files.exists(copy));
        assertEquals(2, listed(robot).size());
        search(robot, "mirror");
        robot.clickOn("#jobs-away");
        settle();
        robot.clickOn("#shelf-put-away");
        settle();
        assertEquals(List.of("Signal mirror, round (copy)"), listed(robot).stream().map(JobCard::title).toList());
        robot.clickOn("#jobs-back");
        settle();
        assertTrue(Files.exists(copy));
        assertEquals(0, listed(robot).size());
    }

    @Test
    void aJobSaysWhenItIsDueAndWhatWasAgreed(FxRobot robot) throws Exception {
        robot.clickOn("#order");
        settle();
        robot.write("20 mar");
        assertTrue(read(robot, "#order-card").contains("Fri, Mar 20, in 17 days"), read(robot, "#order-card"));
        robot.clickOn("#order-note").write("collected by the keeper").clickOn("#order-take");
        settle();
        assertEquals(new Order(LocalDate.of(2026, 3, 20), "collected by the keeper"), bench.job().order());
        assertEquals(bench.job().order(), JobFile.read(bench.file()).job().order());
        assertTrue(read(robot, "#order").contains("due Fri, Mar 20"));
        openRail(robot);
        assertTrue(seen(robot).contains("collected by the keeper"));
        assertEquals(bench.file(), listed(robot).getFirst().file(), "what is due comes first");
        search(robot, "barometer");
        robot.clickOn("#jobs-agreed");
        settle();
        robot.write("soon");
        assertTrue(robot.lookup("#order-take").query().isDisabled());
        robot.push(KeyCode.CONTROL, KeyCode.A).write("yesterday").push(KeyCode.CONTROL, KeyCode.A)
                .write("2 Mar 2026\n");
        settle();
        search(robot, "");
        assertEquals("Barometer glass, arched", listed(robot).getFirst().title());
        assertTrue(seen(robot).contains("due Mon, Mar 2, 1 day late"), seen(robot));
        robot.push(KeyCode.ESCAPE);
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertEquals(Order.NONE, bench.job().order());
    }

    /** The photo of the art lies beside its job, wherever that lies. */
    @Test
    void aPhotoFollowsItsJob(FxRobot robot) {
        openRail(robot);
        search(robot, "tide-chart-sheet-3");
        robot.clickOn("#jobs-copy");
        settle();
        String photo = Objects.requireNonNull(bench.job().looks().photo());
        assertTrue(Files.exists(bench.file().resolveSibling(photo)), photo);
        openRail(robot);
        search(robot, "(copy)");
        robot.clickOn("#jobs-away");
        settle();
        assertTrue(Files.exists(bench.home().data().resolve("put-away").resolve(photo)), photo);
    }

    /** What could not be written to its file is moved nowhere: its last edits would be lost. */
    @Test
    void aJobThatIsNotInItsFileStays(FxRobot robot) throws Exception {
        robot.clickOn("#blank");
        settle();
        Path file = bench.file();
        Files.delete(file);
        Files.createDirectory(file);
        Files.writeString(file.resolve("in-the-way"), "");
        robot.clickOn("#order");
        settle();
        robot.write("20 mar").clickOn("#order-take");
        settle();
        openRail(robot);
        robot.clickOn("#jobs-throw");
        settle();
        assertTrue(Files.exists(file));
        assertEquals(file, bench.file());
        assertEquals(LocalDate.of(2026, 3, 20), bench.job().order().due());
        assertTrue(read(robot, "#notice-text").contains("stays where it is"), read(robot, "#notice-text"));
    }
}
