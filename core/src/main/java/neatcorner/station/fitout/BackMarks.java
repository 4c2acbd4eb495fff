package neatcorner.station.fitout;

import java.util.ArrayList;
import java.util.List;
import neatcorner.fitout.AdhesiveZone;
import neatcorner.drawing.Anchor;
import neatcorner.drawing.FrameBack;
import neatcorner.drawing.FrameFront;
import neatcorner.drawing.Marks;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;
import neatcorner.fitout.Layer;
import neatcorner.job.Hold;
import neatcorner.measure.Length;
import neatcorner.outline.Contours;
import neatcorner.outline.Loop;
import neatcorner.outline.Vertex;
import neatcorner.plan.Across;
import neatcorner.plan.Plan;

/** What is glued, taped and stapled on the back: adhesive that does not show in a mirror, a dust seal, staples in their order. */
final class BackMarks {
    /** From staple to staple, mm: common practice. */
    private static final double STAPLES = 50;
    /** A staple is drawn so long. */
    private static final double STAPLE = 10;
    /** From crest to crest of a wave of adhesive. */
    private static final double WAVE = 60;

    private final Plan plan;
    private final Contours contours;
    private final Marks marks;

    BackMarks(Plan plan, Contours contours, Marks marks) {
        this.plan = plan;
        this.contours = contours;
        this.marks = marks;
    }

    void draw() {
        HoldWork.of(plan.job().hold()).marks().accept(this);
    }

    private static Point at(Vertex v) {
        return FrameBack.turned(FrameFront.point(v));
    }

    /** Waves over the outer part of each face, off the edge that shows and out of the miters. */
    void adhesive() {
        double zone = AdhesiveZone.of(plan.job().section().width(), plan.job().units()).toMm();
        if (zone <= 0 || !contours.segments().isEmpty()) {
            return;
        }
        Loop outer = contours.outside();
        Loop inner = outer.offset(-zone);
        for (int i = 0; i < outer.sides(); i++) {
            Vertex a = outer.at(i);
            Vertex b = outer.at(i + 1);
            double off = 1.2 * zone / a.distanceTo(b);
            if (off >= 0.5) {
                continue;
            }
            List<Point> wave = new ArrayList<>();
            int steps = Math.max(4, (int) (a.distanceTo(b) / WAVE * 2));
            for (int step = 0; step <= steps; step++) {
                double along = off + (1 - 2 * off) * step / steps;
                double deep = step % 2 == 0 ? 0.25 : 0.75;
                Vertex out = between(a, b, along);
                Vertex in = between(inner.at(i), inner.at(i + 1), along);
                wave.add(at(between(out, in, deep)));
            }
            marks.line(Tint.INK, 2.4, wave.toArray(Point[]::new));
            marks.line(Tint.MAT_CORE, 1.4, wave.toArray(Point[]::new));
        }
        List<Point> edge = new ArrayList<>(inner.vertices().stream().map(BackMarks::at).toList());
        edge.add(edge.getFirst());
        marks.dashed(Tint.CUT, edge.toArray(Point[]::new));
    }

    private static Vertex between(Vertex a, Vertex b, double share) {
        return new Vertex(a.x() + (b.x() - a.x()) * share, a.y() + (b.y() - a.y()) * share);
    }

    /** From the middle of each side outwards; the sides are numbered, opposite ones in turn. */
    void staples(Hold.Wrapped wrapped) {
        if (!contours.segments().isEmpty()) {
            return;
        }
        Loop outer = contours.outside();
        Loop row = outer.offset(-Math.min(wrapped.fold().toMm(), plan.job().section().width().toMm()) * 0.6);
        int sides = row.sides();
        for (int i = 0; i < sides; i++) {
            Vertex a = row.at(i);
            Vertex b = row.at(i + 1);
            double length = a.distanceTo(b);
            int half = Math.max(0, (int) ((length / 2 - STAPLES / 2) / STAPLES));
            double ux = (b.x() - a.x()) / length;
            double uy = (b.y() - a.y()) / length;
            for (int k = -half; k <= half; k++) {
                Vertex middle = new Vertex(a.x() + ux * (length / 2 + k * STAPLES),
                        a.y() + uy * (length / 2 + k * STAPLES));
                marks.line(Tint.INK, 1.6, at(middle.plus(-ux * STAPLE / 2, -uy * STAPLE / 2)),
                        at(middle.plus(ux * STAPLE / 2, uy * STAPLE / 2)));
            }
            Vertex inside = between(between(a, b, 0.5), new Vertex(0, 0), 0.09);
            marks.label(at(inside), 0, 6, Anchor.MIDDLE, String.valueOf(order(i, sides)), 16, true, Tint.INK);
            marks.dashed(Tint.CONSTRUCTION, at(outer.at(i)), at(contours.sight().at(i)));
        }
    }

    /** One side, the one opposite, the next, the one opposite that. */
    static int order(int side, int sides) {
        int half = sides / 2;
        return sides % 2 == 1 || half == 0
                ? side + 1
                : side < half ? 2 * side + 1 : 2 * (side - half) + 2;
    }

    /** The seal's edge, just inside the outer edge; none over a strainer, which is taped along its seam. */
    void seal() {
        List<Layer> layers = plan.job().pack().layers();
        if (layers.isEmpty() || Across.of(plan).strainer(plan).isPresent()) {
            return;
        }
        Length in = FitOutSteps.sealInside(plan.job().units());
        List<Point> edge = new ArrayList<>(contours.outside().offset(-in.toMm()).vertices().stream()
                .map(BackMarks::at).toList());
        edge.add(edge.getFirst());
        marks.dashed(Tint.CONSTRUCTION, edge.toArray(Point[]::new));
    }
}
