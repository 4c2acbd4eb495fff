package neatcorner.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import javafx.geometry.Bounds;
import javafx.scene.control.Spinner;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import neatcorner.desktop.draw.FigureView;
import neatcorner.measure.Length;
import neatcorner.station.sticks.SticksFigure;
import neatcorner.stock.Keep;
import neatcorner.stock.Stick;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** The station where sticks are laid out, and the editor of the stick that was clicked. */
class SticksTest extends WindowTest {

    @Start
    void start(Stage opened) throws Exception {
        open(opened);
    }

    @BeforeEach
    void enter(FxRobot robot) {
        at(robot, KeyCode.DIGIT5);
    }

    private Stick stick(int index) {
        return bench.job().stock().sticks().get(index);
    }

    /** The card of the first kind of stick. */
    private void openStick(FxRobot robot) {
        robot.clickOn("#thing-stick-0");
        settle();
        assertTrue(isShown(robot, "#stick-editor"));
    }

    private void fill(FxRobot robot, String field, String text) {
        robot.clickOn(field).push(KeyCode.CONTROL, KeyCode.A).push(KeyCode.DELETE);
        robot.write(text).push(KeyCode.ENTER);
        settle();
    }

    private void clickRow(FxRobot robot, SticksFigure.Row row) {
        FigureView view = robot.lookup("#station-sticks .figure-view").queryAs(FigureView.class);
        Bounds screen = view.localToScreen(view.getBoundsInLocal());
        var at = view.toView(row.box().left() + row.box().width() * 0.3, row.box().center().y());
        robot.clickOn(screen.getMinX() + at.x(), screen.getMinY() + at.y());
        settle();
    }

    @Test
    void aStickIsRenamedPricedAndCounted(FxRobot robot) {
        openStick(robot);
        fill(robot, "#stick-name", "best ash");
        assertEquals("best ash", stick(0).name());
        fill(robot, "#stick-price", "21,50");
        assertEquals(21.5, stick(0).price());
        fill(robot, "#stick-price", "");
        assertNull(stick(0).price());
        Spinner<?> count = robot.lookup("#stick-count").queryAs(Spinner.class);
        int before = stick(0).count();
        robot.interact(() -> count.increment(2));
        settle();
        assertEquals(before + 2, stick(0).count());
    }

    @Test
    void aPriceThatIsNoneIsSaidAndTheOldOneStays(FxRobot robot) {
        openStick(robot);
        Double before = stick(0).price();
        fill(robot, "#stick-price", "cheap");
        assertTrue(read(robot, "#stick-editor").contains("“cheap” is not a price"), read(robot, "#stick-editor"));
        assertEquals(before, stick(0).price());
    }

    @Test
    void aBlankNameChangesNothing(FxRobot robot) {
        openStick(robot);
        String before = stick(0).name();
        fill(robot, "#stick-name", "   ");
        assertEquals(before, stick(0).name());
    }

    @Test
    void sticksAreAddedChosenByAClickAndRemoved(FxRobot robot) {
        int before = bench.job().stock().sticks().size();
        robot.clickOn("#add-stick");
        settle();
        robot.write("long");
        assertTrue(read(robot, "#at-hand-card").contains("“long”: expected a length"), read(robot, "#at-hand-card"));
        assertTrue(robot.lookup("#at-hand-take").query().isDisabled());
        robot.push(KeyCode.CONTROL, KeyCode.A).write("2 x 2.4 m");
        assertEquals("2 × 2400 mm", read(robot, "#at-hand-echo"));
        robot.push(KeyCode.ENTER);
        settle();
        assertFalse(isShown(robot, "#at-hand-card"));
        assertEquals(before + 1, bench.job().stock().sticks().size());
        assertEquals("stick " + (before + 1), stick(before).name());
        assertEquals(2, stick(before).count());
        SticksFigure.Row first = SticksFigure.rows(bench.currentPlan()).getFirst();
        SticksFigure.Row spare = SticksFigure.rows(bench.currentPlan()).getLast();
        clickRow(robot, spare);
        assertEquals(stick(spare.stock()).name(), robot.lookup("#stick-name").queryTextInputControl().getText(),
                "a click on its bare wood opens its card");
        robot.push(KeyCode.ESCAPE);
        robot.clickOn("#thing-stick-" + first.stock());
        settle();
        assertEquals(stick(first.stock()).name(), robot.lookup("#stick-name").queryTextInputControl().getText());
        robot.clickOn("#stick-remove");
        settle();
        assertEquals(before, bench.job().stock().sticks().size());
    }

    @Test
    void aLengthIsTypedOnTheStickItself(FxRobot robot) {
        type(robot, "#value-stick-0", "1.8 m");
        assertEquals(Length.mm(1800), stick(0).length());
        assertTrue(bench.canUndo().get());
    }

    @Test
    void framesAreKeptTogetherAsAWishOrAMust(FxRobot robot) {
        inCard(robot, "#sticks-more", "#keep-must");
        assertEquals(Keep.MUST, bench.job().stock().keepFrameTogether());
        for (var cut : bench.currentPlan().layout().sticks()) {
            for (var piece : cut.cuts()) {
                assertTrue(cut.cuts().stream().filter(other -> other.frame() == piece.frame()).count() == 4,
                        "frame " + piece.frame() + " lies whole on one stick");
            }
        }
        inCard(robot, "#sticks-more", "#keep-no");
        assertEquals(Keep.NO, bench.job().stock().keepFrameTogether());
    }

    @Test
    void aTouchIsNoDefect(FxRobot robot) {
        int before = stick(0).defects().size();
        clickRow(robot, SticksFigure.rows(bench.currentPlan()).getFirst());
        assertEquals(before, stick(0).defects().size());
        assertFalse(bench.canUndo().get());
    }

    @Test
    void anEmptyRackHasNoEditor(FxRobot robot) {
        robot.interact(() -> edit(bench.job().withStock(
                bench.job().stock().withSticks(List.of()))));
        settle();
        assertFalse(isShown(robot, "#stick-editor"));
        assertTrue(read(robot, "#finding-stock-short").length() > 0);
        robot.clickOn("#add-stick");
        settle();
        robot.clickOn("#at-hand-usual");
        settle();
        assertEquals(List.of(Length.mm(2400)), bench.job().stock().sticks().stream().map(Stick::length).toList());
        robot.clickOn("#thing-stick-0");
        settle();
        assertTrue(isShown(robot, "#stick-editor"));
    }
}
