/**
 * Station 4: what holds a corner besides glue. {@link neatcorner.station.corners.CornerChoices} finds what fits,
 * {@link neatcorner.station.corners.WayToJoin} sets the main schools beside each other.
 */
@org.jspecify.annotations.NullMarked
package neatcorner.station.corners;
