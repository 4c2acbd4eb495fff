package neatcorner.exchange.job;

import java.util.List;
import java.util.function.Function;
import neatcorner.exchange.json.Json;
import neatcorner.measure.Length;
import neatcorner.section.Layers;
import neatcorner.section.Milling;
import neatcorner.section.Operation;
import neatcorner.section.Ply;
import neatcorner.section.Rabbet;
import neatcorner.section.RabbetWay;
import neatcorner.section.Section;

/** Writes the section of a job; what is as usual is left out. */
final class SectionWriter {
    private final Function<Length, Json> length;

    /** With the way lengths are written. */
    SectionWriter(Function<Length, Json> length) {
        this.length = length;
    }

    Json write(Section section) {
        Rabbet rabbet = section.rabbet();
        Milling milling = section.milling();
        Json.Fields fields = Json.object().with("width", length.apply(rabbet.width())).with("depth",
                length.apply(rabbet.depth()));
        Rabbet.Step step = rabbet.step();
        if (step != null) {
            fields.with("step", Json.object().with("width", length.apply(step.width()))
                    .with("depth", length.apply(step.depth())).end());
        }
        if (rabbet.isTilted()) {
            fields.with("tilt", Json.of(rabbet.tilt().degrees(), 6));
        }
        if (milling.way() != RabbetWay.ROUTER) {
            fields.with("cut", JobWriter.word(SectionReader.WAYS, milling.way()));
        }
        passes(fields, milling.rabbetPasses());
        Json.Fields all = Json.object().with("wood", section.wood().name())
                .with("width", length.apply(section.width())).with("thickness", length.apply(section.thickness()))
                .with("rabbet", fields.end());
        if (!milling.operations().isEmpty()) {
            List<Operation> order = milling.order(rabbet);
            all.with("milling", Json.of(order.stream().map(this::operation).toList()));
        }
        Layers layers = milling.layers();
        if (!layers.isEmpty()) {
            all.with("layers", Json.of(layers.plies().stream().map(ply -> ply(layers, ply)).toList()));
        }
        return all.end();
    }

    private static Json.Fields passes(Json.Fields fields, int passes) {
        return passes > 0 ? fields.with("passes", Json.of(passes)) : fields;
    }

    private Json operation(Operation operation) {
        return switch (operation) {
            case Operation.PackRabbet pack -> Json.object().with("op", "rabbet").end();
            case Operation.Groove groove -> passes(Json.object().with("op", "groove")
                    .with("at", JobWriter.word(SectionReader.FACES, groove.face()))
                    .with("from", length.apply(groove.from()))
                    .with("width", length.apply(groove.size())).with("depth", length.apply(groove.depth())),
                    groove.passes()).end();
            case Operation.Rip rip -> Json.object().with("op", "rip").with("width", length.apply(rip.size())).end();
            case Operation.Shaped shaped -> {
                Json.Fields fields = Json.object().with("op", JobWriter.word(SectionReader.SHAPES, shaped.shape()))
                        .with("at", JobWriter.word(SectionReader.EDGES, shaped.edge()))
                        .with(SectionReader.sizeName(shaped.shape()), length.apply(shaped.size()));
                if (shaped.shape().hasDepth()) {
                    fields.with(SectionReader.depthName(shaped.shape()), length.apply(shaped.depth()));
                }
                if (shaped.inset().isPositive()) {
                    fields.with("inset", length.apply(shaped.inset()));
                }
                if (shaped.sunk().isPositive()) {
                    fields.with("sunk", length.apply(shaped.sunk()));
                }
                yield passes(fields, shaped.passes()).end();
            }
        };
    }

    private Json ply(Layers layers, Ply ply) {
        Json.Fields fields = Json.object().with("wood", ply.wood().name())
                .with(layers.edgeToEdge() ? "width" : "thickness", length.apply(ply.size()));
        return (ply.inset().isPositive() ? fields.with("inset", length.apply(ply.inset())) : fields).end();
    }
}
