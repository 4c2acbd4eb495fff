package neatcorner.desktop.app;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.geometry.Rectangle2D;
import javafx.scene.image.PixelReader;
import javafx.scene.image.WritableImage;
import javafx.scene.robot.Robot;
import javafx.stage.Screen;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.extension.AfterTestExecutionCallback;
import org.junit.jupiter.api.extension.ExtensionContext;

/** Keeps what was on the screen when a test failed, as {@code target/screens/CLASS.METHOD.png}, and says where. */
final class ScreenOnFailure implements AfterTestExecutionCallback {
    private static final Path FOLDER = Path.of("target/screens");

    @Override
    public void afterTestExecution(ExtensionContext context) throws Exception {
        if (context.getExecutionException().isPresent()) {
            Path file = FOLDER.resolve(context.getRequiredTestClass().getSimpleName() + "."
                    + context.getRequiredTestMethod().getName() + ".png");
            keep(file);
            System.err.println("what was on the screen: " + file.toAbsolutePath());
        }
    }

    static void keep(Path file) throws Exception {
        Rectangle2D all = Screen.getPrimary().getBounds();
        WritableImage seen = Maker.ask(() -> new Robot().getScreenCapture(null, all));
        write(seen, file);
    }

    private static void write(WritableImage seen, Path file) throws IOException {
        int width = (int) seen.getWidth();
        int height = (int) seen.getHeight();
        BufferedImage picture = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        PixelReader pixels = seen.getPixelReader();
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                picture.setRGB(x, y, pixels.getArgb(x, y));
            }
        }
        Files.createDirectories(file.getParent());
        ImageIO.write(picture, "png", file.toFile());
    }
}
