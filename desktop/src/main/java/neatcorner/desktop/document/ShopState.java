package neatcorner.desktop.document;

import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Consumer;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.job.ShopFile;
import neatcorner.glueup.Workshop;
import neatcorner.job.Job;

/** What all jobs of the shop share: what it has to do them with, and its shelf of offcuts. */
public final class ShopState {
    private final SharedFile<Optional<Workshop>> workshop;
    private final OffcutShelf shelf;

    /**
     * @param workshop the file of what the shop has; until there is one, jobs keep their own
     * @param offcuts  the folder of the lists of offcuts
     * @param say      hears one line for the maker when something is set aside or cannot be kept
     */
    public ShopState(DocumentStore store, Path workshop, Path offcuts, Consumer<String> say) {
        this.workshop = new SharedFile<>(store, workshop, new Described(), Optional.empty(), say);
        this.shelf = new OffcutShelf(store, offcuts, say);
    }

    /** Reads what the shop has on the thread that asks; for the start. */
    public void lookNow() {
        workshop.lookNow();
    }

    public OffcutShelf shelf() {
        return shelf;
    }

    /** A job as it is made in this shop. */
    Job inShop(Job job) {
        return workshop.now().map(job::withShop).orElse(job);
    }

    void change(ShopDiff diff) {
        workshop.change(now -> Optional.of(now.map(diff::in).orElse(diff.after())));
    }

    void watch(Runnable watcher) {
        workshop.watch(watcher);
    }

    private static final class Described implements SharedFile.Format<Optional<Workshop>> {
        @Override
        public Optional<Workshop> read(String text) throws BadFile {
            return Optional.of(ShopFile.read(text));
        }

        @Override
        public String write(Optional<Workshop> shop) {
            return ShopFile.write(shop.orElseThrow());
        }
    }
}
