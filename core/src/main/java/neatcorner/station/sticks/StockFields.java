package neatcorner.station.sticks;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.plan.Field;
import neatcorner.stock.Blanks;
import neatcorner.stock.RoughBoard;
import neatcorner.stock.Sheet;
import neatcorner.stock.Span;
import neatcorner.stock.Stick;

/** Fields of what lies on the rack besides sticks: rough boards and sheets, by their place in the list. */
public final class StockFields {
    public static final Field END_TRIM = new Field("end.trim", SticksTexts.END_TRIM, LengthRange.ALLOWANCE,
            plan -> plan.job().stock().endTrim(),
            (job, length) -> job.withStock(job.stock().withEndTrim(length)));
    public static final Field LEAST_OFFCUT = new Field("least.offcut", SticksTexts.SHORTEST_OFFCUT_WORTH_KEEPING,
            LengthRange.ALLOWANCE,
            plan -> plan.job().stock().leastOffcut(),
            (job, length) -> job.withStock(job.stock().withLeastOffcut(length)));

    private StockFields() {}

    /** Width of one kind of stick: the section's until it has its own. */
    public static Field stickWidth(int index) {
        return stick("width", SticksTexts.STICK_WIDTH, index, Blanks::width,
                (stick, width) -> stick.withAcross(width, stick.thickness()));
    }

    /** Thickness of one kind of stick: the section's until it has its own. */
    public static Field stickThickness(int index) {
        return stick("thickness", SticksTexts.STICK_THICKNESS, index, Blanks::thickness,
                (stick, thickness) -> stick.withAcross(stick.width(), thickness));
    }

    private static Field stick(String what, String title, int index, BiFunction<Blanks, Stick, Length> get,
            BiFunction<Stick, Length, Stick> set) {
        return new Field("stick." + what + "." + index, title, LengthRange.ACROSS,
                plan -> get.apply(plan.blanks(), plan.job().stock().sticks().get(index)),
                (job, length) -> length.isPositive()
                        ? job.withStock(job.stock().withStick(index, stick -> set.apply(stick, length)))
                        : job);
    }

    /** Of the rough board of that index. */
    public static Field boardLength(int index) {
        return board("length", SticksTexts.BOARD_LENGTH, LengthRange.STOCK, index, RoughBoard::length,
                RoughBoard::withLength);
    }

    /** Of the rough board of that index. */
    public static Field boardWidth(int index) {
        return board("width", SticksTexts.BOARD_WIDTH, LengthRange.STOCK, index, RoughBoard::width,
                RoughBoard::withWidth);
    }

    /** Of the rough board of that index. */
    public static Field boardThickness(int index) {
        return board("thickness", SticksTexts.BOARD_THICKNESS, LengthRange.STOCK, index, RoughBoard::thickness,
                RoughBoard::withThickness);
    }

    /** Of the rough board of that index, in its middle. */
    public static Field boardBow(int index) {
        return board("bow", SticksTexts.BOW_OF_THE_BOARD, LengthRange.ALLOWANCE, index, RoughBoard::bow,
                RoughBoard::withBow);
    }

    /** Of the sheet of that index. */
    public static Field sheetWidth(int index) {
        return sheet("width", SticksTexts.SHEET_WIDTH, index, Sheet::width, (s, l) -> s.withSize(l, s.height()));
    }

    /** Of the sheet of that index. */
    public static Field sheetHeight(int index) {
        return sheet("height", SticksTexts.SHEET_HEIGHT, index, Sheet::height, (s, l) -> s.withSize(s.width(), l));
    }

    /** Off every edge of the sheet of that index. */
    public static Field sheetTrim(int index) {
        return new Field("sheet.trim." + index, SticksTexts.TAKEN_OFF_EVERY_EDGE, LengthRange.ALLOWANCE,
                plan -> plan.job().stock().sheets().get(index).trim(),
                (job, length) -> length.isNegative()
                        ? job
                        : withSheet(job, index, sheet -> sheet.withTrim(length)));
    }

    /** The job with one kind of board changed; as it is when it has no such kind. */
    public static Job withBoard(Job job, int index, UnaryOperator<RoughBoard> change) {
        List<RoughBoard> boards = new ArrayList<>(job.stock().boards());
        if (index >= boards.size()) {
            return job;
        }
        boards.set(index, change.apply(boards.get(index)));
        return job.withStock(job.stock().withBoards(boards));
    }

    /** The job with one kind of sheet changed; as it is when it has no such kind. */
    public static Job withSheet(Job job, int index, UnaryOperator<Sheet> change) {
        List<Sheet> sheets = new ArrayList<>(job.stock().sheets());
        if (index >= sheets.size()) {
            return job;
        }
        sheets.set(index, change.apply(sheets.get(index)));
        return job.withStock(job.stock().withSheets(sheets));
    }

    private static Field board(String what, String title, LengthRange range, int index,
            Function<RoughBoard, Length> get,
            BiFunction<RoughBoard, Length, RoughBoard> set) {
        return new Field("board." + what + "." + index, title, range,
                plan -> get.apply(plan.job().stock().boards().get(index)),
                (job, length) -> length.isPositive() || (range == LengthRange.ALLOWANCE && !length.isNegative())
                        ? withBoard(job, index, board -> set.apply(board, length))
                        : job);
    }

    private static Field sheet(String what, String title, int index, Function<Sheet, Length> get,
            BiFunction<Sheet, Length, Sheet> set) {
        return new Field("sheet." + what + "." + index, title, LengthRange.STOCK,
                plan -> get.apply(plan.job().stock().sheets().get(index)),
                (job, length) -> length.isPositive()
                        ? withSheet(job, index, sheet -> set.apply(sheet, length))
                        : job);
    }

    /** Where a knot in one kind of stick begins; moved beyond its end, it is moved whole. */
    public static Field knotFrom(int index, int knot) {
        return knot("from", SticksTexts.KNOT_BEGINS_AT, index, knot, Span::from,
                (span, from) -> new Span(from, from.isLessThan(span.to()) ? span.to() : from.plus(span.length())));
    }

    /** Where a knot in one kind of stick ends; moved before its beginning, it is moved whole. */
    public static Field knotTo(int index, int knot) {
        return knot("to", SticksTexts.KNOT_ENDS_AT, index, knot, Span::to, (span, to) -> new Span(
                span.from().isLessThan(to) ? span.from() : Length.max(Length.ZERO, to.minus(span.length())), to));
    }

    private static Field knot(String what, String title, int index, int knot, Function<Span, Length> get,
            BiFunction<Span, Length, Span> set) {
        return new Field("knot." + what + "." + index + "." + knot, title, LengthRange.ALLOWANCE,
                plan -> get.apply(plan.job().stock().sticks().get(index).defects().get(knot)),
                (job, length) -> job.withStock(job.stock().withStick(index, stick -> {
                    List<Span> knots = new ArrayList<>(stick.defects());
                    if (knot < knots.size() && (length.isPositive() || what.equals("from"))) {
                        knots.set(knot, set.apply(knots.get(knot), length));
                    }
                    return stick.withDefects(knots);
                })));
    }

    /** Length of one kind of stick on the rack. */
    public static Field stick(int index) {
        return new Field("stick." + index, SticksTexts.STICK_LENGTH, LengthRange.STOCK,
                plan -> plan.job().stock().sticks().get(index).length(),
                (job, length) -> job.withStock(job.stock().withStick(index, stick -> stick.withLength(length))));
    }
}
