package neatcorner.desktop.app;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import javafx.scene.Node;
import javafx.scene.image.WritableImage;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import javax.imageio.ImageIO;
import neatcorner.desktop.draw.FigureView;
import neatcorner.job.Looks;
import neatcorner.job.Shade;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** The frame seen on a wall, in several designs, with a photo of the art in it. */
class FramedViewTest extends WindowTest {

    @Start
    void start(Stage stage) throws Exception {
        openSmall(stage);
    }

    private void press(FxRobot robot, String query) {
        robot.clickOn(query);
        settle();
    }

    /** How many pixels of the drawing have this color. */
    private long pixels(FxRobot robot, int rgb) {
        WritableImage[] image = new WritableImage[1];
        FigureView view = robot.lookup("#station-opening .figure-view").queryAs(FigureView.class);
        robot.interact(() -> image[0] = view.snapshot(null, null));
        long count = 0;
        for (int x = 0; x < image[0].getWidth(); x += 2) {
            for (int y = 0; y < image[0].getHeight(); y += 2) {
                count += (image[0].getPixelReader().getArgb(x, y) & 0xffffff) == rgb ? 1 : 0;
            }
        }
        return count;
    }

    @Test
    void aDesignIsMadeBesideAndChosen(FxRobot robot) {
        press(robot, "#blank");
        press(robot, "#opening-framed");
        press(robot, "#framed-another");
        press(robot, "#framed-wood");
        robot.clickOn(robot.lookup("#framed-wood-card .wood-button")
                .match(node -> read(node).equals("black walnut")).<Node>query());
        settle();
        assertEquals("white ash", bench.job().section().wood().name(), "only the other is of walnut");
        assertEquals("black walnut", bench.job().looks().others().getFirst().wood().name());
        press(robot, "#framed-choose");
        assertEquals("black walnut", bench.job().section().wood().name());
        assertEquals("white ash", bench.job().looks().others().getFirst().wood().name());
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertEquals("white ash", bench.job().section().wood().name());
        press(robot, "#opening-sizes");
        assertFalse(isShown(robot, "#framed-wood"));
        assertTrue(isShown(robot, "#quantity"));
    }

    @Test
    void theWallIsOfAColorThatIsTyped(FxRobot robot) {
        press(robot, "#opening-framed");
        press(robot, "#framed-wall");
        press(robot, "#framed-wall-other");
        robot.write("blueish").push(KeyCode.ENTER);
        settle();
        assertTrue(read(robot, "#framed-wall-card").contains("such as #d9d6cf"));
        robot.push(KeyCode.CONTROL, KeyCode.A).write("#123456").push(KeyCode.ENTER);
        settle();
        assertEquals(new Shade(0x123456), bench.job().looks().wall());
        assertTrue(pixels(robot, 0x123456) > 5000, "the wall is of that color");
    }

    @Test
    void aPhotoStandsInItsFrameAndIsKeptAsItWas(FxRobot robot) throws Exception {
        press(robot, "#blank");
        press(robot, "#opening-framed");
        BufferedImage green = new BufferedImage(40, 60, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = green.createGraphics();
        pen.setColor(new Color(0x11aa22));
        pen.fillRect(0, 0, 40, 60);
        pen.dispose();
        Path photo = folder.resolve("Sketch of gulls.png");
        ImageIO.write(green, "png", photo.toFile());
        byte[] before = Files.readAllBytes(photo);
        assertEquals(0, pixels(robot, 0x11aa22));
        robot.interact(() -> bench.premises().photos().take(photo, bench.document().get()));
        settle();
        String name = String.valueOf(bench.job().looks().photo());
        Path copy = bench.file().resolveSibling(name);
        assertArrayEquals(before, Files.readAllBytes(photo));
        assertArrayEquals(before, Files.readAllBytes(copy));
        WaitForAsyncUtils.waitFor(30, TimeUnit.SECONDS,
                () -> pixels(robot, 0x11aa22) > 2000);
        robot.interact(() -> bench.premises().photos().take(folder.resolve("none.png"), bench.document().get()));
        settle();
        assertTrue(read(robot, "#notice-text").contains("none.png could not be read"));
        assertEquals(name, bench.job().looks().photo());
        assertEquals(Looks.USUAL.withPhoto(name), bench.job().looks());
    }
}
