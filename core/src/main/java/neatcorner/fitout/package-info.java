/**
 * What the frame is made for: the {@link neatcorner.fitout.Pack} that lies in the rabbet, layer by layer, and the {@link
 * neatcorner.fitout.FrameSizes} that follow from it, or from which it follows.
 */
@NullMarked
package neatcorner.fitout;

import org.jspecify.annotations.NullMarked;
