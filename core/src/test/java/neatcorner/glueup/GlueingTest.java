package neatcorner.glueup;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.DayOfWeek;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import neatcorner.glueup.jig.CornerJig;
import neatcorner.glueup.jig.JigDesign;
import neatcorner.glueup.jig.Jigs;
import neatcorner.glueup.schedule.HoursText;
import neatcorner.glueup.schedule.WorkCalendar;
import neatcorner.glueup.schedule.WorkingHours;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.outline.Opening;
import neatcorner.outline.Vertex;
import neatcorner.shop.Shop;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class GlueingTest {
    private static final Shop SHOP = Shop.usual(Units.MILLIMETRES);

    private static GluePlan.Frame frame(int corners, double width, double height) {
        return new GluePlan.Frame(corners, Length.mm(2 * (width + height)),
                new Opening(Length.mm(width), Length.mm(height)), corners == 4, true, 600, 800, false, false);
    }

    /** Common practice: as labels have them. */
    @ParameterizedTest
    @CsvSource({"interior PVA, 5, 10, 30, 10, false", "waterproof PVA, 8, 10, 30, 8, true",
        "liquid hide, 10, 10, 60, 10, false", "polyurethane, 15, 20, 60, 10, true", "epoxy, 20, 20, 360, 10, true"})
    void gluesAreAsTheirLabelsSay(String name, double open, double most, double clamp, double coldest, boolean out) {
        Glue glue = Glue.named(name).orElseThrow();
        assertEquals(new Glue.Range(open, most), glue.open());
        assertEquals(clamp, glue.clamp().least());
        assertEquals(coldest, glue.coldest());
        assertEquals(out, glue.outdoors());
        assertEquals(24 * 60, glue.cure());
    }

    @Test
    void warmRoomsShortenTheOpenTimeAndColdOnesLengthenTheClamping() {
        Glue glue = Glue.usual();
        assertEquals(5, glue.openAt(21), 1e-9);
        assertEquals(2.5, glue.openAt(31), 1e-9);
        assertTrue(glue.openAt(60) > 1 && glue.openAt(-30) < 8);
        assertTrue(glue.clampAt(11) > glue.clampAt(25));
        assertEquals(30, glue.clampAt(25));
    }

    /** Virtual work: a band presses each joint with its own tension, over the joint's own area. */
    @Test
    void theBandPullsAsHardAsThePressureWants() {
        GluePlan hard = GluePlan.of(frame(4, 700, 500), GlueUp.usual(), SHOP.holders());
        assertEquals(1.2 * 600, hard.tension().least(), 1e-9);
        assertEquals(1.2 * 800, hard.corner().least(), 1e-9);
        assertEquals(1.7 * 800, hard.corner().most(), 1e-9);
        GluePlan.Frame pine = new GluePlan.Frame(4, Length.mm(2400), new Opening(Length.mm(700), Length.mm(500)), true,
                true, 600, 800, true, false);
        assertEquals(0.7 * 600, GluePlan.of(pine, GlueUp.usual(), SHOP.holders()).tension().least(), 1e-9);
        GluePlan.Frame thick = new GluePlan.Frame(8, Length.mm(2400), new Opening(Length.mm(700), Length.mm(700)),
                false, true, 2600, 2600, false, false);
        assertEquals(3, GluePlan.of(thick, GlueUp.usual(), SHOP.holders()).clamps(), "1.2 × 2600 N in bands of 1200 N");
    }

    @Test
    void whatDoesNotFitIntoTheOpenTimeIsGluedInHalves() {
        assertEquals(School.ALL_AT_ONCE, GluePlan.of(frame(4, 700, 500), GlueUp.usual(), SHOP.holders()).school());
        GluePlan many = GluePlan.of(frame(12, 700, 500), GlueUp.usual(), SHOP.holders());
        assertEquals(School.TWO_HALVES, many.school());
        assertTrue(many.takes() < GluePlan.minutes(School.ALL_AT_ONCE, 12));
        GluePlan slow = GluePlan.of(frame(12, 700, 500), GlueUp.usual().withGlue(Glue.named("epoxy").orElseThrow()),
                SHOP.holders());
        assertEquals(School.ALL_AT_ONCE, slow.school());
    }

    /** Glue is open from the first face it is spread on until the last corner of that stretch is closed. */
    @ParameterizedTest
    @EnumSource(School.class)
    void theOpenTimeIsThatOfTheLongestStretch(School school) {
        for (int corners = 3; corners <= 13; corners++) {
            GluePlan plan = GluePlan.of(frame(corners, 600, 400), GlueUp.usual().withSchool(school), SHOP.holders());
            int longest = 0;
            int open = 0;
            for (GlueStep step : plan.steps()) {
                open = step.open() ? open + step.seconds() : 0;
                longest = Math.max(longest, open);
            }
            assertTrue(longest > 0);
            assertEquals(longest / 60.0, plan.takes(), 1e-9, school + " with " + corners);
        }
    }

    @ParameterizedTest
    @EnumSource(School.class)
    void everySchoolGluesEveryCornerAndChecksBeforeItSets(School school) {
        for (int corners : new int[]{3, 4, 7, 8}) {
            GluePlan plan = GluePlan.of(frame(corners, 600, 400), GlueUp.usual().withSchool(school)
                    .withSqueezeOut(SqueezeOut.LIFT), SHOP.holders());
            int spread = plan.steps().stream().filter(step -> step.kind() == GlueStep.Kind.SPREAD)
                    .mapToInt(GlueStep::seconds).sum();
            assertEquals(20 * corners, spread, school + " with " + corners);
            assertTrue(plan.steps().stream().anyMatch(step -> step.kind() == GlueStep.Kind.CHECK));
            assertEquals(GlueStep.Kind.DRY_FIT, plan.steps().getFirst().kind());
            assertEquals(corners, new HashSet<>(plan.order()).size());
        }
        assertEquals(List.of(1, 3, 2, 4), GluePlan.order(4), "diagonal by diagonal");
    }

    @Test
    void theJigsHoleBringsItsArmsToTheBridges() {
        CornerJig jig = CornerJig.usual(Units.MILLIMETRES);
        Opening outside = new Opening(Length.mm(560), Length.mm(460));
        CornerJig.Fit fit = jig.fit(outside).orElseThrow();
        double rise = 460 / 2.0 + 20 - 20;
        double run = 560 / 2.0 + 20 - fit.gap().toMm() / 2;
        assertEquals(jig.arm(fit.hole()).toMm(), fit.across()
                ? Math.hypot(rise, run)
                : Math.hypot(280, 250 - fit.gap()
                        .toMm() / 2),
                0.01, "the arm is as long as from pivot to pivot");
        assertTrue(fit.travel().isPositive());
        assertTrue(Math.abs(fit.slant().degrees() - 45) < 12);
        assertTrue(jig.fit(new Opening(Length.mm(2400), Length.mm(2000))).isEmpty());
        Length arm = jig.armFor(new Opening(Length.mm(2400), Length.mm(2000)));
        CornerJig built = jig.withHoles((int) (arm.minus(jig.first()).toMm() / 20) + 1);
        assertTrue(built.fit(new Opening(Length.mm(2400), Length.mm(2000))).isPresent(), "what is to be built fits");
    }

    @Test
    void everyJigHasPartsAndSoundTemplates() {
        Jigs jigs = new Jigs(Units.MILLIMETRES, Length.mm(18));
        CornerJig jig = CornerJig.usual(Units.MILLIMETRES);
        for (JigDesign design : List.of(jigs.cornerJig(jig, null), jigs.gluingCorner(Angle.ofDegrees(108)),
                jigs.sled(Angle.ofDegrees(36), Angle.ofDegrees(36), Length.mm(400)),
                jigs.cradle(Angle.RIGHT, Length.mm(22), Length.mm(8)),
                jigs.bandBlocks(List.of(Angle.ofDegrees(120), Angle.ofDegrees(90), Angle.ofDegrees(120)),
                        Length.mm(20)))) {
            assertFalse(design.parts().isEmpty());
            assertFalse(design.steps().isEmpty());
            for (JigDesign.Template template : design.templates()) {
                assertTrue(template.outline().stream().allMatch(v -> v.x() > -1e-6 && v.y() > -1e-6), template.name());
            }
        }
        JigDesign blocks = jigs.bandBlocks(List.of(Angle.ofDegrees(120), Angle.ofDegrees(90), Angle.ofDegrees(120)),
                Length.mm(20));
        assertEquals(List.of(2, 1), blocks.parts().stream().map(JigDesign.Part::count).toList());
        List<Vertex> block = blocks.templates().getFirst().outline();
        Vertex bite = block.getFirst();
        Vertex a = block.get(1);
        Vertex b = block.getLast();
        double angle = Math.acos(((a.x() - bite.x()) * (b.x() - bite.x()) + (a.y() - bite.y()) * (b.y() - bite.y()))
                / bite.distanceTo(a) / bite.distanceTo(b));
        assertEquals(120, Math.toDegrees(angle), 1e-6);
        double blade = 22 + 30;
        JigDesign cradle = jigs.cradle(Angle.RIGHT, Length.mm(22), Length.mm(8));
        double floor = cradle.templates().getFirst().outline().stream().mapToDouble(Vertex::y).max().orElseThrow();
        assertTrue(cradle.templates().getFirst().holes().stream().allMatch(hole -> floor - hole.at().y() > blade),
                "no screw within the blade's reach");
    }

    @Test
    void hoursAreReadAsTyped() {
        WorkingHours hours = assertInstanceOf(HoursText.Understood.class,
                HoursText.read("Mon-Fri 8-12 13:00–17; sat 9:30-12")).hours();
        assertEquals(3, hours.shifts().size());
        assertEquals("mon-fri 8-12 13-17; sat 9:30-12", HoursText.write(hours));
        assertTrue(assertInstanceOf(HoursText.Understood.class, HoursText.read("")).hours().isEmpty());
        for (String bad : List.of("8-12", "mon", "mon 12-8", "mon 25-26", "someday 8-9", "mon-tue-wed 8-9")) {
            assertInstanceOf(HoursText.NotUnderstood.class, HoursText.read(bad), bad);
        }
        assertThrows(IllegalArgumentException.class,
                () -> new WorkingHours.Shift(Set.of(DayOfWeek.MONDAY), LocalTime.NOON, LocalTime.NOON));
    }

    /** In that night clocks went from two to three: the wait is an hour shorter by the clock, not in truth. */
    @Test
    void theHourThatClocksSkipIsNotWorkingTime() {
        ZonedDateTime saturday = ZonedDateTime.of(2026, 3, 28, 17, 0, 0, 0, ZoneId.of("Europe/Paris"));
        WorkingHours sunday = new WorkingHours(List.of(new WorkingHours.Shift(Set.of(DayOfWeek.SUNDAY),
                LocalTime.of(8, 0), LocalTime.of(12, 0))));
        WorkCalendar calendar = sunday.from(saturday, 200);
        assertEquals(14 * 60, calendar.next(0), "from five to eight are fifteen hours by the clock, fourteen in truth");
    }

    /** That night's clock goes from two to three: at half past two, a time that it never shows, it is three already. */
    @Test
    void aShiftEndsOrBeginsWhereTheClockSkips() {
        ZonedDateTime midnight = ZonedDateTime.of(2026, 3, 29, 0, 0, 0, 0, ZoneId.of("Europe/Paris"));
        WorkingHours night = new WorkingHours(List.of(new WorkingHours.Shift(Set.of(DayOfWeek.SUNDAY),
                LocalTime.of(0, 30), LocalTime.of(2, 30))));
        assertEquals(new WorkCalendar.Span(30, 120), night.from(midnight, 60).spans().getFirst());
        WorkingHours morning = new WorkingHours(List.of(new WorkingHours.Shift(Set.of(DayOfWeek.SUNDAY),
                LocalTime.of(2, 30), LocalTime.of(5, 0))));
        assertEquals(new WorkCalendar.Span(120, 240), morning.from(midnight, 60).spans().getFirst());
        WorkingHours within = new WorkingHours(List.of(new WorkingHours.Shift(Set.of(DayOfWeek.SUNDAY),
                LocalTime.of(2, 10), LocalTime.of(2, 50))));
        assertEquals(7 * 24 * 60 - 60 + 130, within.from(midnight, 20).spans().getFirst().from(),
                "no such shift in that night");
    }

    @Test
    void aCalendarPlacesWorkBetweenBreaks() {
        WorkCalendar calendar = new WorkCalendar(
                List.of(new WorkCalendar.Span(0, 240), new WorkCalendar.Span(300, 540)));
        assertEquals(300, calendar.place(200, 60));
        assertEquals(180, calendar.place(180, 60));
        assertEquals(WorkCalendar.NEVER, calendar.place(500, 60));
        assertEquals(240, calendar.placeBefore(320, 60));
        assertEquals(340, calendar.placeBefore(340, 40));
        assertEquals(-1, calendar.placeBefore(30, 40));
        assertEquals(240, calendar.worked(280));
        assertEquals(310, calendar.after(250));
    }
}
