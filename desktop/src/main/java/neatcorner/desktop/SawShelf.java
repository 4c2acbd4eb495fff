package neatcorner.desktop;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.logging.Level;
import java.util.logging.Logger;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.JobFile;
import neatcorner.exchange.SawsFile;
import neatcorner.measure.Units;
import neatcorner.plan.Defaults;
import neatcorner.saw.Saw;
import neatcorner.saw.SawLog;
import neatcorner.saw.ShopSaw;

/** The saws of the shop and all their readings, kept in one file. A file that cannot be read is put aside, not lost. */
final class SawShelf {
    private static final Logger LOG = Logger.getLogger(SawShelf.class.getName());

    private final Path file;
    private List<ShopSaw> saws;

    SawShelf(Path file, Units units) {
        this.file = file;
        this.saws = load(units);
    }

    private List<ShopSaw> load(Units units) {
        if (Files.exists(file)) {
            try {
                return new ArrayList<>(SawsFile.read(file));
            } catch (IOException | BadFile e) {
                LOG.log(Level.WARNING, "saws not read", e);
                putAside();
            }
        }
        return new ArrayList<>(
                Defaults.saws(units).stream().map(saw -> new ShopSaw(saw, SawLog.empty())).toList());
    }

    private void putAside() {
        try {
            Files.move(file, file.resolveSibling("saws-unreadable.json"), StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException e) {
            LOG.log(Level.WARNING, "saws not put aside", e);
        }
    }

    List<ShopSaw> saws() {
        return List.copyOf(saws);
    }

    /** The readings of a saw, by its name; none for one that is not of this shop. */
    SawLog log(Saw saw) {
        return find(saw).map(ShopSaw::log).orElse(SawLog.empty());
    }

    private Optional<ShopSaw> find(Saw saw) {
        return saws.stream().filter(shop -> shop.saw().name().equals(saw.name())).findFirst();
    }

    /** Changes a saw's readings; one that is not of this shop yet is put on the shelf. */
    void changeLog(Saw saw, UnaryOperator<SawLog> change) {
        ShopSaw before = find(saw).orElse(new ShopSaw(saw, SawLog.empty()));
        put(before.withSaw(saw).withLog(change.apply(before.log())));
    }

    /** Keeps what a saw of this shop is now like. */
    void keep(Saw saw) {
        changeLog(saw, log -> log);
    }

    private void put(ShopSaw saw) {
        List<ShopSaw> all = new ArrayList<>(saws);
        int at = -1;
        for (int i = 0; i < all.size(); i++) {
            at = all.get(i).saw().name().equals(saw.saw().name()) ? i : at;
        }
        if (at < 0) {
            all.add(saw);
        } else {
            all.set(at, saw);
        }
        saws = all;
        try {
            Files.createDirectories(file.getParent());
            JobFile.writeWhole(file, SawsFile.write(saws).getBytes(StandardCharsets.UTF_8));
        } catch (IOException e) {
            LOG.log(Level.WARNING, "saws not kept", e);
        }
    }
}
