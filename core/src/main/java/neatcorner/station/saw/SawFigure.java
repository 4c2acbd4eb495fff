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
import neatcorner.measure.Theirs;
import neatcorner.piece.EndCut;
import neatcorner.piece.Piece;
import neatcorner.piece.Tip;
import neatcorner.plan.Plan;
import neatcorner.saw.SawCut;
import neatcorner.saw.Side;
import neatcorner.stock.CutStick;

/**
 * The saw table from above, the maker standing at the bottom: fence, blade line, stop, and the piece as it lies for one
 * cut. The blade meets the fence at 0, 0. Widths and angles are to scale; long pieces are broken in the middle.
 */
public final class SawFigure {
    private final Plan plan;
    private final SawCut cut;
    private final Marks marks = new Marks();
    private final double w;
    /** +1 when the piece lies to the right of the blade, −1 when to the left. */
    private final double side;
    private final double shown;

    private SawFigure(Plan plan, SawCut cut) {
        this.plan = plan;
        this.cut = cut;
        this.w = cut.piece().piece().face().toMm();
        this.side = cut.lies(plan.job().saw()) == Side.LEFT ? -1 : 1;
        this.shown = Math.min(cut.piece().piece().outer().toMm(), w * 6);
    }

    /** The table for one cut; beyond the saw's range, with the stick against an auxiliary fence. */
    public static Figure of(Plan plan, SawCut cut) {
        return plan.job().saw().reachesMiter(cut.miter())
                ? new SawFigure(plan, cut).draw()
                : FixtureFigure.of(plan, cut);
    }

    private boolean isFinal() {
        return cut.kind() == SawCut.Kind.FINAL_MITER;
    }

    private Figure draw() {
        double left = side > 0 ? -w * 2.4 : -shown - w * 1.5;
        double right = side > 0 ? shown + w * 1.5 : w * 2.4;
        drawTable(left, right);
        drawPiece();
        drawBlade();
        drawStop();
        drawWords();
        return new Figure(SawTexts.TABLE_FROM_ABOVE, new Box(left, -w * 0.9, right, w * 2.5),
                new Figure.Margin(60, 24, 40, 24), marks.list());
    }

    private void drawTable(double left, double right) {
        marks.area(new Box(left, 0, right, w * 2.5), Tint.TABLE, null, 0);
        double gap = w * 0.22;
        marks.area(new Box(left, -w * 0.55, -gap, 0), Tint.METAL, Tint.INK, 1.2);
        marks.area(new Box(gap, -w * 0.55, right, 0), Tint.METAL, Tint.INK, 1.2);
        marks.label(new Point(side > 0 ? left : right, -w * 0.27), side * 14, 5,
                side > 0 ? Anchor.START : Anchor.END, SawTexts.FENCE, 13, false, Tint.FAINT_INK);
    }

    /** Horizontal distance that the blade line runs over the face width. */
    private double slant() {
        return cut.miter().tan() * w * side;
    }

    private void drawPiece() {
        Piece piece = cut.piece().piece();
        double end = side * shown;
        double farSlant = isFinal() ? piece.left().miter().tan() * w * side : 0;
        double waste = -side * w * 1.3;
        Tint wood = Tint.wood(plan.job().section().wood());
        boolean broken = piece.outer().toMm() > shown + 1e-9 || !isFinal();
        double from = side * shown * 0.52;
        double to = side * shown * 0.58;
        double bow = w * 0.12 * side;
        List<Point> offcut = List.of(new Point(waste, 0), new Point(0, 0), new Point(slant(), w), new Point(waste, w));
        marks.wood(offcut, Tint.WASTE, 0, 5);
        marks.hatch(offcut, 60, 9, Tint.CONSTRUCTION);
        long seed = 3L + piece.name().charAt(0);
        if (broken) {
            wood(List.of(new Point(0, 0), new Point(from, 0), new Point(from + bow, w), new Point(slant(), w)), wood,
                    seed);
            wood(List.of(new Point(to, 0), new Point(end, 0), new Point(end - farSlant, w), new Point(to + bow, w)),
                    wood, seed);
        } else {
            wood(List.of(new Point(0, 0), new Point(end, 0), new Point(end - farSlant, w), new Point(slant(), w)),
                    wood, seed);
        }
        drawTiltedEnd(cut.end(), 0, slant());
        if (isFinal()) {
            drawTiltedEnd(piece.left(), end, end - farSlant);
        }
        drawRabbet(piece, broken);
        marks.label(new Point(side * shown * 0.28, w * 0.42), 0, 12, Anchor.MIDDLE, label(), 36, true, wood.letters());
    }

    /**
     * Under a tilted blade the piece is longer on the table than on top, or shorter: the slanting face of the cut, seen from
     * above where it faces up. The outline is that on the table.
     *
     * @param heel where the end meets the fence
     * @param toe  where it meets the sight edge
     */
    private void drawTiltedEnd(EndCut end, double heel, double toe) {
        if (!end.isTilted()) {
            return;
        }
        double into = heel == 0 ? side : -side;
        double back = plan.job().section().thickness().toMm() * end.bevel().tan() / end.miter().cos();
        Point top = new Point(heel + into * back, 0);
        Point near = new Point(toe + into * back, w);
        if (back > 0) {
            marks.hatch(List.of(new Point(heel, 0), top, near, new Point(toe, w)), 30, 8, Tint.WOOD_INK);
            marks.line(Tint.WOOD_INK, 1.4, top, near);
        } else {
            marks.dashed(Tint.WOOD_INK, top, near);
        }
    }

    private void wood(List<Point> outline, Tint tint, long seed) {
        marks.wood(outline, tint, 0, seed);
    }

    private String label() {
        return cut.piece().label(plan.job().quantity());
    }

    /** The rabbet along the sight edge: seen when the piece lies face down, hidden below when it lies face up. */
    private void drawRabbet(Piece piece, boolean broken) {
        double rw = Math.min(w, plan.job().section().rabbet().width().toMm());
        double farTan = isFinal() ? piece.left().miter().tan() * side : 0;
        double breakAt = side * shown * 0.52;
        double lean = w * 0.12 * side / w;
        double y = w - rw;
        if (broken) {
            rabbetPart(y, slant() / w, 0, lean, breakAt);
            rabbetPart(y, lean, side * shown * 0.58, -farTan, side * shown);
        } else {
            rabbetPart(y, slant() / w, 0, -farTan, side * shown);
        }
    }

    /** The strip from y to the sight edge, between two ends that each start at the fence and lean by so much. */
    private void rabbetPart(double y, double nearLean, double near, double farLean, double far) {
        Point a = new Point(near + nearLean * y, y);
        Point b = new Point(far + farLean * y, y);
        if (cut.isFaceDown(plan.job().saw())) {
            marks.hatch(List.of(a, b, new Point(far + farLean * w, w), new Point(near + nearLean * w, w)), 90, 6,
                    Tint.WOOD_INK);
            marks.line(Tint.WOOD_INK, 1.4, a, b);
        } else {
            marks.dashed(Tint.WOOD_INK, a, b);
        }
    }

    private void drawBlade() {
        double tan = cut.miter().tan() * side;
        Point top = new Point(-tan * w * 0.7, -w * 0.7);
        Point bottom = new Point(tan * w * 2.1, w * 2.1);
        marks.cut(3, top, bottom);
        Angle miter = cut.miter();
        double radius = w * 1.9;
        Point[] arc = new Point[13];
        for (int i = 0; i < arc.length; i++) {
            double angle = miter.radians() * i / 12;
            arc[i] = new Point(side * radius * Math.sin(angle), radius * Math.cos(angle));
        }
        marks.dashed(Tint.CONSTRUCTION, new Point(0, w), new Point(0, w * 2.3));
        marks.line(Tint.CONSTRUCTION, 1, arc);
        double middle = miter.radians() / 2;
        marks.value(new Point(side * radius * 1.12 * Math.sin(middle), radius * 1.12 * Math.cos(middle)),
                Anchor.MIDDLE, Angle.ofDegrees(Math.abs(miter.degrees())), SawTexts.MITER, null);
    }

    /** Between the outermost points of both ends: at the fence where the heels stand out, else at the sight edge. */
    private void drawStop() {
        Length stop = cut.stop();
        Piece piece = cut.piece().piece();
        double near = cut.end().tip() == Tip.TOE ? slant() : 0;
        double end = side * shown;
        boolean toe = piece.left().tip() == Tip.TOE;
        double far = stop != null && toe ? end - piece.left().miter().tan() * w * side : end;
        if (stop != null) {
            Box block = stopBlock(far, toe);
            marks.area(block, Tint.CUT, Tint.INK, 1.2);
            marks.label(new Point(block.center().x(), block.bottom()), 0, 18, Anchor.MIDDLE,
                    toe ? SawTexts.STOP_AT_THE_TOE : "stop", 14, true, Tint.INK);
        }
        marks.dimension(new Point(Math.min(near, far), -w * 0.55), new Point(Math.max(near, far), -w * 0.55), 30,
                stop == null ? cut.leaves(plan.job().saw()) : stop, stop == null ? SawTexts.LEAVE : SawTexts.STOP,
                null);
    }

    private Box stopBlock(double at, boolean toe) {
        double far = at + side * w * 0.5;
        return new Box(Math.min(at, far), -w * 0.55, Math.max(at, far), toe ? w * 1.15 : w * 0.35);
    }

    private void drawWords() {
        boolean down = cut.isFaceDown(plan.job().saw());
        double x = side * shown * 0.72;
        marks.label(new Point(x, w), 0, 26, Anchor.MIDDLE, down ? SawTexts.FACE_DOWN : SawTexts.FACE_UP, 17, true,
                Tint.INK);
        marks.label(new Point(x, w), 0, 48, Anchor.MIDDLE, SawTexts.SIGHT_EDGE_AND_RABBET, 14, false, Tint.INK);
        drawTilt();
        marks.label(new Point(-side * w * 1.1, w), 0, 22, Anchor.MIDDLE, waste(), 13, false, Tint.FAINT_INK);
    }

    /** The blade seen along the cut: upright, and as it leans. */
    private void drawTilt() {
        Side leans = cut.leans(plan.job().saw());
        if (leans == null) {
            return;
        }
        Point foot = new Point(-side * w * 1.7, w * 2.2);
        double angle = Math.abs(cut.bevel().radians()) * (leans == Side.LEFT ? -1 : 1);
        marks.line(Tint.INK, 1.4, foot.plus(-w * 0.45, 0), foot.plus(w * 0.45, 0));
        marks.dashed(Tint.CONSTRUCTION, foot, foot.plus(0, -w * 0.7));
        marks.cut(3, foot, foot.plus(Math.sin(angle) * w * 0.7, -Math.cos(angle) * w * 0.7));
        marks.value(foot.plus(0, w * 0.18), Anchor.MIDDLE, Angle.ofDegrees(Math.abs(cut.bevel().degrees())),
                SawTexts.TILT,
                null);
        marks.label(foot.plus(0, w * 0.18), 0, 26, Anchor.MIDDLE, SawTexts.BLADES_TOP_TO_THE.formatted(leans.title()),
                14,
                true,
                Tint.CUT);
    }

    private String waste() {
        CutStick stick = cut.stick();
        return isFinal() || stick == null
                ? SawTexts.WASTE
                : SawTexts.WASTE_TOWARDS_THE_START.formatted(Theirs.words(stick.label()));
    }
}
