/**
 * What a maker decided about a frame. A {@link neatcorner.job.Job} holds that and nothing that follows from it. Its
 * frame is a {@link neatcorner.job.Make}: section, joint, what holds the corners; a {@link neatcorner.job.Ring} is a place, another
 * make, and its screws. {@link neatcorner.job.PlacedRing} says where it comes to lie, {@link neatcorner.job.CutRing} what it is cut into.
 * {@link neatcorner.job.Geometry} gives its sizes and edges, {@link neatcorner.job.Cutting} the pieces it is cut into, and
 * {@link neatcorner.job.ShapeFault} says why there may be none. {@link neatcorner.job.Order} is what was agreed about it, with days as {@link neatcorner.job.DayText} reads and
 * says them; {@link neatcorner.job.Looks} is what is seen and not measured, with other
 * {@link neatcorner.job.Design}s to choose from. {@link neatcorner.job.Reshape} changes an outline as a hand
 * does that drags it. What a shop starts from before it has said otherwise is in {@link neatcorner.job.Defaults}.
 */
@org.jspecify.annotations.NullMarked
package neatcorner.job;
