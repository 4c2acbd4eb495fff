package neatcorner.station.opening;

import java.util.List;
import neatcorner.glueup.Recipe;
import neatcorner.job.Shade;

/** Colours to choose from, as they are called in the trade; any other can be typed. */
public final class SwatchTexts {

    /** A colour by its name, in US words. */
    public record Swatch(String name, Shade shade) {}

    /**
     * A finish, in a colour where it has one.
     *
     * @param name in US words
     */
    public record Finish(String name, Recipe recipe, Shade shade) {}

    public static final List<Swatch> MATS = List.of(of("white", 0xfbfaf6), of("warm white", 0xf3f1ea),
            of("cream", 0xefe6cf), of("pale gray", 0xd8dadb), of("slate", 0x5d666d), of("black", 0x1d1d1f),
            of("navy", 0x1f2d4a), of("sage", 0x9caa93), of("brick", 0x8d4a3b), of("ochre", 0xc59a4a));
    public static final List<Swatch> CORES = List.of(of("white", 0xffffff), of("cream", 0xf0e4c8),
            of("black", 0x1d1d1f), of("brown", 0x6b4a30));
    public static final List<Swatch> WALLS = List.of(of("white", 0xf4f4f1), of("warm white", 0xd9d6cf),
            of("pale gray", 0xc4c8cb), of("graphite", 0x4a4f55), of("sand", 0xcdb99a), of("sage", 0x93a18c),
            of("deep blue", 0x2d4257), of("terracotta", 0xa4644a));
    /** Every finish, those with a colour in several. */
    public static final List<Finish> FINISHES = List.of(finish("none", "none", 0), finish("wax", "wax", 0),
            finish("shellac and wax", "shellac and wax", 0), finish("water-based clear", "water-based clear", 0),
            finish("penetrating oil", "penetrating oil", 0), finish("hard-wax oil", "hard-wax oil", 0),
            finish("brown stain", "stain and clear", 0x4a2f1d), finish("red-brown stain", "stain and clear", 0x5c2a1c),
            finish("gray stain", "stain and clear", 0x54565a), finish("black stain", "stain and clear", 0x161514),
            finish("black lacquer", "sprayed lacquer", 0x1a1a1b), finish("white lacquer", "sprayed lacquer", 0xf1f0ec),
            finish("blue lacquer", "sprayed lacquer", 0x27425e), finish("green lacquer", "sprayed lacquer", 0x33503f),
            finish("gold leaf", "metal leaf", 0xc7a04a), finish("silver leaf", "metal leaf", 0xb9bcbf));

    private SwatchTexts() {}

    private static Swatch of(String name, int rgb) {
        return new Swatch(name, new Shade(rgb));
    }

    private static Finish finish(String name, String recipe, int rgb) {
        return new Finish(name, Recipe.named(recipe).orElseThrow(), new Shade(rgb));
    }
}
