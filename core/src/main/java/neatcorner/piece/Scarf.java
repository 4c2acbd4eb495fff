package neatcorner.piece;

import java.util.ArrayList;
import java.util.List;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;

/**
 * A piece too long for any stick, made of parts that are glued end over end on a slope through the thickness. For strength
 * the slope is 1:8 to 1:12 (Wood Handbook, FPL-GTR-282, chapter on adhesive joints; from memory); the parts are equally
 * long, so that the joints stay away from the corners.
 *
 * @param slope     run for each one of rise, such as 8
 * @param thickness of the stick
 */
public record Scarf(double slope, Length thickness) {
    /** The steepest slope that keeps most of the wood's strength. */
    public static final double USUAL = 8;

    /** How far the parts lie over each other. */
    public Length overlap() {
        return thickness.scaled(slope);
    }

    /**
     * The parts of a piece, each no longer than so much; the piece itself when it fits. Ends at a scarf are cut square to
     * the full length and then sloped. Empty when the scarf alone is longer than the wood.
     */
    public List<Piece> parts(Piece piece, Length longest) {
        if (!piece.span().isMoreThan(longest)) {
            return List.of(piece);
        }
        double whole = piece.span().toMm();
        double over = overlap().toMm();
        double most = longest.toMm();
        if (most <= over * 1.5) {
            return List.of();
        }
        int count = (int) Math.ceil((whole - over) / (most - over) - 1e-9);
        Length each = Length.mm((whole + (count - 1) * over) / count);
        EndCut square = EndCut.flat(Angle.ZERO);
        List<Piece> parts = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            EndCut left = i == 0 ? piece.left() : square;
            EndCut right = i == count - 1 ? piece.right() : square;
            Length slant = piece.reach().scaled(left.lean() + right.lean());
            boolean reflex = slant.isNegative();
            parts.add(new Piece(piece.name() + (i + 1), new Place.Part(piece.place(), i + 1, count),
                    reflex ? each.plus(slant) : each, reflex ? each : each.minus(slant), piece.face(), piece.reach(),
                    left,
                    right));
        }
        return parts;
    }
}
