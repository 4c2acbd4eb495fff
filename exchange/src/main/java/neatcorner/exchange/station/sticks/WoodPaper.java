package neatcorner.exchange.station.sticks;

import java.io.IOException;
import java.util.List;
import neatcorner.drawing.Drawing;
import neatcorner.exchange.paper.PaperSheet;
import neatcorner.measure.Notation;
import neatcorner.measure.Sentence;
import neatcorner.measure.Theirs;
import neatcorner.plan.BoardWork;
import neatcorner.plan.Plan;
import neatcorner.station.sticks.BoardsFigure;
import neatcorner.station.sticks.Offcuts;
import neatcorner.station.sticks.SheetWork;
import neatcorner.station.sticks.SheetsFigure;
import neatcorner.stock.BoardMilling;
import neatcorner.stock.Search;
import neatcorner.stock.Stick;
import neatcorner.stock.sheets.SheetCut;
import neatcorner.stock.sheets.SheetLayout;

/** The pages before and after the saw: boards to sticks, what to keep, sheets cut by cut. */
final class WoodPaper {
    private final Plan plan;
    private final Notation notation;
    private final PaperSheet sheet;

    WoodPaper(Plan plan, Notation notation, PaperSheet sheet) {
        this.plan = plan;
        this.notation = notation;
        this.sheet = sheet;
    }

    /** From rough boards to sticks; nothing when there are no boards. */
    void boards() throws IOException {
        if (plan.job().stock().boards().isEmpty()) {
            return;
        }
        sheet.heading("From rough boards to sticks");
        sheet.figure(
                Drawing.snug(BoardsFigure.of(plan), sheet.textWidth() / PaperSheet.UNIT, 150 / PaperSheet.UNIT,
                        notation),
                PaperSheet.UNIT);
        for (BoardMilling milling : BoardWork.of(plan)) {
            sheet.note("–", Theirs.words(milling.board().name()), true);
            for (Sentence step : BoardWork.steps(milling)) {
                sheet.tick(step);
            }
        }
        sheet.note("!",
                "Nails and grit ruin cutters: check reclaimed wood with a detector, and test old paint for lead.",
                false);
    }

    /** Ends worth keeping, with what to write on them. */
    void offcuts() throws IOException {
        List<Stick> offcuts = Offcuts.of(plan);
        if (offcuts.isEmpty()) {
            return;
        }
        sheet.heading("Keep these ends");
        sheet.inTwoColumns(offcuts.stream().<PaperSheet.Part>map(offcut -> () -> sheet.tick(
                Sentence.of("{0}: write “" + Theirs.words(offcut.name() + ", " + plan.job().section().wood().name())
                        + "” on it", offcut.length())))
                .toList());
    }

    /** Sheets of glass, mat and backing with numbered cuts; nothing when there are none. */
    void sheets(Search search) throws IOException {
        List<SheetWork> works = SheetWork.of(plan, search);
        if (works.stream().allMatch(work -> work.layout().sheets().isEmpty())) {
            return;
        }
        sheet.heading("Sheets: cuts in this order, from edge to edge");
        for (SheetWork work : works) {
            for (SheetLayout.Cut cut : work.layout().sheets()) {
                SheetWork one = new SheetWork(work.material(), work.thickness(), work.nesting(),
                        new SheetLayout(List.of(cut), 0, 1, false, ""));
                sheet.keepTogether(190);
                sheet.figure(
                        Drawing.snug(SheetsFigure.of(List.of(one)), sheet.textWidth() / PaperSheet.UNIT,
                                140 / PaperSheet.UNIT, notation),
                        PaperSheet.UNIT);
                sheet.inTwoColumns(
                        cut.cuts().stream().<PaperSheet.Part>map(each -> () -> sheet.tick(words(work, each))).toList());
            }
        }
        sheet.note("!", "Gloves and eyes for glass; score once in one even stroke, and sweep the shards.", false);
    }

    private static Sentence words(SheetWork work, SheetCut cut) {
        String pliers = work.isTooNarrow(cut.strip()) ? "; the strip of {3} wants running pliers" : "";
        return Sentence
                .of("Cut " + cut.number() + ": " + (cut.upright() ? "{0} from the left edge" : "{0} from the top")
                        + ", from {1} to {2}" + pliers, cut.at(), cut.from(), cut.to(), cut.strip());
    }
}
