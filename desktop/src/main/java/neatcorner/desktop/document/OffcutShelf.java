package neatcorner.desktop.document;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;
import java.util.logging.Level;
import java.util.logging.Logger;
import javafx.util.Subscription;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.csv.StockCsv;
import neatcorner.measure.Units;
import neatcorner.section.Section;
import neatcorner.stock.Stick;

/** Offcuts of the shop, one list for each section, which any job in that wood and section can take from. */
public final class OffcutShelf {
    private static final Logger LOG = Logger.getLogger(OffcutShelf.class.getName());
    private static final int NAME = 40;
    private static final int FORMER_NAME = 60;
    private final DocumentStore store;
    private final Path folder;
    private final Consumer<String> say;
    private final Map<String, SharedFile<List<Stick>>> lists = new HashMap<>();
    private final List<Runnable> watchers = new ArrayList<>();

    OffcutShelf(DocumentStore store, Path folder, Consumer<String> say) {
        this.store = store;
        this.folder = folder;
        this.say = say;
    }

    /** Offcuts of a wood and section, the longest first. */
    public List<Stick> of(Section section) {
        return list(section).now();
    }

    /** Hears when any list is another, until it no longer wants to. */
    public Subscription watch(Runnable watcher) {
        watchers.add(watcher);
        return () -> watchers.remove(watcher);
    }

    void move(ShelfMove move) {
        list(move.section()).change(move::in);
    }

    private SharedFile<List<Stick>> list(Section section) {
        return lists.computeIfAbsent(fileName(section), name -> {
            takeOver(section, folder.resolve(name));
            SharedFile<List<Stick>> list = new SharedFile<>(store, folder.resolve(name), new Csv(), List.of(), say);
            list.watch(() -> List.copyOf(watchers).forEach(Runnable::run));
            return list;
        });
    }

    /** Lists of earlier versions had names that were cut short and shared; those that were whole are taken over. */
    private void takeOver(Section section, Path file) {
        String former = formerName(section);
        if (former.isEmpty()) {
            return;
        }
        store.ask(() -> {
            try {
                Path before = folder.resolve(former);
                if (store.disk().exists(before) && !store.disk().exists(file)) {
                    Files.move(before, file);
                }
            } catch (IOException | InvalidPathException e) {
                LOG.log(Level.WARNING, "offcuts not taken over", e);
            }
            return () -> {};
        }, () -> {});
    }

    /** What an earlier version called a section's list; empty where that was not whole. */
    private static String formerName(Section section) {
        String name = whole(section)
                + (section.rabbet().step() == null ? "" : " double");
        String plain = name.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{Nd}]+", "-").replaceAll("^-|-$", "");
        String milled = section.milling().shapes()
                ? "-" + Integer.toHexString(section.milling().toString().hashCode())
                : "";
        return plain.length() >= FORMER_NAME || plain.isEmpty() ? "" : plain + milled + ".csv";
    }

    private static String whole(Section section) {
        return section.wood().name() + " " + section.width().toMm() + "x" + section.thickness().toMm() + " rabbet "
                + section.rabbet().width().toMm() + "x" + section.rabbet().depth().toMm();
    }

    /**
     * The file of a section's list: what a maker can read of it in plain letters, and a sum of all that sets it apart, its
     * milling too.
     */
    static String fileName(Section section) {
        String whole = whole(section);
        String exact = section.wood().name() + '\n' + section.width().units() + '\n' + section.thickness().units()
                + '\n' + section.rabbet() + '\n' + section.milling();
        String plain = whole.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
        return plain.substring(0, Math.min(NAME, plain.length())) + "-" + sum(exact) + ".csv";
    }

    private static String sum(String text) {
        try {
            byte[] hash = MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(hash, 0, 5);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    private static final class Csv implements SharedFile.Format<List<Stick>> {
        @Override
        public List<Stick> read(String text) throws BadFile {
            return StockCsv.read(text, Units.MILLIMETRES);
        }

        @Override
        public String write(List<Stick> sticks) {
            return StockCsv.write(sticks, Units.MILLIMETRES);
        }
    }
}
