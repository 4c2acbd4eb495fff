/**
 * What the frame is made for, and how it goes in: the {@link neatcorner.fitout.Pack} that lies in the rabbet, layer by layer, and the {@link
 * neatcorner.fitout.FrameSizes} that follow from it, or from which it follows; {@link neatcorner.fitout.Retainers} that keep
 * it there, set out by a {@link neatcorner.fitout.Spacing}, and screws with their {@link neatcorner.fitout.Bite}.
 */
@NullMarked
package neatcorner.fitout;

import org.jspecify.annotations.NullMarked;
