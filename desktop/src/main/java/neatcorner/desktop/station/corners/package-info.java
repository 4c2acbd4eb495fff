/** Station 4 in the window: what holds the corner, and the main schools beside each other. */
@org.jspecify.annotations.NullMarked
package neatcorner.desktop.station.corners;
