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
import javafx.stage.Stage;
import neatcorner.fitout.SizeOf;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.outline.Opening;
import neatcorner.section.RabbetWay;
import neatcorner.stock.Sheet;
import neatcorner.stock.Stick;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** The rack with all that lies on it, the shop's shelf of offcuts, and searches that take long. */
class RackTest extends WindowTest {

    @Start
    void start(Stage opened) throws Exception {
        open(opened);
    }

    private void fill(FxRobot robot, String field, String text) {
        TextInputControl input = robot.lookup(field).queryTextInputControl();
        robot.interact(() -> {
            input.requestFocus();
            input.setText(text);
        });
        robot.push(KeyCode.ENTER);
        settle();
    }

    @Test
    void aBoardIsRenamedPricedCountedAndRemoved(FxRobot robot) {
        at(robot, KeyCode.DIGIT5);
        robot.clickOn("#wood-boards");
        settle();
        robot.clickOn("#thing-board-0");
        settle();
        fill(robot, "#board-name", "wide plank");
        assertEquals("wide plank", bench.job().stock().boards().getFirst().name());
        fill(robot, "#board-price", "41,5");
        assertEquals(41.5, bench.job().stock().boards().getFirst().price());
        fill(robot, "#board-price", "much");
        assertEquals(41.5, bench.job().stock().boards().getFirst().price());
        fill(robot, "#board-price", "");
        assertNull(bench.job().stock().boards().getFirst().price());
        Spinner<?> count = robot.lookup("#board-count").queryAs(Spinner.class);
        robot.interact(() -> count.increment(2));
        settle();
        assertEquals(3, bench.job().stock().boards().getFirst().count());
        type(robot, "#field-board-bow-0", "9");
        assertEquals(Length.mm(9), bench.job().stock().boards().getFirst().bow());
        robot.clickOn("#board-picker");
        settle();
        robot.clickOn("2  thick ash");
        settle();
        assertTrue(read(robot, "#board-own").startsWith("thick ash"));
        robot.clickOn("#board-own");
        settle();
        assertEquals("thick ash", robot.lookup("#board-name").queryTextInputControl().getText());
        assertTrue(read(robot, "#wood-says").contains("resaw 2 layers"), read(robot, "#wood-says"));
        assertTrue(read(robot, "#station-sticks").contains("lead"), "the caution stands where the work is");
    }

    @Test
    void whatIsLeftOfASheetIsKeptInTheShopAndTakenForAnotherJob(FxRobot robot) {
        settle();
        at(robot, KeyCode.DIGIT5);
        robot.clickOn("#wood-sheets");
        settle();
        List<Sheet> before = bench.job().stock().sheets();
        List<Sheet> shop = bench.shop().sheets();
        settle();
        robot.clickOn("#sheets-more");
        robot.clickOn("#sheets-cut");
        settle();
        List<Sheet> kept = bench.shop().sheets();
        assertTrue(kept.size() > shop.size());
        assertTrue(kept.getLast().name().startsWith("left of "), kept.getLast().name());
        int left = bench.job().stock().sheets().stream().mapToInt(Sheet::count).sum();
        assertTrue(left < before.stream().mapToInt(Sheet::count).sum(), "what was cut is off the rack");
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertEquals(before, bench.job().stock().sheets());
        assertEquals(shop, bench.shop().sheets(), "both in one step");
        robot.push(KeyCode.CONTROL, KeyCode.Y);
        settle();
        assertEquals(kept, bench.shop().sheets());
        Sheet first = kept.stream().filter(sheet -> sheet.material().equals("glass")).findFirst().orElseThrow();
        robot.clickOn("#sheets-more");
        robot.clickOn("Take " + first.name() + ", " + bench.notation().get().text(first.width()) + " × "
                + bench.notation().get().text(first.height()));
        settle();
        assertEquals(first, bench.job().stock().sheets().getFirst());
        assertEquals(kept.size() - 1, bench.shop().sheets().size());
    }

    @Test
    void sheetsAreCutForSeveralJobsTogether(FxRobot robot) {
        settle();
        at(robot, KeyCode.DIGIT5);
        robot.clickOn("#wood-sheets");
        settle();
        robot.clickOn("#sheets-more");
        settle();
        robot.clickOn("Cut together with Tide chart, sheet 4");
        settle();
        assertTrue(read(robot, ".slate").contains("Glass for 2"), read(robot, ".slate"));
        assertTrue(read(robot, "#wood-says").contains("2 is Tide chart, sheet 4"), read(robot, "#wood-says"));
    }

    @Test
    void aSheetIsRenamedPricedTrimmedAndCounted(FxRobot robot) {
        at(robot, KeyCode.DIGIT5);
        robot.clickOn("#wood-sheets");
        settle();
        robot.clickOn("#sheet-own");
        settle();
        fill(robot, "#sheet-name", "old pane");
        assertEquals("old pane", bench.job().stock().sheets().getFirst().name());
        fill(robot, "#sheet-price", "30");
        assertEquals(30, bench.job().stock().sheets().getFirst().price());
        type(robot, "#field-sheet-trim-0", "12");
        assertEquals(Length.mm(12), bench.job().stock().sheets().getFirst().trim());
        type(robot, "#field-sheet-height-0", "540");
        Spinner<?> count = robot.lookup("#sheet-count").queryAs(Spinner.class);
        robot.interact(() -> count.decrement(1));
        settle();
        assertTrue(read(robot, ".slate").contains("too few"), read(robot, ".slate"));
        assertTrue(read(robot, "#wood-says").contains("find no place"), read(robot, "#wood-says"));
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertEquals(2, bench.job().stock().sheets().getFirst().count(), "undone like anything else");
    }

    @Test
    void theRabbetIsCutAnotherWay(FxRobot robot) {
        at(robot, KeyCode.DIGIT2);
        robot.clickOn("#rabbet-way");
        settle();
        String tableSaw = robot.lookup("#way-table-saw").query().getAccessibleText();
        assertEquals("Table saw, two cuts, 2 passes", tableSaw);
        robot.clickOn("#way-table-saw");
        settle();
        robot.push(KeyCode.ESCAPE);
        assertEquals(RabbetWay.TABLE_SAW, bench.job().section().milling().way());
        robot.clickOn("#passes");
        settle();
        assertTrue(read(robot, "#pass-step").contains("1 of 2"), read(robot, "#pass-step"));
        assertTrue(read(robot, ".slate").contains("Blade, height"), read(robot, ".slate"));
        robot.clickOn("#pass-next");
        settle();
        robot.clickOn("#pass-back");
        settle();
        assertTrue(read(robot, "#pass-step").contains("1 of 2"));
    }

    @Test
    void aReclaimedBoardBringsItsGroove(FxRobot robot) {
        at(robot, KeyCode.DIGIT2);
        robot.clickOn("#section-blank");
        settle();
        robot.clickOn("#blank-reclaimed-board");
        settle();
        robot.push(KeyCode.ESCAPE);
        assertEquals(RabbetWay.FROM_GROOVE, bench.job().section().milling().way());
        robot.clickOn("#op-1");
        settle();
        robot.clickOn("#op-remove");
        settle();
        assertTrue(bench.job().section().milling().operations().isEmpty(), "the tongue is off already");
    }

    @Test
    void cutsAreMovedEarlierAndLater(FxRobot robot) {
        at(robot, KeyCode.DIGIT2);
        robot.clickOn("#mill");
        settle();
        robot.clickOn("Groove");
        settle();
        robot.clickOn("#op-earlier");
        settle();
        assertEquals(1, bench.job().section().milling().rabbetAt(), "the rabbet comes after the groove now");
        robot.clickOn("#op-later");
        settle();
        assertEquals(0, bench.job().section().milling().rabbetAt());
        robot.clickOn("#op-face");
        settle();
        robot.clickOn("Back");
        settle();
        type(robot, "#field-milled-from-1", "20");
        assertTrue(bench.job().section().milling().operations().getFirst().toString().contains("BACK"));
    }

    @Test
    void aLongSearchCanBeStoppedAndKeepsItsBest(FxRobot robot) {
        Random random = new Random(4);
        List<Stick> sticks = new ArrayList<>();
        for (int i = 0; i < 9; i++) {
            sticks.add(new Stick("stick " + i, Length.mm(1500 + random.nextInt(2500)), 60,
                    10.0 + random.nextInt(900) / 100.0,
                    List.of()));
        }
        Job job = bench.job().withQuantity(90).withSize(SizeOf.ART, new Opening(Length.mm(611), Length.mm(433)));
        robot.interact(() -> edit(job.withStock(job.stock().withSticks(sticks))));
        robot.interact(bench::stopSearching);
        settle();
        assertFalse(bench.busy().get(), "it stops");
        assertTrue(bench.currentPlan().layout().isComplete(), "with a layout");
        assertFalse(isShown(robot, "#stop-search"));
    }

    /** An underscore in a maker's word is shown, and is no sign for a key. */
    @Test
    void whatAMakerNamedIsShownWhole(FxRobot robot) {
        robot.interact(() -> bench.change("names", job -> job.withTitle("ash_2").withSaw(job.saw().withName("ash_2"))
                .withStock(job.stock().withStick(0, stick -> stick.withName("ash_2").withCount(1))
                        .withBoards(job.stock().boards().stream().map(board -> board.withName("ash_2")).toList())
                        .withSheets(job.stock().sheets().stream().map(sheet -> sheet.withName("ash_2")).toList()))));
        settle();
        int seen = 0;
        for (String mode : List.of("#wood-sticks", "#wood-boards", "#wood-sheets")) {
            at(robot, KeyCode.DIGIT5);
            robot.clickOn(mode);
            settle();
            for (Labeled each : robot.lookup(node -> node instanceof Labeled).<Labeled>queryAll()) {
                if (each.getText() != null && each.getText().contains("ash_2")) {
                    assertFalse(each.isMnemonicParsing() && !(each instanceof Label),
                            each.getId() + ": " + each.getText());
                    seen++;
                }
            }
        }
        assertTrue(seen >= 2, "names were looked at");
        at(robot, KeyCode.DIGIT6);
        MenuButton saws = robot.lookup("#saws").queryAs(MenuButton.class);
        assertFalse(saws.isMnemonicParsing());
    }
}
