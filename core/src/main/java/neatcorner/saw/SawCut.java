package neatcorner.saw;

import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.piece.EndCut;
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

    /** The end of the piece that this cut makes. */
    public EndCut end() {
        return kind == Kind.FIRST_MITER ? piece.piece().left() : piece.piece().right();
    }

    /** The angle of this cut, from square. */
    public Angle miter() {
        return end().miter();
    }

    /** The blade's tilt from vertical in this cut. */
    public Angle bevel() {
        return end().bevel();
    }

    /** How long the first cut leaves the piece, between its outermost points: with what the final trim takes off. */
    public Length leaves(Saw saw) {
        return piece.piece().span().plus(saw.rough());
    }

    /** The side of the blade on which the piece lies. */
    public Side lies(Saw saw) {
        return kind == Kind.FINAL_MITER && !isFaceDown(saw) ? Side.LEFT : Side.RIGHT;
    }

    /** The side to which the near end of the cut is swung, as the maker stands at the fence; null for a square cut. */
    public @Nullable Side swing(Saw saw) {
        return towards(miter(), saw);
    }

    /** The side to which the top of a tilted blade leans; null when it stands upright. */
    public @Nullable Side leans(Saw saw) {
        return towards(bevel(), saw);
    }

    private @Nullable Side towards(Angle angle, Saw saw) {
        if (Math.abs(angle.degrees()) < 1e-9) {
            return null;
        }
        return angle.degrees() > 0 ? lies(saw) : lies(saw).other();
    }

    /**
     * Whether the piece lies face down: only for the final cut, and only if the maker turns pieces over. Under a tilted
     * blade that would tilt the cut the wrong way, so there the saw is swung and tilted to the other side.
     */
    public boolean isFaceDown(Saw saw) {
        return kind == Kind.FINAL_MITER && saw.secondMiter() == SecondMiter.TURN_PIECE
                && !end().isTilted();
    }
}
