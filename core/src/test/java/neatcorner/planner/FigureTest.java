package neatcorner.planner;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Objects;
import neatcorner.drawing.Box;
import neatcorner.drawing.Convex;
import neatcorner.drawing.Drawing;
import neatcorner.drawing.Figure;
import neatcorner.drawing.Grain;
import neatcorner.drawing.Mark;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;
import neatcorner.job.Jobs;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import neatcorner.plan.FrameFields;
import neatcorner.plan.Plan;
import neatcorner.saw.SecondMiter;
import neatcorner.station.opening.OpeningFigure;
import neatcorner.station.saw.SawFigure;
import neatcorner.station.section.SectionFigure;
import neatcorner.station.sticks.SticksFigure;
import org.junit.jupiter.api.Test;

class FigureTest {
    private static final Notation MM = Notation.of(Units.MILLIMETRES);
    private static final Plan PLAN = Planner.plan(Jobs.chart());

    private static List<Drawing.Value> values(Figure figure) {
        return Drawing.of(figure, 900, 600, MM).primitives().stream().filter(Drawing.Value.class::isInstance)
                .map(Drawing.Value.class::cast).toList();
    }

    private static List<String> texts(Figure figure) {
        return Drawing.of(figure, 900, 600, MM).primitives().stream().filter(Drawing.Text.class::isInstance)
                .map(text -> ((Drawing.Text) text).text()).toList();
    }

    @Test
    void theOpeningShowsEverySizeWhereItCanBeTyped() {
        List<String> fields = values(OpeningFigure.of(PLAN)).stream().map(Drawing.Value::field)
                .filter(Objects::nonNull).map(field -> field.id()).toList();
        assertTrue(fields.containsAll(List.of("art.width", "art.height", "sight.width", "opening.height",
                "outside.width", "outside.height", "mat.top", "mat.bottom", "face.width")), fields.toString());
    }

    @Test
    void everythingLiesOnTheSheet() {
        for (Figure figure : List.of(OpeningFigure.of(PLAN), SectionFigure.of(PLAN), SticksFigure.of(PLAN),
                SawFigure.of(PLAN, PLAN.cuts().getLast()))) {
            for (Drawing.Primitive primitive : Drawing.of(figure, 900, 600, MM).primitives()) {
                if (primitive instanceof Drawing.Stroke stroke) {
                    stroke.points().forEach(point -> assertTrue(
                            new Box(-0.5, -0.5, 900.5, 600.5).contains(point.x(), point.y()), figure.title() + point));
                } else if (primitive instanceof Drawing.Value value) {
                    assertTrue(new Box(0, 0, 900, 600).contains(value.x(), value.y()), figure.title());
                }
            }
        }
    }

    @Test
    void atFullSizeAMillimetreIsAMillimetre() {
        Drawing drawing = Drawing.atScale(SectionFigure.fullSize(PLAN), 72 / 25.4, MM);
        Drawing.Fill wood = drawing.primitives().stream().filter(Drawing.Fill.class::isInstance)
                .map(Drawing.Fill.class::cast).findFirst().orElseThrow();
        double left = wood.outline().stream().mapToDouble(Point::x).min().orElseThrow();
        double right = wood.outline().stream().mapToDouble(Point::x).max().orElseThrow();
        assertEquals(30 * 72 / 25.4, right - left, 1e-9);
    }

    @Test
    void theSawTableSaysWhichFaceIsUpAndWhereTheStopIs() {
        Figure last = SawFigure.of(PLAN, PLAN.cuts().getLast());
        assertTrue(texts(last).contains("face down"));
        assertTrue(values(last).stream().anyMatch(value -> value.quantity().equals(Length.mm(575))));
        assertTrue(texts(SawFigure.of(PLAN, PLAN.cuts().getFirst())).contains("face up"));
    }

    /** The blade's line must remove wood at the sight edge, not at the outer edge, whichever way the piece lies. */
    @Test
    void bothWaysOfCuttingLeaveTheOuterEdgeLonger() {
        for (SecondMiter how : SecondMiter.values()) {
            Plan plan = Planner.plan(Jobs.chart().withSaw(Jobs.chart().saw().withSecondMiter(how)));
            for (Mark mark : SawFigure.of(plan, plan.cuts().getLast()).marks()) {
                if (mark instanceof Mark.Wood wood && wood.tint() == Tint.WOOD_ASH) {
                    double fence = length(wood.outline(), 0);
                    double sight = length(wood.outline(), 30);
                    assertTrue(fence > sight, how + ": " + wood.outline());
                }
            }
        }
    }

    private static double length(List<Point> outline, double y) {
        double min = outline.stream().filter(p -> p.y() == y).mapToDouble(Point::x).min().orElseThrow();
        double max = outline.stream().filter(p -> p.y() == y).mapToDouble(Point::x).max().orElseThrow();
        return max - min;
    }

    @Test
    void grainStaysInsideItsPieceAndRepeats() {
        List<Point> piece = List.of(new Point(0, 0), new Point(700, 0), new Point(670, 30), new Point(30, 30));
        List<List<Point>> grain = Grain.along(piece, List.of(piece), 0, 4);
        assertEquals(grain, Grain.along(piece, List.of(piece), 0, 4));
        assertNotEquals(grain, Grain.along(piece, List.of(piece), 0, 5));
        assertTrue(grain.size() >= 5, "30 mm of wood shows some lines: " + grain.size());
        grain.forEach(line -> line.forEach(p -> assertTrue(p.y() > -1e-6 && p.y() < 30 + 1e-6 && p.x() >= p.y() - 1e-6
                && p.x() <= 700 - p.y() + 1e-6, p.toString())));
    }

    @Test
    void clippingKeepsWhatIsInsideWhicheverWayTheShapeRuns() {
        List<Point> square = new Box(0, 0, 10, 10).corners();
        assertEquals(List.of(new Point(0, 5), new Point(10, 5)),
                Convex.clip(new Point(-5, 5), new Point(15, 5), square));
        assertEquals(List.of(new Point(0, 5), new Point(10, 5)),
                Convex.clip(new Point(-5, 5), new Point(15, 5), square.reversed()));
        assertNull(Convex.clip(new Point(-5, 15), new Point(15, 15), square));
    }

    @Test
    void impossibleSizesAreShownSoThatTheyCanBeMended() {
        Plan plan = Planner.plan(FrameFields.OUTSIDE_WIDTH.edit(Length.mm(20)).of(PLAN.job(), Jobs.SHOP));
        Figure figure = OpeningFigure.of(plan);
        assertTrue(values(figure).stream().anyMatch(value -> FrameFields.OUTSIDE_WIDTH.equals(value.field())));
    }

    @Test
    void defectsAndSpareSticksHaveRows() {
        Plan plan = Planner.plan(Jobs.chart());
        List<SticksFigure.Row> rows = SticksFigure.rows(plan);
        assertEquals(3, rows.size());
        assertTrue(rows.getFirst().used());
        assertFalse(rows.getLast().used());
    }
}
