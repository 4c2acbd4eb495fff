package neatcorner.planner;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.fitout.Pack;
import neatcorner.fitout.Screws;
import neatcorner.fitout.SizeOf;
import neatcorner.fitout.Spacing;
import neatcorner.glueup.schedule.Task;
import neatcorner.job.Defaults;
import neatcorner.job.Hold;
import neatcorner.job.Job;
import neatcorner.job.Make;
import neatcorner.job.Ring;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import neatcorner.outline.Opening;
import neatcorner.outline.Outline;
import neatcorner.outline.Shape;
import neatcorner.piece.CornerJoint;
import neatcorner.plan.AsFrame;
import neatcorner.plan.CornerWork;
import neatcorner.plan.Field;
import neatcorner.plan.Finding;
import neatcorner.plan.Plan;
import neatcorner.plan.Remedy;
import neatcorner.section.Rabbet;
import neatcorner.section.Section;
import neatcorner.shop.Shop;
import neatcorner.station.corners.CornerChoices;
import neatcorner.station.corners.CornerFields;
import neatcorner.station.corners.WayToJoin;
import neatcorner.station.glueup.GlueUpWork;
import neatcorner.stock.Search;
import neatcorner.wood.Species;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** The corners of a ring are worked out as if the ring were the frame, and changed on the ring. */
class RingCornersTest {
    private static final AsFrame BAND = new AsFrame("band");
    private static final Section WOOD = new Section(Species.named("basswood"), Length.mm(34), Length.mm(22),
            Rabbet.plain(Length.mm(7), Length.mm(9)));

    /** A frame with a band of another wood, {@code play} mm round it. */
    private static Job banded(Outline outline, int play) {
        Ring.Place round = new Ring.Place("band", "", SizeOf.OUTSIDE, SizeOf.SIGHT,
                Length.mm(play), null);
        Job job = Defaults.blank(Units.MILLIMETRES).withOutline(outline)
                .withSize(SizeOf.SIGHT, new Opening(Length.mm(300), Length.mm(300)));
        return job.withRings(List.of(new Ring(round, WOOD)));
    }

    /** A frame that is nothing but that band. */
    private static Job alone(Plan plan) {
        return plan.job().withFrame(Make.mitred(WOOD)).withRings(List.of()).withHold(new Hold.Nothing())
                .withPack(new Pack(List.of())).withSize(SizeOf.SIGHT, plan.rings().getFirst().placed().sight());
    }

    private static Plan plan(Job job) {
        return Plan.of(job, Shop.usual(Units.MILLIMETRES), Search.PATIENT);
    }

    @Property(tries = 40)
    void aBandsCornersAreThoseOfAFrameThatIsNothingElse(@ForAll @IntRange(min = 3, max = 9) int sides,
            @ForAll @IntRange(min = 0, max = 20) int play) {
        Outline outline = Defaults.blank(Units.MILLIMETRES).outline();
        Plan plan = plan(banded(sides == 4 ? outline : outline.withShape(new Shape.Regular(sides, false)), play));
        Plan seen = BAND.plan(plan);
        Plan alone = plan(alone(plan));
        assertEquals(CornerWork.of(alone).count(), CornerWork.of(seen).count());
        assertEquals(CornerWork.of(alone).kinds().getFirst().at(), CornerWork.of(seen).kinds().getFirst().at());
        for (ReinforcementKind kind : ReinforcementKind.values()) {
            assertEquals(CornerChoices.strongest(alone, kind), CornerChoices.strongest(seen, kind), kind.title());
        }
        assertEquals(WayToJoin.schools(alone).stream().map(WayToJoin::reinforcement).toList(),
                WayToJoin.schools(seen).stream().map(WayToJoin::reinforcement).toList());
        assertEquals(alone.sizes().outside(), seen.sizes().outside());
        assertEquals(alone.sizes().rabbet(), seen.sizes().rabbet());
    }

    @Test
    void whatIsChangedThereIsTheRingsAndNotTheFrames() {
        Screws screws = new Screws(Length.mm(20), Spacing.screws(Units.MILLIMETRES));
        Job job = banded(Defaults.blank(Units.MILLIMETRES).outline(), 0)
                .withRing("band", now -> now.withScrews(screws));
        Reinforcement spline = CornerChoices.strongest(BAND.plan(plan(job)), ReinforcementKind.SPLINE).orElseThrow();
        Job held = BAND.change(now -> CornerChoices.with(now.withJoint(CornerJoint.LAP), spline)).apply(job);
        Ring ring = Objects.requireNonNull(held.ring("band"));
        assertEquals(List.of(spline), ring.reinforcement());
        assertEquals(CornerJoint.LAP, ring.joint());
        assertEquals(Objects.requireNonNull(job.ring("band")).place(), ring.place());
        assertEquals(screws, ring.screws());
        assertEquals(job, held.withRings(job.rings()), "nothing else");
        Job newer = job.withTitle("changed meanwhile");
        assertEquals("changed meanwhile", BAND.change(now -> now.withJoint(CornerJoint.BOX)).apply(newer).title());
        assertEquals(job, new AsFrame("gone").change(now -> now.withJoint(CornerJoint.BOX)).apply(job));
    }

    @Test
    void aLengthOfTheFrameIsReadAndTypedOfTheRing() {
        Screws screws = new Screws(Length.mm(20), Spacing.screws(Units.MILLIMETRES));
        Job job = banded(Defaults.blank(Units.MILLIMETRES).outline(), 0)
                .withRing("band", now -> now.withScrews(screws));
        Reinforcement spline = CornerChoices.strongest(BAND.plan(plan(job)), ReinforcementKind.SPLINE).orElseThrow();
        Job both = CornerChoices.with(BAND.change(now -> CornerChoices.with(now, spline)).apply(job),
                spline.withSize(Length.mm(6)));
        Field own = CornerFields.size(ReinforcementKind.SPLINE, 0);
        Field rings = BAND.field(own);
        assertNotEquals(own, rings);
        assertEquals(Length.mm(6), own.in(plan(both)));
        assertEquals(spline.size(), rings.in(plan(both)));
        Job shallow = rings.edit(Length.mm(9)).of(both, Shop.usual(Units.MILLIMETRES));
        assertEquals(Length.mm(9), Objects.requireNonNull(shallow.ring("band")).reinforcement().getFirst().size());
        assertEquals(Length.mm(6), shallow.reinforcement().getFirst().size());
        assertEquals("band, Spline, depth", Notation.of(Units.MILLIMETRES).words(rings.title()));
    }

    @Test
    void aSplineTooDeepForARingIsFoundAndMendedThere() {
        Screws screws = new Screws(Length.mm(20), Spacing.screws(Units.MILLIMETRES));
        Job job = banded(Defaults.blank(Units.MILLIMETRES).outline(), 0)
                .withRing("band", now -> now.withScrews(screws));
        Reinforcement spline = CornerChoices.strongest(BAND.plan(plan(job)), ReinforcementKind.SPLINE).orElseThrow();
        Job deep = BAND.change(now -> CornerChoices.with(now, spline.withSize(Length.mm(46)))).apply(job);
        Finding found = corner(deep).orElseThrow();
        assertEquals("spline.into-rabbet", found.code());
        String said = found.message().in(Notation.of(Units.MILLIMETRES));
        assertTrue(said.startsWith("band: The spline comes"), said);
        Remedy remedy = Objects.requireNonNull(found.remedy());
        Job mended = remedy.edit().of(deep, Shop.usual(Units.MILLIMETRES));
        assertTrue(corner(mended).isEmpty());
        assertEquals(deep.withRings(mended.rings()), mended);
        assertFalse(Objects.requireNonNull(mended.ring("band")).reinforcement().isEmpty());
    }

    @Test
    void whatHoldsARingTakesItsTimeAndStandsAmongTheSteps() {
        Job job = banded(Defaults.blank(Units.MILLIMETRES).outline(), 0);
        Reinforcement pins = CornerChoices.strongest(BAND.plan(plan(job)), ReinforcementKind.PIN).orElseThrow();
        Job held = BAND.change(now -> CornerChoices.with(now, pins)).apply(job);
        Notation mm = Notation.of(Units.MILLIMETRES);
        List<String> steps = Objects.requireNonNull(GlueUpWork.of(plan(held))).glue().steps().stream()
                .map(step -> step.what().in(mm)).toList();
        assertTrue(steps.contains("Hold the corners of the band with pins, as drawn at Corners."), steps.toString());
        assertEquals(hands(job) + 3 + 1.5 * 4, hands(held), 0.51, "three to begin, one and a half a corner");
    }

    private static double hands(Job job) {
        return Objects.requireNonNull(GlueUpWork.of(plan(job))).chain().tasks().stream().mapToInt(Task::hands).sum();
    }

    private static Optional<Finding> corner(Job job) {
        return Planner.plan(job, Shop.usual(Units.MILLIMETRES), Search.PATIENT).findings().stream()
                .filter(each -> each.code().startsWith("spline.")).findFirst();
    }
}
