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
import neatcorner.desktop.desk.JobCard;
import neatcorner.exchange.job.JobFile;
import neatcorner.job.Order;
import org.junit.jupiter.api.Test;

/** The jobs that there are, each seen without being opened. */
class JobRailTest extends WindowTest {

    @Override
    boolean isSmall() {
        return true;
    }

    private List<JobCard> listed() {
        return ((ListView<?>) maker.node("#jobs-list")).getItems().stream().map(JobCard.class::cast).toList();
    }

    /** What is read on the rail, job by job. */
    private String seen() {
        return maker.nodes(".job-cell").stream().map(WindowTest::read).collect(Collectors.joining("\n"));
    }

    private void openRail() {
        maker.push(KeyCode.CONTROL, KeyCode.J);
        settle();
    }

    private void search(String text) {
        maker.clickOn("#jobs-search").push(KeyCode.CONTROL, KeyCode.A).push(KeyCode.BACK_SPACE).write(text);
        settle();
    }

    @Test
    void aJobIsFoundAndOpenedWithoutAMouse() {
        openRail();
        assertEquals(12, listed().size());
        maker.write("panorama beech");
        settle();
        assertEquals(List.of("Harbour panorama"), listed().stream().map(JobCard::title).toList());
        maker.push(KeyCode.ENTER);
        settle();
        assertFalse(isShown("#job-rail"));
        assertEquals("Harbour panorama", bench.job().title());
        openRail();
        search("gulls");
        assertTrue(read("#jobs-nothing").contains("No job here has “gulls”"));
        maker.push(KeyCode.ESCAPE);
        settle();
        assertFalse(isShown("#job-rail"));
    }

    @Test
    void allFramesAreSeenAtOneScale() {
        openRail();
        search("panorama");
        double panorama = woodWidth();
        search("sheet-1");
        double sheet = woodWidth();
        search("");
        double wide = width("Harbour panorama");
        double narrow = width("Tide chart, sheet 1");
        assertEquals(wide / narrow, panorama / sheet, 0.12, panorama + " and " + sheet);
    }

    private double width(String title) {
        return listed().stream().filter(card -> card.title().equals(title)).map(JobCard::picture)
                .map(Objects::requireNonNull).findFirst().orElseThrow().bounds().width();
    }

    /** How many pixels of the picture are not the ground it stands on, in its middle line of pixels that are. */
    private double woodWidth() {
        Region canvas = maker.node("#jobs-list .thumbnail", Region.class);
        var image = maker.picture(canvas);
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
    void whatIsThrownAwayIsBroughtBack() throws Exception {
        maker.clickOn("#blank");
        settle();
        Path first = bench.file();
        openRail();
        maker.clickOn("#shelf-demo");
        settle();
        search("signal mirror");
        maker.clickOn("#jobs-copy");
        settle();
        assertEquals("Signal mirror, round (copy)", bench.job().title());
        Path copy = bench.file();
        assertNotEquals(first, copy);
        assertTrue(copy.startsWith(bench.home().jobs()) && Files.exists(copy));
        openRail();
        assertEquals(2, listed().size());
        maker.clickOn("#jobs-throw");
        settle();
        assertFalse(Files.exists(copy));
        assertEquals(first, bench.file(), "the window goes on with another job");
        assertEquals(List.of("New frame"), listed().stream().map(JobCard::title).toList());
        assertTrue(read("#notice-text").contains("was thrown away"));
        maker.clickOn("Undo");
        settle();
        assertTrue(Files.exists(copy));
        assertEquals(2, listed().size());
        search("mirror");
        maker.clickOn("#jobs-away");
        settle();
        maker.clickOn("#shelf-put-away");
        settle();
        assertEquals(List.of("Signal mirror, round (copy)"), listed().stream().map(JobCard::title).toList());
        maker.clickOn("#jobs-back");
        settle();
        assertTrue(Files.exists(copy));
        assertEquals(0, listed().size());
    }

    @Test
    void aJobSaysWhenItIsDueAndWhatWasAgreed() throws Exception {
        maker.clickOn("#order");
        settle();
        maker.write("20 mar");
        assertTrue(read("#order-card").contains("Fri, Mar 20, in 17 days"), read("#order-card"));
        maker.clickOn("#order-note").write("collected by the keeper").clickOn("#order-take");
        settle();
        assertEquals(new Order(LocalDate.of(2026, 3, 20), "collected by the keeper"), bench.job().order());
        assertEquals(bench.job().order(), JobFile.read(bench.file()).job().order());
        assertTrue(read("#order").contains("due Fri, Mar 20"));
        openRail();
        assertTrue(seen().contains("collected by the keeper"));
        assertEquals(bench.file(), listed().getFirst().file(), "what is due comes first");
        search("barometer");
        maker.clickOn("#jobs-agreed");
        settle();
        maker.write("soon");
        assertTrue(maker.node("#order-take").isDisabled());
        maker.push(KeyCode.CONTROL, KeyCode.A).write("yesterday").push(KeyCode.CONTROL, KeyCode.A)
                .write("2 Mar 2026\n");
        settle();
        search("");
        assertEquals("Barometer glass, arched", listed().getFirst().title());
        assertTrue(seen().contains("due Mon, Mar 2, 1 day late"), seen());
        maker.push(KeyCode.ESCAPE);
        maker.push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertEquals(Order.NONE, bench.job().order());
    }

    /** The photo of the art lies beside its job, wherever that lies. */
    @Test
    void aPhotoFollowsItsJob() {
        openRail();
        search("tide-chart-sheet-3");
        maker.clickOn("#jobs-copy");
        settle();
        String photo = Objects.requireNonNull(bench.job().looks().photo());
        assertTrue(Files.exists(bench.file().resolveSibling(photo)), photo);
        openRail();
        search("(copy)");
        maker.clickOn("#jobs-away");
        settle();
        assertTrue(Files.exists(bench.home().data().resolve("put-away").resolve(photo)), photo);
    }

    /** What could not be written to its file is moved nowhere: its last edits would be lost. */
    @Test
    void aJobThatIsNotInItsFileStays() throws Exception {
        maker.clickOn("#blank");
        settle();
        Path file = bench.file();
        Files.delete(file);
        Files.createDirectory(file);
        Files.writeString(file.resolve("in-the-way"), "");
        maker.clickOn("#order");
        settle();
        maker.write("20 mar").clickOn("#order-take");
        settle();
        openRail();
        maker.clickOn("#jobs-throw");
        settle();
        assertTrue(Files.exists(file));
        assertEquals(file, bench.file());
        assertEquals(LocalDate.of(2026, 3, 20), bench.job().order().due());
        assertTrue(read("#notice-text").contains("stays where it is"), read("#notice-text"));
    }
}
