package neatcorner.station.fitout;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import neatcorner.fitout.AdhesiveZone;
import neatcorner.fitout.Layer;
import neatcorner.fitout.Pack;
import neatcorner.job.Defaults;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.plan.Plan;
import neatcorner.planner.Planner;
import org.junit.jupiter.api.Test;

class BackMarksTest {

    @Test
    void oppositeSidesAreStapledInTurn() {
        List<Integer> order = new ArrayList<>();
        for (int side = 0; side < 4; side++) {
            order.add(BackMarks.order(side, 4));
        }
        assertEquals(List.of(1, 3, 2, 4), order, "top, bottom, right, left");
        assertEquals(2, BackMarks.order(1, 5), "no side is opposite another");
        assertEquals(6, BackMarks.order(5, 6));
    }

    /** Common practice: over the outer two thirds, an inch off the edge that shows. */
    @Test
    void adhesiveKeepsOffTheEdgeThatShows() {
        assertEquals(Length.mm(45), AdhesiveZone.of(Length.mm(70), Units.MILLIMETRES));
        assertEquals(Length.mm(80), AdhesiveZone.of(Length.mm(120), Units.MILLIMETRES));
        assertTrue(AdhesiveZone.of(Length.inches(0.75), Units.INCHES).isNegative());
    }

    @Test
    void spacersKeepTheArtOffTheGlass() {
        Job touching = Defaults.blank(Units.MILLIMETRES);
        Job spaced = touching.withPack(new Pack(touching.pack().layers()).plus(new Layer.Spacers(Length.mm(3))));
        assertTrue(has(touching, "glass.on-art"));
        assertFalse(has(spaced, "glass.on-art"));
        assertEquals(touching.pack().thickness().plus(Length.mm(3)), spaced.pack().thickness());
        Plan plan = Planner.plan(spaced);
        assertEquals(List.of("glazing", "backing"), FitOutWork.of(plan).cuts().stream().map(FitOutWork.Cut::what)
                .toList(), "strips are no sheets");
        double strips = 2 * plan.sizes().pack().width().plus(plan.sizes().pack().height()).toMm() * 5 * 3 * 1e-9 * 1100;
        assertEquals(Planner.plan(touching).weight().pack().kilograms() + strips,
                plan.weight().pack().kilograms(), 1e-6);
        assertTrue(FitOutSteps.of(plan).stream().anyMatch(step -> step.template().contains("spacers")));
    }

    private static boolean has(Job job, String code) {
        return Planner.plan(job).findings().stream().anyMatch(each -> each.code().equals(code));
    }
}
