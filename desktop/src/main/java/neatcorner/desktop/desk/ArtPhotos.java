package neatcorner.desktop.desk;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.logging.Level;
import java.util.logging.Logger;
import neatcorner.desktop.document.Change;
import neatcorner.desktop.document.Document;
import org.jspecify.annotations.Nullable;

/** Photos of the art, each a copy beside its job; the one that was given is never touched, nor is the copy. */
public final class ArtPhotos {
    private static final Logger LOG = Logger.getLogger(ArtPhotos.class.getName());
    private static final List<String> TYPES = List.of("jpg", "jpeg", "png", "gif", "bmp");

    private final Premises premises;

    ArtPhotos(Premises premises) {
        this.premises = premises;
    }

    /** Endings of files that photos are read from. */
    public static List<String> types() {
        return TYPES;
    }

    /** Whether a file is a photo, by its name. */
    public static boolean isPhoto(Path file) {
        return TYPES.contains(ending(file));
    }

    private static String ending(Path file) {
        String name = String.valueOf(file.getFileName());
        return name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
    }

    /** Puts a photo into the frame of an open job. */
    public void take(Path photo, Document job) {
        Path folder = folder(job.file());
        String stem = String.valueOf(job.file().getFileName()).replaceAll("\\.json$", "");
        String failed = DeskTexts.PHOTO_NOT_TAKEN.formatted(photo.getFileName(), folder);
        premises.store().ask(() -> {
            try {
                String name = copied(photo, folder, stem);
                return () -> job.change(new Change("photo", now -> now.withLooks(now.looks().withPhoto(name))));
            } catch (IOException e) {
                LOG.log(Level.INFO, "photo not taken", e);
                return () -> premises.say(failed);
            }
        }, () -> premises.say(failed));
    }

    /** Copies it to the first name that is free, or has this very photo already. */
    private static String copied(Path photo, Path folder, String stem) throws IOException {
        for (int i = 1;; i++) {
            Path to = folder.resolve(stem + (i == 1 ? ".photo." : ".photo-" + i + ".") + ending(photo));
            if (!Files.exists(to)) {
                Files.createDirectories(folder);
                Files.copy(photo, to);
                return to.getFileName().toString();
            }
            if (Files.mismatch(photo, to) < 0) {
                return to.getFileName().toString();
            }
        }
    }

    /** Copies a job's photo beside it when the job goes to another folder. */
    void follow(@Nullable String photo, Path from, Path to) {
        if (photo == null || folder(from).equals(folder(to))) {
            return;
        }
        premises.store().ask(() -> {
            try {
                Path there = folder(to).resolve(photo);
                if (!Files.exists(there)) {
                    Files.copy(folder(from).resolve(photo), there);
                }
            } catch (IOException e) {
                LOG.log(Level.INFO, "photo not copied", e);
            }
            return () -> {};
        }, () -> {});
    }

    private static Path folder(Path file) {
        return Objects.requireNonNull(file.toAbsolutePath().getParent(), "a file is in a folder");
    }
}
