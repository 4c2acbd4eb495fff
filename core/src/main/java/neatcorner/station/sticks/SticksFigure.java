package neatcorner.station.sticks;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import neatcorner.drawing.Anchor;
import neatcorner.drawing.Box;
import neatcorner.drawing.Figure;
import neatcorner.drawing.Marks;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;
import neatcorner.measure.Length;
import neatcorner.measure.Theirs;
import neatcorner.piece.Piece;
import neatcorner.plan.Plan;
import neatcorner.stock.CutPiece;
import neatcorner.stock.CutStick;
import neatcorner.stock.Rack;
import neatcorner.stock.Span;
import neatcorner.stock.Stick;

/**
 * The sticks on the rack with the mitred pieces laid in them, one below the other; those that are not needed stand below.
 * Along the stick the figure is to scale; across, sticks are drawn wider so that pieces can be told
 * apart, and the figure says so.
 */
public final class SticksFigure {
    private final Plan plan;
    private final double longest;
    private final double height;
    /** Where nothing can be pressed or typed, and knots are only to be seen. */
    private final boolean onPaper;
    private final double gap;
    private final Marks marks = new Marks();
    private final List<Row> rows = new ArrayList<>();

    /**
     * Where a stick lies in the figure.
     *
     * @param stock  which kind it is
     * @param number which of that kind; 0 for those that stay on the rack
     * @param box    of the stick
     */
    public record Row(int stock, int number, Box box, boolean used) {}

    /** Shares of the longest stick: what words on a stick take, and how far behind its end they stand beside its length. */
    private static final double ROOM_FOR_WORDS = 0.2;
    private static final double BEHIND_ITS_LENGTH = 0.09;
    /** Of the longest stick's length, how wide sticks are drawn on paper. */
    private static final double ON_PAPER = 1 / 34.0;

    private SticksFigure(Plan plan) {
        this(plan, plan.layout().sticks().size() + plan.job().stock().sticks().size() <= 8 ? 1 / 20.0 : 1 / 30.0,
                false);
    }

    private SticksFigure(Plan plan, double wide, boolean onPaper) {
        this.plan = plan;
        this.onPaper = onPaper;
        this.longest = plan.job().stock().sticks().stream().mapToDouble(stick -> stick.length().toMm()).max().orElse(1);
        this.height = Math.max(plan.job().section().width().toMm(), longest * wide);
        this.gap = longest / 22;
    }

    /** From one stick's upper edge to that of the next, with room for the numbers of its knots. */
    private double pitch(Stick stick) {
        return height + gap + (stick.defects().isEmpty() ? 0 : longest / 32);
    }

    /** All sticks with their pieces. */
    public static Figure of(Plan plan) {
        if (plan.job().stock().sticks().isEmpty()) {
            Marks marks = new Marks();
            marks.label(new Point(50, 26), 0, 0, Anchor.MIDDLE, SticksTexts.RACK_IS_EMPTY, 20, true, Tint.INK);
            marks.label(new Point(50, 26), 0, 28, Anchor.MIDDLE,
                    SticksTexts.ADD_THE_STICKS_YOU, 14, false,
                    Tint.FAINT_INK);
            return new Figure(SticksTexts.RACK_IS_EMPTY, new Box(0, 0, 100, 60), Figure.Margin.all(20), marks.list());
        }
        return new SticksFigure(plan).draw();
    }

    /** Only those of the sticks to take, for a strip of paper: from the first index up to, not including, the second. */
    public static Figure strips(Plan plan, int from, int to) {
        SticksFigure figure = new SticksFigure(plan, ON_PAPER, true);
        double y = 0;
        for (CutStick stick : plan.layout().sticks().subList(from, to)) {
            figure.drawStick(stick, y);
            figure.drawRunningMarks(stick, y);
            y += 2.1 * figure.height + figure.gap;
        }
        return new Figure(SticksTexts.STICKS_WITH_THE_PIECES, new Box(0, 0, figure.longest, y - figure.gap),
                new Figure.Margin(22, 96, 6, 14), figure.marks.list());
    }

    /** The rows of the figure from top to bottom, for finding out which stick was pointed at. */
    public static List<Row> rows(Plan plan) {
        SticksFigure figure = new SticksFigure(plan);
        figure.draw();
        return figure.rows;
    }

    private Figure draw() {
        Rack rack = plan.job().stock();
        double y = 0;
        for (CutStick stick : plan.layout().sticks()) {
            drawStick(stick, y);
            y += pitch(stick.stick());
        }
        Set<Integer> taken = plan.layout().sticks().stream().map(CutStick::stock).collect(Collectors.toSet());
        for (int i = 0; i < rack.sticks().size(); i++) {
            int index = i;
            long used = plan.layout().sticks().stream().filter(stick -> stick.stock() == index).count();
            long spare = rack.sticks().get(i).count() - used;
            if (spare > 0 || !taken.contains(i)) {
                drawSpare(rack.sticks().get(i), i, spare, y);
                y += pitch(rack.sticks().get(i));
            }
        }
        addScaleNote(y);
        return framed(y);
    }

    private void addScaleNote(double y) {
        double stretch = height / Math.max(1e-6, plan.job().section().width().toMm());
        if (stretch > 1.05) {
            marks.label(new Point(0, y - gap), 0, 24, Anchor.START,
                    SticksTexts.STICKS_DRAWN_WIDER
                            .formatted(Math.round(stretch * 10) / 10.0),
                    12, false, Tint.FAINT_INK);
        }
    }

    private Figure framed(double y) {
        return new Figure(SticksTexts.STICKS_ON_THE_RACK,
                new Box(0, 0, longest, Math.max(height, y - gap)), new Figure.Margin(34, 96, 36, 14),
                marks.list());
    }

    private Box bar(Stick stick, int index, int number, double y) {
        Box box = new Box(0, y, stick.length().toMm(), y + height);
        rows.add(new Row(index, number, box, number > 0));
        return box;
    }

    private void drawStick(CutStick cut, double y) {
        Box box = bar(cut.stick(), cut.stock(), cut.number(), y);
        Tint wood = wood(cut.stick());
        marks.area(box, Tint.WASTE, Tint.CONSTRUCTION, 1);
        long seed = 31L * cut.stock() + cut.number();
        for (CutPiece piece : cut.cuts()) {
            drawPiece(piece, y, wood, seed);
        }
        drawOffcut(cut, y, wood, seed);
        drawDefects(cut.stick(), cut.stock(), y);
        drawTrim(cut.stick(), y);
        head(Theirs.words(cut.label()), cut.stick(), cut.stock(), box);
    }

    /** As the stick is, which need not be of the frame's wood. */
    private Tint wood(Stick stick) {
        return Tint.wood(plan.blanks().wood(stick));
    }

    /** Where each piece starts, measured from the stick's left end. */
    private void drawRunningMarks(CutStick cut, double y) {
        for (CutPiece piece : cut.cuts()) {
            double at = piece.at().toMm();
            marks.line(Tint.CUT, 1.2, new Point(at, y + height), new Point(at, y + height * 1.25));
            marks.value(new Point(at, y + height * 1.6), Anchor.MIDDLE, piece.at(), SticksTexts.FROM_THE_LEFT_END,
                    null);
        }
    }

    /** What a kind of stick is called among the things of the drawing. */
    public static String key(int stick) {
        return "stick-" + stick;
    }

    private void head(String name, Stick stick, int index, Box box) {
        marks.label(new Point(0, box.top()), 0, -5, Anchor.START, onPaper ? name : name + " …", 13, true, Tint.INK);
        marks.thing(new Box(0, box.top() - gap * 0.75, longest * 0.28, box.top()).corners(), key(index), name);
        marks.value(new Point(box.right(), box.center().y()).plus(longest * 0.012, 0), Anchor.START, stick.length(),
                SticksTexts.LENGTH_OF.formatted(name), StockFields.stick(index));
    }

    private void drawPiece(CutPiece cut, double y, Tint wood, long seed) {
        Piece piece = cut.piece();
        double outer = cut.at().plus(piece.outerFromLeft()).toMm();
        double outerEnd = outer + piece.outer().toMm();
        double sight = cut.at().plus(piece.sightFromLeft()).toMm();
        double sightEnd = sight + piece.sight().toMm();
        double from = cut.at().toMm();
        double to = cut.end().toMm();
        double top = cut.flipped() ? y + height : y;
        double bottom = cut.flipped() ? y : y + height;
        List<Point> outline = List.of(new Point(outer, top), new Point(outerEnd, top), new Point(sightEnd, bottom),
                new Point(sight, bottom));
        marks.wood(outline, wood, 0, seed);
        boolean held = plan.job().stock().pins().stream().anyMatch(pin -> pin.holds(cut));
        String name = cut.label(plan.job().quantity());
        marks.label(new Point((from + to) / 2, y + height / 2), 0, 5, Anchor.MIDDLE,
                held ? SticksTexts.HELD.formatted(name) : name, 15, true, wood.letters());
    }

    /** What is left at the end, as wood that can be kept. */
    private void drawOffcut(CutStick cut, double y, Tint wood, long seed) {
        if (cut.offcut().toMm() < longest * 0.02) {
            return;
        }
        Span place = offcutPlace(cut);
        Box box = new Box(place.from().toMm(), y, place.to().toMm(), y + height);
        marks.wood(box.corners(), wood, 0, seed);
        marks.area(box, Tint.WASTE, Tint.CONSTRUCTION, 1);
        marks.value(box.center(), Anchor.MIDDLE, cut.offcut(),
                SticksTexts.SHOWN_OFFCUT_OF.formatted(Theirs.words(cut.label())),
                null);
    }

    private Span offcutPlace(CutStick cut) {
        Span best = new Span(Length.ZERO, Length.ZERO);
        for (Span clear : cut.stick().clear(plan.job().stock().endTrim())) {
            Length from = clear.from();
            for (CutPiece piece : cut.cuts()) {
                if (clear.contains(piece.at())) {
                    from = Length.max(from, piece.end());
                }
            }
            if (clear.to().minus(from).isMoreThan(best.length())) {
                best = new Span(from, clear.to());
            }
        }
        Length length = Length.min(cut.offcut(), best.length());
        return new Span(best.to().minus(length), best.to());
    }

    private void drawSpare(Stick stick, int index, long spare, double y) {
        Box box = bar(stick, index, 0, y);
        marks.wood(box.corners(), wood(stick), 0, 31L * index + 97);
        drawDefects(stick, index, y);
        String name = Theirs.words(stick.name());
        boolean several = stick.count() > 1;
        boolean room = stick.length().toMm() > longest * ROOM_FOR_WORDS;
        marks.label(room ? box.center() : new Point(box.right() + longest * BEHIND_ITS_LENGTH, box.center().y()), 0, 5,
                room ? Anchor.MIDDLE : Anchor.START,
                spare > 0 ? SticksTexts.STAYS_ON_THE_RACK : SticksTexts.NONE_ON_THE_RACK, 13, true,
                room ? wood(stick).letters() : Tint.INK);
        head(!several || spare == 0
                ? name
                : spare == stick.count() ? spare + " × " + name : SticksTexts.MORE_ON_THE_RACK.formatted(spare, name),
                stick, index, box);
    }

    private void drawDefects(Stick stick, int index, double y) {
        for (int i = 0; i < stick.defects().size(); i++) {
            Span defect = stick.defects().get(i);
            double from = Math.max(0, defect.from().toMm());
            double to = Math.min(stick.length().toMm(), defect.to().toMm());
            if (to > from) {
                Box box = new Box(from, y, to, y + height);
                marks.area(box, Tint.WASTE, Tint.DEFECT, 1.6);
                marks.hatch(box.corners(), 45, 6, Tint.DEFECT);
                marks.hatch(box.corners(), -45, 6, Tint.DEFECT);
                if (onPaper) {
                    continue;
                }
                double below = y + height + longest / 44;
                marks.value(new Point(from - longest / 200, below), Anchor.END, defect.from(),
                        SticksTexts.KNOT_BEGINS_AT,
                        StockFields.knotFrom(index, i));
                marks.value(new Point(to + longest / 200, below), Anchor.START, defect.to(), SticksTexts.KNOT_ENDS_AT,
                        StockFields.knotTo(index, i));
            }
        }
    }

    private void drawTrim(Stick stick, double y) {
        double trim = Math.min(stick.length().toMm(), plan.job().stock().endTrim().toMm());
        if (trim > 0) {
            marks.hatch(new Box(0, y, trim, y + height).corners(), 60, 4, Tint.CUT);
        }
    }
}
