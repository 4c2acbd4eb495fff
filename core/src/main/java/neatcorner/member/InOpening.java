package neatcorner.member;

import java.util.ArrayList;
import java.util.List;
import neatcorner.measure.Length;
import neatcorner.outline.Loop;
import neatcorner.outline.Vertex;
import neatcorner.piece.Piece;

/** Slats and bars from one side of the opening to the other. */
final class InOpening {
    private InOpening() {}

    static MadeMember slats(Member member, MemberKind.Slats slats, Ground ground) {
        if (!ground.outline().isRectangle()) {
            return MadeMember.not(member, MemberTexts.SLATS_IN_A_RECTANGLE);
        }
        if (!slats.pitch().isPositive()) {
            return MadeMember.not(member, MemberTexts.PITCH_TOO_SMALL);
        }
        if (!slats.groove().isLessThan(ground.section().width())) {
            return MadeMember.not(member, MemberTexts.GROOVE_TOO_DEEP);
        }
        Loop sight = ground.contours().sight();
        double seen = seen(member, slats);
        double height = sight.bottom() - sight.top();
        if (seen > height) {
            return MadeMember.not(member, MemberTexts.NO_SLAT_FITS);
        }
        int count = 1 + (int) Math.floor((height - seen) / slats.pitch().toMm() + 1e-9);
        Length length = sight.box().width().plus(slats.groove().times(2));
        List<Piece> pieces = Placing.sticks(member, count, length);
        List<MadeMember.Shape> shapes = new ArrayList<>();
        double first = sight.top() + (height - seen - (count - 1) * slats.pitch().toMm()) / 2;
        for (int i = 0; i < count; i++) {
            double top = first + i * slats.pitch().toMm();
            shapes.add(MadeMember.Shape.box(sight.left(), top, sight.right(), top + seen, MadeMember.Depth.WITHIN));
        }
        return new MadeMember(member, count, length, pieces, List.of(), shapes, Placing.volume(member, pieces), null);
    }

    /** How much of a slat's width is seen from the front. */
    private static double seen(Member member, MemberKind.Slats slats) {
        return member.width().toMm() * slats.tilt().cos() + member.thickness().toMm() * Math.abs(slats.tilt().sin());
    }

    static MadeMember bar(Member member, MemberKind.Bar bar, Ground ground) {
        Loop opening = ground.opening();
        double half = member.width().toMm() / 2;
        double low = (bar.upright() ? opening.left() : opening.top()) + half;
        double high = (bar.upright() ? opening.right() : opening.bottom()) - half;
        if (high < low) {
            return MadeMember.not(member, MemberTexts.NO_ROOM_ACROSS);
        }
        double middle = Math.clamp(low - half + bar.at() * (high - low + 2 * half), low, high);
        double[] one = chord(opening, bar.upright(), middle - half + 1e-6);
        double[] other = chord(opening, bar.upright(), middle + half - 1e-6);
        double from = Math.max(one[0], other[0]) + bar.play().toMm();
        double to = Math.min(one[1], other[1]) - bar.play().toMm();
        if (to <= from) {
            return MadeMember.not(member, MemberTexts.NO_ROOM_ACROSS);
        }
        Length length = Length.mm(to - from);
        List<Piece> pieces = Placing.sticks(member, 1, length);
        MadeMember.Shape shape = bar.upright()
                ? MadeMember.Shape.box(middle - half, from, middle + half, to, MadeMember.Depth.BEHIND)
                : MadeMember.Shape.box(from, middle - half, to, middle + half, MadeMember.Depth.BEHIND);
        return new MadeMember(member, 1, length, pieces, List.of(), List.of(shape), Placing.volume(member, pieces),
                null);
    }

    /** Where a level or an upright line enters a loop first and leaves it last; an empty run where it does not cross. */
    private static double[] chord(Loop loop, boolean upright, double at) {
        double from = Double.MAX_VALUE;
        double to = -Double.MAX_VALUE;
        for (int i = 0; i < loop.sides(); i++) {
            Vertex a = loop.at(i);
            Vertex b = loop.at(i + 1);
            double across = upright ? a.x() : a.y();
            double next = upright ? b.x() : b.y();
            if (across != next && Math.min(across, next) <= at && at <= Math.max(across, next)) {
                double share = (at - across) / (next - across);
                double along = upright
                        ? a.y() + share * (b.y() - a.y())
                        : a.x() + share * (b.x() - a.x());
                from = Math.min(from, along);
                to = Math.max(to, along);
            }
        }
        return new double[]{from, to};
    }
}
