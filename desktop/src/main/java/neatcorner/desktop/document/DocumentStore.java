package neatcorner.desktop.document;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executor;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import java.util.function.IntFunction;
import java.util.function.Supplier;
import java.util.logging.Level;
import java.util.logging.Logger;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.WholeFile;
import neatcorner.exchange.job.JobFile;
import org.jspecify.annotations.Nullable;

/**
 * Reads jobs and keeps them: whole or not at all, in order, away from the window's thread. A file that somebody else has
 * changed is not written over. Edits that come faster than the disk are written as the last of them; none is left out
 * because another job was opened.
 */
public final class DocumentStore implements AutoCloseable {
    private static final Logger LOG = Logger.getLogger(DocumentStore.class.getName());

    private final Executor writer;
    private final Executor window;
    private final Disk disk;
    private final AtomicInteger underWay = new AtomicInteger();
    private final List<SharedFile<?>> shared = new ArrayList<>();

    /** What became of an edit. */
    public sealed interface Outcome {
        record Kept() implements Outcome {}

        /** Somebody else wrote the file since it was read; it is as they left it. */
        record ChangedOutside() implements Outcome {}

        /** The disk said no; {@code why} is for the maker. */
        record NotKept(String why) implements Outcome {}
    }

    /** Where a job is kept, and what its file is known to hold. */
    static final class Place {
        final Path file;
        private final AtomicReference<@Nullable Edit> next = new AtomicReference<>();
        /** Null while there is to be no such file. */
        private byte @Nullable [] seen;
        private byte @Nullable [] theirs;
        /** Where what was found is to be laid aside before it is written over, since not all of it could be taken; null for nowhere. */
        private @Nullable Path aside;

        Place(Path file, byte @Nullable [] seen) {
            this.file = file;
            this.seen = seen;
        }
    }

    private record Edit(JobFile content, long version) {}

    /**
     * What a file holds.
     *
     * @param mends what in it could not be, and was taken as the nearest that can; most often nothing
     */
    record Read(JobFile content, Place place, List<String> mends) {

        /** One line about what was mended, or what is not understood; empty when all is as it should be. */
        String odd() {
            Path aside = place.aside;
            if (aside != null) {
                return DocumentTexts.MENDED.formatted(place.file.getFileName(), String.join("; ", mends),
                        aside.getFileName());
            }
            List<String> unknown = content.unknown();
            return unknown.isEmpty()
                    ? ""
                    : DocumentTexts.UNKNOWN.formatted(place.file.getFileName(), String.join(", ", unknown));
        }
    }

    /** Hears what became of an edit, by its version. */
    @FunctionalInterface
    interface Report {
        void of(long version, Outcome outcome);
    }

    /** With a thread of its own for the disk, which ends when there is nothing to do, and not before. */
    public static DocumentStore onThread(Executor window) {
        return new DocumentStore(new ThreadPoolExecutor(0, 1, 100, TimeUnit.MILLISECONDS, new LinkedBlockingQueue<>(),
                Thread.ofPlatform().daemon(false).name("store").factory()), window, Disk.ofComputer());
    }

    /** The writer must do one thing after the other, in order. */
    public DocumentStore(Executor writer, Executor window, Disk disk) {
        this.writer = writer;
        this.window = window;
        this.disk = disk;
    }

    Disk disk() {
        return disk;
    }

    /** From now on a file of the shop's is kept with all others. */
    void share(SharedFile<?> file) {
        shared.add(file);
    }

    List<SharedFile<?>> shared() {
        return List.copyOf(shared);
    }

    /**
     * Does something with the disk, and then at the window what that gives.
     *
     * @param failed is done at the window when the program fails at it
     */
    public void ask(Supplier<Runnable> onDisk, Runnable failed) {
        underWay.incrementAndGet();
        writer.execute(() -> {
            Runnable atWindow = failed;
            try {
                atWindow = onDisk.get();
            } catch (Throwable e) {
                LOG.log(Level.SEVERE, "in the store", e);
            }
            Runnable then = atWindow;
            window.execute(() -> {
                underWay.decrementAndGet();
                then.run();
            });
        });
    }

    /** Whether nothing is under way. */
    public boolean isIdle() {
        return underWay.get() == 0;
    }

    /** Keeps the newest content of a place. */
    void keep(Place place, JobFile content, long version, Report report) {
        if (place.next.getAndSet(new Edit(content, version)) != null) {
            return;
        }
        ask(() -> {
            Edit edit = place.next.getAndSet(null);
            if (edit == null) {
                return () -> {};
            }
            Outcome outcome = write(place, edit.content);
            return () -> report.of(edit.version, outcome);
        }, () -> {});
    }

    private Outcome write(Place place, JobFile content) {
        try {
            byte[] bytes = content.bytes();
            JobFile.read(new String(bytes, StandardCharsets.UTF_8));
            Path aside = place.aside;
            byte[] damaged = place.seen;
            if (aside != null && damaged != null) {
                disk.write(aside, damaged);
            }
            Optional<byte[]> theirs = disk.replace(place.file, place.seen, bytes);
            if (theirs.isPresent()) {
                place.theirs = theirs.get();
                return new Outcome.ChangedOutside();
            }
            place.aside = null;
            place.seen = bytes;
            return new Outcome.Kept();
        } catch (IOException e) {
            LOG.log(Level.WARNING, "job not kept", e);
            return new Outcome.NotKept(why(place.file, e));
        } catch (BadFile e) {
            LOG.log(Level.SEVERE, "job not kept: it could not be read again", e);
            return new Outcome.NotKept(DocumentTexts.COULD_NOT_BE_READ_AGAIN.formatted(e.getMessage()));
        } catch (Throwable e) {
            LOG.log(Level.SEVERE, "job not kept", e);
            return new Outcome.NotKept(DocumentTexts.OUR_FAULT_IN_THE_LOG);
        }
    }

    /** Writes what may be lost: if it cannot be written, that is for the log. */
    void write(Path file, Supplier<byte[]> bytes) {
        orLog(file, () -> disk.write(file, bytes.get()));
    }

    /** Writes at the end of what may be lost. */
    void append(Path file, Supplier<byte[]> bytes) {
        orLog(file, () -> disk.append(file, bytes.get()));
    }

    @FunctionalInterface
    private interface Writing {
        void write() throws IOException;
    }

    private void orLog(Path file, Writing writing) {
        ask(() -> {
            try {
                writing.write();
            } catch (IOException e) {
                LOG.log(Level.INFO, "not written: " + file, e);
            }
            return () -> {};
        }, () -> {});
    }

    /** Reads what was done to a job, if that is known. */
    void undo(Path file, Consumer<UndoHistory> then) {
        ask(() -> {
            try {
                if (disk.exists(file)) {
                    UndoHistory history = UndoHistory.read(WholeFile.text(disk.read(file)));
                    return history.steps().isEmpty() ? () -> {} : () -> then.accept(history);
                }
            } catch (BadFile | IOException e) {
                LOG.log(Level.INFO, "not read: " + file, e);
            }
            return () -> {};
        }, () -> {});
    }

    /** From now on what somebody else wrote into a place may be written over. */
    void overwrite(Place place) {
        ask(() -> {
            place.seen = place.theirs;
            return () -> {};
        }, () -> {});
    }

    /** From now on a place is known to hold what was read from it. */
    void adopt(Place place, Place read) {
        ask(() -> {
            place.seen = read.seen;
            place.aside = read.aside;
            return () -> {};
        }, () -> {});
    }

    /** Reads a file; throws {@link BadFile} when it holds no job, {@link IOException} when it cannot be read at all. */
    Read read(Path file) throws IOException, BadFile {
        return read(file, disk.read(file));
    }

    private Read read(Path file, byte[] bytes) throws BadFile {
        JobFile.Mended read = JobFile.mended(WholeFile.text(bytes));
        Place place = new Place(file, bytes);
        if (!read.mends().isEmpty()) {
            place.aside = free(file);
        }
        return new Read(read.file(), place, read.mends());
    }

    /** A name beside a file that no job has. */
    private Path free(Path file) {
        Path aside = file.resolveSibling(file.getFileName() + ".damaged");
        for (int i = 2; disk.exists(aside); i++) {
            aside = file.resolveSibling(file.getFileName() + ".damaged-" + i);
        }
        return aside;
    }

    /** Reads a file away from the window's thread. One of the two is told. */
    void read(Path file, Consumer<Read> then, Consumer<String> refused) {
        ask(() -> {
            try {
                Read read = read(file);
                return () -> then.accept(read);
            } catch (BadFile | IOException e) {
                LOG.log(Level.INFO, "job not read", e);
                String why = whyNotRead(file, e);
                return () -> refused.accept(why);
            }
        }, () -> refused.accept(DocumentTexts.CANNOT_BE_READ_OUR_FAULT.formatted(file)));
    }

    /** Reads the file of a place if it is not as it was last seen here; one of the two is run. */
    void readIfChanged(Place place, Consumer<Read> then, Runnable asItWas) {
        ask(() -> {
            try {
                byte[] bytes = disk.read(place.file);
                if (!Arrays.equals(bytes, place.seen)) {
                    Read read = read(place.file, bytes);
                    return () -> then.accept(read);
                }
            } catch (BadFile | IOException e) {
                LOG.log(Level.INFO, "job not read", e);
            }
            return asItWas;
        }, asItWas);
    }

    /** Which photo belongs to a job; null when none does, or the job cannot be read. */
    @Nullable
    String photo(Path file) {
        try {
            return read(file).content().job().looks().photo();
        } catch (BadFile | IOException e) {
            LOG.log(Level.FINE, "job not read", e);
            return null;
        }
    }

    /** Moves a file to the first place that is free; null when the disk says no. */
    @Nullable
    Path move(Path from, IntFunction<Path> to) {
        try {
            int number = 1;
            while (Files.exists(to.apply(number))) {
                number++;
            }
            Path there = to.apply(number);
            Files.createDirectories(there.toAbsolutePath().getParent());
            return Files.move(from, there);
        } catch (IOException e) {
            LOG.log(Level.WARNING, "job not moved", e);
            return null;
        }
    }

    /** One line about a file that could not be read. */
    public static String whyNotRead(Path file, Exception e) {
        return switch (e) {
            case BadFile bad -> DocumentTexts.NOT_A_JOB.formatted(file.getFileName(), bad.getMessage());
            case NoSuchFileException none -> DocumentTexts.NO_SUCH_FILE.formatted(file);
            default -> DocumentTexts.CANNOT_BE_READ.formatted(file);
        };
    }

    /** One line about a file that could not be written. */
    public static String why(Path file, IOException e) {
        Path folder = file.toAbsolutePath().getParent();
        if (e instanceof AccessDeniedException || !Files.isWritable(folder)) {
            return DocumentTexts.FOLDER_CANNOT_BE_WRITTEN_TO.formatted(folder);
        }
        String said = String.valueOf(e.getMessage());
        if (said.contains("No space") || said.contains("quota")) {
            return DocumentTexts.DISK_IS_FULL;
        }
        if (e instanceof FileSystemException failed && failed.getReason() != null) {
            return DocumentTexts.FILE_CANNOT_BE_WRITTEN_WHY.formatted(file, failed.getReason());
        }
        return DocumentTexts.FILE_CANNOT_BE_WRITTEN.formatted(file);
    }

    /** Waits until all that was asked for is on the disk. What is asked for later is done, too, but not waited for. */
    @Override
    public void close() {
        CompletableFuture.runAsync(() -> {}, writer).join();
    }
}
