/**
 * The wood itself: {@link neatcorner.wood.Species} with what the published tables say about them.
 */
@NullMarked
package neatcorner.wood;

import org.jspecify.annotations.NullMarked;
