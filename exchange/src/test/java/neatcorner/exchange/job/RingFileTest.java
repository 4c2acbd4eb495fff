package neatcorner.exchange.job;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.plan.PlanJson;
import neatcorner.hanging.Depth;
import neatcorner.hanging.HangBy;
import neatcorner.job.Defaults;
import neatcorner.job.Hold;
import neatcorner.job.Job;
import neatcorner.job.Preset;
import neatcorner.job.Ring;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import neatcorner.plan.Plan;
import neatcorner.planner.Planner;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class RingFileTest {
    private static final String FLOATER = """
        { "format": "neat-corner-job/1", "title": "Storm", "units": "in",
          "size": { "of": "art", "width": 16, "height": 20 }, "hold": { "kind": "float" },
          "pack": [ { "kind": "art", "thickness": 0.75 } ],
          "section": { "wood": "walnut", "width": "1/2", "thickness": "1 1/8", "rabbet": { "width": "1/4", "depth": "1/4" } },
          "rings": [ { "name": "backer", "edge": "rabbet", "as": "outside", "play": "1/64",
                       "section": { "width": 1, "thickness": "1/4" }, "screws": { "length": "3/4", "most": 8 } } ],
          "hanging": { "by": "wire", "rings": 5, "angle": 20 } }
        """;

    @Test
    void aFloaterIsReadAndPlannedInInches() throws Exception {
        Job job = JobFile.read(FLOATER).job();
        assertEquals(new Hold.Floating(Length.inches(0.25)), job.hold());
        assertEquals("walnut", job.rings().getFirst().section().wood().name(), "the frame's wood, where it says none");
        assertTrue(job.rings().getFirst().section().rabbet().isNone());
        assertEquals(new Depth.Fixed(Length.inches(5)), job.hanging().rings());
        assertEquals(Length.inches(16.5), job.sizes().sight().width(), "art + 1/2 in for a gap of 1/4 in");
        String plan = PlanJson.write(Planner.plan(job), Notation.of(Units.INCHES));
        for (String wanted : List.of("\"rings\"", "\"backer A\"", "\"screws\"", "\"along\"", "\"fitOut\"",
                "\"hanging\"",
                "\"tension\"", "\"needed\"", "\"bends\"")) {
            assertTrue(plan.contains(wanted), wanted);
        }
    }

    @Test
    void ringsAndPartsOfOneNameAreRefusedOrNumbered() throws Exception {
        String ring = "{ \"name\": \"%s\", \"edge\": \"rabbet\", \"as\": \"outside\", "
                + "\"section\": { \"width\": 1, \"thickness\": \"1/4\" } }";
        String twice = FLOATER.replace("\"rings\": [", "\"parts\": [ { \"name\": \"band\", \"kind\": \"blocks\", "
                + "\"width\": 1, \"thickness\": 1 } ], \"rings\": [" + ring.formatted("band") + ", "
                + ring.formatted("backer 2") + ", " + ring.formatted("backer") + ", ");
        BadFile bad = assertThrows(BadFile.class, () -> JobFile.read(twice));
        assertTrue(String.valueOf(bad.getMessage()).contains("no two are “backer”"), bad.getMessage());
        JobFile.Mended mended = JobFile.mended(twice);
        assertEquals(List.of("band", "backer 2", "backer", "backer 3"),
                mended.file().job().rings().stream().map(Ring::name).toList());
        assertEquals("band 2", mended.file().job().members().getFirst().name());
        assertEquals(2, mended.mends().size());
        assertEquals(mended.file(), JobFile.read(mended.file().text()));
        JobFile longest = JobFile.mended(twice.replace("backer", "b".repeat(210))).file();
        assertEquals(4, longest.job().rings().stream().map(Ring::name).distinct().count());
        assertEquals(longest, JobFile.read(longest.text()));
    }

    @Test
    void whatAFileDoesNotSayIsAsItWas() throws Exception {
        Job job = JobFile.read(FLOATER.replaceAll("(?s)\"rings\": \\[ \\{.*?\\} \\],", "")
                .replaceAll("(?s),\\s*\"hanging\".*\\}\\s*\\}", "}")).job();
        assertEquals(List.of(), job.rings());
        assertEquals(HangBy.D_RINGS, job.hanging().by());
        assertNull(job.hanging().angle());
    }

    @Test
    void everyHoldComesBack() throws Exception {
        List<Hold> holds = List.of(new Hold.InRabbet(Length.mm(1)), new Hold.Floating(Length.mm(5)),
                new Hold.Panel(Length.mm(0.5)), new Hold.OverMirror(Length.mm(30)), new Hold.Wrapped(Length.mm(28)),
                new Hold.Nothing(), new Hold.InGroove(Length.mm(4), Length.mm(0.5), Length.mm(10)));
        assertEquals(Set.of(Hold.class.getPermittedSubclasses()),
                holds.stream().map(Object::getClass).collect(Collectors.toSet()));
        for (Hold hold : holds) {
            Job job = Defaults.blank(Units.MILLIMETRES).withHold(hold);
            assertEquals(job, JobFile.read(JobFile.of(job).text()).job());
        }
    }

    /** Each kind of frame can be made as it is offered, is what it is called, and comes back from its file. */
    @ParameterizedTest
    @EnumSource
    void everyPresetIsAFrameThatCanBeMade(Preset preset) throws Exception {
        for (Units units : Units.values()) {
            Job job = preset.of(Defaults.blank(units), units);
            assertEquals(preset, Preset.of(job));
            assertEquals(job, JobFile.read(JobFile.of(job).text()).job());
            if (preset == Preset.SHUTTERS) {
                Length play = units.either(2.5, 3.0 / 32);
                assertEquals(Defaults.blank(units).size().width(),
                        job.sizes().outside().width().times(2).plus(play.times(3)), "at both stiles and between");
                assertEquals(Defaults.blank(units).size().height(),
                        job.sizes().outside().height().plus(play.times(2)), "above and below");
            } else {
                assertEquals(Defaults.blank(units).size(), job.sizes().art(), "of the same art");
            }
            Plan plan = Planner.plan(job);
            Set<String> stops = plan.findings().stream().filter(each -> each.level().code().equals("stop"))
                    .map(each -> each.code()).collect(Collectors.toSet());
            assertTrue(Set.of("stock.short").containsAll(stops), () -> preset + " " + plan.findings());
            Set<String> codes = plan.findings().stream().map(each -> each.code()).collect(Collectors.toSet());
            for (String never : List.of("float.bearing-thin", "float.uncarried", "float.proud", "float.deep",
                    "screw.bites-short",
                    "screw.through", "ring.in-wood", "pack.too-thick", "pack.no-room-for-retainers", "lip.thin",
                    "part.does-not-fit", "hanger.no-wood", "hanger.heavy", "hanger.screws", "adhesive.weak",
                    "hinges.few",
                    "slats.stand-out")) {
                assertFalse(codes.contains(never), () -> preset + " in " + units + ": " + plan.findings());
            }
            for (Preset other : Preset.values()) {
                Job next = other.of(job, units);
                assertEquals(other, Preset.of(next), preset + " to " + other);
                assertEquals(Defaults.blank(units).size(),
                        (other == Preset.SHUTTERS ? Preset.PLAIN.of(next, units) : next).sizes().art(),
                        preset + " to " + other);
            }
        }
    }
}
