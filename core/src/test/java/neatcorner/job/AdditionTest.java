package neatcorner.job;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import neatcorner.fitout.SizeOf;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.member.Member;
import neatcorner.outline.Opening;
import neatcorner.plan.Finding;
import neatcorner.plan.Level;
import neatcorner.plan.Plan;
import neatcorner.planner.Planner;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class AdditionTest {

    /** Vents lead through deep sides. */
    private static Job large(Addition addition, Units units) {
        Job large = large(units);
        return addition == Addition.VENTS
                ? large.withSection(large.section().withThickness(units.either(90, 3.5))
                        .withRabbet(large.section().rabbet().withDepth(units.either(80, 3))))
                : large;
    }

    @Test
    void ventsAreNotOfferedForAShallowFrame() {
        assertFalse(Addition.VENTS.hasRoom(large(Units.MILLIMETRES)));
        assertTrue(Addition.VENTS.hasRoom(large(Addition.VENTS, Units.INCHES)));
    }

    private static Job large(Units units) {
        return Defaults.blank(units).withSize(SizeOf.ART,
                new Opening(units.either(500, 20), units.either(700, 28)));
    }

    /** What is offered can be made as it is offered: only its wood is missing. */
    @ParameterizedTest
    @EnumSource
    void whatIsAddedFits(Addition addition) {
        for (Units units : Units.values()) {
            Plan plan = Planner.plan(addition.to(large(addition, units)));
            List<String> stops = plan.findings().stream().filter(each -> each.level() == Level.STOP)
                    .map(Finding::code).filter(code -> !code.equals("stock.short")).toList();
            assertEquals(List.of(), stops, () -> addition + " in " + units + ": " + plan.findings());
            assertFalse(plan.findings().stream().anyMatch(each -> each.code().startsWith("screw.")),
                    () -> addition + ": " + plan.findings());
        }
    }

    @ParameterizedTest
    @EnumSource
    void itIsInTheShopsOwnSizes(Addition addition) {
        Job job = addition.to(large(addition, Units.INCHES));
        assertEquals(1, job.rings().size() + job.members().size(), "one thing more");
        Stream<Length> sizes = Stream.concat(
                job.rings().stream().flatMap(ring -> Stream.of(ring.section().width(), ring.section().thickness())),
                job.members().stream().flatMap(member -> Stream.of(member.width(), member.thickness())));
        long mark = Length.inches(1.0 / 64).units();
        sizes.forEach(size -> assertEquals(0, size.units() % mark, () -> addition + ": " + size));
    }

    @ParameterizedTest
    @EnumSource
    void eachHasANameOfItsOwnUntilThereIsNoRoom(Addition addition) {
        Job job = large(addition, Units.MILLIMETRES);
        int before = 0;
        while (addition.hasRoom(job)) {
            job = addition.to(job);
            before++;
        }
        assertTrue(before == Job.MOST_RINGS || before == Job.MOST_MEMBERS, "as many as there may be: " + before);
        Set<String> names = new HashSet<>(job.rings().stream().map(Ring::name).toList());
        names.addAll(job.members().stream().map(Member::name).toList());
        assertEquals(before, names.size());
        assertEquals(job, addition.to(job), "no more");
    }
}
