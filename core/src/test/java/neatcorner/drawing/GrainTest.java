package neatcorner.drawing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Grain runs as long as the wood does, whatever parts the wood is taken apart into, and no wood has too much of it. */
class GrainTest {

    private static List<Point> box(double left, double top, double right, double bottom) {
        return List.of(new Point(left, top), new Point(right, top), new Point(right, bottom), new Point(left, bottom));
    }

    private static List<List<Point>> parts(int count) {
        List<List<Point>> parts = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            parts.addFirst(box(600.0 * i / count, 0, 600.0 * (i + 1) / count, 40));
        }
        return parts;
    }

    private static double length(List<Point> line) {
        double length = 0;
        for (int i = 1; i < line.size(); i++) {
            length += Math.hypot(line.get(i).x() - line.get(i - 1).x(), line.get(i).y() - line.get(i - 1).y());
        }
        return length;
    }

    /** A face of 600 in one part or in fifty has the same lines: each from end to end. */
    @Test
    void linesRunOnFromPartToPart() {
        List<Point> face = box(0, 0, 600, 40);
        List<List<Point>> whole = Grain.along(face, parts(1), 0, 7);
        List<List<Point>> many = Grain.along(face, parts(50), 0, 7);
        assertEquals(whole.size(), many.size());
        for (int i = 0; i < whole.size(); i++) {
            assertEquals(0, many.get(i).getFirst().x(), 1e-6);
            assertEquals(600, many.get(i).getLast().x(), 1e-6);
            assertEquals(length(whole.get(i)), length(many.get(i)), 1e-6);
        }
    }

    /** Where a face has a hole in its middle, each line ends before it and begins behind it. */
    @Test
    void linesEndWhereThereIsNoWood() {
        List<List<Point>> ends = List.of(box(0, 0, 200, 40), box(350, 0, 600, 40));
        List<List<Point>> lines = Grain.along(box(0, 0, 600, 40), ends, 0, 7);
        assertEquals(Map.of("0 to 200", 9L, "350 to 600", 9L), lines.stream().collect(Collectors.groupingBy(
                line -> Math.round(line.getFirst().x()) + " to " + Math.round(line.getLast().x()),
                Collectors.counting())));
    }

    /** The end of a stick of 20 × 30 is ringed all over; of a hair 100 m high there are few rings, and all of it has some. */
    @Test
    void anEndHasFewRings() {
        List<List<Point>> rings = Grain.rings(box(0, 0, 20, 30), new Point(5, 60), 1.6, 3);
        assertTrue(rings.size() > 12 && rings.size() < 60, () -> rings.size() + " rings");
        List<List<Point>> hair = Grain.rings(box(0, 0, 0.1, 100_000), new Point(-60, 100_100), 6, 3);
        assertTrue(hair.size() <= 120, () -> hair.size() + " rings");
        assertTrue(hair.stream().anyMatch(line -> line.getFirst().y() < 2_000));
        assertTrue(hair.stream().anyMatch(line -> line.getFirst().y() > 98_000));
    }
}
