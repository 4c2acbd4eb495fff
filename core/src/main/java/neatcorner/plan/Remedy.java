package neatcorner.plan;

import java.util.function.UnaryOperator;
import neatcorner.job.Job;
import neatcorner.measure.Sentence;

/** One step that mends what a finding found. */
public record Remedy(Sentence label, Edit edit) {

    /** A change of the job alone. */
    public Remedy(Sentence label, UnaryOperator<Job> change) {
        this(label, Edit.job(change));
    }
}
