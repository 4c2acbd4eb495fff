package neatcorner.desktop.shell;

import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;

/** What keys do wherever a window has them. A key that is held down does once what it does once. */
final class Shortcuts {
    /** The keyboard is one, whichever window has it. */
    private static final HeldKeys HELD = new HeldKeys(System::nanoTime);
    /** By themselves: delete, tick, press. */
    private static final Set<KeyCode> ONCE = EnumSet.of(KeyCode.DELETE, KeyCode.BACK_SPACE, KeyCode.ENTER,
            KeyCode.SPACE);

    private final Node window;
    private final Map<KeyCombination, Shortcut> shortcuts = new LinkedHashMap<>();

    private record Shortcut(Runnable does, boolean repeats) {}

    Shortcuts(Node window) {
        this.window = window;
    }

    /** From now on keys do it. */
    void listen() {
        window.addEventFilter(KeyEvent.KEY_PRESSED, this::pressed);
        window.addEventFilter(KeyEvent.KEY_RELEASED, e -> HELD.released(e.getCode()));
    }

    /** Does something once, however long the key is held. */
    void once(KeyCode key, Runnable does, KeyCombination.Modifier... modifiers) {
        shortcuts.put(new KeyCodeCombination(key, modifiers), new Shortcut(does, false));
    }

    /** Does something again while the key is held. */
    void repeating(KeyCode key, Runnable does, KeyCombination.Modifier... modifiers) {
        shortcuts.put(new KeyCodeCombination(key, modifiers), new Shortcut(does, true));
    }

    private void pressed(KeyEvent e) {
        boolean again = HELD.repeats(e.getCode());
        for (Map.Entry<KeyCombination, Shortcut> each : shortcuts.entrySet()) {
            if (each.getKey().match(e)) {
                e.consume();
                if (!again || each.getValue().repeats) {
                    each.getValue().does.run();
                }
                return;
            }
        }
        if (again && ONCE.contains(e.getCode()) && !(e.getTarget() instanceof TextInputControl)) {
            e.consume();
        }
    }
}
