package neatcorner.station.corners;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.corner.solid.Fitting;
import neatcorner.drawing.Figure;
import neatcorner.drawing.FrameFront;
import neatcorner.job.Job;
import neatcorner.measure.Sentence;
import neatcorner.piece.CornerJoint;
import neatcorner.plan.CornerWork;
import neatcorner.plan.Plan;
import org.jspecify.annotations.Nullable;

/** Adding, changing and taking out what holds a job's corners. */
public final class CornerChoices {
    private CornerChoices() {}

    /**
     * One way to hold the corners, to be chosen by its picture.
     *
     * @param what   the strongest that goes in; null when none does
     * @param figure what decides between them, in a few words
     * @param why    why no more goes in, or none
     */
    public record Hold(ReinforcementKind kind, @Nullable Reinforcement what, Sentence figure, Sentence time,
            Sentence why, Figure picture) {}

    /** A joint to choose by its picture. */
    public record Joint(CornerJoint joint, boolean possible, Figure picture) {}

    /** All that the corners of a plan can be joined and held with. */
    public record Ways(List<Joint> joints, List<Hold> holds, Figure bare) {

        public static final Ways NONE = new Ways(List.of(), List.of(), FrameFront.nothing());

        public Ways {
            joints = List.copyOf(joints);
            holds = List.copyOf(holds);
        }
    }

    /** What there is to choose from; {@code also}: beside what holds the corners already. */
    public static Ways ways(Plan plan, boolean also) {
        CornerJoint joint = plan.job().joint();
        CornerWork bare = kept(plan, also);
        if (bare.kinds().isEmpty()) {
            return Ways.NONE;
        }
        List<Joint> joints = new ArrayList<>();
        boolean square = plan.job().outline().isRectangle() && !plan.job().outline().isSloped();
        for (CornerJoint each : CornerJoint.values()) {
            CornerWork work = CornerWork.of(plan, square ? each : CornerJoint.MITER, List.of());
            joints.add(new Joint(each, square || each == CornerJoint.MITER,
                    CornerFigure.sketch(plan, work.kinds().getFirst())));
        }
        List<Hold> holds = new ArrayList<>();
        for (ReinforcementKind kind : ReinforcementKind.values()) {
            if (kind.suits(joint.on(plan.job().outline()))) {
                holds.add(hold(plan, kind, bare));
            }
        }
        holds.sort((a, b) -> Boolean.compare(a.what() == null, b.what() == null));
        return new Ways(joints, holds, CornerFigure.sketch(plan, bare.kinds().getFirst()));
    }

    /** The corners as they are when one more thing goes in: beside what holds them, or instead of it. */
    private static CornerWork kept(Plan plan, boolean also) {
        return CornerWork.of(plan, plan.job().joint(), also ? plan.job().reinforcement() : List.of());
    }

    /** The strongest of a kind that clears everything; {@code also}: beside what holds the corners already. */
    public static Hold hold(Plan plan, ReinforcementKind kind, boolean also) {
        return hold(plan, kind, kept(plan, also));
    }

    private static Hold hold(Plan plan, ReinforcementKind kind, CornerWork bare) {
        Fitting.Fit fit = fit(plan, kind, bare);
        if (fit == null) {
            return new Hold(kind, null, CornerWords.doesNotFit(), Sentence.of(""), CornerWords.noCorner(),
                    FrameFront.nothing());
        }
        Reinforcement what = fit.chosen();
        Sentence why = CornerWords.why(plan, kind, fit);
        if (what == null) {
            return new Hold(kind, null, CornerWords.doesNotFit(), Sentence.of(""), why,
                    CornerFigure.sketch(plan, bare.kinds().getFirst()));
        }
        CornerWork held = CornerWork.of(plan, plan.job().joint(), List.of(what));
        return new Hold(kind, what, CornerWords.figure(what, held.kinds().getFirst().corner().glue()),
                CornerWords.time(kind, plan.pieces().size()), why,
                CornerFigure.sketch(plan, held.kinds().getFirst()));
    }

    /** The job held with this alone; empty for nothing but glue. */
    public static Job only(Job job, @Nullable Reinforcement what) {
        return job.withReinforcement(what == null ? List.of() : List.of(what));
    }

    /** As it is when it has no such part. */
    public static Job without(Job job, int index) {
        List<Reinforcement> fewer = new ArrayList<>(job.reinforcement());
        if (index >= fewer.size()) {
            return job;
        }
        fewer.remove(index);
        return job.withReinforcement(fewer);
    }

    /** The job with one more reinforcement, after all others. */
    public static Job with(Job job, Reinforcement more) {
        List<Reinforcement> all = new ArrayList<>(job.reinforcement());
        all.add(more);
        return job.withReinforcement(all);
    }

    /** The job with the strongest of a kind added that clears everything in every corner; empty when none does. */
    public static Optional<Job> fitted(Plan plan, ReinforcementKind kind) {
        return strongest(plan, kind).map(chosen -> with(plan.job(), chosen));
    }

    /** The strongest of a kind that clears everything in every corner; empty when none does. */
    public static Optional<Reinforcement> strongest(Plan plan, ReinforcementKind kind) {
        return strongest(plan, kind, CornerWork.of(plan));
    }

    /** The strongest of a kind that clears everything in such corners; empty when none does. */
    static Optional<Reinforcement> strongest(Plan plan, ReinforcementKind kind, CornerWork corners) {
        return Optional.ofNullable(fit(plan, kind, corners)).map(fit -> fit.chosen());
    }

    /** The fit in the corner that takes least; null when there is no corner. */
    private static Fitting.@Nullable Fit fit(Plan plan, ReinforcementKind kind, CornerWork work) {
        Fitting.Fit least = null;
        for (CornerWork.Kind each : work.kinds()) {
            Fitting.Fit fit = new Fitting(each.corner(), CornerFindings.step(plan.job().units())).strongest(kind,
                    plan.shop().inventory());
            if (least == null || weaker(fit, least)) {
                least = fit;
            }
        }
        return least;
    }

    private static boolean weaker(Fitting.Fit a, Fitting.Fit b) {
        Reinforcement chosen = a.chosen();
        Reinforcement other = b.chosen();
        if (chosen == null || other == null) {
            return chosen == null;
        }
        return chosen.size().times(chosen.count()).isLessThan(other.size().times(other.count()));
    }

    /** Why no more of a kind goes in than the strongest that does. */
    public static Sentence why(Plan plan, ReinforcementKind kind) {
        Fitting.Fit found = fit(plan, kind, CornerWork.of(plan));
        return found == null ? CornerWords.noCorner() : CornerWords.why(plan, kind, found);
    }
}
