package neatcorner.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import neatcorner.fitout.Screws;
import neatcorner.fitout.SizeOf;
import neatcorner.fitout.Spacing;
import neatcorner.job.Hold;
import neatcorner.job.Job;
import neatcorner.job.Jobs;
import neatcorner.job.Ring;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.section.Rabbet;
import neatcorner.section.Section;
import neatcorner.stock.Search;
import neatcorner.wood.Species;
import org.junit.jupiter.api.Test;

/** Where rings come to lie beside an ash frame of 30 × 20 with a 6 × 12 rabbet, and what they lie on, by hand. */
class RingsAcrossTest {
    private static Length mm(double value) {
        return Length.mm(value);
    }

    private static Section section(double width, double thickness, double rabbet, double deep) {
        return new Section(Species.named("white ash"), mm(width), mm(thickness),
                rabbet == 0 ? Rabbet.NONE : Rabbet.plain(mm(rabbet), mm(deep)));
    }

    private static Ring ring(String name, String of, SizeOf edge, SizeOf as, double play, Section section) {
        return new Ring(new Ring.Place(name, of, edge, as, mm(play), null), section)
                .withScrews(new Screws(mm(20), Spacing.screws(Units.MILLIMETRES)));
    }

    private static Ring at(Ring ring, double front) {
        Ring.Place place = ring.place();
        return ring.withPlace(new Ring.Place(place.name(), place.of(), place.edge(), place.as(), place.play(),
                mm(front)));
    }

    private static Plan plan(Job job, Ring... rings) {
        return Plan.of(job.withRings(List.of(rings)), Jobs.SHOP, Search.PATIENT);
    }

    private static Contact contact(Plan plan, int ring) {
        Across across = Across.of(plan);
        return across.contact(plan, across.rings().get(ring)).orElseThrow();
    }

    private static void is(double meets, double through, double into, Contact contact) {
        assertEquals(meets, contact.meets().toMm(), 1e-3);
        assertEquals(through, contact.through().toMm(), 1e-3);
        assertEquals(into, contact.into().toMm(), 1e-3);
    }

    /** Flush in front: 15 mm deep it reaches beside the rabbet, where the frame's wall is 24; 8 mm deep it lies beside all 30. */
    @Test
    void aBandLiesAgainstTheOuterFace() {
        Plan plan = plan(Jobs.chart(), ring("band", "", SizeOf.OUTSIDE, SizeOf.SIGHT, 0.5, section(6, 15, 0, 0)));
        is(15, 6.5, 24, contact(plan, 0));
        assertEquals(-5, Across.of(plan).proud(plan, Across.of(plan).rings().getFirst()).toMm(), 1e-3);
        Plan thin = plan(Jobs.chart(), ring("band", "", SizeOf.OUTSIDE, SizeOf.SIGHT, 0, section(6, 8, 0, 0)));
        is(8, 6, 30, contact(thin, 0));
    }

    /** Its rabbet takes the frame: only its wall is beside it, from its lip backwards. */
    @Test
    void aRingWithTheFrameInItsRabbetIsScrewedThroughItsWall() {
        Plan plan = plan(Jobs.chart(), ring("outer", "", SizeOf.OUTSIDE, SizeOf.RABBET, 1, section(25, 30, 8, 22)));
        is(12, 18, 24, contact(plan, 0));
    }

    /** In the rabbet behind a pack of 6.7 mm, 5.3 of its 10 mm lie beside the wall, which is 24 mm. */
    @Test
    void aStrainerLiesBehindThePack() {
        Plan plan = plan(Jobs.chart(), ring("bars", "", SizeOf.RABBET, SizeOf.OUTSIDE, 1, section(20, 10, 0, 0)));
        Across across = Across.of(plan);
        Across.Lying bars = across.rings().getFirst();
        assertEquals(8 + 6.7, bars.front(), 1e-3);
        is(5.3, 21, 24, contact(plan, 0));
        assertEquals(4.7, across.proud(plan, bars).toMm(), 1e-3);
        assertEquals(Optional.of(bars), across.strainer(plan));
        assertEquals(Length.ZERO, across.intoContent(bars));
    }

    /** From behind it is screwed through its thickness into the frame's, over what lies on the back beside the rabbet. */
    @Test
    void aRingOnTheBackLiesOnWhatIsBesideTheRabbet() {
        Plan plan = plan(Jobs.chart(), ring("back", "", SizeOf.OUTSIDE, SizeOf.OUTSIDE, 2, section(40, 9, 0, 0)));
        Across.Lying back = Across.of(plan).rings().getFirst();
        assertEquals(20, back.front(), 1e-3);
        is(22, 9, 20, contact(plan, 0));
        Plan narrow = plan(Jobs.chart(), ring("back", "", SizeOf.OUTSIDE, SizeOf.OUTSIDE, 2, section(10, 9, 0, 0)));
        is(10, 9, 20, contact(narrow, 0));
    }

    /** A ring on a ring counts from where that one lies. */
    @Test
    void aRingRoundARingLiesBesideThatOne() {
        Plan plan = plan(Jobs.chart(), ring("inner", "", SizeOf.OUTSIDE, SizeOf.SIGHT, 0, section(10, 20, 0, 0)),
                ring("outer", "inner", SizeOf.OUTSIDE, SizeOf.SIGHT, 0, section(5, 14, 0, 0)));
        is(14, 5, 10, contact(plan, 1));
        assertEquals(40, Across.of(plan).rings().get(1).out(), 1e-3);
    }

    /** What floats, 5 mm clear of a 30 mm frame, is carried by a ring that reaches 20 mm behind it. */
    @Test
    void whatFloatsIsCarriedByWhatReachesBehindIt() {
        Job floated = Jobs.chart().withHold(new Hold.Floating(mm(5)))
                .withSection(section(12, 40, 0, 0));
        Plan plan = plan(floated, at(ring("backer", "", SizeOf.SIGHT, SizeOf.OUTSIDE, 0, section(25, 12, 0, 0)), 28));
        Across across = Across.of(plan);
        Across.Lying backer = across.carrier().orElseThrow();
        assertTrue(across.carries(plan, backer));
        assertEquals(20, across.bearing().orElseThrow().toMm(), 1e-3);
        assertEquals(28, Across.of(plan).rings().getFirst().front(), 1e-3);
        assertEquals(12, across.bite(plan, backer).orElseThrow().passes().toMm(), 1e-3);
        assertFalse(across.strainer(plan).isPresent(), "it carries, it does not strain");
    }

    /** A slip inside the sight edge narrows what is seen by its width on each side; one behind the art does not. */
    @Test
    void whatIsSeenIsWhatIsInFront() {
        Plan bare = plan(Jobs.chart());
        double sight = bare.sizes().sight().width().toMm();
        assertEquals(sight, Across.of(bare).seen(bare).width().toMm(), 1e-3);
        Plan slip = plan(Jobs.chart(), ring("slip", "", SizeOf.SIGHT, SizeOf.OUTSIDE, 0, section(4, 5, 0, 0)));
        assertEquals(sight - 8, Across.of(slip).seen(slip).width().toMm(), 1e-3);
        Plan behind = plan(Jobs.chart(), ring("bars", "", SizeOf.RABBET, SizeOf.OUTSIDE, 1, section(40, 5, 0, 0)));
        assertEquals(sight, Across.of(behind).seen(behind).width().toMm(), 1e-3);
    }

    /** Two rings in one place are named, and each that lies in the frame's wood; what only touches is not. */
    @Test
    void ringsInOnePlaceClash() {
        Plan apart = plan(Jobs.chart(), ring("a", "", SizeOf.OUTSIDE, SizeOf.SIGHT, 0, section(6, 20, 0, 0)));
        assertEquals(List.of(), Across.of(apart).clashes(apart));
        Plan both = plan(Jobs.chart(), ring("a", "", SizeOf.OUTSIDE, SizeOf.SIGHT, 0, section(6, 20, 0, 0)),
                ring("b", "", SizeOf.OUTSIDE, SizeOf.SIGHT, 0, section(9, 20, 0, 0)));
        assertEquals(List.of(new Across.Clash("a", "b")), Across.of(both).clashes(both));
        Plan wood = plan(Jobs.chart(), ring("c", "", SizeOf.OUTSIDE, SizeOf.SIGHT, 0, section(6, 20, 0, 0))
                .withPlace(new Ring.Place("c", "", SizeOf.SIGHT, SizeOf.SIGHT, Length.ZERO, null)));
        assertEquals(List.of(new Across.Clash("c", "")), Across.of(wood).clashes(wood));
    }

    /** A ring of the pack's depth stands in it; how far. */
    @Test
    void aRingInFrontOfTheFloorStandsInThePack() {
        Plan plan = plan(Jobs.chart(),
                at(ring("bars", "", SizeOf.RABBET, SizeOf.OUTSIDE, 2, section(20, 10, 0, 0)), 10));
        Across across = Across.of(plan);
        assertEquals(4.7, across.intoContent(across.rings().getFirst()).toMm(), 1e-3, "from 10 to 14.7");
    }

    /** Beside the lip a slip of 4 lies against the whole face of 30; 4 mm of it hold nothing, 5 do, wherever it lies. */
    @Test
    void aSlipLiesAgainstTheLip() {
        Ring five = ring("slip", "", SizeOf.SIGHT, SizeOf.OUTSIDE, 0.5, section(4, 5, 0, 0));
        is(5, 4.5, 30, contact(plan(Jobs.chart(), five), 0));
        is(5, 4.5, 30, contact(plan(Jobs.chart(), at(five, 3)), 0));
        Plan low = plan(Jobs.chart(), at(five, 4));
        assertTrue(Across.of(low).contact(low, Across.of(low).rings().getFirst()).isEmpty(), "4 beside a lip of 8");
    }

    /** Half a millimetre beside the rabbet is nothing: up to there a band meets the whole face. */
    @Test
    void aBandBarelyPastTheLipMeetsTheFace() {
        Ring band = ring("band", "", SizeOf.OUTSIDE, SizeOf.SIGHT, 0, section(6, 8.5, 0, 0));
        is(8.5, 6, 30, contact(plan(Jobs.chart(), band), 0));
        is(8.75, 6, 24, contact(plan(Jobs.chart(), ring("band", "", SizeOf.OUTSIDE, SizeOf.SIGHT, 0,
                section(6, 8.75, 0, 0))), 0));
    }

    /** On the back it needs 5 mm of wood under it, and to lie on it. */
    @Test
    void whatHangsBehindTheBackIsNotFastened() {
        Ring back = ring("back", "", SizeOf.OUTSIDE, SizeOf.OUTSIDE, 0, section(5, 9, 0, 0));
        is(5, 9, 20, contact(plan(Jobs.chart(), back), 0));
        is(5, 9, 20, contact(plan(Jobs.chart(), at(back, 20.5)), 0));
        for (Ring off : List.of(at(back, 21), at(back, 19),
                ring("back", "", SizeOf.OUTSIDE, SizeOf.OUTSIDE, 0, section(4.5, 9, 0, 0)))) {
            Plan plan = plan(Jobs.chart(), off);
            Across across = Across.of(plan);
            assertTrue(across.contact(plan, across.rings().getFirst()).isEmpty(), off.toString());
            assertTrue(across.bite(plan, across.rings().getFirst()).isEmpty(), off.toString());
        }
    }

    /** Flush with what it goes round, wherever that lies, and against that ring and no other. */
    @Test
    void aBandGoesWithTheRingItIsRound() {
        Ring inner = at(ring("inner", "", SizeOf.OUTSIDE, SizeOf.SIGHT, 0, section(10, 20, 0, 0)), 6);
        Ring other = ring("other", "", SizeOf.RABBET, SizeOf.OUTSIDE, 1, section(20, 5, 0, 0));
        Plan plan = plan(Jobs.chart(), other, inner,
                ring("outer", "inner", SizeOf.OUTSIDE, SizeOf.SIGHT, 0, section(5, 14, 0, 0)));
        assertEquals(6, Across.of(plan).rings().get(2).front(), 1e-3);
        is(14, 5, 10, contact(plan, 2));
    }

    /** Through a band of 6 into a wall of 24, and 3 mm or 1/8 in of that are to stay; a ring without screws bites nothing. */
    @Test
    void aBandsScrewsGoThroughItIntoTheWall() {
        Ring band = ring("band", "", SizeOf.OUTSIDE, SizeOf.SIGHT, 0, section(6, 15, 0, 0));
        Plan plan = plan(Jobs.chart(), band);
        Across across = Across.of(plan);
        assertEquals(14, across.bite(plan, across.rings().getFirst()).orElseThrow().bite().toMm(), 1e-3);
        assertEquals(10, across.bite(plan, across.rings().getFirst()).orElseThrow().left().toMm(), 1e-3);
        Plan bare = plan(Jobs.chart(), band.withScrews(null));
        assertTrue(Across.of(bare).bite(bare, Across.of(bare).rings().getFirst()).isEmpty());
    }

    /** A strainer's wood is in the rabbet's room and not in the frame's, though it lies within the frame's width and depth. */
    @Test
    void whatLiesInTheRabbetIsNotInTheWood() {
        Plan plan = plan(Jobs.chart(), ring("bars", "", SizeOf.RABBET, SizeOf.OUTSIDE, 1, section(20, 5, 0, 0)));
        assertEquals(List.of(), Across.of(plan).clashes(plan));
    }

    /** Bars are those with screws, inside, behind something: not a band, a lining without screws, or a slip flush in front. */
    @Test
    void onlyBarsAreAStrainer() {
        Ring bars = ring("bars", "", SizeOf.RABBET, SizeOf.OUTSIDE, 1, section(20, 5, 0, 0));
        for (Ring no : List.of(bars.withScrews(null), at(bars, 0),
                ring("back", "", SizeOf.OUTSIDE, SizeOf.OUTSIDE, 0, section(40, 9, 0, 0)).withScrews(null),
                at(ring("band", "", SizeOf.OUTSIDE, SizeOf.SIGHT, 0, section(6, 8, 0, 0)), 4))) {
            Plan plan = plan(Jobs.chart(), no);
            assertTrue(Across.of(plan).strainer(plan).isEmpty(), no.toString());
        }
    }

    /** What floats is carried by what is behind it and reaches under it; a slip in front of it carries nothing. */
    @Test
    void aSlipInFrontCarriesNothing() {
        Job floated = Jobs.chart().withHold(new Hold.Floating(mm(5))).withSection(section(12, 40, 0, 0));
        Ring backer = at(ring("backer", "", SizeOf.SIGHT, SizeOf.OUTSIDE, 0, section(25, 12, 0, 0)), 28);
        Plan plan = plan(floated, ring("slip", "", SizeOf.SIGHT, SizeOf.OUTSIDE, 0, section(3, 10, 0, 0)), backer);
        Across across = Across.of(plan);
        assertFalse(across.carries(plan, across.rings().getFirst()));
        assertTrue(across.carries(plan, across.rings().get(1)));
        Plan clear = plan(floated, at(ring("short", "", SizeOf.SIGHT, SizeOf.OUTSIDE, 0, section(5, 12, 0, 0)), 28));
        assertTrue(Across.of(clear).carrier().isEmpty(), "it ends where the art does");
        Plan flush = plan(floated, at(backer, 0));
        assertTrue(Across.of(flush).carrier().isEmpty(), "in front");
    }

    /** Under a panel's painted face 2 mm of wood are enough. */
    @Test
    void aPanelsScrewsMayComeNearerItsFace() {
        Job panel = Jobs.chart().withHold(new Hold.Panel(mm(2))).withSection(section(12, 40, 0, 0));
        Ring backer = at(ring("backer", "", SizeOf.SIGHT, SizeOf.OUTSIDE, 0, section(25, 12, 0, 0)), 28);
        Plan plan = plan(panel, backer);
        assertEquals(2, Across.of(plan).bite(plan, Across.of(plan).rings().getFirst()).orElseThrow().spare().toMm(),
                1e-3);
        Plan floated = plan(panel.withHold(new Hold.Floating(mm(5))), backer);
        assertEquals(3, Across.of(floated).bite(floated, Across.of(floated).rings().getFirst()).orElseThrow().spare()
                .toMm(), 1e-3);
    }

    /** A ring as far back as what is held narrows nothing. */
    @Test
    void whatLiesLevelWithTheArtIsNotInFrontOfIt() {
        Ring slip = ring("slip", "", SizeOf.SIGHT, SizeOf.OUTSIDE, 0, section(4, 5, 0, 0));
        Plan level = plan(Jobs.chart(), at(slip, 8));
        double sight = level.sizes().sight().width().toMm();
        assertEquals(8, Objects.requireNonNull(Across.of(level).content()).front(), 1e-3);
        assertEquals(sight, Across.of(level).seen(level).width().toMm(), 1e-3);
        Plan before = plan(Jobs.chart(), at(slip, 7));
        assertEquals(sight - 8, Across.of(before).seen(before).width().toMm(), 1e-3);
    }
}
