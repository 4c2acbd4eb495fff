package neatcorner.plan;

import java.util.function.BiFunction;
import java.util.function.Function;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;

/**
 * A length of the job, or of the shop, that a maker can see, point at and change. It is read from a plan and written to a job,
 * which may be newer than the plan that was on the screen. Two fields are the same when their ids are.
 *
 * @param id    stable name, such as {@code rabbet.depth}
 * @param title what a maker calls it, in US words, capitalised
 * @param range lengths that it can be
 * @param get   what it measures in a plan
 * @param set   makes it so long; sizes that follow from others become the ones that govern, and a job that has no such
 *              thing any more stays as it is
 */
public record Field(String id, String title, LengthRange range, Function<Plan, Length> get,
        Function<Length, Edit> set) {

    /** Of the job alone. */
    public Field(String id, String title, LengthRange range, Function<Plan, Length> get,
            BiFunction<Job, Length, Job> set) {
        this(id, title, range, get, length -> Edit.job(job -> set.apply(job, length)));
    }

    /** Of a length that stands in the job; nought long where the job has no such place. */
    public Field(String id, String title, LengthRange range, Lens<Job, Length> place) {
        this(id, title, range, plan -> place.in(plan.job()).orElse(Length.ZERO),
                (job, length) -> place.change(job, was -> length));
    }

    /** How long it is in a plan. */
    public Length in(Plan plan) {
        return get.apply(plan);
    }

    /** Makes it so long, and leaves everything else as it is. */
    public Edit edit(Length length) {
        return set.apply(length);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Field field && field.id.equals(id);
    }

    @Override
    public int hashCode() {
        return id.hashCode();
    }
}
