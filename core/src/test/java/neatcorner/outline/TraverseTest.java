package neatcorner.outline;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import neatcorner.measure.Angle;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class TraverseTest {

    private static Loop wobbly(int n, long seed) {
        Random random = new Random(seed);
        List<Vertex> vertices = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            double angle = 2 * Math.PI * (i + 0.4 * random.nextDouble()) / n;
            double radius = 200 + 150 * random.nextDouble();
            vertices.add(new Vertex(radius * Math.sin(angle), -radius * Math.cos(angle)));
        }
        return new Loop(vertices);
    }

    @Property(tries = 200)
    void theTraverseOfALoopClosesAndGivesTheLoopBack(@ForAll @IntRange(min = 3, max = 16) int n, @ForAll long seed,
            @ForAll @IntRange(min = 0, max = 15) int side) {
        Loop loop = wobbly(n, seed);
        Traverse traverse = Traverse.of(loop);
        assertEquals(0, traverse.angleError().degrees(), 1e-6);
        assertEquals(0, traverse.gap(), 1e-6);
        Loop again = traverse.closedBy(side % n);
        for (int i = 0; i < n; i++) {
            assertEquals(loop.length(i), again.length(i), 1e-6);
            assertEquals(loop.interior(i).degrees(), again.interior(i).degrees(), 1e-6);
        }
        Loop laid = traverse.closedBy(side % n, 1, loop.at(1),
                Math.atan2(loop.at(2).y() - loop.at(1).y(), loop.at(2).x() - loop.at(1).x()));
        for (int i = 0; i < n; i++) {
            assertEquals(0, loop.at(i).distanceTo(laid.at(i)), 1e-6);
        }
    }

    /** Euclid, Elements I.32: the corners of a pentagon add up to 540°. */
    @Test
    void whatDoesNotCloseSaysByHowMuch() {
        Traverse pentagon = new Traverse(Collections.nCopies(5, 300.0), Collections.nCopies(5, Angle.ofDegrees(109)));
        assertEquals(5, pentagon.angleError().degrees(), 1e-9);
        Traverse box = new Traverse(List.of(400.0, 300.0, 404.0, 300.0), Collections.nCopies(4, Angle.RIGHT));
        assertEquals(4, box.gap(), 1e-9);
        Traverse.Closing best = box.closings().getFirst();
        assertEquals(2, best.side(), "the side that is too long gives");
        assertEquals(400, best.length(), 1e-9);
        assertEquals(90, best.start().degrees(), 1e-9);
        assertEquals(400, box.closedBy(2).length(2), 1e-9);
    }

    @Test
    void theSideThatGivesTakesAllTheChange() {
        Traverse changed = new Traverse(List.of(400.0, 300.0, 400.0, 300.0), Collections.nCopies(4, Angle.RIGHT))
                .withCorner(1, Angle.ofDegrees(100));
        Loop loop = changed.closedBy(3);
        assertEquals(100, loop.interior(1).degrees(), 1e-9);
        assertEquals(400, loop.length(0), 1e-9);
        assertEquals(300, loop.length(1), 1e-9);
        assertTrue(loop.length(3) > 300);
    }

    @Test
    void aTraverseNeedsAsManyCornersAsSides() {
        assertThrows(IllegalArgumentException.class,
                () -> new Traverse(List.of(1.0, 2.0, 3.0), List.of(Angle.RIGHT, Angle.RIGHT)));
        assertThrows(IllegalArgumentException.class,
                () -> new Traverse(List.of(1.0, 2.0), List.of(Angle.RIGHT, Angle.RIGHT)));
    }
}
