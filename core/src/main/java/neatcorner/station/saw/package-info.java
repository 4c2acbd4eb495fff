/**
 * Station 6: how the saw is set, and the reading of what it cut: a test corner, the pieces as they were measured, the dry fit,
 * the seasons.
 */
@org.jspecify.annotations.NullMarked
package neatcorner.station.saw;
