package neatcorner.station.opening;

import static neatcorner.plan.Station.OPENING;
import static neatcorner.plan.Station.SAW;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import neatcorner.fitout.FrameSizes;
import neatcorner.fitout.Layer;
import neatcorner.fitout.SizeOf;
import neatcorner.job.Defaults;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.Sentence;
import neatcorner.outline.Faces;
import neatcorner.outline.Opening;
import neatcorner.piece.Piece;
import neatcorner.plan.Finding;
import neatcorner.plan.Plan;
import neatcorner.plan.Remedy;
import org.jspecify.annotations.Nullable;

/** What can be wrong with the sizes, the play of the pack, and the pieces at the saw. */
public final class SizeFindings {

    private SizeFindings() {}

    static void add(Plan plan, List<Finding> findings) {
        if (!plan.sizes().arePossible()) {
            findings.add(impossible(plan));
        }
        addClearance(plan.job(), findings);
        addPieces(plan, findings);
    }

    private static Finding impossible(Plan plan) {
        FrameSizes sizes = plan.sizes();
        Job job = plan.job();
        Opening window = sizes.window();
        if (!job.size().isPositive()) {
            return Finding.stop("size.impossible", OPENING,
                    Sentence.of("A frame needs a width and a height above zero; this one measures {0} by {1}.",
                            job.size().width(), job.size().height()),
                    new Remedy(Sentence.of("Start again from the usual size"), SizeFindings::withUsualSize));
        }
        if (window != null && !window.isPositive() && sizes.sight().isPositive()) {
            return Finding.stop("size.impossible", OPENING, Sentence.of(
                    "The mat's borders and overlap leave no window: it would be {0} by {1}.", window.width(),
                    window.height()), thinnerBorders(job));
        }
        return Finding.stop("size.impossible", OPENING, Sentence.of(
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
            findings.add(Finding.stop("clearance.tight", OPENING, Sentence
                    .of("The pack is larger than the rabbet by {0} a side: it cannot go in.", job.clearance().negate()),
                    remedy));
        } else if (job.clearance().times(2).isLessThan(Defaults.LEAST_PLAY)) {
            findings.add(Finding.check("clearance.tight", OPENING, Sentence
                    .of("The pack has only {0} of play in all: it may not drop in.", job.clearance().times(2)),
                    remedy));
        } else if (job.clearance().isMoreThan(Defaults.MOST_CLEARANCE)) {
            findings.add(Finding.check("clearance.loose", OPENING,
                    Sentence.of("The pack has {0} of play a side and will wander.", job.clearance()), remedy));
        }
    }

    private static void addPieces(Plan plan, List<Finding> findings) {
        List<Piece> shortOnes = plan.pieces().stream()
                .filter(piece -> piece.span().isLessThan(plan.job().saw().minHold())).toList();
        if (!shortOnes.isEmpty()) {
            Piece shortest = shortOnes.stream().min(Comparator.comparing(Piece::span)).orElseThrow();
            String names = String.join(", ", shortOnes.stream().map(Piece::name).toList());
            findings.add(Finding.check("piece.short-to-hold", SAW, Sentence.of(
                    "Too short to hold by hand: " + names
                            + " ({0}, the limit is {1}). Clamp them, use a sled, or cut the"
                            + " miters before cutting them from the stick.",
                    shortest.span(), plan.job().saw().minHold()), null));
        }
        plan.pieces().stream().flatMap(piece -> Stream.of(piece.left(), piece.right()))
                .map(cut -> cut.miter()).filter(miter -> !plan.job().saw().reachesMiter(miter))
                .max(Comparator.comparingDouble(miter -> Math.abs(miter.degrees())))
                .ifPresent(miter -> findings.add(Finding.check("saw.miter-out-of-range", SAW, Sentence.of(
                        "The saw swings to {0}, the steepest miter is {1}: clamp the stick square to an auxiliary fence and cut"
                                + " the complement, {2}.",
                        plan.job().saw().maxMiter(), miter, miter.complement()),
                        plan.job().outline().faceWidths().isEmpty()
                                ? null
                                : new Remedy(Sentence.of("Give all sides the same width"),
                                        j -> j.withFaceWidths(null)))));
    }
}
