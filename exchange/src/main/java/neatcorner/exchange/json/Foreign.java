package neatcorner.exchange.json;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What a file holds beside the fields that its reader asked for: the words of a later version, or of another program. It
 * is carried, letter by letter, into what is written in the file's place.
 *
 * @param fields   of an object, that were not asked for
 * @param within   what is foreign within its other fields
 * @param items    what is foreign within each item of a list
 * @param identity the kind or name by which an item is known in its list
 */
public record Foreign(Map<String, Json> fields, Map<String, Foreign> within, List<Foreign> items, String identity) {
    /** Nothing is foreign. */
    public static final Foreign NONE = new Foreign(Map.of(), Map.of(), List.of(), "");

    public Foreign {
        fields = Collections.unmodifiableMap(new LinkedHashMap<>(fields));
        within = Collections.unmodifiableMap(new LinkedHashMap<>(within));
        items = List.copyOf(items);
    }

    static Foreign of(Json json, Map<Json, Set<String>> asked, String source) {
        return switch (json) {
            case Json.Obj object -> of(object, asked.getOrDefault(object, Set.of()), asked, source);
            case Json.Arr list -> new Foreign(Map.of(), Map.of(),
                    list.items().stream().map(item -> of(item, asked, source)).toList(), "");
            case Json.Str _,Json.Num _,Json.Bool _,Json.Null _,Json.Foreign _ ->
                new Foreign(Map.of(), Map.of(), List.of(), identity(json));
        };
    }

    private static Foreign of(Json.Obj object, Set<String> known, Map<Json, Set<String>> asked, String source) {
        Map<String, Json> fields = new LinkedHashMap<>();
        Map<String, Foreign> within = new LinkedHashMap<>();
        object.fields().forEach((name, value) -> {
            if (known.contains(name)) {
                Foreign inner = of(value, asked, source);
                if (inner.isAny()) {
                    within.put(name, inner);
                }
            } else {
                fields.put(name, new Json.Foreign(source.substring(value.place().from(), value.place().to()),
                        value.place()));
            }
        });
        return new Foreign(fields, within, List.of(), identity(object));
    }

    private boolean isAny() {
        return !fields.isEmpty() || !within.isEmpty() || items.stream().anyMatch(Foreign::isAny);
    }

    /**
     * A field that was not asked for.
     *
     * @param path  as {@code section.rabet} or {@code pack[2].with}
     * @param whole whether an object or a list stands there
     */
    public record Name(String path, boolean whole) {}

    /** All fields that were not asked for, outer ones first. */
    public List<Name> names() {
        List<Name> names = new ArrayList<>();
        names("", names);
        return names;
    }

    private void names(String path, List<Name> names) {
        String dot = path.isEmpty() ? "" : path + ".";
        fields.forEach((name, value) -> names.add(new Name(dot + name, value instanceof Json.Foreign foreign
                && (foreign.source().startsWith("{") || foreign.source().startsWith("[")))));
        within.forEach((name, inner) -> inner.names(dot + name, names));
        for (int i = 0; i < items.size(); i++) {
            items.get(i).names(path + "[" + i + "]", names);
        }
    }

    /** A value with what is foreign put back where it was; what the value has itself stays. */
    public Json into(Json now) {
        return switch (now) {
            case Json.Obj object when isAny() -> {
                Map<String, Json> all = new LinkedHashMap<>();
                object.fields().forEach((name, value) -> {
                    Foreign inner = within.get(name);
                    all.put(name, inner == null ? value : inner.into(value));
                });
                fields.forEach(all::putIfAbsent);
                yield new Json.Obj(all);
            }
            case Json.Arr list when isAny() -> intoItems(list);
            case Json.Obj _,Json.Arr _,Json.Str _,Json.Num _,Json.Bool _,Json.Null _,Json.Foreign _ -> now;
        };
    }

    /** Items are the same when they are of one kind or name and stand in the same order. */
    private Json intoItems(Json.Arr list) {
        List<Foreign> rest = new ArrayList<>(items);
        List<Json> all = new ArrayList<>();
        for (Json item : list.items()) {
            Foreign match = first(rest, identity(item));
            rest.remove(match);
            all.add(match == null ? item : match.into(item));
        }
        return new Json.Arr(all);
    }

    private static @Nullable Foreign first(List<Foreign> items, String identity) {
        return items.stream().filter(each -> each.identity.equals(identity)).findFirst().orElse(null);
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
