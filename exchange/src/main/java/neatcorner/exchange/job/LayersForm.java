package neatcorner.exchange.job;

import java.util.ArrayList;
import java.util.List;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.form.Description;
import neatcorner.exchange.form.Form;
import neatcorner.exchange.form.Forms;
import neatcorner.exchange.form.Schemas;
import neatcorner.exchange.json.Json;
import neatcorner.exchange.json.Node;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.measure.Units;
import neatcorner.section.Layers;
import neatcorner.section.Milling;
import neatcorner.section.Ply;
import neatcorner.wood.Species;

/**
 * Boards with a thickness lie on each other, front first; with a width they stand edge to edge. The first one says which.
 *
 * @param wood of boards that do not say
 */
record LayersForm(Species wood) implements Form<Layers> {

    private Form<Ply> ply(boolean edgeToEdge) {
        return Form.of("",
                f -> new Ply(f.or("wood", Ply::wood, SectionForm.WOOD, wood, "the section's, unless it says another"),
                        f.must(edgeToEdge ? "width" : "thickness", Ply::size, Forms.length(LengthRange.ACROSS), ""),
                        f.or("inset", Ply::inset, Forms.length(LengthRange.CUT), Length.ZERO,
                                "stepped back from the outer edge, or from the front")));
    }

    @Override
    public Layers read(Node node, Units units) throws BadFile {
        List<Node> boards = node.items(Milling.MOST_OPERATIONS);
        boolean edgeToEdge = !boards.isEmpty() && boards.getFirst().optional("width").isPresent();
        List<Ply> plies = new ArrayList<>();
        for (Node board : boards) {
            plies.add(ply(edgeToEdge).read(board, units));
        }
        return plies.isEmpty() ? Layers.NONE : new Layers(edgeToEdge, plies);
    }

    @Override
    public Json write(Layers layers, Units units) {
        return Json.of(layers.plies().stream().map(each -> ply(layers.edgeToEdge()).write(each, units)).toList());
    }

    @Override
    public Description description() {
        return new Description.Value("`wood`, `thickness` or `width`, and perhaps `inset`", in -> {
            Json.Obj strips = list(Schemas.of(ply(true), in));
            return Json.object().with("if", Json.object().with("prefixItems",
                    Json.of(List.of(Schemas.present("width")))).with("minItems", Json.of(1)).end())
                    .with("then", strips).with("else", list(Schemas.of(ply(false), in))).end();
        });
    }

    private static Json.Obj list(Json item) {
        return Json.object().with("type", "array").with("items", item)
                .with("maxItems", Json.of(Milling.MOST_OPERATIONS)).end();
    }

    @Override
    public Layers sample() {
        return Layers.NONE;
    }
}
