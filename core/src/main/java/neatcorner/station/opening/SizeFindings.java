package neatcorner.station.opening;

import static neatcorner.plan.Station.OPENING;

import java.util.List;
import neatcorner.fitout.FrameSizes;
import neatcorner.fitout.Layer;
import neatcorner.fitout.Pack;
import neatcorner.fitout.SizeOf;
import neatcorner.job.Defaults;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.Sentence;
import neatcorner.outline.Faces;
import neatcorner.outline.Opening;
import neatcorner.plan.Finding;
import neatcorner.plan.Plan;
import neatcorner.plan.Remedy;
import neatcorner.plan.SharedFinding;
import org.jspecify.annotations.Nullable;

/** What can be wrong with the sizes, the play of the pack, and the pieces at the saw. */
public final class SizeFindings {

    private SizeFindings() {}

    static void add(Plan plan, List<Finding> findings) {
        if (!plan.sizes().arePossible()) {
            findings.add(impossible(plan));
        }
        if (plan.job().hold().isInRabbet()) {
            addClearance(plan.job(), findings);
        }
    }

    private static Finding impossible(Plan plan) {
        FrameSizes sizes = plan.sizes();
        Job job = plan.job();
        Opening window = sizes.window();
        if (!job.size().isPositive()) {
            return Finding.stop(SharedFinding.SIZE_IMPOSSIBLE, OPENING,
                    Sentence.of(OpeningTexts.FRAME_NEEDS_A_WIDTH,
                            job.size().width(), job.size().height()),
                    new Remedy(Sentence.of(OpeningTexts.START_AGAIN_FROM_THE_USUAL), SizeFindings::withUsualSize));
        }
        if (window != null && !window.isPositive() && sizes.sight().isPositive()) {
            return Finding.stop(SharedFinding.SIZE_IMPOSSIBLE, OPENING, Sentence.of(
                    OpeningTexts.NO_WINDOW_IS_LEFT, window.width(),
                    window.height()), thinnerBorders(job));
        }
        return Finding.stop(SharedFinding.SIZE_IMPOSSIBLE, OPENING, Sentence.of(
                OpeningTexts.NOTHING_IS_LEFT_TO_FRAME,
                job.size().width(), job.size().height(), sizes.sight().width(), sizes.sight().height()),
                new Remedy(Sentence.of(OpeningTexts.TAKE_AS_THE_ART, job.size().width(), job.size().height()),
                        j -> j.withSize(SizeOf.ART, j.size()))
                        .or(new Remedy(Sentence.of(OpeningTexts.START_AGAIN_FROM_THE_USUAL),
                                SizeFindings::withUsualSize)));
    }

    private static Job withUsualSize(Job job) {
        return job.withSize(SizeOf.ART, Defaults.blank(job.units()).size());
    }

    private static @Nullable Remedy thinnerBorders(Job job) {
        Layer.Mat mat = job.pack().mat().orElse(null);
        if (mat == null) {
            return null;
        }
        Opening pack = job.sizes().pack();
        Length border = new Length(Math.min(pack.width().units(), pack.height().units()) / 6);
        Layer.Mat thinner = mat.withBorders(Faces.all(border)).withOverlap(Defaults.matOverlap(job.units()));
        return new Remedy(Sentence.of(OpeningTexts.MAKE_THE_MATS_BORDERS, border),
                j -> j.withPack(j.pack().withMat(thinner)))
                .or(new Remedy(Sentence.of(OpeningTexts.LEAVE_THE_MAT_OUT), j -> j.withPack(new Pack(j.pack().layers()
                        .stream().filter(layer -> !(layer instanceof Layer.Mat)).toList()))));
    }

    private static void addClearance(Job job, List<Finding> findings) {
        Length usual = Defaults.clearance(job.units());
        Remedy remedy = new Remedy(Sentence.of(OpeningTexts.MAKE_IT_A_SIDE, usual), j -> j.withClearance(usual));
        if (job.clearance().isNegative()) {
            findings.add(Finding.stop(SharedFinding.CLEARANCE_TIGHT, OPENING, Sentence
                    .of(OpeningTexts.PACK_CANNOT_GO_IN, job.clearance().negate()),
                    remedy));
        } else if (job.clearance().times(2).isLessThan(Defaults.leastPlay(job.units()))) {
            findings.add(Finding.check(SharedFinding.CLEARANCE_TIGHT, OPENING, Sentence
                    .of(OpeningTexts.PACK_MAY_NOT_DROP_IN, job.clearance().times(2)),
                    remedy));
        } else if (job.clearance().isMoreThan(Defaults.mostClearance(job.units()))) {
            findings.add(Finding.check(SizeFinding.CLEARANCE_LOOSE, OPENING,
                    Sentence.of(OpeningTexts.PACK_WILL_WANDER, job.clearance()), remedy));
        }
    }
}
