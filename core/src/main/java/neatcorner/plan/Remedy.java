package neatcorner.plan;

import java.util.function.UnaryOperator;
import neatcorner.job.Job;
import neatcorner.measure.Sentence;
import org.jspecify.annotations.Nullable;

/**
 * One step that mends what a finding found.
 *
 * @param otherwise what is tried where this does not mend; null when there is nothing more
 */
public record Remedy(Sentence label, Edit edit, @Nullable Remedy otherwise) {

    /** With nothing to be tried after it. */
    public Remedy(Sentence label, Edit edit) {
        this(label, edit, null);
    }

    /** A change of the job alone. */
    public Remedy(Sentence label, UnaryOperator<Job> change) {
        this(label, Edit.job(change));
    }

    /** This one, and where none of it mends, another. */
    public Remedy or(@Nullable Remedy other) {
        return new Remedy(label, edit, otherwise == null ? other : otherwise.or(other));
    }

    /** This one by itself. */
    public Remedy alone() {
        return otherwise == null ? this : new Remedy(label, edit);
    }
}
