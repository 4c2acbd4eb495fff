package neatcorner.station.fitout;

import java.util.ArrayList;
import java.util.List;
import neatcorner.fitout.Material;
import neatcorner.fitout.Retainers;
import neatcorner.job.Hold;
import neatcorner.measure.Length;
import neatcorner.measure.Reading;
import neatcorner.measure.Scalar;
import neatcorner.measure.Sentence;
import neatcorner.measure.Theirs;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;

/** What is cut for the back, how many points or screws, how far apart, and what all of it weighs. */
final class FitOutSlate {
    private FitOutSlate() {}

    static Slate of(Plan plan) {
        FitOutWork work = FitOutWork.of(plan);
        List<Slate.Row> rows = new ArrayList<>();
        String how = plan.job().hold().isInRabbet()
                ? FitOutTexts.AS_WIDE_AS_IT_GOES
                : FitOutTexts.AS_WIDE_AS_WHAT_IS_HELD;
        for (FitOutWork.Cut cut : work.cuts()) {
            rows.add(Slate.Row.large(FitOutTexts.CUT_LAYER.formatted(cut.layer().within()),
                    Reading.computed(FitOutTexts.LAYER_WIDTH.formatted(cut.layer().title()), cut.size().width(), how),
                    Reading.computed(FitOutTexts.LAYER_HEIGHT.formatted(cut.layer().title()), cut.size().height(),
                            how)));
        }
        if (work.cuts().stream().anyMatch(cut -> cut.layer().material().equals(Material.GLASS))) {
            rows.add(Slate.Row.plain(FitOutTexts.STRAIGHTEDGE, Reading.computed(FitOutTexts.STRAIGHTEDGE,
                    plan.job().units().either(2.5, 3.0 / 32), FitOutTexts.HALF_A_CUTTER)));
        }
        Retainers kept = plan.job().fitOut().retainers();
        if (!work.retainers().isEmpty()) {
            Reading first = Reading.given(FitOutTexts.FROM_CORNER, kept.spacing().first());
            Reading most = Reading.given(FitOutTexts.MOST_APART, kept.spacing().most());
            rows.add(Slate.Row.large(Sentence.capital(kept.kind().title()),
                    Reading.computed(Sentence.capital(kept.kind().title()), Scalar.count(work.retainerCount()),
                            FitOutTexts.AT_LEAST_TWO_A_SIDE, first, most)));
            rows.add(Slate.Row.plain(FitOutTexts.WIDEST_SPACE,
                    Reading.computed(FitOutTexts.WIDEST_SPACE, widest(work.retainers()),
                            FitOutTexts.ALONG_THE_SIDES)));
        }
        for (FitOutWork.Row row : work.screws()) {
            String name = FitOutTexts.SCREWS_OF.formatted(Theirs.words(row.ring().ring().name()));
            Reading length = Reading.given(FitOutTexts.SCREW_LENGTH, row.screws().length());
            rows.add(Slate.Row.large(name, Reading.given(name, Scalar.count(row.count()))));
            rows.add(Slate.Row.plain(FitOutTexts.SCREW_LENGTH, length));
            rows.add(Slate.Row.plain(FitOutTexts.SCREWS_BITE,
                    Reading.computed(FitOutTexts.SCREWS_BITE, row.bite().bite(), FitOutTexts.BITE_FORMULA, length,
                            Reading.given(FitOutTexts.PASSES, row.bite().passes()))));
        }
        if (work.fabric() != null && plan.job().hold() instanceof Hold.Wrapped wrapped) {
            Reading depth = Reading.given(FitOutTexts.DEPTH, plan.job().section().thickness());
            Reading fold = Reading.given(FitOutTexts.RETURN, wrapped.fold());
            rows.add(Slate.Row.large(FitOutTexts.FABRIC,
                    Reading.computed(FitOutTexts.FABRIC_WIDTH, work.fabric().width(), FitOutTexts.FABRIC_FORMULA, depth,
                            fold),
                    Reading.computed(FitOutTexts.FABRIC_HEIGHT, work.fabric().height(), FitOutTexts.FABRIC_FORMULA,
                            depth, fold)));
        }
        rows.add(Slate.Row.plain(FitOutTexts.WEIGHT, Reading.computed(FitOutTexts.WEIGHT, plan.weight().total(),
                "{0} + {1}", Reading.given(FitOutTexts.WOOD, plan.weight().wood()),
                Reading.given(FitOutTexts.WHAT_IS_IN_IT, plan.weight().pack()))));
        return new Slate(rows);
    }

    private static Length widest(List<FitOutWork.Along> sides) {
        Length widest = Length.ZERO;
        for (FitOutWork.Along side : sides) {
            for (int i = 1; i < side.at().size(); i++) {
                widest = Length.max(widest, side.at().get(i).minus(side.at().get(i - 1)));
            }
        }
        return widest;
    }
}
