package neatcorner.station;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.fitout.Pack;
import neatcorner.fitout.SizeOf;
import neatcorner.job.Hold;
import neatcorner.job.Job;
import neatcorner.job.Jobs;
import neatcorner.job.Ring;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import neatcorner.piece.CornerJoint;
import neatcorner.plan.Plan;
import neatcorner.section.Rabbet;
import neatcorner.station.corners.CornersChapter;
import neatcorner.station.fitout.FitOutChapter;
import org.junit.jupiter.api.Test;

/** A maker is warned of what is done, wherever in the frame it is done, and of nothing else. */
class CautionsSaidTest {
    private static final Job PLAIN = Jobs.chart().withReinforcement(List.of());

    private static List<String> said(Chapter chapter, Job job) {
        return chapter.cautions(Plan.of(job, () -> true)).stream().map(each -> each.in(Notation.of(Units.MILLIMETRES)))
                .toList();
    }

    private static List<String> atCorners(Job job) {
        return said(new CornersChapter(), job);
    }

    private static Reinforcement part(ReinforcementKind kind) {
        return Reinforcement.of(kind, Length.mm(20), Length.mm(3), Length.mm(10), 1);
    }

    private static Job banded(CornerJoint joint) {
        return PLAIN
                .withRings(List.of(new Ring(new Ring.Place("band", "", SizeOf.OUTSIDE, SizeOf.SIGHT, Length.ZERO, null),
                        PLAIN.section().withRabbet(Rabbet.NONE)).withJoint(joint)));
    }

    /** Table saws: a short end over a blade is held by a jig, never in the hand. */
    @Test
    void lapsAreWarnedOfWhereverTheyAre() {
        assertEquals(List.of(), atCorners(PLAIN), "a glued miter asks for no blade and no driver");
        List<String> lap = atCorners(PLAIN.withJoint(CornerJoint.LAP));
        assertEquals(1, lap.size());
        assertTrue(lap.getFirst().contains("hand") && lap.getFirst().contains("manual"), lap.toString());
        assertEquals(lap, atCorners(banded(CornerJoint.LAP)), "of a ring's corners too");
        assertEquals(lap, atCorners(banded(CornerJoint.BOX).withJoint(CornerJoint.MITRED_LAP)), "and but once");
        assertEquals(List.of(), atCorners(banded(CornerJoint.BUTT)));
    }

    @Test
    void eachToolIsWarnedOfOnceAndItsManualLast() {
        List<String> all = atCorners(PLAIN.withReinforcement(List.of(part(ReinforcementKind.SPLINE),
                part(ReinforcementKind.DOWEL), part(ReinforcementKind.SCREW), part(ReinforcementKind.BLOCK))));
        assertEquals(2, all.size(), "a saw and a drill: " + all);
        assertFalse(all.getFirst().contains("manual"));
        assertTrue(all.getLast().contains("manual"));
        assertEquals(List.of(), atCorners(PLAIN.withReinforcement(List.of(part(ReinforcementKind.BRACE)))));
    }

    /** Glass, a driver, a mirror, staples: each where it is handled. */
    @Test
    void fittingOutWarnsOfWhatIsHandled() {
        FitOutChapter chapter = new FitOutChapter();
        List<String> glass = said(chapter, PLAIN);
        assertTrue(glass.stream().anyMatch(each -> each.contains("lass")), glass.toString());
        Job empty = PLAIN.withPack(new Pack(List.of()));
        assertEquals(List.of(), said(chapter, empty));
        assertEquals(List.of(), said(chapter, empty.withHold(new Hold.Nothing())));
        assertEquals(1, said(chapter, empty.withHold(new Hold.Wrapped(Length.mm(25)))).size());
        List<String> mirror = said(chapter, PLAIN.withHold(new Hold.OverMirror(Length.mm(25))));
        assertTrue(mirror.size() == 1 && mirror.getFirst().contains("irror"), mirror.toString());
    }
}
