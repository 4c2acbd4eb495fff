package neatcorner.reference;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.Objects;
import neatcorner.fitout.Pack;
import neatcorner.fitout.SizeOf;
import neatcorner.job.Job;
import neatcorner.job.Jobs;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.outline.Contours;
import neatcorner.outline.Loop;
import neatcorner.outline.Opening;
import neatcorner.outline.Outline;
import neatcorner.outline.Shape;
import neatcorner.outline.Vertex;
import neatcorner.piece.Piece;
import neatcorner.piece.Tip;
import neatcorner.plan.Plan;
import neatcorner.planner.Planner;
import neatcorner.section.Rabbet;
import neatcorner.section.Section;
import org.junit.jupiter.api.Test;

/** Pieces, spans, saw angles and sizes against solids whose edges are met in space. */
class FrameSolidsTest {
    private static final double NEAR = 2e-3;

    @Test
    void flatFramesAreTheirSolids() {
        Cases.of("flat frames", random -> check(AnyJob.flat(random)));
    }

    @Test
    void slopedFramesAreTheirSolids() {
        Cases.of("sloped frames", random -> check(AnyJob.sloped(random)));
    }

    static SolidSides solids(Plan plan) {
        Contours contours = Objects.requireNonNull(plan.contours());
        double[][] sight = contours.sight().vertices().stream().map(v -> new double[]{v.x(), v.y()})
                .toArray(double[][]::new);
        Job job = plan.job();
        double[] faces = job.faceWidths(sight.length).stream().mapToDouble(Length::toMm).toArray();
        return new SolidSides(sight, faces, job.section().thickness().toMm(), job.outline().slope().radians());
    }

    private static void check(Job job) {
        Plan plan = Planner.plan(job);
        if (plan.pieces().isEmpty()) {
            return;
        }
        SolidSides solids = solids(plan);
        double[] out = solids.box(1, job.outline().isSloped() ? 1 : 0);
        double[] in = solids.box(0, 0);
        if (!(job.outline().shape() instanceof Shape.Regular)) {
            assertEquals(out[0], plan.sizes().outside().width().toMm(), NEAR, "outside width");
            assertEquals(out[1], plan.sizes().outside().height().toMm(), NEAR, "outside height");
            assertEquals(in[0], plan.sizes().sight().width().toMm(), NEAR, "sight width");
        }
        for (int i = 0; i < plan.pieces().size(); i++) {
            check(plan.pieces().get(i), solids.edges(i), job);
        }
    }

    /** Edges of the piece, and the plane of each end as it lies on the saw. */
    private static void check(Piece piece, List<double[]> edges, Job job) {
        double w = piece.face().toMm();
        double t = job.section().thickness().toMm();
        double first = edges.stream().mapToDouble(edge -> edge[0]).min().orElseThrow();
        double last = edges.stream().mapToDouble(edge -> edge[1]).max().orElseThrow();
        assertEquals(last - first, piece.span().toMm(), NEAR, "span of " + piece.name());
        double[] farthest = edges.get(job.outline().isSloped() ? 2 : 1);
        assertEquals(farthest[1] - farthest[0], piece.outer().toMm(), NEAR, "outer edge of " + piece.name());
        assertEquals(edges.getFirst()[1] - edges.getFirst()[0], piece.sight().toMm(), NEAR, "sight edge");
        for (int end = 0; end < 2; end++) {
            int sign = end == 0 ? -1 : 1;
            double across = sign * (edges.get(1)[end] - edges.getFirst()[end]) / w;
            double back = sign * (edges.get(3)[end] - edges.getFirst()[end]) / t;
            double norm = Math.sqrt(1 + across * across + back * back);
            var cut = end == 0 ? piece.left() : piece.right();
            assertEquals(Math.toDegrees(Math.atan(across)), cut.miter().degrees(), 1e-3, "miter of " + piece.name());
            assertEquals(Math.toDegrees(Math.asin(back / norm)), cut.bevel().degrees(), 1e-3,
                    "tilt of " + piece.name());
            assertEquals(3 * norm, cut.along(Length.mm(3)).toMm(), NEAR, "kerf along the stick");
        }
    }

    /** Geometry: sides 18 mm thick standing round an opening of 300 × 200 make a box of 336 × 236. */
    @Test
    void anUprightBoxIsAsMuchLargerAsItsSidesAreThick() {
        Job chart = Jobs.chart();
        Section upright = new Section(chart.section().wood(), Length.mm(40), Length.mm(18),
                Rabbet.plain(Length.mm(6), Length.mm(8)));
        Plan plan = Planner.plan(chart.withSection(upright).withPack(new Pack(List.of()))
                .withOutline(Outline.rectangle().withSlope(Angle.ofDegrees(90)))
                .withSize(SizeOf.SIGHT, new Opening(Length.mm(300), Length.mm(200))));
        assertEquals(new Opening(Length.mm(336), Length.mm(236)), plan.sizes().outside());
        assertEquals(Length.mm(336), plan.pieces().getFirst().longPoint());
    }

    /** Geometry: in an L of 500 with legs of 250 and faces of 40, the two pieces at the inward corner span 290. */
    @Test
    void piecesAtAnInwardCornerSpanBothTheirEdges() {
        Loop ell = new Loop(List.of(new Vertex(0, 0), new Vertex(500, 0), new Vertex(500, 250), new Vertex(250, 250),
                new Vertex(250, 500), new Vertex(0, 500)));
        Job job = Jobs.chart().withPack(new Pack(List.of())).withOutline(Outline.of(new Shape.Polygon(ell)))
                .withSize(SizeOf.OUTSIDE, ell.box());
        Plan plan = Planner.plan(job.withSection(job.section().withWidth(Length.mm(40))));
        assertEquals(2, plan.pieces().stream().filter(piece -> piece.span().equals(Length.mm(290))).count());
        assertEquals(2, plan.settings().stream().filter(s -> s.stop().equals(Length.mm(290)))
                .mapToInt(s -> s.pieces().size()).sum());
        assertEquals(1, plan.settings().stream().filter(s -> s.touches() == Tip.TOE).count());
    }
}
