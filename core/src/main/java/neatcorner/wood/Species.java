package neatcorner.wood;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * A kind of wood, under the name that its maker gives it. Everyday names of both sides of the ocean lead to the wood that
 * the tables know.
 *
 * @param name            as a maker says it: {@code white ash}, {@code cherry}
 * @param table           what the tables call it; empty for a wood that is not in them
 * @param specificGravity oven-dry mass over volume at 12 % moisture, relative to water; a middling one for a wood that is not
 *                        in the tables
 * @param isOpenGrained   whether its pores are coarse and rays splinter out under a cutter: ash, elm, the oaks (common
 *                        practice)
 * @param isSoftwood      whether it comes from a conifer, so that it takes smaller pilot holes and less pressure
 */
public record Species(String name, String table, double specificGravity, Tone tone, boolean isOpenGrained,
        boolean isSoftwood) {
    private static final double MIDDLING_GRAVITY = 0.55;
    private static final double MIDDLING_STIFFNESS = 10;
    private static final List<String> CONIFERS = List.of("pine", "spruce", "fir", "cedar", "hemlock", "larch",
            "redwood", "cypress");
    private static final List<String> OPEN_GRAINED = List.of("ash", "elm", "oak");

    /** The woods that frames are commonly made of, by name. */
    public static final List<Species> KNOWN = Woods.all().stream()
            .map(wood -> of(wood.name(), wood)).toList();

    /** The wood of that name, in any case; a wood that is not in the tables keeps its name and a middling density. */
    public static Species named(String name) {
        String lower = name.toLowerCase(Locale.ROOT);
        return known(name).orElseGet(() -> new Species(name, "", MIDDLING_GRAVITY, Tone.OTHER,
                OPEN_GRAINED.stream().anyMatch(lower::contains), CONIFERS.stream().anyMatch(lower::contains)));
    }

    private static Species of(String name, Woods.Wood wood) {
        return new Species(name, wood.name(), wood.gravity(), wood.tone(), wood.openGrained(), wood.softwood());
    }

    /** The wood of that name, where the tables have it; as they write it, where it is named in full. */
    public static Optional<Species> known(String name) {
        return Woods.meant(name)
                .map(wood -> of(wood.name().equalsIgnoreCase(name.strip()) ? wood.name() : name.strip(), wood));
    }

    /**
     * Modulus of elasticity in bending at 12 % moisture, N/mm² (Wood Handbook, table of mechanical properties; from memory);
     * a middling one for a wood that is not in the tables.
     */
    public double stiffness() {
        return Woods.meant(table.isEmpty() ? name : table).map(Woods.Wood::stiffness).orElse(MIDDLING_STIFFNESS) * 1000;
    }

    /** Whether it is the same wood, whatever each is called. */
    public boolean isSameAs(Species other) {
        return table.isEmpty() ? name.strip().equalsIgnoreCase(other.name.strip()) : table.equals(other.table);
    }

    /** Whether the tables do not know it, so that its density is a guess. */
    public boolean assumed() {
        return table.isEmpty();
    }

    /** Density at 12 % moisture in kg/m³: gravity × 1.12 × 1000 (Wood Handbook, chapter on physical properties). */
    public double density() {
        return specificGravity * 1.12 * 1000;
    }
}
