package neatcorner.exchange.plan;

import java.util.ArrayList;
import java.util.List;
import neatcorner.exchange.json.Json;
import neatcorner.exchange.json.JsonText;
import neatcorner.measure.Length;
import neatcorner.stock.sticks.Nesting;

/** The answer of the nesting command as JSON, lengths in millimetres. */
public final class NestJson {

    private NestJson() {}

    /**
     * The layouts of a result.
     *
     * @param lengths of the parts as asked for, without kerf
     * @param sticks  lengths of the kinds of stick
     * @param priced  whether any stick has a price
     */
    public static String write(Nesting nesting, Nesting.Result result, List<Length> lengths, List<Length> sticks,
            boolean priced, double milliseconds) {
        Json.Fields root = Json.object().with("sticks", Json.of(result.bars())).with("bound", Json.of(result.bound()))
                .with("proved", Json.of(result.proved()))
                .with("cost", priced ? Json.of(result.cost(nesting), 2) : Json.none())
                .with("ms", Json.of(milliseconds, 1));
        List<Json> layouts = new ArrayList<>();
        for (Nesting.Filling filling : result.fillings()) {
            List<Json> parts = new ArrayList<>();
            Length used = Length.ZERO;
            for (int part = 0; part < lengths.size(); part++) {
                for (int i = 0; i < filling.countOf(part); i++) {
                    parts.add(Json.of(lengths.get(part).toMm(), 4));
                    used = used.plus(nesting.parts().get(part).taken());
                }
            }
            Length room = Length.sum(nesting.bars().get(filling.bar()).rooms());
            layouts.add(Json.object().with("stick", Json.of(sticks.get(filling.bar()).toMm(), 4))
                    .with("times", Json.of(filling.times())).with("parts", Json.of(parts))
                    .with("offcut", Json.of(room.minus(used).toMm(), 4)).end());
        }
        root.with("layouts", Json.of(layouts)).with("proof", result.proof());
        if (!result.isComplete()) {
            root.with("unplaced", Json.of(result.missing().stream().mapToInt(Integer::intValue).sum()));
        }
        return JsonText.write(root.end());
    }
}
