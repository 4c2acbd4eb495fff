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
import javafx.stage.Stage;
import neatcorner.desktop.station.StationSpec;
import neatcorner.desktop.station.StationView;
import neatcorner.job.Addition;
import neatcorner.measure.Spelling;
import neatcorner.measure.Units;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** At 1280 wide no station has more than one row of tools over its drawing, and none is cut off. */
class OneRowTest extends WindowTest {
    @Start
    void start(Stage stage) throws Exception {
        openSmall(stage);
    }

    @Test
    void everyStationHasOneRowOfTools(FxRobot robot) {
        for (Units units : Units.values()) {
            robot.interact(() -> bench.change("units", job -> job.withUnits(units)));
            for (Spelling spelling : Spelling.values()) {
                robot.interact(() -> bench.settings().setSpelling(spelling));
                settle();
                for (StationSpec spec : Stations.ALL) {
                    at(robot, digit(spec.station()));
                    isOneRow(robot, units + " " + spelling);
                    for (StationSpec.Mode mode : spec.modes()) {
                        robot.interact(robot.lookup("#" + mode.button()).queryAs(ToggleButton.class)::fire);
                        settle();
                        isOneRow(robot, units + " " + spelling + " " + mode.title());
                    }
                }
            }
        }
    }

    @Test
    void soHaveFramesOfSeveralRings(FxRobot robot) {
        for (int rings = 1; rings <= 3; rings++) {
            robot.interact(() -> bench.change("ring", Addition.RING_ROUND::to));
            settle();
            for (KeyCode station : List.of(KeyCode.DIGIT2, KeyCode.DIGIT4)) {
                at(robot, station);
                isOneRow(robot, rings + " rings");
            }
        }
        robot.clickOn("#corners-of-which");
        settle();
        robot.clickOn("band round it");
        settle();
        isOneRow(robot, "a ring's own corners");
        at(robot, KeyCode.DIGIT2);
        robot.clickOn("#section-of-which");
        settle();
        robot.clickOn("band round it");
        settle();
        isOneRow(robot, "a ring's own section");
    }

    private static void isOneRow(FxRobot robot, String where) {
        StationView view = robot.lookup(".station").match(Node::isVisible).queryAs(StationView.class);
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
