package neatcorner.measure;

/**
 * An amount other than a length, in SI-like units; a shop that works in inches reads it in its own.
 *
 * @param value in the unit that the kind says
 */
public record Physical(double value, Kind kind) implements Quantity {

    /** What is measured. The factors are exact by the international yard and pound of 1959, but for their rounding. */
    public enum Kind {
        /** In mm², or square inches. */
        AREA("mm²", 0, "in²", 2, 1 / 645.16),
        /** Of a stick, in kilograms a metre, or pounds a foot. */
        BY_LENGTH("kg/m", 2, "lb/ft", 2, 0.671_969),
        /** In kg/m³, or pounds in a cubic foot. */
        DENSITY("kg/m³", 0, "lb/ft³", 0, 0.062_428),
        /** In newtons, or pounds of force. */
        FORCE("N", 0, "lb", 0, 0.224_809),
        /** In newtons on a square millimetre, or pounds on a square inch. */
        PRESSURE("N/mm²", 1, "psi", 0, 145.038),
        /** In degrees Celsius, or Fahrenheit. */
        TEMPERATURE("°C", 1, "°F", 0, 1.8);

        private final String metric;
        private final int metricDecimals;
        private final String imperial;
        private final int imperialDecimals;
        private final double factor;

        Kind(String metric, int metricDecimals, String imperial, int imperialDecimals, double factor) {
            this.metric = metric;
            this.metricDecimals = metricDecimals;
            this.imperial = imperial;
            this.imperialDecimals = imperialDecimals;
            this.factor = factor;
        }

        /** The unit in a system. */
        public String unit(Units units) {
            return units == Units.MILLIMETRES ? metric : imperial;
        }

        /** Digits after the point in a system. */
        public int decimals(Units units) {
            return units == Units.MILLIMETRES ? metricDecimals : imperialDecimals;
        }

        /** A value of this kind in the unit of a system. */
        public double in(Units units, double value) {
            return units == Units.MILLIMETRES ? value : value * factor + (this == TEMPERATURE ? 32 : 0);
        }

        /** A number in the unit of a system as a value of this kind. */
        public double from(Units units, double number) {
            return units == Units.MILLIMETRES ? number : (number - (this == TEMPERATURE ? 32 : 0)) / factor;
        }
    }

    /** Of glue, of a face, in mm². */
    public static Physical area(double mm2) {
        return new Physical(mm2, Kind.AREA);
    }

    /** A pull or a push, in newtons. */
    public static Physical force(double newtons) {
        return new Physical(newtons, Kind.FORCE);
    }

    /** Of a room, in °C. */
    public static Physical temperature(double celsius) {
        return new Physical(celsius, Kind.TEMPERATURE);
    }
}
