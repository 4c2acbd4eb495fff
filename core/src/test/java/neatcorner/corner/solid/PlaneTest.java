package neatcorner.corner.solid;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Objects;
import neatcorner.corner.Inventory;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.measure.Angle;
import neatcorner.outline.Vertex;
import neatcorner.section.Spot;
import org.junit.jupiter.api.Test;

/** Plane geometry in corners, on shapes small enough to see. */
class PlaneTest {
    private static List<Vertex> box(double x, double y, double w, double h) {
        return List.of(new Vertex(x, y), new Vertex(x + w, y), new Vertex(x + w, y + h), new Vertex(x, y + h));
    }

    @Test
    void aHullHasNoPlacesInsideOrOnItsSides() {
        List<Vertex> places = List.of(new Vertex(0, 0), new Vertex(1, 0), new Vertex(2, 0), new Vertex(1, 1),
                new Vertex(2, 2), new Vertex(0, 2), new Vertex(0, 1));
        List<Vertex> hull = Plane.hull(places);
        assertEquals(4, hull.size());
        assertEquals(4, Math.abs(Plane.area(hull)), 1e-12);
    }

    @Test
    void whatTouchesIsNotApart() {
        assertEquals(0, Plane.gap(box(0, 0, 2, 2), box(2, 0, 2, 2)), 1e-9);
        assertEquals(0, Plane.gap(box(0, 0, 4, 4), box(1, 1, 1, 1)), 1e-9, "one within the other");
        assertEquals(3, Plane.gap(box(0, 0, 2, 2), box(5, 1, 2, 2)), 1e-9);
        assertEquals(5, Plane.gap(box(0, 0, 2, 2), box(5, 6, 2, 2)), 1e-9, "corner to corner, 3 and 4");
    }

    @Test
    void aShapeIsCutOnALine() {
        List<Vertex> half = Plane.clip(box(0, 0, 4, 2), new Vertex(1, 0), new Vertex(1, 0));
        assertEquals(6, Math.abs(Plane.area(half)), 1e-9);
        assertEquals(8, Math.abs(Plane.area(Plane.clip(box(0, 0, 4, 2), new Vertex(0, 0), new Vertex(1, 0)))), 1e-9);
        assertEquals(4, Plane.clip(box(0, 0, 4, 2), new Vertex(0, 0), new Vertex(1, 0)).size(),
                "its side is on the line");
    }

    @Test
    void aSlabSweepsOverWhereItGoes() {
        Slab slab = new Slab(box(0, 0, 2, 2), 5, 8);
        assertEquals(new Slab(box(0, 0, 2, 2), 5, 10), slab.swept(0, 0, 2));
        assertEquals(new Slab(box(0, 0, 2, 2), 1, 8), slab.swept(0, 0, -4));
        assertEquals(10, Math.abs(Plane.area(slab.swept(3, 0, 0).shape())), 1e-9);
        assertEquals(8, Math.abs(Plane.area(slab.swept(0, 2, 0).shape())), 1e-9);
    }

    /** A place 10 mm out and 4 mm deep on a face that slopes by 30 degrees, whose sight edge is 15 mm behind the foremost. */
    @Test
    void aSlopingFaceIsTurnedAboutItsSightEdge() {
        Lean lean = Lean.of(Angle.ofDegrees(30), 30);
        Spot seen = lean.seen(new Spot(10, 4));
        assertEquals(10 * Math.sqrt(3) / 2 + 2, seen.x(), 1e-9);
        assertEquals(15 - 5 + 4 * Math.sqrt(3) / 2, seen.y(), 1e-9);
        Spot own = lean.own(seen);
        assertEquals(10, own.x(), 1e-9);
        assertEquals(4, own.y(), 1e-9);
        assertEquals(20 * Math.sqrt(3) / 2 + 15, lean.deep(CornersOfTest.section(30, 20, 0, 0)), 1e-9);
        assertEquals(10, lean.rabbet(CornersOfTest.section(30, 20, 0, 0)), 1e-9,
                "the sight edge's back is 10 mm further out");
    }

    private static Clash clash(double by, boolean breach) {
        return new Clash(0, Clash.With.BACK, -1, by, breach, false, null);
    }

    @Test
    void whatIsThroughIsWorseThanWhatIsNear() {
        assertNull(Clash.worst(List.of()));
        Clash near = clash(9, false);
        Clash nearer = clash(10, false);
        Clash through = clash(1, true);
        Clash farThrough = clash(2, true);
        assertEquals(nearer, Clash.worst(List.of(near, nearer)));
        assertEquals(nearer, Clash.worst(List.of(nearer, near)));
        assertEquals(through, Clash.worst(List.of(near, through, nearer)));
        assertEquals(through, Clash.worst(List.of(through, near)));
        assertEquals(farThrough, Clash.worst(List.of(farThrough, through)));
        assertEquals(farThrough, Clash.worst(List.of(through, farThrough)));
        for (Clash.With with : Clash.With.values()) {
            assertTrue(with.title().contains(" "), with.title());
        }
    }

    /** Slots stand at four thicknesses from each other and from the faces: three 1.5 mm ones in 24 mm, one of 4 mm. */
    @Test
    void slotsAreAsManyAsStandApart() {
        for (double[] asked : new double[][]{{1.5, 3}, {2.4, 2}, {4, 1}}) {
            Inventory shop = new Inventory(List.of(
                    Reinforcement.spline(CornersOfTest.mm(20), CornersOfTest.mm(asked[0]), 1)));
            Fitting.Fit fit = new Fitting(CornersOfTest.joined(CornersOfTest.wood(90, 60, 60,
                    CornersOfTest.section(60, 24, 0, 0))), CornersOfTest.mm(0.5))
                    .strongest(ReinforcementKind.SPLINE, shop);
            assertEquals((int) asked[1], Objects.requireNonNull(fit.chosen()).count());
            assertNotNull(fit.next());
        }
    }

    /** Of dowels of one size two hold more than one, and those that are longer more than shorter ones. */
    @Test
    void moreOfTheSameAreStronger() {
        Inventory shop = new Inventory(List.of(
                CornersOfTest.of(ReinforcementKind.DOWEL, 20, 6, 6, 1),
                CornersOfTest.of(ReinforcementKind.DOWEL, 30, 6, 6, 1)));
        Fitting.Fit fit = new Fitting(CornersOfTest.joined(CornersOfTest.wide()), CornersOfTest.mm(0.5))
                .strongest(ReinforcementKind.DOWEL, shop);
        assertEquals(30, Objects.requireNonNull(fit.chosen()).size().toMm(), 1e-9);
        assertTrue(fit.chosen().count() > 1);
    }
}
