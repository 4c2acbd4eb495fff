package neatcorner.desktop.desk;

import java.io.IOException;
import java.nio.file.Path;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.logging.Level;
import java.util.logging.Logger;
import neatcorner.desktop.document.Planning;
import neatcorner.exchange.WholeFile;
import neatcorner.exchange.job.JobFile;

/** Makes files away from the window's thread, and says that they are there, or that they cannot be. */
public final class FileMaking {
    private static final Logger LOG = Logger.getLogger(FileMaking.class.getName());

    private final Planning planning;
    private final Consumer<Notice> say;
    private final Consumer<Throwable> fault;
    private final Consumer<Path> opener;

    /** {@code opener} hands a file to the program that the computer opens it with. */
    public FileMaking(Planning planning, Consumer<Notice> say, Consumer<Throwable> fault, Consumer<Path> opener) {
        this.planning = planning;
        this.say = say;
        this.fault = fault;
        this.opener = opener;
    }

    /** Opens a file with the program that the computer opens it with. */
    public void open(Path file) {
        opener.accept(file);
    }

    /** Makes one file or several, and tells the one to look at. May take a while. */
    @FunctionalInterface
    public interface Making {
        /** Makes a file, away from the window's thread; throws when that cannot be. */
        public Path make() throws IOException;
    }

    /** Makes a file, and says so, or why not. */
    public void make(Making making, Function<Path, Notice> done, String failed) {
        planning.ask(Planning.Pace.SLOW, search -> {
            try {
                return done.apply(making.make());
            } catch (IOException e) {
                LOG.log(Level.WARNING, failed, e);
                return Notice.grave(failed);
            }
        }, say, fault);
    }

    /** Writes a file, and says so, or why not. */
    public void write(Path path, Supplier<byte[]> bytes, String done, String failed) {
        make(() -> {
            WholeFile.write(path, bytes.get());
            return path;
        }, written -> Notice.info(done), failed);
    }

    /** Writes a copy of a job elsewhere, and says so. */
    public void copy(JobFile job, Path path) {
        write(path, job::bytes, DeskTexts.COPY_IS_IN.formatted(path), DeskTexts.COPY_NOT_WRITTEN.formatted(path));
    }
}
