package neatcorner.exchange.job;

import java.util.ArrayList;
import java.util.List;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.json.Node;
import neatcorner.job.Defaults;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.measure.Units;
import neatcorner.stock.Pin;
import neatcorner.stock.Rack;
import neatcorner.stock.RoughBoard;
import neatcorner.stock.Sheet;
import neatcorner.stock.Span;
import neatcorner.stock.Stick;
import org.jspecify.annotations.Nullable;

/** Reads what is on the rack: sticks, rough boards, sheets, and which piece is held to which stick. */
final class RackReader {
    private static final int MOST_OF_A_KIND = 10_000;

    private final JobReader reader;
    private final Units units;

    RackReader(JobReader reader, Units units) {
        this.reader = reader;
        this.units = units;
    }

    Rack read(@Nullable Node stock) throws BadFile {
        Rack rack = Defaults.emptyRack(units);
        if (stock == null) {
            return rack;
        }
        List<Stick> sticks = new ArrayList<>();
        for (Node node : list(stock, "sticks")) {
            sticks.add(stick(node, sticks.size() + 1));
        }
        List<RoughBoard> boards = new ArrayList<>();
        for (Node node : list(stock, "boards")) {
            boards.add(board(node, boards.size() + 1));
        }
        List<Sheet> sheets = new ArrayList<>();
        for (Node node : list(stock, "sheets")) {
            sheets.add(sheet(node, sheets.size() + 1));
        }
        List<Pin> pins = new ArrayList<>();
        for (Node node : list(stock, "pins")) {
            pins.add(new Pin(node.required("piece").text(), count(node, "frame", 1),
                    node.required("stick").whole(1, Rack.MOST_KINDS) - 1, count(node, "number", 1)));
        }
        Node keep = stock.optional("keepFrameTogether").orElse(null);
        Node flippable = stock.optional("flippable").orElse(null);
        Node scarf = stock.optional("scarf").orElse(null);
        Length endTrim = reader.lengthOr(stock, "endTrim", LengthRange.ALLOWANCE, rack.endTrim());
        Length least = reader.lengthOr(stock, "leastOffcut", LengthRange.ALLOWANCE, rack.leastOffcut());
        return new Rack(sticks, endTrim, keep == null ? rack.keepFrameTogether() : keep.oneOf(JobReader.KEEP),
                flippable != null && flippable.bool(),
                scarf == null ? 0 : scarf.number(1, 40, "a slope from 1 to 40, such as 8"), least, pins, boards,
                sheets);
    }

    private static List<Node> list(Node stock, String name) throws BadFile {
        Node list = stock.optional(name).orElse(null);
        if (list == null) {
            return List.of();
        }
        if (list.items().size() > Rack.MOST_KINDS) {
            throw list.expected("at most " + Rack.MOST_KINDS + " kinds");
        }
        return list.items();
    }

    private static int count(Node node, String name, int least) throws BadFile {
        Node count = node.optional(name).orElse(null);
        return count == null ? 1 : count.whole(least, MOST_OF_A_KIND);
    }

    private static @Nullable Double price(Node node) throws BadFile {
        Node price = node.optional("price").orElse(null);
        return price == null ? null : (Double) price.number(0, 1e9, "a price of zero or more");
    }

    private static String name(Node node, String otherwise) throws BadFile {
        Node name = node.optional("name").orElse(null);
        return name == null ? otherwise : name.text();
    }

    private Length stock(Node node, String name) throws BadFile {
        return reader.length(node.required(name), LengthRange.STOCK);
    }

    private Stick stick(Node node, int number) throws BadFile {
        return new Stick(name(node, "stick " + number), stock(node, "length"), count(node, "count", 0), price(node),
                defects(node), acrossOrNone(node, "width"), acrossOrNone(node, "thickness"));
    }

    private @Nullable Length acrossOrNone(Node node, String name) throws BadFile {
        return node.optional(name).isEmpty() ? null : reader.length(node.required(name), LengthRange.ACROSS);
    }

    private RoughBoard board(Node node, int number) throws BadFile {
        Length bow = reader.lengthOr(node, "bow", LengthRange.ALLOWANCE, Length.ZERO);
        return new RoughBoard(name(node, "board " + number), stock(node, "length"), stock(node, "width"),
                stock(node, "thickness"), bow, count(node, "count", 0), price(node), defects(node));
    }

    private Sheet sheet(Node node, int number) throws BadFile {
        Node grained = node.optional("grained").orElse(null);
        Length trim = reader.lengthOr(node, "trim", LengthRange.ALLOWANCE, Length.ZERO);
        return new Sheet(name(node, "sheet " + number), node.required("material").text(), stock(node, "width"),
                stock(node, "height"), count(node, "count", 0), price(node), grained != null && grained.bool(),
                trim);
    }

    private List<Span> defects(Node node) throws BadFile {
        List<Span> defects = new ArrayList<>();
        for (Node defect : list(node, "defects")) {
            defects.add(span(defect));
        }
        return defects;
    }

    private Span span(Node node) throws BadFile {
        List<Node> ends = node.items();
        if (ends.size() != 2) {
            throw node.expected("a defect as [from, to]");
        }
        Length from = reader.length(ends.get(0), LengthRange.MEASURED);
        Length to = reader.length(ends.get(1), LengthRange.MEASURED);
        if (!to.isMoreThan(from)) {
            throw node.expected("a defect that ends after it starts");
        }
        return new Span(from, to);
    }
}
