/**
 * The heart: a {@link neatcorner.plan.Job} (what the maker decided) goes through the pure {@link neatcorner.plan.Planner}
 * and comes out as a {@link neatcorner.plan.Plan} (all that follows from it).
 *
 * <p>A job that cannot be made is still a job. The planner always returns a plan; what is wrong stands in its {@link
 * neatcorner.plan.Finding}s, many of which carry a {@link neatcorner.plan.Remedy} that turns the job into a better one.
 * {@link neatcorner.plan.Field}s name the places of a job that can be measured and changed; {@link
 * neatcorner.plan.Slates} gather the readings that a maker needs at each station.
 */
@NullMarked
package neatcorner.plan;

import org.jspecify.annotations.NullMarked;
