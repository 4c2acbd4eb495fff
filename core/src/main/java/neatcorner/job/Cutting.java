package neatcorner.job;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
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
 * @param frame the frame itself
 * @param rings what is set against it
 */
public record Cutting(Job job, Loop frame, List<Loop> rings) {
    private static final StickLayout NOTHING_TO_CUT = new StickLayout(List.of(), 0, 0, true, "nothing to cut", null, 0);

    /**
     * One ring.
     *
     * @param pieces of one frame; empty when the sizes are impossible
     * @param parts  what is cut for them: the pieces, or what those too long for a stick are scarfed from
     */
    public record Loop(PlacedRing ring, List<Piece> pieces, List<Piece> parts) {

        public Loop {
            pieces = List.copyOf(pieces);
            parts = List.copyOf(parts);
        }
    }

    public Cutting {
        rings = List.copyOf(rings);
    }

    /** Of a job, which need not be possible. */
    public static Cutting of(Job job) {
        return of(Geometry.of(job));
    }

    /** Of a job whose sizes and edges are known. */
    public static Cutting of(Geometry geometry) {
        Job job = geometry.job();
        return new Cutting(job, loop(job, PlacedRing.frame(geometry)),
                PlacedRing.of(geometry).stream().map(ring -> loop(job, ring)).toList());
    }

    private static Loop loop(Job job, PlacedRing placed) {
        Contours contours = placed.contours();
        Ring ring = placed.ring();
        List<Piece> pieces = contours == null ? List.of() : FramePieces.of(contours, job.outline(), ring.joint());
        if (!ring.name().isEmpty()) {
            pieces = pieces.stream().map(piece -> piece.of(ring.name())).toList();
        }
        return new Loop(placed, pieces, scarfed(job, ring, pieces));
    }

    /** The pieces of a ring, those too long for any stick in parts where the maker wants them scarfed. */
    private static List<Piece> scarfed(Job job, Ring ring, List<Piece> pieces) {
        if (job.stock().scarf() <= 0) {
            return pieces;
        }
        Length clear = job.stock().longestClear().orElse(Length.ZERO);
        if (!clear.isPositive()) {
            return pieces;
        }
        Scarf scarf = new Scarf(job.stock().scarf(), ring.section().thickness());
        List<Piece> parts = new ArrayList<>();
        for (Piece piece : pieces) {
            List<Piece> each = scarf.parts(piece,
                    clear.minus(piece.kerfAtEnds(job.saw().kerf())).minus(job.saw().rough()));
            parts.addAll(each.isEmpty() ? List.of(piece) : each);
        }
        return parts;
    }

    /** What is cut for one frame: the parts of the frame itself, then those of its rings. */
    public List<Piece> parts() {
        return Stream.concat(Stream.of(frame), rings.stream()).flatMap(loop -> loop.parts.stream()).toList();
    }

    /** Where the parts of all frames are cut from. */
    public StickLayout layOut(Search search) {
        return layOut(job, parts(), search);
    }

    /** What the pieces of a job are cut from, across the stick. */
    public static Blanks blanks(Job job) {
        return new Blanks(Blanks.Blank.of(job.section()), job.rings().stream().collect(
                Collectors.toMap(Ring::name, ring -> Blanks.Blank.of(ring.section()), (one, twin) -> one)));
    }

    /** Where such parts would be cut from, for all frames of a job. */
    public static StickLayout layOut(Job job, List<Piece> parts, Search search) {
        return parts.isEmpty()
                ? NOTHING_TO_CUT
                : new LayOut(parts, job.quantity(), job.stock(), blanks(job), job.saw().kerf(), job.saw().rough())
                        .solve(search);
    }

    /** What a piece takes of a stick: the distance between its outermost points, the slanted kerf, the rough allowance. */
    public static Function<Piece, Length> lengthTaken(Job job) {
        return piece -> piece.span().plus(piece.kerfAtEnds(job.saw().kerf())).plus(job.saw().rough());
    }
}
