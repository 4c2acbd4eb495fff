/** Station 8 in the window: the open back, what keeps the pack in, and the steps in order. */
@org.jspecify.annotations.NullMarked
package neatcorner.desktop.station.fitout;
