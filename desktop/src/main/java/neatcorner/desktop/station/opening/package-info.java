/** Station 1 in the window: the frame from the front, the pack, the mat, what fits. */
@org.jspecify.annotations.NullMarked
package neatcorner.desktop.station.opening;
