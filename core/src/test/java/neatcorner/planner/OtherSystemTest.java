package neatcorner.planner;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import neatcorner.job.Defaults;
import neatcorner.job.Job;
import neatcorner.job.Jobs;
import neatcorner.job.Preset;
import neatcorner.job.Ring;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.member.Member;
import neatcorner.shop.Shop;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class OtherSystemTest {
    private static final Shop SHOP = Shop.usual(Units.INCHES);

    @Test
    void theSameSizesAreOnlySaidInTheOtherSystem() {
        Job job = Jobs.chart();
        Job said = OtherSystem.saidIn(Units.INCHES, job);
        assertEquals(Units.INCHES, said.units());
        assertEquals(job, said.withUnits(Units.MILLIMETRES));
    }

    @Test
    void whatWasChosenTakesTheNearestSizeAndWhatIsMeasuredStays() {
        Job job = Defaults.blank(Units.MILLIMETRES);
        Job near = OtherSystem.nearestIn(Units.INCHES, job, SHOP);
        assertEquals(job.size(), near.size(), "the art is as large as it is");
        assertEquals(job.saw().kerf(), near.saw().kerf(), "and so is the blade");
        assertEquals(Length.inches(1.125), near.section().width(), "30 mm is nearer 1 1/8 than 1 1/4");
        assertEquals(Length.inches(0.8125), near.section().thickness());
        assertEquals(Length.inches(0.25), near.section().rabbet().width());
        assertEquals(Length.inches(0.375), near.section().rabbet().depth());
        assertEquals(Length.inches(1, 1, 16).minus(Length.inches(1)), near.clearance());
        assertEquals(Length.inches(0.375), near.stock().endTrim());
        assertEquals(Length.inches(12), near.stock().leastOffcut());
        List<String> titles = OtherSystem.changes(Units.INCHES, job, SHOP).stream().map(OtherSystem.Change::title)
                .toList();
        assertTrue(titles.contains("Face width"), titles.toString());
        assertTrue(titles.stream().noneMatch(title -> title.startsWith("Art")), titles.toString());
    }

    @Test
    void anInchJobTakesMillimetresAShopWouldUse() {
        Job near = OtherSystem.nearestIn(Units.MILLIMETRES, Defaults.blank(Units.INCHES), SHOP);
        assertEquals(Length.mm(32), near.section().width());
        assertEquals(Length.mm(19), near.section().thickness());
        assertEquals(Length.mm(6.5), near.section().rabbet().width());
        assertEquals(Length.mm(1.5), near.clearance());
    }

    @Property(tries = 500)
    void theNearestSizeIsNearAndRoundAndNeverNothing(@ForAll @IntRange(min = 1, max = 3_200_000) int units) {
        Length length = new Length(units);
        Length inches = OtherSystem.nearest(Units.INCHES, length);
        assertEquals(0, inches.units() % (Length.PER_INCH / 64));
        assertTrue(inches.isPositive());
        assertEquals(inches, OtherSystem.nearest(Units.INCHES, inches), "what is round stays");
        Length mm = OtherSystem.nearest(Units.MILLIMETRES, length);
        assertTrue(mm.isPositive());
        assertEquals(mm, OtherSystem.nearest(Units.MILLIMETRES, mm));
        double most = length.toMm() < 9 ? 0.26 : length.toMm() < 49 ? 0.51 : 2.6;
        assertTrue(Math.abs(mm.toMm() - length.toMm()) <= most, mm + " for " + length);
    }

    /** An inch shop gets rings and parts in sixty-fourths at the finest, not what millimetres happen to be. */
    @Test
    void ringsAndPartsTakeTheShopsSizesToo() {
        Job job = Preset.WINDOW.of(Defaults.blank(Units.MILLIMETRES), Units.MILLIMETRES);
        job = job.withRings(Preset.BACK_BAND.of(Defaults.blank(Units.MILLIMETRES), Units.MILLIMETRES).rings());
        Job near = OtherSystem.nearestIn(Units.INCHES, job, Shop.usual(Units.INCHES));
        long mark = Length.inches(1.0 / 64).units();
        for (Ring ring : near.rings()) {
            assertEquals(0, ring.section().width().units() % mark, ring.name());
            assertEquals(0, ring.section().thickness().units() % mark, ring.name());
        }
        for (Member member : near.members()) {
            assertEquals(0, member.width().units() % mark, member.name());
            assertEquals(0, member.thickness().units() % mark, member.name());
        }
    }
}
