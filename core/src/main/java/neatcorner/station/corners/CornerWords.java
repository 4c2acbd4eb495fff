package neatcorner.station.corners;

import java.util.List;
import neatcorner.corner.Craft;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.corner.solid.Clash;
import neatcorner.corner.solid.Fitting;
import neatcorner.corner.solid.GlueArea;
import neatcorner.measure.Length;
import neatcorner.measure.Physical;
import neatcorner.measure.Scalar;
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

    static Sentence doesNotFit() {
        return Sentence.of("does not fit");
    }

    /** What decides for it: long grain for what is glued in, how many and how large for what is driven in. */
    static Sentence figure(Reinforcement what, GlueArea glue) {
        if (what.kind().isGlued() && glue.longGrain() > 0) {
            return Sentence.of("{0}", Physical.area(glue.longGrain()));
        }
        return what.parts() > 1 ? Sentence.of(what.parts() + " × {0}", what.size()) : Sentence.of("{0}", what.size());
    }

    /** Whether it is seen, and how long it takes for the frame. */
    static Sentence time(ReinforcementKind kind, int corners) {
        Craft craft = Craft.of(kind);
        return Sentence.of((kind.shows() ? "shows" : "hidden") + " {0}",
                new Scalar(craft.setUp() + craft.perCorner() * corners, "min", 0));
    }

    /** Where one sees what holds the corners. */
    static String shows(List<String> what) {
        return what.isEmpty() ? "nothing" : String.join(", ", what) + " on the outer edges";
    }
}
