/** Tests of the window: the real one, driven by clicks and keys, and its parts. */
@NullMarked
package neatcorner.desktop;

import org.jspecify.annotations.NullMarked;
