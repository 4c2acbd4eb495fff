package neatcorner.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Objects;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import neatcorner.fitout.RetainerKind;
import neatcorner.hanging.HangBy;
import neatcorner.job.Hold;
import neatcorner.job.Preset;
import neatcorner.job.Ring;
import neatcorner.measure.Length;
import neatcorner.outline.Opening;
import neatcorner.plan.Across;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** From the art to the wall: a kind of frame is chosen by its picture, filled from behind, and hung. */
class ToTheWallTest extends WindowTest {

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    /** What a card offers is worked out beside the window. */
    private void waitFor(FxRobot robot, String query) {
        try {
            WaitForAsyncUtils.waitFor(10, TimeUnit.SECONDS, () -> isShown(robot, query));
        } catch (TimeoutException e) {
            throw new AssertionError(query + " does not come", e);
        }
        settle();
    }

    private void kind(FxRobot robot, Preset preset) {
        at(robot, KeyCode.DIGIT1);
        robot.clickOn("#frame-kind");
        waitFor(robot, "#kind-" + preset.word());
        robot.clickOn("#kind-" + preset.word());
        settle();
        robot.push(KeyCode.ESCAPE);
        settle();
    }

    @Test
    void aFloaterGoesFromItsArtToTheWall(FxRobot robot) {
        settle();
        Opening art = bench.job().sizes().art();
        kind(robot, Preset.FLOATER);
        assertTrue(bench.job().hold() instanceof Hold.Floating);
        assertEquals(art, bench.job().sizes().art(), "of the same art");
        assertEquals(art.width().plus(Length.mm(12)), bench.job().sizes().sight().width());
        at(robot, KeyCode.DIGIT2);
        type(robot, "#value-hold-recess", "4");
        assertEquals(4, Objects.requireNonNull(Across.of(bench.currentPlan()).content()).front(), 1e-6);
        assertTrue(read(robot, ".slate").contains("Recess of the art"), read(robot, ".slate"));
        type(robot, "#value-hold-bearing", "20");
        assertEquals(Length.mm(20), Across.of(bench.currentPlan()).bearing().orElseThrow());
        at(robot, KeyCode.DIGIT5);
        assertTrue(read(robot, ".findings").contains("no sticks yet for the backer"), read(robot, ".findings"));
        at(robot, KeyCode.DIGIT8);
        robot.clickOn("#ring-screws");
        settle();
        type(robot, "#field-screws-backer-length", "25");
        robot.push(KeyCode.ESCAPE);
        settle();
        assertTrue(read(robot, ".findings").contains("screws of the backer"), read(robot, ".findings"));
        at(robot, KeyCode.DIGIT9);
        robot.clickOn("#hang-way");
        waitFor(robot, "#hang-wire");
        robot.clickOn("#hang-wire");
        settle();
        robot.push(KeyCode.ESCAPE);
        settle();
        assertEquals(HangBy.WIRE, bench.job().hanging().by());
        assertTrue(read(robot, ".slate").contains("Wire to cut"), read(robot, ".slate"));
        type(robot, "#value-hanging-center", "1500");
        assertEquals(Length.mm(1500), bench.job().hanging().centre());
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertEquals(Length.mm(1480), bench.job().hanging().centre());
    }

    @Test
    void whatClampsReachAndHowHardTheyPullIsTheShops(FxRobot robot) {
        settle();
        at(robot, KeyCode.DIGIT7);
        robot.clickOn("#holding");
        settle();
        type(robot, "#field-clamp-0-reach", "5000");
        assertEquals(Length.mm(5000), bench.shop().clamps().getFirst().reach());
        robot.doubleClickOn("#clamp-force-0").push(KeyCode.CONTROL, KeyCode.A);
        robot.push(KeyCode.CONTROL, KeyCode.A);
        robot.write("1500");
        robot.push(KeyCode.ENTER);
        settle();
        assertEquals(1500, bench.shop().clamps().getFirst().force(), 1e-9);
        robot.push(KeyCode.ESCAPE);
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertEquals(1200, bench.shop().clamps().getFirst().force(), 1e-9);
    }

    @Test
    void aStrainerLiesBehindThePackAndTakesThePull(FxRobot robot) {
        settle();
        kind(robot, Preset.STRAINER);
        Ring strainer = Objects.requireNonNull(bench.job().ring("strainer"));
        assertTrue(bench.job().pack().mat().isPresent(), "the pack stays what it was");
        assertFalse(Across.of(bench.currentPlan()).rings().isEmpty());
        assertTrue(strainer.screws() != null);
        at(robot, KeyCode.DIGIT8);
        assertTrue(read(robot, "#fit-out-steps").contains("tape the seam"), read(robot, "#fit-out-steps"));
        kind(robot, Preset.PLAIN);
        assertTrue(bench.job().rings().isEmpty());
    }

    @Test
    void whatKeepsThePackInIsChosenAndSetOut(FxRobot robot) {
        settle();
        at(robot, KeyCode.DIGIT8);
        assertTrue(read(robot, ".slate").contains("Points"), read(robot, ".slate"));
        type(robot, "#value-retainer-first", "40");
        assertEquals(Length.mm(40), bench.job().fitOut().retainers().spacing().first());
        type(robot, "#value-glass-width", "600");
        assertEquals(Length.mm(601.5), bench.job().sizes().rabbet().width(), "a frame for the glass one has");
        robot.clickOn("#held-by");
        settle();
        robot.clickOn("#retainer-turn-clips");
        settle();
        assertEquals(RetainerKind.TURN_CLIPS, bench.job().fitOut().retainers().kind());
        assertEquals(Length.mm(40), bench.job().fitOut().retainers().spacing().first(), "set out as before");
    }

    @Test
    void peopleBelowAskForTwoFixingsAndTheRemedyGivesThem(FxRobot robot) {
        settle();
        at(robot, KeyCode.DIGIT9);
        robot.clickOn("#hang-way");
        waitFor(robot, "#hang-wire");
        robot.clickOn("#hang-wire");
        settle();
        robot.push(KeyCode.ESCAPE);
        robot.clickOn("#the-wall");
        settle();
        robot.clickOn("#sleepers");
        settle();
        robot.push(KeyCode.ESCAPE);
        settle();
        assertTrue(read(robot, ".findings").contains("two fixings"), read(robot, ".findings"));
        robot.clickOn("Hang it on 2 hooks");
        settle();
        assertEquals(2, bench.job().hanging().hooks());
        assertFalse(read(robot, ".findings").contains("two fixings"), read(robot, ".findings"));
    }
}
