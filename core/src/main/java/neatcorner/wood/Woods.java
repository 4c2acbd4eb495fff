package neatcorner.wood;

import static neatcorner.wood.Tone.ASH;
import static neatcorner.wood.Tone.BEECH;
import static neatcorner.wood.Tone.CHERRY;
import static neatcorner.wood.Tone.ELM;
import static neatcorner.wood.Tone.MAPLE;
import static neatcorner.wood.Tone.OAK;
import static neatcorner.wood.Tone.PALE;
import static neatcorner.wood.Tone.PINE;
import static neatcorner.wood.Tone.WALNUT;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * The woods that frames are commonly made of, and what they are called in the shop, on both sides of the ocean.
 *
 * <p>American woods: specific gravity at 12 % moisture from the Wood Handbook (FPL-GTR-282, Forest Products Laboratory),
 * table of mechanical properties. European and imported woods: mean density at 12 % moisture from EN 350, over 1120 kg/m³,
 * so that the same sum gives it back. Stiffness: modulus of elasticity in bending at 12 % moisture, GPa, from the same tables of the
 * Wood Handbook, and for European woods as timber merchants commonly give it. All values from memory.
 */
final class Woods {
    private static final double GRAVITY = 1120;
    private static final List<Wood> ALL = new ArrayList<>();
    /** Their pores are open to the eye. */
    private static final List<String> RING_POROUS = List.of("ash", "elm", "oak", "chestnut", "robinia", "teak", "iroko",
            "wenge");
    private static final Map<String, Wood> BY_NAME = new HashMap<>();

    /** A kind of wood as the tables know it. */
    record Wood(String name, double gravity, double stiffness, Tone tone, boolean openGrained, boolean softwood) {}

    static {
        american("American beech", 0.64, 11.9, BEECH, "beech");
        american("American elm", 0.50, 9.2, ELM, "elm", "white elm");
        american("basswood", 0.37, 10.1, PALE, "American lime", "American linden");
        american("black cherry", 0.50, 10.3, CHERRY, "cherry", "American cherry");
        american("black walnut", 0.55, 11.6, WALNUT, "walnut", "American walnut", "American black walnut");
        american("eastern white pine", 0.35, 8.5, PINE, "pine", "white pine", "yellow pine", "Weymouth pine");
        american("northern red oak", 0.63, 12.5, OAK, "red oak", "American red oak");
        american("sugar maple", 0.63, 12.6, MAPLE, "maple", "hard maple", "rock maple");
        american("white ash", 0.60, 12.0, ASH, "ash", "American ash", "American white ash");
        american("white oak", 0.68, 12.3, OAK, "oak", "American white oak");
        american("yellow-poplar", 0.42, 10.9, PALE, "poplar", "tulipwood", "tulip poplar", "yellow poplar",
                "whitewood poplar");
        european("European ash", 710, 12.3, ASH, "English ash", "olive ash");
        european("European oak", 710, 10.6, OAK, "English oak", "French oak", "brown oak");
        european("European beech", 710, 14.3, BEECH, "steamed beech");
        european("European cherry", 610, 10.5, CHERRY, "wild cherry", "gean");
        european("European walnut", 670, 10.8, WALNUT, "English walnut", "French walnut");
        european("European elm", 650, 8.9, ELM, "English elm", "wych elm", "Dutch elm");
        european("European lime", 540, 11.7, PALE, "lime", "linden", "limewood");
        european("sycamore", 640, 9.9, MAPLE, "sycamore maple", "European maple");
        european("birch", 660, 14.0, MAPLE, "European birch", "silver birch");
        european("alder", 530, 9.0, PALE, "common alder");
        european("sweet chestnut", 590, 8.6, OAK, "chestnut");
        european("robinia", 740, 13.4, OAK, "false acacia", "black locust");
        european("European poplar", 440, 8.9, PALE, "aspen", "black poplar");
        european("Norway spruce", 460, 9.7, PINE, "spruce", "whitewood", "deal", "white deal");
        european("Scots pine", 520, 10.1, PINE, "redwood", "European redwood", "red deal", "Baltic pine");
        european("silver fir", 460, 8.3, PINE, "fir");
        european("European larch", 600, 11.8, PINE, "larch");
        european("Douglas fir", 510, 12.2, PINE, "Oregon pine", "Columbian pine");
        european("western red cedar", 370, 7.7, CHERRY, "cedar", "red cedar");
        european("mahogany", 550, 10.1, CHERRY, "American mahogany", "Honduras mahogany");
        european("African mahogany", 520, 10.6, CHERRY, "khaya");
        european("sapele", 650, 12.0, CHERRY, "sapelli");
        european("dark red meranti", 680, 12.0, CHERRY, "meranti", "Philippine mahogany");
        european("iroko", 650, 9.4, ELM, "African teak");
        european("teak", 680, 12.3, ELM, "Burmese teak");
        european("obeche", 390, 6.7, PALE, "ayous", "samba");
        european("ramin", 650, 14.3, PALE, "melawis");
        european("jelutong", 460, 8.0, PALE);
        european("padauk", 740, 11.7, CHERRY, "African padauk");
        european("wenge", 830, 17.6, WALNUT);
    }

    private Woods() {}

    private static void american(String name, double gravity, double stiffness, Tone tone, String... also) {
        add(name, gravity, stiffness, tone, also);
    }

    private static void european(String name, double density, double stiffness, Tone tone, String... also) {
        add(name, density / GRAVITY, stiffness, tone, also);
    }

    private static void add(String name, double gravity, double stiffness, Tone tone, String... also) {
        String lower = name.toLowerCase(Locale.ROOT);
        boolean open = RING_POROUS.stream().anyMatch(wood -> says(lower, wood));
        boolean soft = tone == PINE || lower.contains("cedar");
        Wood wood = new Wood(name, gravity, stiffness, tone, open, soft);
        ALL.add(wood);
        BY_NAME.put(lower, wood);
        for (String other : also) {
            BY_NAME.put(other.toLowerCase(Locale.ROOT), wood);
        }
    }

    static List<Wood> all() {
        return List.copyOf(ALL);
    }

    /** The wood that is meant by a name: one of its own, or one with more said about it, such as "reclaimed oak". */
    static Optional<Wood> meant(String name) {
        String wanted = name.strip().toLowerCase(Locale.ROOT);
        Wood exact = BY_NAME.get(wanted);
        if (exact != null) {
            return Optional.of(exact);
        }
        return BY_NAME.keySet().stream().filter(known -> says(wanted, known))
                .max(Comparator.comparingInt(String::length).thenComparing(known -> known)).map(BY_NAME::get);
    }

    /** Whether a word, or some, stand in a name by themselves: oak is not in "soaked". */
    private static boolean says(String name, String words) {
        for (int at = name.indexOf(words); at >= 0; at = name.indexOf(words, at + 1)) {
            int end = at + words.length();
            if ((at == 0 || !Character.isLetterOrDigit(name.charAt(at - 1)))
                    && (end == name.length() || !Character.isLetterOrDigit(name.charAt(end)))) {
                return true;
            }
        }
        return false;
    }
}
