/**
 * What the station of the opening gives to files: in a plan for other programs, the sizes, the pack and the weight; on
 * paper, what is cut for the pack, and the frame from the front.
 */
@org.jspecify.annotations.NullMarked
package neatcorner.exchange.station.opening;
