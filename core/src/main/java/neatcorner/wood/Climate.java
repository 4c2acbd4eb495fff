package neatcorner.wood;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * The air that a frame lives in over a year, and how moist its wood was when it was glued.
 *
 * @param dry    the driest month
 * @param damp   the dampest month
 * @param glued  moisture of the wood at the glue-up, percent
 * @param flat   whether the faces are flat-sawn, which move more, rather than quarter-sawn
 */
@RecordBuilder
public record Climate(Air dry, Air damp, double glued, boolean flat) implements ClimateBuilder.With {

    /**
     * The air of a month.
     *
     * @param celsius  temperature
     * @param humidity relative humidity in percent
     */
    public record Air(double celsius, double humidity) {

        /** Moisture at which wood comes to rest in this air, percent. */
        public double moisture() {
            return Moisture.atRest(celsius, humidity);
        }
    }

    /** A house that is heated in winter and not cooled in summer; values from memory. */
    public static final Climate HEATED_HOUSE = new Climate(new Air(21, 30), new Air(23, 60), 8, true);
    /** A hall by the sea that is never heated; values from memory. */
    public static final Climate BY_THE_SEA = new Climate(new Air(17, 65), new Air(12, 85), 12, true);
    /** A museum's steady air; values from memory. */
    public static final Climate STEADY = new Climate(new Air(20, 45), new Air(21, 55), 9, true);
}
