package neatcorner.job;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.outline.Loop;
import neatcorner.outline.Outline;
import neatcorner.outline.Shape;
import neatcorner.outline.Vertex;
import org.junit.jupiter.api.Test;

/** What a maker pulls at or types goes where it should, on both sides where it is mirrored, and one side gives. */
class ReshapeTest {
    private static final double NEAR = 2e-3;
    /** A house with a gable: a floor, two walls, two eaves, two slopes, and a flat ridge. */
    private static final List<Vertex> HOUSE = List.of(new Vertex(120, 0), new Vertex(180, 0), new Vertex(300, 100),
            new Vertex(300, 300), new Vertex(0, 300), new Vertex(0, 100));

    private static Job job(List<Vertex> corners) {
        Outline outline = Outline.of(new Shape.Polygon(new Loop(corners)));
        return Jobs.chart().withOutline(outline);
    }

    private static Loop loop(Job job) {
        return Shape.fromTheTop(((Shape.Polygon) job.outline().shape()).loop());
    }

    private static int side(Loop loop, Vertex from, Vertex to) {
        for (int i = 0; i < loop.sides(); i++) {
            if (loop.at(i).distanceTo(from) < NEAR && loop.at((i + 1) % loop.sides()).distanceTo(to) < NEAR) {
                return i;
            }
        }
        throw new AssertionError(loop + " has no side from " + from + " to " + to);
    }

    private static double length(Loop loop, int side) {
        return loop.at(side).distanceTo(loop.at((side + 1) % loop.sides()));
    }

    private static void isSymmetric(Loop loop) {
        for (Vertex each : loop.vertices()) {
            double mirror = loop.left() + loop.right() - each.x();
            assertTrue(loop.vertices().stream().anyMatch(other -> Math.abs(other.x() - mirror) < NEAR
                    && Math.abs(other.y() - each.y()) < NEAR), () -> each + " has no twin in " + loop);
        }
    }

    /** Sides that lie between two, or across from both, and have no twin, give: the ridge, or the floor. */
    @Test
    void aSideAndItsTwinGrowTogetherAndAllOthersButOneStay() {
        Loop before = loop(job(HOUSE));
        int wall = side(before, new Vertex(300, 100), new Vertex(300, 300));
        int slope = side(before, new Vertex(180, 0), new Vertex(300, 100));
        int floor = side(before, new Vertex(300, 300), new Vertex(0, 300));
        int ridge = side(before, new Vertex(120, 0), new Vertex(180, 0));
        for (int longer : new int[]{wall, slope}) {
            double wanted = length(before, longer) + 20;
            Loop after = loop(new Reshape(job(HOUSE), true).side(longer, Length.mm(wanted)));
            isSymmetric(after);
            List<Integer> changed = new ArrayList<>();
            for (int i = 0; i < 6; i++) {
                if (Math.abs(length(after, i) - length(before, i)) > NEAR) {
                    changed.add(i);
                }
            }
            assertEquals(wanted, length(after, longer), NEAR);
            int gave = changed.contains(floor) ? floor : ridge;
            assertTrue(changed.size() <= 3 && changed.stream().allMatch(
                    i -> i == gave || Math.abs(length(after, i) - wanted) < NEAR), changed + " of " + after);
        }
        Loop alone = loop(new Reshape(job(HOUSE), false).side(wall, Length.mm(220)));
        assertEquals(220, length(alone, wall), NEAR);
        assertEquals(2, IntStream.range(0, 6)
                .filter(i -> Math.abs(length(alone, i) - length(before, i)) > NEAR).count(), "it, and the side across");
    }

    @Test
    void cornersThatAreMirroredOpenTogether() {
        List<Vertex> gable = List.of(new Vertex(150, 0), new Vertex(300, 100), new Vertex(300, 300), new Vertex(0, 300),
                new Vertex(0, 100));
        for (List<Vertex> house : List.of(HOUSE, gable)) {
            Loop before = loop(job(house));
            for (int corner = 0; corner < before.sides(); corner++) {
                if (Math.abs(before.at(corner).x() - 150) > 1) {
                    Angle wider = Angle.ofDegrees(before.interior(corner).degrees() + 6);
                    Loop after = loop(new Reshape(job(house), true).cornerTurned(corner, wider));
                    isSymmetric(after);
                    assertEquals(2, IntStream.range(0, after.sides()).filter(
                            i -> Math.abs(after.interior(i).degrees() - wider.degrees()) < 1e-3).count(),
                            after::toString);
                }
            }
        }
    }

    @Test
    void aCornerOfARectangleMovesTheMiddleNot() {
        Job chart = Jobs.chart();
        Job wider = new Reshape(chart, false).cornerMoved(1, 10, -5);
        assertEquals(chart.size().width().plus(Length.mm(20)), wider.size().width());
        assertEquals(chart.size().height().plus(Length.mm(10)), wider.size().height());
        Job smaller = new Reshape(chart, false).cornerMoved(3, 10, -5);
        assertEquals(chart.size().width().minus(Length.mm(20)), smaller.size().width());
        assertEquals(chart.size().height().minus(Length.mm(10)), smaller.size().height());
        assertEquals(Length.mm(1), new Reshape(chart, false).cornerMoved(0, 9999, 0).size().width(),
                "never to nothing");
    }
}
