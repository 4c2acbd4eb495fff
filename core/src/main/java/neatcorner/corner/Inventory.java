package neatcorner.corner;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import neatcorner.measure.Length;
import neatcorner.measure.Units;

/**
 * What lies in the shop's drawers to hold corners with: tenons, dowels, nails, screws by size, and blades for splines. Each
 * is a {@link Reinforcement} of one; of splines, slips and blocks, which are made to measure, the size is left at zero.
 */
public record Inventory(List<Reinforcement> items) {
    private static final List<Integer> BISCUITS = List.of(0, 10, 20);

    public Inventory {
        items = List.copyOf(items);
    }

    /** Sizes that are commonly sold, in the trade's own round figures; biscuits as their common standard has them. */
    public static Inventory usual(Units units) {
        List<Reinforcement> all = new ArrayList<>();
        add(all, ReinforcementKind.SPLINE, units, 0, 0, 3, 0.125, 0, 0);
        add(all, ReinforcementKind.SLIP, units, 0, 0, 4, 0.15625, 100, 4);
        add(all, ReinforcementKind.TENON, units, 20, 0.75, 4, 0.15625, 12, 0.5);
        add(all, ReinforcementKind.TENON, units, 30, 1.25, 5, 0.1875, 18, 0.75);
        add(all, ReinforcementKind.TENON, units, 40, 1.5, 6, 0.25, 20, 0.75);
        add(all, ReinforcementKind.TENON, units, 50, 2, 8, 0.3125, 25, 1);
        BISCUITS.forEach(size -> all.add(biscuit(size)));
        add(all, ReinforcementKind.DOWEL, units, 20, 0.75, 5, 0.1875, 0, 0);
        add(all, ReinforcementKind.DOWEL, units, 30, 1.25, 6, 0.25, 0, 0);
        add(all, ReinforcementKind.DOWEL, units, 40, 1.5, 8, 0.3125, 0, 0);
        add(all, ReinforcementKind.V_NAIL, units, 5, 0.1875, 0.6, 0.024, 9, 0.375);
        add(all, ReinforcementKind.V_NAIL, units, 7, 0.25, 0.6, 0.024, 9, 0.375);
        add(all, ReinforcementKind.V_NAIL, units, 10, 0.375, 0.6, 0.024, 9, 0.375);
        add(all, ReinforcementKind.V_NAIL, units, 12, 0.5, 0.6, 0.024, 9, 0.375);
        add(all, ReinforcementKind.V_NAIL, units, 15, 0.625, 0.6, 0.024, 9, 0.375);
        add(all, ReinforcementKind.PIN, units, 15, 0.625, 0.6, 0.024, 0, 0);
        add(all, ReinforcementKind.PIN, units, 25, 1, 0.6, 0.024, 0, 0);
        add(all, ReinforcementKind.BRAD, units, 25, 1, 1.2, 0.048, 0, 0);
        add(all, ReinforcementKind.BRAD, units, 40, 1.5, 1.2, 0.048, 0, 0);
        add(all, ReinforcementKind.NAIL, units, 40, 1.5, 1.8, 0.072, 0, 0);
        add(all, ReinforcementKind.NAIL, units, 50, 2, 2.2, 0.083, 0, 0);
        add(all, ReinforcementKind.STAPLE, units, 6, 0.25, 1.2, 0.048, 10, 0.375);
        add(all, ReinforcementKind.STAPLE, units, 10, 0.375, 1.2, 0.048, 10, 0.375);
        add(all, ReinforcementKind.CORRUGATED, units, 6, 0.25, 3, 0.125, 20, 0.75);
        add(all, ReinforcementKind.CORRUGATED, units, 10, 0.375, 3, 0.125, 25, 1);
        all.add(screw(ReinforcementKind.SCREW, 4, units.either(25, 1)));
        all.add(screw(ReinforcementKind.SCREW, 6, units.either(40, 1.5)));
        all.add(screw(ReinforcementKind.SCREW, 8, units.either(50, 2)));
        all.add(screw(ReinforcementKind.POCKET_SCREW, 6, units.either(25, 1)));
        all.add(screw(ReinforcementKind.POCKET_SCREW, 6, units.either(32, 1.25)));
        add(all, ReinforcementKind.BRACE, units, 40, 1.5, 2, 0.0625, 10, 0.375);
        add(all, ReinforcementKind.BRACE, units, 75, 3, 2, 0.0625, 15, 0.625);
        add(all, ReinforcementKind.BLOCK, units, 30, 1.25, 6, 0.25, 0, 0);
        add(all, ReinforcementKind.BLOCK, units, 50, 2, 10, 0.375, 0, 0);
        add(all, ReinforcementKind.PEG, units, 0, 0, 6, 0.25, 0, 0);
        add(all, ReinforcementKind.PEG, units, 0, 0, 8, 0.3125, 0, 0);
        return new Inventory(all);
    }

    private static void add(List<Reinforcement> all, ReinforcementKind kind, Units units, double size, double sizeIn,
            double thin, double thinIn, double wide, double wideIn) {
        all.add(Reinforcement.of(kind, units.either(size, sizeIn), units.either(thin, thinIn),
                units.either(wide, wideIn), 1));
    }

    /** Sizes 0, 10 and 20 are 47 × 15, 53 × 19 and 56 × 23 mm, all 4 mm thick (common standard); others throw. */
    public static Reinforcement biscuit(int size) {
        return switch (size) {
            case 0 -> Reinforcement.of(ReinforcementKind.BISCUIT, Length.mm(15), Length.mm(4), Length.mm(47), 1);
            case 10 -> Reinforcement.of(ReinforcementKind.BISCUIT, Length.mm(19), Length.mm(4), Length.mm(53), 1);
            case 20 -> Reinforcement.of(ReinforcementKind.BISCUIT, Length.mm(23), Length.mm(4), Length.mm(56), 1);
            default -> throw new IllegalArgumentException("biscuits are of size 0, 10 or 20, not " + size);
        };
    }

    /** The size by which a biscuit is sold; none for one that is not of the standard. */
    public static Optional<Integer> biscuitSize(Reinforcement item) {
        return BISCUITS.stream().filter(size -> biscuit(size).equals(item.withCount(1).at(null, null))).findFirst();
    }

    /** A screw of a gauge, so long. */
    public static Reinforcement screw(ReinforcementKind kind, int gauge, Length length) {
        return Reinforcement.of(kind, length, new ScrewGauge(gauge).diameter(), Length.ZERO, 1);
    }

    /** Those of a kind, the largest first. */
    public List<Reinforcement> of(ReinforcementKind kind) {
        return items.stream().filter(item -> item.kind() == kind)
                .sorted(Comparator.comparing(Reinforcement::size).thenComparing(Reinforcement::thickness).reversed())
                .toList();
    }

    /** With one more thing in the drawers, as a single part at the usual place. */
    public Inventory plus(Reinforcement item) {
        List<Reinforcement> more = new ArrayList<>(items);
        more.add(item.withCount(1).at(null, null));
        return new Inventory(more);
    }

    /** Without a thing; as it is when there is none like it. */
    public Inventory without(Reinforcement item) {
        return new Inventory(items.stream().filter(other -> !other.equals(item)).toList());
    }
}
