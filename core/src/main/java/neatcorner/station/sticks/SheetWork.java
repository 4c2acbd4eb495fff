package neatcorner.station.sticks;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import neatcorner.fitout.Layer;
import neatcorner.fitout.Material;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.Theirs;
import neatcorner.outline.Opening;
import neatcorner.plan.Plan;
import neatcorner.stock.Search;
import neatcorner.stock.Sheet;
import neatcorner.stock.sheets.Panel;
import neatcorner.stock.sheets.SheetLayout;
import neatcorner.stock.sheets.SheetNesting;

/**
 * What is cut for the pack from sheets of one material, for all frames of a job.
 *
 * @param material  as layers and sheets call it
 * @param thickness of the layer; strips that are narrow against it do not snap
 */
public record SheetWork(String material, Length thickness, SheetNesting nesting, SheetLayout layout) {

    /** One for each material of glazing, mat and backing; without sheets of it on the rack, nothing finds a place. */
    public static List<SheetWork> of(Plan plan, Search search) {
        if (!plan.sizes().arePossible()) {
            return List.of();
        }
        Map<String, List<Layer>> byMaterial = new LinkedHashMap<>();
        for (Layer layer : plan.job().pack().layers()) {
            if (layer.isSheet()) {
                byMaterial.computeIfAbsent(material(layer), name -> new ArrayList<>()).add(layer);
            }
        }
        List<SheetWork> works = new ArrayList<>();
        byMaterial.forEach((material, layers) -> works.add(of(plan, material, layers, search)));
        return List.copyOf(works);
    }

    /** What a layer is cut from: a mat from mat board. */
    public static String material(Layer layer) {
        return layer.material().name().toLowerCase(Locale.ROOT);
    }

    /** A material within a sentence: known ones in US words, others as the maker calls them. */
    public static String title(String material) {
        Material named = Material.named(material);
        return named.isKnown() ? named.name() : Theirs.words(material);
    }

    private static SheetWork of(Plan plan, String material, List<Layer> layers, Search search) {
        Job job = plan.job();
        List<Panel> panels = new ArrayList<>();
        for (Layer layer : layers) {
            Opening size = plan.cut(layer);
            if (size.isPositive()) {
                panels.add(new Panel(layer.title(), size.width(), size.height(), job.quantity()));
            }
        }
        List<Sheet> sheets = job.stock().sheets().stream()
                .filter(sheet -> sheet.material().toLowerCase(Locale.ROOT).equals(material)
                        || material.startsWith(sheet.material().toLowerCase(Locale.ROOT) + " "))
                .toList();
        SheetNesting nesting = new SheetNesting(panels, sheets, kerf(material, job), true);
        return new SheetWork(material, layers.getFirst().thickness(), nesting, nesting.solve(search));
    }

    /** Glass is scored and boards of paper are cut with a knife: neither loses anything. */
    private static Length kerf(String material, Job job) {
        return List.of(Material.GLASS, Material.MAT_BOARD, Material.CARD, Material.FOAM_BOARD).stream()
                .anyMatch(known -> known.name().toLowerCase(Locale.ROOT).equals(material))
                        ? Length.ZERO
                        : job.saw().kerf();
    }

    /** Whether it is scored and broken, not sawn. */
    public boolean isGlass() {
        return material.equals(Material.GLASS.name());
    }

    /** Whether a strip is too narrow to be snapped by hand: under ten times the glass's thickness (common practice). */
    public boolean isTooNarrow(Length strip) {
        return isGlass() && strip.isPositive() && strip.isLessThan(thickness.times(SheetNesting.NARROW));
    }
}
