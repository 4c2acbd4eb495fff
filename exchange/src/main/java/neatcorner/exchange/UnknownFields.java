package neatcorner.exchange;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import neatcorner.exchange.json.Json;

/**
 * Carries fields that this version does not know from the file that was read into the one that is written. A field is
 * unknown when no version-1 job has it at that place; a known field that is gone was taken out by the maker.
 */
final class UnknownFields {
    private static final Set<String> REINFORCEMENT = Set.of("kind", "depth", "length", "across", "along", "height",
            "leg", "through", "size", "width", "cutter", "crown", "span", "thickness", "diameter", "gauge", "count",
            "tilt", "fromHeel", "fromFace");
    /** Every field of a job, by the path of the object it stands in; lists count as their owner with {@code []}. */
    private static final Map<String, Set<String>> KNOWN = Map.ofEntries(
            Map.entry("", Set.of("format", "title", "units", "quantity", "outline", "size", "clearance", "pack",
                    "section", "corner", "stock", "saw", "measured", "gapLimit", "dryFit", "place", "glueUp",
                    "shop")),
            Map.entry("outline",
                    Set.of("kind", "faceWidths", "sides", "across", "points", "curve", "rise", "segments", "slope",
                            "boardWidth")),
            Map.entry("size", Set.of("of", "width", "height")),
            Map.entry("pack[]", Set.of("kind", "material", "thickness", "overlap", "borders")),
            Map.entry("pack[].borders", Set.of("top", "right", "bottom", "left")),
            Map.entry("section", Set.of("wood", "width", "thickness", "rabbet", "milling", "layers")),
            Map.entry("section.rabbet", Set.of("width", "depth", "step", "cut", "tilt")),
            Map.entry("section.rabbet.step", Set.of("width", "depth")),
            Map.entry("section.milling[]", Set.of("op", "at", "size", "radius", "width", "depth", "quirk", "from",
                    "passes", "inset", "sunk")),
            Map.entry("section.layers[]", Set.of("wood", "width", "thickness", "inset")),
            Map.entry("corner", Set.of("joint", "reinforcement")),
            Map.entry("corner.reinforcement[]", REINFORCEMENT), Map.entry("shop.inventory[]", REINFORCEMENT),
            Map.entry("glueUp", Set.of("glue", "temperature", "outdoors", "school", "squeezeOut", "holding", "finish")),
            Map.entry("shop", Set.of("inventory", "clamps", "jig", "jigs", "bench", "drying", "hours")),
            Map.entry("stock", Set.of("sticks", "endTrim", "keepFrameTogether", "flippable", "scarf", "pins", "boards",
                    "sheets", "leastOffcut")),
            Map.entry("stock.sticks[]", Set.of("name", "length", "count", "price", "defects", "width", "thickness")),
            Map.entry("saw",
                    Set.of("name", "kind", "kerf", "maxMiter", "maxBevel", "minHold", "rough", "secondMiter", "scale",
                            "stops")),
            Map.entry("saw.scale", Set.of("zero", "radius", "fence")),
            Map.entry("measured[]", Set.of("piece", "long", "left", "right")),
            Map.entry("dryFit", Set.of("heels", "toes", "steps", "diagonals", "rocks")),
            Map.entry("place", Set.of("driest", "dampest", "glued", "flatSawn")),
            Map.entry("place.driest", Set.of("celsius", "humidity")),
            Map.entry("place.dampest", Set.of("celsius", "humidity")));

    private UnknownFields() {}

    static Json.Obj keep(Json.Obj original, Json.Obj now) {
        return (Json.Obj) merge(original, now, "");
    }

    private static Json merge(Json original, Json now, String path) {
        if (original instanceof Json.Obj before && now instanceof Json.Obj after) {
            Map<String, Json> merged = new LinkedHashMap<>();
            after.fields().forEach((name, value) -> {
                Json old = before.fields().get(name);
                merged.put(name, old == null ? value : merge(old, value, path.isEmpty() ? name : path + "." + name));
            });
            Set<String> known = KNOWN.getOrDefault(path, Set.of());
            before.fields().forEach((name, value) -> {
                if (!known.contains(name)) {
                    merged.putIfAbsent(name, value);
                }
            });
            return new Json.Obj(merged, now.line());
        }
        if (original instanceof Json.Arr before && now instanceof Json.Arr after) {
            return mergeItems(before, after, path + "[]");
        }
        return now;
    }

    /** Items are the same when they are of one kind or name and stand in the same order. */
    private static Json mergeItems(Json.Arr before, Json.Arr after, String path) {
        List<Json> rest = new ArrayList<>(before.items());
        List<Json> merged = new ArrayList<>();
        for (Json item : after.items()) {
            Json match = rest.stream().filter(old -> identity(old).equals(identity(item))).findFirst().orElse(null);
            rest.remove(match);
            merged.add(match == null ? item : merge(match, item, path));
        }
        return new Json.Arr(merged, after.line());
    }

    private static String identity(Json item) {
        if (item instanceof Json.Obj object) {
            for (String key : List.of("kind", "name", "piece")) {
                if (object.fields().get(key) instanceof Json.Str string) {
                    return string.text();
                }
            }
        }
        return "";
    }
}
