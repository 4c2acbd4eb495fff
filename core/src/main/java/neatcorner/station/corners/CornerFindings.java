package neatcorner.station.corners;

import static neatcorner.plan.Station.CORNERS;

import java.util.List;
import java.util.Optional;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.corner.solid.Clash;
import neatcorner.corner.solid.Fitting;
import neatcorner.corner.solid.JoinedCorner;
import neatcorner.corner.solid.Part;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.Scalar;
import neatcorner.measure.Sentence;
import neatcorner.measure.Units;
import neatcorner.piece.CornerJoint;
import neatcorner.plan.CornerWork;
import neatcorner.plan.Edit;
import neatcorner.plan.Finding;
import neatcorner.plan.Plan;
import neatcorner.plan.Remedy;
import neatcorner.shop.Shop;
import neatcorner.stock.Search;
import org.jspecify.annotations.Nullable;

/** What reinforcement can get wrong: parts that leave the wood, meet each other, or hold nothing. */
public final class CornerFindings {
    /** A plain glued miter is trusted up to here: common practice. */
    private static final double LIGHT = 4;

    private CornerFindings() {}

    /** Sizes and places are offered in these steps. */
    static Length step(Units units) {
        return units.either(0.5, 1.0 / 64);
    }

    static void add(Plan plan, List<Finding> findings, Search search) {
        if (plan.job().reinforcement().isEmpty()) {
            addWeak(plan, findings);
        } else {
            addHeld(plan, findings, search);
        }
    }

    /** About what holds the corners, if anything does. */
    static void addHeld(Plan plan, List<Finding> findings, Search search) {
        Job job = plan.job();
        CornerWork work = CornerWork.of(plan);
        for (int i = 0; i < job.reinforcement().size() && !work.kinds().isEmpty(); i++) {
            addOf(plan, work, i, findings, search);
        }
        if (job.outline().isSloped() && (!job.reinforcement().isEmpty() || isWeak(plan)) && !work.kinds().isEmpty()) {
            findings.add(Finding.note(CornerFinding.CORNER_SLOPED, CORNERS, Sentence.of(
                    CornersTexts.SIDES_SLOPE_PARTS_IN_THE_CORNERS), null));
        }
    }

    private static void addWeak(Plan plan, List<Finding> findings) {
        if (isWeak(plan)) {
            findings.add(Finding.note(CornerFinding.CORNER_UNREINFORCED, CORNERS, Sentence.of(
                    CornersTexts.FRAME_OF_HANGS_ON_GLUED,
                    plan.weight().total()),
                    add(CornersTexts.ADD_SPLINES, ReinforcementKind.SPLINE)
                            .or(add(CornersTexts.ADD_DOWELS, ReinforcementKind.DOWEL))
                            .or(add(CornersTexts.ADD_SCREWS, ReinforcementKind.SCREW))));
        }
    }

    private static boolean isWeak(Plan plan) {
        return plan.job().joint().isEndGrain() && plan.job().reinforcement().isEmpty()
                && plan.weight().total().kilograms() > LIGHT;
    }

    private static Remedy add(String label, ReinforcementKind kind) {
        return new Remedy(Sentence.of(label), Edit.jobIn((job, shop) -> CornerChoices
                .fitted(Plan.of(job, shop, () -> true), kind).orElse(job)));
    }

    private static void addOf(Plan plan, CornerWork work, int index, List<Finding> findings,
            Search search) {
        Reinforcement what = plan.job().reinforcement().get(index);
        for (CornerWork.Kind kind : work.kinds()) {
            if (kind.corner().missing().contains(index)) {
                findings.add(missing(plan, what, index, kind));
                return;
            }
        }
        CornerWork.Kind gravest = null;
        Clash worst = null;
        for (CornerWork.Kind kind : work.kinds()) {
            for (Clash clash : kind.corner().clashesOf(index)) {
                if (worst == null || (clash.breach() && !worst.breach())
                        || (clash.breach() == worst.breach() && clash.by() > worst.by())) {
                    worst = clash;
                    gravest = kind;
                }
            }
        }
        if (worst != null && gravest != null) {
            findings.add(clash(plan, index, gravest, worst, search));
        } else if (what.kind().reach() == ReinforcementKind.Reach.FROM_EDGE) {
            addShort(what, work.kinds().getFirst().corner(), findings);
        }
    }

    private static Finding missing(Plan plan, Reinforcement what, int index, CornerWork.Kind kind) {
        Remedy without = new Remedy(Sentence.of(CornersTexts.TAKE_PART_OUT.formatted(what.kind().title())),
                job -> CornerChoices.without(job, index));
        if (!what.isPossible()) {
            return Finding.stop(CornerFinding.REINFORCEMENT_IMPOSSIBLE, CORNERS, Sentence.of(
                    CornersTexts.PART_CANNOT_EXIST.formatted(what.kind().title())), without);
        }
        if (!what.kind().suits(plan.job().joint())) {
            return Finding.stop(CornerFinding.REINFORCEMENT_NOT_HERE, CORNERS, Sentence
                    .of(CornersTexts.DOES_NOT_HOLD_THIS_CORNER.formatted(what.kind().title(),
                            plan.job().joint().title())),
                    without);
        }
        if (what.kind() == ReinforcementKind.BLOCK) {
            return Finding.stop(CornerFinding.REINFORCEMENT_NOT_HERE, CORNERS,
                    Sentence.of(CornersTexts.BLOCK_NEEDS_A_RABBET), without);
        }
        return Finding.stop(CornerFinding.REINFORCEMENT_NOT_HERE, CORNERS,
                Sentence.of(CornersTexts.CORNER_DOES_NOT_STAND_OUT
                        .formatted(kind.at().getFirst(), what.kind().title())),
                without);
    }

    private static Finding clash(Plan plan, int index, CornerWork.Kind kind, Clash clash,
            Search search) {
        JoinedCorner corner = kind.corner();
        Part part = corner.parts().get(clash.part());
        String other = clash.other() >= 0
                ? CornersTexts.THE_PART.formatted(corner.parts().get(clash.other()).name())
                : clash.with().title();
        boolean several = plan.pieces().size() > 4 || kind.at().size() < plan.pieces().size();
        String what = (several ? CornersTexts.PART_AT_CORNER : CornersTexts.PART).formatted(part.name(),
                kind.at().getFirst());
        Sentence message = Sentence.of(happens(clash).formatted(what, other), Length.mm(clash.by()));
        Remedy remedy = remedy(plan, index, kind, search);
        return clash.breach()
                ? Finding.stop(kind(part.kind(), clash), CORNERS, message, remedy)
                : Finding.check(kind(part.kind(), clash), CORNERS, message, remedy);
    }

    private static String happens(Clash clash) {
        if (!clash.out()) {
            return CornersTexts.COMES_TOO_NEAR;
        }
        return switch (clash.with()) {
            case RABBET -> CornersTexts.CUTS_INTO;
            case FACE, BACK, OUTER, SIGHT -> CornersTexts.BREAKS_OUT_OF;
            case MILLED -> CornersTexts.IS_LAID_OPEN_BY;
            case PACK -> CornersTexts.IS_IN_THE_WAY_OF;
            case PART -> CornersTexts.RUNS_INTO;
        };
    }

    static Finding.Kind kind(ReinforcementKind kind, Clash clash) {
        if (clash.with() == Clash.With.PART) {
            return CornerFinding.PARTS_CLASH;
        }
        boolean inside = clash.with() == Clash.With.RABBET || clash.with() == Clash.With.SIGHT;
        return switch (kind.reach()) {
            case FROM_HEEL -> inside ? CornerFinding.SPLINE_INTO_RABBET : CornerFinding.REINFORCEMENT_OUTSIDE_SAFE_ZONE;
            case ACROSS -> clash.with() == Clash.With.OUTER && clash.breach()
                    ? CornerFinding.TENON_BREAKS_OUT
                    : CornerFinding.REINFORCEMENT_OUTSIDE_SAFE_ZONE;
            case FROM_EDGE -> inside
                    ? CornerFinding.FASTENER_IN_RABBET
                    : clash.breach() ? CornerFinding.FASTENER_TOO_LONG : CornerFinding.REINFORCEMENT_OUTSIDE_SAFE_ZONE;
            case FROM_BACK, ON_BACK -> inside
                    ? CornerFinding.FASTENER_IN_RABBET
                    : clash.with() == Clash.With.FACE
                            ? CornerFinding.FASTENER_TOO_LONG
                            : CornerFinding.REINFORCEMENT_OUTSIDE_SAFE_ZONE;
            case IN_RABBET -> CornerFinding.BLOCK_NO_ROOM;
            case THROUGH -> CornerFinding.REINFORCEMENT_OUTSIDE_SAFE_ZONE;
        };
    }

    private static @Nullable Remedy remedy(Plan plan, int index, CornerWork.Kind kind, Search search) {
        Optional<Fitting.Mended> mended = new Fitting(kind.corner(), step(plan.job().units()), search).mend(index,
                plan.shop().inventory());
        if (search.isCancelled()) {
            return null;
        }
        if (mended.isEmpty()) {
            return new Remedy(Sentence.of(CornersTexts.TAKE_IT_OUT), job -> CornerChoices.without(job, index));
        }
        Reinforcement better = mended.get().reinforcement();
        return new Remedy(label(plan.job().reinforcement().get(index), mended.get()),
                job -> index < job.reinforcement().size() ? job.withReinforcement(index, better) : job);
    }

    private static Sentence label(Reinforcement before, Fitting.Mended mended) {
        Reinforcement better = mended.reinforcement();
        Length heel = better.fromHeel();
        Length face = better.fromFace();
        return switch (mended.how()) {
            case MOVED -> heel != null && !heel.equals(before.fromHeel())
                    ? Sentence.of(CornersTexts.MOVE_TO_FROM_THE_HEEL, heel)
                    : face != null && !face.equals(before.fromFace())
                            ? Sentence.of(CornersTexts.MOVE_TO_BEHIND_THE_FACE, face)
                            : Sentence.of(CornersTexts.MOVE_TO_THE_USUAL);
            case SHORTENED ->
                Sentence.of("%s {0}".formatted(Sentence.capital(better.kind().sizeName())), better.size());
            case FEWER -> Sentence.of(CornersTexts.USE_FEWER, Scalar.count(better.count()));
        };
    }

    /** Half of a nail, or more, holds in the far piece (common practice). */
    private static void addShort(Reinforcement what, JoinedCorner corner, List<Finding> findings) {
        Part part = corner.parts().stream().filter(each -> each.kind() == what.kind()).findFirst().orElse(null);
        if (part == null || corner.wood().joint() != CornerJoint.MITER) {
            return;
        }
        double near = part.fromHeel() / Math.max(0.05, Math.abs(corner.wood().corner().miterAfter().tan()));
        double holds = what.size().toMm() - near;
        if (holds < what.size().toMm() / 2 - 0.01) {
            findings.add(Finding.check(CornerFinding.FASTENER_SHORT, CORNERS,
                    Sentence.of(
                            CornersTexts.TOO_LITTLE_HOLDS_IN_FAR_PIECE
                                    .formatted(what.kind().title()),
                            Length.mm(Math.max(0, holds))),
                    null));
        }
    }
}
