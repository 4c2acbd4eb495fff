package neatcorner.stock;

import neatcorner.measure.Length;
import neatcorner.piece.Piece;

/**
 * A piece laid on a stick.
 *
 * @param frame   which of the job's frames it belongs to, from 1
 * @param at      where its first point lies, on whichever edge, from the stick's left end
 * @param next    from where on the stick is free again: behind the piece, its rough allowance and the saw's kerf
 * @param flipped whether it lies end for end, sight edge where the others have the outer one
 */
public record CutPiece(Piece piece, int frame, Length at, Length next, boolean flipped) {

    /** Its letter, with the frame's number when the job has more than one. */
    public String label(int frames) {
        return frames > 1 ? piece.name() + frame : piece.name();
    }

    /** Where its last point lies, on whichever edge, once it is cut to length. */
    public Length end() {
        return at.plus(piece.span());
    }
}
