package neatcorner.planner;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Objects;
import neatcorner.drawing.Anchor;
import neatcorner.drawing.Box;
import neatcorner.drawing.Convex;
import neatcorner.drawing.Drawing;
import neatcorner.drawing.Figure;
import neatcorner.drawing.Mark;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.ReadingStep;
import neatcorner.measure.Spelling;
import neatcorner.measure.Units;
import neatcorner.plan.FrameFields;
import neatcorner.station.section.SectionFields;
import neatcorner.wood.Species;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

/** Each kind of mark, broken down to what painters draw. */
class DrawingTest {
    private static final Notation MM = Notation.of(Units.MILLIMETRES);
    private static final Box SQUARE = new Box(0, 0, 100, 100);

    private static List<Drawing.Primitive> draw(Mark... marks) {
        return Drawing.at(new Figure("test", SQUARE, Figure.Margin.all(0), List.of(marks)), 2, 10, 20, 400, 400, MM)
                .primitives();
    }

    private static <T> T only(Class<T> kind, List<Drawing.Primitive> primitives) {
        List<T> found = primitives.stream().filter(kind::isInstance).map(kind::cast).toList();
        assertEquals(1, found.size(), primitives.toString());
        return found.getFirst();
    }

    private static void assertAt(double x, double y, Point point) {
        assertEquals(x, point.x(), 1e-9);
        assertEquals(y, point.y(), 1e-9);
    }

    @Test
    void anAreaIsFilledAndItsEdgeRunsAllTheWayRound() {
        List<Drawing.Primitive> drawn = draw(new Mark.Area(SQUARE.corners(), Tint.MAT, Tint.INK, 1.5));
        Drawing.Fill fill = only(Drawing.Fill.class, drawn);
        assertEquals(Tint.MAT, fill.tint());
        assertAt(10, 20, fill.outline().getFirst());
        assertAt(210, 220, fill.outline().get(2));
        Drawing.Stroke edge = only(Drawing.Stroke.class, drawn);
        assertEquals(edge.points().getFirst(), edge.points().getLast());
        assertEquals(1.5, edge.weight(), "weights do not grow with the scale");
        assertSame(fill, drawn.getFirst(), "the edge lies over the fill");
    }

    @Test
    void anAreaWithoutAnEdgeIsOnlyFilled() {
        assertEquals(1, draw(new Mark.Area(SQUARE.corners(), Tint.MAT, null, 0)).size());
    }

    @Test
    void aLineKeepsItsDashes() {
        Drawing.Stroke line = only(Drawing.Stroke.class,
                draw(new Mark.Line(List.of(new Point(0, 0), new Point(10, 5)), Tint.CUT, 3, true)));
        assertTrue(line.dashed());
        assertAt(30, 30, line.points().getLast());
    }

    @Test
    void grainRunsAlongTheStickAndStaysInTheWood() {
        Box stick = new Box(0, 0, 100, 10);
        List<Drawing.Primitive> drawn = draw(
                new Mark.Wood(stick.corners(), List.of(stick.corners()), Tint.WOOD_ASH, false, 0, 3));
        List<Drawing.Stroke> grain = strokes(drawn, Tint.GRAIN_ASH);
        assertTrue(grain.size() > 5, "a bare board: " + grain.size());
        double along = 0;
        double across = 0;
        for (Drawing.Stroke stroke : grain) {
            for (int i = 1; i < stroke.points().size(); i++) {
                along += Math.abs(stroke.points().get(i).x() - stroke.points().get(i - 1).x());
                across += Math.abs(stroke.points().get(i).y() - stroke.points().get(i - 1).y());
            }
            stroke.points().forEach(p -> assertTrue(new Box(9.9, 19.9, 210.1, 40.1).contains(p.x(), p.y()), "" + p));
        }
        assertTrue(along > 10 * across, along + " along, " + across + " across");
    }

    @Test
    void theSameSeedIsTheSameWoodAndAnotherIsNot() {
        Box stick = new Box(0, 0, 100, 10);
        Mark one = new Mark.Wood(stick.corners(), List.of(stick.corners()), Tint.WOOD_ELM, false, 0, 3);
        Mark two = new Mark.Wood(stick.corners(), List.of(stick.corners()), Tint.WOOD_ELM, false, 0, 4);
        assertEquals(draw(one), draw(one));
        assertNotEquals(draw(one), draw(two));
    }

    @Test
    void endGrainIsRings() {
        Box end = new Box(0, 0, 30, 20);
        List<Drawing.Primitive> drawn = draw(
                new Mark.Wood(end.corners(), List.of(end.corners()), Tint.WOOD_OAK, true, 0, 7));
        List<Drawing.Stroke> rings = strokes(drawn, Tint.GRAIN_OAK);
        assertTrue(rings.size() > 5);
        rings.forEach(ring -> ring.points()
                .forEach(p -> assertTrue(new Box(9.9, 19.9, 70.1, 60.1).contains(p.x(), p.y()), "" + p)));
    }

    private static List<Drawing.Stroke> strokes(List<Drawing.Primitive> primitives, Tint tint) {
        return primitives.stream().filter(Drawing.Stroke.class::isInstance).map(Drawing.Stroke.class::cast)
                .filter(stroke -> stroke.tint() == tint).toList();
    }

    @Test
    void hatchingIsParallelEvenAndInsideTheShape() {
        List<Drawing.Stroke> lines = strokes(draw(new Mark.Hatch(SQUARE.corners(), 45, 10, Tint.DEFECT)), Tint.DEFECT);
        assertTrue(lines.size() > 20, lines.size() + " lines");
        Box inside = new Box(10, 20, 210, 220).grown(1e-6);
        for (Drawing.Stroke line : lines) {
            Point a = line.points().getFirst();
            Point b = line.points().getLast();
            assertEquals(b.x() - a.x(), b.y() - a.y(), 1e-6);
            assertTrue(inside.contains(a.x(), a.y()) && inside.contains(b.x(), b.y()));
        }
    }

    @Test
    void aDimensionStandsOffAndItsValueIsInItsMiddle() {
        List<Drawing.Primitive> drawn = draw(new Mark.Dimension(new Point(0, 0), new Point(50, 0), 24, false,
                Length.mm(50), "Width", FrameFields.FACE_WIDTH));
        Drawing.Value value = only(Drawing.Value.class, drawn);
        assertEquals(60, value.x(), 1e-9);
        assertEquals(-4, value.y(), 1e-9, "24 above the line it measures");
        assertEquals(Anchor.MIDDLE, value.anchor());
        assertEquals(FrameFields.FACE_WIDTH, value.field());
        assertEquals(2, strokes(drawn, Tint.INK).size(), "a tick at each end");
        assertEquals(3, strokes(drawn, Tint.CONSTRUCTION).size(), "two extension lines and the dimension line");
    }

    @Test
    void aDimensionOnTheThingItselfNeedsNoExtensionLines() {
        assertEquals(1, strokes(draw(new Mark.Dimension(new Point(0, 0), new Point(50, 0), 0, false, Length.mm(50),
                "Width", null)), Tint.CONSTRUCTION).size());
    }

    @Test
    void aShortDimensionHasItsValueBeyondTheEnd() {
        Drawing.Value right = only(Drawing.Value.class, draw(
                new Mark.Dimension(new Point(0, 0), new Point(5, 0), 10, true, Length.mm(5), "Lip", null)));
        assertEquals(30, right.x(), 1e-9, "past the far end");
        assertEquals(Anchor.START, right.anchor());
        Drawing.Value left = only(Drawing.Value.class, draw(
                new Mark.Dimension(new Point(5, 0), new Point(0, 0), 10, true, Length.mm(5), "Lip", null)));
        assertEquals(Anchor.END, left.anchor());
    }

    @Test
    void wordsFollowTheSpellingAndLabelsKeepTheirOffset() {
        Mark label = new Mark.Label(new Point(10, 10), 3, -4, Anchor.END, "rabbet", 12, true, Tint.INK);
        Notation uk = new Notation(ReadingStep.MM_HALF, Spelling.UK);
        Drawing.Text text = only(Drawing.Text.class,
                Drawing.at(new Figure("t", SQUARE, Figure.Margin.all(0), List.of(label)), 2, 0, 0, 100, 100, uk)
                        .primitives());
        assertEquals("rebate", text.text());
        assertEquals(23, text.x(), 1e-9);
        assertEquals(16, text.y(), 1e-9);
    }

    @Test
    void aHandleKnowsWhatItMoves() {
        Drawing.Handle handle = only(Drawing.Handle.class,
                draw(new Mark.Handle(new Point(1, 1), SectionFields.THICKNESS, 0, -1)));
        assertEquals(SectionFields.THICKNESS, handle.field());
        assertEquals(-1, handle.dy());
        assertEquals(12, handle.x(), 1e-9);
    }

    @Property(tries = 100)
    void aFigureFitsItsSpaceAndIsCentred(@ForAll @DoubleRange(min = 120, max = 2000) double width,
            @ForAll @DoubleRange(min = 120, max = 2000) double height) {
        Figure figure = new Figure("t", new Box(-50, 10, 150, 60), new Figure.Margin(20, 10, 30, 40),
                List.of(new Mark.Area(new Box(-50, 10, 150, 60).corners(), Tint.MAT, null, 0)));
        Drawing drawing = Drawing.of(figure, width, height, MM);
        Drawing.Fill fill = only(Drawing.Fill.class, drawing.primitives());
        Point a = fill.outline().getFirst();
        Point b = fill.outline().get(2);
        assertTrue(a.x() >= 40 - 1e-9 && a.y() >= 20 - 1e-9);
        assertTrue(b.x() <= width - 10 + 1e-9 && b.y() <= height - 30 + 1e-9);
        assertEquals(a.x() - 40, width - 10 - b.x(), 1e-6);
        assertEquals(a.y() - 20, height - 30 - b.y(), 1e-6);
        assertEquals(drawing.scale(), (b.x() - a.x()) / 200, 1e-9);
    }

    @Test
    void noSpaceIsNoCrash() {
        Drawing drawing = Drawing.of(new Figure("t", SQUARE, Figure.Margin.all(50), List.of()), 10, 10, MM);
        assertTrue(drawing.scale() > 0);
    }

    @Test
    void aSegmentIsClippedToTheShapeWhicheverWayItRuns() {
        List<Point> clockwise = SQUARE.corners();
        List<Point> other = clockwise.reversed();
        for (List<Point> shape : List.of(clockwise, other)) {
            List<Point> part = Objects
                    .requireNonNull(Convex.clip(new Point(-50, 50), new Point(150, 50), shape));
            assertAt(0, 50, part.getFirst());
            assertAt(100, 50, part.getLast());
            assertNull(Convex.clip(new Point(-50, 150), new Point(150, 150), shape));
            assertNull(Convex.clip(new Point(-50, 50), new Point(-10, 50), shape));
        }
        assertEquals(10_000, Convex.area(clockwise), 1e-9);
        assertEquals(-10_000, Convex.area(other), 1e-9);
    }

    @Test
    void everyWoodHasItsOwnHueAndGrain() {
        for (Species species : Species.KNOWN) {
            Tint tint = Tint.wood(species);
            assertNotEquals(Tint.WOOD_OTHER, tint, species.name());
            assertTrue(tint.grain().name().startsWith("GRAIN_"));
        }
        assertEquals(Tint.WOOD_OTHER, Tint.wood(Species.named("driftwood")));
        assertEquals("wood-ash", Tint.WOOD_ASH.token());
        assertFalse(Tint.GLASS_EDGE.token().contains("_"));
    }
}
