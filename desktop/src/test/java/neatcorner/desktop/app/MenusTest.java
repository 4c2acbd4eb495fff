package neatcorner.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Labeled;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.Spinner;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import neatcorner.desktop.desk.AtOnce;
import neatcorner.desktop.desk.Settings;
import neatcorner.desktop.draw.FigureView;
import neatcorner.drawing.Point;
import neatcorner.exchange.paper.PaperSize;
import neatcorner.fitout.Layer;
import neatcorner.fitout.SizeOf;
import neatcorner.measure.Length;
import neatcorner.measure.ReadingStep;
import neatcorner.measure.Spelling;
import org.junit.jupiter.api.Test;

/** Menus and controls above the drawings. */
class MenusTest extends WindowTest {

    /** Opens a menu and takes an item by the start of its words, through submenus where there are any. */
    private void take(String button, String... words) {
        MenuButton menu = maker.node(button, MenuButton.class);
        maker.clickOn(button);
        settle();
        List<MenuItem> items = List.copyOf(menu.getItems());
        for (int depth = 0; depth < words.length; depth++) {
            String wanted = words[depth];
            MenuItem item = items.stream().filter(each -> String.valueOf(each.getText()).startsWith(wanted)).findFirst()
                    .orElseThrow(() -> new AssertionError("no item " + wanted));
            if (item instanceof Menu inner && depth < words.length - 1) {
                items = List.copyOf(inner.getItems());
            } else {
                maker.interact(() -> {
                    if (item instanceof CheckMenuItem check) {
                        check.setSelected(!check.isSelected());
                    }
                    item.fire();
                });
            }
        }
        maker.interact(menu::hide);
        settle();
    }

    private void more() {
        if (!isShown("#opening-more-card")) {
            maker.clickOn("#opening-more");
        }
    }

    @Test
    void withLargerTextTheDrawingsLabelsAndLettersAreLargerAndStillHitWhatTheyAreAt() {
        settle();
        FigureView view = maker.node("#station-opening .figure-view", FigureView.class);
        Canvas canvas = (Canvas) view.getChildrenUnmodifiable().getFirst();
        assertEquals(1, canvas.getGraphicsContext2D().getTransform().getMxx());
        take("#preferences", "Text size", "130 %");
        assertEquals(1.3, canvas.getGraphicsContext2D().getTransform().getMxx(), 1e-6);
        Point there = view.toView(200, 100);
        assertEquals(200, view.toFigure(there.x(), there.y()).x(), 1e-6);
        Node knob = maker.node("#knob-art-width");
        Bounds at = knob.getBoundsInParent();
        double edge = view.toFigure(at.getCenterX(), at.getCenterY()).x();
        take("#preferences", "Text size", "100 %");
        at = knob.getBoundsInParent();
        assertEquals(edge, view.toFigure(at.getCenterX(), at.getCenterY()).x(), 1,
                "the knob is at the same place of the frame");
    }

    @Test
    void aStandardSizeIsTakenLyingDownAsTheArtDoes() {
        settle();
        take("#standard-sizes", "A3");
        assertEquals("420", read("#value-art-width"));
        assertEquals("297", read("#value-art-height"));
        take("#standard-sizes", "16 × 20");
        assertEquals(Length.inches(20), bench.job().size().width());
    }

    @Test
    void theArtIsTurned() {
        settle();
        inCard("#opening-more", "#turn-art");
        settle();
        assertEquals("420", read("#value-art-width"));
        assertEquals("594", read("#value-art-height"));
    }

    @Test
    void aMatIsTakenOutAndPutBackAndShowsTheSameAllRound() {
        settle();
        maker.clickOn("#mat").clickOn("#mat-out");
        settle();
        assertFalse(isShown("#slate-window"));
        assertFalse(isShown("#mat-card"));
        assertEquals("597", read("#value-opening-width"));
        maker.clickOn("#mat");
        settle();
        assertTrue(isShown("#slate-window"));
        assertTrue(bench.job().pack().layers().get(1) instanceof Layer.Mat, "behind the glass, before the art");
        type("#field-mat-even", "60");
        for (String side : List.of("top", "right", "bottom", "left")) {
            assertEquals("60", read("#value-mat-" + side + "-shows"), side);
        }
        maker.push(KeyCode.ESCAPE);
        assertFalse(isShown("#mat-card"));
    }

    @Test
    void oneStartsFromAnyOfFourSizesAndNothingMoves() {
        settle();
        for (SizeOf of : SizeOf.values()) {
            maker.clickOn("#start-" + of.name().toLowerCase(Locale.ROOT));
            settle();
            assertEquals(of, bench.job().sizeOf());
            assertEquals("739", read("#value-outside-width"));
        }
    }

    @Test
    void moreFramesTakeMoreSticks() {
        settle();
        Spinner<?> quantity = maker.node("#quantity", Spinner.class);
        maker.interact(() -> quantity.increment(3));
        settle();
        assertEquals(5, bench.job().quantity());
        assertEquals(20, bench.currentPlan().layout().sticks().stream().mapToInt(stick -> stick.cuts().size()).sum()
                + bench.currentPlan().layout().unplaced());
    }

    @Test
    void anExistingFrameIsAskedWhatFits() {
        settle();
        more();
        take("#what-fits", "A3");
        assertEquals("297", read("#value-art-height"));
        assertEquals("739", read("#value-outside-width"));
        maker.clickOn("#undo");
        settle();
        more();
        take("#what-fits", "Without a mat");
        assertTrue(bench.job().pack().mat().isEmpty());
        assertEquals("739", read("#value-outside-width"));
    }

    @Test
    void theWoodIsChosenOrTyped() {
        at(KeyCode.DIGIT2);
        maker.clickOn("#wood");
        maker.clickOn("black walnut");
        settle();
        assertEquals("black walnut", bench.job().section().wood().name());
        assertTrue(read("#slate-weight-of-the-stick").contains("0.33"),
                read("#slate-weight-of-the-stick"));
        assertEquals("black walnut", read("#wood"));
        maker.clickOn("#wood");
        maker.write("ch");
        assertTrue(read("#wood-card").contains("cherry"), read("#wood-card"));
        assertFalse(read("#wood-card").contains("walnut"), "only what is called so");
        maker.write("erry").push(KeyCode.ENTER);
        settle();
        assertEquals("cherry", bench.job().section().wood().name());
        assertTrue(maker.node("#wood").isFocused());
        maker.push(KeyCode.SPACE).write("bow wood").push(KeyCode.ENTER);
        settle();
        assertEquals("bow wood", bench.job().section().wood().name(), "a wood that nobody knows keeps its name");
    }

    @Test
    void aDoubleRabbetAppearsWithItsSizesAndGoesAgain() {
        at(KeyCode.DIGIT2);
        inCard("#rabbet-way", "#double-rabbet");
        assertEquals("10", read("#value-step-width"));
        type("#value-step-width", "11");
        assertEquals(Length.mm(11), Objects.requireNonNull(bench.job().section().rabbet().step()).width());
        inCard("#rabbet-way", "#double-rabbet");
        assertNull(bench.job().section().rabbet().step());
    }

    @Test
    void layersGoInAndOutOfThePack() {
        at(KeyCode.DIGIT2);
        int before = bench.job().pack().layers().size();
        inCard("#pack", "#pack-in-foam-board");
        assertEquals(before + 1, bench.job().pack().layers().size());
        assertTrue(read("#station-section").length() > 0);
        inCard("#pack", "#pack-out-0");
        assertEquals(before, bench.job().pack().layers().size());
        assertFalse(bench.job().pack().layers().getFirst() instanceof Layer.Glazing);
    }

    @Test
    void preferencesAreTakenAtOnceAndRemembered() {
        settle();
        take("#preferences", "UK words");
        assertEquals(Spelling.UK, bench.notation().get().spelling());
        assertEquals("rebate", maker.node("#start-rabbet", Labeled.class).getText());
        take("#preferences", "Dark");
        assertTrue(stage.getScene().getRoot().getStyleClass().contains("dark"));
        take("#preferences", "Read the rule to", ReadingStep.MM_1.label());
        assertEquals(ReadingStep.MM_1, bench.notation().get().step());
        take("#preferences", "Paper", "Letter");
        take("#preferences", "Paper", "Letter");
        settle();
        maker.clickOn("#preferences");
        settle();
        assertEquals(List.of("Letter"), chosen(maker.node("#preferences", MenuButton.class), "Paper"));
        maker.push(KeyCode.ESCAPE);
        Settings again = new Settings(AtOnce.store(), bench.home(), AtOnce.SAID::add);
        assertTrue(again.isDark() && again.spelling() == Spelling.UK);
        assertEquals(PaperSize.LETTER, again.paper());
    }

    private static List<String> chosen(MenuButton button, String menu) {
        return button.getItems().stream().filter(item -> menu.equals(item.getText()))
                .flatMap(item -> ((Menu) item).getItems().stream())
                .filter(item -> ((RadioMenuItem) item).isSelected()).map(MenuItem::getText).toList();
    }

    @Test
    void atTwiceTheTextSizeEverythingImportantIsStillThere() {
        settle();
        take("#preferences", "Text size", "200 %");
        for (KeyCode digit : List.of(KeyCode.DIGIT1, KeyCode.DIGIT2, KeyCode.DIGIT3, KeyCode.DIGIT4,
                KeyCode.DIGIT5, KeyCode.DIGIT6, KeyCode.DIGIT7)) {
            at(digit);
            assertTrue(maker.nodes(".slate-row").size() > 2);
            FigureView view = maker.node(".station .figure-view", FigureView.class);
            assertTrue(view.getHeight() > 100, "the drawing has " + view.getHeight() + " of room");
        }
        assertEquals(28, maker.node("#title", TextInputControl.class).getFont().getSize() / 1.25, 0.5);
    }

    @Test
    void aTitleIsTypedAndKept() throws Exception {
        settle();
        maker.doubleClickOn("#title").push(KeyCode.CONTROL, KeyCode.A);
        maker.write("Gulls").push(KeyCode.ENTER);
        settle();
        assertEquals("Gulls", bench.job().title());
        var file = bench.file();
        assertTrue(Files.readString(file).contains("Gulls"));
        maker.push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertEquals("Tide chart, sheet 3", bench.job().title());
        assertEquals("Tide chart, sheet 3", maker.node("#title", TextInputControl.class).getText());
        maker.clickOn("#rail-section");
        settle();
        assertEquals("Tide chart, sheet 3", bench.job().title(), "leaving the field does not undo the undo");
    }
}
