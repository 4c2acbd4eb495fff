package neatcorner.member;

import java.util.ArrayList;
import java.util.List;
import neatcorner.measure.Length;
import neatcorner.outline.Loop;
import neatcorner.outline.Vertex;
import neatcorner.piece.Piece;

/** What stands on top of a frame, and the band that goes round all that. */
final class OnTop {
    private static final double LEVEL = 0.01;
    private static final int STEPS = 36;

    private OnTop() {}

    /** An arch over a chord, its ends level, and the band of its edge. */
    private record Arch(double left, double right, double ends, double rise) {

        double radius() {
            return Scallops.radius(right - left, rise);
        }

        double halfAngle() {
            return Math.acos(Math.clamp(1 - rise / radius(), -1, 1));
        }

        /** From left to right, so far inside its edge, to where that is as far inside the ends. */
        List<Vertex> run(double inside) {
            List<Vertex> run = new ArrayList<>();
            double middle = (left + right) / 2;
            double most = inside == 0
                    ? halfAngle()
                    : Math.asin(Math.min(1, ((right - left) / 2 - inside) / (radius() - inside)));
            for (int i = 0; i <= STEPS; i++) {
                double angle = most * (2.0 * i / STEPS - 1);
                run.add(new Vertex(middle + (radius() - inside) * Math.sin(angle),
                        ends - rise + radius() - (radius() - inside) * Math.cos(angle)));
            }
            return run;
        }

        /** Of the segment between the arch and its chord. */
        double area() {
            double turn = 2 * halfAngle();
            return radius() * radius() / 2 * (turn - Math.sin(turn));
        }
    }

    static MadeMember extension(Member member, Ground ground) {
        if (!hasLevelTop(ground)) {
            return MadeMember.not(member, MemberTexts.ON_A_LEVEL_TOP);
        }
        Loop out = ground.outside();
        double bottom = out.top() - ground.topped().toMm();
        Length length = out.box().width();
        List<Piece> pieces = Placing.sticks(member, 1, length);
        return new MadeMember(member, 1, length, pieces, List.of(),
                List.of(MadeMember.Shape.box(out.left(), bottom - member.width().toMm(), out.right(), bottom,
                        MadeMember.Depth.WITHIN)),
                Placing.volume(member, pieces), null);
    }

    static MadeMember head(Member member, MemberKind.Head head, Ground ground) {
        if (!hasLevelTop(ground)) {
            return MadeMember.not(member, MemberTexts.ON_A_LEVEL_TOP);
        }
        Loop out = ground.outside();
        Length across = out.box().width();
        if (!head.rise().isPositive() || head.rise().times(2).isMoreThan(across)) {
            return MadeMember.not(member, MemberTexts.ARCH_TOO_HIGH);
        }
        double bottom = out.top() - ground.topped().toMm();
        Arch arch = new Arch(out.left(), out.right(), bottom - member.width().toMm(), head.rise().toMm());
        List<Vertex> edge = arch.run(0);
        List<Vertex> outline = new ArrayList<>(edge);
        outline.add(new Vertex(out.right(), bottom));
        outline.add(new Vertex(out.left(), bottom));
        List<List<Vertex>> parts = new ArrayList<>();
        for (int i = 1; i < edge.size(); i++) {
            parts.add(List.of(edge.get(i - 1), edge.get(i), new Vertex(edge.get(i).x(), bottom),
                    new Vertex(edge.get(i - 1).x(), bottom)));
        }
        double area = arch.area() + across.toMm() * member.width().toMm();
        return new MadeMember(member, 1, across, List.of(),
                List.of(new MadeMember.Plate(1, across, member.width().plus(head.rise()))),
                List.of(new MadeMember.Shape(outline, parts, MadeMember.Depth.WITHIN, 0)),
                area * member.thickness().toMm(), null);
    }

    static MadeMember trim(Member member, MemberKind.Trim trim, Ground ground) {
        if (!hasLevelTop(ground)) {
            return MadeMember.not(member, MemberTexts.ON_A_LEVEL_TOP);
        }
        Loop out = ground.outside();
        double width = member.width().toMm();
        if (2 * width >= out.right() - out.left()) {
            return MadeMember.not(member, MemberTexts.TRIM_TOO_WIDE);
        }
        boolean arched = ground.shoulder().isPositive();
        Length side = out.box().height().plus(ground.topped());
        double top = out.bottom() - side.toMm();
        List<Piece> pieces = new ArrayList<>();
        List<MadeMember.Plate> plates = new ArrayList<>();
        List<MadeMember.Shape> shapes = new ArrayList<>();
        int layers = trim.layers();
        int sticks = layers * (arched ? 2 : 3);
        double curved = 0;
        if (arched) {
            Arch arch = new Arch(out.left(), out.right(), top, ground.shoulder().toMm());
            double inner = arch.radius() - width;
            if (inner <= 0) {
                return MadeMember.not(member, MemberTexts.TRIM_TOO_WIDE);
            }
            double foot = arch.run(width).getFirst().y();
            Length inside = side.minus(Length.mm(foot - top));
            for (int i = 0; i < 2 * layers; i++) {
                pieces.add(Placing.slanted(member, i + 1, sticks, side, inside, i % 2 == 0));
            }
            sides(shapes, out, width, top, foot);
            shapes.add(band(arch, width));
            plates.add(new MadeMember.Plate(layers, out.box().width(),
                    Length.mm(Math.max(top, foot) - top + ground.shoulder().toMm())));
            Arch within = new Arch(out.left() + width, out.right() - width, foot,
                    inner - Math.sqrt(inner * inner - Math.pow((out.right() - out.left()) / 2 - width, 2)));
            double across = out.right() - out.left();
            curved = (arch.area() + (across - width) * (foot - top) - within.area()) * member.thickness().toMm();
        } else {
            sides(shapes, out, width, top, top);
            pieces.addAll(Placing.sticks(member, 0, 2 * layers, sticks, side));
            Length across = out.box().width().minus(member.width().times(2));
            pieces.addAll(Placing.sticks(member, 2 * layers, layers, sticks, across));
            shapes.add(MadeMember.Shape.box(out.left() + width, top, out.right() - width, top + width,
                    MadeMember.Depth.FRONT));
        }
        return new MadeMember(member, shapes.size(), side, pieces, plates, shapes,
                Placing.volume(member, pieces) + curved, null);
    }

    /** Both sides, each mitred to the arch from its outer corner to where its inner edge meets that. */
    private static void sides(List<MadeMember.Shape> shapes, Loop out, double width, double top, double foot) {
        for (int side = 0; side < 2; side++) {
            double outer = side == 0 ? out.left() : out.right();
            double inner = side == 0 ? out.left() + width : out.right() - width;
            shapes.add(MadeMember.Shape.of(List.of(new Vertex(outer, top), new Vertex(inner, foot),
                    new Vertex(inner, out.bottom()), new Vertex(outer, out.bottom())), MadeMember.Depth.FRONT,
                    Math.PI / 2));
        }
    }

    private static MadeMember.Shape band(Arch arch, double width) {
        List<Vertex> outer = arch.run(0);
        List<Vertex> inner = arch.run(width);
        List<List<Vertex>> parts = new ArrayList<>();
        for (int i = 1; i < outer.size(); i++) {
            parts.add(List.of(outer.get(i - 1), outer.get(i), inner.get(i), inner.get(i - 1)));
        }
        List<Vertex> outline = new ArrayList<>(outer);
        outline.addAll(inner.reversed());
        return new MadeMember.Shape(outline, parts, MadeMember.Depth.FRONT, 0);
    }

    /** Whether its top side lies level and is as wide as it is. */
    private static boolean hasLevelTop(Ground ground) {
        Loop out = ground.outside();
        if (!ground.isStraight()) {
            return false;
        }
        for (int i = 0; i < out.sides(); i++) {
            boolean level = Math.abs(out.at(i).y() - out.top()) < LEVEL
                    && Math.abs(out.at(i + 1).y() - out.top()) < LEVEL;
            if (level && Math.abs(out.length(i) - (out.right() - out.left())) < LEVEL) {
                return true;
            }
        }
        return false;
    }
}
