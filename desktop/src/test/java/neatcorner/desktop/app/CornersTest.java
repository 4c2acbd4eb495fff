package neatcorner.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.util.Locale;
import java.util.Objects;
import java.util.concurrent.TimeUnit;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import neatcorner.corner.ReinforcementKind;
import neatcorner.desktop.desk.AtOnce;
import neatcorner.desktop.desk.ShopDay;
import neatcorner.desktop.desk.ShopTimers;
import neatcorner.glueup.Clamp;
import neatcorner.glueup.schedule.HoursText;
import neatcorner.measure.Length;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** What holds a corner, how it is glued, and when: from a spline that goes too deep to a day that is moved. */
class CornersTest extends WindowTest {

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @Test
    void aSplineTooDeepIsSeenAndItsRemedyTaken(FxRobot robot) {
        settle();
        at(robot, KeyCode.DIGIT4);
        type(robot, "#value-reinforcement-0-size", "36");
        assertTrue(read(robot, ".findings").contains("cuts into the rabbet"), read(robot, ".findings"));
        assertFalse(bench.currentPlan().canBeMade());
        robot.clickOn("Depth 30.5 mm");
        settle();
        assertEquals(Length.mm(30.5), bench.job().reinforcement().getFirst().size());
        assertTrue(bench.currentPlan().canBeMade());
        robot.clickOn("#hold-also");
        settle();
        robot.clickOn("#hold-v-nail");
        settle();
        assertEquals(2, bench.job().reinforcement().size());
        assertEquals(ReinforcementKind.V_NAIL, bench.job().reinforcement().get(1).kind());
        assertFalse(read(robot, "#corner-says").isEmpty());
        Bounds spline = robot.lookup("#thing-hold-0").query().localToScreen(
                robot.lookup("#thing-hold-0").query().getBoundsInLocal());
        robot.clickOn(spline.getMinX() + spline.getWidth() * 0.1, spline.getMinY() + spline.getHeight() * 0.8);
        settle();
        assertTrue(isShown(robot, "#hold-card"), "beside the spline");
        assertTrue(read(robot, "#hold-card").contains("Spline"), read(robot, "#hold-card"));
        robot.push(KeyCode.ESCAPE);
        assertFalse(isShown(robot, "#hold-card"));
        robot.clickOn("#hold-chip-1");
        robot.clickOn("#hold-remove");
        settle();
        assertEquals(1, bench.job().reinforcement().size());
        robot.clickOn("#compare");
        settle();
        robot.clickOn("#take-way");
        settle();
        assertEquals(ReinforcementKind.PIN, bench.job().reinforcement().getFirst().kind());
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertEquals(ReinforcementKind.SPLINE, bench.job().reinforcement().getFirst().kind());
        assertEquals("undone: way to join", read(robot, "#undone"));
        robot.push(KeyCode.CONTROL, KeyCode.Y);
        settle();
        assertEquals("", read(robot, "#undone").strip());
    }

    @Test
    void diagonalsAreEnteredAndAWaitIsTimed(FxRobot robot) {
        settle();
        at(robot, KeyCode.DIGIT7);
        type(robot, "#value-diagonal-first", "938");
        type(robot, "#value-diagonal-second", "935");
        assertTrue(read(robot, ".slate").contains("Pull in"), read(robot, ".slate"));
        assertTrue(read(robot, ".slate").contains("1.5"));
        robot.clickOn("#timer-3");
        settle();
        assertTrue(read(robot, "#timers").contains("step 3"), read(robot, "#timers"));
        ShopTimers again = new ShopTimers(AtOnce.store(), bench.home().timers(), clock,
                AtOnce.SAID::add);
        assertEquals(1, again.all().size(), "the timer would be there after a restart");
        robot.push(KeyCode.F11);
        settle();
        assertTrue(read(robot, "#glue-bench").contains("hole"), read(robot, "#glue-bench"));
        robot.push(KeyCode.SPACE);
        robot.push(KeyCode.SPACE);
        settle();
        assertTrue(read(robot, "#glue-bench-step").contains("Size the end grain"));
        robot.push(KeyCode.ESCAPE);
        settle();
        assertFalse(isShown(robot, "#glue-bench"));
    }

    @Test
    void aStepIsDraggedAndTheDayLaidOutAnew(FxRobot robot) throws Exception {
        settle();
        at(robot, KeyCode.DIGIT7);
        robot.clickOn("#glue-days");
        waitForDays();
        assertTrue(read(robot, "#day-now").startsWith("Now: "), read(robot, "#day-now"));
        assertTrue(read(robot, "#day-end").contains("All done"), read(robot, "#day-end"));
        Node block = robot.lookup("#step-0-0").query();
        long before = start(0);
        robot.drag(block, MouseButton.PRIMARY).moveBy(180, 0);
        settle();
        double inHand = block.localToScene(0, 0).getX();
        robot.interact(() -> bench.day().include(bench.file(), false));
        waitForDays();
        assertEquals(inHand, block.localToScene(0, 0).getX(), "what is laid out meanwhile takes nothing from the hand");
        robot.drop();
        waitForDays();
        assertTrue(read(robot, "#day-chosen").contains("held at this time"), read(robot, "#day-chosen"));
        String frame = days().chains().getFirst().frame();
        assertTrue(days().progress().isWantedLater(frame, 0), frame + " in " + days().progress());
        assertTrue(start(0) > before + 60, start(0) + " after " + before);
        robot.clickOn("#day-done");
        waitForDays();
        assertTrue(days().progress().done().values().stream()
                .anyMatch(times -> times.size() == 1));
        assertTrue(read(robot, ".slate").contains("Next: ") && read(robot, ".slate").contains("Then: ")
                && read(robot, ".slate").contains("All done"), read(robot, ".slate"));
        robot.clickOn("#day-shop");
        settle();
        robot.clickOn("#fewer-bands");
        settle();
        assertEquals(2, bench.shop().count(Clamp.Kind.BAND));
        robot.push(KeyCode.ESCAPE);
        robot.clickOn("#day-calendar");
        settle();
        assertTrue(Files.exists(bench.home().paper().resolve("shop-days.ics")));
        robot.clickOn("#day-shop");
        settle();
        robot.clickOn("#day-hours");
        robot.push(KeyCode.CONTROL, KeyCode.A);
        robot.write("sometimes");
        robot.push(KeyCode.ENTER);
        settle();
        assertTrue(read(robot, "#day-shop-card").contains("a day or days come first"), read(robot, "#day-shop-card"));
        robot.push(KeyCode.CONTROL, KeyCode.A);
        robot.write("tue-wed 8-12").push(KeyCode.TAB);
        settle();
        assertEquals("tue-wed 8-12", HoursText.write(bench.shop().hours()), "taken on leaving, too");
        robot.clickOn("#glue-jigs");
        settle();
        assertTrue(read(robot, "#jig-cuts").contains("4 × Block"), read(robot, "#jig-cuts"));
        robot.clickOn("#jig");
        settle();
        String sled = robot.lookup("#jig-sled").query().getAccessibleText();
        assertTrue(sled.contains("parts"), sled);
        robot.clickOn("#jig-sled");
        settle();
        robot.push(KeyCode.ESCAPE);
        assertTrue(read(robot, "#jig").toLowerCase(Locale.ROOT).contains("sled"), read(robot, "#jig"));
        assertFalse(read(robot, "#jig-cuts").contains("4 × Block"), read(robot, "#jig-cuts"));
        robot.clickOn("#jig-templates");
        settle();
        assertTrue(read(robot, ".notice").contains("Templates are in"));
    }

    private void waitForDays() throws Exception {
        do {
            WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> !bench.day().busy().get()
                    && bench.day().shown().get() != null);
            settle();
        } while (bench.day().busy().get());
    }

    private ShopDay.Shown days() {
        return Objects.requireNonNull(bench.day().shown().get());
    }

    /** Minute at which the first step of a frame starts. */
    private long start(int chain) {
        return days().rest().schedule().steps().stream().filter(step -> step.chain() == chain).findFirst().orElseThrow()
                .start();
    }
}
