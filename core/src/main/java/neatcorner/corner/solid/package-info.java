/**
 * The corner as a body: splines, tenons, dowels, V-nails, pins, screws, braces and blocks as solids inside the wood.
 *
 * <p>{@link neatcorner.corner.solid.CornerWood} is the wood of one corner, seen from the front: its heel at 0, 0, the side
 * before it coming from the left with its outer edge on y = 0, the other side going on from the heel; z runs from the front
 * face backwards. Where faces slope, what comes in from outside begins at the heel as it is at its own depth.
 * {@link neatcorner.corner.solid.Manner} says what each kind of part is there:
 * how it is placed as {@link neatcorner.corner.solid.Slab}s, what stays round it, what it takes and gives in glue.
 * {@link neatcorner.corner.solid.Clearance} finds what they run into and how far they could move, and
 * {@link neatcorner.corner.solid.JoinedCorner} is the whole result. {@link neatcorner.corner.solid.Fitting} finds the
 * strongest that clears everything.
 */
@NullMarked
package neatcorner.corner.solid;

import org.jspecify.annotations.NullMarked;
