/** Station 3 in the window: shapes to choose, a free outline to drag or to walk side by side, the body in the round. */
@org.jspecify.annotations.NullMarked
package neatcorner.desktop.station.shape;
