/** Station 3: the outline. Which shapes can be made, miters of any corner, segments of curves, and templates at full size. */
@org.jspecify.annotations.NullMarked
package neatcorner.station.shape;
