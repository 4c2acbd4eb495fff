package neatcorner.saw.measured;

import io.soabase.recordbuilder.core.RecordBuilder;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.piece.Piece;

/**
 * A piece as it came off the saw.
 *
 * @param piece its letter
 * @param outer length along the outer edge
 * @param left  miter at the left end, from a square cut
 * @param right miter at the right end
 */
@RecordBuilder
public record MeasuredPiece(String piece, Length outer, Angle left, Angle right) implements MeasuredPieceBuilder.With {

    /** As the plan has it. */
    public static MeasuredPiece asPlanned(Piece piece) {
        return new MeasuredPiece(piece.name(), piece.outer(), piece.left().miter(), piece.right().miter());
    }

    /** By how much it differs from the plan. */
    public CutError error(Piece plan) {
        return new CutError(outer.minus(plan.outer()).toMm(), left.radians() - plan.left().miter().radians(),
                right.radians() - plan.right().miter().radians());
    }
}
