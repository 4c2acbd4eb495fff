package neatcorner.desktop.station.sticks;

import java.io.IOException;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.logging.Level;
import java.util.logging.Logger;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.MenuButton;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.document.Planning;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.job.JobFile;
import neatcorner.job.Job;
import org.jspecify.annotations.Nullable;

/** Other jobs of the maker's that are cut together with the one on the bench, as they are picked in a menu. */
final class OtherJobs {
    private static final Logger LOG = Logger.getLogger(OtherJobs.class.getName());
    /** A menu of more is no menu. */
    private static final int MOST = 40;

    private final Workbench bench;
    private final Runnable refresh;
    private final Map<Path, Job> picked = new LinkedHashMap<>();
    private int listed;

    OtherJobs(Workbench bench, Runnable refresh) {
        this.bench = bench;
        this.refresh = refresh;
        bench.document().addListener((observed, old, now) -> picked.clear());
    }

    /** Those that were picked, in that order. */
    List<Job> picked() {
        return List.copyOf(picked.values());
    }

    void forget() {
        picked.clear();
    }

    /** Adds one entry for each job that suits, as soon as they are read. */
    void offer(MenuButton menu, Predicate<Job> suits) {
        List<Path> files = files();
        int turn = ++listed;
        bench.planning().ask(Planning.Pace.QUICK, search -> read(files, suits), found -> {
            if (turn == listed) {
                found.forEach((file, job) -> menu.getItems().add(item(file, job)));
            }
        }, bench::fault);
    }

    private CheckMenuItem item(Path file, Job other) {
        CheckMenuItem item = new CheckMenuItem(SticksTexts.CUT_TOGETHER_WITH.formatted(other.title()));
        item.setMnemonicParsing(false);
        item.setSelected(picked.containsKey(file));
        item.setOnAction(e -> {
            if (picked.remove(file) == null) {
                picked.put(file, other);
            }
            refresh.run();
        });
        return item;
    }

    private List<Path> files() {
        Path own = bench.file();
        return (bench.folders().isDemo(own) ? bench.folders().demoJobs() : bench.folders().ownJobs()).stream()
                .filter(file -> !file.equals(own)).limit(MOST).toList();
    }

    private static Map<Path, Job> read(List<Path> files, Predicate<Job> suits) {
        Map<Path, Job> found = new LinkedHashMap<>();
        for (Path file : files) {
            Job other = read(file);
            if (other != null && suits.test(other)) {
                found.put(file, other);
            }
        }
        return found;
    }

    private static @Nullable Job read(Path file) {
        try {
            return JobFile.mended(file).file().job();
        } catch (BadFile | IOException e) {
            LOG.log(Level.INFO, "left out of the list: " + file, e);
            return null;
        }
    }
}
