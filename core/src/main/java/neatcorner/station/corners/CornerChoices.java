package neatcorner.station.corners;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.corner.solid.Fitting;
import neatcorner.job.Job;
import neatcorner.measure.Sentence;
import neatcorner.plan.CornerWork;
import neatcorner.plan.Plan;

/** Adding, changing and taking out what holds a job's corners. */
public final class CornerChoices {
    private CornerChoices() {}

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
        return fit(plan, kind).map(fit -> fit.chosen());
    }

    /** The fit in the corner that takes least; empty when there is no corner. */
    private static Optional<Fitting.Fit> fit(Plan plan, ReinforcementKind kind) {
        Fitting.Fit least = null;
        for (CornerWork.Kind each : CornerWork.of(plan).kinds()) {
            Fitting.Fit fit = new Fitting(each.corner(), CornerFindings.step(plan.job().units())).strongest(kind,
                    plan.shop().inventory());
            if (least == null || weaker(fit, least)) {
                least = fit;
            }
        }
        return Optional.ofNullable(least);
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
        Optional<Fitting.Fit> found = fit(plan, kind);
        return found.isEmpty() ? CornerWords.noCorner() : CornerWords.why(plan, kind, found.get());
    }
}
