package neatcorner.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import neatcorner.exchange.job.JobFile;
import neatcorner.exchange.job.KnownShop;
import neatcorner.glueup.schedule.Chain;
import neatcorner.measure.Units;
import neatcorner.shop.Shop;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** Which jobs are made in the shop's days. */
class DaysTest extends WindowTest {
    @Start
    void start(Stage opened) throws Exception {
        open(opened);
    }

    private List<String> frames() {
        settle();
        return Objects.requireNonNull(bench.day().shown().get()).chains().stream().map(Chain::frame).toList();
    }

    @Test
    void aMakersOwnDaysDoNotBeginWithTheDemoShopsJobs(FxRobot robot) {
        settle();
        robot.clickOn("#blank");
        settle();
        at(robot, KeyCode.DIGIT7);
        robot.clickOn("#glue-days");
        assertEquals(List.of(bench.job().title()), frames());
        robot.clickOn("#day-jobs");
        robot.clickOn("Compass rose");
        robot.clickOn("Signal mirror");
        assertTrue(isShown(robot, "#day-jobs-card"), "several are ticked without opening it again");
        robot.push(KeyCode.TAB).push(KeyCode.SHIFT, KeyCode.TAB).push(KeyCode.SPACE);
        assertEquals(List.of(bench.job().title(), "Compass rose, eight-sided"), frames());
        robot.push(KeyCode.ESCAPE);
        assertFalse(isShown(robot, "#day-jobs-card"));
        assertTrue(robot.lookup("#day-jobs").query().isFocused());
        robot.push(KeyCode.SPACE).push(KeyCode.SPACE);
        assertEquals(List.of(bench.job().title()), frames(), "only this job: the first on the card, by keys");
        robot.clickOn("#day-now");
        assertFalse(isShown(robot, "#day-jobs-card"), "a click elsewhere puts it away");
    }

    @Test
    void theDemoShopsDaysCanBeLookedAtBeforeThereIsAJobOfOnesOwn(FxRobot robot) {
        settle();
        at(robot, KeyCode.DIGIT7);
        robot.clickOn("#glue-days");
        assertTrue(frames().size() > 9, () -> frames().toString());
    }

    /** A day that these days do not keep is said, before anything else, and no more once it is agreed anew. */
    @Test
    void aDueDayThatWillBeMissedIsSaid(FxRobot robot) {
        settle();
        robot.clickOn("#blank");
        settle();
        LocalDate today = bench.day().zoned(bench.day().now()).toLocalDate();
        due(robot, today.minusDays(1));
        at(robot, KeyCode.DIGIT7);
        robot.clickOn("#glue-days");
        frames();
        String slate = read(robot, ".slate");
        int late = slate.indexOf(bench.job().title() + " is due ");
        assertTrue(late >= 0 && late < slate.indexOf("Next: "), slate);
        due(robot, today.plusYears(1));
        frames();
        assertFalse(read(robot, ".slate").contains(" is due "), read(robot, ".slate"));
    }

    /** A job from another shop is in front; its places and hours are not this maker's. */
    @Test
    void theDaysAreThoseOfTheMakersOwnShop(FxRobot robot) throws Exception {
        settle();
        robot.clickOn("#blank");
        settle();
        robot.interact(() -> bench.changeShop("places", shop -> shop.withPlaces(7, 3)));
        settle();
        Path file = folder.resolve("theirs.json");
        JobFile.of(bench.job()).madeIn(new KnownShop(Shop.usual(Units.MILLIMETRES).withPlaces(1, 1), "theirs"))
                .write(file);
        robot.interact(() -> bench.open(file));
        settle();
        assertTrue(bench.document().get().isElsewhere());
        assertEquals(1, bench.shop().bench());
        assertEquals(7, bench.ownShop().bench());
        at(robot, KeyCode.DIGIT7);
        robot.clickOn("#glue-days");
        frames();
        robot.clickOn("#day-shop");
        settle();
        robot.clickOn("#more-bench");
        settle();
        assertEquals(8, bench.ownShop().bench());
        assertEquals(1, bench.shop().bench(), "their shop is as it was when the job was planned");
    }

    private void due(FxRobot robot, LocalDate day) {
        robot.interact(() -> bench.change("due", job -> job.withOrder(job.order().withDue(day))));
        settle();
    }
}
