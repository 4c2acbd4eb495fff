package neatcorner.desktop.document;

import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Consumer;
import javafx.util.Subscription;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.job.ShelfFile;
import neatcorner.job.Job;
import neatcorner.section.Section;
import neatcorner.station.sticks.Offcuts;
import neatcorner.stock.Shelf;

/** The shop's shelf of offcuts, in a file of its own. */
public final class OffcutShelf {
    private final SharedFile<Shelf> kept;
    private final FormerOffcuts former;
    private final Set<Section> asked = new HashSet<>();

    OffcutShelf(DocumentStore store, Path file, Path former, Consumer<String> say) {
        this.kept = new SharedFile<>(store, file, new Described(), Shelf.EMPTY, say);
        this.former = new FormerOffcuts(store, former);
    }

    /** All that lies there, as it is known here. */
    public Shelf now() {
        return kept.now();
    }

    /** What a job can be cut from. Lists that an earlier version kept for its section come onto the shelf first. */
    public List<Shelf.Lot> of(Job job) {
        if (asked.add(job.section())) {
            former.bring(job.section(), lot -> kept.change(shelf -> shelf.completed(lot)));
        }
        return Offcuts.onShelf(job, kept.now());
    }

    /** Hears when the shelf holds something else, until it no longer wants to. */
    public Subscription watch(Runnable watcher) {
        return kept.watch(watcher);
    }

    void move(Shelf.Move move) {
        kept.change(shelf -> shelf.after(move));
    }

    private static final class Described implements SharedFile.Format<Shelf> {
        @Override
        public Shelf read(String text) throws BadFile {
            return ShelfFile.read(text);
        }

        @Override
        public String write(Shelf shelf) {
            return ShelfFile.write(shelf);
        }
    }
}
