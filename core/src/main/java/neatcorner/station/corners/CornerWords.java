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

    private CornerWords() {}

    static Sentence noCorner() {
        return Sentence.of(CornersTexts.THERE_IS_NO_CORNER);
    }

    /** Why no more of a kind goes in than the strongest that does. */
    static Sentence why(Plan plan, ReinforcementKind kind, Fitting.Fit fit) {
        Reinforcement next = fit.next();
        Clash why = fit.why();
        if (!kind.suits(plan.job().joint())) {
            return Sentence
                    .of(CornersTexts.DOES_NOT_HOLD_THIS_CORNER.formatted(kind.title(), plan.job().joint().title()));
        }
        if (plan.shop().inventory().of(kind).isEmpty()) {
            return Sentence.of(CornersTexts.NONE_IN_THE_DRAWERS.formatted(kind.title()));
        }
        Reinforcement chosen = fit.chosen();
        if (next == null || why == null) {
            return Sentence.of((chosen == null
                    ? CornersTexts.CORNER_DOES_NOT_TAKE_ONE
                    : CornersTexts.LARGEST_GOES_IN).formatted(kind.title()));
        }
        String what = why.with().title();
        Length by = Length.mm(why.by());
        if (kind.reach() == ReinforcementKind.Reach.FROM_HEEL) {
            return Sentence.of(chosen == null
                    ? CornersTexts.NONE_HAS_ROOM.formatted(kind.title(), what)
                    : CornersTexts.ANY_DEEPER_TOO_NEAR.formatted(what));
        }
        if (chosen == null) {
            return Sentence.of(CornersTexts.SMALLEST_TOO_NEAR.formatted(kind.title(), what), next.size(),
                    next.thickness(), by);
        }
        return next.count() > chosen.count() && next.withCount(chosen.count()).equals(chosen)
                ? Sentence.of(CornersTexts.MORE_TOO_NEAR.formatted(what), Scalar.count(next.count()), by)
                : Sentence.of(CornersTexts.LARGER_TOO_NEAR.formatted(what), next.size(), next.thickness(), by);
    }

    static Sentence doesNotFit() {
        return Sentence.of(CornersTexts.DOES_NOT_FIT);
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
        return Sentence.of(kind.shows() ? CornersTexts.SHOWS_AND_TIME : CornersTexts.HIDDEN_AND_TIME,
                new Scalar(craft.setUp() + craft.perCorner() * corners, "min", 0));
    }

    /** Where one sees what holds the corners. */
    static String shows(List<String> what) {
        return what.isEmpty()
                ? CornersTexts.NOTHING
                : CornersTexts.ON_THE_OUTER_EDGES.formatted(String.join(", ", what));
    }
}
