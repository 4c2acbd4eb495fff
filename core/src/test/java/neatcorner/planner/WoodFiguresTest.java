package neatcorner.planner;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import neatcorner.drawing.Figure;
import neatcorner.drawing.Mark;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;
import neatcorner.job.Job;
import neatcorner.job.Jobs;
import neatcorner.measure.Length;
import neatcorner.measure.Theirs;
import neatcorner.plan.Plan;
import neatcorner.section.Edge;
import neatcorner.section.EdgeShape;
import neatcorner.section.Face;
import neatcorner.section.Layers;
import neatcorner.section.Milling;
import neatcorner.section.Operation;
import neatcorner.section.Passes;
import neatcorner.section.Ply;
import neatcorner.station.section.SectionFields;
import neatcorner.station.section.SectionFigure;
import neatcorner.station.section.SectionLook;
import neatcorner.station.sticks.BoardsFigure;
import neatcorner.station.sticks.SheetWork;
import neatcorner.station.sticks.SheetsFigure;
import neatcorner.station.sticks.SticksFigure;
import neatcorner.stock.Pin;
import neatcorner.stock.RoughBoard;
import neatcorner.stock.Search;
import neatcorner.stock.Sheet;
import neatcorner.stock.Span;
import neatcorner.wood.Species;
import org.junit.jupiter.api.Test;

/** Pictures of milling, boards, sticks and sheets. */
class WoodFiguresTest {

    private static <M extends Mark> List<M> of(Figure figure, Class<M> kind) {
        return figure.marks().stream().filter(kind::isInstance).map(kind::cast).toList();
    }

    private static List<String> words(Figure figure) {
        return of(figure, Mark.Label.class).stream().map(label -> Theirs.plain(label.text()))
                .toList();
    }

    private static Plan milled() {
        Milling milling = Milling.PLAIN
                .plus(new Operation.Shaped(EdgeShape.ROUND_OVER, Edge.FRONT_OUTER, Length.mm(6), Length.mm(6), 0))
                .plus(new Operation.Groove(Face.FRONT, Length.mm(10), Length.mm(4), Length.mm(3), 0))
                .plus(new Operation.Shaped(EdgeShape.FACET, Edge.BACK_OUTER, Length.mm(3), Length.mm(3), 0))
                .plus(new Operation.Rip(Length.mm(5)));
        Job job = Jobs.chart();
        return Planner.plan(job.withSection(job.section().withMilling(milling)));
    }

    @Test
    void everyCutHasItsSizeAndAHandleWhereItIs() {
        Figure figure = SectionFigure.of(milled());
        List<String> fields = of(figure, Mark.Handle.class).stream().map(handle -> handle.field().id()).toList();
        assertTrue(fields.containsAll(List.of("milled.1", "milled.depth.2", "milled.3")), fields.toString());
        Mark.Handle round = of(figure, Mark.Handle.class).stream()
                .filter(handle -> handle.field().equals(SectionFields.milled(1))).findFirst().orElseThrow();
        assertEquals(new Point(24, 0), round.at(), "where the round begins on the front");
        assertTrue(round.dx() < 0, "it grows inwards");
        List<Mark.Wood> wood = of(figure, Mark.Wood.class);
        assertEquals(1, wood.size());
        assertTrue(wood.getFirst().parts().size() > 8, "a curve is made of many strips");
    }

    @Test
    void eachPassShowsWhatItTakesAndWhatItRestsOn() {
        Plan plan = milled();
        int passes = Passes.of(plan.job().section()).size();
        for (int i = 0; i < passes; i++) {
            Figure figure = SectionFigure.of(plan, new SectionLook(i, false));
            List<String> words = words(figure);
            assertTrue(words.contains(String.valueOf(i + 1)), i + " in " + words);
            assertTrue(words.contains("on the table") || words.contains("on the bench"), words.toString());
            assertFalse(of(figure, Mark.Area.class).isEmpty(), "what is taken");
            assertFalse(of(figure, Mark.Wood.class).isEmpty());
        }
        assertEquals(SectionFigure.of(plan, new SectionLook(passes - 1, false)).marks(),
                SectionFigure.of(plan, new SectionLook(99, false)).marks(), "there is none after the last");
    }

    @Test
    void theSafeZoneIsMarkedWithItsRectangle() {
        Plan plan = milled();
        List<String> names = of(SectionFigure.of(plan, new SectionLook(-1, true)), Mark.Dimension.class).stream()
                .map(Mark.Dimension::name).toList();
        assertTrue(names.containsAll(List.of("Safe zone, width", "Safe zone, height")), names.toString());
        assertNotEquals(SectionFigure.of(plan).marks(),
                SectionFigure.of(plan, new SectionLook(-1, true)).marks());
    }

    @Test
    void eachBoardOfABuiltUpSectionHasItsOwnWood() {
        Job job = Jobs.chart();
        Layers layers = new Layers(true, List.of(new Ply(job.section().wood(), Length.mm(12), Length.ZERO),
                new Ply(Species.named("black walnut"), Length.mm(6), Length.ZERO),
                new Ply(job.section().wood(), Length.mm(12), Length.ZERO)));
        Figure figure = SectionFigure.of(Planner.plan(job.withSection(
                job.section().withMilling(Milling.PLAIN.withLayers(layers)))));
        assertEquals(List.of(Tint.WOOD_ASH, Tint.WOOD_WALNUT, Tint.WOOD_ASH),
                of(figure, Mark.Wood.class).stream().map(Mark.Wood::tint).toList());
    }

    @Test
    void aSectionThatCannotBeMilledIsShownAsItWasAskedFor() {
        Plan broken = Planner.plan(Jobs.withRabbet(6, 25));
        assertFalse(SectionFigure.of(broken, new SectionLook(0, true)).marks().isEmpty());
    }

    @Test
    void aHeldPieceSaysSoAndRowsKnowTheirStick() {
        Job job = Jobs.chart();
        Plan plan = Planner.plan(job.withStock(job.stock().pinned(new Pin("B", 1, 0, 2))));
        assertTrue(words(SticksFigure.of(plan)).contains("B (held)"));
        List<SticksFigure.Row> rows = SticksFigure.rows(plan);
        assertTrue(rows.stream().anyMatch(row -> row.number() == 2 && row.used()));
        assertTrue(rows.stream().anyMatch(row -> row.number() == 0 && !row.used()), "some stay on the rack");
        long marks = of(SticksFigure.strips(plan, 0, 1), Mark.Value.class).stream()
                .filter(value -> value.name().equals("From the left end")).count();
        assertEquals(plan.layout().sticks().getFirst().cuts().size(), marks, "running marks, one for each piece");
    }

    @Test
    void aBoardShowsItsSticksFromAboveAndAtItsEnd() {
        Job job = Jobs.chart();
        assertEquals("No rough boards yet", BoardsFigure.of(Planner.plan(job)).title());
        RoughBoard board = new RoughBoard("thick", Length.mm(2500), Length.mm(80), Length.mm(55), Length.mm(2), 3, null,
                List.of(new Span(Length.mm(1000), Length.mm(1100))));
        Figure figure = BoardsFigure.of(Planner.plan(job.withStock(job.stock().withBoards(List.of(board)))));
        assertTrue(words(figure).contains("thick · 3 of them"), words(figure).toString());
        long ends = of(figure, Mark.Wood.class).stream().filter(Mark.Wood::endwise).count();
        assertEquals(4, ends, "two strips in two layers");
        List<String> fields = of(figure, Mark.Dimension.class).stream().map(dimension -> dimension.field() == null
                ? ""
                : dimension.field().id()).toList();
        assertTrue(fields.containsAll(List.of("board.length.0", "board.width.0")), fields.toString());
    }

    @Test
    void sheetsShowTheirPanelsAndNumberedCuts() {
        Job job = Jobs.chart().withQuantity(3);
        assertEquals("No sheets yet",
                SheetsFigure.of(SheetWork.of(Planner.plan(job), Search.PATIENT)).title());
        Plan plan = Planner.plan(job.withStock(job.stock().withSheets(
                List.of(new Sheet("pane", "glass", Length.mm(1405), Length.mm(1060), 3, null, false)))));
        List<SheetWork> works = SheetWork.of(plan, Search.PATIENT);
        Figure figure = SheetsFigure.of(works);
        SheetWork glass = works.getFirst();
        List<String> words = words(figure);
        assertTrue(words.contains("Glass") && words.contains("pane"), words.toString());
        glass.layout().sheets().getFirst().cuts().forEach(cut -> assertTrue(
                words.stream().anyMatch(word -> word.matches(cut.number() + "( pliers)?")), words.toString()));
        assertTrue(words.stream().anyMatch(word -> word.endsWith("pliers")), "a strip of 9 mm does not snap");
        double unused = SheetsFigure.unused(glass);
        assertTrue(unused > 0 && unused < 0.6, "left over: " + unused);
    }
}
