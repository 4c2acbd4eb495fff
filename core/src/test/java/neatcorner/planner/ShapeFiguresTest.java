package neatcorner.planner;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Collections;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import neatcorner.drawing.Convex;
import neatcorner.drawing.Drawing;
import neatcorner.drawing.Figure;
import neatcorner.drawing.Mark;
import neatcorner.fitout.Pack;
import neatcorner.fitout.SizeOf;
import neatcorner.job.Job;
import neatcorner.job.Jobs;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import neatcorner.outline.Loop;
import neatcorner.outline.Opening;
import neatcorner.outline.Outline;
import neatcorner.outline.Shape;
import neatcorner.outline.Vertex;
import neatcorner.piece.Piece;
import neatcorner.plan.Plan;
import neatcorner.saw.SawCut;
import neatcorner.saw.measured.Checks;
import neatcorner.saw.measured.CutError;
import neatcorner.saw.measured.DryFit;
import neatcorner.saw.measured.TestCorner;
import neatcorner.station.opening.OpeningFigure;
import neatcorner.station.saw.ClosingFigure;
import neatcorner.station.saw.DryFitFigure;
import neatcorner.station.saw.SawFigure;
import neatcorner.station.saw.SeasonFigure;
import neatcorner.station.saw.TestCornerFigure;
import neatcorner.station.shape.ShapeFigure;
import neatcorner.station.shape.SolidFigure;
import neatcorner.station.shape.TemplateFigure;
import neatcorner.wood.Climate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Pictures of frames of any shape, and of what is judged at the saw. */
class ShapeFiguresTest {

    private static Job shaped(Shape shape) {
        return Jobs.withABoard(Jobs.chart()).withPack(new Pack(List.of())).withOutline(Outline.of(shape)).withSize(
                SizeOf.SIGHT, new Opening(Length.mm(400), Length.mm(500)));
    }

    static Stream<Shape> shapes() {
        Loop ell = new Loop(List.of(new Vertex(0, 0), new Vertex(400, 0), new Vertex(400, 150), new Vertex(200, 150),
                new Vertex(200, 300), new Vertex(0, 300)));
        return Stream.of(new Shape.Rectangle(), new Shape.Regular(3, false), new Shape.Regular(7, true),
                new Shape.Regular(8, false), new Shape.Regular(24, true), new Shape.Polygon(ell),
                new Shape.Arch(Shape.Curve.SEGMENT, Length.mm(90), 0),
                new Shape.Arch(Shape.Curve.SEMICIRCLE, Length.ZERO, 0),
                new Shape.Arch(Shape.Curve.ELLIPSE, Length.mm(120), 4), new Shape.Circle(0), new Shape.Ellipse(10));
    }

    private static <M extends Mark> List<M> of(Figure figure, Class<M> kind) {
        return figure.marks().stream().filter(kind::isInstance).map(kind::cast).toList();
    }

    @ParameterizedTest
    @MethodSource("shapes")
    void everyPieceIsDrawnAsWoodAndNamed(Shape shape) {
        Plan plan = Planner.plan(shaped(shape));
        assertTrue(plan.canBeMade(), plan.findings().toString());
        for (Figure figure : List.of(ShapeFigure.of(plan, false), OpeningFigure.of(plan))) {
            assertEquals(plan.pieces().size(), of(figure, Mark.Wood.class).size());
            List<String> words = of(figure, Mark.Label.class).stream().map(Mark.Label::text).toList();
            plan.pieces().forEach(piece -> assertTrue(words.contains(piece.name()), piece.name() + " in " + words));
        }
    }

    /** Geometry: the wood that is drawn covers what lies between sight edge and outer edge. */
    @ParameterizedTest
    @MethodSource("shapes")
    void theWoodCoversTheFrameAndNothingElse(Shape shape) {
        Plan plan = Planner.plan(shaped(shape));
        double drawn = of(ShapeFigure.of(plan, false), Mark.Wood.class).stream()
                .mapToDouble(wood -> Math.abs(Convex.area(wood.outline()))).sum();
        var contours = Objects.requireNonNull(plan.contours());
        double frame = contours.outside().area() - contours.sight().area();
        assertEquals(frame, drawn, frame * 1e-9 + 1e-6);
    }

    @ParameterizedTest
    @MethodSource("shapes")
    void theBodyFillsItsBoundsFromEverySide(Shape shape) {
        Plan plan = Planner.plan(shaped(shape));
        Figure front = SolidFigure.of(plan, 0, 0);
        var contours = Objects.requireNonNull(plan.contours());
        assertEquals(contours.outside().box().width().toMm(), front.bounds().width(), 3);
        assertEquals(contours.outside().box().height().toMm(), front.bounds().height(), 3);
        Figure turned = SolidFigure.of(plan, 0.6, 0.4);
        assertTrue(turned.bounds().width() < front.bounds().width() + 40);
        for (Mark.Shaded face : of(turned, Mark.Shaded.class)) {
            assertTrue(face.light() > 0.3 && face.light() < 1.3);
        }
        assertFalse(of(turned, Mark.Shaded.class).isEmpty());
        assertNotEquals(of(turned, Mark.Shaded.class), of(SolidFigure.of(plan, 0.7, 0.4), Mark.Shaded.class));
    }

    @Test
    void cornersOfAFreeOutlineCanBeTakenAndTurned() {
        Plan plan = Planner.plan(shaped(shapes().filter(Shape.Polygon.class::isInstance).findFirst().orElseThrow()));
        Figure figure = ShapeFigure.of(plan, false);
        assertEquals(6, of(figure, Mark.CornerHandle.class).size());
        List<Mark.CornerAngle> angles = of(figure, Mark.CornerAngle.class);
        assertEquals(720, angles.stream().mapToDouble(angle -> angle.value().degrees()).sum(), 1e-6);
        assertTrue(angles.stream().allMatch(Mark.CornerAngle::free));
        assertEquals(270, angles.stream().mapToDouble(angle -> angle.value().degrees()).max().orElse(0), 1e-6);
        Drawing drawing = Drawing.of(figure, 900, 600, Notation.of(Units.MILLIMETRES));
        assertEquals(6, drawing.primitives().stream().filter(Drawing.CornerHandle.class::isInstance).count());
        assertEquals(6, drawing.primitives().stream().filter(Drawing.CornerAngle.class::isInstance).count());
    }

    @Test
    void whatCannotBeMadeIsSaidOnAnEmptySheet() {
        Plan plan = Planner.plan(shaped(new Shape.Arch(Shape.Curve.SEGMENT, Length.mm(300), 0)));
        assertFalse(plan.canBeMade());
        for (Figure figure : List.of(ShapeFigure.of(plan, false), SolidFigure.of(plan, 0, 0))) {
            assertTrue(of(figure, Mark.Label.class).stream().anyMatch(label -> label.text().contains("can be made")));
        }
    }

    @Test
    void aMiterBeyondTheSawIsDrawnInAFixture() {
        Plan plan = Planner.plan(shaped(new Shape.Regular(3, false)));
        SawCut cut = plan.cuts().getLast();
        Figure figure = SawFigure.of(plan, cut);
        assertTrue(figure.title().contains("fixture"));
        List<Mark.Value> values = of(figure, Mark.Value.class);
        assertTrue(values.stream().anyMatch(value -> value.value() instanceof Angle angle
                && Math.abs(angle.degrees() - 30) < 1e-9), "60° is out of range: the complement is set");
        assertFalse(SawFigure.of(Planner.plan(Jobs.chart()), Planner.plan(Jobs.chart()).cuts().getFirst()).title()
                .contains("fixture"));
    }

    @Test
    void aTiltedCutSaysSo() {
        Job box = shaped(new Shape.Rectangle());
        Plan plan = Planner.plan(box.withOutline(box.outline().withSlope(Angle.ofDegrees(45))));
        Figure figure = SawFigure.of(plan, plan.cuts().getFirst());
        assertTrue(of(figure, Mark.Value.class).stream().anyMatch(value -> value.name().equals("Tilt")
                && value.value() instanceof Angle angle && Math.abs(angle.degrees() - 30) < 1e-6));
    }

    @ParameterizedTest
    @EnumSource(TestCorner.Where.class)
    void aTestCornerIsDrawnAsItWasFound(TestCorner.Where where) {
        Plan plan = Planner.plan(Jobs.chart());
        Figure figure = TestCornerFigure.of(plan, new TestCorner(where, Length.mm(0.3), Length.mm(42)),
                Angle.ofDegrees(45));
        assertEquals(2, of(figure, Mark.Wood.class).size());
        boolean turns = where == TestCorner.Where.TOE || where == TestCorner.Where.HEEL;
        assertEquals(turns, of(figure, Mark.Label.class).stream().anyMatch(label -> label.text().equals("turn here")));
        assertEquals(turns, of(figure, Mark.Value.class).stream().anyMatch(value -> value.name().equals("Gap")));
    }

    @Test
    void aFrameIsDrawnClosedBothWaysWithItsGaps() {
        Plan plan = Planner.plan(Jobs.chart());
        List<CutError> errors = Collections.nCopies(4, new CutError(0, 0.002, 0.002));
        Figure figure = ClosingFigure.of(plan, errors, plan.pieces().stream().map(Piece::name).toList());
        assertEquals(8, of(figure, Mark.Wood.class).size());
        assertEquals(5, of(figure, Mark.Value.class).size(), "the last corner, and each of four");
        assertTrue(of(figure, Mark.Label.class).stream().anyMatch(label -> label.text().contains("times as large")));
        Figure good = ClosingFigure.of(plan, Collections.nCopies(4, CutError.NONE),
                plan.pieces().stream().map(Piece::name).toList());
        double frame = of(ShapeFigure.of(plan, false), Mark.Wood.class).stream()
                .mapToDouble(wood -> Math.abs(Convex.area(wood.outline()))).sum();
        double drawn = of(good, Mark.Wood.class).stream().mapToDouble(wood -> Math.abs(Convex.area(wood.outline())))
                .sum();
        assertEquals(frame, drawn, 1e-3, "pieces without errors are the frame");
        assertTrue(of(good, Mark.Value.class).isEmpty(), "nothing measured, nothing said");
    }

    @Test
    void aDryFitHasAPlaceForEveryReading() {
        Plan plan = Planner.plan(Jobs.chart());
        Figure figure = DryFitFigure.of(plan);
        assertEquals(10, of(figure, Mark.Value.class).stream().filter(value -> value.field() != null).count());
        assertTrue(of(DryFitFigure.of(Planner.plan(shaped(new Shape.Circle(0)))), Mark.Value.class).isEmpty());
    }

    @Test
    void theSeasonsShowACornerThreeTimes() {
        Job job = Jobs.chart();
        assertTrue(of(SeasonFigure.of(Planner.plan(job)), Mark.Wood.class).isEmpty());
        Checks checks = Checks.none().withPlace(Climate.HEATED_HOUSE).withDryFit(DryFit.closed());
        Figure figure = SeasonFigure.of(Planner.plan(job.withChecks(checks)));
        assertEquals(6, of(figure, Mark.Wood.class).size());
        List<String> words = of(figure, Mark.Label.class).stream().map(Mark.Label::text).toList();
        assertTrue(words.contains("opens inside") && words.contains("opens outside"), words.toString());
    }

    @Test
    void aTemplateCarriesALineToMeasureThePrinterBy() {
        Plan plan = Planner.plan(shaped(new Shape.Circle(8)));
        Figure figure = TemplateFigure.of(TemplateFigure.sheets(plan).getFirst(), Units.MILLIMETRES);
        assertTrue(of(figure, Mark.Line.class).stream().anyMatch(line -> line.points().size() == 2
                && Math.abs(line.points().get(1).x() - line.points().get(0).x() - 100) < 1e-9));
    }
}
