package neatcorner.station.glueup;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.glueup.FrameChain;
import neatcorner.glueup.GluePlan;
import neatcorner.glueup.GlueStep;
import neatcorner.glueup.Preparation;
import neatcorner.glueup.School;
import neatcorner.glueup.schedule.Chain;
import neatcorner.glueup.schedule.Task;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.outline.Contours;
import neatcorner.outline.Loop;
import neatcorner.piece.CornerJoint;
import neatcorner.piece.Piece;
import neatcorner.plan.BoardWork;
import neatcorner.plan.Derived;
import neatcorner.plan.Plan;
import neatcorner.section.MillPass;
import neatcorner.section.Passes;
import neatcorner.section.Section;
import neatcorner.stock.BoardMilling;
import org.jspecify.annotations.Nullable;

/**
 * How a job's frames are put together.
 *
 * @param glue  the glue-up of one frame
 * @param chain all steps of the first, from the saw to the wall; frames of one job are milled and sawn together, with it
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

    private static final Derived<GlueUpWork> WORK = new Derived<>(GlueUpWork::workOut);

    /** Null when there is no frame to make. */
    public static @Nullable GlueUpWork of(Plan plan) {
        return plan.derived(WORK);
    }

    /** Minutes of a maker's hands for all frames of a job, from the saw to the wall. */
    public long hands(int frames) {
        return hands(chain) + (frames - 1L) * hands(again);
    }

    private static long hands(Chain steps) {
        return steps.tasks().stream().mapToLong(Task::hands).sum();
    }

    /** Minutes in which a frame must be left alone. */
    public long waits() {
        return chain.tasks().stream().mapToLong(Task::rest).sum();
    }

    private static @Nullable GlueUpWork workOut(Plan plan) {
        GluePlan.Frame frame = frame(plan);
        if (frame == null) {
            return null;
        }
        Job job = plan.job();
        GluePlan glue = GluePlan.of(frame, job.glueUp(), plan.shop().holders());
        double metres = Length.sum(plan.pieces().stream().map(Piece::longPoint).toList()).toMm() / 1000;
        List<MillPass> passes = Passes.of(job.section());
        return new GlueUpWork(frame, glue.then(steps(plan)), chain(plan, glue, metres, passes, job.quantity()),
                chain(plan, glue, metres, passes, 0));
    }

    private static List<GlueStep> steps(Plan plan) {
        List<GlueStep> steps = new ArrayList<>(MemberSteps.of(plan));
        steps.addAll(0, RingSteps.of(plan));
        return steps;
    }

    private static Chain chain(Plan plan, GluePlan glue, double metres, List<MillPass> passes,
            int frames) {
        Job job = plan.job();
        return FrameChain.of(job.title(), frames, plan.allPieces().size(), metres, job.layersToCut().size(),
                preparation(plan, metres, passes, frames), job.reinforcement(),
                Stream.concat(RingSteps.attached(plan).stream(),
                        MemberSteps.attached(plan).stream()).toList(),
                glue,
                job.glueUp());
    }

    /** Minutes of work on the wood of so many frames; for none, those of a frame whose wood was prepared with another's. */
    private static Preparation preparation(Plan plan, double metres, List<MillPass> passes, int frames) {
        Section section = plan.job().section();
        long after = passes.stream().filter(pass -> pass.isAfterAssembly(section)).count();
        long before = passes.size() - after;
        double rabbet = after == 0
                ? 0
                : after * PASS_METRE * metres + SQUARE_CORNER * plan.pieces().size();
        if (frames == 0) {
            return new Preparation(0, 0, 0, rabbet);
        }
        int plies = section.milling().layers().plies().size();
        return new Preparation(BoardWork.of(plan).stream().mapToDouble(GlueUpWork::minutes).sum(),
                plies == 0 ? 0 : SET_UP + plies * SPREAD_METRE * metres * frames,
                before * (SET_UP + PASS_METRE * metres * frames), after == 0 ? 0 : SET_UP + rabbet);
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
        boolean pinned = plan.job().reinforcement().stream().map(Reinforcement::kind)
                .anyMatch(ReinforcementKind::sparesClamps);
        return new GluePlan.Frame(plan.pieces().size(), Length.mm(outside.perimeter()), outside.box(),
                plan.job().outline().isRectangle() && !plan.job().outline().isSloped(), standsOut,
                joint(plan), corner(plan), plan.job().section().wood().isSoftwood(), pinned);
    }

    /** The section along the slant of its cut; the largest of all ends, mm². */
    private static double joint(Plan plan) {
        return ends(plan, lean -> Math.hypot(1, lean));
    }

    /** That times the sine of the corner's angle: twice the tangent over the slant. Square where a piece ends square. */
    private static double corner(Plan plan) {
        return ends(plan, lean -> plan.job().joint() == CornerJoint.MITER
                ? 2 * Math.abs(lean) / Math.hypot(1, lean)
                : Math.sqrt(2));
    }

    private static double ends(Plan plan, DoubleUnaryOperator of) {
        double thickness = plan.job().section().thickness().toMm();
        return plan.pieces().stream()
                .flatMapToDouble(piece -> DoubleStream.of(piece.left().lean(), piece.right().lean())
                        .map(lean -> piece.face().toMm() * thickness * of.applyAsDouble(lean)))
                .max().orElse(0);
    }
}
