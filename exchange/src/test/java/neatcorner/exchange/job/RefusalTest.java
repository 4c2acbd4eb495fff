package neatcorner.exchange.job;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import neatcorner.corner.Reinforcement;
import neatcorner.exchange.BadFile;
import neatcorner.fitout.SizeOf;
import neatcorner.hanging.OnWall;
import neatcorner.job.Addition;
import neatcorner.job.Defaults;
import neatcorner.job.Job;
import neatcorner.job.Preset;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.outline.Opening;
import neatcorner.outline.Outline;
import neatcorner.outline.Shape;
import neatcorner.plan.Field;
import neatcorner.plan.FrameFields;
import neatcorner.section.Operation;
import neatcorner.section.Rabbet;
import neatcorner.section.RabbetWay;
import neatcorner.shop.Shop;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What the reader would refuse is told before it is written; what a maker does in good faith is not among it. */
class RefusalTest {
    private static final Job BLANK = Defaults.blank(Units.MILLIMETRES);
    private static final Shop SHOP = Shop.usual(Units.MILLIMETRES);
    private static final List<Field> WIDTHS = List.of(FrameFields.ART_WIDTH, FrameFields.OPENING_WIDTH,
            FrameFields.SIGHT_WIDTH, FrameFields.OUTSIDE_WIDTH, FrameFields.ART_HEIGHT, FrameFields.OPENING_HEIGHT,
            FrameFields.SIGHT_HEIGHT, FrameFields.OUTSIDE_HEIGHT);

    /** An arched glass as files have it that do not say the rise of a semicircle. */
    private static Job arched() {
        return BLANK.withOutline(Outline.of(new Shape.Arch(Shape.Curve.SEMICIRCLE, Length.ZERO, 0)))
                .withSize(SizeOf.RABBET, new Opening(Length.mm(260), Length.mm(430)));
    }

    private static Job back(Job job) throws BadFile {
        return JobFile.read(JobFile.of(job).text()).job();
    }

    private static void comesBack(Job job) throws BadFile {
        assertNull(JobFile.of(job).refusal());
        assertEquals(job, back(job));
    }

    private static Job typed(Job job, Field field, double mm) {
        return field.edit(Length.mm(mm)).of(job, SHOP);
    }

    @Test
    void aSizeTypedOnASemicircleLeavesItsRiseAlone() throws Exception {
        for (Field field : WIDTHS) {
            Job job = typed(arched(), field, 310);
            comesBack(job);
            assertEquals(arched().outline(), job.outline(), field.id());
        }
    }

    @ParameterizedTest
    @EnumSource(Preset.class)
    void anArchedGlassCanBeAnyKindOfFrame(Preset kind) throws Exception {
        comesBack(kind.of(arched(), Units.MILLIMETRES));
        comesBack(kind.of(arched(), Units.INCHES));
    }

    /** The outside is 100 mm and the sides 60 wide: of the sight opening nothing is left. */
    @Test
    void aSizeOfWhichNothingIsLeftGovernsNoFrame() throws Exception {
        Job none = BLANK.withSection(BLANK.section().withWidth(Length.mm(60)))
                .withSize(SizeOf.OUTSIDE, new Opening(Length.mm(100), Length.mm(100)));
        assertEquals(none, none.startingFrom(SizeOf.SIGHT));
        Job typed = typed(none, FrameFields.SIGHT_WIDTH, 200);
        comesBack(typed);
        assertEquals(SizeOf.SIGHT, typed.sizeOf());
        assertEquals(Length.mm(200), typed.size().width());
        assertTrue(typed.size().height().isPositive());
    }

    @Test
    void oneDiagonalAloneIsKept() throws Exception {
        Job one = typed(BLANK, FrameFields.FIRST_DIAGONAL, 500);
        comesBack(one);
        assertEquals(500, back(one).checks().dryFit().first());
        assertEquals(0, back(one).checks().dryFit().second());
    }

    @Test
    void howARabbetIsCutIsKeptWhileItIsOut() throws Exception {
        comesBack(BLANK.withSection(BLANK.section().withRabbet(Rabbet.NONE)
                .withMilling(BLANK.section().milling().withRabbetPasses(3).withWay(RabbetWay.TABLE_SAW))));
    }

    @Test
    void whatIsAsWideAsHighHasOneSizeFromTheStart() throws Exception {
        for (Shape shape : List.of(new Shape.Circle(0), new Shape.Regular(8, true))) {
            Job round = BLANK.withOutline(Outline.of(shape));
            comesBack(round);
            for (Field field : WIDTHS) {
                Job typed = typed(round, field, 333);
                comesBack(typed);
                assertEquals(typed.size().width(), typed.size().height());
                assertTrue(Math.abs(typed.sizes().of(typed.sizeOf()).width().toMm() - 333) < 0.001, field.id());
            }
        }
    }

    @Test
    void widthsOfSidesThatAreGoneAreGone() throws Exception {
        Outline eight = new Outline(new Shape.Regular(8, false), BLANK.outline().slope(),
                Collections.nCopies(8, Length.mm(33)), BLANK.outline().boardWidth());
        comesBack(BLANK.withOutline(eight));
        comesBack(BLANK.withOutline(eight.withShape(new Shape.Regular(7, false))));
        assertEquals(8, eight.withShape(new Shape.Regular(8, true)).faceWidths().size());
    }

    /** Limits count in a ring as in the frame, and on the wall. */
    @Test
    void whatIsBeyondItsLimitIsRefusedWhereverItStands() {
        Job ring = Addition.RING_ROUND.to(BLANK);
        String name = ring.rings().getFirst().name();
        List<Operation> cuts = Collections.nCopies(41, new Operation.Rip(Length.mm(1)));
        List<Reinforcement> nine = Collections.nCopies(9, Reinforcement.spline(Length.mm(22), Length.mm(3), 1));
        Job thirteen = BLANK.withRings(Collections.nCopies(13, ring.rings().getFirst()));
        OnWall wall = OnWall.usual(Units.MILLIMETRES);
        Map<String, Job> refused = Map.of(
                "rings[0].corner.reinforcement", ring.withRing(name, each -> each.withReinforcement(nine)),
                "rings[0].section.milling", ring.withRing(name, each -> each.withSection(each.section()
                        .withMilling(each.section().milling().withOperations(cuts)))),
                "rings", thirteen,
                "hanging.onWall.width",
                BLANK.withHanging(BLANK.hanging().withOnWall(wall.withWidth(Length.ZERO))),
                "size.width", BLANK.withSize(new Opening(Length.mm(-707), Length.mm(300))));
        refused.forEach((path, job) -> {
            String why = JobFile.of(job).refusal();
            assertNotNull(why, path);
            assertTrue(why.startsWith(path + ": expected "), path + ": " + why);
            assertEquals(why, JobFile.of(job).refusal(JobFile.of(BLANK)));
            BadFile read = assertThrows(BadFile.class, () -> back(job));
            assertTrue(String.valueOf(read.getMessage()).endsWith(why), read.getMessage());
        });
    }

    @Test
    void aShopBeyondItsLimitsIsRefusedToo() {
        JobFile good = JobFile.of(BLANK);
        JobFile bad = good.madeIn(good.madeIn().withShop(SHOP.withPlaces(501, 1)));
        assertNotNull(bad.refusal());
        assertEquals(bad.refusal(), bad.refusal(good));
        assertNull(good.refusal(good));
    }

    @Test
    void aFileThatWasDamagedIsReadAsNearAsCanBeAndSaysWhere() throws Exception {
        String good = JobFile.of(arched()).text();
        String damaged = good.replaceFirst("\"rise\" : 0", "\"rise\" : -1.5").replaceFirst("\"width\" : 260",
                "\"width\" : -707");
        assertThrows(BadFile.class, () -> JobFile.read(damaged));
        JobFile.Mended read = JobFile.mended(damaged);
        List<String> where = new ArrayList<>(read.mends());
        assertEquals(2, where.size(), where.toString());
        assertTrue(where.getFirst().contains("outline.rise: expected a length from 0 mm"), where.toString());
        assertTrue(where.getLast().contains("size.width: expected"), where.toString());
        Job job = read.file().job();
        assertEquals(arched().outline(), job.outline());
        assertEquals(Length.mm(430), job.size().height());
        assertTrue(job.size().width().isPositive() && job.size().width().isLessThan(Length.mm(1.1)));
        comesBack(job);
        assertEquals(new JobFile.Mended(JobFile.read(good), List.of()), JobFile.mended(good));
    }

    @Test
    void whatIsNoValueAtAllIsNotGuessed() {
        String good = JobFile.of(BLANK).text();
        for (String spoilt : List.of(good.replaceFirst("\"format\"", "\"form\""),
                good.replaceFirst("\"quantity\" : 1", "\"quantity\" : \"many\""), good.substring(20))) {
            assertThrows(BadFile.class, () -> JobFile.mended(spoilt));
        }
    }
}
