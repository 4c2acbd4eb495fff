package neatcorner.station.glueup;

import neatcorner.glueup.GluePlan;
import neatcorner.glueup.Holding;
import neatcorner.measure.Scalar;
import neatcorner.measure.Sentence;

/** What is said of the ways to hold and to glue a frame, where one is chosen. */
final class GlueUpWords {
    private GlueUpWords() {}

    /** Minutes that an order of the corners takes, and that the glue stays open. */
    static Sentence takes(double minutes, double opens) {
        return Sentence.of("takes {0}, open {1}", new Scalar(minutes, "", 1), new Scalar(opens, "min", 1));
    }

    /** What a way to hold a frame asks of the shop, in a few words. */
    static Sentence needs(Holding holding, GluePlan glue, GlueUpWork work) {
        return switch (holding) {
            case PINS -> Sentence.of("no clamps");
            case JIG -> Sentence.of(glue.there() > 0 ? "fits" : "does not fit");
            case BAND -> work.frame().standsOut() ? count(glue, "band") : Sentence.of("turns inwards");
            case CORNER_CLAMPS -> count(glue, "clamp");
        };
    }

    private static Sentence count(GluePlan glue, String what) {
        String needs = glue.clamps() == 1 ? "needs {0} " + what : "needs {0} " + what + "s";
        return glue.clamps() <= glue.there()
                ? Sentence.of(needs, Scalar.count(glue.clamps()))
                : Sentence.of("needs {0}, has {1}", Scalar.count(glue.clamps()), Scalar.count(glue.there()));
    }
}
