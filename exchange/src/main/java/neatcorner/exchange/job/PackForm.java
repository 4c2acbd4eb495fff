package neatcorner.exchange.job;

import java.util.List;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.form.Description;
import neatcorner.exchange.form.Form;
import neatcorner.exchange.form.Forms;
import neatcorner.exchange.form.Kind;
import neatcorner.exchange.form.Schemas;
import neatcorner.exchange.json.Json;
import neatcorner.exchange.json.Node;
import neatcorner.fitout.Layer;
import neatcorner.fitout.Material;
import neatcorner.fitout.Pack;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.measure.Units;
import neatcorner.outline.Faces;

/** The pack, from the front. */
final class PackForm {
    private static final Form<Length> BORDER = Forms.length(LengthRange.BORDER);
    private static final Form<Length> THICK = Forms.length(LengthRange.LAYER);
    private static final Form<Material> MATERIAL = Forms.TEXT.as((name, at) -> Material.named(name), Material::name,
            Material.GLASS);

    private static final Form<Faces> FOUR = Form.of("borders",
            f -> new Faces(f.must("top", Faces::top, BORDER, ""), f.must("right", Faces::right, BORDER, ""),
                    f.must("bottom", Faces::bottom, BORDER, ""), f.must("left", Faces::left, BORDER, "")));

    private static final List<Kind<Layer>> KINDS = List.of(
            Kind.of("glazing", Layer.Glazing.class,
                    g -> new Layer.Glazing(
                            g.or("material", Layer.Glazing::material, MATERIAL, Material.GLASS,
                                    "one of the known ones, or any other"),
                            g.must("thickness", Layer.Glazing::thickness, THICK, ""))),
            Kind.of("mat", Layer.Mat.class,
                    g -> new Layer.Mat(g.must("thickness", Layer.Mat::thickness, THICK, ""),
                            g.orIn("overlap", Layer.Mat::overlap, BORDER, FirstDefaults::matOverlap,
                                    "how far it covers the art, per side"),
                            g.must("borders", Layer.Mat::borders, new Borders(),
                                    "from its window to its outer edge: one for all sides, or four"))),
            Kind.of("spacers", Layer.Spacers.class,
                    g -> new Layer.Spacers(g.must("thickness", Layer.Spacers::thickness, THICK, ""))),
            Kind.of("art", Layer.Art.class, g -> new Layer.Art(
                    g.or("material", Layer.Art::material, MATERIAL, Material.PAPER,
                            "`paper`, `canvas on bars`, or any"),
                    g.must("thickness", Layer.Art::thickness, THICK, ""))),
            Kind.of("backing", Layer.Backing.class,
                    g -> new Layer.Backing(
                            g.or("material", Layer.Backing::material, MATERIAL, Material.HARDBOARD,
                                    "one of the known ones, or any other"),
                            g.must("thickness", Layer.Backing::thickness, THICK, ""))));

    private static final Form<Layer> LAYER = Form.of("layer", f -> f.choose("kind", null, KINDS, ""));

    static final Form<Pack> PACK = Forms.list(LAYER, Pack.MOST_LAYERS).as((layers, at) -> new Pack(layers),
            Pack::layers, new Pack(List.of()));

    private PackForm() {}

    /** Four borders, or one length for all of them. */
    private record Borders() implements Form<Faces> {
        @Override
        public Faces read(Node node, Units units) throws BadFile {
            return node.json() instanceof Json.Obj
                    ? FOUR.read(node, units)
                    : Faces.all(BORDER.read(node, units));
        }

        @Override
        public Json write(Faces borders, Units units) {
            return FOUR.write(borders, units);
        }

        @Override
        public Description description() {
            return new Description.Value("a length, or `top` `right` `bottom` `left`", in -> Json.object()
                    .with("anyOf", Json.of(List.of(Schemas.of(BORDER, in), Schemas.of(FOUR, in)))).end());
        }

        @Override
        public Faces sample() {
            return FOUR.sample();
        }
    }
}
