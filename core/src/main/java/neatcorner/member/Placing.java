package neatcorner.member;

import java.util.ArrayList;
import java.util.List;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.piece.EndCut;
import neatcorner.piece.Piece;
import neatcorner.piece.Place;

/** Puts members where they belong. */
public final class Placing {
    private static final EndCut SQUARE = EndCut.flat(Angle.ZERO);

    private Placing() {}

    /** A member that belongs to no ring there is. */
    public static MadeMember nowhere(Member member) {
        return MadeMember.not(member, MemberTexts.NO_RING);
    }

    /** A member that is called as a ring is, or as one before it. */
    public static MadeMember twice(Member member) {
        return MadeMember.not(member, MemberTexts.TWO_OF_ONE_NAME);
    }

    /** A member on its ground; what stands on top before it is counted in that. */
    public static MadeMember of(Member member, Ground ground) {
        if (!member.width().isPositive() || !member.thickness().isPositive()) {
            return MadeMember.not(member, MemberTexts.NO_SIZE);
        }
        if (ground.outline().isSloped()) {
            return MadeMember.not(member, MemberTexts.SLOPED);
        }
        return SettingOut.of(member.kind()).made().apply(member, ground);
    }

    /** The ground for what comes after a member that has its place. */
    public static Ground after(MadeMember made, Ground ground) {
        Member member = made.member();
        return made.fault() == null ? SettingOut.of(member.kind()).after().apply(member, ground) : ground;
    }

    /** So many straight pieces of a member, all so long. */
    static List<Piece> sticks(Member member, int count, Length length) {
        return sticks(member, 0, count, count, length);
    }

    /** As {@link #sticks(Member, int, Length)}, of a member that has more pieces, counted on from those before. */
    static List<Piece> sticks(Member member, int before, int count, int all, Length length) {
        List<Piece> pieces = new ArrayList<>();
        for (int i = before + 1; i <= before + count; i++) {
            pieces.add(new Piece(all == 1 ? member.name() : member.name() + " " + i,
                    new Place.OfRing(member.name(), new Place.OneOf(i, all)), length, length, member.width(), SQUARE,
                    SQUARE));
        }
        return pieces;
    }

    /**
     * One that is cut at a slant at its upper end: on the left of a frame that is its right end, as pieces are counted round it; on the
     * right its left one.
     *
     * @param number of all, from 1
     * @param outer  its outer edge
     * @param sight  its inner edge, as much shorter as the slant wants
     */
    static Piece slanted(Member member, int number, int all, Length outer, Length sight, boolean onTheLeft) {
        EndCut cut = EndCut.flat(Angle.ofSlope(outer.minus(sight).toMm(), member.width().toMm()));
        return new Piece(member.name() + " " + number, new Place.OfRing(member.name(), new Place.OneOf(number, all)),
                outer,
                sight, member.width(), onTheLeft ? SQUARE : cut, onTheLeft ? cut : SQUARE);
    }

    static double volume(Member member, List<Piece> pieces) {
        double section = member.stick().width().toMm() * member.stick().thickness().toMm();
        return pieces.stream().mapToDouble(piece -> (piece.outer().toMm() + piece.sight().toMm()) / 2 * section).sum();
    }
}
