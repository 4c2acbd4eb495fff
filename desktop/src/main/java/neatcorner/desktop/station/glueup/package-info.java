/** Station 7 in the window: the frame in its clamps, the steps at the bench, jigs, and the shop's days. */
@org.jspecify.annotations.NullMarked
package neatcorner.desktop.station.glueup;
