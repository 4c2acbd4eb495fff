package neatcorner.member;

import java.util.ArrayList;
import java.util.List;
import neatcorner.outline.Loop;
import neatcorner.outline.Vertex;

/** What is bought and screwed on, and holes. */
final class Fitted {
    private static final int ROUND = 12;

    private Fitted() {}

    static MadeMember bought(Member member, MemberKind.Bought bought, Ground ground) {
        Loop out = ground.outside();
        double height = out.bottom() - out.top();
        double length = member.width().toMm();
        int rows = bought.fitting() == MemberKind.Fitting.HINGES ? 1 : 2;
        int left = (bought.count() + rows - 1) / rows;
        if (left * length > height) {
            return MadeMember.not(member, MemberTexts.TOO_MANY);
        }
        double deep = Math.min(ground.section().width().toMm(), length);
        List<MadeMember.Shape> shapes = new ArrayList<>();
        for (int i = 0; i < bought.count(); i++) {
            boolean first = i < left;
            double y = first
                    ? place(out, i, left, length)
                    : place(out, i - left, bought.count() - left, length);
            double x = first ? out.left() : out.right() - deep;
            shapes.add(MadeMember.Shape.box(x, y - length / 2, x + deep, y + length / 2, MadeMember.Depth.BEHIND));
        }
        return new MadeMember(member, bought.count(), member.width(), List.of(), List.of(), shapes, 0, null);
    }

    /** The outermost a sixth from the ends, the others evenly between; one alone in the middle. */
    private static double place(Loop out, int index, int count, double length) {
        double height = out.bottom() - out.top();
        double first = Math.max(height / 6, length / 2);
        return count == 1
                ? (out.top() + out.bottom()) / 2
                : out.top() + first + index * (height - 2 * first) / (count - 1);
    }

    static MadeMember vents(Member member, MemberKind.Vents vents, Ground ground) {
        if (!ground.outline().isRectangle()) {
            return MadeMember.not(member, MemberTexts.ONLY_A_RECTANGLE);
        }
        Loop sight = ground.contours().sight();
        Loop out = ground.outside();
        double across = sight.right() - sight.left();
        int holes = vents.holes(member.width());
        double diameter = member.width().toMm();
        if (holes * diameter > across) {
            return MadeMember.not(member, MemberTexts.TOO_MANY);
        }
        List<MadeMember.Shape> shapes = new ArrayList<>();
        for (double y : new double[]{(out.top() + sight.top()) / 2, (out.bottom() + sight.bottom()) / 2}) {
            for (int i = 0; i < holes; i++) {
                double x = sight.left() + across * (i + 0.5) / holes;
                shapes.add(MadeMember.Shape.of(disc(x, y, Math.min(diameter, (sight.top() - out.top()) * 0.7) / 2),
                        MadeMember.Depth.BEHIND, 0));
            }
        }
        return new MadeMember(member, 2 * holes, member.width(), List.of(), List.of(), shapes, 0,
                null);
    }

    private static List<Vertex> disc(double x, double y, double radius) {
        List<Vertex> disc = new ArrayList<>();
        for (int i = 0; i < ROUND; i++) {
            double angle = 2 * Math.PI * i / ROUND;
            disc.add(new Vertex(x + radius * Math.cos(angle), y + radius * Math.sin(angle)));
        }
        return disc;
    }
}
