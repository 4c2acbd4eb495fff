package neatcorner.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import javafx.geometry.Bounds;
import javafx.scene.control.Spinner;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import neatcorner.desktop.draw.FigureView;
import neatcorner.measure.Length;
import neatcorner.station.sticks.SticksFigure;
import neatcorner.stock.Keep;
import neatcorner.stock.Stick;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The station where sticks are laid out, and the editor of the stick that was clicked. */
class SticksTest extends WindowTest {

    @BeforeEach
    void enter() {
        at(KeyCode.DIGIT5);
    }

    private Stick stick(int index) {
        return bench.job().stock().sticks().get(index);
    }

    /** The card of the first kind of stick. */
    private void openStick() {
        maker.clickOn("#thing-stick-0");
        settle();
        assertTrue(isShown("#stick-editor"));
    }

    private void fill(String field, String text) {
        maker.clickOn(field).push(KeyCode.CONTROL, KeyCode.A).push(KeyCode.DELETE);
        maker.write(text).push(KeyCode.ENTER);
        settle();
    }

    private void clickRow(SticksFigure.Row row) {
        FigureView view = maker.node("#station-sticks .figure-view", FigureView.class);
        Bounds screen = view.localToScreen(view.getBoundsInLocal());
        var at = view.toView(row.box().left() + row.box().width() * 0.3, row.box().center().y());
        maker.clickOn(screen.getMinX() + at.x(), screen.getMinY() + at.y());
        settle();
    }

    @Test
    void aStickIsRenamedPricedAndCounted() {
        openStick();
        fill("#stick-name", "best ash");
        assertEquals("best ash", stick(0).name());
        fill("#stick-price", "21,50");
        assertEquals(21.5, stick(0).price());
        fill("#stick-price", "");
        assertNull(stick(0).price());
        Spinner<?> count = maker.node("#stick-count", Spinner.class);
        int before = stick(0).count();
        maker.interact(() -> count.increment(2));
        settle();
        assertEquals(before + 2, stick(0).count());
    }

    @Test
    void aPriceThatIsNoneIsSaidAndTheOldOneStays() {
        openStick();
        Double before = stick(0).price();
        fill("#stick-price", "cheap");
        assertTrue(read("#stick-editor").contains("“cheap” is not a price"), read("#stick-editor"));
        assertEquals(before, stick(0).price());
    }

    @Test
    void aBlankNameChangesNothing() {
        openStick();
        String before = stick(0).name();
        fill("#stick-name", "   ");
        assertEquals(before, stick(0).name());
    }

    @Test
    void sticksAreAddedChosenByAClickAndRemoved() {
        int before = bench.job().stock().sticks().size();
        maker.clickOn("#add-stick");
        settle();
        maker.write("long");
        assertTrue(read("#at-hand-card").contains("“long”: expected a length"), read("#at-hand-card"));
        assertTrue(maker.node("#at-hand-take").isDisabled());
        maker.push(KeyCode.CONTROL, KeyCode.A).write("2 x 2.4 m");
        assertEquals("2 × 2400 mm", read("#at-hand-echo"));
        maker.push(KeyCode.ENTER);
        settle();
        assertFalse(isShown("#at-hand-card"));
        assertEquals(before + 1, bench.job().stock().sticks().size());
        assertEquals("stick " + (before + 1), stick(before).name());
        assertEquals(2, stick(before).count());
        SticksFigure.Row first = SticksFigure.rows(bench.currentPlan()).getFirst();
        SticksFigure.Row spare = SticksFigure.rows(bench.currentPlan()).getLast();
        clickRow(spare);
        assertEquals(stick(spare.stock()).name(), maker.node("#stick-name", TextInputControl.class).getText(),
                "a click on its bare wood opens its card");
        maker.push(KeyCode.ESCAPE);
        maker.clickOn("#thing-stick-" + first.stock());
        settle();
        assertEquals(stick(first.stock()).name(), maker.node("#stick-name", TextInputControl.class).getText());
        maker.clickOn("#stick-remove");
        settle();
        assertEquals(before, bench.job().stock().sticks().size());
    }

    @Test
    void aLengthIsTypedOnTheStickItself() {
        type("#value-stick-0", "1.8 m");
        assertEquals(Length.mm(1800), stick(0).length());
        assertTrue(bench.canUndo().get());
    }

    @Test
    void framesAreKeptTogetherAsAWishOrAMust() {
        inCard("#sticks-more", "#keep-must");
        assertEquals(Keep.MUST, bench.job().stock().keepFrameTogether());
        for (var cut : bench.currentPlan().layout().sticks()) {
            for (var piece : cut.cuts()) {
                assertTrue(cut.cuts().stream().filter(other -> other.frame() == piece.frame()).count() == 4,
                        "frame " + piece.frame() + " lies whole on one stick");
            }
        }
        inCard("#sticks-more", "#keep-no");
        assertEquals(Keep.NO, bench.job().stock().keepFrameTogether());
    }

    @Test
    void aTouchIsNoDefect() {
        int before = stick(0).defects().size();
        clickRow(SticksFigure.rows(bench.currentPlan()).getFirst());
        assertEquals(before, stick(0).defects().size());
        assertFalse(bench.canUndo().get());
    }

    @Test
    void anEmptyRackHasNoEditor() {
        maker.interact(() -> edit(bench.job().withStock(
                bench.job().stock().withSticks(List.of()))));
        settle();
        assertFalse(isShown("#stick-editor"));
        assertTrue(read("#finding-stock-short").length() > 0);
        maker.clickOn("#add-stick");
        settle();
        maker.clickOn("#at-hand-usual");
        settle();
        assertEquals(List.of(Length.mm(2400)), bench.job().stock().sticks().stream().map(Stick::length).toList());
        maker.clickOn("#thing-stick-0");
        settle();
        assertTrue(isShown("#stick-editor"));
    }
}
