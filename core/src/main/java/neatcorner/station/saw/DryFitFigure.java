package neatcorner.station.saw;

import neatcorner.drawing.Anchor;
import neatcorner.drawing.Box;
import neatcorner.drawing.Figure;
import neatcorner.drawing.FrameFront;
import neatcorner.drawing.Marks;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;
import neatcorner.measure.Fine;
import neatcorner.measure.Length;
import neatcorner.outline.Contours;
import neatcorner.outline.Loop;
import neatcorner.outline.Vertex;
import neatcorner.plan.Field;
import neatcorner.plan.FrameFields;
import neatcorner.plan.Plan;
import neatcorner.saw.measured.DryFit;

/** A rectangle put together dry: the gap at heel and toe of each corner and both diagonals, each to be typed where it is. */
public final class DryFitFigure {

    private DryFitFigure() {}

    /** An empty sheet that says so for frames that are no rectangle. */
    public static Figure of(Plan plan) {
        Marks marks = new Marks();
        Contours contours = plan.contours();
        if (contours == null || !plan.job().outline().isRectangle()) {
            Box sheet = new Box(-150, -100, 150, 100);
            marks.label(sheet.center(), 0, 0, Anchor.MIDDLE, SawTexts.DRY_FIT_IS_READ, 16, true, Tint.INK);
            return new Figure(SawTexts.NO_DRY_FIT, sheet, Figure.Margin.all(40), marks.list());
        }
        new FrameFront(plan, contours, marks).draw();
        Loop outside = contours.outside();
        Loop sight = contours.sight();
        DryFit fit = plan.job().checks().dryFit();
        for (int corner = 0; corner < 4; corner++) {
            Vertex heel = outside.at(corner);
            Vertex toe = sight.at(corner);
            int side = heel.x() < 0 ? -1 : 1;
            gap(marks, plan, FrameFront.point(heel).plus(side * 4, 0), side < 0 ? Anchor.END : Anchor.START,
                    SawFields.gap(corner, 0));
            Point in = FrameFront.point(toe).plus(-side * FrameFront.box(sight).width() * 0.03,
                    Math.signum(-toe.y()) * FrameFront.box(sight).height() * 0.08);
            gap(marks, plan, in, side < 0 ? Anchor.START : Anchor.END, SawFields.gap(corner, 1));
        }
        diagonal(marks, outside.at(0), outside.at(2), fit.first(), FrameFields.FIRST_DIAGONAL, 0.3);
        diagonal(marks, outside.at(1), outside.at(3), fit.second(), FrameFields.SECOND_DIAGONAL, 0.3);
        Box box = FrameFront.box(outside);
        marks.value(box.center(), Anchor.MIDDLE, Length.mm(Math.hypot(box.width(), box.height())),
                SawTexts.DIAGONALS_DUE, null);
        marks.label(box.center(), 0, 24, Anchor.MIDDLE, SawTexts.DUE_ON_BOTH, 12, false, Tint.FAINT_INK);
        marks.label(new Point(box.center().x(), box.top()), 0, -22, Anchor.MIDDLE,
                SawTexts.TYPE_EACH_GAP_WHERE,
                13, false, Tint.FAINT_INK);
        return new Figure(SawTexts.FRAME_PUT_TOGETHER_DRY, box, new Figure.Margin(50, 90, 30, 90), marks.list());
    }

    private static void gap(Marks marks, Plan plan, Point at, Anchor anchor, Field field) {
        marks.value(at, anchor, Fine.of(field.in(plan)), field.title(), field);
    }

    private static void diagonal(Marks marks, Vertex a, Vertex b, double measured, Field field, double share) {
        Point from = FrameFront.point(a);
        Point to = FrameFront.point(b);
        marks.line(Tint.CONSTRUCTION, 1, from, to);
        marks.value(new Point(from.x() + (to.x() - from.x()) * share, from.y() + (to.y() - from.y()) * share),
                Anchor.MIDDLE, Length.mm(measured), field.title(), field);
    }
}
