package neatcorner.glueup;

import static neatcorner.glueup.WorkOfAFrameTest.BAND;
import static neatcorner.glueup.WorkOfAFrameTest.CORNERS;
import static neatcorner.glueup.WorkOfAFrameTest.METRES;
import static neatcorner.glueup.WorkOfAFrameTest.SHOP;
import static neatcorner.glueup.WorkOfAFrameTest.frame;
import static neatcorner.glueup.WorkOfAFrameTest.plan;
import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.Map;
import neatcorner.glueup.jig.CornerJig;
import neatcorner.glueup.schedule.Resource;
import neatcorner.glueup.schedule.Task;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import org.junit.jupiter.api.Test;

/** What presses the corners of a frame, how long, and with how much of what the shop has. */
class HoldingOfAFrameTest {
    /** Two corner clamps for the last two corners; one for one corner; and one band where it pulls hard enough. */
    @Test
    void asManyClampsAsTheSchoolTakes() {
        GlueUp clamps = GlueUp.usual().withHolding(Holding.CORNER_CLAMPS);
        assertEquals(4, plan(clamps.withSchool(School.ALL_AT_ONCE)).clamps());
        assertEquals(2, plan(clamps.withSchool(School.TWO_HALVES)).clamps());
        assertEquals(1, plan(clamps.withSchool(School.CORNER_BY_CORNER)).clamps());
        assertEquals(6, GluePlan.of(frame(8, false), clamps.withSchool(School.TWO_HALVES), SHOP).clamps());
        assertEquals(4, plan(clamps).there());
        GluePlan pins = plan(GlueUp.usual().withHolding(Holding.PINS));
        assertEquals(List.of(0, 0), List.of(pins.clamps(), pins.there()));
        GluePlan band = plan(GlueUp.usual().withHolding(Holding.BAND));
        assertEquals(List.of(1, 2, 2), List.of(band.clamps(), band.there(), band.bands()), "720 N of 1200");
        GluePlan none = GluePlan.of(frame(4, false), GlueUp.usual().withHolding(Holding.BAND),
                new Holders(List.of(BAND.withReach(Length.mm(2549))), null, 0));
        assertEquals(List.of(1, 0, 2), List.of(none.clamps(), none.there(), none.bands()),
                "2400 and 150 to hold on to");
        assertEquals(1, GluePlan.of(frame(4, false), GlueUp.usual().withHolding(Holding.BAND),
                new Holders(List.of(BAND.withReach(Length.mm(2550)).withCount(1)), null, 0)).there());
    }

    /** Bands reach to their length; the strongest counts. */
    @Test
    void onlyClampsOfTheKindThatReachCount() {
        Holders holders = new Holders(
                List.of(BAND, BAND.withReach(Length.mm(1500)).withForce(2000).withCount(3), CORNERS),
                null, 0);
        assertEquals(5, holders.count(Clamp.Kind.BAND));
        assertEquals(2, holders.reaching(Clamp.Kind.BAND, Length.mm(3000)));
        assertEquals(5, holders.reaching(Clamp.Kind.BAND, Length.mm(1500)));
        assertEquals(1200, holders.force(Clamp.Kind.BAND, Length.mm(1501)));
        assertEquals(2000, holders.force(Clamp.Kind.BAND, Length.mm(1500)));
        assertEquals(0, holders.force(Clamp.Kind.BAND, Length.mm(3001)));
        assertEquals(4, holders.count(Clamp.Kind.CORNER));
    }

    /** What is not chosen is the best there is: a jig for a rectangle, else a band; pins where a corner is held by some. */
    @Test
    void theBestHoldingIsTaken() {
        CornerJig jig = CornerJig.usual(Units.MILLIMETRES);
        Holders withJig = new Holders(List.of(BAND), jig, 1);
        assertEquals(Holding.JIG, GluePlan.of(frame(4, false), GlueUp.usual(), withJig).holding());
        assertEquals(1, GluePlan.of(frame(4, false), GlueUp.usual(), withJig).there());
        assertEquals(Holding.BAND, GluePlan.of(frame(6, false), GlueUp.usual(), withJig).holding());
        assertEquals(Holding.BAND,
                GluePlan.of(frame(4, false), GlueUp.usual(), new Holders(List.of(BAND), jig, 0)).holding());
        assertEquals(Holding.BAND, plan(GlueUp.usual()).holding());
        Holders clamps = new Holders(List.of(CORNERS), null, 0);
        assertEquals(Holding.CORNER_CLAMPS, GluePlan.of(frame(4, false), GlueUp.usual(), clamps).holding());
        assertEquals(Holding.BAND, GluePlan.of(frame(4, false), GlueUp.usual(),
                new Holders(List.of(CORNERS.withCount(3)), null, 0)).holding(),
                "three clamps for four corners: buy a band");
        GlueUp one = GlueUp.usual().withSchool(School.CORNER_BY_CORNER);
        assertEquals(Holding.PINS, GluePlan.of(frame(4, true), one, SHOP).holding());
        assertEquals(Holding.CORNER_CLAMPS, GluePlan.of(frame(4, false), one, SHOP).holding());
        GluePlan held = GluePlan.of(frame(4, false), GlueUp.usual(), withJig);
        double slant = held.jig().orElseThrow().slant().radians();
        assertEquals(Math.sqrt(2) * 1.2 * 800 / Math.min(1, Math.tan(slant)), held.jigPull(), 1e-6,
                "each face of a corner has half of it");
        assertEquals(0, plan(GlueUp.usual()).jigPull());
    }

    /** Wiping takes ten seconds a corner; what is clamped comes out again, what is pinned was never in. */
    @Test
    void everyRoundEndsCleanAndOutOfTheClamps() {
        for (School school : School.values()) {
            GluePlan plan = plan(GlueUp.usual().withSchool(school).withHolding(Holding.CORNER_CLAMPS));
            assertEquals(40, seconds(plan, GlueStep.Kind.CLEAN), school.title());
            assertEquals(2 * 8 * 4, seconds(plan, GlueStep.Kind.SIZE), school.title());
            long rounds = plan.steps().stream().filter(step -> step.kind() == GlueStep.Kind.CLOSE).count();
            assertEquals(12 * 4 + 25 * rounds, seconds(plan, GlueStep.Kind.CLOSE), school.title());
            assertEquals(40, seconds(plan, GlueStep.Kind.CHECK), "once, when all corners are closed");
            assertEquals(switch (school) {
                case ALL_AT_ONCE, TWO_HALVES -> 1;
                case CORNER_BY_CORNER -> 4;
            }, plan.steps().stream().filter(step -> step.kind() == GlueStep.Kind.UNCLAMP).count(), school.title());
        }
        GluePlan pinned = GluePlan.of(frame(4, true), GlueUp.usual().withSchool(School.CORNER_BY_CORNER), SHOP);
        assertEquals(1, pinned.steps().stream().filter(step -> step.kind() == GlueStep.Kind.UNCLAMP).count());
        GluePlan lifted = plan(GlueUp.usual().withSqueezeOut(SqueezeOut.LIFT));
        assertEquals(20 * 60,
                lifted.steps().stream().filter(step -> step.kind() == GlueStep.Kind.SET).findFirst().orElseThrow()
                        .rest(),
                "rubbery after twenty minutes");
        GlueStep lift = lifted.steps().stream().filter(step -> step.kind() == GlueStep.Kind.CLEAN).findFirst()
                .orElseThrow();
        assertEquals((GlueUp.usual().glue().clampAt(20) - 20) * 60, lift.rest(),
                "and the rest of its time in the clamps");
        assertEquals(1.7 * 600, plan(GlueUp.usual()).tension().most(), 1e-9);
    }

    /** A band that does not reach holds nothing: one that does not is asked for as a long one. */
    @Test
    void bandsThatAreTooShortAreAskedForInVain() {
        GlueUp band = GlueUp.usual().withHolding(Holding.BAND);
        assertEquals(Map.of(Resource.BAND, 1, Resource.BENCH, 1), taken(band, SHOP));
        Holders one = new Holders(List.of(BAND.withCount(1), BAND.withReach(Length.mm(1000)).withCount(1)), null, 0);
        assertEquals(Map.of(Resource.BAND, 1, Resource.LONG_BAND, 1, Resource.BENCH, 1), taken(band, one));
        Holders none = new Holders(List.of(BAND.withReach(Length.mm(1000))), null, 0);
        assertEquals(Map.of(Resource.BAND, 3, Resource.LONG_BAND, 1, Resource.BENCH, 1), taken(band, none),
                "more than there are, so that no day is promised");
    }

    /** As labels have it: thirty minutes in the clamps when warm, half as long again near the coldest; full of strength in a day. */
    @Test
    void coldGlueStaysLonger() {
        Glue pva = Glue.usual();
        assertEquals(List.of(30, 30, 38, 45, 45),
                List.of(pva.clampAt(30), pva.clampAt(21), pva.clampAt(15.5), pva.clampAt(10), pva.clampAt(0)));
        assertEquals(120, pva.handling(), "four times the least in the clamps");
        assertEquals(24 * 60, Glue.named("epoxy").orElseThrow().handling(), "but no longer than it cures");
        assertEquals(5 * Math.sqrt(2),
                new Glue("x", new Glue.Range(5, 9), new Glue.Range(30, 40), 600, 5, false, false).openAt(16),
                1e-9);
    }

    /** Each corner pinned, the glue sets beside the next; unpinned, each waits in its clamp. */
    @Test
    void cornersThatArePinnedNeedNotWait() {
        GlueUp one = GlueUp.usual().withSchool(School.CORNER_BY_CORNER);
        int clamp = one.glue().clampAt(20) * 60;
        int pinned = GluePlan.of(frame(4, true), one, SHOP).steps().stream().mapToInt(GlueStep::rest)
                .filter(rest -> rest >= clamp)
                .sum();
        int unpinned = GluePlan.of(frame(4, false), one, SHOP).steps().stream().mapToInt(GlueStep::rest)
                .filter(rest -> rest >= clamp).sum();
        assertEquals(clamp, pinned);
        assertEquals(4 * clamp, unpinned);
    }

    private static int seconds(GluePlan plan, GlueStep.Kind kind) {
        return plan.steps().stream().filter(step -> step.kind() == kind).mapToInt(GlueStep::seconds).sum();
    }

    private static Map<Resource, Integer> taken(GlueUp chosen, Holders shop) {
        return FrameChain.of("Chart", 1, 4, METRES, 3, Preparation.NONE, List.of(), List.of(),
                GluePlan.of(frame(4, false), chosen, shop), chosen).tasks().stream().map(Task::takes)
                .filter(takes -> !takes.isEmpty()).findFirst().orElseThrow();
    }
}
