package neatcorner.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertSame;

import java.util.ArrayList;
import java.util.List;
import neatcorner.corner.Reinforcement;
import neatcorner.job.Job;
import neatcorner.job.Jobs;
import neatcorner.measure.Length;
import neatcorner.outline.Opening;
import neatcorner.planner.Planner;
import org.junit.jupiter.api.Test;

class DerivedTest {

    @Test
    void whatFollowsFromAPlanIsWorkedOutOnce() {
        List<Plan> asked = new ArrayList<>();
        Derived<String> title = new Derived<>(plan -> {
            asked.add(plan);
            return plan.job().title();
        });
        Plan plan = Planner.plan(Jobs.chart());
        assertEquals(Jobs.chart().title(), plan.derived(title));
        assertEquals(Jobs.chart().title(), plan.derived(title));
        assertEquals(1, asked.size());
        Plan other = Planner.plan(Jobs.chart().withTitle("other"));
        assertEquals("other", other.derived(title));
        assertEquals(2, asked.size());
    }

    @Test
    void whatCannotBeDerivedIsNotTriedAgain() {
        int[] asked = new int[1];
        Derived<String> none = new Derived<>(plan -> {
            asked[0]++;
            return null;
        });
        Plan plan = Planner.plan(Jobs.chart());
        assertNull(plan.derived(none));
        assertNull(plan.derived(none));
        assertEquals(1, asked[0]);
    }

    @Test
    void theFewThatWereAskedForLastAreKept() {
        Recent<Integer, String> recent = new Recent<>(2);
        List<Integer> worked = new ArrayList<>();
        for (int key : new int[]{1, 2, 1, 3, 1, 2}) {
            assertEquals("n" + key, recent.get(key, k -> {
                worked.add(k);
                return "n" + k;
            }));
        }
        assertEquals(List.of(1, 2, 3, 2), worked, "1 was asked for again and stays; 2 made way");
    }

    @Test
    void anotherSizeHasTheSameCornersAndAnotherSplineHasOthers() {
        Job job = Jobs.chart().withReinforcement(List.of(Reinforcement.spline(Length.mm(20), Length.mm(3), 1)));
        CornerWork.Kind first = CornerWork.of(Planner.plan(job)).kinds().getFirst();
        Plan wider = Planner.plan(job.withSize(job.sizeOf(), new Opening(Length.mm(700), job.size().height())));
        assertSame(first.corner(), CornerWork.of(wider).kinds().getFirst().corner());
        Job deeper = job.withReinforcement(List.of(Reinforcement.spline(Length.mm(22), Length.mm(3), 1)));
        assertNotEquals(first.corner().parts(),
                CornerWork.of(Planner.plan(deeper)).kinds().getFirst().corner().parts());
        Job thicker = job.withSection(job.section().withThickness(Length.mm(24)));
        assertNotEquals(first.corner().parts(),
                CornerWork.of(Planner.plan(thicker)).kinds().getFirst().corner().parts());
    }
}
