package neatcorner.fitout;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class SpacingTest {

    private static List<Double> mm(List<Length> places) {
        return places.stream().map(Length::toMm).toList();
    }

    /** Common practice: two screws in a side of 21 in at 7 and 14 in; one in the middle of 16 1/4 in, at 8 1/8 in. */
    @Test
    void aStrainersScrewsStandAtThirdsOrInTheMiddle() {
        Spacing strainer = Spacing.strainer(Units.INCHES);
        assertEquals(List.of(Length.inches(7), Length.inches(14)), strainer.screws(Length.inches(21)));
        assertEquals(List.of(Length.inches(8.125)), strainer.screws(Length.inches(16.25)));
    }

    @Test
    void aRowStartsNearItsEndsAndIsEvenBetween() {
        Spacing row = Spacing.screws(Units.MILLIMETRES);
        assertEquals(List.of(100.0, 250.0, 400.0), mm(row.screws(Length.mm(500))));
        assertEquals(List.of(100.0, 299.0), mm(row.screws(Length.mm(399))));
        assertEquals(List.of(60.0), mm(row.screws(Length.mm(120))), "one in the middle of a very short side");
        assertEquals(List.of(), row.screws(Length.ZERO));
    }

    /** Two screws want half a first distance between them, so that neither splits the wood of the other: common practice. */
    @Test
    void twoScrewsStandApartOrOneStandsInTheMiddle() {
        Spacing row = Spacing.screws(Units.MILLIMETRES);
        assertEquals(List.of(124.95), mm(row.screws(Length.mm(249.9))));
        assertEquals(List.of(100.0, 150.0), mm(row.screws(Length.mm(250))));
    }

    /** A space that is just as wide as it may be is not parted. */
    @Test
    void noMoreScrewsThanItTakes() {
        Spacing row = Spacing.screws(Units.MILLIMETRES);
        assertEquals(List.of(100.0, 300.0), mm(row.screws(Length.mm(400))));
        assertEquals(List.of(100.0, 300.0, 500.0), mm(row.screws(Length.mm(600))));
        assertEquals(List.of(50.0, 450.0), mm(new Spacing(Length.mm(50), Length.ZERO).retainers(Length.mm(500))),
                "without a widest space there is but one");
    }

    @Test
    void retainersStandTwoASideAtLeast() {
        Spacing points = Spacing.retainers(Units.MILLIMETRES);
        assertEquals(List.of(50.0, 133.0, 216.0, 299.0, 382.0, 465.0), mm(points.retainers(Length.mm(515))));
        assertEquals(List.of(20.0, 60.0), mm(points.retainers(Length.mm(80))));
    }

    @Property(tries = 1000)
    void noTwoLieFurtherApartThanTheyMay(@ForAll @IntRange(min = 1, max = 5_000_000) int side,
            @ForAll @IntRange(min = 0, max = 400_000) int first,
            @ForAll @IntRange(min = 3_200, max = 800_000) int most) {
        Spacing spacing = new Spacing(new Length(first), new Length(most));
        for (List<Length> places : List.of(spacing.retainers(new Length(side)), spacing.screws(new Length(side)))) {
            for (int i = 1; i < places.size(); i++) {
                Length apart = places.get(i).minus(places.get(i - 1));
                assertTrue(apart.units() >= 0 && apart.units() <= most + 1, () -> spacing + ": " + places);
            }
            assertTrue(places.stream().allMatch(at -> at.units() >= 0 && at.units() <= side), places::toString);
        }
        assertTrue(spacing.retainers(new Length(side)).size() >= 2);
        assertFalse(spacing.retainers(new Length(side)).getFirst().isMoreThan(new Length(Math.max(first, 0))));
    }

    /** No screw that is proposed comes through or holds too little. */
    @Property(tries = 1000)
    void aScrewThatIsProposedHoldsAndDoesNotShow(@ForAll @IntRange(min = 1, max = 60) int passes,
            @ForAll @IntRange(min = 1, max = 60) int into, @ForAll Units units) {
        List<Length> drawers = List.of(units.either(16, 5.0 / 8), units.either(25, 1), units.either(40, 1.5),
                units.either(50, 2));
        Bite bite = new Bite(Length.ZERO, Length.mm(passes), Length.mm(into), Bite.spare(units));
        Optional<Length> best = bite.best(drawers, units);
        best.ifPresent(length -> {
            assertFalse(length.minus(Length.mm(passes)).isLessThan(Bite.least(units)));
            assertFalse(Length.mm(passes + into).minus(length).isLessThan(Bite.spare(units)));
        });
        assertEquals(best.isPresent(), drawers.stream().anyMatch(length -> {
            double tip = length.toMm() - passes;
            return tip >= Bite.least(units).toMm() && tip <= into - Bite.spare(units).toMm();
        }));
    }
}
