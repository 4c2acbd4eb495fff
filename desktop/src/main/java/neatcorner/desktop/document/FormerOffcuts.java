package neatcorner.desktop.document;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.logging.Level;
import java.util.logging.Logger;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.WholeFile;
import neatcorner.exchange.csv.StockCsv;
import neatcorner.measure.Units;
import neatcorner.section.Section;
import neatcorner.stock.Shelf;
import neatcorner.stock.Stick;

/**
 * Offcuts as earlier versions kept them: a list for each section, under names that were made of all that was known of it. They
 * are found when their section is asked for, since the names tell too little.
 */
final class FormerOffcuts {
    private static final Logger LOG = Logger.getLogger(FormerOffcuts.class.getName());
    private static final String TAKEN = ".taken-over";
    private static final int NAME = 40;
    private static final int FIRST_NAME = 60;
    private final DocumentStore store;
    private final Path folder;

    FormerOffcuts(DocumentStore store, Path folder) {
        this.store = store;
        this.folder = folder;
    }

    /**
     * Gives what the lists of a section hold to whoever keeps it now. They stay there under another name, which they get after
     * that, so that a kill in between loses nothing: whoever keeps it must take the same twice.
     */
    void bring(Section section, Consumer<Shelf.Lot> keep) {
        List<String> names = names(section);
        store.ask(() -> {
            List<Stick> found = new ArrayList<>();
            List<Path> lists = new ArrayList<>();
            for (String name : names) {
                List<Stick> sticks = read(name);
                if (!sticks.isEmpty()) {
                    found.addAll(sticks);
                    lists.add(folder.resolve(name));
                }
            }
            return () -> {
                if (!found.isEmpty()) {
                    keep.accept(new Shelf.Lot(Shelf.Kind.milled(section), found));
                    store.ask(() -> {
                        lists.forEach(FormerOffcuts::putAside);
                        return () -> {};
                    }, () -> {});
                }
            };
        }, () -> {});
    }

    private List<Stick> read(String name) {
        try {
            Path list = folder.resolve(name);
            return store.disk().exists(list)
                    ? StockCsv.read(WholeFile.text(store.disk().read(list)), Units.MILLIMETRES)
                    : List.of();
        } catch (IOException | BadFile | InvalidPathException e) {
            LOG.log(Level.WARNING, "offcuts not taken over: %s".formatted(name), e);
            return List.of();
        }
    }

    private static void putAside(Path list) {
        try {
            Files.move(list, list.resolveSibling(list.getFileName() + TAKEN), StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException e) {
            LOG.log(Level.WARNING, "still there: %s".formatted(list), e);
        }
    }

    static List<String> names(Section section) {
        List<String> names = new ArrayList<>();
        names.add(second(section));
        String first = first(section);
        if (!first.isEmpty()) {
            names.add(first);
        }
        return names;
    }

    /** Names of the first version were cut short and shared; those that were whole are known. */
    private static String first(Section section) {
        String name = whole(section) + (section.rabbet().step() == null ? "" : " double");
        String plain = name.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{Nd}]+", "-").replaceAll("^-|-$", "");
        String milled = section.milling().shapes()
                ? "-" + Integer.toHexString(section.milling().toString().hashCode())
                : "";
        return plain.length() >= FIRST_NAME || plain.isEmpty() ? "" : plain + milled + ".csv";
    }

    /** What a maker can read of it in plain letters, and a sum of all that sets it apart. */
    private static String second(Section section) {
        String exact = section.wood().name() + '\n' + section.width().units() + '\n' + section.thickness().units()
                + '\n' + section.rabbet() + '\n' + section.milling();
        String plain = whole(section).toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
        return plain.substring(0, Math.min(NAME, plain.length())) + "-" + sum(exact) + ".csv";
    }

    private static String whole(Section section) {
        return section.wood().name() + " " + section.width().toMm() + "x" + section.thickness().toMm() + " rabbet "
                + section.rabbet().width().toMm() + "x" + section.rabbet().depth().toMm();
    }

    private static String sum(String text) {
        try {
            byte[] hash = MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(hash, 0, 5);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
