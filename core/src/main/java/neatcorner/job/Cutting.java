package neatcorner.job;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import neatcorner.measure.Length;
import neatcorner.outline.Contours;
import neatcorner.piece.FramePieces;
import neatcorner.piece.Piece;
import neatcorner.piece.Scarf;
import neatcorner.stock.Blanks;
import neatcorner.stock.Search;
import neatcorner.stock.StickLayout;
import neatcorner.stock.sticks.LayOut;

/**
 * What the wood of a job is cut into.
 *
 * @param pieces of one frame; empty when the sizes are impossible
 * @param parts  what is cut for them: the pieces, or what those too long for a stick are scarfed from
 */
public record Cutting(Job job, List<Piece> pieces, List<Piece> parts) {
    private static final StickLayout NOTHING_TO_CUT = new StickLayout(List.of(), 0, 0, true, "nothing to cut", null, 0);

    public Cutting {
        pieces = List.copyOf(pieces);
        parts = List.copyOf(parts);
    }

    /** Of a job, which need not be possible. */
    public static Cutting of(Job job) {
        return of(Geometry.of(job));
    }

    /** Of a job whose sizes and edges are known. */
    public static Cutting of(Geometry geometry) {
        Job job = geometry.job();
        Contours contours = ShapeFault.isSound(geometry) ? geometry.contours() : null;
        List<Piece> pieces = contours == null ? List.of() : FramePieces.of(contours, job.outline(), job.joint());
        return new Cutting(job, pieces, scarfed(job, pieces));
    }

    /** The pieces, those too long for any stick in parts where the maker wants them scarfed. */
    private static List<Piece> scarfed(Job job, List<Piece> pieces) {
        if (job.stock().scarf() <= 0) {
            return pieces;
        }
        Length clear = job.stock().longestClear().orElse(Length.ZERO);
        if (!clear.isPositive()) {
            return pieces;
        }
        Scarf scarf = new Scarf(job.stock().scarf(), job.section().thickness());
        List<Piece> parts = new ArrayList<>();
        for (Piece piece : pieces) {
            List<Piece> each = scarf.parts(piece,
                    clear.minus(piece.kerfAtEnds(job.saw().kerf())).minus(job.saw().rough()));
            parts.addAll(each.isEmpty() ? List.of(piece) : each);
        }
        return parts;
    }

    /** Where the parts of all frames are cut from. */
    public StickLayout layOut(Search search) {
        return parts.isEmpty() ? NOTHING_TO_CUT : layOut(job, parts, search);
    }

    /** Where such parts would be cut from, for all frames of a job. */
    public static StickLayout layOut(Job job, List<Piece> parts, Search search) {
        return new LayOut(parts, job.quantity(), job.stock(), Blanks.of(job.section()), job.saw().kerf(),
                job.saw().rough()).solve(search);
    }

    /** What a piece takes of a stick: the distance between its outermost points, the slanted kerf, the rough allowance. */
    public static Function<Piece, Length> lengthTaken(Job job) {
        return piece -> piece.span().plus(piece.kerfAtEnds(job.saw().kerf())).plus(job.saw().rough());
    }
}
