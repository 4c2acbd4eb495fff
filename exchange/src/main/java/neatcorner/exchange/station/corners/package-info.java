/**
 * What the station of the corners gives to files: in a plan for other programs, parts with their places and rooms, glue
 * areas, clashes; on paper, each kind of corner, apart and together, with what to set and drill.
 */
@org.jspecify.annotations.NullMarked
package neatcorner.exchange.station.corners;
