/**
 * From the frame to the wall: its {@link neatcorner.hanging.Weight}, how it hangs ({@link neatcorner.hanging.Hanging}), what a
 * {@link neatcorner.hanging.Wire} pulls, how far a side bends under it as a {@link neatcorner.hanging.Beam}, and the {@link
 * neatcorner.hanging.Hook}s that carry it. What hangs is as strong as its weakest part: {@link neatcorner.hanging.Strength} has the
 * {@link neatcorner.hanging.Link}s of each way, {@link neatcorner.hanging.Screwing} what their screws hold in a wood.
 */
@NullMarked
package neatcorner.hanging;

import org.jspecify.annotations.NullMarked;
