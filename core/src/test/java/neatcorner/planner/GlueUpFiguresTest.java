package neatcorner.planner;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Objects;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.drawing.Drawing;
import neatcorner.drawing.Figure;
import neatcorner.drawing.Mark;
import neatcorner.drawing.Sound;
import neatcorner.fitout.SizeOf;
import neatcorner.glueup.Holding;
import neatcorner.glueup.jig.JigDesign;
import neatcorner.job.Job;
import neatcorner.job.Jobs;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import neatcorner.outline.Opening;
import neatcorner.outline.Outline;
import neatcorner.outline.Shape;
import neatcorner.piece.CornerJoint;
import neatcorner.plan.CornerWork;
import neatcorner.plan.Field;
import neatcorner.plan.FrameFields;
import neatcorner.plan.Plan;
import neatcorner.shop.Shop;
import neatcorner.station.corners.CornerChoices;
import neatcorner.station.corners.CornerFigure;
import neatcorner.station.glueup.GlueUpFigure;
import neatcorner.station.glueup.GlueUpWork;
import neatcorner.station.glueup.JigFields;
import neatcorner.station.glueup.JigFigure;
import neatcorner.station.glueup.JigWork;
import neatcorner.stock.Search;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class GlueUpFiguresTest {
    private static final Notation MM = Notation.of(Units.MILLIMETRES);

    private static Plan splined(double depth) {
        return Planner.plan(Jobs.chart().withReinforcement(List.of(Reinforcement.spline(Length.mm(depth), Length.mm(3),
                1))));
    }

    private static CornerWork.Kind kind(Plan plan) {
        return CornerWork.of(plan).kinds().getFirst();
    }

    private static List<String> labels(Figure figure) {
        return figure.marks().stream().filter(Mark.Label.class::isInstance).map(mark -> ((Mark.Label) mark).text())
                .toList();
    }

    @ParameterizedTest
    @EnumSource(ReinforcementKind.class)
    void everyKindIsDrawnInEveryJointThatTakesIt(ReinforcementKind kind) {
        for (CornerJoint joint : CornerJoint.values()) {
            Job wide = Jobs.chart().withJoint(joint).withSection(Jobs.chart().section().withWidth(Length.mm(70)));
            CornerChoices.fitted(Planner.plan(wide), kind).ifPresent(job -> {
                Plan plan = Planner.plan(job);
                Figure figure = CornerFigure.of(plan, kind(plan), 0);
                assertTrue(figure.marks().size() > 8, kind + " in " + joint);
                assertFalse(Drawing.of(figure, 800, 500, MM).primitives().isEmpty());
                assertTrue(labels(CornerFigure.exploded(plan, kind(plan))).contains("1"));
            });
        }
    }

    /** What is dragged is what was chosen. */
    @Test
    void theDepthCanBeDragged() {
        Plan plan = splined(22);
        Mark.Handle handle = CornerFigure.of(plan, kind(plan), 0).marks().stream().filter(Mark.Handle.class::isInstance)
                .map(Mark.Handle.class::cast).findFirst().orElseThrow();
        assertEquals(22 / Math.sqrt(2), handle.at().y(), 1e-6, "at the end of the depth, along the diagonal");
        Job deeper = handle.field().edit(handle.field().in(plan).plus(Length.mm(3))).of(plan.job(), Jobs.SHOP);
        assertEquals(Length.mm(25), deeper.reinforcement().getFirst().size());
        assertTrue(CornerFigure.of(plan, kind(plan), -1).marks().stream().noneMatch(Mark.Handle.class::isInstance));
    }

    @Test
    void aClashIsHatchedAndNamed() {
        Plan plan = splined(40);
        Figure figure = CornerFigure.of(plan, kind(plan), 0);
        assertTrue(figure.marks().stream().anyMatch(Mark.Hatch.class::isInstance));
        assertTrue(labels(figure).stream().anyMatch(text -> text.equals("spline runs into the rabbet")), labels(figure)
                .toString());
        assertTrue(CornerFigure.of(splined(22), kind(splined(22)), 0).marks().stream()
                .noneMatch(Mark.Hatch.class::isInstance));
    }

    @ParameterizedTest
    @EnumSource(Holding.class)
    void theFrameIsDrawnInWhateverHoldsIt(Holding holding) {
        for (Shape shape : List.of(new Shape.Rectangle(), new Shape.Regular(7, false), new Shape.Circle(8))) {
            Job job = Jobs.chart().withOutline(Outline.of(shape)).withSize(SizeOf.ART,
                    new Opening(Length.mm(420), Length.mm(420)));
            Plan plan = Planner.plan(job.withGlueUp(job.glueUp().withHolding(holding)));
            Figure figure = GlueUpFigure.of(plan);
            for (int i = 1; i <= plan.pieces().size(); i++) {
                assertTrue(labels(figure).contains(String.valueOf(i)), holding + " corner " + i);
            }
            boolean typed = figure.marks().stream().anyMatch(mark -> mark instanceof Mark.Value value
                    && FrameFields.FIRST_DIAGONAL.equals(value.field()));
            assertEquals(shape instanceof Shape.Rectangle, typed, "diagonals are those of a rectangle");
        }
    }

    @ParameterizedTest
    @EnumSource(JigDesign.Kind.class)
    void everyJigIsDrawnWithItsPartsAndAtFullSize(JigDesign.Kind kind) {
        JigDesign design = JigWork.of(splined(22), kind, Search.PATIENT).design();
        List<String> names = labels(JigFigure.of(design));
        for (JigDesign.Template template : design.templates()) {
            assertTrue(names.contains(template.name()), names + " lacks " + template.name());
            Figure full = JigFigure.fullSize(template);
            assertTrue(labels(full).stream().anyMatch(text -> text.startsWith("100 mm")));
            assertEquals(template.outline().stream().mapToDouble(v -> v.x()).max().orElseThrow(), Math.max(100, full
                    .bounds().width()) == 100
                            ? template.outline().stream().mapToDouble(v -> v.x()).max()
                                    .orElseThrow()
                            : full.bounds().width(),
                    1e-6, "its millimetres are those of the wood");
        }
    }

    @Test
    void withoutAFrameThereIsStillAPicture() {
        Plan none = Planner.plan(Jobs.chart().withSize(SizeOf.OUTSIDE, new Opening(Length.mm(20), Length.mm(20))));
        Sound.assertSound(GlueUpFigure.of(none));
    }

    @Test
    void theShopsJigIsMeasuredAndTheHoleFollows() {
        Plan plan = Planner.plan(Jobs.chart());
        int before = Objects.requireNonNull(GlueUpWork.of(plan)).glue().jig().orElseThrow().hole();
        Shop finer = JigFields.PITCH.edit(Length.mm(10)).of(Jobs.SHOP);
        finer = finer.withJig(Objects.requireNonNull(finer.jig()).withHoles(60), 1);
        int after = Objects.requireNonNull(GlueUpWork.of(Planner.plan(plan.job(), finer, Search.PATIENT))).glue().jig()
                .orElseThrow().hole();
        assertTrue(after > before, "finer holes are counted further");
        for (Field field : JigFields.ALL) {
            assertEquals(Length.mm(33),
                    field.in(Planner.plan(plan.job(), field.edit(Length.mm(33)).of(Jobs.SHOP), Search.PATIENT)));
            assertEquals(Jobs.SHOP, field.edit(Length.ZERO).of(Jobs.SHOP), "no length is no jig");
        }
    }
}
