package neatcorner.plan;

import java.util.function.BiFunction;
import java.util.function.Function;
import neatcorner.measure.Length;

/**
 * A length of the job that a maker can see, point at and change. Two fields are the same when their ids are.
 *
 * @param id    stable name, such as {@code rabbet.depth}
 * @param title what a maker calls it, in US words, capitalised
 * @param get   what it measures in a plan
 * @param set   the job with it changed; sizes that follow from others become the ones that govern
 */
public record Field(String id, String title, Function<Plan, Length> get, BiFunction<Plan, Length, Job> set) {

    public Length in(Plan plan) {
        return get.apply(plan);
    }

    public Job with(Plan plan, Length length) {
        return set.apply(plan, length);
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
