package neatcorner.exchange.station.sticks;

import static neatcorner.exchange.station.PlanNumbers.mm;
import static neatcorner.exchange.station.PlanNumbers.piece;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import neatcorner.drawing.Drawing;
import neatcorner.exchange.json.Json;
import neatcorner.exchange.paper.Column;
import neatcorner.exchange.station.StationFiles;
import neatcorner.measure.Notation;
import neatcorner.measure.Quantity;
import neatcorner.measure.Sentence;
import neatcorner.piece.Piece;
import neatcorner.piece.Place;
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
        if (!plan.parts().equals(plan.allPieces())) {
            root.with("parts", Json.of(plan.parts().stream().map(piece -> piece(piece, plan)).toList()));
        }
        WoodJson.add(plan, root, telling.search());
    }

    @Override
    public void paper(Moment moment, Plan plan, Telling telling, Column sheet) throws IOException {
        WoodPaper wood = new WoodPaper(plan, telling.notation(), sheet);
        switch (moment) {
            case CUT_LIST -> cutList(plan, sheet);
            case BOARDS -> wood.boards();
            case FIRST_CUTS -> {
                sticks(plan, telling.notation(), sheet);
                wood.offcuts();
            }
            case SHEETS -> wood.sheets(telling.search());
            case FRAME, MILLING, FINAL_CUTS, CORNERS, GLUE_UP, FIT_OUT, HANGING, PACK, FULL_SIZE, CAUTIONS -> {
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
        Blanks blanks = plan.blanks();
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

    private static void cutList(Plan plan, Column sheet) throws IOException {
        boolean tilted = plan.parts().stream().anyMatch(piece -> piece.left().isTilted() || piece.right().isTilted());
        boolean wide = plan.parts().stream().map(Piece::face).distinct().count() > 1;
        int frames = plan.job().quantity();
        sheet.heading(SticksPaperTexts.CUT_LIST, frames > 1 ? SticksPaperTexts.EACH_SO_OFTEN.formatted(frames) : "");
        List<String> columns = new ArrayList<>(List.of(SticksPaperTexts.PIECE, SticksPaperTexts.LONG_POINT,
                SticksPaperTexts.SHORT_POINT, SticksPaperTexts.MITERS));
        List<Double> places = new ArrayList<>(
                List.of(0.0, 0.12, tilted || wide ? 0.34 : 0.4, tilted || wide ? 0.55 : 0.68,
                        tilted || wide ? 0.66 : 0.84));
        columns.add("");
        if (tilted) {
            columns.add(SticksPaperTexts.TILT_BOTH);
            places.add(0.78);
        }
        if (wide) {
            columns.add(SticksPaperTexts.BLANK_WIDE);
            places.add(tilted ? 0.89 : 0.8);
        }
        sheet.columns(columns, places);
        String of = "";
        for (List<Piece> alike : rows(plan.parts())) {
            Piece piece = alike.getFirst();
            String ring = piece.place().ring();
            if (!ring.equals(of)) {
                of = ring;
                sheet.columns(Stream.concat(Stream.of(ring), Stream.generate(() -> "")).limit(columns.size()).toList(),
                        places);
            }
            List<Quantity> figures = new ArrayList<>(List.of(piece.longPoint(), piece.shortPoint(),
                    piece.left().miter(), piece.right().miter()));
            if (tilted) {
                figures.add(piece.left().bevel());
            }
            if (wide) {
                figures.add(plan.blanks().width(piece));
            }
            sheet.row(List.of(name(alike)), figures);
        }
    }

    /** Sides one by one; slats, bars and what else is no side of a ring, all that are alike on one line. */
    private static List<List<Piece>> rows(List<Piece> parts) {
        List<List<Piece>> rows = new ArrayList<>();
        for (Piece piece : parts) {
            if (isOneOfSeveral(piece) && !rows.isEmpty() && rows.getLast().getFirst().isTwinOf(piece)) {
                rows.getLast().add(piece);
            } else {
                rows.add(new ArrayList<>(List.of(piece)));
            }
        }
        return rows;
    }

    private static boolean isOneOfSeveral(Piece piece) {
        return piece.place() instanceof Place.OfRing in && in.of() instanceof Place.OneOf;
    }

    /** Under the name of its ring, a side is only its letter; of what is alike, how many. */
    private static String name(List<Piece> alike) {
        Piece piece = alike.getFirst();
        String before = piece.place().ring() + " ";
        return isOneOfSeveral(piece)
                ? alike.size() + " ×"
                : piece.name().startsWith(before) ? piece.name().substring(before.length()) : piece.name();
    }

    /** Each stick with where its pieces start, and a box for each first cut. */
    private static void sticks(Plan plan, Notation notation, Column sheet) throws IOException {
        if (plan.layout().sticks().isEmpty()) {
            sheet.heading(SticksPaperTexts.STICKS);
            sheet.note("–", SticksPaperTexts.NO_STICKS_ARE_LAID, false);
            return;
        }
        sheet.keepTogether(110);
        sheet.heading(SticksPaperTexts.STICKS_FIRST_CUTS, SticksPaperTexts.MARK_FROM_THE_LEFT_END);
        for (int i = 0; i < plan.layout().sticks().size(); i++) {
            CutStick stick = plan.layout().sticks().get(i);
            Drawing strip = Drawing.snug(SticksFigure.strips(plan, i, i + 1), sheet.textWidth() / STRIP, 56 / STRIP,
                    notation);
            sheet.keepTogether(strip.height() * STRIP + 22);
            sheet.figure(strip, STRIP);
            boolean alike = stick.cuts().stream().allMatch(cut -> isPlain(plan, stick, cut, stick.cuts().getFirst()));
            if (alike) {
                sheet.ticks(stick.cuts().stream().map(cut -> cut.label(plan.job().quantity())).toList());
            } else {
                for (CutPiece cut : stick.cuts()) {
                    sheet.tick(firstCut(plan, stick, cut));
                }
            }
        }
    }

    private static final double STRIP = 0.58;

    /** Whether a piece's first cut needs no words of its own: as the first of the stick, not ripped, not turned. */
    private static boolean isPlain(Plan plan, CutStick stick, CutPiece cut, CutPiece first) {
        return !cut.flipped() && cut.piece().left().isNear(first.piece().left())
                && !plan.blanks().isRipped(cut.piece(), stick.stick());
    }

    private static Sentence firstCut(Plan plan, CutStick stick, CutPiece cut) {
        Blanks blanks = plan.blanks();
        String said = blanks.isRipped(cut.piece(), stick.stick())
                ? SticksPaperTexts.FIRST_CUT_RIPPED
                : SticksPaperTexts.FIRST_CUT;
        return SawWords.of(plan.job().saw(), new SawCut(SawCut.Kind.FIRST_MITER, cut, stick, null),
                stands -> said.formatted(cut.label(plan.job().quantity()), stands), cut.at(), cut.piece().span(),
                blanks.width(cut.piece()));
    }
}
