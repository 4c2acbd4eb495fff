package neatcorner.job;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import neatcorner.measure.Length;
import neatcorner.member.Ground;
import neatcorner.member.MadeMember;
import neatcorner.member.Member;
import neatcorner.member.MemberTemplates;
import neatcorner.member.Placing;
import neatcorner.outline.Contours;
import neatcorner.piece.FramePieces;
import neatcorner.piece.Piece;
import neatcorner.piece.Scarf;
import neatcorner.section.Section;
import neatcorner.stock.Blanks;
import neatcorner.stock.Search;
import neatcorner.stock.StickLayout;
import neatcorner.stock.sticks.LayOut;
import org.jspecify.annotations.Nullable;

/**
 * What the wood of a job is cut into.
 *
 * @param frame   the frame itself
 * @param rings   what is set against it
 * @param members what else belongs to it
 */
public record Cutting(Job job, CutRing frame, List<CutRing> rings, List<MadeMember> members) {
    private static final StickLayout NOTHING_TO_CUT = new StickLayout(List.of(), 0, 0, true, "nothing to cut", null, 0);

    public Cutting {
        rings = List.copyOf(rings);
        members = List.copyOf(members);
    }

    /** Of a job, which need not be possible. */
    public static Cutting of(Job job) {
        return of(Geometry.of(job));
    }

    /** Of a job whose sizes and edges are known. */
    public static Cutting of(Geometry geometry) {
        Job job = geometry.job();
        PlacedRing frame = PlacedRing.frame(geometry);
        List<PlacedRing> rings = PlacedRing.of(geometry);
        return new Cutting(job, cut(job, frame), rings.stream().map(ring -> cut(job, ring)).toList(),
                members(job, frame, rings).stream().map(Standing::made).toList());
    }

    /** Of all that is sawn to a curve besides the pieces of the frame. */
    public static List<MemberTemplates.Named> templates(Job job) {
        Geometry geometry = Geometry.of(job);
        List<MemberTemplates.Named> templates = new ArrayList<>();
        for (Standing each : members(job, PlacedRing.frame(geometry), PlacedRing.of(geometry))) {
            Ground ground = each.ground;
            if (ground != null) {
                templates.addAll(MemberTemplates.of(each.made, ground));
            }
        }
        return templates;
    }

    /** A member, and what it stands on; null where that is not there. */
    private record Standing(MadeMember made, @Nullable Ground ground) {}

    private static List<Standing> members(Job job, PlacedRing frame, List<PlacedRing> rings) {
        if (job.members().isEmpty()) {
            return List.of();
        }
        Map<String, Ground> grounds = new HashMap<>();
        Stream.concat(Stream.of(frame), rings.stream()).forEach(ring -> {
            Contours contours = ring.contours();
            if (contours != null) {
                grounds.putIfAbsent(ring.name(), new Ground(contours, job.outline(), ring.make().section()));
            }
        });
        Set<String> names = new HashSet<>(job.rings().stream().map(Ring::name).toList());
        List<Standing> members = new ArrayList<>();
        for (Member member : job.members()) {
            Ground ground = grounds.get(member.of());
            MadeMember made = !names.add(member.name())
                    ? Placing.twice(member)
                    : ground == null ? Placing.nowhere(member) : Placing.of(member, ground);
            if (ground != null) {
                grounds.put(member.of(), Placing.after(made, ground));
            }
            members.add(new Standing(made, ground));
        }
        return members;
    }

    private static CutRing cut(Job job, PlacedRing placed) {
        Contours contours = placed.contours();
        List<Piece> pieces = contours == null
                ? List.of()
                : FramePieces.of(contours, job.outline(), placed.make().joint());
        if (placed.ring() != null) {
            pieces = pieces.stream().map(piece -> piece.of(placed.name())).toList();
        }
        return new CutRing(placed, pieces, scarfed(job, placed.make().section(), pieces));
    }

    /** The pieces of a ring, those too long for any stick in parts where the maker wants them scarfed. */
    private static List<Piece> scarfed(Job job, Section section, List<Piece> pieces) {
        if (job.stock().scarf() <= 0) {
            return pieces;
        }
        Length clear = job.stock().longestClear().orElse(Length.ZERO);
        if (!clear.isPositive()) {
            return pieces;
        }
        Scarf scarf = new Scarf(job.stock().scarf(), section.thickness());
        List<Piece> parts = new ArrayList<>();
        for (Piece piece : pieces) {
            List<Piece> each = scarf.parts(piece,
                    clear.minus(piece.kerfAtEnds(job.saw().kerf())).minus(job.saw().rough()));
            parts.addAll(each.isEmpty() ? List.of(piece) : each);
        }
        return parts;
    }

    /** What is cut of sticks for one frame: the parts of the frame itself, of its rings, then of what else belongs to it. */
    public List<Piece> parts() {
        return Stream.concat(Stream.concat(Stream.of(frame), rings.stream()).flatMap(ring -> ring.parts().stream()),
                members.stream().flatMap(member -> member.pieces().stream())).toList();
    }

    /** Where the parts of all frames are cut from. */
    public StickLayout layOut(Search search) {
        return layOut(job, parts(), search);
    }

    /** What the pieces of a job are cut from, across the stick. */
    public static Blanks blanks(Job job) {
        return new Blanks(Blanks.Blank.of(job.section()), Stream.concat(
                job.rings().stream().map(ring -> Map.entry(ring.name(), ring.section())),
                job.members().stream().map(member -> Map.entry(member.name(), member.stick())))
                .collect(Collectors.toMap(Map.Entry::getKey, each -> Blanks.Blank.of(each.getValue()),
                        (one, twin) -> one)));
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
