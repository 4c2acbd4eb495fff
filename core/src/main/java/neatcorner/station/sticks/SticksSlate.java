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
        Reading pieces = Reading.given("Pieces", Scalar.count((long) plan.parts().size() * plan.job().quantity()));
        if (!layout.isComplete()) {
            rows.add(Slate.Row.large("Pieces without a place", Reading.computed("Pieces without a place",
                    Scalar.count(layout.unplaced()), "of {0}, on the sticks that there are", pieces)));
        }
        if (layout.isComplete() || !layout.sticks().isEmpty()) {
            rows.add(Slate.Row.large(
                    !layout.isComplete()
                            ? "Sticks to take"
                            : layout.proved() ? "Sticks to take, proved least" : "Sticks to take, least not proved",
                    Reading.computed("Sticks to take", Scalar.count(layout.sticks().size()),
                            "{0} laid out: " + layout.proof(), pieces)));
        }
        Reading longest = Reading.computed("Longest offcut", layout.longestOffcut(),
                "what is left of one stick after its"
                        + " pieces and kerfs");
        rows.add(Slate.Row.large("Longest offcut", longest));
        Reading needed = Reading.computed("Stick needed", plan.stickNeeded(),
                "outermost points, slanted kerfs and rough allowances of all pieces");
        rows.add(Slate.Row.plain("Stick needed", needed));
        Length taken = Length.sum(layout.sticks().stream().map(stick -> stick.stick().length()).toList());
        if (taken.isPositive()) {
            Length used = Length.sum(layout.sticks().stream().flatMap(stick -> stick.cuts().stream())
                    .map(cut -> cut.next().minus(cut.at())).toList());
            rows.add(Slate.Row.plain("Left over", Reading.computed("Left over",
                    new Scalar(100 * (1 - used.over(taken)), "%", 0), "1 − {0} ÷ {1}",
                    Reading.computed("Laid out on them", used, "pieces, kerfs and rough allowances"),
                    Reading.computed("Length of the sticks taken", taken, "added up"))));
        }
        Double cost = layout.cost();
        if (cost != null) {
            rows.add(Slate.Row.plain("Cost",
                    Reading.computed("Cost", new Money(cost), "prices of the sticks taken, added up")));
        }
        rows.add(Slate.Row.plain("Kerf at the miter", kerfAtMiter(plan)));
        if (!plan.parts().equals(plan.pieces())) {
            Length thickness = plan.job().section().thickness();
            rows.add(Slate.Row.plain("Scarf, overlap", Reading.computed("Scarf, overlap",
                    new Scarf(plan.job().stock().scarf(), thickness).overlap(),
                    "{0} × the slope, 1 to " + Math.round(plan.job().stock().scarf()),
                    Reading.given("Thickness", thickness))));
        }
        return new Slate(rows);
    }

    private static Reading kerfAtMiter(Plan plan) {
        Reading kerf = Reading.given("Kerf", plan.job().saw().kerf());
        EndCut steepest = plan.pieces().stream().flatMap(piece -> Stream.of(piece.left(), piece.right()))
                .max(Comparator.comparing(end -> end.along(plan.job().saw().kerf()))).orElse(EndCut.flat(Angle.ZERO));
        Length along = steepest.along(plan.job().saw().kerf());
        Reading miter = Reading.computed("Miter", steepest.miter(), "the steepest");
        return steepest.isTilted()
                ? Reading.computed("Kerf at the miter", along, "{0} ÷ (cos {1} × cos {2})", kerf, miter,
                        Reading.computed("Tilt", steepest.bevel(), "of the blade"))
                : Reading.computed("Kerf at the miter", along, "{0} ÷ cos {1}", kerf, miter);
    }
}
