package neatcorner.desktop.app;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.stream.Collectors;
import javafx.application.Application;
import javafx.scene.Node;
import javafx.scene.image.Image;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import javafx.stage.Window;
import org.testfx.api.FxRobot;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;

/**
 * A maker at the window, with mouse, keys and eyes. Nothing else knows what moves them. Clicks and keys of {@link #click},
 * {@link #type} and {@link #press} are counted, a chord such as Ctrl+5 as one, and each waits until the window is at rest.
 */
final class Maker {
    /** Seconds after which what has not come will not come, on the slowest machine too. */
    static final int PATIENCE = 180;

    private final FxRobot robot = new FxRobot();
    private final Runnable settle;
    private int clicks;
    private int keys;

    Maker(Runnable settle) {
        this.settle = settle;
    }

    /** Something that is done at the window's own thread. */
    interface Deed {
        void run() throws Exception;
    }

    /** Starts the toolkit where that is still to be done, and opens something at the window's thread. */
    static void open(Deed opened) throws TimeoutException {
        FxToolkit.registerPrimaryStage();
        FxToolkit.setupFixture(() -> {
            try {
                opened.run();
            } catch (Exception e) {
                throw new AssertionError("the window does not open", e);
            }
        });
    }

    /** Waits until something is so. */
    static void await(Callable<Boolean> is) throws TimeoutException {
        WaitForAsyncUtils.waitFor(PATIENCE, TimeUnit.SECONDS, is);
    }

    /** Asks at the window's thread. */
    static <T> T ask(Callable<T> what) {
        return WaitForAsyncUtils.waitForAsyncFx(TimeUnit.SECONDS.toMillis(PATIENCE), what);
    }

    /** Waits until the window's thread has done all that was given to it so far. */
    static void awaitThread() {
        WaitForAsyncUtils.waitForFxEvents();
    }

    /** Lets go of every key and button, and closes what windows are left. */
    void leave() throws TimeoutException {
        FxToolkit.cleanupAfterTest(robot, new Nothing());
        awaitThread();
    }

    private static final class Nothing extends Application {
        @Override
        public void start(Stage stage) {}
    }

    /** Does something at the window's thread that no hand can, and waits for it. */
    Maker interact(Runnable deed) {
        robot.interact(deed);
        return this;
    }

    Maker click(String what) {
        robot.clickOn(what);
        clicks++;
        settle.run();
        return this;
    }

    /** Each letter is a key; so is Enter, as a line's end, and Tab. */
    Maker type(String text) {
        text.chars().forEach(each -> {
            switch (each) {
                case '\n' -> robot.push(KeyCode.ENTER);
                case '\t' -> robot.push(KeyCode.TAB);
                default -> robot.write((char) each);
            }
        });
        keys += text.length();
        settle.run();
        return this;
    }

    Maker press(KeyCode key, KeyCombination.Modifier... with) {
        robot.push(new KeyCodeCombination(key, with));
        keys++;
        settle.run();
        return this;
    }

    /** One more thing that was done with the mouse, as a drag. */
    void dragged() {
        clicks++;
        settle.run();
    }

    int count() {
        return clicks + keys;
    }

    Maker clickOn(String what, MouseButton... with) {
        robot.clickOn(what, with);
        return this;
    }

    Maker clickOn(Node what, MouseButton... with) {
        robot.clickOn(what, with);
        return this;
    }

    Maker clickOn(double x, double y, MouseButton... with) {
        robot.clickOn(x, y, with);
        return this;
    }

    Maker doubleClickOn(String what) {
        robot.doubleClickOn(what);
        return this;
    }

    Maker doubleClickOn(Node what) {
        robot.doubleClickOn(what);
        return this;
    }

    Maker doubleClickOn(double x, double y) {
        robot.doubleClickOn(x, y);
        return this;
    }

    /** Keys held together, such as Ctrl and Z. */
    Maker push(KeyCode... keys) {
        robot.push(keys);
        return this;
    }

    Maker write(String text) {
        robot.write(text);
        return this;
    }

    /** With so many milliseconds after each letter. */
    Maker write(String text, int pause) {
        robot.write(text, pause);
        return this;
    }

    /** Does nothing for so many milliseconds, as between two keys. */
    Maker rest(int pause) {
        robot.sleep(pause);
        return this;
    }

    Maker moveTo(Node what) {
        robot.moveTo(what);
        return this;
    }

    Maker moveTo(double x, double y) {
        robot.moveTo(x, y);
        return this;
    }

    Maker moveBy(double x, double y) {
        robot.moveBy(x, y);
        return this;
    }

    Maker press(MouseButton button) {
        robot.press(button);
        return this;
    }

    Maker release(MouseButton button) {
        robot.release(button);
        return this;
    }

    Maker drag(String what) {
        robot.drag(what, MouseButton.PRIMARY);
        return this;
    }

    Maker drag(Node what) {
        robot.drag(what, MouseButton.PRIMARY);
        return this;
    }

    Maker drag(double x, double y) {
        robot.drag(x, y, MouseButton.PRIMARY);
        return this;
    }

    Maker drop() {
        robot.drop();
        return this;
    }

    Maker dropBy(double x, double y) {
        robot.dropBy(x, y);
        return this;
    }

    /** The first that is found, in any window; fails where there is none. */
    Node node(String query) {
        return robot.lookup(query).query();
    }

    <T extends Node> T node(String query, Class<T> kind) {
        return robot.lookup(query).queryAs(kind);
    }

    /** The first that is visible. */
    Node visible(String query) {
        return robot.lookup(query).match(Node::isVisible).query();
    }

    <T extends Node> T visible(String query, Class<T> kind) {
        return robot.lookup(query).match(Node::isVisible).queryAs(kind);
    }

    Set<Node> nodes(String query) {
        return robot.lookup(query).queryAll();
    }

    <T extends Node> Set<T> nodes(Class<T> kind) {
        return robot.lookup(kind::isInstance).queryAll().stream().map(kind::cast).collect(Collectors.toSet());
    }

    Optional<Node> find(String query) {
        return robot.lookup(query).tryQuery();
    }

    /** All windows, the newest first. */
    List<Window> windows() {
        return robot.listWindows();
    }

    /** A node as it stands on the screen. */
    Image picture(Node node) {
        return robot.interact(() -> {}).capture(node).getImage();
    }

    @Override
    public String toString() {
        return clicks + " clicks, " + keys + " keys";
    }
}
