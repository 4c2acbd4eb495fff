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
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.util.WaitForAsyncUtils;

/** A test that drives the real window with mouse and keys. It opens with the demo shop in a home of its own. */
@ExtendWith({ApplicationExtension.class, ScreenOnFailure.class})
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

    /**
     * Each test class calls this from a start method of its own, where the test framework looks for it. The stage that is
     * given there is the same for all tests of a process, and would keep all their windows; each has one of its own.
     */
    final void open(Stage first) throws Exception {
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
    }

    /** The keys go where they are seen to go once the window has them. */
    @BeforeEach
    final void atTheWindow() throws Exception {
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> stage.isFocused());
    }

    /** As the other, in a window of the smallest screen that everything must fit. */
    final void openSmall(Stage first) throws Exception {
        open(first);
        stage.setWidth(1280);
        stage.setHeight(800);
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
    void leave() {
        assertFalse(plannedAtTheWindow, "plans are worked out away from the window's thread");
        DISK.end();
        Platform.runLater(() -> {
            stage.hide();
            bench.premises().close();
        });
        WaitForAsyncUtils.waitForFxEvents();
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
        long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(60);
        int still = 0;
        while (still < 2) {
            waitForPicture();
            if (System.nanoTime() > until) {
                throw new AssertionError("the window does not come to rest");
            }
            still = WaitForAsyncUtils.waitForAsyncFx(10_000, this::isStill) ? still + 1 : 0;
        }
    }

    private boolean isStill() {
        return bench.isIdle() && Window.getWindows().stream().map(Window::getScene)
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
            if (!laidOut.await(30, TimeUnit.SECONDS)) {
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
    static String read(FxRobot robot, String query) {
        return read(robot.lookup(query).query());
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

    static boolean isShown(FxRobot robot, String query) {
        return robot.lookup(query).tryQuery().filter(Node::isVisible).isPresent();
    }

    void type(FxRobot robot, String tag, String text) {
        robot.clickOn(tag);
        settle();
        robot.push(KeyCode.CONTROL, KeyCode.A);
        robot.write(text);
        robot.push(KeyCode.ENTER);
        settle();
    }

    /** Opens a card and presses a part of it. */
    void inCard(FxRobot robot, String button, String part) {
        robot.clickOn(button);
        settle();
        robot.clickOn(part);
        settle();
        robot.push(KeyCode.ESCAPE);
        settle();
    }

    static KeyCode digit(Station station) {
        return KeyCode.valueOf("DIGIT" + (station.ordinal() + 1));
    }

    void at(FxRobot robot, KeyCode digit) {
        robot.push(KeyCode.CONTROL, digit);
        settle();
    }
}
