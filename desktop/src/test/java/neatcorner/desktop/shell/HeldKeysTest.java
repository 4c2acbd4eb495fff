package neatcorner.desktop.shell;

import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.concurrent.atomic.AtomicLong;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

class HeldKeysTest {
    private final AtomicLong now = new AtomicLong();
    private final HeldKeys keys = new HeldKeys(now::get);

    private boolean after(long ms, KeyCode key) {
        now.addAndGet(ms * 1_000_000);
        return keys.repeats(key);
    }

    @Test
    void aKeyThatIsNotLetGoRepeats() {
        assertFalse(after(0, KeyCode.CONTROL));
        assertFalse(after(10, KeyCode.N));
        assertTrue(after(660, KeyCode.N));
        assertTrue(after(9000, KeyCode.N), "on a machine that is busy with the window it opened");
        keys.released(KeyCode.CONTROL);
        assertTrue(after(40, KeyCode.N));
        keys.released(KeyCode.N);
        assertFalse(after(40, KeyCode.N));
    }

    @Test
    void anotherKeyOrALongWhileIsANewPress() {
        assertFalse(after(0, KeyCode.N));
        assertFalse(after(40, KeyCode.W));
        assertFalse(after(40, KeyCode.N));
        assertFalse(after(11_000, KeyCode.N), "word of its release went to another program");
        assertFalse(after(5, KeyCode.CONTROL));
        assertFalse(after(5, KeyCode.N), "Ctrl is taken anew, so N was let go");
    }
}
