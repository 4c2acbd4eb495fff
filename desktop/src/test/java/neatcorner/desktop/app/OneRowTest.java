package neatcorner.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import neatcorner.desktop.station.StationSpec;
import neatcorner.desktop.station.StationView;
import neatcorner.job.Addition;
import neatcorner.measure.Spelling;
import neatcorner.measure.Units;
import org.junit.jupiter.api.Test;

/** At 1280 wide no station has more than one row of tools over its drawing, and none is cut off. */
class OneRowTest extends WindowTest {
    @Override
    boolean isSmall() {
        return true;
    }

    @Test
    void everyStationHasOneRowOfTools() {
        for (Units units : Units.values()) {
            maker.interact(() -> bench.change("units", job -> job.withUnits(units)));
            for (Spelling spelling : Spelling.values()) {
                maker.interact(() -> bench.settings().setSpelling(spelling));
                settle();
                for (StationSpec spec : Stations.ALL) {
                    at(digit(spec.station()));
                    isOneRow(units + " " + spelling);
                    for (StationSpec.Mode mode : spec.modes()) {
                        maker.interact(maker.node("#" + mode.button(), ToggleButton.class)::fire);
                        settle();
                        isOneRow(units + " " + spelling + " " + mode.title());
                    }
                }
            }
        }
    }

    @Test
    void soHaveFramesOfSeveralRings() {
        for (int rings = 1; rings <= 3; rings++) {
            maker.interact(() -> bench.change("ring", Addition.RING_ROUND::to));
            settle();
            for (KeyCode station : List.of(KeyCode.DIGIT2, KeyCode.DIGIT4)) {
                at(station);
                isOneRow(rings + " rings");
            }
        }
        maker.clickOn("#corners-of-which");
        settle();
        maker.clickOn("band round it");
        settle();
        isOneRow("a ring's own corners");
        at(KeyCode.DIGIT2);
        maker.clickOn("#section-of-which");
        settle();
        maker.clickOn("band round it");
        settle();
        isOneRow("a ring's own section");
    }

    private void isOneRow(String where) {
        StationView view = maker.visible(".station", StationView.class);
        Parent tools = (Parent) view.lookup(".tools");
        List<Bounds> shown = new ArrayList<>();
        tools.getChildrenUnmodifiable().stream().filter(Node::isVisible)
                .forEach(node -> shown.add(node.getBoundsInParent()));
        assertTrue(!shown.isEmpty(), where + ": " + view.getId() + " shows its tools");
        for (Bounds tool : shown) {
            assertEquals(shown.getFirst().getCenterY(), tool.getCenterY(), 3,
                    where + ": " + view.getId() + " has a second row");
            assertTrue(tool.getMaxX() <= view.getWidth(), where + ": " + view.getId() + " is cut off");
        }
    }
}
