/**
 * What the station of the sticks gives to files: in a plan for other programs, sticks with their cuts, the proof,
 * offcuts, boards, sheets; on paper, the cut list, boards to sticks, first cuts stick by stick, sheets cut by cut.
 */
@org.jspecify.annotations.NullMarked
package neatcorner.exchange.station.sticks;
