/**
 * The frame seen from the front: its {@link neatcorner.outline.Faces} (how wide each side is), the
 * {@link neatcorner.outline.Opening}s it makes, and the {@link neatcorner.outline.Corner}s where two sides meet.
 */
@NullMarked
package neatcorner.outline;

import org.jspecify.annotations.NullMarked;
