package neatcorner.desktop.document;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import java.util.logging.Level;
import java.util.logging.Logger;
import javafx.util.Subscription;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.WholeFile;

/**
 * Something of the shop that all jobs share, and other programs of this kind too: kept in one file. A change is applied to
 * what the file holds by then, with no other program in between, so that none is lost. What cannot be read is set aside
 * under another name and never written over.
 *
 * @param <T> what the file holds; an immutable value
 */
public final class SharedFile<T> {
    private static final Logger LOG = Logger.getLogger(SharedFile.class.getName());

    private final DocumentStore store;
    private final Disk disk;
    private final Path file;
    private final Format<T> format;
    private final T otherwise;
    private final Consumer<String> say;
    private final List<UnaryOperator<T>> unkept = new ArrayList<>();
    private final List<Runnable> watchers = new ArrayList<>();
    private T now;
    private boolean looked;
    private boolean writing;
    private boolean failing;

    /** How a value is written. */
    public interface Format<T> {
        T read(String text) throws BadFile;

        String write(T value);
    }

    /**
     * @param otherwise what is there without a file
     * @param say       hears one line for the maker when something is set aside or cannot be kept
     */
    public SharedFile(DocumentStore store, Path file, Format<T> format, T otherwise, Consumer<String> say) {
        this.store = store;
        this.disk = store.disk();
        this.file = file;
        this.format = format;
        this.otherwise = otherwise;
        this.now = otherwise;
        this.say = say;
        store.share(this);
    }

    /** The newest value that is known here. The file is looked into when it is first asked for. */
    public T now() {
        if (!looked) {
            look();
        }
        return now;
    }

    /** Reads the file on the thread that asks; for the start, before there is a window. */
    public void lookNow() {
        looked = true;
        if (!disk.exists(file)) {
            return;
        }
        try {
            now = disk.alone(file, this::readOrSetAside);
        } catch (IOException e) {
            LOG.log(Level.INFO, "not read: %s".formatted(file), e);
        }
    }

    /** Reads the file anew, away from the window's thread; those who watch are told when it holds something else. */
    public void look() {
        looked = true;
        store.ask(() -> {
            try {
                T read = disk.exists(file) ? disk.alone(file, this::readOrSetAside) : otherwise;
                return () -> show(read);
            } catch (IOException e) {
                LOG.log(Level.WARNING, "not read: %s".formatted(file), e);
                return () -> {};
            }
        }, () -> {});
    }

    /** Hears when the value is another, until it no longer wants to. */
    public Subscription watch(Runnable watcher) {
        watchers.add(watcher);
        return () -> watchers.remove(watcher);
    }

    /** Changes the value here at once, and in the file as soon as may be. */
    public void change(UnaryOperator<T> change) {
        T changed = change.apply(now());
        unkept.add(change);
        if (!changed.equals(now)) {
            now = changed;
            tell();
        }
        keep();
    }

    /** Whether all changes are in the file. */
    boolean isKept() {
        return unkept.isEmpty();
    }

    /** Whether the last try to write failed. */
    boolean isFailing() {
        return failing;
    }

    /** One line about what is not written, for one who wants to leave. */
    String unkept() {
        return DocumentTexts.SHOP_NOT_WRITTEN.formatted(file.getFileName());
    }

    /** Writes what is not written yet. */
    void keep() {
        List<UnaryOperator<T>> changes = List.copyOf(unkept);
        if (writing || changes.isEmpty()) {
            return;
        }
        writing = true;
        store.ask(() -> {
            try {
                T written = write(changes);
                return () -> written(written, changes.size());
            } catch (IOException e) {
                LOG.log(Level.WARNING, "not kept: %s".formatted(file), e);
                return () -> failed(DocumentTexts.IT_CANNOT_BE_WRITTEN);
            }
        }, () -> failed(DocumentTexts.OUR_FAULT));
    }

    private T write(List<UnaryOperator<T>> changes) throws IOException {
        return disk.alone(file, () -> {
            T there = readOrSetAside();
            T changed = there;
            for (UnaryOperator<T> each : changes) {
                changed = each.apply(changed);
            }
            if (!changed.equals(there) || !disk.exists(file)) {
                disk.write(file, format.write(changed).getBytes(StandardCharsets.UTF_8));
            }
            return changed;
        });
    }

    private T readOrSetAside() throws IOException {
        try {
            return format.read(WholeFile.text(disk.read(file)));
        } catch (NoSuchFileException e) {
            return otherwise;
        } catch (BadFile e) {
            LOG.log(Level.WARNING, "set aside: %s".formatted(file), e);
            String line = DocumentTexts.SET_ASIDE.formatted(file.getFileName(), e.getMessage(),
                    disk.setAside(file).getFileName());
            store.ask(() -> () -> say.accept(line), () -> {});
            return otherwise;
        }
    }

    private void written(T value, int changes) {
        writing = false;
        failing = false;
        unkept.subList(0, changes).clear();
        show(value);
        keep();
    }

    private void show(T read) {
        T value = read;
        for (UnaryOperator<T> each : unkept) {
            value = each.apply(value);
        }
        if (!value.equals(now)) {
            now = value;
            tell();
        }
    }

    private void failed(String why) {
        writing = false;
        if (!failing) {
            failing = true;
            say.accept(DocumentTexts.NOT_BEING_KEPT.formatted(file.getFileName(), why));
        }
    }

    private void tell() {
        List.copyOf(watchers).forEach(Runnable::run);
    }
}
