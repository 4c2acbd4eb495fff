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
import java.util.regex.Pattern;

/**
 * The woods that frames are commonly made of, and what they are called in the shop, on both sides of the ocean.
 *
 * <p>American woods: specific gravity at 12 % moisture from the Wood Handbook (FPL-GTR-282, Forest Products Laboratory),
 * table of mechanical properties. European and imported woods: mean density at 12 % moisture from EN 350, over 1120 kg/m³,
 * so that the same sum gives it back. All values from memory.
 */
final class Woods {
    private static final double GRAVITY = 1120;
    private static final List<Wood> ALL = new ArrayList<>();
    private static final Map<String, Wood> BY_NAME = new HashMap<>();

    /** A kind of wood as the tables know it. */
    record Wood(String name, double gravity, Tone tone, boolean openGrained, boolean softwood) {}

    static {
        american("American beech", 0.64, BEECH, "beech");
        american("American elm", 0.50, ELM, "elm", "white elm");
        american("basswood", 0.37, PALE, "American lime", "American linden");
        american("black cherry", 0.50, CHERRY, "cherry", "American cherry");
        american("black walnut", 0.55, WALNUT, "walnut", "American walnut", "American black walnut");
        american("eastern white pine", 0.35, PINE, "pine", "white pine", "yellow pine", "Weymouth pine");
        american("northern red oak", 0.63, OAK, "red oak", "American red oak");
        american("sugar maple", 0.63, MAPLE, "maple", "hard maple", "rock maple");
        american("white ash", 0.60, ASH, "ash", "American ash", "American white ash");
        american("white oak", 0.68, OAK, "oak", "American white oak");
        american("yellow-poplar", 0.42, PALE, "poplar", "tulipwood", "tulip poplar", "yellow poplar",
                "whitewood poplar");
        european("European ash", 710, ASH, "English ash", "olive ash");
        european("European oak", 710, OAK, "English oak", "French oak", "brown oak");
        european("European beech", 710, BEECH, "steamed beech");
        european("European cherry", 610, CHERRY, "wild cherry", "gean");
        european("European walnut", 670, WALNUT, "English walnut", "French walnut");
        european("European elm", 650, ELM, "English elm", "wych elm", "Dutch elm");
        european("European lime", 540, PALE, "lime", "linden", "limewood");
        european("sycamore", 640, MAPLE, "sycamore maple", "European maple");
        european("birch", 660, MAPLE, "European birch", "silver birch");
        european("alder", 530, PALE, "common alder");
        european("sweet chestnut", 590, OAK, "chestnut");
        european("robinia", 740, OAK, "false acacia", "black locust");
        european("European poplar", 440, PALE, "aspen", "black poplar");
        european("Norway spruce", 460, PINE, "spruce", "whitewood", "deal", "white deal");
        european("Scots pine", 520, PINE, "redwood", "European redwood", "red deal", "Baltic pine");
        european("silver fir", 460, PINE, "fir");
        european("European larch", 600, PINE, "larch");
        european("Douglas fir", 510, PINE, "Oregon pine", "Columbian pine");
        european("western red cedar", 370, CHERRY, "cedar", "red cedar");
        european("mahogany", 550, CHERRY, "American mahogany", "Honduras mahogany");
        european("African mahogany", 520, CHERRY, "khaya");
        european("sapele", 650, CHERRY, "sapelli");
        european("dark red meranti", 680, CHERRY, "meranti", "Philippine mahogany");
        european("iroko", 650, ELM, "African teak");
        european("teak", 680, ELM, "Burmese teak");
        european("obeche", 390, PALE, "ayous", "samba");
        european("ramin", 650, PALE, "melawis");
        european("jelutong", 460, PALE);
        european("padauk", 740, CHERRY, "African padauk");
        european("wenge", 830, WALNUT);
    }

    private Woods() {}

    private static void american(String name, double gravity, Tone tone, String... also) {
        add(name, gravity, tone, also);
    }

    private static void european(String name, double density, Tone tone, String... also) {
        add(name, density / GRAVITY, tone, also);
    }

    private static void add(String name, double gravity, Tone tone, String... also) {
        String lower = name.toLowerCase(Locale.ROOT);
        boolean open = Pattern.compile("\\b(ash|elm|oak|chestnut|robinia|teak|iroko|wenge)\\b").matcher(lower).find();
        boolean soft = tone == PINE || lower.contains("cedar");
        Wood wood = new Wood(name, gravity, tone, open, soft);
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
        return BY_NAME.keySet().stream().filter(known -> Pattern.compile("\\b" + Pattern.quote(known) + "\\b")
                .matcher(wanted).find()).max(Comparator.comparingInt(String::length).thenComparing(known -> known))
                .map(BY_NAME::get);
    }
}
