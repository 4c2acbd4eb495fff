package neatcorner.glueup;

import io.soabase.recordbuilder.core.RecordBuilder;
import org.jspecify.annotations.Nullable;

/**
 * What the maker chose for putting a frame together and finishing it.
 *
 * @param temperature of the room, °C
 * @param outdoors    whether the frame will hang in the weather
 * @param school      null for the usual: all at once, or two halves where the glue is too quick for that
 * @param holding     null for the best that the shop has and that fits
 */
@RecordBuilder
public record GlueUp(Glue glue, double temperature, boolean outdoors, @Nullable School school, SqueezeOut squeezeOut,
        @Nullable Holding holding, Recipe finish) implements GlueUpBuilder.With {

    /** Interior PVA at 20 °C, wiped wet, no finish. */
    public static GlueUp usual() {
        return new GlueUp(Glue.usual(), 20, false, null, SqueezeOut.WIPE, null, Recipe.none());
    }
}
