package neatcorner.hanging;

import java.util.Optional;
import neatcorner.measure.Length;

/**
 * The screws that hold one ring, plate or strip of a cleat to the wood it lies on.
 *
 * @param diameter of the shank
 * @param bite     thread in the wood
 * @param count    that it takes; more than {@link #MOST} where it takes more than go into one ring
 */
public record Screwing(Length diameter, Length bite, int count) {
    /** No ring has more holes: common practice. */
    public static final int MOST = 4;
    /** Wood on either side of a screw, in diameters: common practice. */
    private static final double FROM_EDGE = 3;
    /** Less thread than this holds nothing, mm: common practice. */
    private static final double LEAST_BITE = 8;
    /** Thread is no longer than so many diameters: common practice. */
    private static final double LONGEST = 8;
    /** Wood that stays in front of a screw's point, mm: common practice. */
    private static final double SPARE = 3;
    private static final double[] DIAMETERS = {4, 3.5, 3, 2.5};

    /** The narrowest strip of wood that takes a screw. */
    public static Length leastWide() {
        return Length.mm(2 * FROM_EDGE * DIAMETERS[DIAMETERS.length - 1]);
    }

    /** The thinnest wood that takes a screw. */
    public static Length leastDeep() {
        return Length.mm(LEAST_BITE + SPARE);
    }

    /**
     * What a screw holds, newtons: 15.7 · G² · d for each millimetre of thread in side grain (Wood Handbook, chapter 8, with what
     * tears it out divided by seven; from memory).
     *
     * @param gravity  specific gravity of the wood
     * @param diameter mm
     * @param bite     mm
     */
    public static double holds(double gravity, double diameter, double bite) {
        return 15.7 * gravity * gravity * diameter * bite;
    }

    /**
     * The fewest that hold a pull four times over, as thin as that allows; empty where there is no room for any.
     *
     * @param wide    strip of wood they go into
     * @param deep    wood behind it, up to its front
     * @param gravity specific gravity of the wood
     * @param pull    newtons
     */
    public static Optional<Screwing> in(Length wide, Length deep, double gravity, double pull) {
        Screwing best = null;
        for (double diameter : DIAMETERS) {
            double bite = Math.min(deep.toMm() - SPARE, LONGEST * diameter);
            if (2 * FROM_EDGE * diameter > wide.toMm() + 1e-6 || bite < LEAST_BITE - 1e-6) {
                continue;
            }
            int count = Math.max(1, (int) Math.ceil(Hook.SAFETY * pull / holds(gravity, diameter, bite) - 1e-9));
            if (best == null || count <= best.count) {
                best = new Screwing(Length.mm(diameter), Length.mm(bite), count);
            }
        }
        return Optional.ofNullable(best);
    }
}
