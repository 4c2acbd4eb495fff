package neatcorner.station.glueup;

import java.util.ArrayList;
import java.util.List;
import neatcorner.drawing.Anchor;
import neatcorner.drawing.Box;
import neatcorner.drawing.Figure;
import neatcorner.drawing.FrameFront;
import neatcorner.drawing.Marks;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;
import neatcorner.glueup.GluePlan;
import neatcorner.glueup.Holding;
import neatcorner.glueup.jig.CornerJig;
import neatcorner.measure.Length;
import neatcorner.outline.Contours;
import neatcorner.outline.Loop;
import neatcorner.outline.Vertex;
import neatcorner.plan.FrameFields;
import neatcorner.plan.Plan;
import neatcorner.saw.measured.DryFit;

/** The frame in its clamps: release paper, band, jig or corner clamps, corners numbered in order, both diagonals. */
public final class GlueUpFigure {
    private final Plan plan;
    private final Contours contours;
    private final GluePlan glue;
    private final Marks marks = new Marks();
    private final double unit;

    private GlueUpFigure(Plan plan, Contours contours, GluePlan glue) {
        this.plan = plan;
        this.contours = contours;
        this.glue = glue;
        this.unit = Math.max(contours.outside().box().width().toMm(), contours.outside().box().height().toMm()) / 100;
    }

    /** The frame in its clamps, with the corners in the order of their screws. */
    public static Figure of(Plan plan) {
        GlueUpWork work = GlueUpWork.of(plan);
        Contours contours = plan.contours();
        return work == null || contours == null
                ? FrameFront.nothing()
                : new GlueUpFigure(plan, contours, work.glue()).draw();
    }

    /** The frame held in another way, small, to choose it by. */
    static Figure sketch(Plan plan, GluePlan glue) {
        Contours contours = plan.contours();
        return contours == null ? FrameFront.nothing() : new GlueUpFigure(plan, contours, glue).held().bare();
    }

    private Figure draw() {
        Figure held = held();
        List<Vertex> heels = heels();
        for (int i = 0; i < glue.order().size() && i < heels.size(); i++) {
            number(heels.get(glue.order().get(i) - 1), i + 1);
        }
        diagonals(contours.outside());
        return new Figure(held.title(), held.bounds(), held.margin(), marks.list());
    }

    private Figure held() {
        Loop outside = contours.outside();
        List<Vertex> heels = heels();
        double paper = Math.max(4 * unit, plan.job().section().width().toMm() * 0.95);
        for (Vertex heel : heels) {
            Point at = inwards(heel, -unit);
            marks.area(new Box(at.x() - paper, at.y() - paper, at.x() + paper, at.y() + paper), Tint.MAT,
                    Tint.CONSTRUCTION, 0.8);
        }
        new FrameFront(plan, contours, marks).draw();
        marks.area(FrameFront.points(contours.sight()), Tint.TABLE, Tint.CONSTRUCTION, 0.8);
        double reach = 4 * unit;
        switch (glue.holding()) {
            case BAND -> band(outside, heels);
            case JIG -> reach = jig();
            case CORNER_CLAMPS -> heels.forEach(this::cornerClamp);
            case PINS -> heels.forEach(this::pins);
        }
        Box box = FrameFront.box(outside).grown(reach + 2 * unit);
        return new Figure(GlueUpTexts.FRAME_IN_ITS_CLAMPS.formatted(glue.holding().title()), box,
                new Figure.Margin(26, 30, 26, 30),
                marks.list());
    }

    /** Outer ends of the joints, in the order of the pieces. */
    private List<Vertex> heels() {
        List<Vertex> heels = new ArrayList<>();
        contours.segments().forEach(segment -> heels.add(segment.outer().getFirst()));
        for (int i : contours.straight()) {
            heels.add(contours.outside().at(i));
        }
        return heels;
    }

    /** A place moved towards the middle of the frame. */
    private Point inwards(Vertex v, double by) {
        Box box = FrameFront.box(contours.outside());
        double dx = box.center().x() - v.x();
        double dy = box.center().y() - v.y();
        double far = Math.max(1e-6, Math.hypot(dx, dy));
        return new Point(v.x() + dx / far * by, v.y() + dy / far * by);
    }

    private void number(Vertex heel, int number) {
        Point at = inwards(heel, plan.job().section().width().toMm() * 2.1);
        double r = 2.6 * unit;
        marks.area(circle(at, r), Tint.HIGHLIGHT, Tint.WOOD_INK, 1);
        marks.label(at, 0, 5, Anchor.MIDDLE, String.valueOf(number), 14, true, Tint.WOOD_INK);
    }

    private static List<Point> circle(Point at, double r) {
        List<Point> circle = new ArrayList<>();
        for (int i = 0; i < 24; i++) {
            circle.add(at.plus(r * Math.cos(i * Math.PI / 12), r * Math.sin(i * Math.PI / 12)));
        }
        return circle;
    }

    private void band(Loop outside, List<Vertex> heels) {
        for (int turn = 0; turn < Math.max(1, Math.min(3, glue.clamps())); turn++) {
            List<Point> run = new ArrayList<>(FrameFront.points(outside.offset((1.6 + turn * 1.4) * unit)));
            run.add(run.getFirst());
            marks.line(Tint.CUT, 4, run.toArray(Point[]::new));
        }
        if (!plan.job().outline().isRectangle() && heels.size() <= 24) {
            for (Vertex heel : heels) {
                marks.area(circle(inwards(heel, -0.6 * unit), 1.6 * unit), Tint.METAL, Tint.INK, 1);
            }
        }
        Box box = FrameFront.box(outside);
        Point at = new Point(box.center().x(), box.bottom() + 1.8 * unit);
        marks.area(new Box(at.x() - 5 * unit, at.y() - 1.6 * unit, at.x() + 5 * unit, at.y() + 2.2 * unit), Tint.METAL,
                Tint.INK, 1.2);
        marks.label(at, 0, 5, Anchor.MIDDLE,
                glue.clamps() > 1 ? GlueUpTexts.BANDS.formatted(glue.clamps()) : GlueUpTexts.BAND, 12, true,
                Tint.INK);
    }

    /** Blocks, arms and bridges where they are when the frame is closed. */
    private double jig() {
        CornerJig jig = plan.shop().jig();
        CornerJig.Fit fit = glue.jig().orElse(null);
        if (jig == null || fit == null) {
            return 4 * unit;
        }
        Box box = FrameFront.box(contours.outside());
        double b = jig.block().toMm();
        double half = jig.bridge().toMm() / 2;
        double gap = fit.gap().toMm() / 2;
        Point middle = box.center();
        for (int sx = -1; sx <= 1; sx += 2) {
            for (int sy = -1; sy <= 1; sy += 2) {
                Point heel = new Point(sx < 0 ? box.left() : box.right(), sy < 0 ? box.top() : box.bottom());
                Point pivot = heel.plus(sx * b, sy * b);
                Point at = fit.across()
                        ? middle.plus(sx * gap, sy * half)
                        : middle.plus(sx * half, sy * gap);
                bite(heel, sx, sy, b);
                arm(pivot, at, jig, fit.hole());
            }
        }
        double w = fit.across() ? 24 : half + 24;
        double h = fit.across() ? half + 24 : 24;
        for (int side = -1; side <= 1; side += 2) {
            Point at = fit.across() ? middle.plus(side * gap, 0) : middle.plus(0, side * gap);
            marks.area(new Box(at.x() - w, at.y() - h, at.x() + w, at.y() + h), Tint.METAL, Tint.INK, 1.2);
        }
        Point from = fit.across() ? middle.plus(-gap, 0) : middle.plus(0, -gap);
        Point to = fit.across() ? middle.plus(gap, 0) : middle.plus(0, gap);
        marks.line(Tint.CUT, 5, from, to);
        marks.label(middle, fit.across() ? 0 : 12, fit.across() ? -34 : 5, fit.across() ? Anchor.MIDDLE : Anchor.START,
                GlueUpTexts.HOLE_NUMBER.formatted(fit.hole()), 16, true, Tint.CUT);
        return b + 34;
    }

    private void bite(Point heel, int sx, int sy, double b) {
        double arm = 45;
        marks.area(List.of(heel, heel.plus(-sx * arm, 0), heel.plus(-sx * arm, sy * (b + 20)),
                heel.plus(sx * (b + 20), sy * (b + 20)), heel.plus(sx * (b + 20), -sy * arm), heel.plus(0, -sy * arm)),
                Tint.BACKING, Tint.INK, 1.2);
    }

    private void arm(Point pivot, Point to, CornerJig jig, int hole) {
        double dx = to.x() - pivot.x();
        double dy = to.y() - pivot.y();
        double far = Math.max(1e-6, Math.hypot(dx, dy));
        double ux = dx / far;
        double uy = dy / far;
        double half = 14;
        double past = Math.min(60, jig.longestArm().minus(jig.arm(hole)).toMm() + 18);
        Point end = to.plus(ux * past, uy * past);
        Point start = pivot.plus(-ux * 16, -uy * 16);
        marks.area(List.of(start.plus(-uy * half, ux * half), end.plus(-uy * half, ux * half),
                end.plus(uy * half, -ux * half), start.plus(uy * half, -ux * half)), Tint.BACKING, Tint.INK, 1);
        for (int i = Math.max(1, hole - 3); i <= Math.min(jig.holes(), hole + 1); i++) {
            double at = jig.arm(i).toMm();
            marks.area(circle(pivot.plus(ux * at, uy * at), i == hole ? 7 : 4), i == hole ? Tint.CUT : Tint.TABLE,
                    Tint.INK, 1);
        }
        marks.area(circle(pivot, 6), Tint.METAL, Tint.INK, 1);
    }

    private void cornerClamp(Vertex heel) {
        Point at = inwards(heel, -2.2 * unit);
        marks.area(circle(at, 2.6 * unit), Tint.METAL, Tint.INK, 1.2);
        Point in = inwards(heel, 3.4 * unit);
        marks.line(Tint.INK, 3, at, in);
    }

    private void pins(Vertex heel) {
        Point at = inwards(heel, 0.8 * unit);
        marks.area(circle(at, 0.7 * unit), Tint.METAL, Tint.INK, 1);
    }

    /** Measured before the glue sets; typed where they are. */
    private void diagonals(Loop outside) {
        if (!plan.job().outline().isRectangle()) {
            return;
        }
        DryFit fit = plan.job().checks().dryFit();
        Box box = FrameFront.box(outside);
        Point a = new Point(box.left(), box.top());
        Point c = new Point(box.right(), box.bottom());
        Point b = new Point(box.right(), box.top());
        Point d = new Point(box.left(), box.bottom());
        marks.dashed(Tint.CONSTRUCTION, a, c);
        marks.dashed(Tint.CONSTRUCTION, b, d);
        boolean middleTaken = glue.holding() == Holding.JIG;
        double at = middleTaken ? 0.27 : 0.36;
        marks.value(between(a, c, 1 - at), Anchor.MIDDLE, measured(fit.first(), box),
                GlueUpTexts.DIAGONAL_FROM_TOP_LEFT,
                FrameFields.FIRST_DIAGONAL);
        marks.value(between(b, d, 1 - at), Anchor.MIDDLE, measured(fit.second(), box),
                GlueUpTexts.DIAGONAL_FROM_TOP_RIGHT,
                FrameFields.SECOND_DIAGONAL);
    }

    /** Until it is measured, what it should be. */
    private static Length measured(double mm, Box box) {
        return Length.mm(mm > 0 ? mm : Math.hypot(box.width(), box.height()));
    }

    private static Point between(Point a, Point b, double share) {
        return new Point(a.x() + (b.x() - a.x()) * share, a.y() + (b.y() - a.y()) * share);
    }
}
