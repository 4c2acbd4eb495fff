/**
 * All that follows from a job. {@link neatcorner.plan.Plan#of} works out the facts: sizes,
 * the {@link neatcorner.job.CutRing ring} that is the frame with its pieces, where they are cut from;
 * what else follows is {@link neatcorner.plan.Derived} once, when it is first asked for, as the wood in the corners. What is
 * said about a plan is made of {@link neatcorner.plan.Finding}s with their {@link neatcorner.plan.Remedy remedies}, of a
 * {@link neatcorner.plan.Slate} of figures, and of {@link neatcorner.plan.Field}s, the lengths that can be typed. No station is
 * known here; what several of them need is.
 */
@org.jspecify.annotations.NullMarked
package neatcorner.plan;
