/** Tests of the window: the real one, driven by clicks and keys, and its parts. */
@NullMarked
package neatcorner.desktop.app;

import org.jspecify.annotations.NullMarked;
