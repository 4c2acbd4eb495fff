package neatcorner.station.saw;

import java.util.List;
import neatcorner.drawing.Anchor;
import neatcorner.drawing.Box;
import neatcorner.drawing.Figure;
import neatcorner.drawing.Marks;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.piece.Piece;
import neatcorner.plan.Plan;
import neatcorner.saw.SawCut;

/**
 * A miter beyond the saw's range, from above: the stick is clamped along an auxiliary fence that stands square to the saw's
 * own, pointing at the maker, and the saw is set to the complement. The blade meets the fence at 0, 0.
 */
final class FixtureFigure {

    private FixtureFigure() {}

    static Figure of(Plan plan, SawCut cut) {
        Marks marks = new Marks();
        Piece piece = cut.piece().piece();
        double w = piece.face().toMm();
        Angle set = plan.job().saw().set(cut.miter());
        double run = w / Math.tan(Math.abs(set.radians()));
        double far = run + w * 2.6;
        double from = w * 0.25;
        marks.area(new Box(-w * 2, 0, w * 4.2, far + w * 0.3), Tint.TABLE, null, 0);
        marks.area(new Box(-w * 2, -w * 0.45, -w * 0.2, 0), Tint.METAL, Tint.INK, 1.2);
        marks.area(new Box(w * 0.2, -w * 0.45, w * 4.2, 0), Tint.METAL, Tint.INK, 1.2);
        marks.label(new Point(w * 4.2, -w * 0.2), -12, 5, Anchor.END, SawTexts.FENCE, 13, false, Tint.FAINT_INK);
        Box auxiliary = new Box(w * 1.25, 0, w * 1.6, far);
        marks.area(auxiliary, Tint.METAL, Tint.INK, 1.2);
        marks.label(new Point(w * 1.7, far * 0.5), 10, 5, Anchor.START, SawTexts.AUXILIARY_FENCE, 14,
                false, Tint.INK);
        double left = from;
        double right = w * 1.25;
        double tan = Math.tan(Math.abs(set.radians()));
        List<Point> stick = List.of(new Point(left, left / tan), new Point(right, right / tan), new Point(right, far),
                new Point(left, far));
        marks.wood(stick, Tint.wood(plan.job().section().wood()), Math.PI / 2, 3L + piece.name().charAt(0));
        List<Point> waste = List.of(new Point(left, from * 0.2), new Point(right, from * 0.2),
                new Point(right, right / tan), new Point(left, left / tan));
        marks.wood(waste, Tint.WASTE, Math.PI / 2, 5);
        marks.hatch(waste, 60, 9, Tint.CONSTRUCTION);
        double reach = (right + w * 0.9) / tan;
        marks.cut(3, new Point(0, 0), new Point(right + w * 0.9, reach));
        marks.dashed(Tint.CONSTRUCTION, new Point(0, 0), new Point(0, far * 0.8));
        marks.value(new Point(-w * 0.9, far * 0.55), Anchor.MIDDLE, Angle.ofDegrees(Math.abs(set.degrees())),
                SawTexts.SET_THE_SAW_TO,
                null);
        marks.label(new Point(-w * 0.9, far * 0.55), 0, -18, Anchor.MIDDLE, SawTexts.SET_THE_SAW_TO_HERE, 15, true,
                Tint.INK);
        marks.label(new Point((left + right) / 2, far * 0.78), 0, 12, Anchor.MIDDLE,
                cut.piece().label(plan.job().quantity()), 32, true,
                Tint.wood(plan.job().section().wood()).letters());
        Length stop = cut.stop();
        marks.label(new Point(w * 1.7, far * 0.5), 10, 30, Anchor.START,
                stop == null
                        ? SawTexts.CLAMP_THE_STICK_NEVER
                        : SawTexts.CLAMP_THE_STICK_FIRST,
                14,
                true, Tint.INK);
        if (stop != null) {
            marks.value(new Point(w * 2.6, far * 0.5 + w * 0.7), Anchor.START, stop, SawTexts.LENGTH_ALONG_THE_OUTER,
                    null);
        }
        return new Figure(SawTexts.TABLE_WITH_A_FIXTURE, new Box(-w * 2, -w * 0.6, w * 4.2, far + w * 0.3),
                new Figure.Margin(40, 24, 40, 24), marks.list());
    }
}
