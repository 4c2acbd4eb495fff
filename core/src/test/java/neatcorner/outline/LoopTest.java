package neatcorner.outline;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import neatcorner.measure.Length;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;

/** Loops against JTS, which knows nothing of frames. */
class LoopTest {
    private static final Loop ELL = new Loop(List.of(new Vertex(0, 0), new Vertex(400, 0), new Vertex(400, 150),
            new Vertex(200, 150), new Vertex(200, 300), new Vertex(0, 300)));

    /** A star-shaped loop of so many corners, none of them too sharp. */
    private static Loop star(int corners, long seed) {
        Random random = new Random(seed);
        List<Vertex> vertices = new ArrayList<>();
        for (int i = 0; i < corners; i++) {
            double angle = 2 * Math.PI * (i + 0.3 * random.nextDouble()) / corners;
            double radius = 300 + 150 * random.nextDouble();
            vertices.add(new Vertex(radius * Math.sin(angle), -radius * Math.cos(angle)));
        }
        return new Loop(vertices);
    }

    private static Polygon jts(Loop loop) {
        Coordinate[] ring = new Coordinate[loop.sides() + 1];
        for (int i = 0; i <= loop.sides(); i++) {
            ring[i] = new Coordinate(loop.at(i).x(), loop.at(i).y());
        }
        return new GeometryFactory().createPolygon(ring);
    }

    @Property(tries = 200)
    void areaAndPerimeterAgreeWithJts(@ForAll @IntRange(min = 3, max = 24) int corners, @ForAll @LongRange long seed) {
        Loop loop = star(corners, seed);
        assertEquals(jts(loop).getArea(), loop.area(), 1e-6);
        assertEquals(jts(loop).getLength(), loop.perimeter(), 1e-6);
        assertEquals(jts(loop).isSimple() && jts(loop).isValid(), loop.crossing().isEmpty());
    }

    /** Euclid: the corner angles of an n-gon add up to (n − 2)·180°. */
    @Property(tries = 200)
    void cornerAnglesAddUp(@ForAll @IntRange(min = 3, max = 24) int corners, @ForAll @LongRange long seed) {
        Loop loop = star(corners, seed);
        double sum = 0;
        for (int i = 0; i < corners; i++) {
            sum += loop.interior(i).degrees();
        }
        assertEquals((corners - 2) * 180.0, sum, 1e-6);
    }

    @Property(tries = 200)
    void offsetsAgreeWithMitredBuffersOfJts(@ForAll @IntRange(min = 3, max = 12) int corners,
            @ForAll @LongRange long seed, @ForAll @IntRange(min = 1, max = 20) int distance) {
        Loop loop = star(corners, seed);
        BufferParameters square = new BufferParameters(8, BufferParameters.CAP_FLAT, BufferParameters.JOIN_MITRE, 50);
        double expected = BufferOp.bufferOp(jts(loop), distance, square).getArea();
        assertEquals(expected, loop.offset(distance).area(), expected * 1e-4);
    }

    @Property(tries = 200)
    void anOffsetAndItsOppositeCancel(@ForAll @IntRange(min = 3, max = 24) int corners, @ForAll @LongRange long seed) {
        Loop loop = star(corners, seed);
        Loop back = loop.offset(17.5).offset(-17.5);
        for (int i = 0; i < corners; i++) {
            assertEquals(0, loop.at(i).distanceTo(back.at(i)), 1e-6);
        }
    }

    @Test
    void aReflexCornerIsMoreThanStraight() {
        assertEquals(270, ELL.interior(3).degrees(), 1e-9);
        assertEquals(90, ELL.interior(0).degrees(), 1e-9);
    }

    @Test
    void sidesMoveByWidthsOfTheirOwn() {
        Loop wide = ELL.offset(new double[]{10, 20, 30, 40, 50, 60});
        assertEquals(-10, wide.top(), 1e-9);
        assertEquals(420, wide.right(), 1e-9);
        assertEquals(350, wide.bottom(), 1e-9);
        assertEquals(-60, wide.left(), 1e-9);
        assertEquals(new Opening(Length.mm(480), Length.mm(360)), wide.box());
        assertEquals(240, wide.at(3).x(), 1e-9);
        assertEquals(180, wide.at(3).y(), 1e-9);
    }

    @Test
    void whatIsGivenCounterClockwiseIsTurnedRound() {
        Loop turned = Loop.clockwise(ELL.vertices().reversed());
        assertTrue(turned.area() > 0);
        assertEquals(ELL.area(), turned.area(), 1e-9);
    }

    @Test
    void aBowTieCrossesItself() {
        Loop tie = new Loop(
                List.of(new Vertex(0, 0), new Vertex(100, 100), new Vertex(100, 0), new Vertex(0, 100)));
        assertArrayEquals(new int[]{0, 2}, tie.crossing().orElseThrow());
    }

    @Test
    void sidesAreCountedFromTheTop() {
        Loop turned = ELL.startingAt(3);
        assertEquals(ELL, Shape.fromTheTop(turned));
        Loop triangle = Shape.fromTheTop(Shape.regular(3, 100).startingAt(1));
        assertTrue(triangle.at(0).y() < triangle.at(1).y(), "from the point at the top down the right side");
        assertTrue(triangle.at(1).x() > 0);
    }

    @Test
    void aLoopHasThreeCorners() {
        assertThrows(IllegalArgumentException.class, () -> new Loop(List.of(new Vertex(0, 0), new Vertex(1, 1))));
    }

    @Test
    void regularLoopsStandOnASide() {
        for (int n = Shape.FEWEST_SIDES; n <= Shape.MOST_SIDES; n++) {
            Loop loop = Shape.regular(n, 100);
            assertEquals(100, loop.bottom(), 1e-9);
            assertEquals(n % 2 == 0 ? -100 : -100 / Math.cos(Math.PI / n), loop.top(), 1e-9);
            assertEquals(180.0 * (n - 2) / n, loop.interior(1).degrees(), 1e-9);
            assertTrue(loop.area() > 0);
        }
    }
}
