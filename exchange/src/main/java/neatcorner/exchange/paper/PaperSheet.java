package neatcorner.exchange.paper;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import neatcorner.drawing.Anchor;
import neatcorner.drawing.Box;
import neatcorner.drawing.Drawing;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;
import neatcorner.measure.Notation;
import neatcorner.measure.Quantity;
import neatcorner.measure.Reading;
import neatcorner.measure.Sentence;
import neatcorner.plan.Slate;

/** A stack of sheets written from top to bottom; a new sheet is begun when something no longer fits. */
public final class PaperSheet {
    /** Points on paper for each of a drawing's, in the figures of most stations. */
    public static final double UNIT = 0.62;
    /** Points in a millimetre: a drawing of that scale is at full size. */
    public static final double POINTS_PER_MM = 72 / 25.4;

    private static final double MARGIN = 42;
    private static final double LINE = 17;
    private static final double TEXT = 10.5;

    private final PdfPen pen;
    private final PaperSize paper;
    private final Notation notation;
    private final PaperPainter painter;
    private final String job;
    private List<Double> columns = List.of();
    private double y = MARGIN;
    private int page = 1;

    public PaperSheet(PdfPen pen, PaperSize paper, Notation notation, String job) {
        this.pen = pen;
        this.paper = paper;
        this.notation = notation;
        this.painter = new PaperPainter(pen, notation);
        this.job = job;
    }

    /** Between the margins, points. */
    public double textWidth() {
        return paper.width() - 2 * MARGIN;
    }

    /** Height that is left on this sheet. */
    public double left() {
        return paper.height() - MARGIN - 14 - y;
    }

    /** Begins a new sheet unless this much height is left, or this one is still empty. */
    public void keepTogether(double height) throws IOException {
        if (left() < height && y > MARGIN + 1) {
            footer();
            pen.newPage();
            page++;
            y = MARGIN;
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
        pen.write(MARGIN, paper.height() - 26, Anchor.START, clipped(job, textWidth() * 0.8, 9, Pen.Face.TEXT), 9,
                Pen.Face.TEXT, Tint.FAINT_INK);
        pen.write(paper.width() - MARGIN, paper.height() - 26, Anchor.END, "page " + page, 9, Pen.Face.TEXT,
                Tint.FAINT_INK);
    }

    private String clipped(String text, double width, double size, Pen.Face face) {
        String shown = text;
        while (shown.length() > 1 && pen.width(shown, size, face) > width) {
            shown = shown.substring(0, shown.length() - 2) + "…";
        }
        return shown;
    }

    /** Writes the head of the first sheet. */
    public void title(String title, String subtitle) {
        y += 18;
        text(MARGIN, clipped(title, textWidth(), 22, Pen.Face.BOLD), 22, Pen.Face.BOLD, Tint.INK);
        y += 18;
        text(MARGIN, clipped(notation.words(subtitle), textWidth(), 11.5, Pen.Face.TEXT), 11.5, Pen.Face.TEXT,
                Tint.FAINT_INK);
        y += 8;
    }

    /** Writes a heading, on a new sheet where too little is left. */
    public void heading(String heading) throws IOException {
        keepTogether(60);
        y += 24;
        text(MARGIN, notation.words(heading), 13, Pen.Face.BOLD, Tint.INK);
        y += 5;
        pen.stroke(List.of(new Point(MARGIN, y), new Point(paper.width() - MARGIN, y)), Tint.INK, 0.9, false);
        y += 4;
    }

    private void text(double x, String text, double size, Pen.Face face, Tint tint) {
        pen.place(0, 0, 1);
        pen.write(x, y, Anchor.START, text, size, face, tint);
    }

    /** Names of the columns of the rows that follow, at these parts of the width. */
    public void columns(List<String> names, List<Double> places) {
        columns = places;
        y += 12;
        for (int i = 0; i < names.size(); i++) {
            text(MARGIN + places.get(i) * textWidth(), notation.words(names.get(i)), 9, Pen.Face.TEXT, Tint.FAINT_INK);
        }
        y += 2;
    }

    /** Words, then figures, each in its column. */
    public void row(List<String> words, List<? extends Quantity> figures) throws IOException {
        keepTogether(LINE);
        y += LINE;
        int column = 0;
        for (String word : words) {
            text(MARGIN + columns.get(column++) * textWidth(), word, 12, column == 1 ? Pen.Face.BOLD : Pen.Face.TEXT,
                    Tint.INK);
        }
        for (Quantity figure : figures) {
            painter.write(MARGIN + columns.get(column++) * textWidth(), y, notation.figures(figure), 12,
                    Pen.Face.BOLD_FIGURES);
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

    private void say(String sign, String text, boolean bold) throws IOException {
        Pen.Face face = bold ? Pen.Face.BOLD : Pen.Face.TEXT;
        double indent = Math.max(18, pen.width(sign, TEXT, Pen.Face.BOLD) + 8);
        List<String> lines = wrap(text, textWidth() - indent, face);
        keepTogether(lines.size() * 14.0);
        for (int i = 0; i < lines.size(); i++) {
            y += 14.5;
            if (i == 0) {
                text(MARGIN, sign, TEXT, Pen.Face.BOLD, bold ? Tint.CUT : Tint.INK);
            }
            text(MARGIN + indent, lines.get(i), TEXT, face, Tint.INK);
        }
        y += 1.5;
    }

    private List<String> wrap(String text, double width, Pen.Face face) {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : text.split(" ", -1)) {
            if (!line.isEmpty() && pen.width(line + " " + word, TEXT, face) > width) {
                lines.add(line.toString());
                line.setLength(0);
            }
            line.append(line.isEmpty() ? "" : " ").append(word);
        }
        lines.add(line.toString());
        return lines;
    }

    /** A box to tick and what was done when it is ticked. */
    public void tick(Sentence sentence) throws IOException {
        tick(sentence, "");
    }

    /** As the other; {@code more} of ours follows the sentence. */
    public void tick(Sentence sentence, String more) throws IOException {
        List<String> lines = wrap(sentence.in(notation) + notation.words(more), textWidth() - 22, Pen.Face.TEXT);
        keepTogether(LINE + 13 * (lines.size() - 1.0));
        y += LINE;
        Box box = new Box(MARGIN + 2, y - 9.5, MARGIN + 13, y + 1.5);
        List<Point> corners = new ArrayList<>(box.corners());
        corners.add(corners.getFirst());
        pen.stroke(corners, Tint.INK, 1, false);
        for (int i = 0; i < lines.size(); i++) {
            y += i == 0 ? 0 : 13;
            text(MARGIN + 22, lines.get(i), TEXT, Pen.Face.TEXT, Tint.INK);
        }
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
        pen.place(MARGIN + (textWidth() - drawing.width() * unit) / 2, y, unit);
        painter.paint(drawing);
        pen.place(0, 0, 1);
        y += drawing.height() * unit + 4;
    }

    /** 100 mm and 4 in, to be measured with a rule before the print is trusted. */
    public void scaleBar(double pointsPerMm) throws IOException {
        keepTogether(64);
        y += 22;
        bar(100 * pointsPerMm, 10, "100 mm");
        y += 26;
        bar(101.6 * pointsPerMm, 4, "4 in");
        y += 18;
        text(MARGIN, "Measure a bar: if it is not this long, print again at 100 %, without fitting to the page.", 9.5,
                Pen.Face.TEXT, Tint.FAINT_INK);
        y += 4;
    }

    private void bar(double length, int parts, String label) {
        pen.stroke(List.of(new Point(MARGIN, y), new Point(MARGIN + length, y)), Tint.INK, 1, false);
        for (int i = 0; i <= parts; i++) {
            double x = MARGIN + length * i / parts;
            pen.stroke(List.of(new Point(x, y - (i % parts == 0 ? 9 : 5)), new Point(x, y)), Tint.INK, 0.8, false);
        }
        pen.write(MARGIN + length + 8, y, Anchor.START, label, 10, Pen.Face.FIGURES, Tint.INK);
    }
}
