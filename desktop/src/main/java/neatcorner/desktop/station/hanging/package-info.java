/** Station 9 in the window: the wall, the frame on it, and what it hangs by. */
@org.jspecify.annotations.NullMarked
package neatcorner.desktop.station.hanging;
