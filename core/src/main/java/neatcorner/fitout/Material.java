package neatcorner.fitout;

import java.util.List;
import java.util.Locale;

/**
 * What a sheet in the pack is made of.
 *
 * <p>Glass: EN 572-1. The others: common practice, rounded.
 *
 * @param density in kg/m³
 */
public record Material(String name, double density) {
    public static final Material GLASS = new Material("glass", 2500);
    public static final Material ACRYLIC = new Material("acrylic", 1190);
    public static final Material HARDBOARD = new Material("hardboard", 950);
    public static final Material MDF = new Material("MDF", 750);
    public static final Material PLYWOOD = new Material("plywood", 600);
    public static final Material FOAM_BOARD = new Material("foam board", 80);
    public static final Material CARD = new Material("card", 700);
    public static final Material MAT_BOARD = new Material("mat board", 700);
    public static final Material PAPER = new Material("paper", 800);
    /** Bars, canvas and air, over the whole depth of the bars. */
    public static final Material CANVAS = new Material("canvas on bars", 160);

    /** Strips of plastic that keep art off glass. */
    public static final Material SPACER = new Material("spacer strip", 1100);

    public static final List<Material> GLAZINGS = List.of(GLASS, ACRYLIC);
    public static final List<Material> BACKINGS = List.of(HARDBOARD, MDF, PLYWOOD, FOAM_BOARD, CARD);

    /** Whether it is one of those that every shop knows, called as we call it; else its name is the maker's. */
    public boolean isKnown() {
        return GLAZINGS.contains(this) || BACKINGS.contains(this) || equals(MAT_BOARD) || equals(PAPER)
                || equals(CANVAS) || equals(SPACER);
    }

    /** The material of that name in any case; one that is not known keeps its name and weighs as much as MDF. */
    public static Material named(String name) {
        String wanted = name.strip().toLowerCase(Locale.ROOT);
        for (List<Material> known : List.of(GLAZINGS, BACKINGS, List.of(MAT_BOARD, PAPER, CANVAS, SPACER))) {
            for (Material material : known) {
                if (material.name.toLowerCase(Locale.ROOT).equals(wanted)) {
                    return material;
                }
            }
        }
        return new Material(name.strip(), MDF.density);
    }
}
