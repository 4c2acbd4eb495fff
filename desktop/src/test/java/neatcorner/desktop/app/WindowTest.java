package neatcorner.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import javafx.stage.Window;
import neatcorner.desktop.desk.Home;
import neatcorner.desktop.desk.Premises;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.look.Look;
import neatcorner.job.Job;
import neatcorner.measure.Units;
import neatcorner.plan.Plan;
import neatcorner.plan.Station;
import neatcorner.planner.Planner;
import neatcorner.shop.Shop;
import neatcorner.stock.Search;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.extension.ExtendWith;

/** A test that drives the real window with mouse and keys. It opens with the demo shop in a home of its own. */
@ExtendWith(ScreenOnFailure.class)
@SuppressWarnings("NullAway.Init")
abstract class WindowTest {
    private static final DiskWatch DISK = new DiskWatch();

    /** A clock that goes, but begins on a Tuesday at eight, so that a day laid out does not hang on when a test runs. */
    final Clock clock = Clock.offset(Clock.system(ZoneOffset.UTC),
            Duration.between(Instant.now(), Instant.parse("2026-03-03T08:00:00Z")));

    Workbench bench;
    final WindowWatch watch = new WindowWatch();
    Path folder;
    Stage stage;
    private volatile boolean opened;
    private volatile boolean plannedAtTheWindow;

    final Maker maker = new Maker(this::settle);

    /** Each test has a window of its own, in a shop of its own. Keys go where they are seen to go once the window has them. */
    @BeforeEach
    final void atTheWindow() throws Exception {
        Maker.open(this::open);
        Maker.await(() -> stage.isFocused());
    }

    /** Whether the window is one of the smallest screen that everything must fit. */
    boolean isSmall() {
        return false;
    }

    private void open() throws IOException {
        stage = new Stage();
        folder = Files.createTempDirectory("neat-corner-test");
        bench = newBench();
        NeatCornerWindow.chooseJob(bench, Desktop.Opening.demo());
        Look.loadFonts();
        Windows windows = new Windows(bench.premises());
        windows.show(stage, windows.content(bench));
        stage.toFront();
        watch.watch(stage.getScene());
        DISK.begin();
        opened = true;
        if (isSmall()) {
            stage.setWidth(1280);
            stage.setHeight(800);
        }
    }

    final Workbench newBench() {
        return new Workbench(new Premises(new Home(folder.resolve("data"), folder.resolve("config")), watch,
                clock, this::plan));
    }

    /** How plans are worked out; for tests that want them slow or wrong. */
    Plan plan(Job job, Shop shop, Search search) {
        plannedAtTheWindow |= opened && Platform.isFxApplicationThread();
        return Planner.plan(job, shop, search);
    }

    @AfterEach
    void leave() throws TimeoutException {
        assertFalse(plannedAtTheWindow, "plans are worked out away from the window's thread");
        DISK.end();
        Platform.runLater(() -> {
            stage.hide();
            bench.premises().close();
        });
        Maker.awaitThread();
        maker.leave();
    }

    @AfterAll
    static void noDiskAtTheWindow() throws IOException {
        assertEquals(List.of(), DISK.touched(), "files are touched away from the window's thread");
    }

    /**
     * Waits until nothing is under way behind the window, and what came of it is laid out: found so twice, for what has just
     * come may only be shown with the next picture.
     */
    final void settle() {
        long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(Maker.PATIENCE);
        int still = 0;
        while (still < 2) {
            waitForPicture();
            if (System.nanoTime() > until) {
                throw new AssertionError("the window does not come to rest");
            }
            still = Maker.ask(this::isStill) ? still + 1 : 0;
        }
    }

    private boolean isStill() {
        return bench.premises().isIdle() && Window.getWindows().stream().map(Window::getScene)
                .allMatch(scene -> scene == null || !scene.getRoot().isNeedsLayout());
    }

    /** Waits until the window's next picture is laid out, and for what is given to its thread by that. */
    private void waitForPicture() {
        CountDownLatch laidOut = new CountDownLatch(1);
        Platform.runLater(() -> {
            Scene scene = stage.getScene();
            Runnable[] once = new Runnable[1];
            once[0] = () -> {
                scene.removePostLayoutPulseListener(once[0]);
                Platform.runLater(laidOut::countDown);
            };
            scene.addPostLayoutPulseListener(once[0]);
            Platform.requestNextPulse();
        });
        try {
            if (!laidOut.await(Maker.PATIENCE, TimeUnit.SECONDS)) {
                throw new AssertionError("the window draws no more pictures");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new AssertionError(e);
        }
    }

    final Path demo(String name) {
        return bench.home().demo(Units.MILLIMETRES).resolve(name + ".json");
    }

    /** Puts a job in the place of the one on the bench. */
    final void edit(Job job) {
        bench.change("test", now -> job);
    }

    /** What the maker reads in a node: all its labels, in order. */
    String read(String query) {
        return read(maker.node(query));
    }

    static String read(Node node) {
        StringBuilder text = new StringBuilder();
        collect(node, text);
        return text.toString().strip();
    }

    /** As it stands on the screen, without the sign before its letter. */
    private static String shown(Labeled labeled) {
        String text = String.valueOf(labeled.getText());
        return labeled.isMnemonicParsing() ? text.replace("_", "") : text;
    }

    private static void collect(Node node, StringBuilder text) {
        if (node instanceof Labeled labeled) {
            text.append(shown(labeled)).append(' ');
        } else if (node instanceof Text plain) {
            text.append(plain.getText()).append(' ');
        } else if (node instanceof TextInputControl input) {
            text.append(input.getText()).append(' ');
        } else if (node instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(child -> collect(child, text));
        }
    }

    boolean isShown(String query) {
        return maker.find(query).filter(Node::isVisible).isPresent();
    }

    void type(String tag, String text) {
        maker.clickOn(tag);
        settle();
        maker.push(KeyCode.CONTROL, KeyCode.A);
        maker.write(text);
        maker.push(KeyCode.ENTER);
        settle();
    }

    /** Opens a card and presses a part of it. */
    void inCard(String button, String part) {
        maker.clickOn(button);
        settle();
        maker.clickOn(part);
        settle();
        maker.push(KeyCode.ESCAPE);
        settle();
    }

    static KeyCode digit(Station station) {
        return KeyCode.valueOf("DIGIT" + (station.ordinal() + 1));
    }

    void at(KeyCode digit) {
        maker.push(KeyCode.CONTROL, digit);
        settle();
    }
}
