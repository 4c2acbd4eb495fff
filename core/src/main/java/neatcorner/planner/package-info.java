/**
 * Everything put together. {@link neatcorner.planner.Planner} works a plan out and has each of the
 * {@link neatcorner.planner.Chapters} say what it has to; what they offer as a remedy is tried by
 * {@code TriedRemedies} first, so that what is offered mends. {@link neatcorner.planner.Batch} cuts several jobs from one rack.
 */
@org.jspecify.annotations.NullMarked
package neatcorner.planner;
