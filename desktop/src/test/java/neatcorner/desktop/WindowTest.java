package neatcorner.desktop;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.util.WaitForAsyncUtils;

/** A test that drives the real window with mouse and keys. It opens with the demo shop in a home of its own. */
@ExtendWith(ApplicationExtension.class)
@SuppressWarnings("NullAway.Init")
abstract class WindowTest {
    Workbench bench;
    Path folder;
    Stage stage;

    /** Each test class calls this from a start method of its own, where the test framework looks for it. */
    final void open(Stage opened) throws Exception {
        stage = opened;
        folder = Files.createTempDirectory("neat-corner-test");
        bench = new Workbench(new Home(folder.resolve("data"), folder.resolve("config")));
        NeatCornerWindow.chooseJob(bench, Desktop.Opening.demo());
        Look.loadFonts();
        NeatCornerWindow.show(stage, new MainWindow(bench));
        stage.toFront();
    }

    @AfterEach
    void leave() {
        javafx.application.Platform.runLater(bench::close);
        WaitForAsyncUtils.waitForFxEvents();
    }

    static void settle() {
        WaitForAsyncUtils.waitForFxEvents(2);
        WaitForAsyncUtils.sleep(60, TimeUnit.MILLISECONDS);
        WaitForAsyncUtils.waitForFxEvents(2);
    }

    /** What the maker reads in a node: all its labels, in order. */
    static String read(FxRobot robot, String query) {
        StringBuilder text = new StringBuilder();
        collect(robot.lookup(query).query(), text);
        return text.toString().strip();
    }

    private static void collect(Node node, StringBuilder text) {
        if (node instanceof Labeled labeled) {
            text.append(labeled.getText()).append(' ');
        } else if (node instanceof javafx.scene.text.Text plain) {
            text.append(plain.getText()).append(' ');
        } else if (node instanceof TextInputControl input) {
            text.append(input.getText()).append(' ');
        } else if (node instanceof javafx.scene.Parent parent) {
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

    void at(FxRobot robot, KeyCode digit) {
        robot.push(KeyCode.CONTROL, digit);
        settle();
    }
}
