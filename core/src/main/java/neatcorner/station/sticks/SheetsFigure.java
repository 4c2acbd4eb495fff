package neatcorner.station.sticks;

import java.util.ArrayList;
import java.util.List;
import neatcorner.drawing.Anchor;
import neatcorner.drawing.Box;
import neatcorner.drawing.Figure;
import neatcorner.drawing.Marks;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;
import neatcorner.fitout.Material;
import neatcorner.measure.Length;
import neatcorner.measure.Theirs;
import neatcorner.stock.Sheet;
import neatcorner.stock.sheets.PlacedPanel;
import neatcorner.stock.sheets.SheetCut;
import neatcorner.stock.sheets.SheetLayout;

/** Sheets with the panels to be cut from them, to scale, side by side; cuts are numbered in the order they are made. */
public final class SheetsFigure {
    private static final int IN_A_ROW = 3;

    private static final String KEY = "sheet-";

    private final Marks marks = new Marks();
    private double x;
    private double y;
    private double rowHeight;
    private double right = 1;
    private int inRow;

    private SheetsFigure() {}

    /** Sheets with their panels and numbered cuts. */
    public static Figure of(List<SheetWork> works) {
        SheetsFigure figure = new SheetsFigure();
        for (SheetWork work : works) {
            for (SheetLayout.Cut cut : work.layout().sheets()) {
                figure.draw(work, cut);
            }
        }
        if (figure.rowHeight == 0) {
            Marks marks = new Marks();
            marks.label(new Point(50, 26), 0, 0, Anchor.MIDDLE, SticksTexts.NO_SHEETS_TO_CUT, 20, true, Tint.INK);
            marks.label(new Point(50, 26), 0, 28, Anchor.MIDDLE,
                    SticksTexts.ADD_THE_SHEETS_OF_GLASS, 14, false, Tint.FAINT_INK);
            return new Figure(SticksTexts.NO_SHEETS_YET, new Box(0, 0, 100, 60), Figure.Margin.all(20), marks.list());
        }
        return new Figure(SticksTexts.SHEETS_WITH_THE_PANELS,
                new Box(0, 0, figure.right, figure.y + figure.rowHeight), new Figure.Margin(40, 24, 30, 24),
                figure.marks.list());
    }

    /** By what a sheet is known in the picture. */
    public static String key(Sheet sheet) {
        return KEY + sheet.name();
    }

    private void draw(SheetWork work, SheetLayout.Cut cut) {
        Sheet sheet = work.nesting().sheets().get(cut.stock());
        double w = sheet.width().toMm();
        double h = sheet.height().toMm();
        if (inRow == IN_A_ROW) {
            y += rowHeight + h * 0.22 + 60;
            x = 0;
            rowHeight = 0;
            inRow = 0;
        }
        Box box = new Box(x, y, x + w, y + h);
        marks.area(box, Tint.WASTE, Tint.INK, 1.4);
        marks.hatch(box.corners(), 45, 14, Tint.CONSTRUCTION);
        for (PlacedPanel panel : cut.panels()) {
            panel(work, panel, box);
        }
        for (SheetCut each : cut.cuts()) {
            line(work, each, box);
        }
        marks.thing(new Box(x, y - h * 0.07, x + w * 0.5, y).corners(), key(sheet), Theirs.words(sheet.name()));
        String times = cut.times() > 1 ? " × " + cut.times() : "";
        marks.label(new Point(box.left(), box.top()), 0, -10, Anchor.START,
                Theirs.words(sheet.name()) + times, 13, true, Tint.INK);
        right = Math.max(right, box.right());
        x += w + 0.12 * w + 40;
        rowHeight = Math.max(rowHeight, h);
        inRow++;
    }

    private void panel(SheetWork work, PlacedPanel panel, Box sheet) {
        double left = sheet.left() + panel.x().toMm();
        double top = sheet.top() + panel.y().toMm();
        Box box = new Box(left, top, left + panel.width().toMm(), top + panel.height().toMm());
        Material material = Material.named(work.material());
        Tint fill = Material.GLAZINGS.contains(material)
                ? Tint.GLASS
                : material.equals(Material.MAT_BOARD) || material.equals(Material.CARD) ? Tint.MAT : Tint.BACKING;
        marks.area(box, fill, Tint.INK, 1.2);
        String name = work.nesting().panels().get(panel.panel()).name();
        boolean wide = box.width() > sheet.width() * 0.2;
        marks.label(box.center(), 0, 5, Anchor.MIDDLE,
                wide ? name : brief(name), 13, true, Tint.INK);
    }

    /** What still fits on a narrow panel: the number of its job, or its first letter. */
    private static String brief(String name) {
        String last = name.substring(name.lastIndexOf(' ') + 1);
        return last.chars().allMatch(Character::isDigit) ? last : name.substring(0, 1);
    }

    private void line(SheetWork work, SheetCut cut, Box sheet) {
        double at = cut.at().toMm();
        Point a = cut.upright()
                ? new Point(sheet.left() + at, sheet.top() + cut.from().toMm())
                : new Point(sheet.left() + cut.from().toMm(), sheet.top() + at);
        Point b = cut.upright()
                ? new Point(sheet.left() + at, sheet.top() + cut.to().toMm())
                : new Point(sheet.left() + cut.to().toMm(), sheet.top() + at);
        marks.cut(2, a, b);
        List<String> words = new ArrayList<>(List.of(String.valueOf(cut.number())));
        if (work.isTooNarrow(cut.strip())) {
            words.add(SticksTexts.PLIERS);
        }
        Point where = new Point(a.x() + (b.x() - a.x()) * 0.3, a.y() + (b.y() - a.y()) * 0.3);
        marks.label(where, cut.upright() ? 6 : 0, cut.upright() ? 4 : -5, Anchor.START, String.join(" ", words), 14,
                true, Tint.CUT);
    }

    /** What is left of a sheet's area, as a share; for the slate. */
    public static double unused(SheetWork work) {
        double sheets = 0;
        double panels = 0;
        for (SheetLayout.Cut cut : work.layout().sheets()) {
            Sheet sheet = work.nesting().sheets().get(cut.stock());
            sheets += cut.times() * area(sheet.width(), sheet.height());
            for (PlacedPanel panel : cut.panels()) {
                panels += cut.times() * area(panel.width(), panel.height());
            }
        }
        return sheets == 0 ? 0 : 1 - panels / sheets;
    }

    private static double area(Length width, Length height) {
        return width.toMm() * height.toMm();
    }
}
