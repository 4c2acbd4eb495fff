/**
 * The stations, a package each. The window is handed a {@link neatcorner.desktop.station.StationSpec} of each, and hands each a
 * {@link neatcorner.desktop.station.Desk}; a {@link neatcorner.desktop.station.StationView} is the drawing in the middle with the few
 * controls that have no place in it. No station uses another's.
 */
@org.jspecify.annotations.NullMarked
package neatcorner.desktop.station;
