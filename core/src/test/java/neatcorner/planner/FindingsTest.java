package neatcorner.planner;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import neatcorner.fitout.Layer;
import neatcorner.fitout.Pack;
import neatcorner.fitout.SizeOf;
import neatcorner.job.Job;
import neatcorner.job.Jobs;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import neatcorner.outline.Faces;
import neatcorner.outline.Opening;
import neatcorner.plan.Field;
import neatcorner.plan.Finding;
import neatcorner.plan.Level;
import neatcorner.plan.Plan;
import neatcorner.plan.Remedy;
import neatcorner.section.Rabbet;
import neatcorner.station.opening.MatFields;
import neatcorner.station.opening.WhatFits;
import neatcorner.station.sticks.LargestFrame;
import neatcorner.stock.Keep;
import neatcorner.stock.Search;
import neatcorner.stock.Span;
import neatcorner.stock.Stick;
import neatcorner.wood.Species;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class FindingsTest {

    private static Optional<Finding> finding(Job job, String code) {
        return Planner.plan(job).findings().stream().filter(finding -> finding.code().equals(code)).findFirst();
    }

    private static Job layerOf(double thickness) {
        Job job = Jobs.chart();
        return job.withPack(job.pack().with(0, layer -> layer.withThickness(Length.mm(thickness))));
    }

    private static Job faces(double side) {
        return Jobs.chart().withFaceWidths(
                new Faces(Length.mm(30), Length.mm(side), Length.mm(30), Length.mm(side)));
    }

    private static Stick stick(double length, int count, Span... defects) {
        return new Stick("ash", Length.mm(length), count, null, List.of(defects));
    }

    private static Job sized(SizeOf of, double width, double height) {
        return Jobs.chart().withSize(of, new Opening(Length.mm(width), Length.mm(height)));
    }

    static Stream<Arguments> jobsThatGoWrong() {
        Job stepped = Jobs.chart().withSection(Jobs.chart().section()
                .withRabbet(new Rabbet(Length.mm(6), Length.mm(12), new Rabbet.Step(Length.mm(5), Length.mm(4)))));
        Job must = Jobs.withSticks(stick(1500, 4));
        return Stream.of(Arguments.of("pack.too-thick", Level.STOP, layerOf(9)),
                Arguments.of("pack.too-thick", Level.STOP, layerOf(30)),
                Arguments.of("pack.no-room-for-retainers", Level.CHECK, layerOf(6)),
                Arguments.of("clearance.tight", Level.CHECK, Jobs.chart().withClearance(Length.inches(0, 1, 64))),
                Arguments.of("clearance.tight", Level.STOP, Jobs.chart().withClearance(Length.mm(-1))),
                Arguments.of("clearance.loose", Level.CHECK, Jobs.chart().withClearance(Length.mm(4))),
                Arguments.of("lip.thin", Level.CHECK, Jobs.withRabbet(6, 18)),
                Arguments.of("lip.thin", Level.STOP, Jobs.withRabbet(6, 20)),
                Arguments.of("lip.cover-thin", Level.CHECK, Jobs.withRabbet(5, 12)),
                Arguments.of("lip.cover-thin", Level.STOP, Jobs.withRabbet(3, 12)),
                Arguments.of("wall.thin", Level.CHECK, Jobs.withRabbet(26, 12)),
                Arguments.of("wall.thin", Level.STOP, Jobs.withRabbet(31, 12)),
                Arguments.of("size.impossible", Level.STOP, sized(SizeOf.OUTSIDE, 60, 60)),
                Arguments.of("size.impossible", Level.STOP, sized(SizeOf.ART, 0, 300)),
                Arguments.of("size.impossible", Level.STOP, sized(SizeOf.RABBET, 90, 400)),
                Arguments.of("size.impossible", Level.STOP, stepped),
                Arguments.of("saw.miter-out-of-range", Level.CHECK, faces(60)),
                Arguments.of("stock.short", Level.STOP, Jobs.withSticks()),
                Arguments.of("stock.short", Level.STOP, Jobs.withSticks(stick(1500, 1))),
                Arguments.of("stock.piece-too-long", Level.STOP, Jobs.withSticks(stick(700, 9))),
                Arguments.of("stock.piece-too-long", Level.STOP,
                        Jobs.withSticks(stick(1400, 9, new Span(Length.mm(690), Length.mm(720))))),
                Arguments.of("stock.split-frame", Level.NOTE, Jobs.chart()),
                Arguments.of("stock.split-frame", Level.STOP, must.withStock(must.stock().withKeep(Keep.MUST))));
    }

    @ParameterizedTest
    @MethodSource("jobsThatGoWrong")
    void whatGoesWrongIsFoundAndItsRemedyMendsIt(String code, Level level, Job job) {
        Finding finding = finding(job, code).orElseThrow();
        assertEquals(level, finding.level());
        Remedy remedy = Objects.requireNonNull(finding.remedy(), "a remedy is offered");
        Job mended = remedy.edit().of(job, Jobs.SHOP);
        assertTrue(finding(mended, code).isEmpty() || finding(mended, code).get().level().compareTo(level) > 0,
                () -> "still there after: " + remedy.label());
    }

    @Test
    void shortPiecesAreNamedAndLeftToTheMaker() {
        Finding finding = finding(sized(SizeOf.OUTSIDE, 400, 140).withPack(Jobs.chart().pack().without(1)),
                "piece.short-to-hold").orElseThrow();
        assertTrue(finding.message().template().contains("B, D"));
    }

    /** No yard has a stick as long as all four sides of a long frame. */
    @Test
    void noStickIsAskedForThatNobodySells() {
        Job job = sized(SizeOf.OUTSIDE, 4000, 350)
                .withStock(Jobs.chart().stock().withSticks(List.of(stick(4200, 9))));
        Finding finding = finding(job.withQuantity(1), "stock.split-frame").orElseThrow();
        assertNull(finding.remedy());
        assertTrue(finding.message().template().startsWith("The frame"), "one frame is not one of several");
    }

    @Test
    void withinItsRangeTheSawIsNotMentioned() {
        assertTrue(finding(faces(35), "saw.miter-out-of-range").isEmpty());
        assertEquals(50, Jobs.chart().saw().maxMiter().degrees());
        assertTrue(Jobs.chart().saw().reachesMiter(Angle.ofDegrees(-50)));
    }

    @Test
    void theGravestStandsFirst() {
        Job job = layerOf(9).withClearance(Length.mm(4));
        List<Level> levels = Planner.plan(job).findings().stream().map(Finding::level).toList();
        assertEquals(levels.stream().sorted().toList(), levels);
        assertEquals(Level.STOP, levels.getFirst());
    }

    @Test
    void theLargestFrameFromAStickFitsItAndAMillimetreMoreDoesNot() {
        Job job = Jobs.chart();
        Stick stick = stick(2400, 1, new Span(Length.mm(310), Length.mm(350)));
        Opening largest = LargestFrame.from(job, stick, Search.PATIENT).orElseThrow();
        Job one = job.withStock(job.stock().withSticks(List.of(stick)));
        assertTrue(Planner.plan(one.withSize(SizeOf.ART, largest)).layout().isComplete());
        Opening more = new Opening(largest.width().plus(Length.mm(1)), largest.height());
        assertTrue(!Planner.plan(one.withSize(SizeOf.ART, more)).layout().isComplete());
        assertEquals(594.0 / 420, largest.width().over(largest.height()), 1e-4);
    }

    /** Geometry, without defects: twice width and height, four slanted kerfs and the trim use the stick up. */
    @Test
    void theLargestFrameUsesTheWholeStick() {
        Job job = Jobs.chart().startingFrom(SizeOf.OUTSIDE);
        Opening largest = LargestFrame.from(job, stick(2400, 1), Search.PATIENT).orElseThrow();
        double used = 2 * (largest.width().toMm() + largest.height().toMm()) + 4 * 3 * Math.sqrt(2) + 10;
        assertEquals(2400, used, 0.01);
    }

    @Test
    void anExistingFrameTakesStandardArtWithAMatCutForIt() {
        Job job = Jobs.chart().startingFrom(SizeOf.RABBET);
        List<WhatFits> fits = WhatFits.in(job);
        WhatFits a3 = fits.stream().filter(fit -> fit.size().name().equals("A3")).findFirst().orElseThrow();
        Job applied = a3.appliedTo(job);
        assertEquals(job.sizes().rabbet(), applied.sizes().rabbet());
        assertEquals(new Opening(Length.mm(420), Length.mm(297)), applied.sizes().art());
        assertTrue(applied.pack().mat().map(Layer.Mat::overlap).orElseThrow().equals(Length.mm(3)));
        assertTrue(fits.stream().noneMatch(fit -> fit.size().name().equals("A1")));
    }

    /** Both ways round where both go; what would have a narrow mat comes last, and says so. */
    @Test
    void whatFitsIsToldBothWaysRound() {
        Job square = Jobs.chart().withPack(new Pack(List.of())).withSize(SizeOf.RABBET,
                new Opening(Length.mm(500), Length.mm(500)));
        List<WhatFits> fits = WhatFits.in(square);
        List<Boolean> a3 = fits.stream().filter(fit -> fit.size().name().equals("A3")).map(WhatFits::isUpright).sorted()
                .toList();
        assertEquals(List.of(false, true), a3);
        assertEquals(fits.stream().map(WhatFits::isNarrow).sorted().toList(),
                fits.stream().map(WhatFits::isNarrow).toList());
        Job tight = square.withSize(SizeOf.RABBET, new Opening(Length.mm(450), Length.mm(325)));
        WhatFits narrow = WhatFits.in(tight).stream().filter(fit -> fit.size().name().equals("A3")).findFirst()
                .orElseThrow();
        assertTrue(narrow.isNarrow(), "borders of 15 and 14, and what the mat covers");
    }

    @Test
    void aWoodThatNobodyKnowsSaysThatItIsGuessed() {
        Job job = Jobs.chart().withSection(Jobs.chart().section().withWood(
                Species.named("pear {0}")));
        Finding finding = Planner.plan(job).findings().stream().filter(f -> f.code().equals("wood.unknown")).findFirst()
                .orElseThrow();
        String said = finding.message().in(Notation.of(Units.MILLIMETRES));
        assertTrue(said.startsWith("“pear {0}” is not") && said.contains("616 kg/m³"), said);
        assertTrue(Planner.plan(Jobs.chart()).findings().stream().noneMatch(f -> f.code().equals("wood.unknown")));
    }

    /** A frame made for A4 with a little play says A4, without a mat. */
    @Test
    void aFrameForA4SaysA4() {
        Job job = Jobs.chart().withPack(new Pack(List.of())).withSize(
                SizeOf.RABBET, new Opening(Length.mm(300),
                        Length.mm(213)));
        WhatFits first = WhatFits.in(job).getFirst();
        assertEquals("A4", first.size().title());
        assertFalse(first.needsMat());
        assertTrue(first.appliedTo(job).pack().mat().isEmpty());
    }

    /** What shows of a border is the border less what the lip covers: rabbet 6 less play 1.5. */
    @Test
    void aBorderMayBeMeasuredAsItShows() {
        Plan plan = Planner.plan(Jobs.chart());
        Field top = MatFields.MAT_SHOWS.getFirst();
        assertEquals(Length.mm(45.5), top.in(plan));
        Plan wider = Planner.plan(top.edit(Length.mm(50)).of(plan.job(), Jobs.SHOP));
        assertEquals(Length.mm(54.5), MatFields.MAT_TOP.in(wider));
    }
}
