package neatcorner.station.fitout;

import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.Function;
import neatcorner.job.Hold;
import neatcorner.measure.Sentence;
import neatcorner.plan.Finding;
import neatcorner.plan.Plan;

/**
 * What a way of holding means for the work here.
 *
 * @param steps    from the open frame to the closed one
 * @param cautions what to beware of in that work
 * @param findings adds what is wrong with it
 * @param marks    draws on the back what is glued, taped or stapled there
 */
record HoldWork(Function<Plan, List<Sentence>> steps, Function<Plan, List<String>> cautions,
        BiConsumer<Plan, List<Finding>> findings, Consumer<BackMarks> marks) {

    static HoldWork of(Hold hold) {
        return switch (hold) {
            case Hold.InRabbet rabbet -> new HoldWork(FitOutSteps::inRabbet, FitOutSteps::cautionsInRabbet,
                    FitOutFindings::addStrainer, BackMarks::seal);
            case Hold.InGroove groove -> plain(plan -> FitOutSteps.inGroove(), FitOutTexts.CAUTION_GLASS,
                    FitOutTexts.CAUTION_DEVICE);
            case Hold.Floating floating -> plain(plan -> FitOutSteps.floating(plan, floating));
            case Hold.Panel panel -> plain(FitOutSteps::panel);
            case Hold.OverMirror mirror -> new HoldWork(FitOutSteps::overMirror,
                    plan -> List.of(FitOutTexts.CAUTION_MIRROR), FitOutFindings::addAdhesive, BackMarks::adhesive);
            case Hold.Wrapped wrapped ->
                new HoldWork(FitOutSteps::wrapped, plan -> List.of(FitOutTexts.CAUTION_STAPLES),
                        (plan, findings) -> FitOutFindings.addFabric(plan, wrapped, findings),
                        marks -> marks.staples(wrapped));
            case Hold.Nothing nothing -> plain(plan -> List.of(Sentence.of(FitOutTexts.STEP_NOTHING)));
        };
    }

    private static HoldWork plain(Function<Plan, List<Sentence>> steps, String... cautions) {
        return new HoldWork(steps, plan -> List.of(cautions), (plan, findings) -> {
            // nothing of its own goes wrong here
        }, marks -> {
            // nothing is glued, taped or stapled there
        });
    }
}
