/**
 * What is cut: a {@link neatcorner.piece.Piece} with its long and short points and the {@link neatcorner.piece.EndCut} on
 * each end, named by letters clockwise from the top.
 */
@NullMarked
package neatcorner.piece;

import org.jspecify.annotations.NullMarked;
