package neatcorner.desktop.app;

import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import org.testfx.api.FxRobot;

/** A maker at the window, whose clicks and keys are counted: a chord such as Ctrl+5 as one. */
final class Maker {
    private final FxRobot robot;
    private final Runnable settle;
    private int clicks;
    private int keys;

    Maker(FxRobot robot, Runnable settle) {
        this.robot = robot;
        this.settle = settle;
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

    @Override
    public String toString() {
        return clicks + " clicks, " + keys + " keys";
    }
}
