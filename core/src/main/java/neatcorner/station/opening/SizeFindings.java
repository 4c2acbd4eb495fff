package neatcorner.station.opening;

import static neatcorner.plan.Station.OPENING;
import static neatcorner.plan.Station.SAW;

import java.util.List;
import neatcorner.fitout.FrameSizes;
import neatcorner.fitout.Layer;
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
        addClearance(plan.job(), findings);
    }

    private static Finding impossible(Plan plan) {
        FrameSizes sizes = plan.sizes();
        Job job = plan.job();
        Opening window = sizes.window();
        if (!job.size().isPositive()) {
            return Finding.stop(SharedFinding.SIZE_IMPOSSIBLE, OPENING,
                    Sentence.of("A frame needs a width and a height above zero; this one measures {0} by {1}.",
                            job.size().width(), job.size().height()),
                    new Remedy(Sentence.of("Start again from the usual size"), SizeFindings::withUsualSize));
        }
        if (window != null && !window.isPositive() && sizes.sight().isPositive()) {
            return Finding.stop(SharedFinding.SIZE_IMPOSSIBLE, OPENING, Sentence.of(
                    "The mat's borders and overlap leave no window: it would be {0} by {1}.", window.width(),
                    window.height()), thinnerBorders(job));
        }
        return Finding.stop(SharedFinding.SIZE_IMPOSSIBLE, OPENING, Sentence.of(
                "From a size of {0} by {1} nothing is left for what goes in the frame: the sight size would be {2} by {3}.",
                job.size().width(), job.size().height(), sizes.sight().width(), sizes.sight().height()),
                job.sizeOf() == SizeOf.ART
                        ? null
                        : new Remedy(Sentence.of("Take {0} by {1} as the art's size", job.size().width(),
                                job.size().height()), j -> j.withSize(SizeOf.ART, j.size())));
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
        return new Remedy(Sentence.of("Make the mat's borders {0}", border),
                j -> j.withPack(j.pack().withMat(thinner)));
    }

    private static void addClearance(Job job, List<Finding> findings) {
        Length usual = Defaults.clearance(job.units());
        Remedy remedy = new Remedy(Sentence.of("Make it {0} a side", usual), j -> j.withClearance(usual));
        if (job.clearance().isNegative()) {
            findings.add(Finding.stop(SharedFinding.CLEARANCE_TIGHT, OPENING, Sentence
                    .of("The pack is larger than the rabbet by {0} a side: it cannot go in.", job.clearance().negate()),
                    remedy));
        } else if (job.clearance().times(2).isLessThan(Defaults.leastPlay(job.units()))) {
            findings.add(Finding.check(SharedFinding.CLEARANCE_TIGHT, OPENING, Sentence
                    .of("The pack has only {0} of play in all: it may not drop in.", job.clearance().times(2)),
                    remedy));
        } else if (job.clearance().isMoreThan(Defaults.mostClearance(job.units()))) {
            findings.add(Finding.check(SizeFinding.CLEARANCE_LOOSE, OPENING,
                    Sentence.of("The pack has {0} of play a side and will wander.", job.clearance()), remedy));
        }
    }
}
