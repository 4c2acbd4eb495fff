/**
 * What holds a corner: splines, tenons, dowels, V-nails, pins, screws, braces and blocks, as solids inside the wood.
 *
 * <p>A {@link neatcorner.corner.Reinforcement} is what the maker chose. {@link neatcorner.corner.CornerWood} is the wood of
 * one corner, seen from the front: its heel at 0, 0, the side before it coming from the left with its outer edge on y = 0,
 * the other side going on from the heel; z runs from the front face backwards. {@link neatcorner.corner.PartShapes} places
 * the parts in it as {@link neatcorner.corner.Slab}s, {@link neatcorner.corner.Clearance} finds what they run into and how
 * far they could move, and {@link neatcorner.corner.JoinedCorner} is the whole result. {@link neatcorner.corner.Fitting}
 * finds the strongest that clears everything.
 */
@NullMarked
package neatcorner.corner;

import org.jspecify.annotations.NullMarked;
