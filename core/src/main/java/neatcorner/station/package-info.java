/**
 * The stations of the work, a package each. What one has to say of a plan is its {@link neatcorner.station.Chapter}; findings,
 * figures on the slate, fields and pictures of a station are its own, and no station uses another's.
 */
@org.jspecify.annotations.NullMarked
package neatcorner.station;
