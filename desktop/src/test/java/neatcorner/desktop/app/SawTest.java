package neatcorner.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Objects;
import javafx.scene.control.Spinner;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import neatcorner.desktop.desk.AtOnce;
import neatcorner.desktop.desk.SawShelf;
import neatcorner.measure.Length;
import neatcorner.saw.SawLog;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** What is judged at the saw: test corners, what to expect, pieces as cut, a dry fit, the seasons. */
class SawTest extends WindowTest {

    @Start
    void start(Stage opened) throws Exception {
        open(opened);
    }

    @BeforeEach
    void enter(FxRobot robot) {
        at(robot, KeyCode.DIGIT6);
    }

    private void mode(FxRobot robot, String id) {
        robot.clickOn(id);
        settle();
    }

    @Test
    void aTestCornerIsReadTurnedAndReadAgainUntilItCloses(FxRobot robot) {
        mode(robot, "#saw-test");
        assertTrue(robot.lookup("#test-keep").query().isDisabled(), "nothing read, nothing said");
        assertFalse(read(robot, ".slate").contains("Turn"), read(robot, ".slate"));
        robot.clickOn("#open-toe");
        settle();
        type(robot, "#test-gap", "0.4");
        type(robot, "#test-over", "80");
        assertTrue(read(robot, ".slate").contains("Turn towards square by"), read(robot, ".slate"));
        assertTrue(read(robot, ".slate").contains("0.14"), read(robot, ".slate"));
        robot.clickOn("#test-keep");
        settle();
        assertTrue(read(robot, "#test-log").contains("+0.14°"), read(robot, "#test-log"));
        robot.clickOn("#test-turned");
        settle();
        assertTrue(read(robot, "#test-log").contains("turned"));
        robot.clickOn("#open-heel");
        settle();
        type(robot, "#test-gap", "0.1");
        assertTrue(read(robot, ".slate").contains("Turn away from square by"), read(robot, ".slate"));
        robot.clickOn("#test-keep");
        settle();
        robot.clickOn("#open-closed");
        settle();
        assertTrue(read(robot, ".slate").contains("leave the saw as it is"));
        robot.clickOn("#test-keep");
        settle();
        SawLog kept = new SawShelf(AtOnce.store(), bench.home().saws(), bench.settings().units(), AtOnce.SAID::add)
                .log(bench.job().saw());
        assertEquals(3, kept.readings().size(), "kept on disk");
        assertTrue(kept.readings().getFirst().turned());
        assertEquals(0, kept.steady().degrees(), 1e-9);
    }

    @Test
    void whatToExpectFollowsFromTheSawsReadings(FxRobot robot) {
        mode(robot, "#saw-test");
        robot.clickOn("#open-toe");
        settle();
        type(robot, "#test-gap", "0.4");
        robot.clickOn("#test-keep");
        settle();
        mode(robot, "#saw-before");
        assertTrue(read(robot, ".slate").contains("Last corner, by the steady error"), read(robot, ".slate"));
        assertFalse(read(robot, "#saw-says").contains("no readings"));
        assertTrue(read(robot, ".slate").contains("Odds of passing"));
    }

    @Test
    void measuredPiecesTellWhatToDo(FxRobot robot) {
        mode(robot, "#saw-as-cut");
        assertTrue(read(robot, "#saw-says").contains("Measure each piece"));
        type(robot, "#cut-0", "738");
        assertTrue(read(robot, ".findings").contains("longer than its twin A"), read(robot, ".findings"));
        assertTrue(read(robot, "#saw-says").contains("again") || read(robot, "#saw-says").contains("Shave"),
                read(robot, "#saw-says"));
        type(robot, "#cut-left-1", "45.4");
        assertEquals(45.4, bench.job().checks().of(bench.currentPlan().pieces().get(1)).left().degrees(), 1e-9);
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertEquals(45, bench.job().checks().of(bench.currentPlan().pieces().get(1)).left().degrees(), 1e-9);
        robot.clickOn("#measured-clear");
        settle();
        assertTrue(bench.job().checks().measured().isEmpty());
    }

    @Test
    void aDryFitNamesItsCause(FxRobot robot) {
        mode(robot, "#saw-dry-fit");
        assertTrue(read(robot, "#saw-says").contains("Put the frame together dry"), read(robot, "#saw-says"));
        assertFalse(read(robot, ".slate").contains("%"), "nothing measured, nothing said: " + read(robot, ".slate"));
        for (int corner = 0; corner < 4; corner++) {
            type(robot, "#value-gap-" + corner + "-1", "0.6");
        }
        assertTrue(read(robot, "#saw-says").contains("Every miter is too big"), read(robot, "#saw-says"));
        robot.clickOn("#dry-clear");
        settle();
        type(robot, "#value-diagonal-first", "936.3");
        type(robot, "#value-diagonal-second", "936.3");
        assertTrue(read(robot, "#saw-says").contains("Nothing to mend"), read(robot, "#saw-says"));
        type(robot, "#value-diagonal-first", "937");
        type(robot, "#value-diagonal-second", "933");
        assertTrue(read(robot, ".findings").contains("diagonals differ"), read(robot, ".findings"));
        assertTrue(read(robot, ".slate").contains("Out of square"), read(robot, ".slate"));
    }

    @Test
    void theSeasonsOpenMitersWhereTheFrameWillHang(FxRobot robot) {
        mode(robot, "#saw-seasons");
        assertNull(bench.job().checks().place());
        robot.clickOn("#place-sea");
        settle();
        assertTrue(read(robot, ".slate").contains("Dampest month: opens outside"), read(robot, ".slate"));
        Spinner<?> glued = robot.lookup("#glued").queryAs(Spinner.class);
        robot.doubleClickOn(glued.getEditor()).push(KeyCode.CONTROL, KeyCode.A);
        robot.write("dry").push(KeyCode.ENTER);
        settle();
        assertTrue(read(robot, ".notice").contains("expected a number from 0 to 30, not “dry”"),
                read(robot, ".notice"));
        robot.doubleClickOn(glued.getEditor()).push(KeyCode.CONTROL, KeyCode.A);
        robot.write("9,5").push(KeyCode.ENTER);
        settle();
        assertEquals(9.5, Objects.requireNonNull(bench.job().checks().place()).glued());
        String before = read(robot, ".slate");
        robot.clickOn("#flat-sawn");
        settle();
        assertFalse(before.equals(read(robot, ".slate")), "quarter-sawn faces move less");
        robot.clickOn("#place-none");
        settle();
        assertNull(bench.job().checks().place());
    }

    @Test
    void anotherSawCutsWithItsOwnKerf(FxRobot robot) {
        robot.clickOn("#saws");
        settle();
        robot.clickOn("Cut with the hand miter box");
        settle();
        assertEquals("hand miter box", bench.job().saw().name());
        assertEquals(Length.mm(1), bench.job().saw().kerf());
        robot.clickOn("#saws");
        settle();
        robot.clickOn("Its scale has 0° at the fence");
        settle();
        mode(robot, "#saw-test");
        robot.clickOn("#saws");
        settle();
        robot.clickOn("Keep these settings as the shop's hand miter box");
        settle();
        assertEquals(bench.job().saw().scale(), bench.saws().saws().get(2).saw().scale());
    }
}
