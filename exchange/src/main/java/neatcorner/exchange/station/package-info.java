/**
 * What stations give to files, one package a station: its part of a plan's JSON and its part of the paper. None uses another;
 * {@code neatcorner.exchange.plan} has the list of them and puts the parts together.
 */
@org.jspecify.annotations.NullMarked
package neatcorner.exchange.station;
