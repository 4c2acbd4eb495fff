package neatcorner.desktop;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import java.util.logging.Level;
import java.util.logging.Logger;
import neatcorner.exchange.JobFile;
import org.jspecify.annotations.Nullable;

/**
 * Keeps the job on the bench in its file. Every edit is written at once, whole or not at all, away from the window's own
 * thread; edits that come faster than the disk are written as the last of them. A file that somebody else has changed is
 * not written over.
 */
final class Keeper implements AutoCloseable {
    private static final Logger LOG = Logger.getLogger(Keeper.class.getName());

    /** What became of the last edit. */
    sealed interface Outcome {
        record Kept() implements Outcome {}

        /** Somebody else wrote the file since it was read. */
        record ChangedOutside() implements Outcome {}

        /** The disk said no; {@code why} is for the maker. */
        record NotKept(String why) implements Outcome {}
    }

    private final ExecutorService writer = Executors
            .newSingleThreadExecutor(Thread.ofPlatform().daemon().name("keeper").factory());
    private final AtomicReference<@Nullable Edit> next = new AtomicReference<>();
    private final Consumer<Outcome> report;
    private @Nullable Path file;
    private @Nullable String lastSeen;

    private record Edit(Path file, JobFile job) {}

    /** The report is made on the keeper's own thread. */
    Keeper(Consumer<Outcome> report) {
        this.report = report;
    }

    /** From now on edits belong to this file, which was last seen to hold this text (null: it does not exist yet). */
    synchronized void attend(Path newFile, @Nullable String text) {
        file = newFile;
        lastSeen = text;
    }

    void keep(Path target, JobFile job) {
        if (next.getAndSet(new Edit(target, job)) == null) {
            writer.execute(this::write);
        }
    }

    private synchronized void write() {
        Edit edit = next.getAndSet(null);
        if (edit == null || !edit.file.equals(file)) {
            return;
        }
        report.accept(tryWrite(edit));
    }

    private Outcome tryWrite(Edit edit) {
        try {
            String now = currentText(edit.file);
            if (lastSeen != null && now != null && !now.equals(lastSeen)) {
                return new Outcome.ChangedOutside();
            }
            String text = edit.job.text();
            JobFile.writeWhole(edit.file, text.getBytes(StandardCharsets.UTF_8));
            lastSeen = text;
            return new Outcome.Kept();
        } catch (IOException e) {
            LOG.log(Level.WARNING, "job not kept", e);
            return new Outcome.NotKept(why(edit.file, e));
        }
    }

    private static String why(Path file, IOException e) {
        Path folder = file.toAbsolutePath().getParent();
        if (e instanceof java.nio.file.AccessDeniedException || !Files.isWritable(folder)) {
            return "the folder " + folder + " cannot be written to";
        }
        if (file.toFile().getUsableSpace() < 65_536) {
            return "the disk is full";
        }
        return e.getMessage() == null ? e.getClass().getSimpleName() : e.getMessage();
    }

    private static @Nullable String currentText(Path file) throws IOException {
        try {
            return Files.readString(file);
        } catch (NoSuchFileException | java.nio.charset.CharacterCodingException e) {
            return e instanceof NoSuchFileException ? null : "";
        }
    }

    /** Waits until what was handed over is written, for at most a few seconds. */
    @Override
    public void close() {
        writer.shutdown();
        try {
            if (!writer.awaitTermination(5, TimeUnit.SECONDS)) {
                LOG.warning("the last edit was not written in time");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
