package neatcorner.desktop;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.logging.Level;
import java.util.logging.Logger;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.JobFile;
import neatcorner.exchange.StockCsv;
import neatcorner.measure.Units;
import neatcorner.plan.Job;
import neatcorner.section.Section;
import neatcorner.stock.Stick;

/** Offcuts of the shop, one list for each section, which any job in that wood and section can take from. */
final class OffcutShelf {
    private static final Logger LOG = Logger.getLogger(OffcutShelf.class.getName());

    private final Path folder;

    OffcutShelf(Path folder) {
        this.folder = folder;
    }

    /** The list of a section; what milling it has is part of its name. */
    private Path file(Section section) {
        String name = section.wood().name() + " " + section.width().toMm() + "x" + section.thickness().toMm()
                + " rabbet "
                + section.rabbet().width().toMm() + "x" + section.rabbet().depth().toMm()
                + (section.rabbet().step() == null ? "" : " double");
        String milled = section.milling().shapes()
                ? "-" + Integer.toHexString(section.milling().toString().hashCode())
                : "";
        return folder.resolve(Shop.fileName(name) + milled + ".csv");
    }

    /** Offcuts of the job's wood and section, the longest first. */
    List<Stick> offered(Job job) {
        Path file = file(job.section());
        if (!Files.exists(file)) {
            return List.of();
        }
        try {
            return StockCsv.read(Files.readString(file, StandardCharsets.UTF_8), Units.MILLIMETRES);
        } catch (BadFile | IOException e) {
            LOG.log(Level.WARNING, "offcuts not read", e);
            return List.of();
        }
    }

    /** Adds to the offcuts of a section; true when they are kept. */
    boolean keep(Job job, List<Stick> offcuts) {
        List<Stick> all = new ArrayList<>(offered(job));
        all.addAll(offcuts);
        all.sort((a, b) -> b.length().compareTo(a.length()));
        try {
            Files.createDirectories(folder);
            JobFile.writeWhole(file(job.section()),
                    StockCsv.write(all, Units.MILLIMETRES).getBytes(StandardCharsets.UTF_8));
            return true;
        } catch (IOException e) {
            LOG.log(Level.WARNING, "offcuts not kept", e);
            return false;
        }
    }

    /** Takes all offcuts of a section off the shelf. */
    void take(Job job) {
        try {
            Files.deleteIfExists(file(job.section()));
        } catch (IOException e) {
            LOG.log(Level.WARNING, "offcuts not taken off the shelf", e);
        }
    }
}
