package neatcorner.wood;

/** How much water wood takes up from the air around it. */
public final class Moisture {

    private Moisture() {}

    /**
     * Equilibrium moisture content in percent of the oven-dry weight, by the Wood Handbook (FPL-GTR-282, Forest Products
     * Laboratory), equation 4-5.
     *
     * @param celsius  temperature of the air
     * @param humidity relative humidity in percent, 0 to 99
     * @throws IllegalArgumentException for a humidity outside that range
     */
    public static double atRest(double celsius, double humidity) {
        if (!(humidity >= 0 && humidity <= 99)) {
            throw new IllegalArgumentException("relative humidity from 0 to 99 %, not " + humidity);
        }
        double t = celsius * 9 / 5 + 32;
        double h = humidity / 100;
        double w = 330 + 0.452 * t + 0.00415 * t * t;
        double k = 0.791 + 0.000463 * t - 0.000000844 * t * t;
        double k1 = 6.34 + 0.000775 * t - 0.0000935 * t * t;
        double k2 = 1.09 + 0.0284 * t - 0.0000904 * t * t;
        double kh = k * h;
        return 1800 / w * (kh / (1 - kh)
                + (k1 * kh + 2 * k1 * k2 * kh * kh) / (1 + k1 * kh + k1 * k2 * kh * kh));
    }
}
