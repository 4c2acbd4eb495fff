package neatcorner.glueup;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * A kind of glue as its labels commonly describe it; the label rules. Values are common practice, at about 21 °C.
 *
 * @param open      least and most minutes from spreading to closing
 * @param clamp     least and most minutes in the clamps
 * @param cure      minutes until it has its full strength
 * @param coldest   °C below which it does not set properly
 * @param outdoors  whether it stands the weather
 * @param fillsGaps whether it holds across a gap
 */
public record Glue(String name, Range open, Range clamp, int cure, double coldest, boolean outdoors,
        boolean fillsGaps) {
    private static final double LABEL_TEMPERATURE = 21;
    /** Ten degrees more halve the open time, ten less double it, within these bounds: common practice. */
    private static final double TEN_DEGREES = 10;
    private static final double LEAST_SHARE = 0.35;
    private static final double MOST_SHARE = 1.5;
    private static final int DAY = 24 * 60;

    /** Minutes, from the least to the most that is said. */
    public record Range(double least, double most) {}

    public static final List<Glue> KNOWN = List.of(
            of("interior PVA", 5, 10, 30, 30, DAY, 10, false, false),
            of("water-resistant PVA", 5, 5, 30, 60, DAY, 13, false, false),
            of("waterproof PVA", 8, 10, 30, 60, DAY, 8, true, false),
            of("liquid hide", 10, 10, 60, 60, DAY, 10, false, false),
            of("polyurethane", 15, 20, 60, 240, DAY, 10, true, false),
            of("epoxy", 20, 20, 360, 360, DAY, 10, true, true),
            of("cyanoacrylate gel", 0.5, 1, 1, 2, DAY, 10, false, false));

    private static Glue of(String name, double open, double openMost, double clamp, double clampMost, int cure,
            double coldest, boolean outdoors, boolean fillsGaps) {
        return new Glue(name, new Range(open, openMost), new Range(clamp, clampMost), cure, coldest, outdoors,
                fillsGaps);
    }

    /** The default: what is on most benches. */
    public static Glue usual() {
        return KNOWN.getFirst();
    }

    /** The glue of that name; empty when none is called so. */
    public static Optional<Glue> named(String name) {
        String wanted = name.strip().toLowerCase(Locale.ROOT);
        return KNOWN.stream().filter(glue -> glue.name.toLowerCase(Locale.ROOT).equals(wanted)).findFirst();
    }

    /** Minutes that can be counted on at this room temperature, °C: the label's least, less where it is warm. */
    public double openAt(double temperature) {
        return open.least * openShare(temperature);
    }

    /** What share of the label's open time is left at this room temperature, °C. */
    public double openShare(double temperature) {
        double share = Math.pow(2, (LABEL_TEMPERATURE - temperature) / TEN_DEGREES);
        return Math.max(LEAST_SHARE, Math.min(MOST_SHARE, share));
    }

    /** Minutes in the clamps at this temperature: the label's least when warm, its most near the coldest. */
    public int clampAt(double temperature) {
        double cold = (LABEL_TEMPERATURE - temperature) / Math.max(1, LABEL_TEMPERATURE - coldest);
        double share = Math.max(0, Math.min(1, cold));
        return (int) Math.ceil(clamp.least + (Math.max(clamp.most, 1.5 * clamp.least) - clamp.least) * share);
    }

    /** Minutes after the clamps come off before a corner may be sawn or knocked: common practice. */
    public int handling() {
        return (int) Math.min(cure, 4 * clamp.least);
    }
}
