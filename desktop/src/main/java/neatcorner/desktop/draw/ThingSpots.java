package neatcorner.desktop.draw;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.function.BiConsumer;
import javafx.scene.Node;
import javafx.scene.layout.Pane;
import neatcorner.drawing.Drawing;
import neatcorner.measure.Notation;
import org.jspecify.annotations.Nullable;

/** The things of a drawing that can be pressed. They lie below its tags and knobs, in the order of the drawing. */
final class ThingSpots {
    private final Pane pane;
    private final BiConsumer<String, Node> pressed;
    private final Map<String, ThingSpot> spots = new HashMap<>();

    /** @param pressed hears which thing, and where it is */
    ThingSpots(Pane pane, BiConsumer<String, Node> pressed) {
        this.pane = pane;
        this.pressed = pressed;
    }

    void place(Drawing now, Notation notation, double zoom) {
        Set<String> shown = new HashSet<>();
        for (Drawing.Primitive primitive : now.primitives()) {
            if (primitive instanceof Drawing.Thing thing) {
                String key = FigureView.unused(thing.key(), shown);
                shown.add(key);
                spots.computeIfAbsent(key, id -> {
                    ThingSpot made = new ThingSpot(id, at -> pressed.accept(thing.key(), at));
                    pane.getChildren().add(spots.size(), made);
                    return made;
                }).show(thing, notation, zoom);
            }
        }
        spots.entrySet().removeIf(entry -> {
            boolean gone = !shown.contains(entry.getKey());
            if (gone) {
                pane.getChildren().remove(entry.getValue());
            }
            return gone;
        });
    }

    @Nullable
    Node spot(String key) {
        return spots.get(key);
    }
}
