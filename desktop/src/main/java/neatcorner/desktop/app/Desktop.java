package neatcorner.desktop.app;

import java.nio.file.Path;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import javafx.application.Application;
import org.jspecify.annotations.Nullable;

/** Opens the window. */
public final class Desktop {
    private static Opening opening = Opening.demo();
    private static @Nullable FutureTask<NeatCornerWindow.First> first;

    private Desktop() {}

    /**
     * What the window opens with.
     *
     * @param jobs  job files; the first is put on the bench
     * @param shots the folder for a picture of each station, after which the window closes; empty to stay open
     */
    public record Opening(List<Path> jobs, Optional<Path> shots) {

        public Opening {
            jobs = List.copyOf(jobs);
        }

        /** The job that was last on the bench; at the first start, the demo shop. */
        public static Opening demo() {
            return new Opening(List.of(), Optional.empty());
        }

        /** A window with these jobs. */
        public static Opening of(List<Path> jobs) {
            return new Opening(jobs, Optional.empty());
        }

        /** Pictures of each main view, into a folder. */
        public static Opening shots(Path folder) {
            return new Opening(List.of(), Optional.of(folder));
        }
    }

    /** Opens the window and returns when it is closed. May be called once. */
    public static void open(Opening how) {
        opening = how;
        FutureTask<NeatCornerWindow.First> prepared = new FutureTask<>(() -> NeatCornerWindow.prepare(how));
        first = prepared;
        Thread.ofPlatform().daemon().name("window").start(prepared);
        Application.launch(NeatCornerWindow.class);
    }

    static Opening opening() {
        return opening;
    }

    /** The first window's content, made while the toolkit was starting. */
    static NeatCornerWindow.First first() throws InterruptedException, ExecutionException {
        return Objects.requireNonNull(first, "open comes first").get();
    }
}
