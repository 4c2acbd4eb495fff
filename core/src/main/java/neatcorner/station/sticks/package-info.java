/**
 * Station 5: where all pieces are cut from, and what else the wood gives: boards, sheets, offcuts, the largest frame of one
 * stick, more frames of what is left.
 */
@org.jspecify.annotations.NullMarked
package neatcorner.station.sticks;
