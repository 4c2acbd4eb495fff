package neatcorner.drawing;

import java.util.Locale;
import neatcorner.wood.Species;

/** What a colour is for. Each medium gives the tints its own values; in the window they are CSS tokens. */
public enum Tint {
    /** Outlines of things, and what is written about them. */
    INK,
    /** Less important writing. */
    FAINT_INK,
    /** Outlines of wood, and letters on all but walnut; dark whatever the ground, for wood is light. */
    WOOD_INK,
    /** Letters on walnut: light on the screen, where it is as dark as walnut is; dark on paper, where it is printed pale. */
    WALNUT_INK,
    /** Thin construction lines, dimension lines, hidden edges. */
    CONSTRUCTION,
    /** Where the saw goes. */
    CUT,
    /** Along both sides of a cut, so that it stands out on dark wood as on light. */
    CUT_CASING,
    GLASS,
    GLASS_EDGE,
    MAT,
    MAT_CORE,
    ART,
    ART_LINE,
    BACKING,
    BACKING_LINE,
    METAL,
    TABLE,
    DEFECT,
    WASTE,
    HIGHLIGHT,
    WOOD_ASH,
    WOOD_BEECH,
    WOOD_CHERRY,
    WOOD_ELM,
    WOOD_MAPLE,
    WOOD_OAK,
    WOOD_PALE,
    WOOD_PINE,
    WOOD_WALNUT,
    WOOD_OTHER,
    GRAIN_ASH,
    GRAIN_BEECH,
    GRAIN_CHERRY,
    GRAIN_ELM,
    GRAIN_MAPLE,
    GRAIN_OAK,
    GRAIN_PALE,
    GRAIN_PINE,
    GRAIN_WALNUT,
    GRAIN_OTHER;

    /** As in the style sheet: {@code wood-ash}. */
    public String token() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** The tint of a wood. */
    public static Tint wood(Species species) {
        return switch (species.tone()) {
            case ASH -> WOOD_ASH;
            case BEECH -> WOOD_BEECH;
            case CHERRY -> WOOD_CHERRY;
            case ELM -> WOOD_ELM;
            case MAPLE -> WOOD_MAPLE;
            case OAK -> WOOD_OAK;
            case PALE -> WOOD_PALE;
            case PINE -> WOOD_PINE;
            case WALNUT -> WOOD_WALNUT;
            case OTHER -> WOOD_OTHER;
        };
    }

    /** What is written on this wood with, so that it can be read. */
    public Tint letters() {
        return this == WOOD_WALNUT ? WALNUT_INK : WOOD_INK;
    }

    /** The tint of the grain lines on this wood. */
    public Tint grain() {
        return valueOf(name().replace("WOOD_", "GRAIN_"));
    }
}
