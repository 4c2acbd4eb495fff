package neatcorner.corner;

import java.util.List;
import neatcorner.measure.Length;
import neatcorner.wood.Species;

/** A wood screw's number, which tells its thickness: 0.060 + 0.013 × N inches (ASME B18.6.1). */
public record ScrewGauge(int number) {
    /** Of the shank, in hard and in soft wood (common practice). */
    private static final double PILOT_HARD = 0.7;
    private static final double PILOT_SOFT = 0.6;
    private static final double HEAD = 2;
    /** Those that frames are held with. */
    public static final List<Integer> COMMON = List.of(3, 4, 6, 8, 10, 12);

    /** Throws {@link IllegalArgumentException} beyond 0 … 24. */
    public ScrewGauge {
        if (number < 0 || number > 24) {
            throw new IllegalArgumentException("screw gauges run from 0 to 24, not " + number);
        }
    }

    /** The number whose screw is nearest to this thick. */
    public static ScrewGauge nearest(Length diameter) {
        long number = Math.round((diameter.toInches() - 0.060) / 0.013);
        return new ScrewGauge((int) Math.max(0, Math.min(24, number)));
    }

    /** Of the shank: 0.060 + 0.013 × number, in inches (ASME B18.6.1). */
    public Length diameter() {
        return Length.inches(0.060 + 0.013 * number);
    }

    /** Hole for the thread, in the piece that holds it. */
    public Length pilot(Species wood) {
        return diameter().scaled(wood.isSoftwood() ? PILOT_SOFT : PILOT_HARD);
    }

    /** Hole for the shank, in the piece that is drawn up. */
    public Length clearance() {
        return diameter();
    }

    /** Width of the countersink. */
    public Length head() {
        return diameter().scaled(HEAD);
    }
}
