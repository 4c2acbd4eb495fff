package neatcorner.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Objects;
import java.util.concurrent.TimeoutException;
import javafx.scene.input.KeyCode;
import neatcorner.fitout.RetainerKind;
import neatcorner.hanging.HangBy;
import neatcorner.job.Hold;
import neatcorner.job.Preset;
import neatcorner.job.Ring;
import neatcorner.measure.Length;
import neatcorner.outline.Opening;
import neatcorner.plan.Across;
import org.junit.jupiter.api.Test;

/** From the art to the wall: a kind of frame is chosen by its picture, filled from behind, and hung. */
class ToTheWallTest extends WindowTest {

    /** What a card offers is worked out beside the window. */
    private void waitFor(String query) {
        try {
            Maker.await(() -> isShown(query));
        } catch (TimeoutException e) {
            throw new AssertionError(query + " does not come", e);
        }
        settle();
    }

    private void kind(Preset preset) {
        at(KeyCode.DIGIT1);
        maker.clickOn("#frame-kind");
        waitFor("#kind-" + preset.word());
        maker.clickOn("#kind-" + preset.word());
        settle();
        maker.push(KeyCode.ESCAPE);
        settle();
    }

    @Test
    void aFloaterGoesFromItsArtToTheWall() {
        settle();
        Opening art = bench.job().sizes().art();
        kind(Preset.FLOATER);
        assertTrue(bench.job().hold() instanceof Hold.Floating);
        assertEquals(art, bench.job().sizes().art(), "of the same art");
        assertEquals(art.width().plus(Length.mm(12)), bench.job().sizes().sight().width());
        at(KeyCode.DIGIT2);
        type("#value-hold-recess", "4");
        assertEquals(4, Objects.requireNonNull(Across.of(bench.currentPlan()).content()).front(), 1e-6);
        assertTrue(read(".slate").contains("Recess of the art"), read(".slate"));
        type("#value-hold-bearing", "20");
        assertEquals(Length.mm(20), Across.of(bench.currentPlan()).bearing().orElseThrow());
        at(KeyCode.DIGIT5);
        assertTrue(read(".findings").contains("no sticks yet for the backer"), read(".findings"));
        at(KeyCode.DIGIT8);
        maker.clickOn("#ring-screws");
        settle();
        type("#field-screws-backer-length", "40");
        maker.push(KeyCode.ESCAPE);
        settle();
        assertTrue(read(".findings").contains("screws of the backer"), read(".findings"));
        at(KeyCode.DIGIT9);
        maker.clickOn("#hang-way");
        waitFor("#hang-wire");
        maker.clickOn("#hang-wire");
        settle();
        maker.push(KeyCode.ESCAPE);
        settle();
        assertEquals(HangBy.WIRE, bench.job().hanging().by());
        assertTrue(read(".slate").contains("Wire to cut"), read(".slate"));
        type("#value-hanging-center", "1500");
        assertEquals(Length.mm(1500), bench.job().hanging().centre());
        maker.push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertEquals(Length.mm(1480), bench.job().hanging().centre());
    }

    @Test
    void whatClampsReachAndHowHardTheyPullIsTheShops() {
        settle();
        at(KeyCode.DIGIT7);
        maker.clickOn("#holding");
        settle();
        type("#field-clamp-0-reach", "5000");
        assertEquals(Length.mm(5000), bench.shop().clamps().getFirst().reach());
        maker.doubleClickOn("#clamp-force-0").push(KeyCode.CONTROL, KeyCode.A);
        maker.push(KeyCode.CONTROL, KeyCode.A);
        maker.write("1500");
        maker.push(KeyCode.ENTER);
        settle();
        assertEquals(1500, bench.shop().clamps().getFirst().force(), 1e-9);
        maker.push(KeyCode.ESCAPE);
        maker.push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertEquals(1200, bench.shop().clamps().getFirst().force(), 1e-9);
    }

    @Test
    void aStrainerLiesBehindThePackAndTakesThePull() {
        settle();
        kind(Preset.STRAINER);
        Ring strainer = Objects.requireNonNull(bench.job().ring("strainer"));
        assertTrue(bench.job().pack().mat().isPresent(), "the pack stays what it was");
        assertFalse(Across.of(bench.currentPlan()).rings().isEmpty());
        assertTrue(strainer.screws() != null);
        at(KeyCode.DIGIT8);
        assertTrue(read("#fit-out-steps").contains("tape the seam"), read("#fit-out-steps"));
        kind(Preset.PLAIN);
        assertTrue(bench.job().rings().isEmpty());
    }

    @Test
    void whatKeepsThePackInIsChosenAndSetOut() {
        settle();
        at(KeyCode.DIGIT8);
        assertTrue(read(".slate").contains("Points"), read(".slate"));
        type("#value-retainer-first", "40");
        assertEquals(Length.mm(40), bench.job().fitOut().retainers().spacing().first());
        type("#value-glass-width", "600");
        assertEquals(Length.mm(601.5), bench.job().sizes().rabbet().width(), "a frame for the glass one has");
        maker.clickOn("#held-by");
        settle();
        maker.clickOn("#retainer-turn-clips");
        settle();
        assertEquals(RetainerKind.TURN_CLIPS, bench.job().fitOut().retainers().kind());
        assertEquals(Length.mm(40), bench.job().fitOut().retainers().spacing().first(), "set out as before");
    }

    @Test
    void peopleBelowAskForTwoFixingsAndTheRemedyGivesThem() {
        settle();
        at(KeyCode.DIGIT9);
        maker.clickOn("#hang-way");
        waitFor("#hang-wire");
        maker.clickOn("#hang-wire");
        settle();
        maker.push(KeyCode.ESCAPE);
        maker.clickOn("#the-wall");
        settle();
        maker.clickOn("#sleepers");
        settle();
        maker.push(KeyCode.ESCAPE);
        settle();
        assertTrue(read(".findings").contains("two fixings"), read(".findings"));
        maker.clickOn("Hang it on 2 hooks");
        settle();
        assertEquals(2, bench.job().hanging().hooks());
        assertFalse(read(".findings").contains("two fixings"), read(".findings"));
    }
}
