package neatcorner.desktop.shell;

import java.util.function.LongSupplier;
import javafx.scene.input.KeyCode;
import org.jspecify.annotations.Nullable;

/**
 * The key that is held down, in whichever window. What it does once it does once: the keyboard repeats it until it is let go, and on a
 * busy machine word of that comes late, or to another window.
 */
final class HeldKeys {
    /**
     * A repeat follows the press, or the last repeat, sooner than this, ns: keyboards wait 660 ms at most, a busy machine some
     * seconds. Whoever presses a key so long after it was let go unheard means it.
     */
    private static final long NEXT_REPEAT = 10_000_000_000L;

    private final LongSupplier clock;
    private @Nullable KeyCode held;
    private long last;

    /** @param clock what time it is, ns */
    HeldKeys(LongSupplier clock) {
        this.clock = clock;
    }

    /** Hears of a press, and says whether it is only a repeat of the last one. */
    boolean repeats(KeyCode key) {
        if (key.isModifierKey()) {
            // Nobody takes Ctrl anew while a key is held: it was let go where nobody heard of it.
            held = null;
            return false;
        }
        long now = clock.getAsLong();
        boolean again = key == held && now - last < NEXT_REPEAT;
        held = key;
        last = now;
        return again;
    }

    void released(KeyCode key) {
        held = key == held ? null : held;
    }
}
