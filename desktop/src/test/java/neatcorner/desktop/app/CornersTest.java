package neatcorner.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.util.Locale;
import java.util.Objects;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import neatcorner.corner.ReinforcementKind;
import neatcorner.desktop.desk.AtOnce;
import neatcorner.desktop.desk.ShopDay;
import neatcorner.desktop.desk.ShopTimers;
import neatcorner.glueup.Clamp;
import neatcorner.glueup.schedule.HoursText;
import neatcorner.measure.Length;
import org.junit.jupiter.api.Test;

/** What holds a corner, how it is glued, and when: from a spline that goes too deep to a day that is moved. */
class CornersTest extends WindowTest {

    @Test
    void aSplineTooDeepIsSeenAndItsRemedyTaken() {
        settle();
        at(KeyCode.DIGIT4);
        type("#value-reinforcement-0-size", "36");
        assertTrue(read(".findings").contains("cuts into the rabbet"), read(".findings"));
        assertFalse(bench.currentPlan().canBeMade());
        maker.clickOn("Depth 30.5 mm");
        settle();
        assertEquals(Length.mm(30.5), bench.job().reinforcement().getFirst().size());
        assertTrue(bench.currentPlan().canBeMade());
        maker.clickOn("#hold-also");
        settle();
        maker.clickOn("#hold-v-nail");
        settle();
        assertEquals(2, bench.job().reinforcement().size());
        assertEquals(ReinforcementKind.V_NAIL, bench.job().reinforcement().get(1).kind());
        assertFalse(read("#corner-says").isEmpty());
        Bounds spline = maker.node("#thing-hold-0").localToScreen(
                maker.node("#thing-hold-0").getBoundsInLocal());
        maker.clickOn(spline.getMinX() + spline.getWidth() * 0.1, spline.getMinY() + spline.getHeight() * 0.8);
        settle();
        assertTrue(isShown("#hold-card"), "beside the spline");
        assertTrue(read("#hold-card").contains("Spline"), read("#hold-card"));
        maker.push(KeyCode.ESCAPE);
        assertFalse(isShown("#hold-card"));
        maker.clickOn("#hold-chip-1");
        maker.clickOn("#hold-remove");
        settle();
        assertEquals(1, bench.job().reinforcement().size());
        maker.clickOn("#compare");
        settle();
        maker.clickOn("#take-way");
        settle();
        assertEquals(ReinforcementKind.PIN, bench.job().reinforcement().getFirst().kind());
        maker.push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertEquals(ReinforcementKind.SPLINE, bench.job().reinforcement().getFirst().kind());
        assertEquals("undone: way to join", read("#undone"));
        maker.push(KeyCode.CONTROL, KeyCode.Y);
        settle();
        assertEquals("", read("#undone").strip());
    }

    @Test
    void diagonalsAreEnteredAndAWaitIsTimed() {
        settle();
        at(KeyCode.DIGIT7);
        type("#value-diagonal-first", "938");
        type("#value-diagonal-second", "935");
        assertTrue(read(".slate").contains("Pull in"), read(".slate"));
        assertTrue(read(".slate").contains("1.5"));
        maker.clickOn("#timer-3");
        settle();
        assertTrue(read("#timers").contains("step 3"), read("#timers"));
        ShopTimers again = new ShopTimers(AtOnce.store(), bench.home().timers(), clock,
                AtOnce.SAID::add);
        assertEquals(1, again.all().size(), "the timer would be there after a restart");
        maker.push(KeyCode.F11);
        settle();
        assertTrue(read("#glue-bench").contains("hole"), read("#glue-bench"));
        maker.push(KeyCode.SPACE);
        maker.push(KeyCode.SPACE);
        settle();
        assertTrue(read("#glue-bench-step").contains("Size the end grain"));
        maker.push(KeyCode.ESCAPE);
        settle();
        assertFalse(isShown("#glue-bench"));
    }

    @Test
    void aStepIsDraggedAndTheDayLaidOutAnew() throws Exception {
        settle();
        at(KeyCode.DIGIT7);
        maker.clickOn("#glue-days");
        waitForDays();
        assertTrue(read("#day-now").startsWith("Now: "), read("#day-now"));
        assertTrue(read("#day-end").contains("All done"), read("#day-end"));
        Node block = maker.node("#step-0-0");
        long before = start(0);
        maker.drag(block).moveBy(180, 0);
        settle();
        double inHand = block.localToScene(0, 0).getX();
        maker.interact(() -> bench.premises().day().include(bench.file(), false));
        waitForDays();
        assertEquals(inHand, block.localToScene(0, 0).getX(), "what is laid out meanwhile takes nothing from the hand");
        maker.drop();
        waitForDays();
        assertTrue(read("#day-chosen").contains("held at this time"), read("#day-chosen"));
        String frame = days().chains().getFirst().frame();
        assertTrue(days().progress().isWantedLater(frame, 0), frame + " in " + days().progress());
        assertTrue(start(0) > before + 60, start(0) + " after " + before);
        maker.clickOn("#day-done");
        waitForDays();
        assertTrue(days().progress().done().values().stream()
                .anyMatch(times -> times.size() == 1));
        assertTrue(read(".slate").contains("Next: ") && read(".slate").contains("Then: ")
                && read(".slate").contains("All done"), read(".slate"));
        maker.clickOn("#day-shop");
        settle();
        maker.clickOn("#fewer-bands");
        settle();
        assertEquals(2, bench.shop().count(Clamp.Kind.BAND));
        maker.push(KeyCode.ESCAPE);
        maker.clickOn("#day-calendar");
        settle();
        assertTrue(Files.exists(bench.home().paper().resolve("shop-days.ics")));
        maker.clickOn("#day-shop");
        settle();
        maker.clickOn("#day-hours");
        maker.push(KeyCode.CONTROL, KeyCode.A);
        maker.write("sometimes");
        maker.push(KeyCode.ENTER);
        settle();
        assertTrue(read("#day-shop-card").contains("a day or days come first"), read("#day-shop-card"));
        maker.push(KeyCode.CONTROL, KeyCode.A);
        maker.write("tue-wed 8-12").push(KeyCode.TAB);
        settle();
        assertEquals("tue-wed 8-12", HoursText.write(bench.shop().hours()), "taken on leaving, too");
        maker.clickOn("#glue-jigs");
        settle();
        assertTrue(read("#jig-cuts").contains("4 × Block"), read("#jig-cuts"));
        maker.clickOn("#jig");
        settle();
        String sled = maker.node("#jig-sled").getAccessibleText();
        assertTrue(sled.contains("parts"), sled);
        maker.clickOn("#jig-sled");
        settle();
        maker.push(KeyCode.ESCAPE);
        assertTrue(read("#jig").toLowerCase(Locale.ROOT).contains("sled"), read("#jig"));
        assertFalse(read("#jig-cuts").contains("4 × Block"), read("#jig-cuts"));
        maker.clickOn("#jig-templates");
        settle();
        assertTrue(read(".notice").contains("Templates are in"));
    }

    private void waitForDays() throws Exception {
        do {
            Maker.await(() -> !bench.premises().day().busy().get()
                    && bench.premises().day().shown().get() != null);
            settle();
        } while (bench.premises().day().busy().get());
    }

    private ShopDay.Shown days() {
        return Objects.requireNonNull(bench.premises().day().shown().get());
    }

    /** Minute at which the first step of a frame starts. */
    private long start(int chain) {
        return days().rest().schedule().steps().stream().filter(step -> step.chain() == chain).findFirst().orElseThrow()
                .start();
    }
}
