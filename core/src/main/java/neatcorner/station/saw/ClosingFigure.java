package neatcorner.station.saw;

import java.util.ArrayList;
import java.util.List;
import neatcorner.drawing.Anchor;
import neatcorner.drawing.Box;
import neatcorner.drawing.Figure;
import neatcorner.drawing.FrameFront;
import neatcorner.drawing.Marks;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;
import neatcorner.measure.Fine;
import neatcorner.outline.Loop;
import neatcorner.outline.Vertex;
import neatcorner.piece.Piece;
import neatcorner.plan.Plan;
import neatcorner.saw.measured.Closing;
import neatcorner.saw.measured.CutError;
import neatcorner.saw.measured.Joint;
import neatcorner.saw.measured.Placed;

/**
 * A frame as its pieces will close, twice: with all corners tight but the last, and with the error spread by a band. What
 * is off is drawn so many times as large, which the figure says.
 */
public final class ClosingFigure {
    private static final int[] FACTORS = {1000, 500, 200, 100, 50, 20, 10, 5, 2, 1};

    private final Plan plan;
    private final List<CutError> errors;
    private final Closing closing;
    private final List<String> names;
    private final Marks marks = new Marks();
    private final List<Placed> meant;
    private final Box bounds;

    private ClosingFigure(Plan plan, List<CutError> errors, List<String> names) {
        this.plan = plan;
        this.errors = errors;
        this.closing = Closing.of(plan.pieces(), errors);
        this.names = names;
        this.meant = Closing.of(plan.pieces(), errors.stream().map(e -> CutError.NONE).toList()).tight();
        this.bounds = FrameFront.box(new Loop(meant.stream().map(Placed::start).toList()));
    }

    /** The pieces with these errors, and what is written on each. */
    public static Figure of(Plan plan, List<CutError> errors, List<String> names) {
        return new ClosingFigure(plan, errors, names).draw();
    }

    /** Nothing was measured that is off: the frame as planned, and no numbers. */
    private Figure asPlanned() {
        frame(closing.tight(), 1, 0);
        marks.label(new Point(bounds.center().x(), bounds.bottom()), 0, 34, Anchor.MIDDLE, SawTexts.AS_PLANNED, 16,
                true,
                Tint.INK);
        return new Figure(SawTexts.HOW_THE_FRAME_CLOSES, bounds.grown(bounds.width() * 0.04),
                new Figure.Margin(30, 40, 60, 40),
                marks.list());
    }

    private Figure draw() {
        if (errors.stream().allMatch(CutError.NONE::equals)) {
            return asPlanned();
        }
        double apart = bounds.width() * 1.35;
        int tight = factor(closing.lastGap(), Math.abs(closing.angleSum()));
        int banded = factor(closing.spreadGap(), closing.spreadGap() / plan.pieces().getFirst().face().toMm());
        frame(closing.tight(), tight, 0);
        Point last = new Point(bounds.left(), bounds.top());
        marks.value(FrameFront.point(meant.getFirst().start()), Anchor.END, new Fine(closing.lastGap()),
                SawTexts.LAST_CORNER, null);
        caption(0, SawTexts.ALL_TIGHT_BUT_THE_LAST, tight);
        frame(closing.banded(), banded, apart);
        gaps(apart);
        caption(apart, SawTexts.BAND_SPREADS_IT, banded);
        return new Figure(SawTexts.HOW_THE_FRAME_CLOSES,
                new Box(last.x() - bounds.width() * 0.06, bounds.top() - bounds.height() * 0.04,
                        bounds.right() + apart + bounds.width() * 0.06, bounds.bottom() + bounds.height() * 0.04),
                new Figure.Margin(60, 40, 70, 70), marks.list());
    }

    /** As large as still looks like a frame. */
    private static int factor(double gap, double turn) {
        if (gap < 1e-9 && turn < 1e-9) {
            return 1;
        }
        for (int factor : FACTORS) {
            if (turn * factor < 0.16 && gap * factor < 40) {
                return factor;
            }
        }
        return 1;
    }

    private void caption(double right, String what, int factor) {
        Point at = new Point(bounds.center().x() + right, bounds.bottom());
        marks.label(at, 0, 34, Anchor.MIDDLE, what, 16, true, Tint.INK);
        marks.label(at, 0, 54, Anchor.MIDDLE,
                factor == 1 ? SawTexts.TRUE_TO_SCALE : SawTexts.ERRORS_DRAWN_TIMES_AS_LARGE.formatted(factor),
                13, false, Tint.FAINT_INK);
    }

    private void gaps(double right) {
        for (int i = 0; i < plan.pieces().size() && plan.pieces().size() <= 8; i++) {
            Joint joint = closing.spread().get(i);
            Vertex corner = meant.get((i + 1) % meant.size()).start();
            Point middle = bounds.center();
            double x = corner.x() + (middle.x() - corner.x()) * 0.5;
            double y = corner.y() + (middle.y() - corner.y()) * 0.36;
            marks.value(new Point(x + right, y), Anchor.MIDDLE, new Fine(joint.gap()),
                    SawTexts.CORNER.formatted(names.get(i), names.get((i + 1) % names.size())), null);
        }
    }

    private void frame(List<Placed> placed, int factor, double right) {
        Tint tint = Tint.wood(plan.job().section().wood());
        for (int i = 0; i < placed.size(); i++) {
            Piece piece = plan.pieces().get(i);
            Vertex nominal = meant.get(i).start();
            Vertex off = placed.get(i).start();
            double heading = meant.get(i).heading()
                    + factor * (placed.get(i).heading() - meant.get(i).heading());
            Point start = new Point(nominal.x() + factor * (off.x() - nominal.x()) + right,
                    nominal.y() + factor * (off.y() - nominal.y()));
            double length = piece.outer().toMm() + factor * errors.get(i).length();
            List<Point> quad = quad(start, heading, length, piece.face().toMm(),
                    piece.left().miter().radians() + factor * errors.get(i).left(),
                    piece.right().miter().radians() + factor * errors.get(i).right());
            marks.wood(quad, tint, heading, 31 + i);
            double x = quad.stream().mapToDouble(Point::x).average().orElse(0);
            double y = quad.stream().mapToDouble(Point::y).average().orElse(0);
            marks.label(new Point(x, y), 0, 5, Anchor.MIDDLE, names.get(i), 14, true, tint.letters());
        }
    }

    private static List<Point> quad(Point start, double heading, double length, double face, double left,
            double right) {
        double ux = Math.cos(heading);
        double uy = Math.sin(heading);
        List<Point> quad = new ArrayList<>();
        quad.add(start);
        quad.add(start.plus(ux * length, uy * length));
        double toeEnd = length - face * Math.tan(right);
        quad.add(start.plus(ux * toeEnd - uy * face, uy * toeEnd + ux * face));
        double toeStart = face * Math.tan(left);
        quad.add(start.plus(ux * toeStart - uy * face, uy * toeStart + ux * face));
        return quad;
    }
}
