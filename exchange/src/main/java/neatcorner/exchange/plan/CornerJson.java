package neatcorner.exchange.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import neatcorner.corner.Clash;
import neatcorner.corner.GlueArea;
import neatcorner.corner.JoinedCorner;
import neatcorner.corner.Part;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.Slab;
import neatcorner.exchange.json.Json;
import neatcorner.outline.Vertex;
import neatcorner.plan.CornerWork;
import neatcorner.plan.Plan;

/** The corners of a plan: parts with their places and rooms, glue areas, clashes. */
final class CornerJson {
    private CornerJson() {}

    static void add(Plan plan, Json.Fields root) {
        List<CornerWork.Kind> kinds = CornerWork.of(plan).kinds();
        if (kinds.isEmpty()) {
            return;
        }
        Json.Fields first = kind(kinds.getFirst());
        if (kinds.size() > 1) {
            first.with("others", Json.of(kinds.stream().skip(1).map(each -> kind(each).end()).toList()));
        }
        root.with("corner", first.end());
    }

    private static Json.Fields kind(CornerWork.Kind kind) {
        JoinedCorner corner = kind.corner();
        GlueArea glue = corner.glue();
        List<Json> parts = new ArrayList<>();
        for (int i = 0; i < corner.parts().size(); i++) {
            parts.add(part(corner, i));
        }
        return Json.object().with("joint", corner.wood().joint().title())
                .with("at", Json.of(kind.at().stream().map(Json::of).toList()))
                .with("interior", Json.of(corner.wood().corner().interior().degrees(), 6))
                .with("parts", Json.of(parts))
                .with("glueArea", Json.object().with("longGrain", Json.of(glue.longGrain(), 4))
                        .with("endGrain", Json.of(glue.endGrain(), 4)).end())
                .with("clashes", Json.of(corner.clashes().stream().map(clash -> clash(corner, clash)).toList()))
                .with("missing", Json.of(corner.missing().stream()
                        .map(i -> Json.of(corner.reinforcements().get(i).kind().title())).toList()));
    }

    private static Json part(JoinedCorner corner, int index) {
        Part part = corner.parts().get(index);
        Reinforcement what = corner.reinforcements().get(part.of());
        Json.Fields fields = Json.object().with("name", part.name()).with("kind", part.kind().title())
                .with("size", Json.of(what.size().toMm(), 4)).with("thickness", Json.of(what.thickness().toMm(), 4));
        if (what.width().isPositive()) {
            fields.with("width", Json.of(what.width().toMm(), 4));
        }
        Json.Fields room = Json.object();
        corner.rooms(index).forEach((way, free) -> room.with(way.name().toLowerCase(Locale.ROOT), Json.of(free, 3)));
        return fields.with("fromHeel", Json.of(part.fromHeel(), 4)).with("fromFace", Json.of(part.fromFace(), 4))
                .with("room", room.end())
                .with("slabs", Json.of(part.slabs().stream().map(CornerJson::slab).toList())).end();
    }

    private static Json slab(Slab slab) {
        return Json.object().with("from", Json.of(slab.from(), 4)).with("to", Json.of(slab.to(), 4))
                .with("outline", Json.of(slab.shape().stream().map(CornerJson::place).toList())).end();
    }

    private static Json place(Vertex v) {
        return Json.of(List.of(Json.of(v.x(), 4), Json.of(v.y(), 4)));
    }

    private static Json clash(JoinedCorner corner, Clash clash) {
        return Json.object().with("part", corner.parts().get(clash.part()).name())
                .with("with", clash.other() >= 0
                        ? corner.parts().get(clash.other()).name()
                        : clash.with().name().toLowerCase(Locale.ROOT))
                .with("by", Json.of(clash.by(), 4)).with("breach", Json.of(clash.breach())).end();
    }
}
