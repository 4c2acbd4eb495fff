package neatcorner.station.saw;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Collections;
import java.util.List;
import java.util.Objects;
import neatcorner.fitout.Layer;
import neatcorner.fitout.Pack;
import neatcorner.fitout.SizeOf;
import neatcorner.job.Job;
import neatcorner.job.Jobs;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import neatcorner.outline.Opening;
import neatcorner.outline.Outline;
import neatcorner.outline.Shape;
import neatcorner.piece.Piece;
import neatcorner.plan.Plan;
import neatcorner.plan.Station;
import neatcorner.planner.Planner;
import neatcorner.saw.measured.CutError;
import neatcorner.saw.measured.MeasuredPiece;
import org.junit.jupiter.api.Test;

/** Pieces that came out all too long, or all too short, close well, and still ask whether the pack goes in. */
class MeasuredPackTest {
    private static final Notation MM = Notation.of(Units.MILLIMETRES);

    private static Job cut(Job job, double off) {
        Job changed = job;
        for (Piece piece : Planner.plan(job).pieces()) {
            changed = changed.withChecks(changed.checks().with(new MeasuredPiece(piece.name(),
                    piece.outer().plus(Length.mm(off)), piece.left().miter(), piece.right().miter())));
        }
        return changed;
    }

    private static List<String> codes(Job job) {
        return Planner.plan(job).findings().stream().filter(finding -> finding.where() == Station.SAW)
                .map(finding -> finding.level() + " " + finding.code()).toList();
    }

    private static String remedies(Job job) {
        return String.join(" ", SawSlates.remedies(Planner.plan(job)).stream().map(step -> step.in(MM)).toList());
    }

    @Test
    void allTenMillimetresShortIsNotNothingToDo() {
        Job job = cut(Jobs.chart(), -10);
        assertTrue(codes(job).contains("STOP clearance.tight"), codes(job).toString());
        assertTrue(remedies(job).contains("7 mm too short for the pack"), remedies(job));
        assertFalse(remedies(job).contains("Nothing to do"));
    }

    @Test
    void allTenMillimetresLongLetsThePackDropOut() {
        Job job = cut(Jobs.chart(), 10);
        assertTrue(codes(job).contains("STOP lip.cover-thin"), codes(job).toString());
        assertFalse(remedies(job).contains("Nothing to do"), remedies(job));
    }

    @Test
    void aLittleIsNothing() {
        assertTrue(codes(cut(Jobs.chart(), 0.1)).stream().noneMatch(code -> code.contains("clearance")));
        assertTrue(codes(cut(Jobs.chart(), -2)).contains("CHECK clearance.tight"));
    }

    /** Geometry: n sides that are all e too long stand e ÷ (2 tan 180°/n) farther out, and so does the rabbet. */
    @Test
    void inAPolygonTheRabbetStandsFartherOut() {
        for (int n = 3; n < 13; n++) {
            Job job = Jobs.chart().withPack(new Pack(List.of(new Layer.Art(
                    Length.mm(1))))).withOutline(Outline.of(new Shape.Regular(n, false)))
                    .withSize(SizeOf.SIGHT, new Opening(Length.mm(600), Length.mm(600)));
            Plan plan = Planner.plan(job);
            double e = -1.25;
            MeasuredPack pack = MeasuredPack.of(plan, Objects.requireNonNull(plan.contours()),
                    Collections.nCopies(n, new CutError(e, 0, 0)));
            double farther = e / (2 * Math.tan(Math.PI / n));
            double clear = job.clearance().toMm() + farther;
            assertEquals(2 * clear * Math.tan(Math.PI / n), pack.least(), 1e-6, "sides: " + n);
        }
    }
}
