package neatcorner.station.sticks;

import java.util.List;
import neatcorner.drawing.Anchor;
import neatcorner.drawing.Box;
import neatcorner.drawing.Figure;
import neatcorner.drawing.Marks;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;
import neatcorner.measure.Length;
import neatcorner.measure.Theirs;
import neatcorner.plan.BoardWork;
import neatcorner.plan.Plan;
import neatcorner.stock.BoardMilling;
import neatcorner.stock.RoughBoard;
import neatcorner.stock.Span;

/**
 * Rough boards from above with the rip lines in them, and beside each its end with the sticks that come out of it. Lengths
 * are to scale, widths and ends larger.
 */
public final class BoardsFigure {
    private static final String KEY = "board-";

    private final Plan plan;
    private final Marks marks = new Marks();
    private final double longest;
    private double y;

    private BoardsFigure(Plan plan) {
        this.plan = plan;
        this.longest = plan.job().stock().boards().stream().mapToDouble(b -> b.length().toMm()).max().orElse(1);
    }

    /** The rough boards with the sticks they give. */
    public static Figure of(Plan plan) {
        if (plan.job().stock().boards().isEmpty()) {
            Marks marks = new Marks();
            marks.label(new Point(50, 26), 0, 0, Anchor.MIDDLE, SticksTexts.NO_ROUGH_BOARDS_YET, 20, true, Tint.INK);
            marks.label(new Point(50, 26), 0, 28, Anchor.MIDDLE,
                    SticksTexts.ADD_A_BOARD_AS_IT_CAME, 14, false,
                    Tint.FAINT_INK);
            return new Figure(SticksTexts.NO_ROUGH_BOARDS_YET, new Box(0, 0, 100, 60), Figure.Margin.all(20),
                    marks.list());
        }
        BoardsFigure figure = new BoardsFigure(plan);
        List<BoardMilling> millings = BoardWork.of(plan);
        for (int i = 0; i < millings.size(); i++) {
            figure.draw(millings.get(i), i);
        }
        return new Figure(SticksTexts.ROUGH_BOARDS_AND_THE_STICKS,
                new Box(0, 0, figure.longest * 1.28, Math.max(1, figure.y - figure.longest * 0.06)),
                new Figure.Margin(40, 60, 30, 60), figure.marks.list());
    }

    /** By what a board is known in the picture, from its place on the rack. */
    public static String key(int board) {
        return KEY + board;
    }

    private void draw(BoardMilling milling, int index) {
        RoughBoard board = milling.board();
        double wide = Math.max(board.width().toMm(), longest / 14);
        double stretch = wide / board.width().toMm();
        Box box = new Box(0, y, board.length().toMm(), y + wide);
        Tint wood = Tint.wood(plan.job().section().wood());
        marks.wood(box.corners(), wood, 0, 41L * index + 5);
        for (BoardMilling.Stretch cut : milling.cuts()) {
            strips(milling, cut, box, stretch);
        }
        for (Span defect : board.defects()) {
            Box gone = new Box(Math.max(0, defect.from().toMm()), box.top(),
                    Math.min(board.length().toMm(), defect.to().toMm()), box.bottom());
            marks.area(gone, Tint.WASTE, Tint.DEFECT, 1.6);
            marks.hatch(gone.corners(), 45, 6, Tint.DEFECT);
        }
        String name = board.ring().isEmpty()
                ? Theirs.words(board.name())
                : SticksTexts.BOARD_FOR_RING.formatted(Theirs.words(board.name()), Theirs.words(board.ring()));
        marks.label(new Point(0, y), 0, -8, Anchor.START,
                board.count() > 1 ? SticksTexts.BOARDS_ALIKE.formatted(name, board.count()) : name, 13, true, Tint.INK);
        marks.thing(new Box(0, y - longest * 0.05, longest * 0.28, y).corners(), key(index), name);
        marks.dimension(new Point(0, box.bottom()), new Point(box.right(), box.bottom()), -16, board.length(),
                SticksTexts.BOARD_LENGTH, StockFields.boardLength(index));
        end(milling, index);
        y += Math.max(wide, longest * 0.12) + longest * 0.1;
    }

    private void strips(BoardMilling milling, BoardMilling.Stretch cut, Box box, double stretch) {
        double across = (milling.onEdge() ? milling.thickness() : milling.width()).toMm();
        double kerf = milling.allowances().ripKerf().toMm();
        double edge = milling.allowances().edge().toMm();
        for (int length = 0; length < cut.lengths(); length++) {
            double from = cut.from().toMm() + length * cut.rough().toMm();
            double to = from + cut.rough().toMm();
            marks.cut(1.6, new Point(from, box.top()), new Point(from, box.bottom()));
            for (int strip = 0; strip <= cut.strips(); strip++) {
                double at = box.top() + (edge + strip * (across + kerf) - (strip == 0 ? 0 : kerf / 2)) * stretch;
                if (at < box.bottom()) {
                    marks.cut(1.2, new Point(from, at), new Point(to, at));
                }
            }
            marks.value(new Point((from + to) / 2, box.center().y()), Anchor.MIDDLE, cut.stick(),
                    SticksTexts.LENGTH_OF_A_STICK,
                    null);
        }
    }

    /** The board's end, several times as large, with the sticks in it. */
    private void end(BoardMilling milling, int index) {
        RoughBoard board = milling.board();
        double room = longest * 0.2;
        double scale = Math.min(room / board.width().toMm(), longest * 0.1 / board.thickness().toMm());
        double left = longest * 1.06;
        double w = board.width().toMm() * scale;
        double t = board.thickness().toMm() * scale;
        Box box = new Box(left, y, left + w, y + t);
        marks.area(box, Tint.WASTE, Tint.INK, 1.2);
        if (!milling.cuts().isEmpty()) {
            BoardMilling.Stretch cut = milling.cuts().getFirst();
            double across = (milling.onEdge() ? milling.thickness() : milling.width()).toMm() * scale;
            double deep = (milling.onEdge() ? milling.width() : milling.thickness()).toMm() * scale;
            double stepX = across + milling.allowances().ripKerf().toMm() * scale;
            Length between = milling.allowances().planing().plus(milling.allowances().resawKerf())
                    .plus(milling.allowances().resawClean());
            double stepY = deep + between.toMm() * scale;
            double x0 = left + milling.allowances().edge().toMm() * scale;
            double y0 = y + milling.allowances().face().plus(cut.bow()).toMm() * scale;
            for (int i = 0; i < cut.strips(); i++) {
                for (int j = 0; j < cut.layers(); j++) {
                    Box stick = new Box(x0 + i * stepX, y0 + j * stepY, x0 + i * stepX + across, y0 + j * stepY + deep);
                    marks.endGrain(stick.corners(), List.of(stick.corners()), Tint.wood(plan.job().section().wood()));
                }
            }
        }
        marks.dimension(new Point(box.left(), box.top()), new Point(box.right(), box.top()), 14, board.width(),
                SticksTexts.BOARD_WIDTH, StockFields.boardWidth(index));
        marks.value(new Point(box.right(), box.center().y()).plus(longest * 0.012, 0), Anchor.START, board.thickness(),
                SticksTexts.BOARD_THICKNESS, StockFields.boardThickness(index));
    }
}
