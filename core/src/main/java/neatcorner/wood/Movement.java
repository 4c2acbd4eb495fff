package neatcorner.wood;

import java.util.Locale;
import java.util.Map;

/**
 * How much a wood swells across the grain for each percent of moisture, as a share of its width. From the Wood Handbook
 * (FPL-GTR-282, Forest Products Laboratory), table 13-5; values from memory.
 *
 * @param radial     across the growth rings, as the face of a quarter-sawn board
 * @param tangential along the growth rings, as the face of a flat-sawn board
 * @param assumed    true for a wood that is not in the table, which is given middling values
 */
public record Movement(double radial, double tangential, boolean assumed) {
    private static final Map<String, Movement> KNOWN = Map.of("black walnut", of(.00190, .00274), "northern red oak",
            of(.00158, .00369), "white oak", of(.00180, .00365), "black cherry", of(.00126, .00248), "sugar maple",
            of(.00165, .00353), "white ash", of(.00169, .00274), "yellow-poplar", of(.00158, .00289),
            "american beech", of(.00190, .00431), "basswood", of(.00230, .00330), "eastern white pine",
            of(.00071, .00212));
    private static final Movement MIDDLING = new Movement(.00160, .00300, true);

    private static Movement of(double radial, double tangential) {
        return new Movement(radial, tangential, false);
    }

    /** How a wood moves; middling figures for one that the tables do not know. */
    public static Movement of(Species species) {
        return KNOWN.getOrDefault(species.table().toLowerCase(Locale.ROOT), MIDDLING);
    }

    /** Change of a width in its own unit: ΔD = D · C · ΔM (Wood Handbook, chapter 13). */
    public static double change(double width, double coefficient, double moistureChange) {
        return width * coefficient * moistureChange;
    }
}
