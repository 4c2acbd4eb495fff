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
        return Sentence.of(GlueUpTexts.TAKES_AND_OPEN, new Scalar(minutes, "", 1), new Scalar(opens, "min", 1));
    }

    /** What a way to hold a frame asks of the shop, in a few words. */
    static Sentence needs(Holding holding, GluePlan glue, GlueUpWork work) {
        return switch (holding) {
            case PINS -> Sentence.of(GlueUpTexts.NO_CLAMPS);
            case JIG -> Sentence.of(glue.there() > 0 ? GlueUpTexts.FITS : GlueUpTexts.DOES_NOT_FIT);
            case BAND ->
                work.frame().standsOut() ? count(glue, GlueUpTexts.BAND) : Sentence.of(GlueUpTexts.TURNS_INWARDS);
            case CORNER_CLAMPS -> count(glue, GlueUpTexts.CLAMP);
        };
    }

    private static Sentence count(GluePlan glue, String what) {
        String needs = glue.clamps() == 1
                ? GlueUpTexts.NEEDS_ONE.formatted(what)
                : GlueUpTexts.NEEDS_SEVERAL.formatted(what);
        return glue.clamps() <= glue.there()
                ? Sentence.of(needs, Scalar.count(glue.clamps()))
                : Sentence.of(GlueUpTexts.NEEDS_MORE_THAN_IT_HAS, Scalar.count(glue.clamps()),
                        Scalar.count(glue.there()));
    }
}
