package neatcorner.desktop.station;

import java.util.function.Consumer;
import javafx.util.Duration;
import neatcorner.desktop.desk.Workbench;

/**
 * A picture of the window for the documentation.
 *
 * @param name    of its file
 * @param settle  how long the window takes until everything is there
 * @param prepare makes the window show it. The station is entered before its first picture, with the demo's first job
 */
public record Shot(String name, Duration settle, Consumer<Demo> prepare) {
    private static final Duration USUAL = Duration.millis(450);

    /** A window in the demo shop, led by hand. */
    public interface Demo {

        Workbench bench();

        /** Puts one of the demo's jobs on the bench, by the name of its file. */
        void open(String file);

        /** Presses the button of that id. */
        void press(String id);

        /** Shows what is current now, without waiting for the next picture. */
        void bringUpToDate();
    }

    /** A picture of what is there soon. */
    public Shot(String name, Consumer<Demo> prepare) {
        this(name, USUAL, prepare);
    }
}
