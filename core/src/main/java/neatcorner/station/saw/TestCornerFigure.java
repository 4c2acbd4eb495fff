package neatcorner.station.saw;

import neatcorner.drawing.Anchor;
import neatcorner.drawing.Box;
import neatcorner.drawing.CornerSketch;
import neatcorner.drawing.Figure;
import neatcorner.drawing.Marks;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;
import neatcorner.measure.Angle;
import neatcorner.measure.Fine;
import neatcorner.measure.Length;
import neatcorner.plan.Plan;
import neatcorner.saw.measured.TestCorner;

/** A test corner as it was found, and the saw from above with the way to turn it. Gap and turn are drawn far larger. */
public final class TestCornerFigure {
    private static final double SHOWN = Math.toRadians(7);

    private TestCornerFigure() {}

    /** The corner at a miter of the saw. */
    public static Figure of(Plan plan, TestCorner corner, Angle miter) {
        return of(plan, corner, miter, found(corner));
    }

    /** Before anything was read: how it is looked at. */
    public static Figure unread(Plan plan, Angle miter) {
        return of(plan, new TestCorner(TestCorner.Where.CLOSED, Length.ZERO, plan.job().section().width()), miter,
                SawTexts.WHERE_DOES_LIGHT_COME);
    }

    private static Figure of(Plan plan, TestCorner corner, Angle miter, String says) {
        Marks marks = new Marks();
        double face = plan.job().section().width().toMm();
        double way = corner.isTilt() ? 0 : Math.signum(corner.error().degrees()) * SHOWN;
        CornerSketch sketch = new CornerSketch(Math.abs(miter.radians()), face, face * 3.4, way);
        Point heel = new Point(0, 0);
        sketch.draw(marks, heel, Tint.wood(plan.job().section().wood()), "first", "second");
        if (way != 0) {
            Point mouth = sketch.mouth(heel);
            marks.value(mouth.plus(way > 0 ? -face * 0.35 : face * 0.45, way > 0 ? face * 0.35 : -face * 0.4),
                    way > 0 ? Anchor.END : Anchor.START, Fine.of(corner.gap()), SawTexts.GAP, null);
        }
        marks.label(new Point(-face * 1.2, -face * 0.9), 0, 0, Anchor.MIDDLE, says, 17, true, Tint.INK);
        saw(marks, new Point(face * 4.6, face * 0.4), face, miter, corner);
        return new Figure(SawTexts.TEST_CORNER_FIGURE, new Box(-face * 3.6, -face * 1.1, face * 8.2, face * 3.9),
                new Figure.Margin(30, 30, 50, 30), marks.list());
    }

    private static String found(TestCorner corner) {
        return switch (corner.where()) {
            case CLOSED -> SawTexts.CLOSED_ALL_ALONG;
            case HEEL -> SawTexts.MITER_TOO_SMALL;
            case TOE -> SawTexts.MITER_TOO_BIG;
            case FACE -> SawTexts.OPEN_ON_THE_FACE;
            case BACK -> SawTexts.OPEN_ON_THE_BACK;
        };
    }

    /** The saw from above: its line now, and where it must go. */
    private static void saw(Marks marks, Point pivot, double face, Angle miter, TestCorner corner) {
        Box table = new Box(pivot.x() - face * 0.9, pivot.y(), pivot.x() + face * 3.4, pivot.y() + face * 2.7);
        marks.area(table, Tint.TABLE, null, 0);
        marks.area(new Box(table.left(), pivot.y() - face * 0.35, table.right(), pivot.y()), Tint.METAL, Tint.INK, 1.2);
        marks.label(new Point(table.right(), pivot.y() - face * 0.12), -10, 2, Anchor.END, SawTexts.FENCE, 13, false,
                Tint.FAINT_INK);
        double reach = face * 2.5;
        double now = Math.abs(miter.radians());
        marks.cut(3, pivot, pivot.plus(reach * Math.sin(now), reach * Math.cos(now)));
        marks.label(pivot.plus(reach * Math.sin(now), reach * Math.cos(now)), 8, 14, Anchor.START, SawTexts.NOW, 14,
                true,
                Tint.CUT);
        double error = corner.error().radians();
        if (Math.abs(error) > 1e-9 && !corner.isTilt()) {
            double then = now - Math.signum(error) * SHOWN;
            marks.dashed(Tint.INK, pivot, pivot.plus(reach * Math.sin(then), reach * Math.cos(then)));
            marks.label(pivot.plus(reach * Math.sin(then), reach * Math.cos(then)), error > 0 ? -8 : 40,
                    error > 0 ? 16 : 0, error > 0 ? Anchor.END : Anchor.START, SawTexts.TURN_HERE, 14, true, Tint.INK);
            marks.value(
                    pivot.plus(reach * 0.62 * Math.sin((now + then) / 2), reach * 0.62 * Math.cos((now + then) / 2)),
                    Anchor.MIDDLE, Angle.ofRadians(Math.abs(error)), SawTexts.ERROR_OF_ONE_CUT, null);
        }
        marks.label(new Point(pivot.x() + face * 1.2, table.bottom()), 0, 24, Anchor.MIDDLE,
                corner.isTilt() || error == 0 ? SawTexts.SAW_FROM_ABOVE : SawTexts.SAW_FROM_ABOVE_TURN_LARGER,
                13,
                false, Tint.FAINT_INK);
    }
}
