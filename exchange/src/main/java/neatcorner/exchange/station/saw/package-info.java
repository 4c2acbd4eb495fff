/**
 * What the station of the saw gives to files: in a plan for other programs, the settings, and how measured pieces close;
 * on paper, the settings in order, a page for each, and the cautions.
 */
@org.jspecify.annotations.NullMarked
package neatcorner.exchange.station.saw;
