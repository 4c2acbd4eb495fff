package neatcorner.planner;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.corner.solid.CornerWood;
import neatcorner.corner.solid.Part;
import neatcorner.drawing.Box;
import neatcorner.drawing.Drawing;
import neatcorner.drawing.Figure;
import neatcorner.drawing.FrameFront;
import neatcorner.drawing.Mark;
import neatcorner.drawing.Marks;
import neatcorner.drawing.Point;
import neatcorner.drawing.Sound;
import neatcorner.drawing.Tint;
import neatcorner.fitout.SizeOf;
import neatcorner.glueup.Holding;
import neatcorner.glueup.School;
import neatcorner.glueup.jig.JigDesign;
import neatcorner.job.Addition;
import neatcorner.job.Job;
import neatcorner.job.Jobs;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.Scalar;
import neatcorner.measure.Units;
import neatcorner.outline.Opening;
import neatcorner.outline.Outline;
import neatcorner.outline.Shape;
import neatcorner.outline.Vertex;
import neatcorner.piece.CornerJoint;
import neatcorner.plan.CornerWork;
import neatcorner.plan.Field;
import neatcorner.plan.FrameFields;
import neatcorner.plan.Plan;
import neatcorner.plan.Station;
import neatcorner.shop.Shop;
import neatcorner.station.corners.CornerChoices;
import neatcorner.station.corners.CornerFigure;
import neatcorner.station.glueup.GlueUpChoices;
import neatcorner.station.glueup.GlueUpFigure;
import neatcorner.station.glueup.GlueUpWork;
import neatcorner.station.glueup.JigFields;
import neatcorner.station.glueup.JigFigure;
import neatcorner.station.glueup.JigWork;
import neatcorner.station.saw.SawFigure;
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

    /** The highlight is as bright in the dark as in the light: what is written on it must be dark in both. */
    @Test
    void whatIsWrittenOnTheHighlightIsDarkInEveryLook() {
        List<Mark> marks = GlueUpFigure.of(Planner.plan(Jobs.chart())).marks();
        List<Box> bright = marks.stream()
                .filter(mark -> mark instanceof Mark.Area area && area.fill() == Tint.HIGHLIGHT)
                .map(mark -> FrameFront.box(((Mark.Area) mark).outline())).toList();
        List<Tint> written = marks.stream().filter(Mark.Label.class::isInstance).map(Mark.Label.class::cast)
                .filter(label -> bright.stream().anyMatch(box -> Math.hypot(box.center().x() - label.at().x(),
                        box.center().y() - label.at().y()) < 1e-6))
                .map(Mark.Label::tint).toList();
        assertEquals(List.of(Tint.WOOD_INK, Tint.WOOD_INK, Tint.WOOD_INK, Tint.WOOD_INK), written);
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

    private static Point label(Figure figure, String text) {
        return figure.marks().stream().filter(Mark.Label.class::isInstance).map(Mark.Label.class::cast)
                .filter(label -> label.text().equals(text)).map(Mark.Label::at).findFirst().orElseThrow();
    }

    /** The corner lies as in the frame: D comes up from below, A goes to the right, the heel is at the top left. */
    @ParameterizedTest
    @EnumSource(CornerJoint.class)
    void upIsUpAtTheCorner(CornerJoint joint) {
        for (Opening size : List.of(new Opening(Length.mm(600), Length.mm(400)),
                new Opening(Length.mm(300), Length.mm(500)))) {
            Plan plan = Planner.plan(Jobs.chart().withJoint(joint).withReinforcement(List.of())
                    .withSize(Jobs.chart().sizeOf(), size));
            CornerWork.Kind first = kind(plan);
            assertEquals("D–A", first.at().getFirst());
            Figure figure = CornerFigure.of(plan, first, -1);
            assertTrue(label(figure, "A").x() > 2 * Math.abs(label(figure, "A").y()), joint + " A lies on top");
            assertTrue(label(figure, "D").y() > 2 * Math.abs(label(figure, "D").x()), joint + " D stands at the left");
            assertTrue(label(figure, "toe").x() > 0 && label(figure, "toe").y() > 0);
        }
    }

    /** Saw cuts over wood of any tone are drawn on a casing, wider than they are. */
    @Test
    void aCutIsCased() {
        Marks marks = new Marks();
        marks.cut(2, new Point(0, 0), new Point(10, 0));
        List<Mark.Line> lines = marks.list().stream().map(Mark.Line.class::cast).toList();
        assertEquals(List.of(Tint.CUT_CASING, Tint.CUT), lines.stream().map(Mark.Line::tint).toList());
        assertTrue(lines.getFirst().weight() >= lines.getLast().weight() + 2);
        for (Figure figure : List.of(SawFigure.of(splined(22), splined(22).cuts().getFirst()),
                CornerFigure.of(splined(40), kind(splined(40)), 0))) {
            assertTrue(figure.marks().stream().anyMatch(mark -> mark instanceof Mark.Line line
                    && line.tint() == Tint.CUT_CASING));
        }
    }

    @Test
    void onlyWhatWasChosenIsCautionedAgainst() {
        assertTrue(cautions(splined(22)).contains("cradle"));
        Plan bare = Planner.plan(Jobs.chart().withReinforcement(List.of()));
        assertEquals("", cautions(bare));
        Plan nailed = Planner.plan(CornerChoices.fitted(bare, ReinforcementKind.V_NAIL).orElseThrow());
        assertTrue(cautions(nailed).contains("nail's length") && !cautions(nailed).contains("plines"));
    }

    /** A lap is sawn over a blade whatever holds it afterwards, and wherever it is: the chapter says it once. */
    @Test
    void whatARingsCornersAskForIsCautionedAgainstToo() {
        Job plain = Jobs.chart().withReinforcement(List.of());
        Job banded = Addition.RING_ROUND.to(Addition.RING_ROUND.to(plain));
        Job lapped = banded.withRings(banded.rings().stream().map(ring -> ring.withJoint(CornerJoint.LAP)).toList());
        assertEquals("", cautions(Planner.plan(banded)));
        String said = cautions(Planner.plan(lapped));
        assertTrue(said.contains("never in the hand"), said);
        assertEquals(said.indexOf("never in the hand"), said.lastIndexOf("never in the hand"));
    }

    private static String cautions(Plan plan) {
        return Chapters.at(Station.CORNERS).cautions(plan).stream().map(each -> each.in(Notation.of(Units.MILLIMETRES)))
                .collect(Collectors.joining(" "));
    }

    /** A dowel across the joint is seen end on where the joint is cut through: round, not in slabs. */
    @Test
    void aDowelIsRoundWhereTheJointIsCutThrough() {
        Job wide = Jobs.chart().withReinforcement(List.of()).withSection(
                Jobs.chart().section().withWidth(Length.mm(70)));
        Plan plan = Planner.plan(CornerChoices.fitted(Planner.plan(wide), ReinforcementKind.DOWEL).orElseThrow());
        CornerWood wood = kind(plan).corner().wood();
        Part dowel = kind(plan).corner().parts().getFirst();
        List<List<Vertex>> seen = dowel.throughSeam(wood.seam());
        assertEquals(1, seen.size());
        double r = plan.job().reinforcement().getFirst().thickness().toMm() / 2;
        for (Vertex v : seen.getFirst()) {
            assertEquals(r, Math.hypot(v.x() - dowel.fromHeel(), v.y() - dowel.fromFace()), r * 0.12);
        }
    }

    @Test
    void whatHoldsACornerIsOfferedWithItsPictureAndWhatDoesNotFitWithItsReason() {
        Plan plan = splined(22);
        CornerChoices.Ways ways = CornerChoices.ways(plan, false);
        assertEquals(CornerJoint.values().length, ways.joints().size());
        assertTrue(ways.joints().stream().allMatch(CornerChoices.Joint::possible));
        boolean fits = true;
        for (CornerChoices.Hold hold : ways.holds()) {
            assertTrue(hold.what() == null || fits, "those that do not fit come last");
            fits = hold.what() != null;
            assertFalse(hold.why().template().isEmpty());
            assertFalse(hold.picture().marks().isEmpty());
            if (hold.what() != null) {
                Job held = CornerChoices.only(plan.job(), hold.what());
                assertTrue(kind(Planner.plan(held)).corner().isClear(), hold.kind() + " clears everything");
            }
        }
        assertTrue(CornerChoices.ways(Planner.plan(Jobs.chart().withOutline(Jobs.chart().outline().withShape(
                new Shape.Regular(7, false)))), false).joints().stream().filter(CornerChoices.Joint::possible)
                .count() == 1);
    }

    @Test
    void whatAFrameIsHeldInIsOfferedWithWhatItNeeds() {
        Plan plan = splined(22);
        GlueUpChoices choices = GlueUpChoices.of(plan);
        assertEquals(Holding.values().length, choices.holdings().size());
        assertEquals("no clamps", choices.holdings().getLast().figure().in(MM));
        for (GlueUpChoices.Held held : choices.holdings()) {
            assertTrue(held.picture().marks().stream().noneMatch(Mark.Label.class::isInstance),
                    "no words in so small a picture");
        }
        double takes = Objects.requireNonNull(GlueUpWork.of(plan)).minutes(School.ALL_AT_ONCE);
        assertTrue(choices.schools().getFirst().figure().in(MM).startsWith(
                "takes " + MM.text(new Scalar(takes, "", 1)).strip()), choices.schools().getFirst().figure().in(MM));
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
            Figure full = JigFigure.fullSize(template, Units.MILLIMETRES);
            assertTrue(labels(full).stream().anyMatch(text -> text.contains("|4 in]")));
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
