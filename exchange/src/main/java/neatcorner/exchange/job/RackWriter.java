package neatcorner.exchange.job;

import java.util.List;
import java.util.function.Function;
import neatcorner.exchange.json.Json;
import neatcorner.measure.Length;
import neatcorner.stock.Pin;
import neatcorner.stock.Rack;
import neatcorner.stock.RoughBoard;
import neatcorner.stock.Sheet;
import neatcorner.stock.Span;
import neatcorner.stock.Stick;
import org.jspecify.annotations.Nullable;

/** Writes what is on the rack; what is as usual, or not there, is left out. */
final class RackWriter {
    private final Function<Length, Json> length;

    /** With the way lengths are written. */
    RackWriter(Function<Length, Json> length) {
        this.length = length;
    }

    Json write(Rack rack, String keep) {
        Json.Fields fields = Json.object().with("sticks", Json.of(rack.sticks().stream().map(this::stick).toList()))
                .with("endTrim", length.apply(rack.endTrim())).with("keepFrameTogether", keep)
                .with("flippable", Json.of(rack.flippable()));
        if (rack.scarf() > 0) {
            fields.with("scarf", Json.of(rack.scarf(), 4));
        }
        if (!rack.leastOffcut().equals(Rack.LEAST_OFFCUT)) {
            fields.with("leastOffcut", length.apply(rack.leastOffcut()));
        }
        if (!rack.pins().isEmpty()) {
            fields.with("pins", Json.of(rack.pins().stream().map(RackWriter::pin).toList()));
        }
        if (!rack.boards().isEmpty()) {
            fields.with("boards", Json.of(rack.boards().stream().map(this::board).toList()));
        }
        if (!rack.sheets().isEmpty()) {
            fields.with("sheets", Json.of(rack.sheets().stream().map(this::sheet).toList()));
        }
        return fields.end();
    }

    private static Json pin(Pin pin) {
        return Json.object().with("piece", pin.piece()).with("frame", Json.of(pin.frame()))
                .with("stick", Json.of(pin.stock() + 1)).with("number", Json.of(pin.number())).end();
    }

    private Json stick(Stick stick) {
        Json.Fields fields = Json.object().with("name", stick.name()).with("length", length.apply(stick.length()))
                .with("count", Json.of(stick.count()));
        Length width = stick.width();
        if (width != null) {
            fields.with("width", length.apply(width));
        }
        Length thickness = stick.thickness();
        if (thickness != null) {
            fields.with("thickness", length.apply(thickness));
        }
        return defects(price(fields, stick.price()), stick.defects()).end();
    }

    private Json board(RoughBoard board) {
        Json.Fields fields = Json.object().with("name", board.name()).with("length", length.apply(board.length()))
                .with("width", length.apply(board.width())).with("thickness", length.apply(board.thickness()));
        if (board.bow().isPositive()) {
            fields.with("bow", length.apply(board.bow()));
        }
        fields.with("count", Json.of(board.count()));
        return defects(price(fields, board.price()), board.defects()).end();
    }

    private Json sheet(Sheet sheet) {
        Json.Fields fields = Json.object().with("name", sheet.name()).with("material", sheet.material())
                .with("width", length.apply(sheet.width())).with("height", length.apply(sheet.height()))
                .with("count", Json.of(sheet.count()));
        price(fields, sheet.price());
        if (sheet.trim().isPositive()) {
            fields.with("trim", length.apply(sheet.trim()));
        }
        return (sheet.grained() ? fields.with("grained", Json.of(true)) : fields).end();
    }

    private static Json.Fields price(Json.Fields fields, @Nullable Double price) {
        return price == null ? fields : fields.with("price", Json.of(price, 4));
    }

    private Json.Fields defects(Json.Fields fields, List<Span> defects) {
        return defects.isEmpty() ? fields : fields.with("defects", Json.of(defects.stream().map(this::span).toList()));
    }

    private Json span(Span span) {
        return Json.of(List.of(length.apply(span.from()), length.apply(span.to())));
    }
}
