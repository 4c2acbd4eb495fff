package neatcorner.station.sticks;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import neatcorner.fitout.CutSizes;
import neatcorner.fitout.FrameSizes;
import neatcorner.fitout.Layer;
import neatcorner.fitout.Material;
import neatcorner.job.Geometry;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.Theirs;
import neatcorner.measure.Units;
import neatcorner.outline.Opening;
import neatcorner.plan.Plan;
import neatcorner.section.Seat;
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
    /** Smaller pieces are not worth keeping: common practice. */
    private static final double LEAST_MM = 150;
    private static final double LEAST_INCHES = 6;

    /**
     * One for each material of glazing, mat and backing, for all frames of all jobs that are cut together; without sheets of it on
     * the rack, nothing finds a place.
     */
    public static List<SheetWork> of(Plan plan, Search search) {
        return plan.company().isEmpty()
                ? of(plan, List.of(), search)
                : works(plan.job(), plan.company(), plan.company().stream().map(SheetWork::materials)
                        .flatMap(Set::stream).collect(Collectors.toSet()), search);
    }

    /**
     * With what other jobs need of the same materials, from the same sheets. Panels are numbered by their jobs then, this one's
     * is 1.
     */
    public static List<SheetWork> of(Plan plan, List<Job> others, Search search) {
        List<Job> jobs = new ArrayList<>(List.of(plan.job()));
        jobs.addAll(others);
        return works(plan.job(), jobs, materials(plan.job()), search);
    }

    private static List<SheetWork> works(Job rack, List<Job> jobs, Set<String> of, Search search) {
        Map<String, List<Panel>> panels = new LinkedHashMap<>();
        Map<String, Length> thickness = new LinkedHashMap<>();
        for (int i = 0; i < jobs.size(); i++) {
            Job job = jobs.get(i);
            FrameSizes sizes = job.sizes();
            for (Layer layer : sizes.arePossible() ? job.layersToCut() : List.<Layer>of()) {
                if (layer.isSheet() && of.contains(material(layer))) {
                    thickness.putIfAbsent(material(layer), layer.thickness());
                    Opening size = CutSizes.of(layer, sizes, Seat.of(job.section(), job.outline().slope()).rabbet(),
                            job.hold().isInRabbet(), job.cutUnder());
                    List<Panel> all = panels.computeIfAbsent(material(layer), name -> new ArrayList<>());
                    if (size.isPositive()) {
                        String name = jobs.size() == 1
                                ? layer.title()
                                : SticksTexts.PANEL_OF_A_JOB.formatted(i + 1, layer.title());
                        all.add(new Panel(name, size.width(), size.height(), job.quantity()));
                    }
                }
            }
        }
        List<SheetWork> works = new ArrayList<>();
        panels.forEach((material, all) -> works.add(of(rack, material,
                thickness.getOrDefault(material, Length.ZERO), all, search)));
        return List.copyOf(works);
    }

    /** Whether a job takes sheets of a material that another takes as well. */
    public static boolean sharesSheets(Job job, Job other) {
        Set<String> materials = materials(job);
        return materials(other).stream().anyMatch(materials::contains);
    }

    /** What sheets a job takes. */
    public static Set<String> materials(Job job) {
        return job.layersToCut().stream().filter(Layer::isSheet).map(SheetWork::material)
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /** Whether panels of a material can be cut from a sheet. */
    public static boolean isOf(String material, Sheet sheet) {
        String own = sheet.material().toLowerCase(Locale.ROOT);
        return own.equals(material) || material.startsWith(own + " ");
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

    private static SheetWork of(Job job, String material, Length thickness, List<Panel> panels, Search search) {
        List<Sheet> sheets = job.stock().sheets().stream().filter(sheet -> isOf(material, sheet)).toList();
        SheetNesting nesting = new SheetNesting(panels, sheets, kerf(material, job), true);
        return new SheetWork(material, thickness, nesting, nesting.solve(search));
    }

    /** What is left of the sheets and large enough to be kept, the largest first; it is already paid for. */
    public static List<Sheet> left(List<SheetWork> works, Units units) {
        Length least = units.either(LEAST_MM, LEAST_INCHES);
        List<Sheet> kept = new ArrayList<>();
        for (SheetWork work : works) {
            for (SheetLayout.Cut cut : work.layout.sheets()) {
                Sheet sheet = work.nesting.sheets().get(cut.stock());
                for (Opening left : cut.left()) {
                    if (!left.width().isLessThan(least) && !left.height().isLessThan(least)) {
                        kept.add(new Sheet(leftOf(sheet.name()), sheet.material(), left.width(), left.height(),
                                cut.times(), null, sheet.grained()));
                    }
                }
            }
        }
        kept.sort(Comparator.comparingDouble((Sheet sheet) -> sheet.width().toMm() * sheet.height().toMm()).reversed());
        return List.copyOf(kept);
    }

    /** What is left of what was left is still left of the first. */
    private static String leftOf(String name) {
        String before = SticksTexts.LEFT_OF_A_SHEET.formatted("");
        return name.startsWith(before) ? name : SticksTexts.LEFT_OF_A_SHEET.formatted(name);
    }

    /** A job once its sheets are cut: those that were taken are gone from the rack, where they are still there. */
    public static Job cut(Job job, List<SheetWork> works) {
        List<Sheet> sheets = new ArrayList<>();
        for (Sheet sheet : job.stock().sheets()) {
            int used = 0;
            for (SheetWork work : works) {
                for (SheetLayout.Cut cut : work.layout.sheets()) {
                    used += work.nesting.sheets().get(cut.stock()).withCount(1).equals(sheet.withCount(1))
                            ? cut.times()
                            : 0;
                }
            }
            if (sheet.count() > used) {
                sheets.add(sheet.withCount(sheet.count() - used));
            }
        }
        return job.withStock(job.stock().withSheets(sheets));
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
