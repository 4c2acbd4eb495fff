package neatcorner.saw;

import neatcorner.measure.Length;
import neatcorner.stock.CutPiece;
import neatcorner.stock.CutStick;
import org.jspecify.annotations.Nullable;

/**
 * One stroke of the saw.
 *
 * @param kind   which cut on the piece
 * @param piece  the piece, with its frame and its place on the stick
 * @param stick  the stick it comes from; null when there is none on the rack yet
 * @param stop   setting of the stop; null for the first cut, which goes to the mark
 */
public record SawCut(Kind kind, CutPiece piece, @Nullable CutStick stick, @Nullable Length stop) {

    /** The two cuts that every mitred piece gets. */
    public enum Kind {
        /** The left end, straight off the stick, leaving the rough length. */
        FIRST_MITER,
        /** The right end, against the stop, to the final length. */
        FINAL_MITER
    }

    /** The angle of this cut, from square. */
    public neatcorner.measure.Angle miter() {
        return kind == Kind.FIRST_MITER ? piece.piece().left().miter() : piece.piece().right().miter();
    }

    /** The blade's tilt from vertical in this cut. */
    public neatcorner.measure.Angle bevel() {
        return kind == Kind.FIRST_MITER ? piece.piece().left().bevel() : piece.piece().right().bevel();
    }

    /**
     * Whether the piece lies face down: only for the final cut, and only if the maker turns pieces over. Under a tilted
     * blade that would tilt the cut the wrong way, so there the saw is swung and tilted to the other side.
     */
    public boolean isFaceDown(Saw saw) {
        return kind == Kind.FINAL_MITER && saw.secondMiter() == SecondMiter.TURN_PIECE
                && Math.abs(bevel().degrees()) < 1e-9;
    }
}
