package neatcorner.station.sticks;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Money;
import neatcorner.measure.Reading;
import neatcorner.measure.Scalar;
import neatcorner.piece.EndCut;
import neatcorner.piece.Scarf;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;
import neatcorner.stock.StickLayout;

/** How many sticks it takes, and what is left of them. */
final class SticksSlate {
    private SticksSlate() {}

    static Slate of(Plan plan) {
        StickLayout layout = plan.layout();
        List<Slate.Row> rows = new ArrayList<>();
        Reading pieces = Reading.given(SticksTexts.PIECES,
                Scalar.count((long) plan.parts().size() * plan.job().quantity()));
        if (!layout.isComplete()) {
            rows.add(Slate.Row.large(SticksTexts.PIECES_WITHOUT_A_PLACE,
                    Reading.computed(SticksTexts.PIECES_WITHOUT_A_PLACE,
                            Scalar.count(layout.unplaced()), SticksTexts.OF_ON_THE_STICKS, pieces)));
        }
        if (layout.isComplete() || !layout.sticks().isEmpty()) {
            rows.add(Slate.Row.large(
                    !layout.isComplete()
                            ? SticksTexts.STICKS_TO_TAKE
                            : layout.proved()
                                    ? SticksTexts.STICKS_TO_TAKE_PROVED
                                    : SticksTexts.STICKS_TO_TAKE_NOT_PROVED,
                    Reading.computed(SticksTexts.STICKS_TO_TAKE, Scalar.count(layout.sticks().size()),
                            SticksTexts.LAID_OUT.formatted(layout.proof()), pieces)));
        }
        Reading longest = Reading.computed(SticksTexts.LONGEST_OFFCUT, layout.longestOffcut(),
                SticksTexts.WHAT_IS_LEFT_OF_ONE_STICK);
        rows.add(Slate.Row.large(SticksTexts.LONGEST_OFFCUT, longest));
        Reading needed = Reading.computed(SticksTexts.STICK_NEEDED, plan.stickNeeded(),
                SticksTexts.OUTERMOST_POINTS_SLANTED_KERFS);
        rows.add(Slate.Row.plain(SticksTexts.STICK_NEEDED, needed));
        Length taken = Length.sum(layout.sticks().stream().map(stick -> stick.stick().length()).toList());
        if (taken.isPositive()) {
            Length used = Length.sum(layout.sticks().stream().flatMap(stick -> stick.cuts().stream())
                    .map(cut -> cut.next().minus(cut.at())).toList());
            rows.add(Slate.Row.plain(SticksTexts.LEFT_OVER, Reading.computed(SticksTexts.LEFT_OVER,
                    new Scalar(100 * (1 - used.over(taken)), "%", 0), "1 − {0} ÷ {1}",
                    Reading.computed(SticksTexts.LAID_OUT_ON_THEM, used, SticksTexts.PIECES_KERFS_AND_ROUGH),
                    Reading.computed(SticksTexts.LENGTH_OF_THE_STICKS, taken, SticksTexts.ADDED_UP))));
        }
        Double cost = layout.cost();
        if (cost != null) {
            rows.add(Slate.Row.plain(SticksTexts.COST,
                    Reading.computed(SticksTexts.COST, new Money(cost), SticksTexts.PRICES_OF_THE_STICKS)));
        }
        rows.add(Slate.Row.plain(SticksTexts.KERF_AT_THE_MITER, kerfAtMiter(plan)));
        if (!plan.parts().equals(plan.allPieces())) {
            Length thickness = plan.job().section().thickness();
            rows.add(Slate.Row.plain(SticksTexts.SCARF_OVERLAP, Reading.computed(SticksTexts.SCARF_OVERLAP,
                    new Scarf(plan.job().stock().scarf(), thickness).overlap(),
                    SticksTexts.SCARF_FORMULA.formatted(Math.round(plan.job().stock().scarf())),
                    Reading.given(SticksTexts.THICKNESS, thickness))));
        }
        return new Slate(rows);
    }

    private static Reading kerfAtMiter(Plan plan) {
        Reading kerf = Reading.given(SticksTexts.KERF, plan.job().saw().kerf());
        EndCut steepest = plan.pieces().stream().flatMap(piece -> Stream.of(piece.left(), piece.right()))
                .max(Comparator.comparing(end -> end.along(plan.job().saw().kerf()))).orElse(EndCut.flat(Angle.ZERO));
        Length along = steepest.along(plan.job().saw().kerf());
        Reading miter = Reading.computed(SticksTexts.MITER, steepest.miter(), SticksTexts.STEEPEST);
        return steepest.isTilted()
                ? Reading.computed(SticksTexts.KERF_AT_THE_MITER, along, SticksTexts.KERF_FORMULA_TILTED, kerf, miter,
                        Reading.computed(SticksTexts.TILT, steepest.bevel(), SticksTexts.OF_THE_BLADE))
                : Reading.computed(SticksTexts.KERF_AT_THE_MITER, along, SticksTexts.KERF_FORMULA, kerf, miter);
    }
}
