package neatcorner.station.saw;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.List;
import neatcorner.job.Job;
import neatcorner.job.Jobs;
import neatcorner.measure.Angle;
import neatcorner.measure.Fine;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.Scalar;
import neatcorner.measure.Units;
import neatcorner.outline.Outline;
import neatcorner.outline.Shape;
import neatcorner.piece.CornerJoint;
import neatcorner.plan.Finding;
import neatcorner.plan.Level;
import neatcorner.plan.Plan;
import neatcorner.plan.Remedy;
import neatcorner.plan.Slate;
import neatcorner.plan.Station;
import neatcorner.planner.Chapters;
import neatcorner.planner.Planner;
import neatcorner.saw.SawLog;
import neatcorner.saw.SawReading;
import neatcorner.saw.SawScale;
import neatcorner.saw.measured.Checks;
import neatcorner.saw.measured.DryFit;
import neatcorner.saw.measured.MeasuredPiece;
import neatcorner.saw.measured.TestCorner;
import neatcorner.wood.Climate;
import org.junit.jupiter.api.Test;

/** What measured pieces, a dry fit and a place say about a job. */
class AssemblyTest {
    private static final Notation MM = Notation.of(Units.MILLIMETRES);

    private static Job measured(double[] lengths, double[] miters) {
        Job job = Jobs.chart();
        Plan plan = Planner.plan(job);
        Checks checks = job.checks();
        for (int i = 0; i < 4; i++) {
            MeasuredPiece piece = MeasuredPiece.asPlanned(plan.pieces().get(i));
            checks = checks.with(new MeasuredPiece(piece.piece(), piece.outer().plus(Length.mm(lengths[i])),
                    Angle.ofDegrees(45 + miters[i]), Angle.ofDegrees(45 + miters[i])));
        }
        return job.withChecks(checks);
    }

    private static List<String> codes(Job job) {
        return Planner.plan(job).findings().stream().map(Finding::code).toList();
    }

    private static List<String> steps(Job job) {
        return SawSlates.remedies(Planner.plan(job)).stream().map(step -> step.in(MM)).toList();
    }

    @Test
    void aFrameThatWasNotMeasuredIsNotJudged() {
        assertTrue(Assembly.of(Planner.plan(Jobs.chart())).isEmpty());
        assertTrue(SawSlates.asCut(Planner.plan(Jobs.chart())).rows().isEmpty());
        assertTrue(steps(Jobs.chart()).isEmpty());
    }

    @Test
    void goodPiecesNeedNothing() {
        Job good = measured(new double[4], new double[4]);
        assertEquals(1, steps(good).size());
        assertTrue(steps(good).getFirst().startsWith("Nothing to do"));
        assertFalse(codes(good).contains("corner.gap"));
    }

    @Test
    void aSawThatIsOffOpensEveryCornerAndIsShaved() {
        Job off = measured(new double[4], new double[]{0.4, 0.4, 0.4, 0.4});
        assertTrue(codes(off).contains("corner.gap"));
        assertTrue(steps(off).stream().anyMatch(step -> step.startsWith("Shave")), steps(off).toString());
        Assembly assembly = Assembly.of(Planner.plan(off)).orElseThrow();
        assertTrue(assembly.shaving().gap() <= off.checks().gapLimit().toMm() + 1e-6);
        String slate = SawSlates.asCut(Planner.plan(off)).toString();
        assertTrue(slate.contains("Last corner opens by") && slate.contains("Gap after all that is said"), slate);
    }

    @Test
    void aPieceThatIsFarTooShortIsCutAgain() {
        Job shortC = measured(new double[]{0, 0, -9, 0}, new double[4]);
        assertTrue(codes(shortC).contains("length.mismatch"));
        assertTrue(steps(shortC).stream().anyMatch(step -> step.contains("again: it is 9 mm too short")),
                steps(shortC).toString());
    }

    @Test
    void unevenPiecesOfAnOctagonArePutInABetterOrder() {
        Job octagon = Jobs.chart().withOutline(Outline.of(new Shape.Regular(8, false)));
        Plan plan = Planner.plan(octagon);
        Checks checks = octagon.checks();
        double[] off = {4.8, 4, 3.2, 0.8, -3.2, -4, -4.8, 0};
        for (int i = 0; i < 8; i++) {
            MeasuredPiece piece = MeasuredPiece.asPlanned(plan.pieces().get(i));
            checks = checks.with(piece.withOuter(piece.outer().plus(Length.mm(off[i]))));
        }
        Plan judged = Planner.plan(octagon.withChecks(checks));
        Assembly assembly = Assembly.of(judged).orElseThrow();
        assertNotNull(assembly.order());
        assertTrue(assembly.order().after() < assembly.order().before() * 0.5, assembly.order().toString());
        assertTrue(SawSlates.remedies(judged).getFirst().in(MM).startsWith("Put them together in this order"));
    }

    @Test
    void curvesSlopesAndLapsAreNotJudgedByTheseRules() {
        Job job = measured(new double[]{1, 0, 0, 0}, new double[4]);
        assertTrue(Assembly.of(Planner.plan(job.withJoint(CornerJoint.LAP))).isEmpty());
        assertTrue(Assembly.of(Planner.plan(job.withOutline(job.outline().withSlope(Angle.ofDegrees(20))))).isEmpty());
        assertTrue(Assembly.of(Planner.plan(job.withOutline(Outline.of(new Shape.Ellipse(0))))).isEmpty());
    }

    @Test
    void diagonalsThatDifferSayHowFarToPush() {
        Job leaning = Jobs.chart().withChecks(Checks.none().withDryFit(DryFit.closed().withDiagonals(938, 934)));
        Finding finding = Planner.plan(leaning).findings().stream().filter(f -> f.code().equals("out-of-square"))
                .findFirst().orElseThrow();
        assertTrue(finding.message().in(MM).contains("differ by 4 mm"), finding.message().in(MM));
        assertTrue(SawSlates.dryFit(Planner.plan(leaning)).toString().contains("Out of square"));
    }

    @Test
    void aDampHallOpensWideMitersUntilTheWoodIsLetComeToRest() {
        Job wide = Jobs.chart().withSection(Jobs.chart().section().withWidth(Length.mm(70)))
                .withChecks(Checks.none().withPlace(Climate.BY_THE_SEA.withGlued(7)));
        Finding finding = Planner.plan(wide).findings().stream().filter(f -> f.code().equals("movement.opens-miter"))
                .findFirst().orElseThrow();
        assertEquals(Level.NOTE, finding.level());
        Remedy remedy = finding.remedy();
        assertNotNull(remedy);
        Climate place = remedy.edit().of(wide, Jobs.SHOP).checks().place();
        assertNotNull(place);
        assertTrue(place.glued() > 11 && place.glued() < 18);
        assertEquals(4, SawSlates.seasons(Planner.plan(wide)).rows().size());
    }

    @Test
    void theSlateOfATestCornerSaysWhatTheHandsDo() {
        Plan plan = Planner.plan(Jobs.chart());
        SawLog log = SawLog.empty().plus(new SawReading(LocalDate.of(2026, 5, 1), Angle.ofDegrees(45),
                Angle.ofDegrees(0.1), false, false));
        TestCorner toe = new TestCorner(TestCorner.Where.TOE, Length.mm(0.3), Length.mm(42));
        Slate slate = SawSlates.testCorner(plan, toe, Angle.ofDegrees(45), log);
        assertEquals("Turn towards square by", slate.rows().getFirst().name());
        assertTrue(slate.toString().contains("Readings kept"));
        double travel = 180 * toe.error().radians();
        assertTrue(slate.rows().stream().anyMatch(row -> row.name().equals("Along the scale") && row.readings()
                .getFirst().value() instanceof Fine fine
                && Math.abs(fine.millimetres() - travel) < 1e-3));
        Slate tilt = SawSlates.testCorner(plan, new TestCorner(TestCorner.Where.BACK, Length.mm(0.2), Length.mm(20)),
                Angle.ofDegrees(45), SawLog.empty());
        assertTrue(tilt.rows().getFirst().name().startsWith("Tilt the blade"));
    }

    @Test
    void aScaleThatCountsFromTheFenceIsReadSo() {
        Job octagon = Jobs.chart().withOutline(Outline.of(new Shape.Regular(8, false)));
        Job fence = octagon.withSaw(octagon.saw().withScale(
                new SawScale(SawScale.Zero.FENCE, Length.mm(100), Length.mm(300))));
        assertTrue(Chapters.at(Station.SAW).slate(Planner.plan(fence)).toString().contains("67.5"));
        Job triangle = Jobs.chart().withOutline(Outline.of(new Shape.Regular(3, false)));
        Slate slate = Chapters.at(Station.SAW).slate(Planner.plan(triangle));
        assertTrue(slate.rows().stream().anyMatch(row -> row.name().equals("In the fixture, set")
                && row.readings().getFirst().value() instanceof Angle angle && Math.abs(angle.degrees() - 30) < 1e-9));
    }

    @Test
    void theOddsGetBetterWithABetterSaw() {
        Plan plan = Planner.plan(Jobs.chart());
        SawLog off = SawLog.empty().plus(new SawReading(LocalDate.of(2026, 5, 1), Angle.ofDegrees(45),
                Angle.ofDegrees(0.3), false, false));
        assertTrue(odds(plan, off) < 20);
        assertTrue(odds(plan, off.turned()) > 80);
        assertTrue(SawSlates.before(Planner.plan(Jobs.chart().withOutline(Outline.of(new Shape.Circle(0)))), off).rows()
                .size() < 4, "curves are not judged");
    }

    private static double odds(Plan plan, SawLog log) {
        return SawSlates.before(plan, log).rows().stream().filter(row -> row.name().startsWith("Odds"))
                .map(row -> ((Scalar) row.readings().getFirst().value()).value()).findFirst()
                .orElseThrow();
    }
}
