package neatcorner.desktop.document;

import java.nio.file.Path;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.job.JobFile;
import neatcorner.exchange.job.KnownShop;
import neatcorner.exchange.job.ShopFile;
import neatcorner.measure.Units;
import neatcorner.shop.Shop;

/** What all jobs of the shop share: what it has to do them with, and its shelf of offcuts. */
public final class ShopState {
    private final SharedFile<Optional<KnownShop>> own;
    private final OffcutShelf shelf;

    /**
     * @param file    the file of what the shop has; until there is one, jobs keep their own
     * @param shelf    the file of its shelf of offcuts
     * @param offcuts  the folder where earlier versions kept lists of them
     * @param say      hears one line for the maker when something is set aside or cannot be kept
     */
    public ShopState(DocumentStore store, Path file, Path shelf, Path offcuts, Consumer<String> say) {
        this.own = new SharedFile<>(store, file, new Described(), Optional.empty(), say);
        this.shelf = new OffcutShelf(store, shelf, offcuts, say);
    }

    /** Reads what the shop has on the thread that asks; for the start. */
    public void lookNow() {
        own.lookNow();
    }

    /** The shop's offcuts. */
    public OffcutShelf shelf() {
        return shelf;
    }

    /**
     * Whether a job was planned in another shop than this one: then it is shown as it was planned there, until its maker says
     * otherwise. A job that says nothing of its shop is made in this one.
     */
    boolean isElsewhere(JobFile job) {
        KnownShop its = job.madeIn();
        return !its.isUndescribed() && own.now()
                .filter(here -> !here.isSameShop(its) && !here.shop().equals(its.shop())).isPresent();
    }

    /** A job as it is planned here: in this shop as it is now, unless it is made elsewhere. */
    JobFile here(JobFile job) {
        return isElsewhere(job) ? job : inOwn(job);
    }

    /** A job in this shop, wherever it was planned. */
    JobFile inOwn(JobFile job) {
        return own.now().map(job::madeIn).orElse(job);
    }

    /** The maker's own shop, whatever job is in front; the usual one of such units until it is described. */
    public Shop own(Units units) {
        return own.now().map(KnownShop::shop).orElseGet(() -> Shop.usual(units));
    }

    /** Changes the maker's own shop where no job has a part in it. */
    public void changeOwn(Units units, UnaryOperator<Shop> change) {
        Shop before = own(units);
        change(new ShopDiff(before, change.apply(before)));
    }

    void change(ShopDiff diff) {
        String id = UUID.randomUUID().toString();
        own.change(now -> Optional.of(now
                .map(shop -> new KnownShop(diff.in(shop.shop()),
                        shop.id() == null || shop.isUndescribed() ? id : shop.id()))
                .orElseGet(() -> new KnownShop(diff.after(), id))));
    }

    void watch(Runnable watcher) {
        own.watch(watcher);
    }

    private static final class Described implements SharedFile.Format<Optional<KnownShop>> {
        @Override
        public Optional<KnownShop> read(String text) throws BadFile {
            return Optional.of(ShopFile.read(text));
        }

        @Override
        public String write(Optional<KnownShop> shop) {
            return ShopFile.write(shop.orElseThrow());
        }
    }
}
