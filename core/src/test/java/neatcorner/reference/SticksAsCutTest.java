package neatcorner.reference;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.piece.CornerJoint;
import neatcorner.piece.Piece;
import neatcorner.piece.Tip;
import neatcorner.plan.Plan;
import neatcorner.planner.Planner;
import neatcorner.saw.SawCut;
import neatcorner.saw.SawSetting;
import neatcorner.saw.Side;
import neatcorner.stock.CutPiece;
import neatcorner.stock.CutStick;
import neatcorner.stock.Span;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/**
 * Every stick cut as the plan says: the blade takes its kerf where the cuts are marked, the stop is set as it is told, the
 * saw stands to the side that is named. What comes off must be the sides of the solid frame, whole.
 */
class SticksAsCutTest {
    private static final double NEAR = 4e-3;
    /** The four long edges of a stick: across, back. */
    private static final double[][] EDGES = {{0, 0}, {1, 0}, {1, 1}, {0, 1}};

    @Test
    void whatComesOffTheSticksAreTheSidesOfFlatFrames() {
        Cases.of("sticks of flat frames", random -> cut(AnyJob.stocked(AnyJob.flat(random), random)));
    }

    @Test
    void whatComesOffTheSticksAreTheSidesOfSlopedFrames() {
        Cases.of("sticks of sloped frames", random -> cut(AnyJob.stocked(AnyJob.sloped(random), random)));
    }

    private static void cut(Job job) {
        Plan plan = Planner.plan(job);
        if (plan.pieces().isEmpty()) {
            return;
        }
        SolidSides solids = FrameSolidsTest.solids(plan);
        for (CutStick stick : plan.layout().sticks()) {
            onStick(plan, stick, solids);
        }
        for (SawCut cut : plan.cuts()) {
            if (cut.kind() == SawCut.Kind.FINAL_MITER) {
                toLength(plan, cut, solids.edges(index(plan, cut.piece().piece())));
            }
        }
    }

    private static int index(Plan plan, Piece piece) {
        return plan.pieces().indexOf(piece);
    }

    /** Where the ends of a piece lie on its stick, edge by edge. */
    private static List<double[]> lying(CutPiece cut, List<double[]> edges) {
        double first = edges.stream().mapToDouble(edge -> edge[0]).min().orElseThrow();
        List<double[]> lying = new ArrayList<>();
        edges.forEach(edge -> lying.add(new double[]{cut.at().toMm() - first + edge[0],
            cut.at().toMm() - first + edge[1]}));
        return lying;
    }

    private static void onStick(Plan plan, CutStick stick, SolidSides solids) {
        double kerf = plan.job().saw().kerf().toMm();
        double rough = plan.job().saw().rough().toMm();
        List<double[]> before = null;
        double clearUntil = 0;
        for (int k = 0; k < stick.cuts().size(); k++) {
            CutPiece cut = stick.cuts().get(k);
            Length own = stick.stick().width();
            Length wide = own == null ? plan.job().section().width() : own;
            assertTrue(!wide.isLessThan(cut.piece().face()), cut.piece().name() + " lies on a stick too narrow for it");
            List<double[]> ends = lying(cut, solids.edges(index(plan, cut.piece())));
            double left = ends.stream().mapToDouble(end -> end[0]).min().orElseThrow();
            double right = ends.stream().mapToDouble(end -> end[1]).max().orElseThrow();
            Span clear = stick.stick().clear(plan.job().stock().endTrim()).stream()
                    .filter(span -> span.contains(cut.at())).findFirst().orElseThrow();
            assertTrue(left > clear.from().toMm() - NEAR && right + rough < clear.to().toMm() + NEAR,
                    cut.piece().name() + " reaches into a knot or past the end");
            if (before != null && clearUntil == clear.to().toMm()) {
                double taken = slab(ends, 0, kerf, cut, plan);
                for (int edge = 0; edge < 4; edge++) {
                    assertTrue(before.get(edge)[1] + rough < ends.get(edge)[0] - taken + NEAR,
                            "the cut that frees the piece before " + cut.piece().name() + " takes of it");
                }
                double last = before.stream().mapToDouble(end -> end[1]).max().orElseThrow();
                assertTrue(left > last + rough - NEAR, "spans overlap");
            }
            boolean lastHere = k + 1 == stick.cuts().size() || !clear.contains(stick.cuts().get(k + 1).at());
            if (lastHere) {
                assertTrue(right + rough + slab(ends, 1, kerf, cut, plan) < clear.to().toMm() + NEAR, "no kerf left");
            }
            before = ends;
            clearUntil = clear.to().toMm();
        }
    }

    /** How much of the stick's length the blade takes in the cut of one end. */
    private static double slab(List<double[]> ends, int end, double kerf, CutPiece cut, Plan plan) {
        double across = (ends.get(1)[end] - ends.get(0)[end]) / cut.piece().face().toMm();
        double back = (ends.get(3)[end] - ends.get(0)[end]) / plan.job().section().thickness().toMm();
        return kerf * Math.sqrt(1 + across * across + back * back);
    }

    /** The finished end against the stop, the saw as it is said to stand: the other end comes where the solid has it. */
    private static void toLength(Plan plan, SawCut cut, List<double[]> edges) {
        Piece piece = cut.piece().piece();
        SawSetting setting = plan.settings().stream().filter(s -> s.pieces().contains(piece.name())).findFirst()
                .orElseThrow();
        Length stop = cut.stop();
        assertNotNull(stop);
        double w = piece.face().toMm();
        double t = plan.job().section().thickness().toMm();
        double across = slant(setting.miter().degrees(), cut.swing(plan.job().saw()), cut.lies(plan.job().saw()));
        double tilt = slant(setting.bevel().degrees(), cut.leans(plan.job().saw()), cut.lies(plan.job().saw()));
        double back = tilt * Math.sqrt(1 + across * across);
        double touching = reached(edges, setting.touches(), 0);
        boolean outer = setting.from() == Tip.HEEL;
        double blade = touching + stop.toMm() - Math.max(0, back * t);
        double front = blade - (outer ? across * w : 0);
        for (int edge = 0; edge < 4; edge++) {
            double end = front + EDGES[edge][0] * across * w + EDGES[edge][1] * back * t;
            assertEquals(edges.get(edge)[1], end, NEAR, "end of " + piece.name() + " cut to its stop, edge " + edge);
        }
        assertTrue(edges.stream().mapToDouble(edge -> edge[0]).min().orElseThrow() > touching - NEAR,
                "another point of " + piece.name() + " meets the stop first");
    }

    /** The outermost place of the finished end at one edge, on the table. */
    private static double reached(List<double[]> edges, Tip tip, int end) {
        return tip == Tip.HEEL
                ? Math.min(edges.get(1)[end], edges.get(2)[end])
                : Math.min(edges.get(0)[end], edges.get(3)[end]);
    }

    /** How much longer the outer edge comes out than the sight edge, for each millimetre between: by the saw's side alone. */
    private static double slant(double degrees, @Nullable Side swung, Side lies) {
        return swung == null ? 0 : Math.tan(Math.toRadians(Math.abs(degrees))) * (swung == lies ? 1 : -1);
    }

    /** Mitred laps: square to the long point at one end, mitred at the other, so that a cheek is left for each. */
    @Test
    void aMitredLapLeavesItsCheeks() {
        Cases.of("lapped and butted sides", random -> {
            Plan plan = Planner.plan(AnyJob.joined(random));
            if (plan.pieces().isEmpty()) {
                return;
            }
            double width = plan.sizes().outside().width().toMm();
            double height = plan.sizes().outside().height().toMm();
            for (int i = 0; i < 4; i++) {
                Piece piece = plan.pieces().get(i);
                double whole = i % 2 == 0 ? width : height;
                double between = i % 2 == 0
                        ? plan.sizes().sight().width().toMm()
                        : plan.sizes().sight().height().toMm();
                boolean isShort = plan.job().joint().isButted() && i % 2 == 0;
                double dadoes = plan.job().joint() == CornerJoint.DADO
                        ? CornerJoint.dado(plan.job().faces().left()).plus(CornerJoint.dado(plan.job().faces().right()))
                                .toMm()
                        : 0;
                assertEquals(isShort ? between + dadoes : whole, piece.span().toMm(), NEAR);
                assertEquals(0, piece.right().miter().degrees(), 1e-9, "a cheek needs its whole length");
            }
        });
    }
}
