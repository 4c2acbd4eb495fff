/** Station 5 in the window: sticks, boards and sheets, pieces to drag, the shop's rack and its offcuts. */
@org.jspecify.annotations.NullMarked
package neatcorner.desktop.station.sticks;
