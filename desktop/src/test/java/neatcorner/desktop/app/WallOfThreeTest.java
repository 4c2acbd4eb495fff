package neatcorner.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeoutException;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import neatcorner.hanging.HungFrame;
import neatcorner.hanging.OnWall;
import neatcorner.measure.Length;
import neatcorner.station.hanging.WallWork;
import org.junit.jupiter.api.Test;

/** Three frames on one wall: put there, set out, dragged, measured, and marked on paper. */
class WallOfThreeTest extends WindowTest {

    private OnWall wall() {
        return Objects.requireNonNull(bench.job().hanging().onWall());
    }

    private List<HungFrame> fromLeft() {
        List<HungFrame> frames = new ArrayList<>(WallWork.of(bench.currentPlan()).orElseThrow().frames());
        frames.sort(Comparator.comparingDouble(HungFrame::x));
        return frames;
    }

    private void until(String what, Callable<Boolean> is) {
        try {
            Maker.await(is);
        } catch (TimeoutException e) {
            throw new AssertionError(what, e);
        }
        settle();
    }

    @Test
    void threeFramesHangWithEqualGaps() {
        settle();
        at(KeyCode.DIGIT9);
        assertNull(bench.job().hanging().onWall());
        maker.clickOn("#other-frames");
        settle();
        maker.clickOn("#wall-add-other");
        settle();
        maker.clickOn("#wall-add-other");
        settle();
        assertEquals(2, wall().others().size());
        type("#field-wall-other-width-1", "500");
        assertEquals(Length.mm(500), wall().others().get(1).width());
        type("#field-wall-gap", "75");
        maker.clickOn("#wall-gap");
        settle();
        maker.clickOn("#wall-center");
        settle();
        List<HungFrame> row = fromLeft();
        assertEquals(75, row.get(1).left() - row.get(0).right(), 1e-3);
        assertEquals(75, row.get(2).left() - row.get(1).right(), 1e-3);
        assertEquals(wall().width().toMm(), row.get(0).left() + row.get(2).right(), 1e-3, "in the wall's middle");
        assertTrue(read(".slate").contains("Hook of frame 2, from the left"), read(".slate"));
        maker.clickOn("#wall-template");
        until("the hooks are on paper", () -> {
            try (DirectoryStream<Path> made = Files.newDirectoryStream(bench.home().paper(), "*-hooks.pdf")) {
                return made.iterator().hasNext();
            }
        });
        maker.push(KeyCode.ESCAPE);
        settle();
        Length before = wall().others().getFirst().from();
        Node knob = maker.node("#corner-1");
        maker.drag(knob).dropBy(0, -60);
        settle();
        OnWall.Other moved = wall().others().getFirst();
        assertEquals(before.toMm(), moved.from().toMm(), 60, "it was dragged up");
        assertTrue(moved.centre().isMoreThan(bench.job().hanging().centre()));
        maker.push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertEquals(bench.job().hanging().centre(), wall().others().getFirst().centre());
        maker.clickOn("#whole-wall");
        settle();
        assertTrue(maker.find("#corner-1").isEmpty(), "one frame alone, from behind");
    }

    @Test
    void aFrameOfTheShopIsTakenToTheWall() {
        settle();
        at(KeyCode.DIGIT9);
        maker.clickOn("#other-frames");
        settle();
        maker.clickOn("#wall-add-job");
        settle();
        maker.push(KeyCode.DOWN);
        maker.push(KeyCode.ENTER);
        until("it hangs there", () -> bench.job().hanging().onWall() != null);
        OnWall.Other other = wall().others().getFirst();
        assertFalse(other.job().isEmpty());
        assertFalse(other.hooks().isEmpty());
        maker.clickOn("#studs-known");
        settle();
        assertEquals(OnWall.studs(bench.job().units()), wall().studs());
        maker.clickOn("#wall-out-0");
        settle();
        assertTrue(wall().others().isEmpty());
    }
}
