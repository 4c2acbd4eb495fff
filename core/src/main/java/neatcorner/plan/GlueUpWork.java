package neatcorner.plan;

import neatcorner.corner.Reinforcement;
import neatcorner.glueup.Chain;
import neatcorner.glueup.FrameChain;
import neatcorner.glueup.GluePlan;
import neatcorner.glueup.School;
import neatcorner.measure.Length;
import neatcorner.outline.Contours;
import neatcorner.outline.Loop;
import neatcorner.piece.Piece;
import org.jspecify.annotations.Nullable;

/**
 * How a job's frames are put together.
 *
 * @param glue  the glue-up of one frame
 * @param chain all steps of the first, from the saw to the wall
 * @param again those of one more, for which the tools are set already
 */
public record GlueUpWork(GluePlan.Frame frame, GluePlan glue, Chain chain, Chain again) {

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
                job.reinforcement(), glue, job.glueUp());
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
