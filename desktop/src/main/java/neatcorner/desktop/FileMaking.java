package neatcorner.desktop;

import java.io.IOException;
import java.nio.file.Path;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.logging.Level;
import java.util.logging.Logger;
import neatcorner.desktop.document.Planning;
import neatcorner.exchange.WholeFile;

/** Makes files away from the window's thread, and says that they are there, or that they cannot be. */
final class FileMaking {
    private static final Logger LOG = Logger.getLogger(FileMaking.class.getName());

    private final Planning planning;
    private final Consumer<Notice> say;
    private final Consumer<Throwable> fault;

    FileMaking(Planning planning, Consumer<Notice> say, Consumer<Throwable> fault) {
        this.planning = planning;
        this.say = say;
        this.fault = fault;
    }

    /** Makes one file or several, and tells the one to look at. May take a while. */
    @FunctionalInterface
    interface Making {
        Path make() throws IOException;
    }

    void make(Making making, Function<Path, Notice> done, String failed) {
        planning.ask(Planning.Pace.SLOW, search -> {
            try {
                return done.apply(making.make());
            } catch (IOException e) {
                LOG.log(Level.WARNING, failed, e);
                return Notice.grave(failed);
            }
        }, say, fault);
    }

    void write(Path path, Supplier<byte[]> bytes, String done, String failed) {
        make(() -> {
            WholeFile.write(path, bytes.get());
            return path;
        }, written -> Notice.info(done), failed);
    }
}
