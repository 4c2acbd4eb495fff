package neatcorner.exchange.paper;

import java.awt.Graphics2D;
import java.awt.Image;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.logging.Level;
import java.util.logging.Logger;
import javax.imageio.ImageIO;
import org.jspecify.annotations.Nullable;

/** Photos by the names of their files, no larger than paper shows. */
@FunctionalInterface
public interface Photos {
    /** There are none. */
    Photos NONE = name -> null;
    /** Points of the longer side; more is not seen on a page. */
    int MOST = 1800;

    /** The photo; null when there is none of that name, or it cannot be read. */
    @Nullable
    BufferedImage get(String name);

    /** Those in a folder. */
    static Photos in(@Nullable Path folder) {
        return folder == null ? NONE : name -> read(folder.resolve(name));
    }

    private static @Nullable BufferedImage read(Path file) {
        if (!Files.isRegularFile(file)) {
            return null;
        }
        try {
            BufferedImage image = ImageIO.read(file.toFile());
            return image == null ? null : fitted(image);
        } catch (IOException e) {
            Logger.getLogger(Photos.class.getName()).log(Level.INFO, "photo not read", e);
            return null;
        }
    }

    private static BufferedImage fitted(BufferedImage image) {
        double scale = Math.min(1, (double) MOST / Math.max(image.getWidth(), image.getHeight()));
        int width = Math.max(1, (int) Math.round(image.getWidth() * scale));
        int height = Math.max(1, (int) Math.round(image.getHeight() * scale));
        BufferedImage plain = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = plain.createGraphics();
        pen.drawImage(image.getScaledInstance(width, height, Image.SCALE_SMOOTH), 0, 0, null);
        pen.dispose();
        return plain;
    }
}
