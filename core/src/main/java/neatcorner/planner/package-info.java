/**
 * Everything put together. {@link neatcorner.planner.Planner} works a plan out and has each of the
 * {@link neatcorner.planner.Chapters} say what it has to; {@link neatcorner.planner.Batch} cuts several jobs from one rack.
 */
@org.jspecify.annotations.NullMarked
package neatcorner.planner;
