package neatcorner.desktop.desk;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.logging.Level;
import java.util.logging.Logger;
import neatcorner.desktop.document.DocumentStore;
import neatcorner.exchange.csv.CutLogCsv;
import neatcorner.job.Job;
import neatcorner.saw.SawCut;

/** What was cut, and when. To lose a line of it must not stop the work. */
public final class CutLog {
    private static final Logger LOG = Logger.getLogger(CutLog.class.getName());

    private final DocumentStore store;
    private final Path file;
    private final Clock clock;

    CutLog(DocumentStore store, Path folder, Clock clock) {
        this.store = store;
        this.file = folder.resolve("cuts.csv");
        this.clock = clock;
    }

    /** A cut has been made. */
    public void add(Job job, SawCut cut) {
        String row = CutLogCsv.row(LocalDateTime.now(clock), job, cut);
        store.ask(() -> {
            try {
                Files.createDirectories(file.getParent());
                Files.writeString(file, row, StandardCharsets.UTF_8, StandardOpenOption.CREATE,
                        StandardOpenOption.APPEND);
            } catch (IOException e) {
                LOG.log(Level.WARNING, "cut not logged", e);
            }
            return () -> {};
        }, () -> {});
    }
}
