package neatcorner.exchange.station.sticks;

import static neatcorner.exchange.station.PlanNumbers.mm;
import static neatcorner.exchange.station.PlanNumbers.piece;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import neatcorner.drawing.Drawing;
import neatcorner.exchange.json.Json;
import neatcorner.exchange.paper.PaperSheet;
import neatcorner.exchange.station.StationFiles;
import neatcorner.measure.Notation;
import neatcorner.measure.Quantity;
import neatcorner.measure.Sentence;
import neatcorner.piece.Piece;
import neatcorner.plan.Plan;
import neatcorner.plan.Station;
import neatcorner.saw.SawCut;
import neatcorner.station.saw.SawWords;
import neatcorner.station.sticks.SticksFigure;
import neatcorner.stock.Blanks;
import neatcorner.stock.CutPiece;
import neatcorner.stock.CutStick;

/** Sticks with their cuts and the proof; offcuts, boards and sheets, each where there is something to say. */
public final class SticksFiles implements StationFiles {
    @Override
    public Station station() {
        return Station.STICKS;
    }

    @Override
    public void json(Plan plan, Telling telling, Json.Fields root) {
        root.with("sticks", Json.of(plan.layout().sticks().stream().map(stick -> stick(stick, plan)).toList()))
                .with("nesting", nesting(plan));
        if (!plan.parts().equals(plan.pieces())) {
            root.with("parts", Json.of(plan.parts().stream().map(piece -> piece(piece, plan)).toList()));
        }
        WoodJson.add(plan, root, telling.search());
    }

    @Override
    public void paper(Moment moment, Plan plan, Telling telling, PaperSheet sheet) throws IOException {
        WoodPaper wood = new WoodPaper(plan, telling.notation(), sheet);
        switch (moment) {
            case SUMMARY -> cutList(plan, sheet);
            case BOARDS -> wood.boards();
            case FIRST_CUTS -> {
                sticks(plan, telling.notation(), sheet);
                wood.offcuts();
            }
            case SHEETS -> wood.sheets(telling.search());
            case SIZES, MILLING, FINAL_CUTS, ASSEMBLY, FULL_SIZE, CAUTIONS -> {
            }
        }
    }

    private static Json stick(CutStick stick, Plan plan) {
        return Json.object().with("stock", stick.stick().name()).with("length", mm(stick.stick().length()))
                .with("cuts", Json.of(stick.cuts().stream().map(cut -> cut(cut, stick, plan)).toList()))
                .with("offcut", mm(stick.offcut())).end();
    }

    private static Json cut(CutPiece cut, CutStick stick, Plan plan) {
        Json.Fields fields = Json.object().with("piece", cut.piece().name()).with("frame", Json.of(cut.frame()))
                .with("at", mm(cut.at())).with("span", mm(cut.piece().span()))
                .with("long", mm(cut.piece().longPoint()));
        Blanks blanks = Blanks.of(plan.job().section());
        if (blanks.isRipped(cut.piece(), stick.stick())) {
            fields.with("ripTo", mm(blanks.width(cut.piece())));
        }
        return (cut.flipped() ? fields.with("flipped", Json.of(true)) : fields).end();
    }

    private static Json nesting(Plan plan) {
        Double cost = plan.layout().cost();
        return Json.object().with("sticks", Json.of(plan.layout().sticks().size()))
                .with("bound", Json.of(plan.layout().bound())).with("proved", Json.of(plan.layout().proved()))
                .with("cost", cost == null ? Json.none() : Json.of(cost, 2))
                .with("unplaced", Json.of(plan.layout().unplaced())).with("proof", plan.layout().proof()).end();
    }

    private static void cutList(Plan plan, PaperSheet sheet) throws IOException {
        sheet.heading("Cut list");
        boolean tilted = plan.parts().stream().anyMatch(piece -> piece.left().isTilted() || piece.right().isTilted());
        boolean wide = plan.parts().stream().map(Piece::face).distinct().count() > 1;
        List<String> columns = new ArrayList<>(List.of("piece", "side", "count", "long point", "short point",
                "miter left", "miter right"));
        List<Double> places = new ArrayList<>(tilted || wide
                ? List.of(0.0, 0.08, 0.2, 0.28, 0.42, 0.56, 0.67)
                : List.of(0.0, 0.09, 0.21, 0.33, 0.51, 0.69, 0.85));
        if (tilted) {
            columns.add("tilt, both");
            places.add(0.78);
        }
        if (wide) {
            columns.add("blank, wide");
            places.add(tilted ? 0.88 : 0.8);
        }
        sheet.columns(columns, places);
        for (Piece piece : plan.parts()) {
            List<Quantity> figures = new ArrayList<>(List.of(piece.longPoint(), piece.shortPoint(),
                    piece.left().miter(), piece.right().miter()));
            if (tilted) {
                figures.add(piece.left().bevel());
            }
            if (wide) {
                figures.add(Blanks.of(plan.job().section()).width(piece));
            }
            sheet.row(List.of(piece.name(), piece.place().words(), String.valueOf(plan.job().quantity())), figures);
        }
    }

    private static void sticks(Plan plan, Notation notation, PaperSheet sheet) throws IOException {
        sheet.keepTogether(180);
        sheet.heading("Sticks: first cuts, stick by stick");
        sheet.note("–", "Mark every distance from the stick's left end, so that nothing is measured twice.", false);
        if (plan.layout().sticks().isEmpty()) {
            sheet.note("–", "No sticks are laid out.", false);
        }
        for (int i = 0; i < plan.layout().sticks().size(); i++) {
            CutStick stick = plan.layout().sticks().get(i);
            Drawing strip = Drawing.of(SticksFigure.strips(plan, i, i + 1), sheet.textWidth() / PaperSheet.UNIT, 112,
                    notation);
            sheet.keepTogether(strip.height() * PaperSheet.UNIT + 18 * stick.cuts().size() + 8);
            sheet.figure(strip, PaperSheet.UNIT);
            for (CutPiece cut : stick.cuts()) {
                sheet.tick(firstCut(plan, stick, cut));
            }
        }
    }

    private static Sentence firstCut(Plan plan, CutStick stick, CutPiece cut) {
        Blanks blanks = Blanks.of(plan.job().section());
        String rip = blanks.isRipped(cut.piece(), stick.stick()) ? ", ripped to {5}" : "";
        return SawWords.of(plan.job().saw(), new SawCut(SawCut.Kind.FIRST_MITER, cut, stick, null),
                "Piece " + cut.label(plan.job().quantity()) + rip + ": ",
                "; from {3} along the stick, {4} between its outermost points", cut.at(), cut.piece().span(),
                blanks.width(cut.piece()));
    }
}
