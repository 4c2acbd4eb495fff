package neatcorner.desktop.app;

import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.util.concurrent.Executor;
import javafx.application.Platform;
import javafx.event.EventDispatcher;
import javafx.scene.Scene;

/**
 * Sees how long the window's thread is held at a time: by an event, by what is given to it, by the layout of a picture.
 * Counted is what the processor did for it, not what else the machine was busy with.
 */
final class WindowWatch implements Executor {
    private static final ThreadMXBean THREADS = ManagementFactory.getThreadMXBean();

    private int depth;
    private long began;
    private volatile long longest;

    /** Watches what a window's scene does. */
    void watch(Scene scene) {
        scene.addPreLayoutPulseListener(this::begin);
        scene.addPostLayoutPulseListener(this::end);
        EventDispatcher before = scene.getEventDispatcher();
        scene.setEventDispatcher((event, tail) -> {
            begin();
            try {
                return before.dispatchEvent(event, tail);
            } finally {
                end();
            }
        });
    }

    /** The window's own executor. */
    @Override
    public void execute(Runnable work) {
        Platform.runLater(() -> {
            begin();
            try {
                work.run();
            } finally {
                end();
            }
        });
    }

    /** The longest that it was held since this was last asked, ms. */
    double longest() {
        long nanos = longest;
        longest = 0;
        return nanos / 1e6;
    }

    private void begin() {
        if (depth++ == 0) {
            began = THREADS.getCurrentThreadCpuTime();
        }
    }

    private void end() {
        if (--depth == 0) {
            long held = THREADS.getCurrentThreadCpuTime() - began;
            if (held > longest) {
                longest = held;
            }
        }
    }
}
