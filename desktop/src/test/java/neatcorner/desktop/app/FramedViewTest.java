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
import javafx.scene.image.WritableImage;
import javafx.scene.input.KeyCode;
import javax.imageio.ImageIO;
import neatcorner.desktop.draw.FigureView;
import neatcorner.job.Looks;
import neatcorner.job.Shade;
import org.junit.jupiter.api.Test;

/** The frame seen on a wall, in several designs, with a photo of the art in it. */
class FramedViewTest extends WindowTest {

    @Override
    boolean isSmall() {
        return true;
    }

    private void press(String query) {
        maker.clickOn(query);
        settle();
    }

    /** How many pixels of the drawing have this color. */
    private long pixels(int rgb) {
        WritableImage[] image = new WritableImage[1];
        FigureView view = maker.node("#station-opening .figure-view", FigureView.class);
        maker.interact(() -> image[0] = view.snapshot(null, null));
        long count = 0;
        for (int x = 0; x < image[0].getWidth(); x += 2) {
            for (int y = 0; y < image[0].getHeight(); y += 2) {
                count += (image[0].getPixelReader().getArgb(x, y) & 0xffffff) == rgb ? 1 : 0;
            }
        }
        return count;
    }

    @Test
    void aDesignIsMadeBesideAndChosen() {
        press("#blank");
        press("#opening-framed");
        press("#framed-another");
        press("#framed-wood");
        maker.clickOn(maker.nodes("#framed-wood-card .wood-button").stream()
                .filter(node -> read(node).equals("black walnut")).findFirst().orElseThrow());
        settle();
        assertEquals("white ash", bench.job().section().wood().name(), "only the other is of walnut");
        assertEquals("black walnut", bench.job().looks().others().getFirst().wood().name());
        press("#framed-choose");
        assertEquals("black walnut", bench.job().section().wood().name());
        assertEquals("white ash", bench.job().looks().others().getFirst().wood().name());
        maker.push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertEquals("white ash", bench.job().section().wood().name());
        press("#opening-sizes");
        assertFalse(isShown("#framed-wood"));
        assertTrue(isShown("#quantity"));
    }

    @Test
    void theWallIsOfAColorThatIsTyped() {
        press("#opening-framed");
        press("#framed-wall");
        press("#framed-wall-other");
        maker.write("blueish").push(KeyCode.ENTER);
        settle();
        assertTrue(read("#framed-wall-card").contains("such as #d9d6cf"));
        maker.push(KeyCode.CONTROL, KeyCode.A).write("#123456").push(KeyCode.ENTER);
        settle();
        assertEquals(new Shade(0x123456), bench.job().looks().wall());
        assertTrue(pixels(0x123456) > 5000, "the wall is of that color");
    }

    @Test
    void aPhotoStandsInItsFrameAndIsKeptAsItWas() throws Exception {
        press("#blank");
        press("#opening-framed");
        BufferedImage green = new BufferedImage(40, 60, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = green.createGraphics();
        pen.setColor(new Color(0x11aa22));
        pen.fillRect(0, 0, 40, 60);
        pen.dispose();
        Path photo = folder.resolve("Sketch of gulls.png");
        ImageIO.write(green, "png", photo.toFile());
        byte[] before = Files.readAllBytes(photo);
        assertEquals(0, pixels(0x11aa22));
        maker.interact(() -> bench.premises().photos().take(photo, bench.document().get()));
        settle();
        String name = String.valueOf(bench.job().looks().photo());
        Path copy = bench.file().resolveSibling(name);
        assertArrayEquals(before, Files.readAllBytes(photo));
        assertArrayEquals(before, Files.readAllBytes(copy));
        Maker.await(() -> pixels(0x11aa22) > 2000);
        maker.interact(() -> bench.premises().photos().take(folder.resolve("none.png"), bench.document().get()));
        settle();
        assertTrue(read("#notice-text").contains("none.png could not be read"));
        assertEquals(name, bench.job().looks().photo());
        assertEquals(Looks.USUAL.withPhoto(name), bench.job().looks());
    }
}
