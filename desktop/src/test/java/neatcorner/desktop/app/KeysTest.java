package neatcorner.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import neatcorner.desktop.desk.Notice;
import neatcorner.measure.Length;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** Keys and clicks hit what the maker means them for, however quick the maker is. */
class KeysTest extends WindowTest {
    @Start
    void start(Stage opened) throws Exception {
        open(opened);
    }

    private Length artWidth() {
        return bench.job().size().width();
    }

    /** Some place in the drawing at which there is nothing. */
    private void clickBeside(FxRobot robot) {
        Node drawing = robot.lookup(".figure-view").queryAll().stream().filter(Node::isVisible).findFirst()
                .orElseThrow();
        Bounds at = drawing.localToScreen(drawing.getLayoutBounds());
        robot.clickOn(at.getMinX() + 6, at.getMaxY() - 6);
    }

    @ParameterizedTest
    @ValueSource(ints = {10, 60, 300})
    void numbersThatAreTypedQuicklyOrSlowlyGoWhereTheyAreSeenToGo(int pause, FxRobot robot) {
        robot.clickOn("#value-art-width");
        robot.push(KeyCode.CONTROL, KeyCode.A).write("501", pause).push(KeyCode.ENTER);
        Node tag = robot.lookup("#value-art-width").query();
        settle();
        assertTrue(tag.isFocused(), "Enter ends the typing and shows where one is");
        assertEquals(Length.mm(501), artWidth());
        robot.write("502", pause).push(KeyCode.ENTER);
        settle();
        assertEquals(Length.mm(502), artWidth(), "a number typed on a number that has the keys takes its place");
        clickBeside(robot);
        assertFalse(tag.isFocused(), "a click that misses");
        robot.write("97", pause).push(KeyCode.ENTER);
        settle();
        assertEquals(Length.mm(502), artWidth(), "is for nobody, and so is what is typed then");
    }

    @Test
    void whatComesByItselfMovesNothingThatIsThere(FxRobot robot) {
        at(robot, KeyCode.DIGIT2);
        Node[] nodes = {robot.lookup("#rail-shape").query(), robot.lookup("#paper").query(),
            robot.lookup("#station-section").query(), robot.lookup(".findings").query(),
            robot.lookup(".figure-view").queryAll().stream().filter(Node::isVisible).findFirst().orElseThrow()};
        String before = places(nodes);
        robot.interact(() -> bench.notice().set(Notice.info("The wait is over: clamps may come off.")));
        settle();
        assertTrue(isShown(robot, "#notice-text"));
        assertEquals(before, places(nodes), "a notice");
        robot.interact(() -> bench.change("pack", job -> job.withSection(
                job.section().withRabbet(job.section().rabbet().withDepth(Length.mm(1))))));
        settle();
        assertTrue(robot.lookup(".finding-row").queryAll().size() > 0);
        assertEquals(before, places(nodes), "findings");
    }

    private static String places(Node... nodes) {
        StringBuilder all = new StringBuilder();
        for (Node node : nodes) {
            all.append(node.localToScene(node.getLayoutBounds())).append('\n');
        }
        return all.toString();
    }
}
