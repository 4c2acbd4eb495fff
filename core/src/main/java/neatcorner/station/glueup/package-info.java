/** Station 7: how the frame is put together. Glue, clamps and jigs, and the days of the shop. */
@org.jspecify.annotations.NullMarked
package neatcorner.station.glueup;
