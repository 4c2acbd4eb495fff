package neatcorner.planner;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import neatcorner.fitout.RetainerKind;
import neatcorner.fitout.Retainers;
import neatcorner.fitout.Screws;
import neatcorner.fitout.SizeOf;
import neatcorner.fitout.Spacing;
import neatcorner.hanging.Depth;
import neatcorner.hanging.HangBy;
import neatcorner.hanging.Hanging;
import neatcorner.hanging.Hook;
import neatcorner.job.Defaults;
import neatcorner.job.Hold;
import neatcorner.job.Job;
import neatcorner.job.Preset;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Mass;
import neatcorner.measure.Units;
import neatcorner.outline.Loop;
import neatcorner.outline.Opening;
import neatcorner.outline.Outline;
import neatcorner.outline.Shape;
import neatcorner.outline.Vertex;
import neatcorner.plan.Finding;
import neatcorner.plan.Level;
import neatcorner.plan.Plan;
import neatcorner.plan.Remedy;
import neatcorner.plan.Station;
import neatcorner.section.Rabbet;
import neatcorner.section.Section;
import neatcorner.shop.Shop;
import neatcorner.station.hanging.HangingFields;
import neatcorner.station.hanging.HangingFigure;
import neatcorner.station.hanging.HangingWork;
import neatcorner.wood.Species;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class HangingTest {
    private static final Job UPRIGHT = Defaults.blank(Units.MILLIMETRES)
            .withSize(SizeOf.ART, new Opening(Length.mm(400), Length.mm(700)));

    private static Job with(Hanging hanging) {
        return UPRIGHT.withHanging(hanging);
    }

    private static Hanging wire() {
        return UPRIGHT.hanging().withBy(HangBy.WIRE);
    }

    private static HangingWork work(Job job) {
        return HangingWork.of(Planner.plan(job)).orElseThrow();
    }

    private static Optional<Finding> finding(Job job, String code) {
        return Planner.plan(job).findings().stream().filter(each -> each.code().equals(code)).findFirst();
    }

    /** The finding is there, and its remedy takes it away. */
    private static void isMended(Job job, String code) {
        Remedy remedy = Objects.requireNonNull(finding(job, code).orElseThrow().remedy(), code);
        Job mended = remedy.edit().of(job, Shop.usual(job.units()));
        assertTrue(finding(mended, code).isEmpty(), () -> code + " stays: " + finding(mended, code));
    }

    @ParameterizedTest
    @EnumSource
    void theHooksCarryTheFrameAndItHangsWhereItIsDrawn(HangBy by) {
        Job job = with(UPRIGHT.hanging().withBy(by).withHooks(3));
        HangingWork work = work(job);
        double carried = work.hooks().stream().mapToDouble(hook -> hook.load().kilograms()).sum();
        assertEquals(by == HangBy.EASEL ? 0 : work.mass().kilograms(), carried, 1e-9);
        for (Hook hook : work.hooks()) {
            assertEquals(job.hanging().centre().plus(work.height().scaled(0.5)), hook.height().plus(work.drop()),
                    "its top edge hangs so far above the hook");
            assertEquals(4 * hook.load().kilograms(), hook.needed().kilograms(), 1e-9);
        }
        assertEquals(0, work.hooks().stream().mapToDouble(hook -> hook.from().toMm()).sum(), 0.01);
        assertTrue(HangingFigure.of(Planner.plan(job)).marks().size() > 20);
        assertEquals(by.isSetApart(), Chapters.at(Station.HANGING).fields(Planner.plan(job)).contains(
                HangingFields.APART), "what has no say is not offered");
    }

    /** Statics: only where it turns does a wire press; over level hooks it turns at the outer two. */
    @Test
    void ofManyHooksUnderAWireTheOuterTwoCarry() {
        Job five = with(wire().withHooks(5).withApart(Length.mm(30)));
        double half = work(five).mass().kilograms() / 2;
        assertEquals(List.of(half, 0.0, 0.0, 0.0, half),
                work(five).hooks().stream().map(hook -> hook.load().kilograms()).toList());
        assertEquals(half, work(with(wire().withHooks(2))).load().kilograms(), 1e-9);
        Job weak = with(wire().withHooks(5).withApart(Length.mm(30)).withRating(new Mass(half * 0.9)));
        Finding overloaded = finding(weak, "hang.overloaded").orElseThrow();
        assertEquals(Level.STOP, overloaded.level(), "three more hooks hold nothing");
        assertNull(overloaded.remedy(), "nor would still more");
    }

    /** A free outline whose corners are counted from somewhere else hangs from its own middle. */
    @Test
    void hooksAreMeasuredFromTheMiddleOfTheFrame() {
        Loop far = Loop.clockwise(List.of(new Vertex(900, 100), new Vertex(1300, 100), new Vertex(1300, 700),
                new Vertex(900, 700)));
        Job job = UPRIGHT.withOutline(Outline.of(new Shape.Polygon(far))).withSize(SizeOf.SIGHT, far.box());
        assertEquals(0, work(job.withHanging(wire())).hooks().getFirst().from().toMm(), 0.01);
        List<Hook> two = work(job).hooks();
        assertEquals(0, two.get(0).from().toMm() + two.get(1).from().toMm(), 0.01);
    }

    @Test
    void anAngleThatNobodySaidHidesTheHook() {
        Job wide = UPRIGHT.withSize(SizeOf.ART, new Opening(Length.mm(700), Length.mm(500))).withHanging(wire());
        HangingWork work = work(wide);
        assertFalse(work.drop().isLessThan(Length.mm(25)), work.drop()::toString);
        assertTrue(Objects.requireNonNull(work.wire()).angle().degrees() < 30);
        assertTrue(finding(wide.withHanging(wire().withAngle(Angle.ofDegrees(30))), "hang.hook-shows").isPresent());
    }

    @Test
    void whatWouldGoWrongOnTheWallIsSaidAndMended() {
        isMended(with(wire().withAngle(Angle.ofDegrees(60))), "hang.hook-shows");
        isMended(with(wire().withHooks(2).withApart(Length.mm(900))), "hooks.apart");
        isMended(with(wire().withRings(new Depth.Fixed(Length.mm(3000)))), "rings.off");
        isMended(with(UPRIGHT.hanging().withCentre(Length.mm(2300))), "wall.low");
        isMended(with(UPRIGHT.hanging().withCentre(Length.mm(100))), "wall.low");
        isMended(with(UPRIGHT.hanging().withFurniture(Length.mm(1100))), "furniture.near");
        isMended(with(wire().withSleepers(true)), "hang.one-fixing");
        isMended(with(UPRIGHT.hanging().withBy(HangBy.CLEAT).withRating(new Mass(1.5))), "hang.overloaded");
        isMended(UPRIGHT.withSize(SizeOf.ART, new Opening(Length.mm(600), Length.mm(700)))
                .withHanging(UPRIGHT.hanging().withBy(HangBy.SAWTOOTH)), "hanger.heavy");
        Job thin = UPRIGHT.withSize(SizeOf.ART, new Opening(Length.mm(500), Length.mm(1100)))
                .withSection(UPRIGHT.section().withWidth(Length.mm(13)));
        isMended(thin.withHanging(wire()), "hang.frame-bends");
    }

    /** A rectangle: t·w³/12. An L: two rectangles about their common centroid, by the parallel-axis theorem. */
    @Test
    void theSecondMomentIsThatOfTheWoodWhichIsLeft() {
        Species ash = Species.named("white ash");
        Section bar = new Section(ash, Length.mm(30), Length.mm(20), Rabbet.NONE);
        assertEquals(20 * 27_000 / 12.0, bar.secondMoment(bar.width()), 1e-6);
        Section cut = new Section(ash, Length.mm(30), Length.mm(20), Rabbet.plain(Length.mm(6), Length.mm(12)));
        double lip = 30 * 8;
        double wall = 24 * 12;
        double middle = (lip * 15 + wall * 18) / (lip + wall);
        double wanted = 8 * 27_000 / 12.0 + lip * Math.pow(15 - middle, 2) + 12 * Math.pow(24, 3) / 12
                + wall * Math.pow(18 - middle, 2);
        assertEquals(wanted, cut.secondMoment(cut.width()), 1e-6);
        assertEquals(12_000, ash.stiffness(), 0, "Wood Handbook, from memory");
        assertNotEquals(ash.stiffness(), Species.named("pine").stiffness());
    }

    @ParameterizedTest
    @EnumSource(value = RetainerKind.class, names = {"POINTS", "BRADS", "TURN_CLIPS", "OFFSET_CLIPS"})
    void whatKeepsThePackInDoesNotComeThrough(RetainerKind kind) {
        Job narrow = UPRIGHT.withSection(new Section(Species.named("oak"), Length.mm(14), Length.mm(18),
                Rabbet.plain(Length.mm(6), Length.mm(10))));
        Retainers long30 = Retainers.of(kind, Units.MILLIMETRES).withLength(Length.mm(30));
        isMended(narrow.withFitOut(narrow.fitOut().withRetainers(long30)),
                kind.way() == RetainerKind.Way.DRIVEN ? "retainer.wall-thin" : "retainer.through");
    }

    @Test
    void offsetClipsHoldAPackThatStandsProud() {
        Job proud = UPRIGHT.withSection(UPRIGHT.section()
                .withRabbet(Rabbet.plain(Length.mm(6), Length.mm(4))));
        assertTrue(finding(proud, "pack.too-thick").isPresent());
        Plan clipped = Planner.plan(proud.withFitOut(proud.fitOut()
                .withRetainers(Retainers.of(RetainerKind.OFFSET_CLIPS, Units.MILLIMETRES))));
        assertTrue(clipped.findings().stream().noneMatch(each -> each.code().equals("pack.too-thick")));
        assertTrue(clipped.findings().stream().anyMatch(each -> each.code().equals("pack.proud")));
    }

    @Test
    void whatWouldShowOrNotHoldIsFoundWithAWayOut() {
        Job mirror = Preset.MIRROR_ON_WALL.of(Defaults.blank(Units.MILLIMETRES), Units.MILLIMETRES);
        isMended(mirror.withSection(mirror.section().withWidth(Length.mm(38))), "mirror.adhesive-shows");
        Job wrapped = Preset.WRAPPED.of(Defaults.blank(Units.MILLIMETRES), Units.MILLIMETRES);
        isMended(wrapped.withHold(new Hold.Wrapped(Length.mm(12))), "wrap.fabric-small");
        Job strained = Preset.STRAINER.of(Defaults.blank(Units.MILLIMETRES), Units.MILLIMETRES);
        isMended(strained.withRing("strainer", ring -> ring.withPlace(
                ring.place().withPlay(Length.mm(0.2)))), "strainer.tight");
        Job band = Preset.BACK_BAND.of(Defaults.blank(Units.MILLIMETRES), Units.MILLIMETRES);
        isMended(band.withRing("back band", ring -> ring.withScrews(new Screws(Length.mm(60),
                Spacing.screws(Units.MILLIMETRES)))), "band.nail-through");
        Job full = Defaults.blank(Units.MILLIMETRES);
        isMended(full.withSection(full.section().withRabbet(full.section().rabbet().withDepth(
                full.pack().thickness().plus(Length.mm(1))))), "retainer.no-room");
    }
}
