package neatcorner.exchange.station.sticks;

import java.io.IOException;
import java.util.List;
import neatcorner.drawing.Drawing;
import neatcorner.exchange.paper.Column;
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
    private final Column sheet;

    WoodPaper(Plan plan, Notation notation, Column sheet) {
        this.plan = plan;
        this.notation = notation;
        this.sheet = sheet;
    }

    /** From rough boards to sticks; nothing when there are no boards. */
    void boards() throws IOException {
        if (plan.job().stock().boards().isEmpty()) {
            return;
        }
        sheet.heading(SticksPaperTexts.FROM_ROUGH_BOARDS_TO_STICKS);
        sheet.figure(
                Drawing.snug(BoardsFigure.of(plan), sheet.textWidth() / Column.UNIT, 150 / Column.UNIT,
                        notation),
                Column.UNIT);
        for (BoardMilling milling : BoardWork.of(plan)) {
            String ring = milling.board().ring();
            sheet.note("–", ring.isEmpty()
                    ? Theirs.words(milling.board().name())
                    : SticksPaperTexts.BOARD_FOR_RING.formatted(Theirs.words(milling.board().name()),
                            Theirs.words(ring)),
                    true);
            for (Sentence step : BoardWork.steps(milling)) {
                sheet.tick(step);
            }
        }
        sheet.note("!",
                SticksPaperTexts.NAILS_AND_GRIT_RUIN,
                false);
    }

    /** Ends worth keeping, with what to write on them. */
    void offcuts() throws IOException {
        List<Stick> offcuts = Offcuts.of(plan);
        if (offcuts.isEmpty()) {
            return;
        }
        sheet.heading(SticksPaperTexts.KEEP_THESE_ENDS);
        sheet.inTwoColumns(offcuts.stream().<Column.Part>map(offcut -> column -> column.tick(
                Sentence.of(SticksPaperTexts.WRITE_ON_IT
                        .formatted(Theirs.words(offcut.name() + ", " + plan.job().section().wood().name())),
                        offcut.length())))
                .toList());
    }

    /** Sheets of glass, mat and backing with numbered cuts; nothing when there are none. */
    void sheets(Search search) throws IOException {
        List<SheetWork> works = SheetWork.of(plan, search);
        if (works.stream().allMatch(work -> work.layout().sheets().isEmpty())) {
            return;
        }
        sheet.heading(SticksPaperTexts.SHEETS_CUTS_IN_THIS_ORDER);
        for (SheetWork work : works) {
            for (SheetLayout.Cut cut : work.layout().sheets()) {
                SheetWork one = new SheetWork(work.material(), work.thickness(), work.nesting(),
                        new SheetLayout(List.of(cut), 0, 1, false, ""));
                sheet.keepTogether(190);
                sheet.figure(
                        Drawing.snug(SheetsFigure.of(List.of(one)), sheet.textWidth() / Column.UNIT,
                                140 / Column.UNIT, notation),
                        Column.UNIT);
                sheet.inTwoColumns(
                        cut.cuts().stream().<Column.Part>map(each -> column -> column.tick(words(work, each)))
                                .toList());
            }
        }
        sheet.note("!", SticksPaperTexts.GLOVES_AND_EYES_FOR_GLASS, false);
    }

    private static Sentence words(SheetWork work, SheetCut cut) {
        String said = cut.upright()
                ? SticksPaperTexts.CUT_FROM_THE_LEFT
                : SticksPaperTexts.CUT_FROM_THE_TOP;
        return Sentence.of((work.isTooNarrow(cut.strip()) ? SticksPaperTexts.WANTS_RUNNING_PLIERS : "%s")
                .formatted(said.formatted(cut.number())), cut.at(), cut.from(), cut.to(), cut.strip());
    }
}
