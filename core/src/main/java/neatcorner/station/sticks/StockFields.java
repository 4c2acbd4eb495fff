package neatcorner.station.sticks;

import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.Predicate;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.plan.Field;
import neatcorner.plan.Lens;
import neatcorner.stock.Blanks;
import neatcorner.stock.Rack;
import neatcorner.stock.RoughBoard;
import neatcorner.stock.Sheet;
import neatcorner.stock.Span;
import neatcorner.stock.Stick;

/** Fields of what lies on the rack besides sticks: rough boards and sheets, by their place in the list. */
public final class StockFields {
    private static final Lens<Job, Rack> RACK = Lens.job(Job::stock, Job::withStock);

    public static final Field END_TRIM = new Field("end.trim", SticksTexts.END_TRIM, LengthRange.ALLOWANCE,
            RACK.to(Rack::endTrim, Rack::withEndTrim));
    public static final Field LEAST_OFFCUT = new Field("least.offcut", SticksTexts.SHORTEST_OFFCUT_WORTH_KEEPING,
            LengthRange.ALLOWANCE, RACK.to(Rack::leastOffcut, Rack::withLeastOffcut));

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
                plan -> sticks(index).in(plan.job()).map(stick -> get.apply(plan.blanks(), stick)).orElse(Length.ZERO),
                (job, length) -> length.isPositive()
                        ? sticks(index).change(job, stick -> set.apply(stick, length))
                        : job);
    }

    private static Lens<Job, Stick> sticks(int index) {
        return Lens.at(RACK.to(Rack::sticks, Rack::withSticks), index);
    }

    /** One kind of rough board. */
    public static Lens<Job, RoughBoard> boards(int index) {
        return Lens.at(RACK.to(Rack::boards, Rack::withBoards), index);
    }

    /** One kind of sheet. */
    public static Lens<Job, Sheet> sheets(int index) {
        return Lens.at(RACK.to(Rack::sheets, Rack::withSheets), index);
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
                sheets(index).to(Sheet::trim, Sheet::withTrim).taking(Predicate.not(Length::isNegative)));
    }

    private static Field board(String what, String title, LengthRange range, int index,
            Function<RoughBoard, Length> get, BiFunction<RoughBoard, Length, RoughBoard> set) {
        return new Field("board." + what + "." + index, title, range, boards(index).to(get, set)
                .taking(range == LengthRange.ALLOWANCE ? Predicate.not(Length::isNegative) : Length::isPositive));
    }

    private static Field sheet(String what, String title, int index, Function<Sheet, Length> get,
            BiFunction<Sheet, Length, Sheet> set) {
        return new Field("sheet." + what + "." + index, title, LengthRange.STOCK,
                sheets(index).to(get, set).taking(Length::isPositive));
    }

    /** Where a knot in one kind of stick begins; moved beyond its end, it is moved whole. */
    public static Field knotFrom(int index, int knot) {
        return new Field("knot.from." + index + "." + knot, SticksTexts.KNOT_BEGINS_AT, LengthRange.ALLOWANCE,
                knots(index, knot).to(Span::from, (span, from) -> new Span(from,
                        from.isLessThan(span.to()) ? span.to() : from.plus(span.length()))));
    }

    /** Where a knot in one kind of stick ends; moved before its beginning, it is moved whole. */
    public static Field knotTo(int index, int knot) {
        return new Field("knot.to." + index + "." + knot, SticksTexts.KNOT_ENDS_AT, LengthRange.ALLOWANCE,
                knots(index, knot).to(Span::to, (span, to) -> new Span(span.from().isLessThan(to)
                        ? span.from()
                        : Length.max(Length.ZERO, to.minus(span.length())), to)).taking(Length::isPositive));
    }

    private static Lens<Job, Span> knots(int index, int knot) {
        return Lens.at(sticks(index).to(Stick::defects, Stick::withDefects), knot);
    }

    /** Length of one kind of stick on the rack. */
    public static Field stick(int index) {
        return new Field("stick." + index, SticksTexts.STICK_LENGTH, LengthRange.STOCK,
                sticks(index).to(Stick::length, Stick::withLength));
    }
}
