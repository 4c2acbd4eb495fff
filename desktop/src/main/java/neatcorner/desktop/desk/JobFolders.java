package neatcorner.desktop.desk;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.text.Normalizer;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Supplier;
import java.util.logging.Level;
import java.util.logging.Logger;
import java.util.stream.Stream;
import neatcorner.desktop.document.DocumentStore;
import neatcorner.exchange.PlainText;
import neatcorner.exchange.WholeFile;
import neatcorner.measure.Sentence;
import neatcorner.measure.Units;

/** The folders that jobs are kept in: the maker's own, and the demo shop's. */
public final class JobFolders {
    private static final Logger LOG = Logger.getLogger(JobFolders.class.getName());
    private static final List<String> DEMO = List.of("tide-chart-sheet-1.json", "tide-chart-sheet-2.json",
            "tide-chart-sheet-3.json", "tide-chart-sheet-4.json", "harbour-panorama.json", "storm-painting.json",
            "washroom-mirror.json", "sailcloth.json", "keepers-photographs.json", "compass-rose.json",
            "barometer-glass.json",
            "signal-mirror.json");

    private static final List<String> DEMO_PHOTOS = List.of("tide-chart-sheet-3.photo.jpg");

    private static final int LONGEST_NAME = 60;

    private final Home home;
    private final Supplier<Units> units;
    private Map<Shelf, List<Path>> listed = Map.of();

    /** @param units that the maker's shop works in; the demo shop does as well */
    public JobFolders(Home home, Supplier<Units> units) {
        this.home = home;
        this.units = units;
    }

    /** Lists the jobs on the thread that asks; for the start. */
    public void lookNow() {
        listed = list();
    }

    /** Lists the jobs anew, away from the window's thread; {@code changed} hears when there are others. */
    public void look(DocumentStore store, Runnable changed) {
        look(store, changed, () -> {});
    }

    /** As the other; {@code then} hears that they were listed, whether there are others or not. */
    void look(DocumentStore store, Runnable changed, Runnable then) {
        store.ask(() -> {
            Map<Shelf, List<Path>> now = list();
            return () -> {
                if (!listed.equals(now)) {
                    listed = now;
                    changed.run();
                }
                then.run();
            };
        }, () -> {});
    }

    private Map<Shelf, List<Path>> list() {
        Map<Shelf, List<Path>> all = new EnumMap<>(Shelf.class);
        if (!Files.isDirectory(demo())) {
            try {
                layOutDemo();
            } catch (IOException e) {
                LOG.log(Level.WARNING, "demo not laid out", e);
            }
        }
        for (Shelf shelf : Shelf.values()) {
            all.put(shelf, jobs(folder(shelf)));
        }
        return all;
    }

    /** Lays the demo shop's jobs out where they are missing or empty; those that were changed stay as they are. */
    public void layOutDemo() throws IOException {
        Files.createDirectories(demo());
        String inches = units.get() == Units.INCHES ? "inches/" : "";
        for (String name : Stream.concat(DEMO.stream(), DEMO_PHOTOS.stream()).toList()) {
            Path file = demo().resolve(name);
            if (!Files.exists(file) || Files.size(file) == 0) {
                try (InputStream in = JobFolders.class
                        .getResourceAsStream(
                                "/neatcorner/desktop/demo/" + (name.endsWith(".json") ? inches : "") + name)) {
                    if (in != null) {
                        WholeFile.write(file, in.readAllBytes());
                    }
                }
            }
        }
    }

    /** The job that the demo opens with. */
    public Path firstDemo() {
        return demo().resolve("tide-chart-sheet-3.json");
    }

    private Path demo() {
        return home.demo(units.get());
    }

    /** Where the jobs of a shelf lie. */
    Path folder(Shelf shelf) {
        return shelf.folder(home, units.get());
    }

    /** Whether a job is one of the demo shop's, whatever units it works in. */
    public boolean isDemo(Path file) {
        return Stream.of(Units.values()).anyMatch(each -> file.startsWith(home.demo(each)));
    }

    /** Jobs of the maker's own, when they were last listed. */
    public List<Path> ownJobs() {
        return on(Shelf.OWN);
    }

    /** Jobs of the demo shop, when they were last listed. */
    public List<Path> demoJobs() {
        return on(Shelf.DEMO);
    }

    /** Jobs on a shelf, when they were last listed. */
    public List<Path> on(Shelf shelf) {
        return listed.getOrDefault(shelf, List.of());
    }

    private static List<Path> jobs(Path folder) {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(file -> file.getFileName().toString().endsWith(".json")).sorted().toList();
        } catch (IOException e) {
            LOG.log(Level.WARNING, "jobs not listed", e);
            return List.of();
        }
    }

    /** A file of the maker's own that does not exist yet, named after the title. */
    public Path newFile(String title) {
        String name = fileName(title);
        Path file = home.jobs().resolve(name + ".json");
        for (int i = 2; Files.exists(file); i++) {
            file = home.jobs().resolve(name + "-" + i + ".json");
        }
        return file;
    }

    /** The title in letters and digits that every file system takes; in plain ones where this computer has no others. */
    public static String fileName(String title) {
        String name = fileName(title, "[^\\p{L}\\p{Nd}]+");
        try {
            return Path.of(name).toString();
        } catch (InvalidPathException e) {
            return fileName(Normalizer.normalize(title, Normalizer.Form.NFD), "[^a-z0-9]+");
        }
    }

    private static String fileName(String title, String others) {
        String plain = title.toLowerCase(Locale.ROOT).replaceAll(others, "-");
        String cut = PlainText.within(plain, LONGEST_NAME).replaceAll("^-+|-+$", "");
        return cut.isEmpty() ? "frame" : cut;
    }

    /** What a menu calls a job file: its name with spaces. */
    public static String label(Path file) {
        String name = file.getFileName().toString().replaceAll("\\.json$", "").replace('-', ' ');
        return name.isEmpty() ? "job" : Sentence.capital(name);
    }
}
