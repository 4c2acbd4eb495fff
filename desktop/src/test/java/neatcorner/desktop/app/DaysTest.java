package neatcorner.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import javafx.scene.input.KeyCode;
import neatcorner.exchange.job.JobFile;
import neatcorner.exchange.job.KnownShop;
import neatcorner.glueup.schedule.Chain;
import neatcorner.measure.Units;
import neatcorner.shop.Shop;
import org.junit.jupiter.api.Test;

/** Which jobs are made in the shop's days. */
class DaysTest extends WindowTest {

    private List<String> frames() {
        settle();
        return Objects.requireNonNull(bench.premises().day().shown().get()).chains().stream().map(Chain::frame)
                .toList();
    }

    @Test
    void aMakersOwnDaysDoNotBeginWithTheDemoShopsJobs() {
        settle();
        maker.clickOn("#blank");
        settle();
        at(KeyCode.DIGIT7);
        maker.clickOn("#glue-days");
        assertEquals(List.of(bench.job().title()), frames());
        maker.clickOn("#day-jobs");
        maker.clickOn("Compass rose");
        maker.clickOn("Signal mirror");
        assertTrue(isShown("#day-jobs-card"), "several are ticked without opening it again");
        maker.push(KeyCode.TAB).push(KeyCode.SHIFT, KeyCode.TAB).push(KeyCode.SPACE);
        assertEquals(List.of(bench.job().title(), "Compass rose, eight-sided"), frames());
        maker.push(KeyCode.ESCAPE);
        assertFalse(isShown("#day-jobs-card"));
        assertTrue(maker.node("#day-jobs").isFocused());
        maker.push(KeyCode.SPACE).push(KeyCode.SPACE);
        assertEquals(List.of(bench.job().title()), frames(), "only this job: the first on the card, by keys");
        maker.clickOn("#day-now");
        assertFalse(isShown("#day-jobs-card"), "a click elsewhere puts it away");
    }

    @Test
    void theDemoShopsDaysCanBeLookedAtBeforeThereIsAJobOfOnesOwn() {
        settle();
        at(KeyCode.DIGIT7);
        maker.clickOn("#glue-days");
        assertTrue(frames().size() > 9, () -> frames().toString());
    }

    /** A day that these days do not keep is said, before anything else, and no more once it is agreed anew. */
    @Test
    void aDueDayThatWillBeMissedIsSaid() {
        settle();
        maker.clickOn("#blank");
        settle();
        LocalDate today = bench.premises().day().zoned(bench.premises().day().now()).toLocalDate();
        due(today.minusDays(1));
        at(KeyCode.DIGIT7);
        maker.clickOn("#glue-days");
        frames();
        String slate = read(".slate");
        int late = slate.indexOf(bench.job().title() + " is due ");
        assertTrue(late >= 0 && late < slate.indexOf("Next: "), slate);
        due(today.plusYears(1));
        frames();
        assertFalse(read(".slate").contains(" is due "), read(".slate"));
    }

    /** A job from another shop is in front; its places and hours are not this maker's. */
    @Test
    void theDaysAreThoseOfTheMakersOwnShop() throws Exception {
        settle();
        maker.clickOn("#blank");
        settle();
        maker.interact(() -> bench.changeShop("places", shop -> shop.withPlaces(7, 3)));
        settle();
        Path file = folder.resolve("theirs.json");
        JobFile.of(bench.job()).madeIn(new KnownShop(Shop.usual(Units.MILLIMETRES).withPlaces(1, 1), "theirs"))
                .write(file);
        maker.interact(() -> bench.open(file));
        settle();
        assertTrue(bench.document().get().isElsewhere());
        assertEquals(1, bench.shop().bench());
        assertEquals(7, bench.ownShop().bench());
        at(KeyCode.DIGIT7);
        maker.clickOn("#glue-days");
        frames();
        maker.clickOn("#day-shop");
        settle();
        maker.clickOn("#more-bench");
        settle();
        assertEquals(8, bench.ownShop().bench());
        assertEquals(1, bench.shop().bench(), "their shop is as it was when the job was planned");
    }

    private void due(LocalDate day) {
        maker.interact(() -> bench.change("due", job -> job.withOrder(job.order().withDue(day))));
        settle();
    }
}
