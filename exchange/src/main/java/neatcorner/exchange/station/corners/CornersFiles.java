package neatcorner.exchange.station.corners;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ScrewGauge;
import neatcorner.corner.solid.Clash;
import neatcorner.corner.solid.GlueArea;
import neatcorner.corner.solid.JoinedCorner;
import neatcorner.corner.solid.Part;
import neatcorner.corner.solid.Slab;
import neatcorner.drawing.Drawing;
import neatcorner.exchange.json.Json;
import neatcorner.exchange.paper.Column;
import neatcorner.exchange.station.StationFiles;
import neatcorner.job.Ring;
import neatcorner.measure.Notation;
import neatcorner.measure.Theirs;
import neatcorner.outline.Vertex;
import neatcorner.plan.AsFrame;
import neatcorner.plan.CornerWork;
import neatcorner.plan.Plan;
import neatcorner.plan.Station;
import neatcorner.planner.Chapters;
import neatcorner.station.corners.CornerFigure;
import neatcorner.station.corners.CornerSlate;
import neatcorner.wood.Species;

/** The corners: parts with their places and rooms, glue areas, clashes. */
public final class CornersFiles implements StationFiles {
    @Override
    public Station station() {
        return Station.CORNERS;
    }

    @Override
    public void json(Plan plan, Telling telling, Json.Fields root) {
        corner(plan).ifPresent(corner -> root.with("corner", corner.end()));
        List<Json> rings = new ArrayList<>();
        for (Ring ring : plan.job().rings()) {
            corner(new AsFrame(ring.name()).plan(plan))
                    .ifPresent(corner -> rings.add(corner.with("ring", ring.name()).end()));
        }
        if (!rings.isEmpty()) {
            root.with("ringCorners", Json.of(rings));
        }
    }

    private static Optional<Json.Fields> corner(Plan plan) {
        List<CornerWork.Kind> kinds = CornerWork.of(plan).kinds();
        if (kinds.isEmpty()) {
            return Optional.empty();
        }
        Json.Fields first = kind(kinds.getFirst());
        if (kinds.size() > 1) {
            first.with("others", Json.of(kinds.stream().skip(1).map(each -> kind(each).end()).toList()));
        }
        return Optional.of(first);
    }

    @Override
    public void paper(Moment moment, Plan plan, Telling telling, Column sheet) throws IOException {
        if (moment != Moment.CORNERS) {
            return;
        }
        for (AsFrame ring : AsFrame.all(plan.job())) {
            Plan seen = ring.plan(plan);
            if (!seen.job().reinforcement().isEmpty()) {
                for (CornerWork.Kind kind : CornerWork.of(seen).kinds()) {
                    corner(seen, ring, kind, telling.notation(), sheet);
                }
            }
        }
        sheet.cautions(Chapters.at(Station.CORNERS).cautions(plan));
    }

    private static final double UNIT = 0.5;

    private static Json.Fields kind(CornerWork.Kind kind) {
        JoinedCorner corner = kind.corner();
        GlueArea glue = corner.glue();
        List<Json> parts = new ArrayList<>();
        for (int i = 0; i < corner.parts().size(); i++) {
            parts.add(part(kind, i));
        }
        return Json.object().with("joint", corner.wood().joint().title())
                .with("at", Json.of(kind.at().stream().map(Json::of).toList()))
                .with("turned", Json.of(kind.turned().stream().map(Json::of).toList()))
                .with("interior", Json.of(corner.wood().corner().interior().degrees(), 6))
                .with("parts", Json.of(parts))
                .with("glueArea", Json.object().with("longGrain", Json.of(glue.longGrain(), 4))
                        .with("endGrain", Json.of(glue.endGrain(), 4)).end())
                .with("clashes", Json.of(corner.clashes().stream().map(clash -> clash(corner, clash)).toList()))
                .with("missing", Json.of(corner.missing().stream()
                        .map(i -> Json.of(corner.reinforcements().get(i).kind().title())).toList()));
    }

    private static Json part(CornerWork.Kind kind, int index) {
        JoinedCorner corner = kind.corner();
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
                .with("slabs", Json.of(part.slabs().stream().map(slab -> slab(kind, slab)).toList())).end();
    }

    private static Json slab(CornerWork.Kind kind, Slab slab) {
        return Json.object().with("from", Json.of(slab.from(), 4)).with("to", Json.of(slab.to(), 4))
                .with("outline", Json.of(slab.shape().stream().map(v -> place(kind.seen(v))).toList())).end();
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

    private static void corner(Plan plan, AsFrame ring, CornerWork.Kind kind, Notation notation, Column sheet)
            throws IOException {
        String at = CornersPaperTexts.CORNERS_NAMED.formatted(String.join(", ", kind.at()));
        sheet.heading(ring.ring().isEmpty()
                ? at
                : CornersPaperTexts.CORNERS_OF_RING.formatted(Theirs.words(ring.ring()), at),
                CornersPaperTexts.PARTS_ARE_NUMBERED_IN_THE_ORDER);
        sheet.beside(0.52, left -> {
            left.figure(Drawing.snug(CornerFigure.of(plan, kind, -1), left.textWidth() / UNIT, 84 / UNIT, notation),
                    UNIT);
            left.figure(Drawing.snug(CornerFigure.exploded(plan, kind), left.textWidth() / UNIT, 72 / UNIT, notation),
                    UNIT);
        }, right -> right.figures(CornersPaperTexts.TO_SET_CUT_AND_DRILL, CornerSlate.of(plan, kind)));
        if (plan.job().reinforcement().stream().anyMatch(each -> each.kind().isScrew())) {
            drills(plan.job().section().wood(), sheet);
        }
    }

    /** Drills for each gauge in this wood. */
    private static void drills(Species wood, Column sheet) throws IOException {
        sheet.columns(
                List.of(CornersPaperTexts.SCREW_IN.formatted(Theirs.words(wood.name())), CornersPaperTexts.SHANK,
                        CornersPaperTexts.PILOT,
                        CornersPaperTexts.COUNTERSINK),
                List.of(0.0, 0.3, 0.5, 0.7));
        for (int gauge : ScrewGauge.COMMON) {
            ScrewGauge screw = new ScrewGauge(gauge);
            sheet.row(List.of(CornersPaperTexts.GAUGE_NUMBER.formatted(gauge)),
                    List.of(screw.diameter(), screw.pilot(wood),
                            screw.head()));
        }
    }
}
