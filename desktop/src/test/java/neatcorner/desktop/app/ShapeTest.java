package neatcorner.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.util.stream.IntStream;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Spinner;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import neatcorner.fitout.SizeOf;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.outline.Loop;
import neatcorner.outline.Opening;
import neatcorner.outline.Shape;
import neatcorner.piece.CornerJoint;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** The station where the outline is chosen, dragged and typed. */
class ShapeTest extends WindowTest {

    @Start
    void start(Stage opened) throws Exception {
        open(opened);
    }

    @BeforeEach
    void enter(FxRobot robot) {
        at(robot, KeyCode.DIGIT3);
    }

    private Loop loop() {
        return assertInstanceOf(Shape.Polygon.class, bench.job().outline().shape()).loop();
    }

    @Test
    void aHeptagonIsTwoClicksAway(FxRobot robot) {
        robot.clickOn("#shape-regular");
        settle();
        assertTrue(read(robot, ".slate").contains("22.5"), read(robot, ".slate"));
        Spinner<?> sides = robot.lookup("#sides").queryAs(Spinner.class);
        robot.doubleClickOn(sides.getEditor()).push(KeyCode.CONTROL, KeyCode.A);
        robot.write("7").push(KeyCode.ENTER);
        settle();
        assertEquals(7, bench.currentPlan().pieces().size());
        assertTrue(read(robot, ".slate").contains("128.57"), read(robot, ".slate"));
        robot.clickOn("#across-corners");
        settle();
        assertEquals(new Shape.Regular(7, true), bench.job().outline().shape());
        robot.push(KeyCode.CONTROL, KeyCode.Z).push(KeyCode.CONTROL, KeyCode.Z).push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertTrue(bench.job().outline().isRectangle(), "undone to the rectangle");
    }

    @Test
    void remediesStandWholeBesideTheirWords(FxRobot robot) {
        robot.interact(() -> bench.setUnits(Units.INCHES));
        robot.interact(bench::newJob);
        settle();
        at(robot, KeyCode.DIGIT3);
        robot.clickOn("#shape-regular");
        settle();
        Spinner<?> sides = robot.lookup("#sides").queryAs(Spinner.class);
        for (String count : new String[]{"7", "5", "9"}) {
            robot.doubleClickOn(sides.getEditor()).push(KeyCode.CONTROL, KeyCode.A);
            robot.write(count).push(KeyCode.ENTER);
            settle();
            at(robot, KeyCode.DIGIT5);
            Node strip = robot.lookup(".findings").query();
            double right = strip.localToScene(strip.getBoundsInLocal()).getMaxX();
            for (Node remedy : robot.lookup(".remedy").queryAll()) {
                assertTrue(remedy.localToScene(remedy.getBoundsInLocal()).getMaxX() <= right, count + " sides");
            }
            at(robot, KeyCode.DIGIT3);
        }
    }

    @Test
    void whatIsNoCountIsTakenBackWithAWordWhy(FxRobot robot) {
        robot.clickOn("#shape-regular");
        settle();
        Spinner<?> sides = robot.lookup("#sides").queryAs(Spinner.class);
        for (String typed : new String[]{"3/64", "99", "five", "", "-7"}) {
            robot.doubleClickOn(sides.getEditor()).push(KeyCode.CONTROL, KeyCode.A).push(KeyCode.DELETE);
            robot.write(typed).push(KeyCode.ENTER);
            settle();
            assertEquals("Sides: expected a whole number from 3 to " + Shape.MOST_SIDES + ", not “" + typed + "”.",
                    read(robot, "#notice-text").substring(2).strip());
            assertEquals("8", sides.getEditor().getText());
            assertEquals(8, bench.currentPlan().pieces().size());
        }
        robot.doubleClickOn(sides.getEditor()).push(KeyCode.CONTROL, KeyCode.A);
        robot.write("5").push(KeyCode.ENTER);
        settle();
        assertEquals(5, bench.currentPlan().pieces().size());
    }

    @Test
    void aCornerIsDraggedAndThenPushedByKeys(FxRobot robot) {
        robot.clickOn("#shape-free");
        settle();
        Loop before = loop();
        robot.drag("#corner-1", MouseButton.PRIMARY).moveBy(30, 20).drop();
        settle();
        Loop after = loop();
        assertTrue(after.at(1).x() > before.at(1).x() + 5, after.toString());
        assertTrue(after.at(1).y() > before.at(1).y() + 5);
        assertEquals(before.at(2), after.at(2), "the others stay");
        robot.push(KeyCode.RIGHT);
        settle();
        assertTrue(loop().at(1).x() > after.at(1).x(), "arrow keys move the corner that has the focus");
        robot.push(KeyCode.CONTROL, KeyCode.Z).push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertEquals(before, loop());
    }

    @Test
    void bothHalvesMoveAlikeWhenAsked(FxRobot robot) {
        robot.clickOn("#shape-free");
        settle();
        robot.clickOn("#mirrored");
        robot.drag("#corner-1", MouseButton.PRIMARY).moveBy(-40, 0).drop();
        settle();
        Loop loop = loop();
        assertEquals(loop.at(0).x() - loop.at(3).x(), loop.at(2).x() - loop.at(1).x(), 1e-3);
        assertTrue(loop.at(0).x() > loop.at(3).x() + 5);
    }

    @Test
    void anglesAndSidesAreTypedWhereTheyStand(FxRobot robot) {
        robot.clickOn("#shape-free");
        settle();
        type(robot, "#value-corner-da", "100");
        assertTrue(IntStream.range(0, 4)
                .anyMatch(i -> Math.abs(loop().interior(i).degrees() - 100) < 1e-3), loop().toString());
        type(robot, "#value-side-1", "300");
        assertTrue(IntStream.range(0, 4).anyMatch(i -> Math.abs(loop().length(i) - 300) < 1e-3));
        robot.clickOn("#value-corner-da");
        settle();
        robot.push(KeyCode.CONTROL, KeyCode.A);
        robot.write("steep");
        settle();
        assertTrue(read(robot, "#value-corner-da").contains("expected degrees"), read(robot, "#value-corner-da"));
        robot.push(KeyCode.ESCAPE);
    }

    @Test
    void measuredSidesThatDoNotCloseAreToldAndMended(FxRobot robot) {
        robot.clickOn("#shape-free");
        settle();
        robot.clickOn("#as-measured");
        settle();
        assertTrue(read(robot, "#traverse-said").contains("close"));
        put(robot, "#side-in-0", "500");
        put(robot, "#side-in-1", "400");
        put(robot, "#side-in-2", "506");
        put(robot, "#side-in-3", "400");
        settle();
        assertTrue(read(robot, "#traverse-said").contains("ends 6 mm from where it began"),
                read(robot, "#traverse-said"));
        robot.clickOn("#give-2");
        settle();
        assertEquals(500, loop().length(2), 1e-3);
        assertFalse(isShown(robot, "#traverse"));
    }

    @Test
    void aRoundFrameSaysHowItsSegmentsAreCut(FxRobot robot) {
        robot.clickOn("#shape-circle");
        settle();
        assertTrue(read(robot, ".slate").contains("Segments"), read(robot, ".slate"));
        Spinner<?> segments = robot.lookup("#segments").queryAs(Spinner.class);
        robot.doubleClickOn(segments.getEditor()).push(KeyCode.CONTROL, KeyCode.A);
        robot.write("4").push(KeyCode.ENTER);
        settle();
        assertTrue(read(robot, ".findings").contains("crosses the grain"), read(robot, ".findings"));
        robot.clickOn("Take as many segments as it needs");
        settle();
        assertFalse(read(robot, ".findings").contains("crosses the grain"));
        robot.clickOn("#shape-arch");
        settle();
        robot.clickOn("#curve-ellipse");
        settle();
        type(robot, "#field-rise", "150");
        assertInstanceOf(Shape.Arch.class, bench.job().outline().shape());
        at(robot, KeyCode.DIGIT5);
        assertTrue(read(robot, ".findings").contains("the widest stick on the rack is 30 mm"),
                read(robot, ".findings"));
        robot.clickOn((Node node) -> node instanceof Button button
                && button.getText().startsWith("Put 2 "));
        settle();
        assertTrue(bench.currentPlan().canBeMade(), () -> bench.currentPlan().findings().toString());
    }

    @Test
    void slopedSidesTiltTheSaw(FxRobot robot) {
        type(robot, "#field-slope", "45");
        assertTrue(read(robot, ".slate").contains("35.26"), read(robot, ".slate"));
        assertTrue(read(robot, ".slate").contains("30"), read(robot, ".slate"));
    }

    /** Two long figures and their unit have room, in millimetres rounded to tenths as well as in inches. */
    @Test
    void noFigureOfTheSlateIsCutOff(FxRobot robot) {
        Platform.runLater(() -> edit(bench.job().withSize(SizeOf.ART, new Opening(
                Length.mm(1203.72), Length.mm(2890.36)))));
        settle();
        at(robot, KeyCode.DIGIT1);
        for (String units : new String[]{"in", "mm"}) {
            robot.clickOn(units);
            settle();
            double edge = robot.lookup(".slate").query().localToScreen(robot.lookup(".slate").query()
                    .getBoundsInLocal()).getMaxX();
            robot.lookup(".slate-row .unit").queryAll().forEach(unit -> assertTrue(
                    unit.localToScreen(unit.getBoundsInLocal()).getMaxX() < edge - 4, units + ": " + unit));
        }
    }

    /** The rabbet is cut level by its remedy, and stays so whatever the slope is then. */
    @Test
    void aLevelRabbetStaysLevelWhenTheSlopeIsTypedAnew(FxRobot robot) {
        type(robot, "#field-slope", "8");
        Platform.runLater(() -> edit(bench.job().withSection(bench.job().section().withRabbet(
                bench.job().section().rabbet().withTilt(Angle.ofDegrees(8))))));
        settle();
        type(robot, "#field-slope", "10");
        assertEquals(10, bench.job().section().rabbet().tilt().degrees(), 1e-9);
        robot.clickOn("#shape-circle");
        settle();
        assertEquals(0, bench.job().section().rabbet().tilt().degrees(), 1e-9, "a round frame is flat");
    }

    private static void put(FxRobot robot, String field, String text) {
        robot.clickOn(field).push(KeyCode.CONTROL, KeyCode.A);
        robot.write(text);
    }

    @Test
    void theFrameIsPutTogetherAndTurned(FxRobot robot) {
        robot.clickOn("#body");
        settle();
        assertEquals("The frame put together", robot.lookup("#station-shape .figure-view").query().getAccessibleText());
        assertFalse(isShown(robot, "#corner-0"), "a body has no knobs");
        robot.drag("#station-shape .figure-view", MouseButton.PRIMARY).moveBy(60, 30).drop();
        settle();
        robot.clickOn("#body");
        settle();
        assertTrue(isShown(robot, "#corner-0"));
    }

    @Test
    void cornersAreLappedInsteadOfMitred(FxRobot robot) {
        at(robot, KeyCode.DIGIT4);
        robot.clickOn("#joint-lap");
        settle();
        at(robot, KeyCode.DIGIT3);
        assertTrue(read(robot, ".slate").contains("Cheek"), read(robot, ".slate"));
        assertTrue(read(robot, ".findings").contains("stop it short"), read(robot, ".findings"));
        robot.clickOn("Miter the corners");
        settle();
        assertEquals(CornerJoint.MITER, bench.job().joint());
    }

    @Test
    void templatesOfARingAreWritten(FxRobot robot) {
        robot.clickOn("#shape-circle");
        settle();
        robot.clickOn("#templates");
        settle();
        assertTrue(read(robot, "#notice-text").contains("templates are ready"), read(robot, "#notice-text"));
        assertTrue(Files.exists(bench.home().paper().resolve("tide-chart-sheet-3-template.pdf")));
    }

    @Test
    void theBenchShowsTheTiltOfASlopedFrame(FxRobot robot) {
        type(robot, "#field-slope", "45");
        robot.push(KeyCode.F11);
        settle();
        assertTrue(read(robot, "#bench-tilt").contains("30°"), read(robot, "#bench-tilt"));
        robot.push(KeyCode.ESCAPE);
    }
}
