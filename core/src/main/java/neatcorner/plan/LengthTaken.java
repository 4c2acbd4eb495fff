package neatcorner.plan;

import java.util.function.Function;
import neatcorner.measure.Length;
import neatcorner.piece.Piece;

/** What a piece takes of a stick: its long point, the slanted kerf, and the rough allowance. */
final class LengthTaken {

    private LengthTaken() {}

    static Function<Piece, Length> on(Job job) {
        return piece -> piece.longPoint().plus(piece.kerfAtMiter(job.saw().kerf()))
                .plus(job.saw().rough());
    }
}
