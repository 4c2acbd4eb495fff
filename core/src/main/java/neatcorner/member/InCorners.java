package neatcorner.member;

import java.util.ArrayList;
import java.util.List;
import neatcorner.measure.Length;
import neatcorner.outline.Loop;
import neatcorner.outline.Vertex;

/** What is glued into the corners of the back. */
final class InCorners {
    private InCorners() {}

    static MadeMember triangles(Member member, Ground ground) {
        return all(member, ground, false);
    }

    static MadeMember blocks(Member member, Ground ground) {
        return all(member, ground, true);
    }

    private static MadeMember all(Member member, Ground ground, boolean block) {
        if (!ground.isStraight()) {
            return MadeMember.not(member, MemberTexts.NO_CORNERS);
        }
        Loop opening = ground.opening();
        double leg = member.width().toMm();
        List<MadeMember.Shape> shapes = new ArrayList<>();
        double area = 0;
        for (int i = 0; i < opening.sides(); i++) {
            if (opening.length(i) < 2 * leg) {
                return MadeMember.not(member, MemberTexts.TOO_LARGE_FOR_CORNERS);
            }
            if (opening.interior(i).degrees() < 179) {
                Vertex corner = opening.at(i);
                Vertex after = towards(corner, opening.at(i + 1), leg);
                Vertex before = towards(corner, opening.at(i - 1), leg);
                double full = leg * leg * opening.interior(i).sin();
                area += block ? full : full / 2;
                shapes.add(MadeMember.Shape.of(block
                        ? List.of(corner, after,
                                after.plus(before.x() - corner.x(), before.y() - corner.y()), before)
                        : List.of(corner, after, before), MadeMember.Depth.BEHIND, 0));
            }
        }
        if (shapes.isEmpty()) {
            return MadeMember.not(member, MemberTexts.NO_CORNERS);
        }
        Length width = member.width();
        return new MadeMember(member, shapes.size(), width, List.of(),
                List.of(new MadeMember.Plate(shapes.size(), width, width)), shapes, area * member.thickness().toMm(),
                null);
    }

    private static Vertex towards(Vertex from, Vertex to, double distance) {
        double share = distance / from.distanceTo(to);
        return from.plus((to.x() - from.x()) * share, (to.y() - from.y()) * share);
    }
}
