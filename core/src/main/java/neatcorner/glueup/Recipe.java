package neatcorner.glueup;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * A way to finish wood, written down so that it can be matched later. Coats and waits are common practice; the tin rules.
 *
 * @param stained  whether colour goes on first, so that glue must not be rubbed into the grain
 * @param oily     whether its rags can catch fire
 * @param solvent  whether the room must be aired
 */
public record Recipe(String name, List<Coat> coats, boolean stained, boolean oily, boolean solvent) {
    private static final int HOUR = 60;

    public Recipe {
        coats = List.copyOf(coats);
    }

    /**
     * One step of a finish.
     *
     * @param perMetre minutes of work for a metre of frame, besides a few to begin with
     * @param rest     minutes until the next
     */
    public record Coat(String what, double perMetre, int rest) {}

    public static final List<Recipe> KNOWN = List.of(
            new Recipe("none", List.of(), false, false, false),
            new Recipe("wax", List.of(new Coat("Rub wax in, and off", 2, HOUR / 2)), false, false, false),
            new Recipe("shellac and wax", List.of(new Coat("First coat of shellac", 1.5, 90),
                    new Coat("Smooth with 320, second coat of shellac", 2, 90), new Coat("Rub wax in, and off", 2,
                            HOUR / 2)),
                    false, false, true),
            new Recipe("water-based clear", List.of(new Coat("First clear coat", 1.5, 2 * HOUR),
                    new Coat("Smooth with 320, second clear coat", 2, 2 * HOUR)), false, false, false),
            new Recipe("penetrating oil", List.of(new Coat("Oil, let soak, wipe dry", 3, 12 * HOUR),
                    new Coat("Second coat of oil, wipe dry", 2.5, 12 * HOUR)), false, true, true),
            new Recipe("hard-wax oil", List.of(new Coat("Thin coat of hard-wax oil", 2.5, 12 * HOUR),
                    new Coat("Smooth with 320, second thin coat", 2.5, 12 * HOUR)), false, true, true),
            new Recipe("stain and clear", List.of(new Coat("Stain, wipe off", 2.5, 8 * HOUR),
                    new Coat("First clear coat", 1.5, 2 * HOUR), new Coat("Smooth with 320, second clear coat", 2,
                            2 * HOUR)),
                    true, false, true),
            new Recipe("sprayed lacquer", List.of(new Coat("First coat from the can", 1, HOUR / 2),
                    new Coat("Second coat", 1, HOUR / 2), new Coat("Third coat", 1, HOUR / 2)), false, false, true),
            new Recipe("metal leaf", List.of(new Coat("Size", 2, 3 * HOUR),
                    new Coat("Lay the leaf, burnish", 12, HOUR), new Coat("Seal with shellac", 2, 2 * HOUR)), false,
                    false, true));

    /** Left as it is. */
    public static Recipe none() {
        return KNOWN.getFirst();
    }

    /** The finish of that name; empty when none is called so. */
    public static Optional<Recipe> named(String name) {
        String wanted = name.strip().toLowerCase(Locale.ROOT);
        return KNOWN.stream().filter(recipe -> recipe.name.equals(wanted)).findFirst();
    }
}
