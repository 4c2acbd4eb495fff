package neatcorner.saw.measured;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import neatcorner.measure.Length;
import neatcorner.piece.Piece;
import neatcorner.wood.Climate;
import org.jspecify.annotations.Nullable;

/**
 * What was measured on a frame, and what is asked of it.
 *
 * @param measured pieces as they were cut, those that were measured
 * @param gapLimit the widest gap that is let pass
 * @param dryFit   the frame put together dry
 * @param place    the air where it will hang; null when nobody said
 */
@RecordBuilder
public record Checks(List<MeasuredPiece> measured, Length gapLimit, DryFit dryFit,
        @Nullable Climate place) implements ChecksBuilder.With {
    /** A hairline that glue and dust fill: 0.3 mm, common practice. */
    public static final Length HAIRLINE = Length.mm(0.3);

    public Checks {
        measured = List.copyOf(measured);
    }

    /** Nothing measured, a hairline let pass. */
    public static Checks none() {
        return new Checks(List.of(), HAIRLINE, DryFit.closed(), null);
    }

    /** What was measured of a piece; as planned when it was not. */
    public MeasuredPiece of(Piece piece) {
        return measured.stream().filter(m -> m.piece().equals(piece.name())).findFirst()
                .orElseGet(() -> MeasuredPiece.asPlanned(piece));
    }

    /** With one piece measured anew. */
    public Checks with(MeasuredPiece piece) {
        List<MeasuredPiece> all = new ArrayList<>(measured);
        all.removeIf(m -> m.piece().equals(piece.piece()));
        all.add(piece);
        all.sort(Comparator.comparing((MeasuredPiece m) -> m.piece().length())
                .thenComparing(MeasuredPiece::piece));
        return withMeasured(all);
    }

    /** The errors of all pieces, in their order; none for those that were not measured. */
    public List<CutError> errors(List<Piece> pieces) {
        return pieces.stream().map(piece -> of(piece).error(piece)).toList();
    }
}
