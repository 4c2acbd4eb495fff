package neatcorner.planner;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.stream.Stream;
import neatcorner.drawing.Box;
import neatcorner.drawing.Figure;
import neatcorner.drawing.FrameFront;
import neatcorner.drawing.Mark;
import neatcorner.drawing.Point;
import neatcorner.drawing.Sound;
import neatcorner.drawing.Tint;
import neatcorner.glueup.Recipe;
import neatcorner.job.Design;
import neatcorner.job.Job;
import neatcorner.job.Jobs;
import neatcorner.job.Looks;
import neatcorner.job.Shade;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.outline.Outline;
import neatcorner.outline.Shape;
import neatcorner.plan.Plan;
import neatcorner.station.opening.FramedFigure;
import neatcorner.wood.Species;
import org.junit.jupiter.api.Test;

/** How a frame will look, and other designs to choose from. */
class FramedTest {
    private static final Shade NAVY = new Shade(0x1f2d4a);

    private static Job compared() {
        Job two = Looks.withAnother(Jobs.chart(), 0);
        return Looks.with(two, 1, Looks.designs(two).get(1).withWood(Species.named("black cherry")).withMat(NAVY)
                .withFinish(Recipe.named("sprayed lacquer").orElseThrow(), new Shade(0x1a1a1b)));
    }

    private static <M extends Mark> List<M> marks(Figure figure, Class<M> type) {
        return figure.marks().stream().filter(type::isInstance).map(type::cast).toList();
    }

    private static Stream<Tint> woods(Figure figure) {
        return marks(figure, Mark.Wood.class).stream().map(Mark.Wood::tint);
    }

    @Test
    void aDesignIsChosenAndTheOneBeforeStays() {
        Job job = compared();
        List<Design> before = Looks.designs(job);
        assertEquals("white ash", job.section().wood().name(), "another beside it changes nothing that is cut");
        Job chosen = Looks.chosen(job, 1);
        assertEquals("black cherry", chosen.section().wood().name());
        assertEquals(NAVY, chosen.looks().mat());
        assertEquals("sprayed lacquer", chosen.glueUp().finish().name());
        assertEquals(before.reversed(), Looks.designs(chosen));
        assertEquals(job, Looks.chosen(chosen, 1));
        assertEquals(List.of(before.getFirst()), Looks.designs(Looks.without(job, 1)));
    }

    @Test
    void thereAreFourDesignsAtMost() {
        Job job = Jobs.chart();
        for (int i = 0; i < 9; i++) {
            job = Looks.withAnother(job, 0);
        }
        assertEquals(4, Looks.designs(job).size());
        Figure figure = FramedFigure.of(Planner.plan(job), 0);
        assertEquals(4, marks(figure, Mark.Thing.class).size());
    }

    @Test
    void eachDesignHangsApartInItsOwnColors() {
        Plan plan = Planner.plan(compared());
        Figure figure = FramedFigure.of(plan, 1);
        Sound.assertSound(figure);
        assertEquals(List.of(Tint.WOOD_ASH, Tint.WOOD_CHERRY), woods(figure).distinct().toList());
        List<Box> boxes = marks(figure, Mark.Thing.class).stream().map(thing -> FrameFront.box(thing.outline()))
                .toList();
        assertTrue(boxes.get(0).right() < boxes.get(1).left() || boxes.get(0).bottom() < boxes.get(1).top(),
                boxes.toString());
        assertTrue(marks(figure, Mark.Painted.class).stream().anyMatch(each -> each.color().equals(NAVY)));
        assertTrue(marks(figure, Mark.Label.class).stream().anyMatch(each -> each.bold()
                && each.text().contains("black lacquer")), "what is picked is marked, by the name of its finish");
        assertFalse(woods(FramedFigure.alone(plan)).anyMatch(Tint.WOOD_CHERRY::equals));
    }

    /** The photo fills the art, of which the mat covers its overlap. */
    @Test
    void thePhotoIsWhereTheArtIs() {
        Job job = Jobs.chart();
        Figure figure = FramedFigure.alone(Planner.plan(job.withLooks(job.looks().withPhoto("chart.jpg"))));
        Mark.Photo photo = marks(figure, Mark.Photo.class).getFirst();
        assertEquals("chart.jpg", photo.name());
        assertEquals(594, photo.box().width(), 0.01);
        assertEquals(420, photo.box().height(), 0.01);
        assertEquals(588, FrameFront.box(photo.outline()).width(), 0.01);
        assertTrue(marks(figure, Mark.Line.class).stream().noneMatch(line -> line.tint() == Tint.ART_LINE));
    }

    @Test
    void framesOfEveryShapeHang() {
        Job job = compared();
        for (Shape shape : List.of(new Shape.Regular(7, true), new Shape.Circle(9), new Shape.Ellipse(12),
                new Shape.Arch(Shape.Curve.ELLIPSE, Length.mm(90), 5))) {
            Job shaped = Jobs.withABoard(job.withOutline(new Outline(shape, Angle.ZERO, List.of(), Length.mm(150))));
            Plan plan = Planner.plan(shaped.withLooks(shaped.looks().withPhoto("a.png")));
            Figure figure = FramedFigure.of(plan, 0);
            Sound.assertSound(figure);
            assertEquals(2, marks(figure, Mark.Photo.class).size(), shape.toString());
            assertEquals(2 * plan.pieces().size(), marks(figure, Mark.Wood.class).size(), shape.toString());
        }
    }

    /** Of a heptagon every side of a mat's window is as far from its slope's outer edge: the mat's thickness. */
    @Test
    void aBevelIsOfOneWidthAllRound() {
        Job heptagon = Jobs.chart().withOutline(
                new Outline(new Shape.Regular(7, true), Angle.ZERO, List.of(), Length.mm(150)));
        Plan plan = Planner.plan(Jobs.withABoard(heptagon));
        double thick = plan.job().pack().mat().orElseThrow().thickness().toMm();
        Shade core = Looks.designs(plan.job()).getFirst().core();
        List<List<Point>> slopes = marks(FramedFigure.alone(plan), Mark.Painted.class).stream()
                .filter(each -> each.color().equals(core) && each.outline().size() == 7)
                .map(Mark.Painted::outline).toList();
        List<Point> around = slopes.getFirst();
        List<Point> window = marks(FramedFigure.alone(plan), Mark.Area.class).stream()
                .filter(each -> each.fill() == Tint.ART).findFirst().orElseThrow().outline();
        for (int i = 0; i < 7; i++) {
            Point a = around.get(i);
            Point b = around.get((i + 1) % 7);
            Point within = window.get(i);
            double off = ((b.x() - a.x()) * (within.y() - a.y()) - (b.y() - a.y()) * (within.x() - a.x()))
                    / Math.hypot(b.x() - a.x(), b.y() - a.y());
            assertEquals(thick, Math.abs(off), 1e-6, "side " + (i + 1));
        }
    }

    @Test
    void aColorIsReadAsItIsWritten() {
        assertEquals(NAVY, Shade.read("#1f2d4a").orElseThrow());
        assertEquals("#1f2d4a", NAVY.toString());
        assertTrue(Shade.read("navy").isEmpty());
        assertEquals(1, new Shade(0xffffff).light(), 1e-9);
        assertTrue(NAVY.light() < 0.05);
    }
}
