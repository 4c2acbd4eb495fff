package neatcorner.desktop.desk;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.util.Subscription;
import neatcorner.desktop.document.DocumentStore;
import neatcorner.desktop.document.SharedFile;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.job.SawsFile;
import neatcorner.job.Defaults;
import neatcorner.measure.Units;
import neatcorner.saw.Saw;
import neatcorner.saw.SawLog;
import neatcorner.saw.ShopSaw;

/** The saws of the shop and all their readings. */
public final class SawShelf {
    private final SharedFile<List<ShopSaw>> file;

    /** A shop without a file has the usual saws. {@code say} hears when a file is set aside or cannot be written. */
    public SawShelf(DocumentStore store, Path path, Units units, Consumer<String> say) {
        file = new SharedFile<>(store, path, new Saws(),
                Defaults.saws(units).stream().map(saw -> new ShopSaw(saw, SawLog.empty())).toList(), say);
    }

    /** All saws of the shop, with their readings. */
    public List<ShopSaw> saws() {
        return file.now();
    }

    /** Hears when the saws or their readings are others, until it no longer wants to. */
    public Subscription watch(Runnable watcher) {
        return file.watch(watcher);
    }

    /** The readings of a saw, by its name; none for one that is not of this shop. */
    public SawLog log(Saw saw) {
        return logIn(saws(), saw);
    }

    private static SawLog logIn(List<ShopSaw> saws, Saw saw) {
        return saws.stream().filter(each -> each.saw().name().equals(saw.name())).findFirst().map(ShopSaw::log)
                .orElse(SawLog.empty());
    }

    /** Changes a saw's readings; one that is not of this shop yet is put on the shelf. */
    public void changeLog(Saw saw, UnaryOperator<SawLog> change) {
        file.change(saws -> with(saws, new ShopSaw(saw, change.apply(logIn(saws, saw)))));
    }

    /** Keeps what a saw of this shop is now like. */
    public void keep(Saw saw) {
        changeLog(saw, log -> log);
    }

    private static List<ShopSaw> with(List<ShopSaw> saws, ShopSaw changed) {
        List<ShopSaw> all = new ArrayList<>(saws);
        int at = -1;
        for (int i = 0; i < all.size(); i++) {
            at = all.get(i).saw().name().equals(changed.saw().name()) ? i : at;
        }
        if (at < 0) {
            all.add(changed);
        } else {
            all.set(at, changed);
        }
        return List.copyOf(all);
    }

    private static final class Saws implements SharedFile.Format<List<ShopSaw>> {
        @Override
        public List<ShopSaw> read(String text) throws BadFile {
            return List.copyOf(SawsFile.read(text));
        }

        @Override
        public String write(List<ShopSaw> saws) {
            return SawsFile.write(saws);
        }
    }
}
