package neatcorner.stock;

import neatcorner.measure.Length;
import neatcorner.piece.Piece;

/**
 * A piece laid on a stick.
 *
 * @param frame   which of the job's frames it belongs to, from 1
 * @param at      where its first point lies, from the stick's left end
 * @param flipped whether it lies end for end, sight edge where the others have the outer one
 */
public record CutPiece(Piece piece, int frame, Length at, boolean flipped) {

    /** Its letter, with the frame's number when the job has more than one. */
    public String label(int frames) {
        return frames > 1 ? piece.name() + frame : piece.name();
    }

    public Length end() {
        return at.plus(piece.longPoint());
    }
}
