package neatcorner.exchange.paper;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import neatcorner.drawing.Anchor;
import neatcorner.drawing.Box;
import neatcorner.drawing.Drawing;
import neatcorner.drawing.Figure;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.Quantity;
import neatcorner.measure.Reading;
import neatcorner.measure.Sentence;
import neatcorner.measure.Units;
import neatcorner.plan.Slate;

/** A stack of sheets written from top to bottom; a new sheet is begun when something no longer fits. */
public final class PaperSheet {
    /** Points on paper for each of a drawing's, in the figures of most stations. */
    public static final double UNIT = 0.62;
    /** Points in a millimetre: a drawing of that scale is at full size. */
    public static final double POINTS_PER_MM = 72 / 25.4;

    private static final double LINE = 13;
    private static final double LEADING = 11.2;
    private static final double TEXT = 9.5;
    /** Between columns, and between cards. */
    private static final double GUTTER = 18;
    private static final double BOX = 9;

    private final double pageWidth;
    private final double pageHeight;
    private final Notation notation;
    private final String job;
    private final double margin;
    private PagePen pen;
    private PaperPainter painter;
    private List<Double> columns = List.of();
    private double x;
    private double width;
    private double y;
    private int page = 1;
    private boolean apart;

    /** Something that is written on a sheet. */
    @FunctionalInterface
    public interface Part {
        void write() throws IOException;
    }

    public PaperSheet(PdfPen pen, PaperSize paper, Notation notation, String job) {
        this(pen, paper, 1, notation, job);
    }

    /** With everything a share of its usual size. */
    PaperSheet(PagePen pen, PaperSize paper, double share, Notation notation, String job) {
        this.pen = share < 1 ? new ReducedPen(pen, share) : pen;
        this.pageWidth = paper.width() / share;
        this.pageHeight = paper.height() / share;
        this.notation = notation;
        this.painter = new PaperPainter(this.pen, notation);
        this.job = job;
        margin = paper.width() < 500 ? 30 : 40;
        x = margin;
        y = margin;
        width = pageWidth - 2 * margin;
    }

    /** The number of the page that is written on, from 1. */
    public int page() {
        return page;
    }

    /** Two parts beside each other, the first with this share of the width; on a new sheet where there is no room. */
    public void beside(double share, Part first, Part second) throws IOException {
        double firstWidth = width * share - GUTTER / 2;
        double secondWidth = width - firstWidth - GUTTER;
        keepTogether(Math.max(height(first, firstWidth), height(second, secondWidth)));
        double top = y;
        double end = column(x, firstWidth, top, first);
        y = Math.max(end, column(x + firstWidth + GUTTER, secondWidth, top, second));
    }

    /** Writes a part in a column, which stays whole; returns where it ends. */
    private double column(double left, double wide, double top, Part part) throws IOException {
        double before = x;
        double whole = width;
        boolean within = apart;
        apart = true;
        x = left;
        width = wide;
        y = top;
        part.write();
        apart = within;
        x = before;
        width = whole;
        return y;
    }

    /** How much height a part takes in such a width. */
    private double height(Part part, double wide) throws IOException {
        PagePen drawn = pen;
        double top = y;
        List<Double> kept = columns;
        use(drawn.measuring());
        double height = column(x, wide, top, part) - top;
        use(drawn);
        columns = kept;
        y = top;
        return height;
    }

    private void use(PagePen other) {
        pen = other;
        painter = new PaperPainter(other, notation);
    }

    /** Whether a part fits on what is left of this sheet. */
    public boolean hasRoomFor(Part part) throws IOException {
        return height(part, width) <= left();
    }

    /** Parts one below the other in two columns about as long. */
    public void inTwoColumns(List<Part> parts) throws IOException {
        List<Double> heights = new ArrayList<>();
        for (Part part : parts) {
            heights.add(height(part, (width - GUTTER) / 2));
        }
        double all = heights.stream().mapToDouble(Double::doubleValue).sum();
        int split = 0;
        for (double done = 0; split < parts.size() && done + heights.get(split) / 2 <= all / 2; split++) {
            done += heights.get(split);
        }
        List<Part> first = parts.subList(0, split);
        List<Part> second = parts.subList(split, parts.size());
        if (all / 2 > pageHeight - 3 * margin) {
            write(parts);
        } else {
            beside(0.5, () -> write(first), () -> write(second));
        }
    }

    private static void write(List<Part> parts) throws IOException {
        for (Part part : parts) {
            part.write();
        }
    }

    /** Of the sheet between its margins, or of the column that is written, points. */
    public double textWidth() {
        return width;
    }

    /** Height that is left on this sheet. */
    public double left() {
        return pageHeight - margin - 6 - y;
    }

    /** Begins a new sheet unless this much height is left, or this one is still empty; columns stay whole. */
    public void keepTogether(double height) throws IOException {
        if (!apart && left() < height && y > margin + 1) {
            footer();
            pen.newPage();
            page++;
            y = margin;
        }
    }

    /** Begins a new sheet unless this one is still empty. */
    public void newPage() throws IOException {
        keepTogether(Double.MAX_VALUE);
    }

    /** Writes the foot of the last sheet. */
    public void finish() {
        footer();
    }

    private void footer() {
        pen.place(0, 0, 1);
        pen.write(margin, pageHeight - 24, Anchor.START,
                Wording.clipped(pen, job, textWidth() * 0.8, 8.5, Pen.Face.TEXT), 8.5,
                Pen.Face.TEXT, Tint.FAINT_INK);
        pen.write(pageWidth - margin, pageHeight - 24, Anchor.END, PageTexts.PAGE.formatted(page), 8.5,
                Pen.Face.TEXT,
                Tint.FAINT_INK);
    }

    /** Writes the head of the first sheet. */
    public void title(String title, String subtitle) {
        y += 14;
        text(x, Wording.clipped(pen, title, width, 19, Pen.Face.BOLD), 19, Pen.Face.BOLD, Tint.INK);
        y += 15;
        text(x, Wording.clipped(pen, notation.words(subtitle), width, 10, Pen.Face.TEXT), 10, Pen.Face.TEXT,
                Tint.FAINT_INK);
        y += 7;
        pen.stroke(List.of(new Point(x, y), new Point(x + width, y)), Tint.INK, 1.1, false);
        y += 2;
    }

    /** Writes a heading, on a new sheet where too little is left. */
    public void heading(String heading) throws IOException {
        heading(heading, "");
    }

    /** A heading, and quietly beside it what goes for all that stands below. */
    public void heading(String heading, String beside) throws IOException {
        keepTogether(54);
        y += 15;
        String said = notation.words(heading);
        text(x, said, 11.5, Pen.Face.BOLD, Tint.INK);
        double at = x + pen.width(said, 11.5, Pen.Face.BOLD) + 8;
        text(at, Wording.clipped(pen, notation.words(beside), x + width - at, 9, Pen.Face.TEXT), 9, Pen.Face.TEXT,
                Tint.FAINT_INK);
        y += 4;
    }

    private void text(double left, String text, double size, Pen.Face face, Tint tint) {
        pen.place(0, 0, 1);
        pen.write(left, y, Anchor.START, text, size, face, tint);
    }

    /** Names of the columns of the rows that follow, at these parts of the width. */
    public void columns(List<String> names, List<Double> places) {
        columns = places;
        y += 10;
        for (int i = 0; i < names.size(); i++) {
            text(x + places.get(i) * textWidth(), notation.words(names.get(i)), 8, Pen.Face.TEXT, Tint.FAINT_INK);
        }
        y += 2;
    }

    /** Words, then figures, each in its column. */
    public void row(List<String> words, List<? extends Quantity> figures) throws IOException {
        keepTogether(LINE);
        y += LINE;
        int column = 0;
        for (String word : words) {
            text(x + columns.get(column++) * textWidth(), word, 10, column == 1 ? Pen.Face.BOLD : Pen.Face.TEXT,
                    Tint.INK);
        }
        for (Quantity figure : figures) {
            painter.write(x + columns.get(column++) * textWidth(), y, notation.figures(figure), 10,
                    Pen.Face.BOLD_FIGURES);
        }
    }

    /** Rules to write on, each with its name. */
    public void lines(String... names) throws IOException {
        for (String name : names) {
            keepTogether(30);
            y += 28;
            text(x, notation.words(name), TEXT, Pen.Face.TEXT, Tint.INK);
            double from = x + 70;
            pen.stroke(List.of(new Point(from, y + 2), new Point(x + width * 0.7, y + 2)), Tint.CONSTRUCTION, 0.8,
                    false);
        }
    }

    /** A sign in the margin and a text of ours that wraps. */
    public void note(String sign, String text, boolean bold) throws IOException {
        say(sign, notation.words(text), bold);
    }

    /** A sign in the margin and a sentence that wraps. */
    public void note(String sign, Sentence sentence, boolean bold) throws IOException {
        say(sign, sentence.in(notation), bold);
    }

    /** What a chapter says to beware of. */
    public void cautions(List<Sentence> cautions) throws IOException {
        for (Sentence caution : cautions) {
            note("!", caution, false);
        }
    }

    private void say(String sign, String text, boolean bold) throws IOException {
        Pen.Face face = bold ? Pen.Face.BOLD : Pen.Face.TEXT;
        double indent = sign.isEmpty() ? 0 : Math.max(14, pen.width(sign, TEXT, Pen.Face.BOLD) + 6);
        List<String> lines = Wording.wrapped(pen, text, textWidth() - indent, TEXT, face);
        keepTogether(lines.size() * LEADING);
        for (int i = 0; i < lines.size(); i++) {
            y += LEADING;
            if (i == 0) {
                text(x, sign, TEXT, Pen.Face.BOLD, bold ? Tint.CUT : Tint.INK);
            }
            text(x + indent, lines.get(i), TEXT, face, Tint.INK);
        }
        y += 1.5;
    }

    /** A box to tick and what was done when it is ticked. */
    public void tick(Sentence sentence) throws IOException {
        tick(sentence, "");
    }

    /** As the other; {@code more} of ours follows the sentence. */
    public void tick(Sentence sentence, String more) throws IOException {
        List<String> lines = Wording.wrapped(pen, sentence.in(notation) + notation.words(more), textWidth() - 17, TEXT,
                Pen.Face.TEXT);
        keepTogether(LINE + LEADING * (lines.size() - 1.0));
        y += LINE - 1;
        box(x + 1, y - BOX + 1);
        for (int i = 0; i < lines.size(); i++) {
            y += i == 0 ? 0 : LEADING;
            text(x + 17, lines.get(i), TEXT, Pen.Face.TEXT, Tint.INK);
        }
    }

    private void box(double left, double top) {
        outline(new Box(left, top, left + BOX, top + BOX), Tint.INK, 0.9);
    }

    private void outline(Box box, Tint tint, double weight) {
        List<Point> corners = new ArrayList<>(box.corners());
        corners.add(corners.getFirst());
        pen.place(0, 0, 1);
        pen.stroke(corners, tint, weight, false);
    }

    /** A row of boxes to tick, each with its name after it, as many rows as it takes. */
    public void ticks(List<String> names) throws IOException {
        double at = x;
        y += LINE;
        for (String name : names) {
            double wide = BOX + 4 + pen.width(name, TEXT, Pen.Face.BOLD) + 10;
            if (at > x && at + wide > x + width) {
                at = x;
                keepTogether(LINE);
                y += LINE;
            }
            box(at + 1, y - BOX + 1);
            text(at + BOX + 4, name, TEXT, Pen.Face.BOLD, Tint.INK);
            at += wide;
        }
    }

    /** Steps beside each other, as many as there is room for. */
    public void cards(List<StepCard> cards) throws IOException {
        int across = width < 400 ? 2 : 3;
        double between = GUTTER / 2;
        double wide = (width - (across - 1) * between) / across;
        for (int i = 0; i < cards.size(); i += across) {
            List<StepCard> row = cards.subList(i, Math.min(i + across, cards.size()));
            double high = 0;
            for (StepCard card : row) {
                high = Math.max(high, height(() -> card(card), wide - 12) + 12);
            }
            keepTogether(high + 6);
            double top = y + 6;
            for (int j = 0; j < row.size(); j++) {
                StepCard card = row.get(j);
                double from = x + j * (wide + between);
                outline(new Box(from, top, from + wide, top + high), Tint.CONSTRUCTION, 0.8);
                column(from + 6, wide - 12, top, () -> card(card));
            }
            y = top + high;
        }
    }

    private void card(StepCard card) throws IOException {
        y += 14;
        text(x, String.valueOf(card.number()), 11.5, Pen.Face.BOLD, Tint.CUT);
        text(x + 14, Wording.clipped(pen, card.title(), width - 14, 9.5, Pen.Face.BOLD), 9.5, Pen.Face.BOLD, Tint.INK);
        y += 4;
        Figure picture = card.picture();
        if (picture != null) {
            figure(Drawing.snug(picture, width / UNIT, 48 / UNIT, notation), UNIT);
        }
        Quantity figure = card.figure();
        if (figure != null) {
            y += 16;
            painter.write(x, y, notation.figures(figure), 15, Pen.Face.BOLD_FIGURES);
            y += 2;
        }
        note("", card.words(), false);
        ticks(card.ticks());
        y += 2;
    }

    /** What a slate says, a row each, with its first figure. */
    public void figures(String caption, Slate slate) throws IOException {
        columns(List.of(caption, ""), List.of(0.0, 0.6));
        for (Slate.Row row : slate.rows()) {
            row(List.of(notation.words(row.name())),
                    row.readings().stream().limit(1).map(Reading::value).toList());
        }
    }

    /** Draws a figure in the middle, so many points on paper for each of its own. */
    public void figure(Drawing drawing, double unit) throws IOException {
        keepTogether(drawing.height() * unit);
        pen.place(x + (textWidth() - drawing.width() * unit) / 2, y, unit);
        painter.paint(drawing);
        pen.place(0, 0, 1);
        y += drawing.height() * unit + 4;
    }

    /** 100 mm or 4 in, to be measured with a rule before the print is trusted. */
    public void scaleBar(double pointsPerMm) throws IOException {
        keepTogether(38);
        y += 22;
        boolean metric = notation.units() == Units.MILLIMETRES;
        Length length = notation.units().either(100, 4);
        bar(length.toMm() * pointsPerMm, metric ? 10 : 4, notation.text(length));
        y += 18;
        text(x, PageTexts.MEASURE_THE_BAR_IF, 9.5,
                Pen.Face.TEXT, Tint.FAINT_INK);
        y += 4;
    }

    private void bar(double length, int parts, String label) {
        pen.stroke(List.of(new Point(x, y), new Point(x + length, y)), Tint.INK, 1, false);
        for (int i = 0; i <= parts; i++) {
            double at = x + length * i / parts;
            pen.stroke(List.of(new Point(at, y - (i % parts == 0 ? 9 : 5)), new Point(at, y)), Tint.INK, 0.8, false);
        }
        pen.write(x + length + 8, y, Anchor.START, label, 10, Pen.Face.FIGURES, Tint.INK);
    }
}
