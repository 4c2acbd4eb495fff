/**
 * What the station of the glue-up gives to files: in a plan for other programs, glue, clamps, steps and the days; on
 * paper, the steps to tick off.
 */
@org.jspecify.annotations.NullMarked
package neatcorner.exchange.station.glueup;
