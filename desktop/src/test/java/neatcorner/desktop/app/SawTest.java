package neatcorner.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Objects;
import javafx.scene.control.Spinner;
import javafx.scene.input.KeyCode;
import neatcorner.desktop.desk.AtOnce;
import neatcorner.desktop.desk.SawShelf;
import neatcorner.measure.Length;
import neatcorner.saw.SawLog;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** What is judged at the saw: test corners, what to expect, pieces as cut, a dry fit, the seasons. */
class SawTest extends WindowTest {

    @BeforeEach
    void enter() {
        at(KeyCode.DIGIT6);
    }

    private void mode(String id) {
        maker.clickOn(id);
        settle();
    }

    @Test
    void aTestCornerIsReadTurnedAndReadAgainUntilItCloses() {
        mode("#saw-test");
        assertTrue(maker.node("#test-keep").isDisabled(), "nothing read, nothing said");
        assertFalse(read(".slate").contains("Turn"), read(".slate"));
        maker.clickOn("#open-toe");
        settle();
        type("#test-gap", "0.4");
        type("#test-over", "80");
        assertTrue(read(".slate").contains("Turn towards square by"), read(".slate"));
        assertTrue(read(".slate").contains("0.14"), read(".slate"));
        maker.clickOn("#test-keep");
        settle();
        assertTrue(read("#test-log").contains("+0.14°"), read("#test-log"));
        maker.clickOn("#test-turned");
        settle();
        assertTrue(read("#test-log").contains("turned"));
        maker.clickOn("#open-heel");
        settle();
        type("#test-gap", "0.1");
        assertTrue(read(".slate").contains("Turn away from square by"), read(".slate"));
        maker.clickOn("#test-keep");
        settle();
        maker.clickOn("#open-closed");
        settle();
        assertTrue(read(".slate").contains("leave the saw as it is"));
        maker.clickOn("#test-keep");
        settle();
        SawLog kept = new SawShelf(AtOnce.store(), bench.home().saws(), bench.settings().units(), AtOnce.SAID::add)
                .log(bench.job().saw());
        assertEquals(3, kept.readings().size(), "kept on disk");
        assertTrue(kept.readings().getFirst().turned());
        assertEquals(0, kept.steady().degrees(), 1e-9);
    }

    @Test
    void whatToExpectFollowsFromTheSawsReadings() {
        mode("#saw-test");
        maker.clickOn("#open-toe");
        settle();
        type("#test-gap", "0.4");
        maker.clickOn("#test-keep");
        settle();
        mode("#saw-before");
        assertTrue(read(".slate").contains("Last corner, by the steady error"), read(".slate"));
        assertFalse(read("#saw-says").contains("no readings"));
        assertTrue(read(".slate").contains("Odds of passing"));
    }

    @Test
    void measuredPiecesTellWhatToDo() {
        mode("#saw-as-cut");
        assertTrue(read("#saw-says").contains("Measure each piece"));
        type("#cut-0", "738");
        assertTrue(read(".findings").contains("longer than its twin A"), read(".findings"));
        assertTrue(read("#saw-says").contains("again") || read("#saw-says").contains("Shave"),
                read("#saw-says"));
        type("#cut-left-1", "45.4");
        assertEquals(45.4, bench.job().checks().of(bench.currentPlan().pieces().get(1)).left().degrees(), 1e-9);
        maker.push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertEquals(45, bench.job().checks().of(bench.currentPlan().pieces().get(1)).left().degrees(), 1e-9);
        maker.clickOn("#measured-clear");
        settle();
        assertTrue(bench.job().checks().measured().isEmpty());
    }

    @Test
    void aDryFitNamesItsCause() {
        mode("#saw-dry-fit");
        assertTrue(read("#saw-says").contains("Put the frame together dry"), read("#saw-says"));
        assertFalse(read(".slate").contains("%"), "nothing measured, nothing said: " + read(".slate"));
        for (int corner = 0; corner < 4; corner++) {
            type("#value-gap-" + corner + "-1", "0.6");
        }
        assertTrue(read("#saw-says").contains("Every miter is too big"), read("#saw-says"));
        maker.clickOn("#dry-clear");
        settle();
        type("#value-diagonal-first", "936.3");
        type("#value-diagonal-second", "936.3");
        assertTrue(read("#saw-says").contains("Nothing to mend"), read("#saw-says"));
        type("#value-diagonal-first", "937");
        type("#value-diagonal-second", "933");
        assertTrue(read(".findings").contains("diagonals differ"), read(".findings"));
        assertTrue(read(".slate").contains("Out of square"), read(".slate"));
    }

    @Test
    void theSeasonsOpenMitersWhereTheFrameWillHang() {
        mode("#saw-seasons");
        assertNull(bench.job().checks().place());
        maker.clickOn("#place-sea");
        settle();
        assertTrue(read(".slate").contains("Dampest month: opens outside"), read(".slate"));
        Spinner<?> glued = maker.node("#glued", Spinner.class);
        maker.doubleClickOn(glued.getEditor()).push(KeyCode.CONTROL, KeyCode.A);
        maker.write("dry").push(KeyCode.ENTER);
        settle();
        assertTrue(read(".notice").contains("expected a number from 0 to 30, not “dry”"),
                read(".notice"));
        maker.doubleClickOn(glued.getEditor()).push(KeyCode.CONTROL, KeyCode.A);
        maker.write("9,5").push(KeyCode.ENTER);
        settle();
        assertEquals(9.5, Objects.requireNonNull(bench.job().checks().place()).glued());
        String before = read(".slate");
        maker.clickOn("#flat-sawn");
        settle();
        assertFalse(before.equals(read(".slate")), "quarter-sawn faces move less");
        maker.clickOn("#place-none");
        settle();
        assertNull(bench.job().checks().place());
    }

    @Test
    void anotherSawCutsWithItsOwnKerf() {
        maker.clickOn("#saws");
        settle();
        maker.clickOn("Cut with the hand miter box");
        settle();
        assertEquals("hand miter box", bench.job().saw().name());
        assertEquals(Length.mm(1), bench.job().saw().kerf());
        maker.clickOn("#saws");
        settle();
        maker.clickOn("Its scale has 0° at the fence");
        settle();
        mode("#saw-test");
        maker.clickOn("#saws");
        settle();
        maker.clickOn("Keep these settings as the shop's hand miter box");
        settle();
        assertEquals(bench.job().saw().scale(), bench.premises().saws().saws().get(2).saw().scale());
    }
}
