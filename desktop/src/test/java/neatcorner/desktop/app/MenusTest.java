package neatcorner.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotNull;
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
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.Spinner;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
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
import neatcorner.plan.Station;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** Menus and controls above the drawings. */
class MenusTest extends WindowTest {

    @Start
    void start(Stage opened) throws Exception {
        open(opened);
    }

    /** Opens a menu and takes an item by the start of its words, through submenus where there are any. */
    private void take(FxRobot robot, String button, String... words) {
        MenuButton menu = robot.lookup(button).queryAs(MenuButton.class);
        robot.clickOn(button);
        settle();
        List<MenuItem> items = List.copyOf(menu.getItems());
        for (int depth = 0; depth < words.length; depth++) {
            String wanted = words[depth];
            MenuItem item = items.stream().filter(each -> String.valueOf(each.getText()).startsWith(wanted)).findFirst()
                    .orElseThrow(() -> new AssertionError("no item " + wanted));
            if (item instanceof Menu inner && depth < words.length - 1) {
                items = List.copyOf(inner.getItems());
            } else {
                robot.interact(() -> {
                    if (item instanceof CheckMenuItem check) {
                        check.setSelected(!check.isSelected());
                    }
                    item.fire();
                });
            }
        }
        robot.interact(menu::hide);
        settle();
    }

    private void more(FxRobot robot) {
        if (!isShown(robot, "#opening-more-card")) {
            robot.clickOn("#opening-more");
        }
    }

    @Test
    void withLargerTextTheDrawingsLabelsAndLettersAreLargerAndStillHitWhatTheyAreAt(FxRobot robot) {
        settle();
        FigureView view = robot.lookup("#station-opening .figure-view").queryAs(FigureView.class);
        Canvas canvas = (Canvas) view.getChildrenUnmodifiable().getFirst();
        assertEquals(1, canvas.getGraphicsContext2D().getTransform().getMxx());
        take(robot, "#preferences", "Text size", "130 %");
        assertEquals(1.3, canvas.getGraphicsContext2D().getTransform().getMxx(), 1e-6);
        Point there = view.toView(200, 100);
        assertEquals(200, view.toFigure(there.x(), there.y()).x(), 1e-6);
        Node knob = robot.lookup("#knob-art-width").query();
        Bounds at = knob.getBoundsInParent();
        double edge = view.toFigure(at.getCenterX(), at.getCenterY()).x();
        take(robot, "#preferences", "Text size", "100 %");
        at = knob.getBoundsInParent();
        assertEquals(edge, view.toFigure(at.getCenterX(), at.getCenterY()).x(), 1,
                "the knob is at the same place of the frame");
    }

    @Test
    void aStandardSizeIsTakenLyingDownAsTheArtDoes(FxRobot robot) {
        settle();
        take(robot, "#standard-sizes", "A3");
        assertEquals("420", read(robot, "#value-art-width"));
        assertEquals("297", read(robot, "#value-art-height"));
        take(robot, "#standard-sizes", "16 × 20");
        assertEquals(Length.inches(20), bench.job().size().width());
    }

    @Test
    void theArtIsTurned(FxRobot robot) {
        settle();
        inCard(robot, "#opening-more", "#turn-art");
        settle();
        assertEquals("420", read(robot, "#value-art-width"));
        assertEquals("594", read(robot, "#value-art-height"));
    }

    @Test
    void aMatIsTakenOutAndPutBackAndShowsTheSameAllRound(FxRobot robot) {
        settle();
        robot.clickOn("#mat").clickOn("#mat-out");
        settle();
        assertFalse(isShown(robot, "#slate-window"));
        assertFalse(isShown(robot, "#mat-card"));
        assertEquals("597", read(robot, "#value-opening-width"));
        robot.clickOn("#mat");
        settle();
        assertTrue(isShown(robot, "#slate-window"));
        assertTrue(bench.job().pack().layers().get(1) instanceof Layer.Mat, "behind the glass, before the art");
        type(robot, "#field-mat-even", "60");
        for (String side : List.of("top", "right", "bottom", "left")) {
            assertEquals("60", read(robot, "#value-mat-" + side + "-shows"), side);
        }
        robot.push(KeyCode.ESCAPE);
        assertFalse(isShown(robot, "#mat-card"));
    }

    @Test
    void oneStartsFromAnyOfFourSizesAndNothingMoves(FxRobot robot) {
        settle();
        for (SizeOf of : SizeOf.values()) {
            robot.clickOn("#start-" + of.name().toLowerCase(Locale.ROOT));
            settle();
            assertEquals(of, bench.job().sizeOf());
            assertEquals("739", read(robot, "#value-outside-width"));
        }
    }

    @Test
    void moreFramesTakeMoreSticks(FxRobot robot) {
        settle();
        Spinner<?> quantity = robot.lookup("#quantity").queryAs(Spinner.class);
        robot.interact(() -> quantity.increment(3));
        settle();
        assertEquals(5, bench.job().quantity());
        assertEquals(20, bench.currentPlan().layout().sticks().stream().mapToInt(stick -> stick.cuts().size()).sum()
                + bench.currentPlan().layout().unplaced());
    }

    @Test
    void anExistingFrameIsAskedWhatFits(FxRobot robot) {
        settle();
        more(robot);
        take(robot, "#what-fits", "A3");
        assertEquals("297", read(robot, "#value-art-height"));
        assertEquals("739", read(robot, "#value-outside-width"));
        robot.clickOn("#undo");
        settle();
        more(robot);
        take(robot, "#what-fits", "Without a mat");
        assertTrue(bench.job().pack().mat().isEmpty());
        assertEquals("739", read(robot, "#value-outside-width"));
    }

    @Test
    void theWoodIsChosenOrTyped(FxRobot robot) {
        at(robot, KeyCode.DIGIT2);
        robot.clickOn("#wood");
        robot.clickOn("black walnut");
        settle();
        assertEquals("black walnut", bench.job().section().wood().name());
        assertTrue(read(robot, "#slate-weight-of-the-stick").contains("0.33"),
                read(robot, "#slate-weight-of-the-stick"));
        assertEquals("black walnut", read(robot, "#wood"));
        robot.clickOn("#wood");
        robot.write("ch");
        assertTrue(read(robot, "#wood-card").contains("cherry"), read(robot, "#wood-card"));
        assertFalse(read(robot, "#wood-card").contains("walnut"), "only what is called so");
        robot.write("erry").push(KeyCode.ENTER);
        settle();
        assertEquals("cherry", bench.job().section().wood().name());
        assertTrue(robot.lookup("#wood").query().isFocused());
        robot.push(KeyCode.SPACE).write("bow wood").push(KeyCode.ENTER);
        settle();
        assertEquals("bow wood", bench.job().section().wood().name(), "a wood that nobody knows keeps its name");
    }

    @Test
    void aDoubleRabbetAppearsWithItsSizesAndGoesAgain(FxRobot robot) {
        at(robot, KeyCode.DIGIT2);
        inCard(robot, "#rabbet-way", "#double-rabbet");
        assertEquals("10", read(robot, "#value-step-width"));
        type(robot, "#value-step-width", "11");
        assertEquals(Length.mm(11), Objects.requireNonNull(bench.job().section().rabbet().step()).width());
        inCard(robot, "#rabbet-way", "#double-rabbet");
        assertNull(bench.job().section().rabbet().step());
    }

    @Test
    void layersGoInAndOutOfThePack(FxRobot robot) {
        at(robot, KeyCode.DIGIT2);
        int before = bench.job().pack().layers().size();
        inCard(robot, "#pack", "#pack-in-foam-board");
        assertEquals(before + 1, bench.job().pack().layers().size());
        assertTrue(read(robot, "#station-section").length() > 0);
        inCard(robot, "#pack", "#pack-out-0");
        assertEquals(before, bench.job().pack().layers().size());
        assertFalse(bench.job().pack().layers().getFirst() instanceof Layer.Glazing);
    }

    @Test
    void preferencesAreTakenAtOnceAndRemembered(FxRobot robot) {
        settle();
        take(robot, "#preferences", "UK words");
        assertEquals(Spelling.UK, bench.notation().get().spelling());
        assertEquals("rebate", robot.lookup("#start-rabbet").queryLabeled().getText());
        take(robot, "#preferences", "Dark");
        assertTrue(stage.getScene().getRoot().getStyleClass().contains("dark"));
        take(robot, "#preferences", "Read the rule to", ReadingStep.MM_1.label());
        assertEquals(ReadingStep.MM_1, bench.notation().get().step());
        take(robot, "#preferences", "Paper", "Letter");
        take(robot, "#preferences", "Paper", "Letter");
        settle();
        robot.clickOn("#preferences");
        settle();
        assertEquals(List.of("Letter"), chosen(robot.lookup("#preferences").queryAs(MenuButton.class), "Paper"));
        robot.push(KeyCode.ESCAPE);
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
    void atTwiceTheTextSizeEverythingImportantIsStillThere(FxRobot robot) {
        settle();
        take(robot, "#preferences", "Text size", "200 %");
        for (KeyCode digit : List.of(KeyCode.DIGIT1, KeyCode.DIGIT2, KeyCode.DIGIT3, KeyCode.DIGIT4,
                KeyCode.DIGIT5, KeyCode.DIGIT6, KeyCode.DIGIT7)) {
            at(robot, digit);
            assertTrue(robot.lookup(".slate-row").queryAll().size() > 2);
            FigureView view = robot.lookup(".station .figure-view").queryAs(FigureView.class);
            assertTrue(view.getHeight() > 100, "the drawing has " + view.getHeight() + " of room");
        }
        assertEquals(28, robot.lookup("#title").queryTextInputControl().getFont().getSize() / 1.25, 0.5);
    }

    @Test
    void aTitleIsTypedAndKept(FxRobot robot) throws Exception {
        settle();
        robot.doubleClickOn("#title").push(KeyCode.CONTROL, KeyCode.A);
        robot.write("Gulls").push(KeyCode.ENTER);
        settle();
        assertEquals("Gulls", bench.job().title());
        var file = bench.file();
        assertTrue(Files.readString(file).contains("Gulls"));
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertEquals("Tide chart, sheet 3", bench.job().title());
        assertEquals("Tide chart, sheet 3", robot.lookup("#title").queryTextInputControl().getText());
        robot.clickOn("#rail-section");
        settle();
        assertEquals("Tide chart, sheet 3", bench.job().title(), "leaving the field does not undo the undo");
    }
}
