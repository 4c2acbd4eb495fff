package neatcorner.exchange.station.hanging;

import static neatcorner.exchange.station.PlanNumbers.degrees;
import static neatcorner.exchange.station.PlanNumbers.mm;

import java.io.IOException;
import java.util.List;
import java.util.Locale;
import neatcorner.exchange.json.Json;
import neatcorner.exchange.paper.Column;
import neatcorner.exchange.station.StationFiles;
import neatcorner.hanging.Hook;
import neatcorner.hanging.Link;
import neatcorner.hanging.Screwing;
import neatcorner.hanging.Wire;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;
import neatcorner.plan.Station;
import neatcorner.planner.Chapters;
import neatcorner.station.hanging.HangingWork;
import neatcorner.station.hanging.WallWork;
import org.jspecify.annotations.Nullable;

/** How the frame hangs. */
public final class HangingFiles implements StationFiles {
    @Override
    public Station station() {
        return Station.HANGING;
    }

    @Override
    public void json(Plan plan, Telling telling, Json.Fields root) {
        HangingWork.of(plan).ifPresent(work -> root.with("hanging", hanging(work, WallWork.of(plan).orElse(null))));
    }

    /** Figures beside each other on paper, and where each begins. */
    private static final int ACROSS = 5;
    private static final List<Double> PLACES = List.of(0.0, 0.16, 0.4, 0.6, 0.82);

    private static Json hanging(HangingWork work, @Nullable WallWork group) {
        Json.Fields fields = Json.object().with("mass", Json.of(work.mass().kilograms(), 4))
                .with("upon", work.upon().name().toLowerCase(Locale.ROOT))
                .with("into", work.into() == null ? Json.none() : Json.of(work.into().name()))
                .with("chain", Json.of(work.chain().stream().map(HangingFiles::link).toList()))
                .with("screws", screws(work.screws()))
                .with("wire", wire(work.wire()))
                .with("hooks", Json.of(work.hooks().stream().map(HangingFiles::hook).toList()))
                .with("bends", Json.of(work.bends().stream().map(bend -> Json.object()
                        .with("piece", bend.piece().name()).with("by", Json.of(bend.by(), 4)).end()).toList()));
        return (group == null
                ? fields
                : fields.with("onWall", Json.of(group.hooks().stream().map(spot -> Json.object()
                        .with("frame", group.names().get(spot.frame())).with("from", mm(spot.from()))
                        .with("height", mm(spot.height())).end()).toList())))
                .end();
    }

    private static Json link(Link link) {
        return Json.object().with("part", link.part().title()).with("carries", Json.of(link.carries().kilograms(), 4))
                .with("needed", Json.of(link.needed().kilograms(), 4))
                .with("rated", Json.of(link.rated().kilograms(), 4)).end();
    }

    private static Json screws(@Nullable Screwing screws) {
        return screws == null
                ? Json.none()
                : Json.object().with("count", Json.of(screws.count())).with("diameter", mm(screws.diameter()))
                        .with("bite", mm(screws.bite())).end();
    }

    private static Json wire(@Nullable Wire wire) {
        return wire == null
                ? Json.none()
                : Json.object().with("angle", degrees(wire.angle())).with("tension", Json.of(wire.tension(), 4))
                        .with("span", mm(wire.span())).with("drop", mm(wire.drop())).with("length", mm(wire.length()))
                        .end();
    }

    private static Json hook(Hook hook) {
        return Json.object().with("height", mm(hook.height())).with("from", mm(hook.from()))
                .with("load", Json.of(hook.load().kilograms(), 4))
                .with("needed", Json.of(hook.needed().kilograms(), 4)).end();
    }

    /** The measure list: every hook of every frame, from one corner of the wall. */
    private static void spots(Plan plan, Column sheet) throws IOException {
        WallWork group = WallWork.of(plan).orElse(null);
        if (group == null || group.wall().others().isEmpty()) {
            return;
        }
        sheet.columns(HangingPaperTexts.MEASURED_FROM, List.of(0.0, 0.5, 0.75));
        for (WallWork.Spot spot : group.hooks()) {
            sheet.row(List.of(group.names().get(spot.frame())), List.of(spot.from(), spot.height()));
        }
    }

    @Override
    public void paper(Moment moment, Plan plan, Telling telling, Column sheet) throws IOException {
        if (moment != Moment.HANGING || plan.contours() == null) {
            return;
        }
        sheet.heading(switch (HangingWork.of(plan).map(HangingWork::upon).orElse(HangingWork.Upon.WALL)) {
            case WALL -> HangingPaperTexts.HANGING_BY.formatted(plan.job().hanging().by().title());
            case MIRROR -> HangingPaperTexts.GLUED;
            case HINGES -> HangingPaperTexts.ON_HINGES;
        });
        List<Slate.Row> rows = Chapters.slate(plan, Station.HANGING).rows().stream()
                .filter(row -> row.readings().size() == 1).toList();
        for (int from = 0; from < rows.size(); from += ACROSS) {
            List<Slate.Row> line = rows.subList(from, Math.min(rows.size(), from + ACROSS));
            sheet.columns(line.stream().map(Slate.Row::name).toList(), PLACES);
            sheet.row(List.of(), line.stream().map(row -> row.readings().getFirst().value()).toList());
        }
        spots(plan, sheet);
        sheet.cautions(Chapters.at(Station.HANGING).cautions(plan));
    }
}
