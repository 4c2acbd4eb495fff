package neatcorner.station.corners;

import java.util.List;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.corner.solid.Clash;
import neatcorner.corner.solid.Fitting;
import neatcorner.measure.Length;
import neatcorner.measure.Sentence;
import neatcorner.plan.Plan;

/** What is said about corners besides what is found: why no more goes in, and what speaks for a way to join them. */
final class CornerWords {
    static final String REASON_FOR_GLUE = "Nothing but saw and glue; nothing shows.";
    static final String AGAINST_GLUE = "A glued miter is end grain to end grain: it drinks glue and is weak.";

    private CornerWords() {}

    static Sentence noCorner() {
        return Sentence.of("There is no corner to hold yet.");
    }

    /** Why no more of a kind goes in than the strongest that does. */
    static Sentence why(Plan plan, ReinforcementKind kind, Fitting.Fit fit) {
        Reinforcement next = fit.next();
        Clash why = fit.why();
        if (!kind.suits(plan.job().joint())) {
            return Sentence.of("A " + kind.title() + " does not hold a " + plan.job().joint().title() + " corner.");
        }
        if (plan.shop().inventory().of(kind).isEmpty()) {
            return Sentence.of("There is no " + kind.title() + " in the shop's drawers.");
        }
        String none = fit.chosen() == null ? "No " + kind.title() + " goes in: " : "";
        if (next == null || why == null) {
            return Sentence.of(fit.chosen() == null
                    ? none + "this corner does not take one."
                    : "The largest " + kind.title() + " in the shop goes in.");
        }
        return Sentence.of(none + "{0} of " + kind.sizeName() + " × {1} would come {2} too near to "
                + why.with().title() + ".", next.size(), next.thickness(), Length.mm(why.by()));
    }

    /** Where one sees what holds the corners. */
    static String shows(List<String> what) {
        return what.isEmpty() ? "nothing" : String.join(", ", what) + " on the outer edges";
    }
}
