package neatcorner.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Objects;
import javafx.scene.input.KeyCode;
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

/** Rings and parts of a frame are added, sized, and left out, where they are seen. */
class RingsAndPartsTest extends WindowTest {

    private void openCard() {
        maker.clickOn("#opening-more");
        settle();
        maker.clickOn("#rings-and-parts");
        settle();
    }

    private void add(String what) {
        maker.clickOn("#built-add");
        settle();
        maker.clickOn("#add-" + what);
        settle();
    }

    private Member member(String name) {
        return Objects.requireNonNull(bench.job().member(name));
    }

    @Test
    void aBarIsAddedSizedMovedAndLeftOut() {
        settle();
        Job before = bench.job();
        openCard();
        assertTrue(read("#rings-and-parts-card").contains("nothing besides"), "an empty card says so");
        add("bar");
        assertEquals(Length.mm(38), member("bar across").width());
        type("#field-part-width-bar-across", "45");
        assertEquals(Length.mm(45), member("bar across").width());
        maker.clickOn("#part-upright");
        settle();
        assertTrue(((MemberKind.Bar) member("bar across").kind()).upright());
        maker.doubleClickOn("#part-at").push(KeyCode.CONTROL, KeyCode.A);
        maker.push(KeyCode.CONTROL, KeyCode.A);
        maker.write("25");
        maker.push(KeyCode.ENTER);
        settle();
        assertEquals(0.25, ((MemberKind.Bar) member("bar across").kind()).at(), 1e-9);
        assertTrue(read(".slate").contains("bar across"), read(".slate"));
        at(KeyCode.DIGIT5);
        assertTrue(read(".findings").contains("no sticks yet for the bar across"), read(".findings"));
        at(KeyCode.DIGIT1);
        maker.clickOn("#thing-of-bar-across");
        settle();
        maker.clickOn("#built-remove");
        settle();
        assertEquals(before.members(), bench.job().members());
        maker.push(KeyCode.ESCAPE);
        maker.push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertNotNull(bench.job().member("bar across"), "and comes back");
    }

    @Test
    void aRingIsAddedSetToAnotherEdgeAndJoinedInItsOwnWay() {
        settle();
        openCard();
        add("ring-round");
        Ring band = Objects.requireNonNull(bench.job().ring("band round it"));
        assertNull(band.screws());
        type("#field-ring-width-band-round-it", "12");
        maker.clickOn("#ring-joint");
        settle();
        maker.clickOn("#ring-joint-butt");
        settle();
        maker.clickOn("#ring-screwed");
        settle();
        maker.clickOn("#ring-edge");
        settle();
        maker.clickOn("#ring-edge-sight");
        settle();
        Ring now = Objects.requireNonNull(bench.job().ring("band round it"));
        assertEquals(Length.mm(12), now.section().width());
        assertEquals(CornerJoint.BUTT, now.joint());
        assertNotNull(now.screws());
        assertEquals(SizeOf.SIGHT, now.place().edge());
        maker.push(KeyCode.ESCAPE);
        settle();
        at(KeyCode.DIGIT2);
        assertTrue(read(".findings").contains("band round it"), "it now lies in the frame's wood");
    }

    @Test
    void aRingsCornersAreLookedAtAndHeldByThemselves() {
        settle();
        openCard();
        add("ring-round");
        type("#field-ring-width-band-round-it", "40");
        maker.push(KeyCode.ESCAPE);
        settle();
        Job before = bench.job();
        at(KeyCode.DIGIT4);
        maker.clickOn("#corners-of-ring-band-round-it");
        settle();
        maker.clickOn("#joint-butt");
        settle();
        maker.clickOn("#hold-pin");
        settle();
        Ring band = Objects.requireNonNull(bench.job().ring("band round it"));
        assertEquals(CornerJoint.BUTT, band.joint());
        assertEquals(ReinforcementKind.PIN, band.reinforcement().getFirst().kind());
        assertEquals(before.frame(), bench.job().frame(), "the frame's own are as they were");
        maker.clickOn("#hold-chip-0");
        settle();
        type("#field-reinforcement-0-size-band-round-it", "19");
        assertEquals(Length.mm(19), Objects.requireNonNull(bench.job().ring("band round it"))
                .reinforcement().getFirst().size());
        maker.push(KeyCode.ESCAPE);
        settle();
        maker.clickOn("#corners-of-frame");
        settle();
        assertEquals(before.reinforcement().isEmpty(), !isShown("#hold-chip-0"), "of the frame again");
        maker.clickOn("#corners-of-ring-band-round-it");
        settle();
        assertTrue(isShown("#hold-chip-0"));
        bench.change("leave out", job -> job.withRings(List.of()));
        settle();
        assertFalse(isShown("#corners-of"), "a frame alone has no other corners");
    }

    @Test
    void aRingHasAWoodARabbetAndACutOfItsOwn() {
        settle();
        openCard();
        add("ring-round");
        maker.push(KeyCode.ESCAPE);
        settle();
        Job before = bench.job();
        at(KeyCode.DIGIT2);
        maker.clickOn("#section-of-ring-band-round-it");
        settle();
        maker.clickOn("#wood");
        settle();
        maker.clickOn("#wood-name");
        maker.write("black cherry");
        maker.push(KeyCode.ENTER);
        settle();
        maker.clickOn("#ring-rabbet");
        settle();
        type("#value-rabbet-depth-band-round-it", "4.5");
        maker.clickOn("#mill");
        settle();
        maker.clickOn("Cove");
        settle();
        Section band = Objects.requireNonNull(bench.job().ring("band round it")).section();
        assertEquals("black cherry", band.wood().name());
        assertEquals(Length.mm(4.5), band.rabbet().depth());
        assertEquals(1, band.milling().operations().size());
        assertEquals(before.section(), bench.job().section(), "the frame's own is as it was");
        type("#field-milled-1-band-round-it", "400");
        assertTrue(read(".findings").contains("band round it: "), read(".findings"));
        assertFalse(bench.currentPlan().canBeMade());
    }

    @Test
    void theFinderSaysWhoseWidthItIs() {
        settle();
        openCard();
        add("ring-round");
        add("bar");
        assertTrue(read("#built-of").contains("Width"), read("#built-of"));
        assertFalse(read("#built-of").contains(", Width"), "whose it is stands above");
        maker.push(KeyCode.ESCAPE);
        settle();
        maker.push(KeyCode.CONTROL, KeyCode.K);
        settle();
        maker.write("band round it, width");
        settle();
        assertTrue(read("#finder").contains("band round it, Width"), read("#finder"));
        maker.push(KeyCode.ENTER);
        settle();
        maker.push(KeyCode.CONTROL, KeyCode.A);
        maker.write("17");
        maker.push(KeyCode.ENTER);
        settle();
        assertEquals(Length.mm(17), Objects.requireNonNull(bench.job().ring("band round it")).section().width());
    }

    @Test
    void partsOfAllKindsAreTold() {
        settle();
        openCard();
        for (String each : new String[]{"head", "hinges", "triangles"}) {
            add(each);
        }
        assertEquals(3, bench.job().members().size());
        maker.clickOn("#built-hinges");
        settle();
        maker.doubleClickOn("#part-count").push(KeyCode.CONTROL, KeyCode.A);
        maker.push(KeyCode.CONTROL, KeyCode.A);
        maker.write("3");
        maker.push(KeyCode.ENTER);
        settle();
        assertEquals(3, Objects.requireNonNull(bench.currentPlan()).members().get(1).count());
        maker.clickOn("#built-arched-head");
        settle();
        type("#field-part-rise-arched-head", "2000");
        assertTrue(read(".findings").contains("half its width at most"), read(".findings"));
    }
}
