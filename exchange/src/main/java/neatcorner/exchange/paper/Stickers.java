package neatcorner.exchange.paper;

import java.io.IOException;
import java.util.List;
import neatcorner.drawing.Anchor;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;

/**
 * Sheets of stickers as they are sold: 70 × 37 mm, three by eight on A4; 2 5/8 × 1 in, three by ten on Letter (common
 * practice).
 */
public final class Stickers {
    private static final double MM = 72 / 25.4;

    private final PdfPen pen;
    private final Notation notation;
    private final PaperPainter painter;
    private final Grid grid;

    /** One sticker; what it meets is empty where it is part of a longer piece. */
    public record Sticker(String letter, String job, Length length, String before, String after) {}

    private record Grid(int across, int down, double left, double top, double wide, double high, double stepX) {}

    public Stickers(PdfPen pen, PaperSize paper, Notation notation) {
        this.pen = pen;
        this.notation = notation;
        this.painter = new PaperPainter(pen, notation);
        this.grid = switch (paper) {
            case A4 -> new Grid(3, 8, 0, 0, 70 * MM, 37.125 * MM, 70 * MM);
            case A5 -> new Grid(2, 5, 4 * MM, 10 * MM, 70 * MM, 37.125 * MM, 70 * MM);
            case LETTER -> new Grid(3, 10, 13.5, 36, 189, 72, 198);
        };
    }

    /** Writes them row by row, on as many sheets as it takes. */
    public void write(List<Sticker> stickers) throws IOException {
        int each = grid.across * grid.down;
        for (int i = 0; i < stickers.size(); i++) {
            if (i > 0 && i % each == 0) {
                pen.newPage();
            }
            int place = i % each;
            int row = place / grid.across;
            one(stickers.get(i), grid.left + place % grid.across * grid.stepX, grid.top + row * grid.high);
        }
    }

    private void one(Sticker sticker, double left, double top) {
        double x = left + 20;
        double right = left + grid.wide - 20;
        double middle = top + grid.high / 2;
        pen.place(0, 0, 1);
        pen.write(x, middle + 10, Anchor.START, sticker.letter(), 26, Pen.Face.BOLD, Tint.INK);
        double from = x + pen.width(sticker.letter(), 26, Pen.Face.BOLD) + 12;
        pen.write(from, middle - 15, Anchor.START, Wording.clipped(pen, sticker.job(), right - from, 8, Pen.Face.TEXT),
                8, Pen.Face.TEXT,
                Tint.FAINT_INK);
        painter.write(from, middle + 1, notation.figures(sticker.length()), 13, Pen.Face.BOLD_FIGURES);
        piece(from, middle + 8, right - from, sticker);
    }

    /** The piece from the front: its long edge outside, its inside edge heavy, with what it meets at both ends. */
    private void piece(double left, double top, double wide, Sticker sticker) {
        double high = 8;
        List<Point> outline = List.of(new Point(left, top), new Point(left + wide, top),
                new Point(left + wide - high, top + high), new Point(left + high, top + high), new Point(left, top));
        pen.stroke(outline, Tint.INK, 0.7, false);
        pen.stroke(List.of(new Point(left + high, top + high), new Point(left + wide - high, top + high)), Tint.INK,
                2.4,
                false);
        pen.write(left + wide / 2, top + 6.4, Anchor.MIDDLE, notation.words(PageTexts.INSIDE_BELOW), 6.5, Pen.Face.TEXT,
                Tint.FAINT_INK);
        pen.write(left + 10, top + 6.6, Anchor.START, sticker.before(), 7, Pen.Face.BOLD, Tint.INK);
        pen.write(left + wide - 10, top + 6.6, Anchor.END, sticker.after(), 7, Pen.Face.BOLD, Tint.INK);
    }
}
