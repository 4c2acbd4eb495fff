package neatcorner.station.saw;

import neatcorner.drawing.Anchor;
import neatcorner.drawing.Box;
import neatcorner.drawing.CornerSketch;
import neatcorner.drawing.Figure;
import neatcorner.drawing.Marks;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;
import neatcorner.measure.Fine;
import neatcorner.measure.Scalar;
import neatcorner.piece.Piece;
import neatcorner.plan.Plan;
import neatcorner.saw.measured.SeasonGap;
import neatcorner.wood.Climate;
import org.jspecify.annotations.Nullable;

/** One corner as it was glued, in the driest month and in the dampest; what opens is drawn larger, which it says. */
public final class SeasonFigure {

    private SeasonFigure() {}

    /** How far the corners open over a year. */
    public static Figure of(Plan plan) {
        Marks marks = new Marks();
        Climate place = plan.job().checks().place();
        if (place == null || !Assembly.canJudge(plan)) {
            Box sheet = new Box(-150, -100, 150, 100);
            marks.label(sheet.center(), 0, 0, Anchor.MIDDLE, place == null
                    ? SawTexts.SAY_WHERE_THE_FRAME
                    : SawTexts.SEASONS_ARE_READ_ON_FLAT, 16, true, Tint.INK);
            return new Figure(SawTexts.NO_SEASONS_YET, sheet, Figure.Margin.all(40), marks.list());
        }
        SeasonGap dry = SeasonGap.of(plan.pieces(), plan.job().section().wood(), place, place.dry());
        SeasonGap damp = SeasonGap.of(plan.pieces(), plan.job().section().wood(), place, place.damp());
        double most = Math.max(dry.opening().radians(), damp.opening().radians());
        int factor = most * 50 < 0.3 ? 50 : most * 20 < 0.3 ? 20 : most * 10 < 0.3 ? 10 : 1;
        Piece piece = plan.pieces().getFirst();
        double face = piece.face().toMm();
        corner(marks, plan, 0, dry, SawTexts.IN_DRIEST_MONTH, factor);
        corner(marks, plan, face * 5.2, null, SawTexts.AS_GLUED, factor);
        corner(marks, plan, face * 10.4, damp, SawTexts.IN_DAMPEST_MONTH, factor);
        return new Figure(SawTexts.CORNER_THROUGH_THE_YEAR, new Box(-face * 3.2, -face * 0.4, face * 10.8, face * 3.6),
                new Figure.Margin(70, 30, 60, 30), marks.list());
    }

    private static void corner(Marks marks, Plan plan, double right,
            @Nullable SeasonGap gap, String when, int factor) {
        Piece piece = plan.pieces().getFirst();
        double face = piece.face().toMm();
        double opening = gap == null ? 0 : (gap.isAtToe() ? 1 : -1) * gap.opening().radians() * factor;
        CornerSketch sketch = new CornerSketch(Math.abs(piece.right().miter().radians()), face, face * 3, opening);
        Point heel = new Point(right, 0);
        sketch.draw(marks, heel, Tint.wood(plan.job().section().wood()), "A", "B");
        Point under = new Point(right - face * 1.2, face * 3.1);
        marks.label(under, 0, 30, Anchor.MIDDLE, when, 16, true, Tint.INK);
        Climate place = plan.job().checks().place();
        if (gap != null) {
            marks.value(new Point(right - face * 2, face * 1.9), Anchor.MIDDLE, Fine.of(gap.gap()),
                    SawTexts.GAP_IN.formatted(when),
                    null);
            marks.label(new Point(right - face * 2, face * 1.9), 0, 30, Anchor.MIDDLE,
                    gap.isAtToe() ? SawTexts.OPENS_INSIDE : SawTexts.OPENS_OUTSIDE, 13, false, Tint.INK);
            marks.label(under, 0, 50, Anchor.MIDDLE, SawTexts.DRAWN_TIMES_AS_WIDE.formatted(factor), 13, false,
                    Tint.FAINT_INK);
        } else if (place != null) {
            marks.value(new Point(right - face * 2, face * 1.9), Anchor.MIDDLE, new Scalar(place.glued(), "%", 1),
                    SawTexts.MOISTURE_AT_THE_GLUE, null);
        }
    }
}
