package neatcorner.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import javafx.event.Event;
import javafx.event.EventType;
import javafx.scene.control.Button;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Stage;
import javafx.stage.Window;
import javafx.stage.WindowEvent;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.shell.MainWindow;
import neatcorner.exchange.job.JobFile;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.plan.Station;
import org.junit.jupiter.api.Test;

/** Several windows: of one job, of two, in one shop. */
class WindowsTest extends WindowTest {

    private Stage second() {
        settle();
        maker.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.N);
        settle();
        settle();
        return maker.windows().stream().filter(Stage.class::isInstance).map(Stage.class::cast)
                .filter(each -> each != stage && each.isShowing()).findFirst().orElseThrow();
    }

    private static Workbench bench(Stage window) {
        return ((MainWindow) window.getScene().getRoot()).bench();
    }

    private static String text(Stage window, String query) {
        return switch (window.getScene().lookup(query)) {
            case TextInputControl input -> input.getText();
            case Labeled labeled -> labeled.getText();
            case null, default -> throw new AssertionError("no text at " + query);
        };
    }

    private void ask(Stage window, KeyCode... keys) {
        maker.interact(window::requestFocus);
        settle();
        maker.push(keys);
        settle();
    }

    private void close(Stage window) {
        maker.interact(() -> window.fireEvent(new WindowEvent(window, WindowEvent.WINDOW_CLOSE_REQUEST)));
        settle();
    }

    /** The keyboard repeats a key until it is let go, in the window that is in front by then: still one is opened. */
    @Test
    void aKeyThatIsHeldDownOpensOneWindow() {
        settle();
        int before = open();
        for (int i = 0; i < 6; i++) {
            maker.interact(() -> maker.windows().stream().filter(each -> each instanceof Stage && each.isShowing())
                    .toList().forEach(each -> tell(each, KeyEvent.KEY_PRESSED)));
            settle();
        }
        maker.interact(() -> tell(stage, KeyEvent.KEY_RELEASED));
        assertEquals(before + 1, open());
    }

    private int open() {
        return (int) maker.windows().stream().filter(each -> each instanceof Stage && each.isShowing()).count();
    }

    private static void tell(Window window, EventType<KeyEvent> what) {
        Event.fireEvent(window.getScene().getRoot(), new KeyEvent(what, "", "", KeyCode.N, true, true, false, false));
    }

    @Test
    void twoWindowsShowOneJobAndWhatIsDoneInOneIsSeenInTheOther() {
        maker.interact(() -> stage.setWidth(1100));
        Stage second = second();
        assertEquals("Tide chart, sheet 3 – Neat Corner", second.getTitle());
        assertEquals(stage.getX() + 36, second.getX(), "beside the first, not over it");
        assertEquals(stage.getWidth(), second.getWidth());
        ask(second, KeyCode.CONTROL, KeyCode.DIGIT5);
        assertEquals(Station.STICKS, bench(second).station().get());
        assertEquals(Station.OPENING, bench.station().get(), "each has its own station");
        maker.interact(() -> ((Button) second.getScene().lookup("#sticks-more")).fire());
        maker.interact(() -> second.getScene().lookup("#field-end-trim").requestFocus());
        maker.write("21", 0).push(KeyCode.ENTER);
        settle();
        assertEquals(Length.mm(21), bench.currentPlan().job().stock().endTrim());
        assertEquals(bench.currentPlan(), bench(second).currentPlan(), "one plan, worked out once");
        ask(stage, KeyCode.CONTROL, KeyCode.Z);
        assertNotEquals(Length.mm(21), bench(second).job().stock().endTrim());
        assertFalse(bench(second).canUndo().get());
        maker.interact(() -> {
            bench.change("title", job -> job.withTitle("chart for the hall"));
            assertEquals("chart for the hall", bench(second).job().title());
        });
        settle();
        assertEquals("chart for the hall", text(second, "#title"));
        assertEquals("chart for the hall – Neat Corner", second.getTitle());
    }

    @Test
    void eachWindowHasAJobOfItsOwnAndTheShopIsOne() {
        Stage second = second();
        Path first = bench.file();
        int benches = bench.shop().bench();
        maker.interact(() -> bench(second).open(demo("storm-painting")));
        settle();
        assertEquals(first, bench.file());
        assertEquals("Storm painting on panel", text(second, "#title"));
        maker.interact(() -> bench(second).changeShop("places", shop -> shop.withPlaces(benches + 2, shop.drying())));
        settle();
        assertEquals(benches + 2, bench.shop().bench());
        assertEquals(benches + 2, bench.currentPlan().shop().bench());
    }

    @Test
    void unitsAndDarkAreOfAllWindows() {
        Stage second = second();
        maker.interact(() -> bench(second).premises().setUnits(Units.INCHES));
        settle();
        assertEquals(Units.INCHES, bench.notation().get().units());
        maker.interact(second::requestFocus);
        maker.clickOn(second.getScene().lookup("#preferences"));
        settle();
        maker.clickOn("Dark");
        settle();
        assertTrue(stage.getScene().getRoot().getStyleClass().contains("dark"));
        assertTrue(second.getScene().getRoot().getStyleClass().contains("dark"));
    }

    @Test
    void aClosedWindowHearsNothingAndItsJobStaysOpen() throws Exception {
        Stage second = second();
        Workbench closed = bench(second);
        maker.interact(() -> closed.change("title", job -> job.withTitle("from the second")));
        ask(second, KeyCode.CONTROL, KeyCode.W);
        assertFalse(second.isShowing());
        assertTrue(stage.isShowing());
        settle();
        assertEquals("from the second", bench.job().title());
        assertEquals("from the second", JobFile.read(bench.file()).job().title());
        maker.interact(() -> bench.change("title", job -> job.withTitle("after it")));
        settle();
        assertEquals("from the second", closed.currentPlan().job().title(), "it hears of nothing any more");
        maker.interact(bench::undo);
        maker.interact(bench::undo);
        settle();
        assertEquals("Tide chart, sheet 3", bench.job().title(), "what was done there can be undone here");
    }

    @Test
    void theLastWindowStaysForWhatIsNotKeptInAnother() throws Exception {
        Stage second = second();
        Path elsewhere = Files.createDirectories(folder.resolve("stick"));
        JobFile.of(bench.job()).write(elsewhere.resolve("job.json"));
        maker.interact(() -> bench(second).open(elsewhere.resolve("job.json")));
        settle();
        Files.move(elsewhere, folder.resolve("pulled out"));
        maker.interact(() -> bench(second).change("title", job -> job.withTitle("afloat")));
        settle();
        assertTrue(text(second, "#notice-text").contains("This job is not being kept"));
        assertTrue(text(stage, "#notice-text").contains("“afloat” is not being kept"));
        close(second);
        assertFalse(second.isShowing());
        close(stage);
        assertTrue(stage.isShowing());
        assertTrue(text(stage, "#notice-text").contains("The window stays open for it."));
        Files.createDirectories(elsewhere);
        maker.interact(() -> stage.fireEvent(new WindowEvent(stage, WindowEvent.WINDOW_CLOSE_REQUEST)));
        Maker.await(() -> !stage.isShowing());
        assertEquals("afloat", JobFile.read(elsewhere.resolve("job.json")).job().title());
    }

    @Test
    void aWaitThatIsOverIsSaidInTheWindowThatWasUsedLast() {
        Stage second = second();
        maker.interact(() -> bench(second).premises().timers().start("glue", Duration.ZERO));
        maker.interact(() -> {
            second.requestFocus();
            bench(second).premises().tick();
        });
        settle();
        assertEquals("● The wait is over: glue.", text(second, "#notice-text"));
        assertTrue(bench.notices().all().isEmpty());
    }
}
