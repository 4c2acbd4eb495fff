package neatcorner.plan;

import java.util.List;
import neatcorner.corner.Reinforcement;
import neatcorner.glueup.Chain;
import neatcorner.glueup.FrameChain;
import neatcorner.glueup.GluePlan;
import neatcorner.glueup.Preparation;
import neatcorner.glueup.School;
import neatcorner.measure.Length;
import neatcorner.outline.Contours;
import neatcorner.outline.Loop;
import neatcorner.piece.Piece;
import neatcorner.section.MillPass;
import neatcorner.section.Passes;
import neatcorner.section.Section;
import neatcorner.stock.BoardMilling;
import org.jspecify.annotations.Nullable;

/**
 * How a job's frames are put together.
 *
 * @param glue  the glue-up of one frame
 * @param chain all steps of the first, from the saw to the wall
 * @param again those of one more, for which the tools are set already
 */
public record GlueUpWork(GluePlan.Frame frame, GluePlan glue, Chain chain, Chain again) {
    /** Minutes that milling takes; all of them common practice for someone who has done it before. */
    private static final double SET_UP = 4;
    private static final double PASS_METRE = 0.7;
    private static final double SPREAD_METRE = 2;
    private static final double SQUARE_CORNER = 3;
    private static final double CROSS_CUT = 2;
    private static final double JOINT = 3;
    private static final double PLANE = 3;
    private static final double RIP = 1.5;

    /** Null when there is no frame to make. */
    public static @Nullable GlueUpWork of(Plan plan) {
        GluePlan.Frame frame = frame(plan);
        if (frame == null) {
            return null;
        }
        Job job = plan.job();
        GluePlan glue = GluePlan.of(frame, job.glueUp(), job.shop());
        double metres = Length.sum(plan.pieces().stream().map(Piece::longPoint).toList()).toMm() / 1000;
        return new GlueUpWork(frame, glue, chain(plan, glue, metres, false), chain(plan, glue, metres, true));
    }

    private static Chain chain(Plan plan, GluePlan glue, double metres, boolean again) {
        Job job = plan.job();
        return FrameChain.of(job.title(), again, plan.pieces().size(), metres, job.pack().layers().size(),
                preparation(plan, metres, again), job.reinforcement(), glue, job.glueUp());
    }

    /** Minutes of work on the wood; tools are set up, and boards prepared, with the first frame. */
    private static Preparation preparation(Plan plan, double metres, boolean again) {
        Section section = plan.job().section();
        List<MillPass> passes = Passes.of(section);
        long after = passes.stream().filter(pass -> pass.isAfterAssembly(section)).count();
        long before = passes.size() - after;
        double boards = again
                ? 0
                : BoardWork.of(plan).stream().mapToDouble(GlueUpWork::minutes).sum();
        int plies = section.milling().layers().plies().size();
        return new Preparation(boards, plies == 0 ? 0 : SET_UP + plies * SPREAD_METRE * metres,
                before * ((again ? 0 : SET_UP) + PASS_METRE * metres),
                after == 0
                        ? 0
                        : (again ? 0 : SET_UP) + after * PASS_METRE * metres + SQUARE_CORNER * plan.pieces().size());
    }

    /** Cross-cuts, jointing, resawing, planing and ripping of one kind of board. */
    private static double minutes(BoardMilling milling) {
        double one = milling.cuts().stream()
                .mapToDouble(cut -> cut.lengths() * (CROSS_CUT + JOINT + cut.layers() * (PLANE + cut.strips() * RIP)))
                .sum();
        return one * milling.board().count();
    }

    /** What a school would take of open time, for this frame, minutes. */
    public double minutes(School school) {
        return GluePlan.minutes(school, frame.corners());
    }

    private static GluePlan.@Nullable Frame frame(Plan plan) {
        Contours contours = plan.contours();
        if (contours == null || plan.pieces().size() < 3 || !plan.job().section().isSound()) {
            return null;
        }
        Loop outside = contours.outside();
        boolean standsOut = true;
        for (int i = 0; i < outside.sides(); i++) {
            standsOut &= outside.interior(i).degrees() < 180 + 1e-6;
        }
        Length widest = plan.job().section().width();
        for (Length width : contours.widths()) {
            widest = Length.max(widest, width);
        }
        boolean pinned = plan.job().reinforcement().stream().map(Reinforcement::kind).anyMatch(kind -> switch (kind) {
            case PIN, BRAD, NAIL, V_NAIL, SCREW, POCKET_SCREW -> true;
            case SPLINE, SLIP, TENON, BISCUIT, DOWEL, STAPLE, BRACE, BLOCK, PEG -> false;
        });
        return new GluePlan.Frame(plan.pieces().size(), Length.mm(outside.perimeter()), outside.box(),
                plan.job().outline().isRectangle() && !plan.job().outline().isSloped(), standsOut,
                widest.toMm() * plan.job().section().thickness().toMm(), plan.job().section().wood().isSoftwood(),
                pinned);
    }
}
