/**
 * What belongs to a frame and is no loop of pieces: slats, bars, triangles in its corners, a head on top of it, a face cut from
 * a sheet, hinges. A {@link neatcorner.member.Member} is what the maker decided; {@link neatcorner.member.Placing} puts it in
 * its place on a {@link neatcorner.member.Ground}, counts it and says what it is cut from.
 */
@NullMarked
package neatcorner.member;

import org.jspecify.annotations.NullMarked;
