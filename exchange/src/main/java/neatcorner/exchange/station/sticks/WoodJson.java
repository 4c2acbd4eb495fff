package neatcorner.exchange.station.sticks;

import java.util.List;
import neatcorner.exchange.json.Json;
import neatcorner.measure.Length;
import neatcorner.measure.Theirs;
import neatcorner.plan.BoardWork;
import neatcorner.plan.Plan;
import neatcorner.station.sticks.Offcuts;
import neatcorner.station.sticks.SheetWork;
import neatcorner.stock.BoardMilling;
import neatcorner.stock.Search;
import neatcorner.stock.Sheet;
import neatcorner.stock.sheets.Panel;
import neatcorner.stock.sheets.PlacedPanel;
import neatcorner.stock.sheets.SheetCut;
import neatcorner.stock.sheets.SheetLayout;

/** Offcuts, boards and sheets for the plan's JSON; each only where there is something to say. */
final class WoodJson {

    private WoodJson() {}

    static void add(Plan plan, Json.Fields root, Search search) {
        if (!Offcuts.of(plan).isEmpty()) {
            root.with("offcuts", Json.of(Offcuts.of(plan).stream()
                    .map(stick -> Json.object().with("name", stick.name()).with("length", mm(stick.length())).end())
                    .toList()));
        }
        if (!plan.job().stock().boards().isEmpty()) {
            root.with("boards", Json.of(BoardWork.of(plan).stream().map(WoodJson::board).toList()));
            root.with("lumber", Json.object().with("atHand", Json.of(BoardWork.volume(plan.job().stock()), 6))
                    .with("needed", Json.of(BoardWork.volumeNeeded(plan), 6)).end());
        }
        if (!plan.job().stock().sheets().isEmpty()) {
            root.with("sheets",
                    Json.of(SheetWork.of(plan, search).stream().map(WoodJson::material).toList()));
        }
    }

    private static Json mm(Length length) {
        return Json.of(length.toMm(), 4);
    }

    private static Json board(BoardMilling milling) {
        return Json.object().with("board", milling.board().name()).with("onEdge", Json.of(milling.onEdge()))
                .with("sticks", Json.of(milling.cuts().stream()
                        .map(cut -> Json.object().with("from", mm(cut.from())).with("length", mm(cut.stick()))
                                .with("count", Json.of((long) cut.sticks() * milling.board().count()))
                                .with("lengths", Json.of(cut.lengths())).with("layers", Json.of(cut.layers()))
                                .with("strips", Json.of(cut.strips())).end())
                        .toList()))
                .end();
    }

    private static Json material(SheetWork work) {
        SheetLayout layout = work.layout();
        return Json.object().with("material", work.material()).with("sheets", Json.of(layout.count()))
                .with("bound", Json.of(layout.bound())).with("proved", Json.of(layout.proved()))
                .with("unplaced", Json.of(layout.unplaced())).with("proof", layout.proof())
                .with("layouts", Json.of(layout.sheets().stream().map(cut -> sheet(work, cut)).toList())).end();
    }

    private static Json sheet(SheetWork work, SheetLayout.Cut cut) {
        Sheet sheet = work.nesting().sheets().get(cut.stock());
        return Json.object().with("stock", sheet.name()).with("times", Json.of(cut.times()))
                .with("size", pair(sheet.width(), sheet.height()))
                .with("panels", Json.of(cut.panels().stream().map(panel -> panel(work, panel)).toList()))
                .with("cuts", Json.of(cut.cuts().stream().map(WoodJson::cut).toList())).end();
    }

    private static Json panel(SheetWork work, PlacedPanel placed) {
        Panel panel = work.nesting().panels().get(placed.panel());
        return Json.object().with("panel", Theirs.plain(panel.name())).with("at", pair(placed.x(), placed.y()))
                .with("size", pair(placed.width(), placed.height())).with("turned", Json.of(placed.turned())).end();
    }

    private static Json cut(SheetCut cut) {
        return Json.object().with("upright", Json.of(cut.upright())).with("at", mm(cut.at()))
                .with("from", mm(cut.from())).with("to", mm(cut.to())).end();
    }

    private static Json pair(Length a, Length b) {
        return Json.of(List.of(mm(a), mm(b)));
    }
}
