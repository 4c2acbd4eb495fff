package neatcorner.desktop;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.logging.Level;
import java.util.logging.Logger;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.JobFile;
import neatcorner.exchange.ShopFile;
import neatcorner.glueup.Workshop;
import neatcorner.plan.Job;
import org.jspecify.annotations.Nullable;

/** What the shop has, kept for all its jobs in one file. Read when it is first asked for; until it is described, jobs keep their own. */
final class WorkshopShelf {
    private static final Logger LOG = Logger.getLogger(WorkshopShelf.class.getName());
    private final Path file;
    private @Nullable Workshop known;

    WorkshopShelf(Path file) {
        this.file = file;
    }

    /** A job as it is made in this shop. */
    Job inShop(Job job) {
        if (known == null && Files.exists(file)) {
            try {
                known = ShopFile.read(Files.readString(file));
            } catch (IOException | BadFile e) {
                LOG.log(Level.WARNING, "shop not read", e);
            }
        }
        Workshop shop = known;
        return shop == null ? job : job.withShop(shop);
    }

    void keep(Workshop shop) {
        if (shop.equals(known)) {
            return;
        }
        known = shop;
        try {
            Files.createDirectories(file.getParent());
            JobFile.writeWhole(file, ShopFile.write(shop).getBytes(StandardCharsets.UTF_8));
        } catch (IOException e) {
            LOG.log(Level.WARNING, "shop not kept", e);
        }
    }
}
