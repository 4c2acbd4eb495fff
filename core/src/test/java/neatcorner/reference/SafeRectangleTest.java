package neatcorner.reference;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import neatcorner.section.Edge;
import neatcorner.section.EdgeShape;
import neatcorner.section.Face;
import neatcorner.section.Layers;
import neatcorner.section.Milling;
import neatcorner.section.Operation;
import neatcorner.section.Rabbet;
import neatcorner.section.RabbetWay;
import neatcorner.section.SafeZone;
import neatcorner.section.Section;
import neatcorner.section.Spot;
import neatcorner.wood.Species;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;

/** The largest rectangle in the safe zone: inside it, and none of many thousand others is larger. */
class SafeRectangleTest {
    private static final GeometryFactory FACTORY = new GeometryFactory();

    @Test
    void noOtherRectangleInTheZoneIsLarger() {
        Cases.of("safe rectangles", random -> {
            List<Operation> operations = new ArrayList<>();
            for (int i = 0; i < random.nextInt(3); i++) {
                operations.add(random.nextInt(3) == 0
                        ? new Operation.Groove(Face.values()[random.nextInt(3)], AnyJob.between(random, 4, 10),
                                AnyJob.between(random, 3, 5), AnyJob.between(random, 2, 8), 0)
                        : new Operation.Shaped(EdgeShape.values()[random.nextInt(6)], Edge.values()[random.nextInt(3)],
                                AnyJob.between(random, 2, 9), AnyJob.between(random, 2, 9), 0));
            }
            Section section = AnyJob.section(random).withMilling(new Milling(Layers.NONE, RabbetWay.ROUTER, 0, 0,
                    operations));
            if (section.isSound()) {
                SafeZone.of(section).ifPresent(SafeRectangleTest::check);
            }
        });
    }

    private static void check(SafeZone zone) {
        List<Geometry> parts = zone.outlines().stream().map(SafeRectangleTest::polygon).toList();
        double width = zone.width();
        double height = zone.height();
        Geometry own = box(zone.largest().get(0) + 1e-5, zone.largest().get(1) + 1e-5, zone.largest().get(2) - 1e-5,
                zone.largest().get(3) - 1e-5);
        assertTrue(parts.stream().anyMatch(part -> part.covers(own)), "not inside");
        for (Geometry part : parts) {
            double more = largerOnGrid(part, width * height + 1e-6);
            assertTrue(more == 0, width * height + " where there are " + more + " in " + parts);
        }
    }

    /** The area of a rectangle on a grid over the zone that is larger than another and lies inside; 0 when there is none. */
    private static double largerOnGrid(Geometry part, double known) {
        PreparedGeometry inside = PreparedGeometryFactory.prepare(part);
        Envelope all = part.getEnvelopeInternal();
        double[] xs = new double[25];
        double[] ys = new double[25];
        for (int i = 0; i < 25; i++) {
            xs[i] = all.getMinX() + all.getWidth() * i / 24;
            ys[i] = all.getMinY() + all.getHeight() * i / 24;
        }
        for (int a = 0; a < 24; a++) {
            for (int b = a + 1; b < 25; b++) {
                for (int c = 0; c < 24; c++) {
                    for (int d = 24; d > c && (xs[b] - xs[a]) * (ys[d] - ys[c]) > known; d--) {
                        if (inside.covers(box(xs[a], ys[c], xs[b], ys[d]))) {
                            return (xs[b] - xs[a]) * (ys[d] - ys[c]);
                        }
                    }
                }
            }
        }
        return 0;
    }

    private static Geometry polygon(List<Spot> spots) {
        Coordinate[] ring = new Coordinate[spots.size() + 1];
        for (int i = 0; i <= spots.size(); i++) {
            ring[i] = new Coordinate(spots.get(i % spots.size()).x(), spots.get(i % spots.size()).y());
        }
        return FACTORY.createPolygon(ring);
    }

    private static Geometry box(double left, double top, double right, double bottom) {
        return FACTORY.createPolygon(new Coordinate[]{new Coordinate(left, top), new Coordinate(right, top),
            new Coordinate(right, bottom), new Coordinate(left, bottom), new Coordinate(left, top)});
    }

    /** Geometry: in a 40 × 20 stick with a 6 × 8 rabbet, 5 from what shows and 3 from the rest, over the rabbet or beside it. */
    @Test
    void aPlainSticksRectangleIsExact() {
        Section section = new Section(Species.named("white ash"), AnyJob.mm(40), AnyJob.mm(20),
                Rabbet.plain(AnyJob.mm(6), AnyJob.mm(8)));
        SafeZone zone = SafeZone.of(section).orElseThrow();
        assertEquals(35 - 9, zone.width(), 1e-6);
        assertEquals(17 - 5, zone.height(), 1e-6);
    }
}
