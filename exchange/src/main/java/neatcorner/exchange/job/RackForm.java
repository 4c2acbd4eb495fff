package neatcorner.exchange.job;

import java.util.List;
import java.util.function.Function;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.form.Fields;
import neatcorner.exchange.form.Form;
import neatcorner.exchange.form.Forms;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.stock.Keep;
import neatcorner.stock.Pin;
import neatcorner.stock.Rack;
import neatcorner.stock.RoughBoard;
import neatcorner.stock.Sheet;
import neatcorner.stock.Span;
import neatcorner.stock.Stick;
import org.jspecify.annotations.Nullable;

/** What is on the rack: sticks, rough boards, sheets, and which piece is held to which stick. */
final class RackForm {
    private static final int MOST_OF_A_KIND = 10_000;
    private static final Form<Integer> COUNT = Forms.whole(0, MOST_OF_A_KIND);
    private static final Form<Integer> NUMBER = Forms.whole(1, MOST_OF_A_KIND);
    private static final Form<Double> PRICE = Forms.number(0, 1e9, "a price of zero or more");
    private static final Form<Length> STOCK = Forms.length(LengthRange.STOCK);
    private static final Form<Length> ALLOWANCE = Forms.length(LengthRange.ALLOWANCE);
    private static final Form<Length> ACROSS = Forms.length(LengthRange.ACROSS);

    private static final Form<List<Span>> DEFECTS = kinds(Forms
            .exactly(2, Forms.length(LengthRange.MEASURED), "a defect as [from, to]")
            .as((ends, at) -> {
                if (!ends.get(1).isMoreThan(ends.get(0))) {
                    throw at.expected("a defect that ends after it starts");
                }
                return new Span(ends.get(0), ends.get(1));
            }, span -> List.of(span.from(), span.to()), new Span(Length.ZERO, Length.mm(1))));

    static final Form<Stick> STICK = Form.of("stick",
            f -> new Stick(name(f, Stick::name, "stick"), f.must("length", Stick::length, STOCK, ""),
                    f.or("count", Stick::count, COUNT, 1, ""), price(f, Stick::price),
                    f.or("defects", Stick::defects, DEFECTS, List.of(), "`[[from, to], …]`"),
                    f.maybe("wood", Stick::wood, SectionForm.WOOD, "where it is not the frame's"),
                    f.maybe("width", Stick::width, ACROSS, "where it is not the section's"),
                    f.maybe("thickness", Stick::thickness, ACROSS, "where it is not the section's")));

    private static final Form<RoughBoard> BOARD = Form.of("board",
            f -> new RoughBoard(name(f, RoughBoard::name, "board"), f.must("length", RoughBoard::length, STOCK, ""),
                    f.must("width", RoughBoard::width, STOCK, ""),
                    f.must("thickness", RoughBoard::thickness, STOCK, ""),
                    f.or("bow", RoughBoard::bow, ALLOWANCE, Length.ZERO, "off a straight line, in its middle"),
                    f.or("count", RoughBoard::count, COUNT, 1, ""), price(f, RoughBoard::price),
                    f.or("defects", RoughBoard::defects, DEFECTS, List.of(), "`[[from, to], …]`"),
                    f.or("ring", RoughBoard::ring, Forms.TEXT, "", "whose sticks it gives; without it, the frame's")));

    private static final Form<Sheet> SHEET = Form.of("sheet",
            f -> new Sheet(name(f, Sheet::name, "sheet"),
                    f.must("material", Sheet::material, Forms.TEXT, "as in the pack; `mat board` for mats"),
                    f.must("width", Sheet::width, STOCK, ""), f.must("height", Sheet::height, STOCK, ""),
                    f.or("count", Sheet::count, COUNT, 1, ""), price(f, Sheet::price),
                    f.or("grained", Sheet::grained, Forms.FLAG, false, "panels are not turned"),
                    f.or("trim", Sheet::trim, ALLOWANCE, Length.ZERO, "off every edge")));

    private static final Form<Pin> PIN = Form.of("pin",
            f -> new Pin(f.must("piece", Pin::piece, Forms.TEXT, "its letter"),
                    f.or("frame", Pin::frame, NUMBER, 1, ""),
                    f.must("stick", pin -> pin.stock() + 1, Forms.whole(1, Rack.MOST_KINDS),
                            "its place in `sticks`, from 1") - 1,
                    f.or("number", Pin::number, NUMBER, 1, "which of them, from 1")));

    private static final Form<Keep> KEEP = Forms.named(Keep.class);
    private static final Form<List<Stick>> STICKS = kinds(STICK);
    private static final Form<List<Pin>> PINS = kinds(PIN);
    private static final Form<List<RoughBoard>> BOARDS = kinds(BOARD);
    static final Form<List<Sheet>> SHEETS = kinds(SHEET);

    static final Form<Rack> RACK = Form.of("stock", f -> {
        List<Stick> sticks = f.get("sticks", Rack::sticks, STICKS, "");
        Length endTrim = f.get("endTrim", Rack::endTrim, ALLOWANCE, "cut off the start of each stick");
        Keep keep = f.get("keepFrameTogether", Rack::keepFrameTogether, KEEP,
                "a frame from one stick");
        boolean flippable = f.get("flippable", Rack::flippable, Forms.FLAG,
                "pieces may lie end for end: plain section, milled after mitring");
        Double scarf = f.maybe("scarf", rack -> rack.scarf() > 0 ? rack.scarf() : null,
                Forms.number(1, 40, "a slope from 1 to 40, such as 8"),
                "pieces longer than any stick are scarfed on a slope of 1 to this; without it none are");
        Length least = f.get("leastOffcut", Rack::leastOffcut, ALLOWANCE, "shorter ends are not kept");
        return new Rack(sticks, endTrim, keep, flippable, scarf == null ? 0 : scarf, least,
                f.get("pins", Rack::pins, PINS, "pieces held to a stick"),
                f.get("boards", Rack::boards, BOARDS, "rough lumber"),
                f.get("sheets", Rack::sheets, SHEETS, ""));
    });

    private RackForm() {}

    private static <T> Form<List<T>> kinds(Form<T> form) {
        return Forms.list(form, 0, Rack.MOST_KINDS, "at most " + Rack.MOST_KINDS + " kinds");
    }

    private static <R> String name(Fields<R> f, Function<R, String> of, String what)
            throws BadFile {
        String name = f.maybe("name", of, Forms.TEXT, "without it, the kind's number");
        return name == null ? what + " " + (f.index() + 1) : name;
    }

    private static <R> @Nullable Double price(Fields<R> f,
            Function<R, ? extends @Nullable Double> of) throws BadFile {
        return f.maybe("price", of, PRICE, "of one; without it, it is already paid for");
    }
}
