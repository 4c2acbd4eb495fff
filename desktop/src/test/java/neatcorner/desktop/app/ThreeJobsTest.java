package neatcorner.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import java.util.List;
import java.util.Objects;
import javafx.geometry.Bounds;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.MouseButton;
import neatcorner.corner.ReinforcementKind;
import neatcorner.desktop.draw.FigureView;
import neatcorner.drawing.Point;
import neatcorner.fitout.SizeOf;
import neatcorner.glueup.Clamp;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.outline.Opening;
import neatcorner.plan.Field;
import neatcorner.station.opening.MatFields;
import neatcorner.station.sticks.SticksFigure;
import neatcorner.stock.Stick;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** Three makers who have never seen the window before, each with a job, from an empty shop to what they came for. */
class ThreeJobsTest extends WindowTest {

    @Override
    boolean isSmall() {
        return true;
    }

    private void isThePrintInCherry() throws Exception {
        Job job = bench.job();
        assertEquals(Units.INCHES, job.units());
        assertEquals(new Opening(Length.inches(11), Length.inches(14)), job.size());
        for (Field shows : MatFields.MAT_SHOWS) {
            assertEquals(Length.inches(2), shows.in(bench.currentPlan()), shows.title());
        }
        assertEquals("black cherry", job.section().wood().name());
        assertEquals(Length.inches(1.5), job.section().width());
        assertEquals(Length.inches(0.75), job.section().thickness());
        assertEquals(List.of(Length.inches(96), Length.inches(60)),
                job.stock().sticks().stream().map(Stick::length).toList());
        assertTrue(bench.currentPlan().canBeMade());
        Path pdf = bench.home().paper().resolve("new-frame.pdf");
        Maker.await(() -> isShown("#notice-text"));
        try (var document = Loader.loadPDF(pdf.toFile())) {
            String text = new PDFTextStripper().getText(document);
            assertTrue(text.contains("black cherry") && text.contains("1 1/2 in"), text);
        }
    }

    /** Counted first with 59. */
    @Test
    void aPrintInCherry() throws Exception {
        settle();
        maker.click("#blank").click("#units-in");
        maker.click("#mat").type("2\n");
        maker.click("#rail-section").click("#wood").click("black cherry");
        maker.click("#station-section #value-face-width").type("1.5\n");
        maker.click("#rail-sticks").click("#add-stick").type("8',5'\n");
        maker.press(KeyCode.P, KeyCombination.CONTROL_DOWN).click("#paper-print");
        isThePrintInCherry();
        assertEquals("10 clicks, 13 keys", maker.toString());
    }

    @Test
    void aPrintInCherryWithoutAMouse() throws Exception {
        settle();
        maker.press(KeyCode.N, KeyCombination.CONTROL_DOWN);
        find(maker, "inches");
        find(maker, "mat").type("2\n").press(KeyCode.ESCAPE);
        find(maker, "cherry");
        find(maker, "face width").type("1.5\n");
        find(maker, "add st").type("8',5'\n");
        maker.press(KeyCode.P, KeyCombination.CONTROL_DOWN).press(KeyCode.ENTER);
        isThePrintInCherry();
        assertEquals("0 clicks, 57 keys", maker.toString());
    }

    private static Maker find(Maker maker, String what) {
        return maker.press(KeyCode.K, KeyCombination.CONTROL_DOWN).type(what + "\n");
    }

    /** Counted first with 67. */
    @Test
    void sixInOak() throws Exception {
        settle();
        maker.click("#blank").click("#standard-sizes").click("50 × 70 cm").click("#quantity").type("6\n");
        maker.click("#rail-section").click("#wood").click("white oak");
        maker.click("#rail-corners").click("#hold-spline");
        maker.click("#rail-sticks").click("#add-stick").type("10x3000\n");
        knot(maker, 0, 900);
        knot(maker, 0, 2100);
        maker.click("#rail-glue_up").click("#holding").click("#holding-band");
        maker.click("#glue-days").click("#day-shop").click("#fewer-bands");
        Job job = bench.job();
        assertEquals(new Opening(Length.mm(500), Length.mm(700)), job.size());
        assertEquals(6, job.quantity());
        assertEquals("white oak", job.section().wood().name());
        assertEquals(ReinforcementKind.SPLINE, job.reinforcement().getFirst().kind());
        assertEquals(10, job.stock().sticks().stream().mapToInt(Stick::count).sum());
        assertEquals(2, job.stock().sticks().stream().filter(stick -> !stick.defects().isEmpty())
                .mapToInt(Stick::count).sum());
        assertTrue(bench.currentPlan().canBeMade());
        assertEquals(2, bench.shop().count(Clamp.Kind.BAND));
        Maker.await(() -> !bench.premises().day().busy().get());
        settle();
        assertTrue(read("#day-end").contains("All done"), read("#day-end"));
        assertEquals(6, Objects.requireNonNull(bench.premises().day().shown().get()).chains().size());
        assertEquals("19 clicks, 10 keys", maker.toString());
    }

    /** Drags along a stick, from here for five centimetres. */
    private void knot(Maker maker, int row, double from) {
        FigureView view = maker.node("#station-sticks .figure-view", FigureView.class);
        Bounds screen = Objects.requireNonNull(view.localToScreen(view.getBoundsInLocal()));
        double y = SticksFigure.rows(bench.currentPlan()).get(row).box().center().y();
        Point a = view.toView(from, y);
        Point b = view.toView(from + 50, y);
        maker.moveTo(screen.getMinX() + a.x(), screen.getMinY() + a.y()).press(MouseButton.PRIMARY)
                .moveTo(screen.getMinX() + b.x(), screen.getMinY() + b.y()).release(MouseButton.PRIMARY);
        maker.dragged();
    }

    /** Counted first with 53. */
    @Test
    void whichEndToShave() throws Exception {
        settle();
        maker.interact(() -> bench.change("frame", job -> job.withSize(SizeOf.OUTSIDE,
                new Opening(Length.mm(451), Length.mm(613)))));
        settle();
        maker.click("#rail-saw").click("#saw-dry-fit");
        maker.click("#value-gap-0-1").type(".4\t\t.5\t\t.2\n");
        maker.click("#value-diagonal-first").type("760\t762\n");
        assertTrue(read("#saw-says").contains("take 0.14 mm off the heel of every end"),
                read("#saw-says"));
        assertEquals("4 clicks, 19 keys", maker.toString());
    }
}
