package neatcorner.plan;

import java.util.function.Function;
import neatcorner.measure.Length;
import neatcorner.piece.Piece;

/** What a piece takes of a stick: the distance between its outermost points, the slanted kerf, and the rough allowance. */
final class LengthTaken {

    private LengthTaken() {}

    static Function<Piece, Length> on(Job job) {
        return piece -> piece.span().plus(piece.kerfAtEnds(job.saw().kerf()))
                .plus(job.saw().rough());
    }
}
