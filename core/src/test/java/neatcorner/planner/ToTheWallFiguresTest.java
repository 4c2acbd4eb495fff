package neatcorner.planner;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import neatcorner.drawing.Figure;
import neatcorner.drawing.Mark;
import neatcorner.fitout.Layer;
import neatcorner.fitout.Material;
import neatcorner.fitout.Pack;
import neatcorner.fitout.SizeOf;
import neatcorner.hanging.HangBy;
import neatcorner.job.Defaults;
import neatcorner.job.Job;
import neatcorner.job.Preset;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.outline.Opening;
import neatcorner.plan.Field;
import neatcorner.plan.Plan;
import neatcorner.shop.Shop;
import neatcorner.station.fitout.FitOutFields;
import neatcorner.station.fitout.FitOutFigure;
import neatcorner.station.hanging.HangingFields;
import neatcorner.station.hanging.HangingFigure;
import neatcorner.station.hanging.HangingWork;
import neatcorner.station.sticks.SheetWork;
import neatcorner.stock.Search;
import neatcorner.stock.Sheet;
import org.junit.jupiter.api.Test;

/** What is taken hold of in the drawings of fit-out and hanging, and what is left of the sheets that are cut for them. */
class ToTheWallFiguresTest {
    private static final Job BLANK = Defaults.blank(Units.MILLIMETRES).withSize(SizeOf.ART,
            new Opening(Length.mm(480), Length.mm(680)));

    private static Plan plan(Job job) {
        return Plan.of(job, Shop.usual(Units.MILLIMETRES), Search.PATIENT);
    }

    private static Optional<Mark.Handle> handle(Figure figure, Field field) {
        return figure.marks().stream().filter(Mark.Handle.class::isInstance).map(Mark.Handle.class::cast)
                .filter(handle -> handle.field().equals(field)).findFirst();
    }

    @Test
    void theFirstTwoScrewsOfARingAreDraggedAlongIt() {
        Job floater = Preset.FLOATER.of(BLANK, Units.MILLIMETRES);
        String ring = floater.rings().getFirst().name();
        Plan plan = plan(floater);
        for (Field field : List.of(FitOutFields.firstScrew(ring), FitOutFields.mostScrews(ring))) {
            Mark.Handle handle = handle(FitOutFigure.of(plan), field).orElseThrow();
            assertEquals(1, Math.hypot(handle.dx(), handle.dy()), 1e-9, "a millimeter for each that it is dragged");
            assertTrue(handle.dx() < -0.99, "away from the corner on the right, seen from behind");
            Job longer = field.edit(field.in(plan).plus(Length.mm(7))).of(floater, plan.shop());
            assertEquals(field.in(plan).plus(Length.mm(7)), field.in(plan(longer)));
        }
    }

    @Test
    void aHookFollowsTheHandThatMovesIt() {
        for (int hooks = 2; hooks <= 4; hooks++) {
            Job hung = BLANK.withHanging(BLANK.hanging().withBy(HangBy.SCREWS).withHooks(hooks));
            Plan plan = plan(hung);
            Mark.Handle handle = handle(HangingFigure.of(plan), HangingFields.APART).orElseThrow();
            Length apart = HangingFields.APART.in(plan).plus(Length.mm(10 * handle.dx()));
            Job moved = HangingFields.APART.edit(apart).of(hung, plan.shop());
            assertEquals(last(plan) + 10, last(plan(moved)), 0.01, hooks + " hooks, the last by 10 mm");
        }
    }

    private static double last(Plan plan) {
        return HangingWork.of(plan).orElseThrow().hooks().getLast().from().toMm();
    }

    @Test
    void aCleatHasItsBumpersAndAWireHasNone() {
        Job cleat = BLANK.withHanging(BLANK.hanging().withBy(HangBy.CLEAT));
        assertEquals(2, bumpers(cleat));
        assertEquals(0, bumpers(BLANK.withHanging(BLANK.hanging().withBy(HangBy.WIRE))));
    }

    private static long bumpers(Job job) {
        return HangingFigure.of(plan(job)).marks().stream()
                .filter(mark -> mark instanceof Mark.Thing thing && thing.name().equals("bumper")).count();
    }

    private static Job glazed(double width, double height) {
        Sheet glass = new Sheet("window glass", "glass", Length.mm(1200), Length.mm(900), 2, 20.0, false);
        return BLANK.withSize(SizeOf.ART, new Opening(Length.mm(width), Length.mm(height)))
                .withPack(
                        new Pack(List.of(new Layer.Glazing(Material.GLASS, Length.mm(2)), new Layer.Art(Length.mm(1)))))
                .withStock(BLANK.stock().withSheets(List.of(glass)));
    }

    @Test
    void sheetsAreCutForJobsTogetherAndWhatIsLeftIsKept() {
        Job own = glazed(500, 400);
        Job other = glazed(300, 300).withQuantity(2).withStock(BLANK.stock());
        assertTrue(SheetWork.sharesSheets(own, other));
        assertFalse(SheetWork.sharesSheets(own, BLANK.withPack(new Pack(List.of()))));
        Plan plan = plan(own);
        List<SheetWork> alone = SheetWork.of(plan, Search.PATIENT);
        List<SheetWork> both = SheetWork.of(plan, List.of(other), Search.PATIENT);
        assertEquals(1, both.size(), "only of materials that this job has");
        assertEquals(List.of("Glass for 1", "Glass for 2"),
                both.getFirst().nesting().panels().stream().map(panel -> panel.name()).toList());
        assertEquals(1, both.getFirst().layout().count(), "all three come from one sheet");
        List<Sheet> left = SheetWork.left(alone, Units.MILLIMETRES);
        assertFalse(left.isEmpty());
        for (Sheet sheet : left) {
            assertEquals("left of window glass", sheet.name());
            assertEquals("glass", sheet.material());
            assertTrue(sheet.price() == null, "it is paid for");
            assertFalse(sheet.width().isLessThan(Length.mm(150)) || sheet.height().isLessThan(Length.mm(150)));
        }
        Job cut = SheetWork.cut(own, alone);
        assertEquals(1, cut.stock().sheets().getFirst().count(), "one of two is gone");
        assertTrue(SheetWork.cut(cut.withStock(cut.stock().withSheets(left)), alone).stock().sheets().equals(left),
                "another job's rack, where that sheet is not, stays as it is");
        Sheet again = Objects.requireNonNull(left.getFirst()).withCount(3);
        Job fromLeft = own.withStock(own.stock().withSheets(List.of(again)));
        assertTrue(SheetWork.left(SheetWork.of(plan(fromLeft), Search.PATIENT), Units.MILLIMETRES).stream()
                .allMatch(sheet -> sheet.name().equals("left of window glass")), "not left of what was left");
    }
}
