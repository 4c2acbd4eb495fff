package neatcorner.planner;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Objects;
import neatcorner.outline.Faces;
import neatcorner.fitout.Layer;
import neatcorner.fitout.Pack;
import neatcorner.fitout.SizeOf;
import neatcorner.job.Hold;
import neatcorner.job.Job;
import neatcorner.job.Jobs;
import neatcorner.job.Preset;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import neatcorner.outline.Opening;
import neatcorner.outline.Shape;
import neatcorner.piece.CornerJoint;
import neatcorner.plan.Finding;
import neatcorner.plan.Plan;
import neatcorner.plan.Remedy;
import neatcorner.saw.measured.Checks;
import neatcorner.section.Rabbet;
import neatcorner.shop.Shop;
import neatcorner.stock.Stick;
import neatcorner.wood.Climate;
import org.junit.jupiter.api.Test;

/** What is offered leads to the job that a maker would want, and what does not is not offered. */
class TriedRemediesTest {
    private static final Notation MM = Notation.of(Units.MILLIMETRES);

    private static Finding finding(Job job, String code) {
        return Planner.plan(job).findings().stream().filter(each -> each.code().equals(code)).findFirst().orElseThrow();
    }

    private static Remedy remedy(Job job, String code) {
        return Objects.requireNonNull(finding(job, code).remedy(), code);
    }

    private static Job pressed(Job job, String code) {
        return remedy(job, code).edit().of(job, Jobs.SHOP);
    }

    private static boolean has(Job job, String code) {
        return Planner.plan(job).findings().stream().anyMatch(each -> each.code().equals(code));
    }

    /** Without a mat, in a rabbet so shallow that neither a mat nor spacers leave room for points. */
    private static Job bare(double deep, int sticks) {
        Job job = Jobs.withRabbet(6, deep).withPack(new Pack(Jobs.chart().pack().layers().stream()
                .filter(layer -> !(layer instanceof Layer.Mat)).toList()));
        return job.withStock(job.stock().withSticks(List.of(
                new Stick("ash", Length.mm(2400), sticks, null, List.of()))));
    }

    /** A mat makes the frame larger than its stick: spacers do not, and are offered instead. */
    @Test
    void whatMendsInOneStepGoesBeforeWhatTakesTwo() {
        Job job = bare(12, 1);
        assertFalse(has(job, "stock.short"));
        assertEquals("Put spacers of 3 mm in", remedy(job, "glass.on-art").label().in(MM));
        Job mended = pressed(job, "glass.on-art");
        assertTrue(mended.pack().layers().stream().anyMatch(Layer.Spacers.class::isInstance));
        assertEquals(job.sizes().outside(), mended.sizes().outside(), "the frame is no larger");
    }

    /** Where the rabbet has no room for spacers either, what a mat takes besides is done with it, and said. */
    @Test
    void whatItTakesBesidesIsDoneWithItAndSaid() {
        Job job = bare(8, 1);
        Remedy remedy = remedy(job, "glass.on-art");
        assertTrue(remedy.label().in(MM).contains(", and "), remedy.label().in(MM));
        Plan plan = Planner.plan(job);
        Shop shop = remedy.edit().of(plan.shop());
        Plan after = Planner.plan(remedy.edit().of(job, plan.shop()), shop, () -> false);
        assertTrue(after.canBeMade(), after.findings().toString());
        assertNull(remedy.otherwise(), "one thing is offered");
    }

    /** On faces of 90 mm by the sea nothing closes the miters: nothing is offered, and the words say what helps. */
    @Test
    void whatOnlyLessensAFaultIsNotOffered() {
        Job wide = Jobs.chart().withSection(Jobs.chart().section().withWidth(Length.mm(90)))
                .withChecks(Checks.none().withPlace(Climate.BY_THE_SEA.withGlued(7)));
        assertNull(finding(wide, "movement.opens-miter").remedy());
        assertTrue(finding(wide, "movement.opens-miter").message().in(MM).contains("reinforce"));
    }

    /** Three segments want a wider board than five, and one of 150 mm does not give them. */
    @Test
    void aNarrowBoardTakesMoreSegmentsOrAWiderBoard() {
        Job few = Jobs.withABoard(Jobs.chart().withSize(SizeOf.ART, new Opening(Length.mm(400), Length.mm(400))));
        few = few.withOutline(few.outline().withShape(new Shape.Circle(4)).withBoardWidth(Length.mm(100)));
        assertTrue(has(few, "board.narrow"));
        Job mended = pressed(few, "board.narrow");
        assertFalse(has(mended, "board.narrow"));
        assertTrue(Planner.plan(mended).pieces().size() > 4);
        Job hopeless = few.withOutline(few.outline().withBoardWidth(Length.mm(5)));
        Job wider = pressed(hopeless, "board.narrow");
        assertTrue(wider.outline().boardWidth().isMoreThan(Length.mm(30)), "no segment is narrower than the face");
        assertFalse(has(wider, "board.narrow"));
        assertEquals(0, wider.outline().boardWidth().toMm() % 5, 1e-9, "boards come in steps of 5 mm");
    }

    /** A heavy frame on bare miters: splines, or where they do not go, something else that does. */
    @Test
    void aWeakCornerIsHeldByWhatGoes() {
        Job heavy = Jobs.chart().withSize(SizeOf.ART, new Opening(Length.mm(900), Length.mm(700)));
        Job held = pressed(heavy, "corner.unreinforced");
        assertFalse(held.reinforcement().isEmpty());
        assertFalse(has(held, "corner.unreinforced"));
        Job butted = heavy.withJoint(CornerJoint.BUTT)
                .withSection(heavy.section().withRabbet(Rabbet.NONE));
        Job other = pressed(butted, "corner.unreinforced");
        assertFalse(other.reinforcement().isEmpty());
        assertFalse(has(other, "reinforcement.not-here"), "no splines in a butt joint");
    }

    /** Borders that leave no window are made thinner. */
    @Test
    void bordersThatLeaveNoWindowAreMadeThinner() {
        Layer.Mat wide = Jobs.chart().pack().mat().orElseThrow().withBorders(Faces.all(Length.mm(400)));
        Job job = Jobs.chart().withPack(Jobs.chart().pack().withMat(wide)).withSize(SizeOf.OUTSIDE,
                new Opening(Length.mm(500), Length.mm(400)));
        Job mended = pressed(job, "size.impossible");
        assertNotNull(Planner.plan(mended).contours());
        assertFalse(has(mended, "size.impossible"));
    }

    /** What floats is carried by a strip thick enough to be screwed to: half an inch, or 12 mm. */
    @Test
    void whatFloatsIsCarriedByAThickStrip() {
        Job floated = Jobs.chart().withHold(new Hold.Floating(Length.mm(5))).withSection(Jobs.chart().section()
                .withWidth(Length.mm(20)).withThickness(Length.mm(45)).withRabbet(Rabbet.NONE));
        floated = floated.withPack(new Pack(List.of(new Layer.Art(Length.mm(20)))));
        Job carried = pressed(floated, "float.uncarried");
        assertEquals(12, carried.rings().getFirst().section().thickness().toMm(), 1e-3);
        assertFalse(has(carried, "hanger.no-wood"));
    }

    /** A quarter's blank reaches from the tangent of its outer arc to the chord of its sight edge; a stick is no narrower. */
    @Test
    void sticksForARoundRingAreAsWideAsItsSegmentsAndNoWiderThanAStepMore() {
        Job job = Preset.LINER.of(Jobs.chart().withOutline(Jobs.chart().outline().withShape(new Shape.Circle(4))
                .withBoardWidth(Length.mm(400))), Units.MILLIMETRES);
        job = job.withStock(job.stock().withSticks(List.of(
                new Stick("ash", Length.mm(4000), 9, null, List.of(), Length.mm(400), null))));
        Job bought = pressed(job, "stock.short");
        Length width = Objects.requireNonNull(bought.stock().sticks().getLast().width());
        double outer = Planner.plan(job).rings().getFirst().pieces().getFirst().outer().toMm() / 2;
        double face = job.rings().getFirst().section().width().toMm();
        double needed = outer - (outer - face) * Math.sqrt(0.5);
        assertTrue(width.toMm() >= needed - 0.01 && width.toMm() < needed + 5.01, width + " for " + needed);
    }
}
