package neatcorner.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.Region;
import neatcorner.desktop.control.ValueTag;
import neatcorner.desktop.look.Look;
import neatcorner.desktop.station.StationSpec;
import neatcorner.measure.Units;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** With text of twice the usual size, in a window of 1280 × 800, nothing is cut off and no number covers another. */
class LargeTextTest extends WindowTest {
    private final List<String> faults = new ArrayList<>();
    private int looked;

    @Override
    boolean isSmall() {
        return true;
    }

    @ParameterizedTest
    @EnumSource(Units.class)
    void everythingHasItsRoom(Units units) {
        maker.interact(() -> {
            bench.change("units", job -> job.withUnits(units));
            bench.premises().setUnits(units);
            bench.settings().setTextSize(200);
            Look.applyToAll(bench.settings());
        });
        settle();
        for (StationSpec spec : Stations.ALL) {
            at(digit(spec.station()));
            look(spec.station().title());
            for (StationSpec.Mode mode : spec.modes()) {
                maker.interact(maker.node("#" + mode.button(), ToggleButton.class)::fire);
                settle();
                look(mode.title());
            }
        }
        assertEquals(List.of(), faults);
        assertTrue(looked > 300, looked + " controls and numbers looked at");
    }

    private void look(String where) {
        double wide = stage.getScene().getWidth();
        parts(".header .button, .header .toggle-button, .rail .toggle-button", Node.class)
                .forEach(
                        button -> within(where, button, 0, wide));
        parts(".header .menu-button", Region.class).filter(menu -> menu.getWidth() < menu.prefWidth(-1) - 1)
                .forEach(menu -> faults.add(where + ": " + menu.getId() + " is squeezed to " + menu.getWidth()));
        Node station = maker.visible(".station");
        Bounds room = station.localToScene(station.getLayoutBounds());
        parts(".tools > *, .under-drawing > *", Node.class)
                .forEach(tool -> within(where, tool, room.getMinX(), room.getMaxX()));
        parts(".findings", Node.class)
                .forEach(strip -> assertTrue(strip.localToScene(strip.getLayoutBounds()).getMaxY() <= 800, where));
        List<ValueTag> tags = parts(".figure-view .value-tag", ValueTag.class).toList();
        looked += tags.size();
        for (int i = 0; i < tags.size(); i++) {
            for (int j = 0; j < i; j++) {
                Bounds a = tags.get(i).localToScene(tags.get(i).getLayoutBounds());
                Bounds b = tags.get(j).localToScene(tags.get(j).getLayoutBounds());
                if (Math.min(a.getMaxX(), b.getMaxX()) - Math.max(a.getMinX(), b.getMinX()) > 1
                        && Math.min(a.getMaxY(), b.getMaxY()) - Math.max(a.getMinY(), b.getMinY()) > 1) {
                    faults.add(where + ": " + tags.get(i).getId() + " covers " + tags.get(j).getId());
                }
            }
        }
    }

    private void within(String where, Node node, double left, double right) {
        looked++;
        Bounds now = node.localToScene(node.getLayoutBounds());
        if (now.getMinX() < left - 1 || now.getMaxX() > right + 1) {
            faults.add(where + ": " + node.getId() + " goes out of its room, from " + now.getMinX() + " to "
                    + now.getMaxX() + " of " + right
                    + (node instanceof Labeled labeled ? " " + labeled.getText() : ""));
        }
    }

    private <N extends Node> Stream<N> parts(String query, Class<N> type) {
        return Stream.of(query.split(", ", -1)).flatMap(each -> stage.getScene().getRoot().lookupAll(each).stream())
                .filter(LargeTextTest::isShown).map(type::cast);
    }

    private static boolean isShown(Node node) {
        Node each = node;
        while (each != null && each.isVisible()) {
            each = each.getParent();
        }
        return each == null;
    }
}
