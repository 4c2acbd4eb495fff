package neatcorner.fitout;

import io.soabase.recordbuilder.core.RecordBuilder;
import neatcorner.measure.Units;

/** How what is framed is put in from behind. */
@RecordBuilder
public record FitOut(Retainers retainers) implements FitOutBuilder.With {

    /** Held by points. */
    public static FitOut usual(Units units) {
        return new FitOut(Retainers.usual(units));
    }
}
