package neatcorner.wood;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * A kind of wood as the density tables know it.
 *
 * <p>Specific gravities are at 12 % moisture, from the Wood Handbook (FPL-GTR-282, Forest Products Laboratory), table of
 * mechanical properties; values from memory.
 *
 * @param name            in lower case, as a maker says it: {@code white ash}
 * @param specificGravity oven-dry mass over volume at 12 % moisture, relative to water
 * @param assumed         true for a wood that is not in the table, which is given a middling gravity
 */
public record Species(String name, double specificGravity, boolean assumed) {
    private static final double MIDDLING_GRAVITY = 0.55;
    private static final List<String> OPEN_GRAINED = List.of("ash", "elm", "oak");
    private static final List<String> CONIFERS = List.of("pine", "spruce", "fir", "cedar", "hemlock", "larch",
            "redwood", "cypress");

    /** The woods that frames are commonly made of, by name. */
    public static final List<Species> KNOWN = List.of(of("American beech", 0.64), of("American elm", 0.50),
            of("basswood", 0.37), of("black cherry", 0.50), of("black walnut", 0.55), of("eastern white pine", 0.35),
            of("northern red oak", 0.63), of("sugar maple", 0.63), of("white ash", 0.60), of("white oak", 0.68),
            of("yellow-poplar", 0.42));

    private static Species of(String name, double specificGravity) {
        return new Species(name, specificGravity, false);
    }

    /** The wood of that name, in any case; a wood that is not in the table keeps its name and a middling density. */
    public static Species named(String name) {
        return known(name).orElseGet(() -> new Species(name, MIDDLING_GRAVITY, true));
    }

    public static Optional<Species> known(String name) {
        String wanted = name.strip().toLowerCase(Locale.ROOT);
        return KNOWN.stream().filter(species -> species.name.toLowerCase(Locale.ROOT).equals(wanted)).findFirst();
    }

    /** Whether its pores are coarse and rays splinter out under a cutter: ash, elm, the oaks (common practice). */
    public boolean isOpenGrained() {
        return OPEN_GRAINED.stream().anyMatch(name.toLowerCase(Locale.ROOT)::contains);
    }

    /** Whether it comes from a conifer, so that it takes smaller pilot holes and less pressure. */
    public boolean isSoftwood() {
        return CONIFERS.stream().anyMatch(name.toLowerCase(Locale.ROOT)::contains);
    }

    /** Density at 12 % moisture in kg/m³: gravity × 1.12 × 1000 (Wood Handbook, chapter on physical properties). */
    public double density() {
        return specificGravity * 1.12 * 1000;
    }
}
