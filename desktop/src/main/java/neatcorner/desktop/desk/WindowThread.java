package neatcorner.desktop.desk;

import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.Executor;
import javafx.application.Platform;

/** The window's thread. What is given to it before there is a window waits until then. */
public final class WindowThread implements Executor {
    private final Queue<Runnable> early = new ConcurrentLinkedQueue<>();
    private volatile boolean started;

    @Override
    public void execute(Runnable work) {
        if (started) {
            Platform.runLater(work);
        } else {
            early.add(work);
            if (started) {
                drain();
            }
        }
    }

    /** The window is there. */
    public void start() {
        started = true;
        drain();
    }

    private void drain() {
        for (Runnable work = early.poll(); work != null; work = early.poll()) {
            Platform.runLater(work);
        }
    }
}
