package neatcorner.member;

import java.util.ArrayList;
import java.util.List;
import neatcorner.measure.Length;
import neatcorner.outline.Loop;
import neatcorner.outline.Vertex;

/** What is bought and screwed on, and holes. */
final class Fitted {
    private static final int ROUND = 12;
    /** Wood between two vents, and between them and an edge, mm: common practice. */
    private static final double LEAST_WOOD = 5;
    private static final double LEAST_EDGE = 10;

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

    /** In as many rows, one behind the other, as the top and the bottom are deep for. */
    static MadeMember vents(Member member, MemberKind.Vents vents, Ground ground) {
        if (!ground.outline().isRectangle()) {
            return MadeMember.not(member, MemberTexts.ONLY_A_RECTANGLE);
        }
        Loop sight = ground.contours().sight();
        Loop out = ground.outside();
        double across = sight.right() - sight.left();
        int holes = vents.holes(member.width());
        double wide = member.width().toMm();
        double length = vents.length(member.width());
        double between = Math.max(LEAST_WOOD, wide / 2);
        double deep = MemberKind.Vents.deep(ground.section()).toMm();
        int inRow = (int) Math.floor((across - between) / (length + between) + 1e-9);
        int rows = (int) Math.floor((deep - 2 * LEAST_EDGE + between) / (wide + between) + 1e-9);
        if (inRow < 1 || rows < 1 || holes > inRow * rows) {
            return MadeMember.not(member, MemberTexts.TOO_HOT);
        }
        int taken = (holes + inRow - 1) / inRow;
        int each = (holes + taken - 1) / taken;
        List<MadeMember.Shape> shapes = new ArrayList<>();
        double high = Math.min(wide, (sight.top() - out.top()) * 0.7);
        for (double y : new double[]{(out.top() + sight.top()) / 2, (out.bottom() + sight.bottom()) / 2}) {
            for (int i = 0; i < each; i++) {
                double x = sight.left() + across * (i + 0.5) / each;
                shapes.add(MadeMember.Shape.of(length > wide
                        ? List.of(new Vertex(x - length / 2, y - high / 2), new Vertex(x + length / 2, y - high / 2),
                                new Vertex(x + length / 2, y + high / 2), new Vertex(x - length / 2, y + high / 2))
                        : disc(x, y, high / 2), MadeMember.Depth.BEHIND, 0));
            }
        }
        return new MadeMember(member, 2 * holes, Length.mm(length), List.of(), List.of(), shapes, 0, null);
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
