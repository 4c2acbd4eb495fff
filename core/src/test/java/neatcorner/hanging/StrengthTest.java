package neatcorner.hanging;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Mass;
import neatcorner.measure.Units;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

/** What hangs is as strong as its weakest part. */
class StrengthTest {
    private static final Hanging USUAL = Hanging.usual(Units.MILLIMETRES);

    private static List<Link> chain(Hanging hanging, double kilograms) {
        return Strength.chain(hanging, new Mass(kilograms), null, 20, 500);
    }

    private static boolean holds(Hanging hanging, double kilograms) {
        return chain(hanging, kilograms).stream().allMatch(Link::isEnough);
    }

    /** The lightest frame that a way does not carry any more, to a tenth of a kilogram. */
    private static double most(Hanging hanging) {
        double kilograms = 0;
        while (kilograms < 500 && holds(hanging, kilograms + 0.1)) {
            kilograms += 0.1;
        }
        return kilograms;
    }

    @Test
    void eachWayHasItsLimit() {
        assertEquals(2, most(USUAL.withBy(HangBy.SAWTOOTH)), 0.1);
        assertEquals(3, most(USUAL.withBy(HangBy.EASEL)), 0.1);
        assertEquals(50, most(USUAL.withBy(HangBy.D_RINGS)), 0.2, "two rings, each rated four times its half");
        assertEquals(20, most(USUAL.withBy(HangBy.KEYHOLES)), 0.2);
        assertEquals(1.8, most(USUAL.withBy(HangBy.STRIPS)), 0.1);
        assertEquals(7.2, most(USUAL.withBy(HangBy.STRIPS).withHooks(4)), 0.1);
        assertEquals(10.2, most(USUAL.withBy(HangBy.SCREWS)), 0.15, "400 N a screw, of which a quarter");
        assertEquals(30.6, most(USUAL.withBy(HangBy.SCREWS).withHooks(3)), 0.2);
    }

    /** Statics: one hook, both legs at 30°: each pulls with the whole weight. */
    @Test
    void aWirePullsHarderTheFlatterItHangs() {
        Wire steep = Wire.of(new Mass(10), Length.mm(400), Length.mm(150), Angle.ofDegrees(30),
                Length.ZERO, Length.mm(100));
        List<Link> chain = Strength.chain(USUAL.withBy(HangBy.WIRE), new Mass(10), steep, 20, 500);
        assertEquals(List.of(Link.Part.WIRE, Link.Part.RING), chain.stream().map(Link::part).toList());
        chain.forEach(link -> {
            assertEquals(10, link.carries().kilograms(), 1e-9);
            assertEquals(40, link.needed().kilograms(), 1e-9);
            assertTrue(link.isEnough());
        });
    }

    @Test
    void aLabelThatTheMakerReadRules() {
        Hanging labelled = USUAL.withHardware(new Mass(9));
        assertTrue(holds(labelled, 4.4));
        assertFalse(holds(labelled, 4.6), "each ring carries 2.3, four times that is more than 9");
        assertTrue(holds(USUAL.withHardware(new Mass(200)), 90));
        assertTrue(holds(USUAL.withBy(HangBy.STRIPS).withRating(new Mass(5)), 4.9));
    }

    /** A deep frame pulls the strips off from above, though it is light. */
    @Test
    void stripsPeelBehindADeepLowFrame() {
        Hanging strips = USUAL.withBy(HangBy.STRIPS).withHooks(2);
        assertTrue(Strength.chain(strips, new Mass(3), null, 20, 300).stream().allMatch(Link::isEnough));
        List<Link> deep = Strength.chain(strips, new Mass(3), null, 90, 100);
        assertEquals(List.of(true, false), deep.stream().map(Link::isEnough).toList());
        assertEquals(1.5 * 45 / 100, deep.getLast().carries().kilograms(), 1e-9, "moments about the lower edge");
    }

    @Test
    void aCleatHasTwoScrewsAtLeast() {
        assertEquals(2, Strength.cleatScrews(new Mass(1)));
        assertEquals(5, Strength.cleatScrews(new Mass(50)), "4 · 50 · 9.8 N, by 400 N");
    }

    /** Six diameters wide; eight millimetres of thread, with three left before the face. */
    @Test
    void aScrewTakesWoodAroundItAndBeforeIt() {
        assertEquals(15, Screwing.leastWide().toMm(), 1e-9);
        assertEquals(11, Screwing.leastDeep().toMm(), 1e-9);
        assertTrue(Screwing.in(Length.mm(14.9), Length.mm(30), 0.6, 10).isEmpty());
        assertTrue(Screwing.in(Length.mm(15), Length.mm(10.9), 0.6, 10).isEmpty());
        Screwing least = Screwing.in(Length.mm(15), Length.mm(11), 0.6, 10).orElseThrow();
        assertEquals(2.5, least.diameter().toMm(), 1e-3);
        assertEquals(8, least.bite().toMm(), 1e-3);
        assertEquals(1, least.count());
    }

    /** Of those that do with the fewest, the thinnest. */
    @Test
    void theThinnestOfTheFewestIsTaken() {
        Screwing light = Screwing.in(Length.mm(60), Length.mm(30), 0.6, 10).orElseThrow();
        assertEquals(2.5, light.diameter().toMm(), 1e-3);
        assertEquals(1, light.count());
        Screwing heavy = Screwing.in(Length.mm(60), Length.mm(30), 0.6, 120).orElseThrow();
        assertEquals(1, heavy.count(),
                "4 · 120 N: one of 3.5 mm with 27 mm of thread holds 534 N, one of 3 with 24 only 407");
        assertEquals(3.5, heavy.diameter().toMm(), 1e-3);
    }

    @Property
    void soManyScrewsHoldFourTimesThePullAndOneFewerDoNot(@ForAll @DoubleRange(min = 15, max = 60) double wide,
            @ForAll @DoubleRange(min = 11, max = 60) double deep,
            @ForAll @DoubleRange(min = 0.32, max = 0.75) double gravity,
            @ForAll @DoubleRange(min = 1, max = 600) double pull) {
        Screwing screws = Screwing.in(Length.mm(wide), Length.mm(deep), gravity, pull).orElseThrow();
        double d = screws.diameter().toMm();
        double each = 15.7 * gravity * gravity * d * screws.bite().toMm();
        assertTrue(6 * d <= wide + 1e-3 && screws.bite().toMm() <= deep - 3 + 1e-3
                && screws.bite().toMm() <= 8 * d + 1e-3);
        assertTrue(screws.count() * each >= 4 * pull * 0.999);
        assertTrue(screws.count() == 1 || (screws.count() - 1) * each < 4 * pull * 1.001);
    }
}
