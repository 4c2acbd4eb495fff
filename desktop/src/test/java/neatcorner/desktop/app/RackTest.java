package neatcorner.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.MenuButton;
import javafx.scene.control.Spinner;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import neatcorner.fitout.SizeOf;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.outline.Opening;
import neatcorner.section.RabbetWay;
import neatcorner.stock.Sheet;
import neatcorner.stock.Stick;
import org.junit.jupiter.api.Test;

/** The rack with all that lies on it, the shop's shelf of offcuts, and searches that take long. */
class RackTest extends WindowTest {

    private void fill(String field, String text) {
        TextInputControl input = maker.node(field, TextInputControl.class);
        maker.interact(() -> {
            input.requestFocus();
            input.setText(text);
        });
        maker.push(KeyCode.ENTER);
        settle();
    }

    @Test
    void aBoardIsRenamedPricedCountedAndRemoved() {
        at(KeyCode.DIGIT5);
        maker.clickOn("#wood-boards");
        settle();
        maker.clickOn("#thing-board-0");
        settle();
        fill("#board-name", "wide plank");
        assertEquals("wide plank", bench.job().stock().boards().getFirst().name());
        fill("#board-price", "41,5");
        assertEquals(41.5, bench.job().stock().boards().getFirst().price());
        fill("#board-price", "much");
        assertEquals(41.5, bench.job().stock().boards().getFirst().price());
        fill("#board-price", "");
        assertNull(bench.job().stock().boards().getFirst().price());
        Spinner<?> count = maker.node("#board-count", Spinner.class);
        maker.interact(() -> count.increment(2));
        settle();
        assertEquals(3, bench.job().stock().boards().getFirst().count());
        type("#field-board-bow-0", "9");
        assertEquals(Length.mm(9), bench.job().stock().boards().getFirst().bow());
        maker.clickOn("#board-picker");
        settle();
        maker.clickOn("2  thick ash");
        settle();
        assertTrue(read("#board-own").startsWith("thick ash"));
        maker.clickOn("#board-own");
        settle();
        assertEquals("thick ash", maker.node("#board-name", TextInputControl.class).getText());
        assertTrue(read("#wood-says").contains("resaw 2 layers"), read("#wood-says"));
        assertTrue(read("#station-sticks").contains("lead"), "the caution stands where the work is");
    }

    @Test
    void whatIsLeftOfASheetIsKeptInTheShopAndTakenForAnotherJob() {
        settle();
        at(KeyCode.DIGIT5);
        maker.clickOn("#wood-sheets");
        settle();
        List<Sheet> before = bench.job().stock().sheets();
        List<Sheet> shop = bench.shop().sheets();
        settle();
        maker.clickOn("#sheets-more");
        maker.clickOn("#sheets-cut");
        settle();
        List<Sheet> kept = bench.shop().sheets();
        assertTrue(kept.size() > shop.size());
        assertTrue(kept.getLast().name().startsWith("left of "), kept.getLast().name());
        int left = bench.job().stock().sheets().stream().mapToInt(Sheet::count).sum();
        assertTrue(left < before.stream().mapToInt(Sheet::count).sum(), "what was cut is off the rack");
        maker.push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertEquals(before, bench.job().stock().sheets());
        assertEquals(shop, bench.shop().sheets(), "both in one step");
        maker.push(KeyCode.CONTROL, KeyCode.Y);
        settle();
        assertEquals(kept, bench.shop().sheets());
        Sheet first = kept.stream().filter(sheet -> sheet.material().equals("glass")).findFirst().orElseThrow();
        maker.clickOn("#sheets-more");
        maker.clickOn("Take " + first.name() + ", " + bench.notation().get().text(first.width()) + " × "
                + bench.notation().get().text(first.height()));
        settle();
        assertEquals(first, bench.job().stock().sheets().getFirst());
        assertEquals(kept.size() - 1, bench.shop().sheets().size());
    }

    @Test
    void sheetsAreCutForSeveralJobsTogether() {
        settle();
        at(KeyCode.DIGIT5);
        maker.clickOn("#wood-sheets");
        settle();
        maker.clickOn("#sheets-more");
        settle();
        maker.clickOn("Cut together with Tide chart, sheet 4");
        settle();
        assertTrue(read(".slate").contains("Glass for 2"), read(".slate"));
        assertTrue(read("#wood-says").contains("2 is Tide chart, sheet 4"), read("#wood-says"));
    }

    @Test
    void aSheetIsRenamedPricedTrimmedAndCounted() {
        at(KeyCode.DIGIT5);
        maker.clickOn("#wood-sheets");
        settle();
        maker.clickOn("#sheet-own");
        settle();
        fill("#sheet-name", "old pane");
        assertEquals("old pane", bench.job().stock().sheets().getFirst().name());
        fill("#sheet-price", "30");
        assertEquals(30, bench.job().stock().sheets().getFirst().price());
        type("#field-sheet-trim-0", "12");
        assertEquals(Length.mm(12), bench.job().stock().sheets().getFirst().trim());
        type("#field-sheet-height-0", "540");
        Spinner<?> count = maker.node("#sheet-count", Spinner.class);
        maker.interact(() -> count.decrement(1));
        settle();
        assertTrue(read(".slate").contains("too few"), read(".slate"));
        assertTrue(read("#wood-says").contains("find no place"), read("#wood-says"));
        maker.push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertEquals(2, bench.job().stock().sheets().getFirst().count(), "undone like anything else");
    }

    @Test
    void theRabbetIsCutAnotherWay() {
        at(KeyCode.DIGIT2);
        maker.clickOn("#rabbet-way");
        settle();
        String tableSaw = maker.node("#way-table-saw").getAccessibleText();
        assertEquals("Table saw, two cuts, 2 passes", tableSaw);
        maker.clickOn("#way-table-saw");
        settle();
        maker.push(KeyCode.ESCAPE);
        assertEquals(RabbetWay.TABLE_SAW, bench.job().section().milling().way());
        maker.clickOn("#passes");
        settle();
        assertTrue(read("#pass-step").contains("1 of 2"), read("#pass-step"));
        assertTrue(read(".slate").contains("Blade, height"), read(".slate"));
        maker.clickOn("#pass-next");
        settle();
        maker.clickOn("#pass-back");
        settle();
        assertTrue(read("#pass-step").contains("1 of 2"));
    }

    @Test
    void aReclaimedBoardBringsItsGroove() {
        at(KeyCode.DIGIT2);
        maker.clickOn("#section-blank");
        settle();
        maker.clickOn("#blank-reclaimed-board");
        settle();
        maker.push(KeyCode.ESCAPE);
        assertEquals(RabbetWay.FROM_GROOVE, bench.job().section().milling().way());
        maker.clickOn("#op-1");
        settle();
        maker.clickOn("#op-remove");
        settle();
        assertTrue(bench.job().section().milling().operations().isEmpty(), "the tongue is off already");
    }

    @Test
    void cutsAreMovedEarlierAndLater() {
        at(KeyCode.DIGIT2);
        maker.clickOn("#mill");
        settle();
        maker.clickOn("Groove");
        settle();
        maker.clickOn("#op-earlier");
        settle();
        assertEquals(1, bench.job().section().milling().rabbetAt(), "the rabbet comes after the groove now");
        maker.clickOn("#op-later");
        settle();
        assertEquals(0, bench.job().section().milling().rabbetAt());
        maker.clickOn("#op-face");
        settle();
        maker.clickOn("Back");
        settle();
        type("#field-milled-from-1", "20");
        assertTrue(bench.job().section().milling().operations().getFirst().toString().contains("BACK"));
    }

    @Test
    void aLongSearchCanBeStoppedAndKeepsItsBest() {
        Random random = new Random(4);
        List<Stick> sticks = new ArrayList<>();
        for (int i = 0; i < 9; i++) {
            sticks.add(new Stick("stick " + i, Length.mm(1500 + random.nextInt(2500)), 60,
                    10.0 + random.nextInt(900) / 100.0,
                    List.of()));
        }
        Job job = bench.job().withQuantity(90).withSize(SizeOf.ART, new Opening(Length.mm(611), Length.mm(433)));
        maker.interact(() -> edit(job.withStock(job.stock().withSticks(sticks))));
        maker.interact(bench::stopSearching);
        settle();
        assertFalse(bench.busy().get(), "it stops");
        assertTrue(bench.currentPlan().layout().isComplete(), "with a layout");
        assertFalse(isShown("#stop-search"));
    }

    /** An underscore in a maker's word is shown, and is no sign for a key. */
    @Test
    void whatAMakerNamedIsShownWhole() {
        maker.interact(() -> bench.change("names", job -> job.withTitle("ash_2").withSaw(job.saw().withName("ash_2"))
                .withStock(job.stock().withStick(0, stick -> stick.withName("ash_2").withCount(1))
                        .withBoards(job.stock().boards().stream().map(board -> board.withName("ash_2")).toList())
                        .withSheets(job.stock().sheets().stream().map(sheet -> sheet.withName("ash_2")).toList()))));
        settle();
        int seen = 0;
        for (String mode : List.of("#wood-sticks", "#wood-boards", "#wood-sheets")) {
            at(KeyCode.DIGIT5);
            maker.clickOn(mode);
            settle();
            for (Labeled each : maker.nodes(Labeled.class)) {
                if (each.getText() != null && each.getText().contains("ash_2")) {
                    assertFalse(each.isMnemonicParsing() && !(each instanceof Label),
                            each.getId() + ": " + each.getText());
                    seen++;
                }
            }
        }
        assertTrue(seen >= 2, "names were looked at");
        at(KeyCode.DIGIT6);
        MenuButton saws = maker.node("#saws", MenuButton.class);
        assertFalse(saws.isMnemonicParsing());
    }
}
