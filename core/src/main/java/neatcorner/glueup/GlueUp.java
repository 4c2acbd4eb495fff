package neatcorner.glueup;

import org.jspecify.annotations.Nullable;

/**
 * What the maker chose for putting a frame together and finishing it.
 *
 * @param temperature of the room, °C
 * @param outdoors    whether the frame will hang in the weather
 * @param school      null for the usual: all at once, or two halves where the glue is too quick for that
 * @param holding     null for the best that the shop has and that fits
 */
public record GlueUp(Glue glue, double temperature, boolean outdoors, @Nullable School school, SqueezeOut squeezeOut,
        @Nullable Holding holding, Recipe finish) {

    public static GlueUp usual() {
        return new GlueUp(Glue.usual(), 20, false, null, SqueezeOut.WIPE, null, Recipe.none());
    }

    public GlueUp withGlue(Glue newGlue) {
        return new GlueUp(newGlue, temperature, outdoors, school, squeezeOut, holding, finish);
    }

    public GlueUp withTemperature(double newTemperature) {
        return new GlueUp(glue, newTemperature, outdoors, school, squeezeOut, holding, finish);
    }

    public GlueUp withOutdoors(boolean newOutdoors) {
        return new GlueUp(glue, temperature, newOutdoors, school, squeezeOut, holding, finish);
    }

    public GlueUp withSchool(@Nullable School newSchool) {
        return new GlueUp(glue, temperature, outdoors, newSchool, squeezeOut, holding, finish);
    }

    public GlueUp withSqueezeOut(SqueezeOut newSqueezeOut) {
        return new GlueUp(glue, temperature, outdoors, school, newSqueezeOut, holding, finish);
    }

    public GlueUp withHolding(@Nullable Holding newHolding) {
        return new GlueUp(glue, temperature, outdoors, school, squeezeOut, newHolding, finish);
    }

    public GlueUp withFinish(Recipe newFinish) {
        return new GlueUp(glue, temperature, outdoors, school, squeezeOut, holding, newFinish);
    }
}
