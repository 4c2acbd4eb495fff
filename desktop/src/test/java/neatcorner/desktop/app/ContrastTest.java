package neatcorner.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Labeled;
import javafx.scene.image.PixelReader;
import javafx.scene.image.WritableImage;
import javafx.scene.paint.Color;
import javafx.scene.text.Text;
import neatcorner.desktop.draw.FigureView;
import neatcorner.drawing.Tint;
import neatcorner.plan.Station;
import org.junit.jupiter.api.Test;

/**
 * Words stand out from their ground, measured on the pixels that are drawn, in light and dark. Relative luminance and contrast
 * ratio: Web Content Accessibility Guidelines 2.1, which ask for 4.5:1.
 */
class ContrastTest extends WindowTest {
    private static final double LEAST = 4.5;
    private static final double ON_SLATE = 7;
    private int measured;
    @Override
    boolean isSmall() {
        return true;
    }

    @Test
    void wordsStandOutFromTheirGround() {
        List<String> weak = new ArrayList<>();
        for (boolean dark : new boolean[]{false, true}) {
            maker.interact(() -> bench.settings().setDark(dark));
            settle();
            for (Station station : Station.values()) {
                at(digit(station));
                maker.moveTo(maker.node(".slate-row"));
                settle();
                int before = measured;
                WritableImage[] picture = new WritableImage[1];
                maker.interact(() -> picture[0] = stage.getScene().snapshot(null));
                maker.interact(
                        () -> look(stage.getScene().getRoot(), picture[0], (dark ? "dark " : "light ") + station,
                                weak));
                assertTrue(measured > before + 20, "words are there to be measured at " + station);
                cutsStandOut(dark);
            }
        }
        assertEquals(List.of(), weak);
    }

    /** A cut against the casing along it, whatever the wood below both: 3:1 for lines that mean something. Letters on every wood. */
    private void cutsStandOut(boolean dark) {
        FigureView view = maker.visible(".figure-view", FigureView.class);
        double found = contrast(argb(view.color(Tint.CUT)), argb(view.color(Tint.CUT_CASING)));
        assertTrue(found >= 3, (dark ? "dark: " : "light: ") + found);
        for (Tint tint : Tint.values()) {
            if (tint.name().startsWith("WOOD_") && tint != Tint.WOOD_INK) {
                double letters = contrast(argb(view.color(tint)), argb(view.color(tint.letters())));
                assertTrue(letters >= 4.5, tint + " under letters: " + letters);
            }
        }
    }

    private static int argb(Color color) {
        return (int) (color.getRed() * 255) << 16 | (int) (color.getGreen() * 255) << 8 | (int) (color.getBlue() * 255);
    }

    private void look(Node node, WritableImage picture, String where, List<String> weak) {
        if (!node.isVisible() || node.isDisabled() || node.getOpacity() < 1) {
            return;
        }
        if (node instanceof Text text && !text.getText().isBlank() && !isCutOff(text)) {
            measure(text, picture, where, weak);
        }
        if (node instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(child -> look(child, picture, where, weak));
        }
    }

    /** Scrolled out of what is shown of it. */
    private static boolean isCutOff(Node node) {
        Bounds place = node.localToScene(node.getLayoutBounds());
        for (Node each = node.getParent(); each != null; each = each.getParent()) {
            Node clip = each.getClip();
            if (clip != null && !each.localToScene(clip.getBoundsInParent()).contains(place)) {
                return true;
            }
        }
        return false;
    }

    private void measure(Text text, WritableImage picture, String where, List<String> weak) {
        Bounds place = text.localToScene(text.getLayoutBounds());
        int left = (int) Math.max(0, Math.floor(place.getMinX()));
        int top = (int) Math.max(0, Math.floor(place.getMinY()));
        int right = (int) Math.min(picture.getWidth(), Math.ceil(place.getMaxX()));
        int bottom = (int) Math.min(picture.getHeight(), Math.ceil(place.getMaxY()));
        if (right - left < 4 || bottom - top < 4 || text.getText().strip().length() < 2) {
            return;
        }
        measured++;
        PixelReader pixels = picture.getPixelReader();
        Map<Integer, Integer> seen = new HashMap<>();
        for (int y = top; y < bottom; y++) {
            for (int x = left; x < right; x++) {
                seen.merge(pixels.getArgb(x, y), 1, Integer::sum);
            }
        }
        int ground = seen.entrySet().stream().max(Map.Entry.comparingByValue()).orElseThrow().getKey();
        double most = seen.keySet().stream().mapToDouble(pixel -> contrast(pixel, ground)).max().orElse(1);
        double least = isOnSlate(text) ? ON_SLATE : LEAST;
        if (most < least) {
            weak.add("%s: “%s” has %.1f:1".formatted(where, text.getText(), most));
        }
    }

    private static boolean isOnSlate(Node node) {
        for (Node each = node; each != null; each = each.getParent()) {
            if (each.getStyleClass().contains("slate") && !(each instanceof Labeled)) {
                return true;
            }
        }
        return false;
    }

    private static double contrast(int a, int b) {
        double first = luminance(a);
        double second = luminance(b);
        return (Math.max(first, second) + 0.05) / (Math.min(first, second) + 0.05);
    }

    private static double luminance(int argb) {
        Color color = Color.rgb(argb >> 16 & 255, argb >> 8 & 255, argb & 255);
        return 0.2126 * linear(color.getRed()) + 0.7152 * linear(color.getGreen()) + 0.0722 * linear(color.getBlue());
    }

    private static double linear(double part) {
        return part <= 0.04045 ? part / 12.92 : Math.pow((part + 0.055) / 1.055, 2.4);
    }
}
