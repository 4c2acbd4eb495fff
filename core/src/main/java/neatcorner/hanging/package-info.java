/** What the wall has to carry: the {@link neatcorner.hanging.Weight} of a finished frame. */
@NullMarked
package neatcorner.hanging;

import org.jspecify.annotations.NullMarked;
