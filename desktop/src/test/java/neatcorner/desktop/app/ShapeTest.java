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

/** The station where the outline is chosen, dragged and typed. */
class ShapeTest extends WindowTest {

    @BeforeEach
    void enter() {
        at(KeyCode.DIGIT3);
    }

    private Loop loop() {
        return assertInstanceOf(Shape.Polygon.class, bench.job().outline().shape()).loop();
    }

    @Test
    void aHeptagonIsTwoClicksAway() {
        maker.clickOn("#shape-regular");
        settle();
        assertTrue(read(".slate").contains("22.5"), read(".slate"));
        Spinner<?> sides = maker.node("#sides", Spinner.class);
        maker.doubleClickOn(sides.getEditor()).push(KeyCode.CONTROL, KeyCode.A);
        maker.write("7").push(KeyCode.ENTER);
        settle();
        assertEquals(7, bench.currentPlan().pieces().size());
        assertTrue(read(".slate").contains("128.57"), read(".slate"));
        maker.clickOn("#across-corners");
        settle();
        assertEquals(new Shape.Regular(7, true), bench.job().outline().shape());
        maker.push(KeyCode.CONTROL, KeyCode.Z).push(KeyCode.CONTROL, KeyCode.Z).push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertTrue(bench.job().outline().isRectangle(), "undone to the rectangle");
    }

    @Test
    void remediesStandWholeBesideTheirWords() {
        maker.interact(() -> bench.premises().setUnits(Units.INCHES));
        maker.interact(bench::newJob);
        settle();
        at(KeyCode.DIGIT3);
        maker.clickOn("#shape-regular");
        settle();
        Spinner<?> sides = maker.node("#sides", Spinner.class);
        for (String count : new String[]{"7", "5", "9"}) {
            maker.doubleClickOn(sides.getEditor()).push(KeyCode.CONTROL, KeyCode.A);
            maker.write(count).push(KeyCode.ENTER);
            settle();
            at(KeyCode.DIGIT5);
            Node strip = maker.node(".findings");
            double right = strip.localToScene(strip.getBoundsInLocal()).getMaxX();
            for (Node remedy : maker.nodes(".remedy")) {
                assertTrue(remedy.localToScene(remedy.getBoundsInLocal()).getMaxX() <= right, count + " sides");
            }
            at(KeyCode.DIGIT3);
        }
    }

    @Test
    void whatIsNoCountIsTakenBackWithAWordWhy() {
        maker.clickOn("#shape-regular");
        settle();
        Spinner<?> sides = maker.node("#sides", Spinner.class);
        for (String typed : new String[]{"3/64", "99", "five", "", "-7"}) {
            maker.doubleClickOn(sides.getEditor()).push(KeyCode.CONTROL, KeyCode.A).push(KeyCode.DELETE);
            maker.write(typed).push(KeyCode.ENTER);
            settle();
            assertEquals("Sides: expected a whole number from 3 to " + Shape.MOST_SIDES + ", not “" + typed + "”.",
                    read("#notice-text").substring(2).strip());
            assertEquals("8", sides.getEditor().getText());
            assertEquals(8, bench.currentPlan().pieces().size());
        }
        maker.doubleClickOn(sides.getEditor()).push(KeyCode.CONTROL, KeyCode.A);
        maker.write("5").push(KeyCode.ENTER);
        settle();
        assertEquals(5, bench.currentPlan().pieces().size());
    }

    @Test
    void aCornerIsDraggedAndThenPushedByKeys() {
        maker.clickOn("#shape-free");
        settle();
        Loop before = loop();
        maker.drag("#corner-1").moveBy(30, 20).drop();
        settle();
        Loop after = loop();
        assertTrue(after.at(1).x() > before.at(1).x() + 5, after.toString());
        assertTrue(after.at(1).y() > before.at(1).y() + 5);
        assertEquals(before.at(2), after.at(2), "the others stay");
        maker.push(KeyCode.RIGHT);
        settle();
        assertTrue(loop().at(1).x() > after.at(1).x(), "arrow keys move the corner that has the focus");
        maker.push(KeyCode.CONTROL, KeyCode.Z).push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertEquals(before, loop());
    }

    @Test
    void bothHalvesMoveAlikeWhenAsked() {
        maker.clickOn("#shape-free");
        settle();
        maker.clickOn("#mirrored");
        maker.drag("#corner-1").moveBy(-40, 0).drop();
        settle();
        Loop loop = loop();
        assertEquals(loop.at(0).x() - loop.at(3).x(), loop.at(2).x() - loop.at(1).x(), 1e-3);
        assertTrue(loop.at(0).x() > loop.at(3).x() + 5);
    }

    @Test
    void anglesAndSidesAreTypedWhereTheyStand() {
        maker.clickOn("#shape-free");
        settle();
        type("#value-corner-da", "100");
        assertTrue(IntStream.range(0, 4)
                .anyMatch(i -> Math.abs(loop().interior(i).degrees() - 100) < 1e-3), loop().toString());
        type("#value-side-1", "300");
        assertTrue(IntStream.range(0, 4).anyMatch(i -> Math.abs(loop().length(i) - 300) < 1e-3));
        maker.clickOn("#value-corner-da");
        settle();
        maker.push(KeyCode.CONTROL, KeyCode.A);
        maker.write("steep");
        settle();
        assertTrue(read("#value-corner-da").contains("expected degrees"), read("#value-corner-da"));
        maker.push(KeyCode.ESCAPE);
    }

    @Test
    void measuredSidesThatDoNotCloseAreToldAndMended() {
        maker.clickOn("#shape-free");
        settle();
        maker.clickOn("#as-measured");
        settle();
        assertTrue(read("#traverse-said").contains("close"));
        put("#side-in-0", "500");
        put("#side-in-1", "400");
        put("#side-in-2", "506");
        put("#side-in-3", "400");
        settle();
        assertTrue(read("#traverse-said").contains("ends 6 mm from where it began"),
                read("#traverse-said"));
        maker.clickOn("#give-2");
        settle();
        assertEquals(500, loop().length(2), 1e-3);
        assertFalse(isShown("#traverse"));
    }

    @Test
    void aRoundFrameSaysHowItsSegmentsAreCut() {
        maker.clickOn("#shape-circle");
        settle();
        assertTrue(read(".slate").contains("Segments"), read(".slate"));
        Spinner<?> segments = maker.node("#segments", Spinner.class);
        maker.doubleClickOn(segments.getEditor()).push(KeyCode.CONTROL, KeyCode.A);
        maker.write("4").push(KeyCode.ENTER);
        settle();
        assertTrue(read(".findings").contains("crosses the grain"), read(".findings"));
        maker.clickOn("Take as many segments as it needs");
        settle();
        assertFalse(read(".findings").contains("crosses the grain"));
        maker.clickOn("#shape-arch");
        settle();
        maker.clickOn("#curve-ellipse");
        settle();
        type("#field-rise", "150");
        assertInstanceOf(Shape.Arch.class, bench.job().outline().shape());
        at(KeyCode.DIGIT5);
        assertTrue(read(".findings").contains("the widest stick on the rack is 30 mm"),
                read(".findings"));
        maker.clickOn(maker.nodes(Button.class).stream()
                .filter(button -> button.getText().startsWith("Put 2 ")).findFirst().orElseThrow());
        settle();
        assertTrue(bench.currentPlan().canBeMade(), () -> bench.currentPlan().findings().toString());
    }

    @Test
    void slopedSidesTiltTheSaw() {
        type("#field-slope", "45");
        assertTrue(read(".slate").contains("35.26"), read(".slate"));
        assertTrue(read(".slate").contains("30"), read(".slate"));
    }

    /** Two long figures and their unit have room, in millimetres rounded to tenths as well as in inches. */
    @Test
    void noFigureOfTheSlateIsCutOff() {
        Platform.runLater(() -> edit(bench.job().withSize(SizeOf.ART, new Opening(
                Length.mm(1203.72), Length.mm(2890.36)))));
        settle();
        at(KeyCode.DIGIT1);
        for (String units : new String[]{"in", "mm"}) {
            maker.clickOn(units);
            settle();
            double edge = maker.node(".slate").localToScreen(maker.node(".slate")
                    .getBoundsInLocal()).getMaxX();
            maker.nodes(".slate-row .unit").forEach(unit -> assertTrue(
                    unit.localToScreen(unit.getBoundsInLocal()).getMaxX() < edge - 4, units + ": " + unit));
        }
    }

    /** The rabbet is cut level by its remedy, and stays so whatever the slope is then. */
    @Test
    void aLevelRabbetStaysLevelWhenTheSlopeIsTypedAnew() {
        type("#field-slope", "8");
        Platform.runLater(() -> edit(bench.job().withSection(bench.job().section().withRabbet(
                bench.job().section().rabbet().withTilt(Angle.ofDegrees(8))))));
        settle();
        type("#field-slope", "10");
        assertEquals(10, bench.job().section().rabbet().tilt().degrees(), 1e-9);
        maker.clickOn("#shape-circle");
        settle();
        assertEquals(0, bench.job().section().rabbet().tilt().degrees(), 1e-9, "a round frame is flat");
    }

    private void put(String field, String text) {
        maker.clickOn(field).push(KeyCode.CONTROL, KeyCode.A);
        maker.write(text);
    }

    @Test
    void theFrameIsPutTogetherAndTurned() {
        maker.clickOn("#body");
        settle();
        assertEquals("The frame put together", maker.node("#station-shape .figure-view").getAccessibleText());
        assertFalse(isShown("#corner-0"), "a body has no knobs");
        maker.drag("#station-shape .figure-view").moveBy(60, 30).drop();
        settle();
        maker.clickOn("#body");
        settle();
        assertTrue(isShown("#corner-0"));
    }

    @Test
    void cornersAreLappedInsteadOfMitred() {
        at(KeyCode.DIGIT4);
        maker.clickOn("#joint-lap");
        settle();
        at(KeyCode.DIGIT3);
        assertTrue(read(".slate").contains("Cheek"), read(".slate"));
        assertTrue(read(".findings").contains("stop it short"), read(".findings"));
        maker.clickOn("Miter the corners");
        settle();
        assertEquals(CornerJoint.MITER, bench.job().joint());
    }

    @Test
    void templatesOfARingAreWritten() {
        maker.clickOn("#shape-circle");
        settle();
        maker.clickOn("#templates");
        settle();
        assertTrue(read("#notice-text").contains("templates are ready"), read("#notice-text"));
        assertTrue(Files.exists(bench.home().paper().resolve("tide-chart-sheet-3-template.pdf")));
    }

    @Test
    void theBenchShowsTheTiltOfASlopedFrame() {
        type("#field-slope", "45");
        maker.push(KeyCode.F11);
        settle();
        assertTrue(read("#bench-tilt").contains("30°"), read("#bench-tilt"));
        maker.push(KeyCode.ESCAPE);
    }
}
