package neatcorner.member;

import java.util.ArrayList;
import java.util.List;
import neatcorner.measure.Length;
import neatcorner.outline.Loop;
import neatcorner.outline.Vertex;

/** A face that is cut from one sheet, with arcs along its outer edge. */
public final class SheetFace {
    private static final int STEPS = 12;

    private SheetFace() {}

    /** How the arcs of a face are shared out round its frame. */
    public static Scallops scallops(MemberKind.Face face, Loop outside) {
        return Scallops.of(outside.right() - outside.left(), outside.bottom() - outside.top(), face.repeat().toMm(),
                face.beyond().toMm());
    }

    static MadeMember of(Member member, MemberKind.Face face, Ground ground) {
        if (!ground.outline().isRectangle()) {
            return MadeMember.not(member, MemberTexts.ONLY_A_RECTANGLE);
        }
        Loop sight = ground.contours().sight();
        Loop out = ground.outside();
        double cover = face.cover().toMm();
        if (2 * cover >= Math.min(sight.right() - sight.left(), sight.bottom() - sight.top())) {
            return MadeMember.not(member, MemberTexts.FACE_COVERS_ALL);
        }
        if (Math.max(out.right() - out.left(), out.bottom() - out.top()) > Scallops.MOST * face.repeat().toMm()) {
            return MadeMember.not(member, MemberTexts.ARCS_TOO_SMALL.formatted(Scallops.MOST));
        }
        Scallops scallops = scallops(face, out);
        double wave = face.wave().toMm();
        if (wave <= 0 || wave > scallops.chord() / 2) {
            return MadeMember.not(member, MemberTexts.WAVE_TOO_HIGH);
        }
        double left = out.left() - scallops.atSides();
        double right = out.right() + scallops.atSides();
        double top = out.top() - scallops.atEnds();
        double bottom = out.bottom() + scallops.atEnds();
        List<Vertex> outer = new ArrayList<>();
        run(outer, new Vertex(left, top), new Vertex(right, top), scallops.across(), wave);
        run(outer, new Vertex(right, top), new Vertex(right, bottom), scallops.down(), wave);
        run(outer, new Vertex(right, bottom), new Vertex(left, bottom), scallops.across(), wave);
        run(outer, new Vertex(left, bottom), new Vertex(left, top), scallops.down(), wave);
        List<Vertex> inner = outer.stream().map(v -> new Vertex(
                inside(v.x(), left, right, sight.left() + cover, sight.right() - cover),
                inside(v.y(), top, bottom, sight.top() + cover, sight.bottom() - cover))).toList();
        List<List<Vertex>> parts = new ArrayList<>();
        for (int i = 0; i < outer.size(); i++) {
            int next = (i + 1) % outer.size();
            parts.add(List.of(outer.get(i), outer.get(next), inner.get(next), inner.get(i)));
        }
        double area = Math.abs(new Loop(outer).area())
                - (sight.right() - sight.left() - 2 * cover) * (sight.bottom() - sight.top() - 2 * cover);
        Length width = Length.mm(right - left + 2 * wave);
        Length height = Length.mm(bottom - top + 2 * wave);
        return new MadeMember(member, 1, width, List.of(), List.of(new MadeMember.Plate(1, width, height)),
                List.of(new MadeMember.Shape(outer, parts, MadeMember.Depth.FRONT, 0, inner)),
                area * member.thickness().toMm(), null);
    }

    /** Where a place of the outer run lies on the inner edge: the margins are squeezed to nothing. */
    private static double inside(double at, double from, double to, double innerFrom, double innerTo) {
        double share = Math.clamp((at - from) / (to - from), 0, 1);
        return innerFrom + share * (innerTo - innerFrom);
    }

    /** Arcs along a side, the last end left out. */
    private static void run(List<Vertex> outer, Vertex from, Vertex to, int count, double wave) {
        double length = from.distanceTo(to);
        double ux = (to.x() - from.x()) / length;
        double uy = (to.y() - from.y()) / length;
        double chord = length / count;
        double radius = Scallops.radius(chord, wave);
        for (int i = 0; i < count; i++) {
            for (int step = 0; step < STEPS; step++) {
                double along = chord * step / STEPS;
                double x = along - chord / 2;
                double rise = Math.sqrt(Math.max(0, radius * radius - x * x)) - (radius - wave);
                double s = i * chord + along;
                outer.add(new Vertex(from.x() + ux * s + uy * rise, from.y() + uy * s - ux * rise));
            }
        }
    }
}
