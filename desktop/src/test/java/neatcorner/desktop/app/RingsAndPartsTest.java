package neatcorner.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Objects;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import neatcorner.corner.ReinforcementKind;
import neatcorner.fitout.SizeOf;
import neatcorner.job.Job;
import neatcorner.job.Ring;
import neatcorner.measure.Length;
import neatcorner.member.Member;
import neatcorner.member.MemberKind;
import neatcorner.piece.CornerJoint;
import neatcorner.section.Section;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** Rings and parts of a frame are added, sized, and left out, where they are seen. */
class RingsAndPartsTest extends WindowTest {

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    private void openCard(FxRobot robot) {
        robot.clickOn("#opening-more");
        settle();
        robot.clickOn("#rings-and-parts");
        settle();
    }

    private void add(FxRobot robot, String what) {
        robot.clickOn("#built-add");
        settle();
        robot.clickOn("#add-" + what);
        settle();
    }

    private Member member(String name) {
        return Objects.requireNonNull(bench.job().member(name));
    }

    @Test
    void aBarIsAddedSizedMovedAndLeftOut(FxRobot robot) {
        settle();
        Job before = bench.job();
        openCard(robot);
        assertTrue(read(robot, "#rings-and-parts-card").contains("nothing besides"), "an empty card says so");
        add(robot, "bar");
        assertEquals(Length.mm(38), member("bar across").width());
        type(robot, "#field-part-width-bar-across", "45");
        assertEquals(Length.mm(45), member("bar across").width());
        robot.clickOn("#part-upright");
        settle();
        assertTrue(((MemberKind.Bar) member("bar across").kind()).upright());
        robot.doubleClickOn("#part-at").push(KeyCode.CONTROL, KeyCode.A);
        robot.push(KeyCode.CONTROL, KeyCode.A);
        robot.write("25");
        robot.push(KeyCode.ENTER);
        settle();
        assertEquals(0.25, ((MemberKind.Bar) member("bar across").kind()).at(), 1e-9);
        assertTrue(read(robot, ".slate").contains("bar across"), read(robot, ".slate"));
        at(robot, KeyCode.DIGIT5);
        assertTrue(read(robot, ".findings").contains("no sticks yet for the bar across"), read(robot, ".findings"));
        at(robot, KeyCode.DIGIT1);
        robot.clickOn("#thing-of-bar-across");
        settle();
        robot.clickOn("#built-remove");
        settle();
        assertEquals(before.members(), bench.job().members());
        robot.push(KeyCode.ESCAPE);
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertNotNull(bench.job().member("bar across"), "and comes back");
    }

    @Test
    void aRingIsAddedSetToAnotherEdgeAndJoinedInItsOwnWay(FxRobot robot) {
        settle();
        openCard(robot);
        add(robot, "ring-round");
        Ring band = Objects.requireNonNull(bench.job().ring("band round it"));
        assertNull(band.screws());
        type(robot, "#field-ring-width-band-round-it", "12");
        robot.clickOn("#ring-joint");
        settle();
        robot.clickOn("#ring-joint-butt");
        settle();
        robot.clickOn("#ring-screwed");
        settle();
        robot.clickOn("#ring-edge");
        settle();
        robot.clickOn("#ring-edge-sight");
        settle();
        Ring now = Objects.requireNonNull(bench.job().ring("band round it"));
        assertEquals(Length.mm(12), now.section().width());
        assertEquals(CornerJoint.BUTT, now.joint());
        assertNotNull(now.screws());
        assertEquals(SizeOf.SIGHT, now.place().edge());
        robot.push(KeyCode.ESCAPE);
        settle();
        at(robot, KeyCode.DIGIT2);
        assertTrue(read(robot, ".findings").contains("band round it"), "it now lies in the frame's wood");
    }

    @Test
    void aRingsCornersAreLookedAtAndHeldByThemselves(FxRobot robot) {
        settle();
        openCard(robot);
        add(robot, "ring-round");
        type(robot, "#field-ring-width-band-round-it", "40");
        robot.push(KeyCode.ESCAPE);
        settle();
        Job before = bench.job();
        at(robot, KeyCode.DIGIT4);
        robot.clickOn("#corners-of-ring-band-round-it");
        settle();
        robot.clickOn("#joint-butt");
        settle();
        robot.clickOn("#hold-pin");
        settle();
        Ring band = Objects.requireNonNull(bench.job().ring("band round it"));
        assertEquals(CornerJoint.BUTT, band.joint());
        assertEquals(ReinforcementKind.PIN, band.reinforcement().getFirst().kind());
        assertEquals(before.frame(), bench.job().frame(), "the frame's own are as they were");
        robot.clickOn("#hold-chip-0");
        settle();
        type(robot, "#field-reinforcement-0-size-band-round-it", "19");
        assertEquals(Length.mm(19), Objects.requireNonNull(bench.job().ring("band round it"))
                .reinforcement().getFirst().size());
        robot.push(KeyCode.ESCAPE);
        settle();
        robot.clickOn("#corners-of-frame");
        settle();
        assertEquals(before.reinforcement().isEmpty(), !isShown(robot, "#hold-chip-0"), "of the frame again");
        robot.clickOn("#corners-of-ring-band-round-it");
        settle();
        assertTrue(isShown(robot, "#hold-chip-0"));
        bench.change("leave out", job -> job.withRings(List.of()));
        settle();
        assertFalse(isShown(robot, "#corners-of"), "a frame alone has no other corners");
    }

    @Test
    void aRingHasAWoodARabbetAndACutOfItsOwn(FxRobot robot) {
        settle();
        openCard(robot);
        add(robot, "ring-round");
        robot.push(KeyCode.ESCAPE);
        settle();
        Job before = bench.job();
        at(robot, KeyCode.DIGIT2);
        robot.clickOn("#section-of-ring-band-round-it");
        settle();
        robot.clickOn("#wood");
        settle();
        robot.clickOn("#wood-name");
        robot.write("black cherry");
        robot.push(KeyCode.ENTER);
        settle();
        robot.clickOn("#ring-rabbet");
        settle();
        type(robot, "#value-rabbet-depth-band-round-it", "4.5");
        robot.clickOn("#mill");
        settle();
        robot.clickOn("Cove");
        settle();
        Section band = Objects.requireNonNull(bench.job().ring("band round it")).section();
        assertEquals("black cherry", band.wood().name());
        assertEquals(Length.mm(4.5), band.rabbet().depth());
        assertEquals(1, band.milling().operations().size());
        assertEquals(before.section(), bench.job().section(), "the frame's own is as it was");
        type(robot, "#field-milled-1-band-round-it", "400");
        assertTrue(read(robot, ".findings").contains("band round it: "), read(robot, ".findings"));
        assertFalse(bench.currentPlan().canBeMade());
    }

    @Test
    void theFinderSaysWhoseWidthItIs(FxRobot robot) {
        settle();
        openCard(robot);
        add(robot, "ring-round");
        add(robot, "bar");
        assertTrue(read(robot, "#built-of").contains("Width"), read(robot, "#built-of"));
        assertFalse(read(robot, "#built-of").contains(", Width"), "whose it is stands above");
        robot.push(KeyCode.ESCAPE);
        settle();
        robot.push(KeyCode.CONTROL, KeyCode.K);
        settle();
        robot.write("band round it, width");
        settle();
        assertTrue(read(robot, "#finder").contains("band round it, Width"), read(robot, "#finder"));
        robot.push(KeyCode.ENTER);
        settle();
        robot.push(KeyCode.CONTROL, KeyCode.A);
        robot.write("17");
        robot.push(KeyCode.ENTER);
        settle();
        assertEquals(Length.mm(17), Objects.requireNonNull(bench.job().ring("band round it")).section().width());
    }

    @Test
    void partsOfAllKindsAreTold(FxRobot robot) {
        settle();
        openCard(robot);
        for (String each : new String[]{"head", "hinges", "triangles"}) {
            add(robot, each);
        }
        assertEquals(3, bench.job().members().size());
        robot.clickOn("#built-hinges");
        settle();
        robot.doubleClickOn("#part-count").push(KeyCode.CONTROL, KeyCode.A);
        robot.push(KeyCode.CONTROL, KeyCode.A);
        robot.write("3");
        robot.push(KeyCode.ENTER);
        settle();
        assertEquals(3, Objects.requireNonNull(bench.currentPlan()).members().get(1).count());
        robot.clickOn("#built-arched-head");
        settle();
        type(robot, "#field-part-rise-arched-head", "2000");
        assertTrue(read(robot, ".findings").contains("half its width at most"), read(robot, ".findings"));
    }
}
