package neatcorner.desktop.document;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.StockCsv;
import neatcorner.measure.Units;
import neatcorner.section.Section;
import neatcorner.stock.Stick;

/** Offcuts of the shop, one list for each section, which any job in that wood and section can take from. */
public final class OffcutShelf {
    private static final int NAME = 40;
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

    /** Hears when any list is another. */
    public void watch(Runnable watcher) {
        watchers.add(watcher);
    }

    void move(ShelfMove move) {
        list(move.section()).change(move::in);
    }

    boolean isKept() {
        return lists.values().stream().allMatch(SharedFile::isKept);
    }

    void keep() {
        lists.values().forEach(SharedFile::keep);
    }

    private SharedFile<List<Stick>> list(Section section) {
        return lists.computeIfAbsent(fileName(section), name -> {
            SharedFile<List<Stick>> list = new SharedFile<>(store, folder.resolve(name), new Csv(), List.of(), say);
            list.watch(() -> List.copyOf(watchers).forEach(Runnable::run));
            return list;
        });
    }

    /**
     * The file of a section's list: what a maker can read of it in plain letters, and a sum of all that sets it apart, its
     * milling too.
     */
    static String fileName(Section section) {
        String whole = section.wood().name() + " " + section.width().toMm() + "x" + section.thickness().toMm()
                + " rabbet " + section.rabbet().width().toMm() + "x" + section.rabbet().depth().toMm();
        String exact = section.wood().name() + '\n' + section.width().units() + '\n' + section.thickness().units()
                + '\n' + section.rabbet() + '\n' + section.milling();
        String plain = whole.toLowerCase(java.util.Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
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
