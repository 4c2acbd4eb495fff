package neatcorner.shop;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import neatcorner.corner.Inventory;
import neatcorner.glueup.Clamp;
import neatcorner.glueup.Holders;
import neatcorner.glueup.jig.CornerJig;
import neatcorner.glueup.schedule.Resource;
import neatcorner.glueup.schedule.WorkingHours;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.stock.Sheet;
import org.jspecify.annotations.Nullable;

/**
 * What a shop has for putting frames together, and when its maker works.
 *
 * @param inventory fasteners, tenons and blades
 * @param jig       its corner clamping jig; null when it has none
 * @param jigs      how many of them
 * @param sheets    what was kept of sheets that were cut for frames: glass, mat board, backing
 * @param bench     places where a frame can lie in its clamps
 * @param drying    places where a frame can dry
 */
@RecordBuilder
public record Shop(Inventory inventory, List<Clamp> clamps, @Nullable CornerJig jig, int jigs, List<Sheet> sheets,
        int bench, int drying, WorkingHours hours) implements ShopBuilder.With {

    public Shop {
        clamps = List.copyOf(clamps);
        sheets = List.copyOf(sheets);
    }

    /** A small shop: three bands, four corner clamps, one jig. Forces are common practice. */
    public static Shop usual(Units units) {
        return new Shop(Inventory.usual(units),
                List.of(new Clamp(Clamp.Kind.BAND, "band clamp", units.either(4000, 156), 1200, 3),
                        new Clamp(Clamp.Kind.CORNER, "corner clamp", units.either(70, 2.75), 1500, 4),
                        new Clamp(Clamp.Kind.BAR, "bar clamp", units.either(600, 24), 2500, 4)),
                CornerJig.usual(units), 1, List.of(), 4, 10, WorkingHours.usual());
    }

    /** With another jig, of which there are so many; null for none. */
    public Shop withJig(@Nullable CornerJig newJig, int count) {
        return new Shop(inventory, clamps, newJig, newJig == null ? 0 : count, sheets, bench, drying, hours);
    }

    /** With so many places to glue at and to dry at. */
    public Shop withPlaces(int newBench, int newDrying) {
        return new Shop(inventory, clamps, jig, jigs, sheets, newBench, newDrying, hours);
    }

    /** What of it can hold a frame while its glue sets. */
    public Holders holders() {
        return new Holders(clamps, jig, jigs);
    }

    /** How many clamps of a kind there are in all. */
    public int count(Clamp.Kind kind) {
        return holders().count(kind);
    }

    /** What there is of each resource. */
    public Map<Resource, Integer> capacity() {
        Map<Resource, Integer> all = new EnumMap<>(Resource.class);
        all.put(Resource.BAND, count(Clamp.Kind.BAND));
        Length shortest = clamps.stream().filter(clamp -> clamp.kind() == Clamp.Kind.BAND && clamp.count() > 0)
                .map(Clamp::reach).min(Length::compareTo).orElse(Length.ZERO);
        all.put(Resource.LONG_BAND, clamps.stream()
                .filter(clamp -> clamp.kind() == Clamp.Kind.BAND && clamp.reach().isMoreThan(shortest))
                .mapToInt(Clamp::count).sum());
        all.put(Resource.CORNER_CLAMP, count(Clamp.Kind.CORNER));
        all.put(Resource.JIG, jig == null ? 0 : jigs);
        all.put(Resource.BENCH, bench);
        all.put(Resource.DRYING, drying);
        return all;
    }
}
