/**
 * What the station of the shape gives to files: in a plan for other programs, the pieces, the corners of polygons, the
 * segments of curves.
 */
@org.jspecify.annotations.NullMarked
package neatcorner.exchange.station.shape;
