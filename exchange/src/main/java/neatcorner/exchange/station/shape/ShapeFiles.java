package neatcorner.exchange.station.shape;

import static neatcorner.exchange.station.PlanNumbers.degrees;
import static neatcorner.exchange.station.PlanNumbers.piece;

import java.util.ArrayList;
import java.util.List;
import neatcorner.exchange.json.Json;
import neatcorner.exchange.paper.Column;
import neatcorner.exchange.station.StationFiles;
import neatcorner.outline.Contours;
import neatcorner.outline.Segment;
import neatcorner.plan.Plan;
import neatcorner.plan.Station;

/** The pieces of one frame; corners of polygons, segments of curves. */
public final class ShapeFiles implements StationFiles {
    @Override
    public Station station() {
        return Station.SHAPE;
    }

    @Override
    public void json(Plan plan, Telling telling, Json.Fields root) {
        root.with("pieces", Json.of(plan.pieces().stream().map(piece -> piece(piece, plan)).toList()));
        Contours contours = plan.contours();
        if (contours != null && !plan.job().outline().isRectangle()) {
            if (contours.segments().isEmpty()) {
                root.with("corners", corners(plan, contours));
            } else {
                root.with("segments", segments(plan, contours));
            }
        }
    }

    @Override
    public void paper(Moment moment, Plan plan, Telling telling, Column sheet) {}

    /** Corner i is where piece i starts, going clockwise from the top. */
    private static Json corners(Plan plan, Contours contours) {
        List<Json> corners = new ArrayList<>();
        int count = plan.pieces().size();
        for (int i = 0; i < count; i++) {
            corners.add(Json.object()
                    .with("between",
                            Json.of(List.of(Json.of(plan.pieces().get((i + count - 1) % count).name()),
                                    Json.of(plan.pieces().get(i).name()))))
                    .with("interior", degrees(contours.sight().interior(i))).end());
        }
        return Json.of(corners);
    }

    private static Json segments(Plan plan, Contours contours) {
        List<Json> segments = new ArrayList<>();
        for (int i = 0; i < contours.segments().size(); i++) {
            Segment.Blank blank = contours.segments().get(i).blank();
            segments.add(Json.object().with("piece", plan.pieces().get(i).name())
                    .with("blank", Json.of(List.of(Json.of(blank.longEdge(), 4), Json.of(blank.width(), 4))))
                    .with("shortEdge", Json.of(blank.shortEdge(), 4)).with("joints",
                            Json.of(List.of(degrees(blank.left()), degrees(blank.right()))))
                    .with("acrossGrain", degrees(blank.runOut())).end());
        }
        return Json.of(segments);
    }
}
