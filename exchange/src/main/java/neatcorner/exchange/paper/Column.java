package neatcorner.exchange.paper;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import neatcorner.drawing.Box;
import neatcorner.drawing.Drawing;
import neatcorner.drawing.Figure;
import neatcorner.drawing.Tint;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.Quantity;
import neatcorner.measure.Reading;
import neatcorner.measure.Sentence;
import neatcorner.measure.Units;
import neatcorner.plan.Slate;

/** What is written from top to bottom in one width: each thing becomes a {@link Block} below the one before. */
public abstract class Column {
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
    /** From a card's edge to what stands on it. */
    private static final double INSET = 6;

    private final Format format;
    private final double width;
    private List<Double> columns = List.of();

    /**
     * What goes for all columns of a sheet.
     *
     * @param pen     which knows how wide words are
     * @param longest that a column can be which stays whole
     */
    record Format(PagePen pen, Notation notation, double longest) {}

    /** Something that is written in a column. */
    @FunctionalInterface
    public interface Part {
        void write(Column column) throws IOException;
    }

    Column(Format format, double width) {
        this.format = format;
        this.width = width;
    }

    /** Adds what comes next. */
    abstract void add(Block block) throws IOException;

    /** Begins a new sheet unless this much height is left on this one, or it is still empty; a column beside another stays whole. */
    public abstract void keepTogether(double height) throws IOException;

    /** Of the sheet between its margins, or of the column that is written, points. */
    public final double textWidth() {
        return width;
    }

    final PagePen pen() {
        return format.pen;
    }

    final Notation notation() {
        return format.notation;
    }

    /** What a part looks like in such a width. */
    final Stack stack(double wide, Part part) throws IOException {
        Stack stack = new Stack(format, wide);
        part.write(stack);
        return stack;
    }

    /** Two parts beside each other, the first with this share of the width; on a new sheet where there is no room. */
    public final void beside(double share, Part first, Part second) throws IOException {
        double firstWidth = width * share - GUTTER / 2;
        Stack left = stack(firstWidth, first);
        Stack right = stack(width - firstWidth - GUTTER, second);
        add(Block.of(Math.max(left.height(), right.height()), (ink, x, y) -> {
            left.draw(ink, x, y);
            right.draw(ink, x + firstWidth + GUTTER, y);
        }));
    }

    /** Parts one below the other in two columns about as long. */
    public final void inTwoColumns(List<Part> parts) throws IOException {
        List<Double> heights = new ArrayList<>();
        for (Part part : parts) {
            heights.add(stack((width - GUTTER) / 2, part).height());
        }
        double all = heights.stream().mapToDouble(Double::doubleValue).sum();
        int split = 0;
        for (double done = 0; split < parts.size() && done + heights.get(split) / 2 <= all / 2; split++) {
            done += heights.get(split);
        }
        if (all / 2 > format.longest) {
            below(parts).write(this);
        } else {
            beside(0.5, below(parts.subList(0, split)), below(parts.subList(split, parts.size())));
        }
    }

    private static Part below(List<Part> parts) {
        return column -> {
            for (Part part : parts) {
                part.write(column);
            }
        };
    }

    /** The head of the first sheet. */
    public final void title(String title, String subtitle) throws IOException {
        String large = clipped(title, width, 19, Pen.Face.BOLD);
        String small = clipped(notation().words(subtitle), width, 10, Pen.Face.TEXT);
        add(new Block(0, 38, (ink, x, y) -> {
            ink.text(x, y + 14, large, 19, Pen.Face.BOLD, Tint.INK);
            ink.text(x, y + 29, small, 10, Pen.Face.TEXT, Tint.FAINT_INK);
            ink.line(x, y + 36, x + width, y + 36, Tint.INK, 1.1);
        }));
    }

    private String clipped(String text, double wide, double size, Pen.Face face) {
        return Wording.clipped(pen(), text, wide, size, face);
    }

    /** A heading, on a new sheet where too little is left for what it is over. */
    public final void heading(String heading) throws IOException {
        heading(heading, "");
    }

    /** A heading, and quietly beside it what goes for all that stands below. */
    public final void heading(String heading, String beside) throws IOException {
        String said = notation().words(heading);
        double at = pen().width(said, 11.5, Pen.Face.BOLD) + 8;
        String quiet = clipped(notation().words(beside), width - at, 9, Pen.Face.TEXT);
        add(new Block(54, 19, (ink, x, y) -> {
            ink.text(x, y + 15, said, 11.5, Pen.Face.BOLD, Tint.INK);
            ink.text(x + at, y + 15, quiet, 9, Pen.Face.TEXT, Tint.FAINT_INK);
        }));
    }

    /** Names of the columns of the rows that follow, at these parts of the width. */
    public final void columns(List<String> names, List<Double> places) throws IOException {
        columns = places;
        add(new Block(0, 12, (ink, x, y) -> {
            for (int i = 0; i < names.size(); i++) {
                ink.text(x + places.get(i) * width, y + 10, notation().words(names.get(i)), 8, Pen.Face.TEXT,
                        Tint.FAINT_INK);
            }
        }));
    }

    /** Words, then figures, each in its column. */
    public final void row(List<String> words, List<? extends Quantity> figures) throws IOException {
        List<Double> places = columns;
        add(Block.of(LINE, (ink, x, y) -> {
            int column = 0;
            for (String word : words) {
                ink.text(x + places.get(column++) * width, y + LINE, word, 10,
                        column == 1 ? Pen.Face.BOLD : Pen.Face.TEXT, Tint.INK);
            }
            for (Quantity figure : figures) {
                ink.figures(x + places.get(column++) * width, y + LINE, figure, 10);
            }
        }));
    }

    /** What a slate says, a row each, with its first figure. */
    public final void figures(String caption, Slate slate) throws IOException {
        columns(List.of(caption, ""), List.of(0.0, 0.6));
        for (Slate.Row row : slate.rows()) {
            row(List.of(notation().words(row.name())),
                    row.readings().stream().limit(1).map(Reading::value).toList());
        }
    }

    /** Rules to write on, each with its name. */
    public final void lines(String... names) throws IOException {
        for (String name : names) {
            add(new Block(30, 28, (ink, x, y) -> {
                ink.text(x, y + 28, notation().words(name), TEXT, Pen.Face.TEXT, Tint.INK);
                ink.line(x + 70, y + 30, x + width * 0.7, y + 30, Tint.CONSTRUCTION, 0.8);
            }));
        }
    }

    /** A sign in the margin and a text of ours that wraps. */
    public final void note(String sign, String text, boolean bold) throws IOException {
        say(sign, notation().words(text), bold);
    }

    /** A sign in the margin and a sentence that wraps. */
    public final void note(String sign, Sentence sentence, boolean bold) throws IOException {
        say(sign, sentence.in(notation()), bold);
    }

    /** What a chapter says to beware of. */
    public final void cautions(List<Sentence> cautions) throws IOException {
        for (Sentence caution : cautions) {
            note("!", caution, false);
        }
    }

    private void say(String sign, String text, boolean bold) throws IOException {
        Pen.Face face = bold ? Pen.Face.BOLD : Pen.Face.TEXT;
        double indent = sign.isEmpty() ? 0 : Math.max(14, pen().width(sign, TEXT, Pen.Face.BOLD) + 6);
        List<String> lines = Wording.wrapped(pen(), text, width - indent, TEXT, face);
        double high = lines.size() * LEADING;
        add(new Block(high, high + 1.5, (ink, x, y) -> {
            ink.text(x, y + LEADING, sign, TEXT, Pen.Face.BOLD, bold ? Tint.CUT : Tint.INK);
            lines(ink, x + indent, y + LEADING, lines, face);
        }));
    }

    private static void lines(Ink ink, double x, double first, List<String> lines, Pen.Face face) {
        double y = first;
        for (String line : lines) {
            ink.text(x, y, line, TEXT, face, Tint.INK);
            y += LEADING;
        }
    }

    /** A box to tick and what was done when it is ticked. */
    public final void tick(Sentence sentence) throws IOException {
        tick(sentence, "");
    }

    /** As the other; {@code more} of ours follows the sentence. */
    public final void tick(Sentence sentence, String more) throws IOException {
        List<String> lines = Wording.wrapped(pen(), sentence.in(notation()) + notation().words(more), width - 17, TEXT,
                Pen.Face.TEXT);
        double further = LEADING * (lines.size() - 1.0);
        add(new Block(LINE + further, LINE - 1 + further, (ink, x, y) -> {
            box(ink, x + 1, y + LINE - BOX);
            lines(ink, x + 17, y + LINE - 1, lines, Pen.Face.TEXT);
        }));
    }

    private static void box(Ink ink, double left, double top) {
        ink.outline(new Box(left, top, left + BOX, top + BOX), Tint.INK, 0.9);
    }

    /** A row of boxes to tick, each with its name after it, as many rows as it takes. */
    public final void ticks(List<String> names) throws IOException {
        List<Double> places = new ArrayList<>();
        int begun = 0;
        double at = 0;
        for (int i = 0; i < names.size(); i++) {
            double wide = BOX + 4 + pen().width(names.get(i), TEXT, Pen.Face.BOLD) + 10;
            if (at > 0 && at + wide > width) {
                ticks(names.subList(begun, i), places);
                places = new ArrayList<>();
                begun = i;
                at = 0;
            }
            places.add(at);
            at += wide;
        }
        ticks(names.subList(begun, names.size()), places);
    }

    private void ticks(List<String> names, List<Double> places) throws IOException {
        add(Block.of(LINE, (ink, x, y) -> {
            for (int i = 0; i < names.size(); i++) {
                double left = x + places.get(i);
                box(ink, left + 1, y + LINE - BOX + 1);
                ink.text(left + BOX + 4, y + LINE, names.get(i), TEXT, Pen.Face.BOLD, Tint.INK);
            }
        }));
    }

    /** Steps beside each other, as many as there is room for. */
    public final void cards(List<StepCard> cards) throws IOException {
        int across = width < 400 ? 2 : 3;
        double between = GUTTER / 2;
        double wide = (width - (across - 1) * between) / across;
        for (int i = 0; i < cards.size(); i += across) {
            List<Stack> row = new ArrayList<>();
            for (StepCard card : cards.subList(i, Math.min(i + across, cards.size()))) {
                row.add(stack(wide - 2 * INSET, column -> column.card(card)));
            }
            double high = row.stream().mapToDouble(Stack::height).max().orElse(0) + 2 * INSET;
            add(Block.of(high + INSET, (ink, x, y) -> {
                for (int j = 0; j < row.size(); j++) {
                    double from = x + j * (wide + between);
                    ink.outline(new Box(from, y + INSET, from + wide, y + INSET + high), Tint.CONSTRUCTION, 0.8);
                    row.get(j).draw(ink, from + INSET, y + INSET);
                }
            }));
        }
    }

    private void card(StepCard card) throws IOException {
        String title = clipped(card.title(), width - 14, 9.5, Pen.Face.BOLD);
        add(Block.of(18, (ink, x, y) -> {
            ink.text(x, y + 14, String.valueOf(card.number()), 11.5, Pen.Face.BOLD, Tint.CUT);
            ink.text(x + 14, y + 14, title, 9.5, Pen.Face.BOLD, Tint.INK);
        }));
        Figure picture = card.picture();
        if (picture != null) {
            figure(Drawing.snug(picture, width / UNIT, 48 / UNIT, notation()), UNIT);
        }
        Quantity figure = card.figure();
        if (figure != null) {
            add(Block.of(18, (ink, x, y) -> ink.figures(x, y + 16, figure, 15)));
        }
        note("", card.words(), false);
        ticks(card.ticks());
        add(Block.of(2, (ink, x, y) -> {
            // room below
        }));
    }

    /** Draws a figure in the middle, so many points on paper for each of its own. */
    public final void figure(Drawing drawing, double unit) throws IOException {
        double high = drawing.height() * unit;
        add(new Block(high, high + 4,
                (ink, x, y) -> ink.drawing(drawing, x + (width - drawing.width() * unit) / 2, y, unit)));
    }

    /** 100 mm or 4 in, to be measured with a rule before the print is trusted. */
    public final void scaleBar(double pointsPerMm) throws IOException {
        boolean metric = notation().units() == Units.MILLIMETRES;
        Length length = notation().units().either(100, 4);
        add(new Block(38, 44, (ink, x, y) -> {
            bar(ink, x, y + 22, length.toMm() * pointsPerMm, metric ? 10 : 4, notation().text(length));
            ink.text(x, y + 40, PageTexts.MEASURE_THE_BAR_IF, 9.5, Pen.Face.TEXT, Tint.FAINT_INK);
        }));
    }

    private static void bar(Ink ink, double x, double y, double length, int parts, String label) {
        ink.line(x, y, x + length, y, Tint.INK, 1);
        for (int i = 0; i <= parts; i++) {
            double at = x + length * i / parts;
            ink.line(at, y - (i % parts == 0 ? 9 : 5), at, y, Tint.INK, 0.8);
        }
        ink.text(x + length + 8, y, label, 10, Pen.Face.FIGURES, Tint.INK);
    }
}
