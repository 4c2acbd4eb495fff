package neatcorner.exchange.form;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import neatcorner.exchange.json.Json;
import neatcorner.measure.LengthRange;
import neatcorner.measure.LengthText;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import org.jspecify.annotations.Nullable;

/**
 * The JSON Schema (draft 2020-12) of what a form reads. Limits of lengths differ with the file's units, so all that holds
 * lengths is there twice, for millimetres and for inches.
 */
public final class Schemas {
    private final Map<String, Json> definitions = new LinkedHashMap<>();

    private Schemas() {}

    /**
     * The schema of files of a record's form that name their units in a field, with what counts in files of either units for
     * what they leave out.
     */
    public static Json.Obj document(String title, Form<?> form, Map<Units, Json> usual) {
        Schemas schemas = new Schemas();
        Description.Thing whole = ((RecordForm<?>) form).describe(usual);
        Json.Fields root = Json.object().with("$schema", "https://json-schema.org/draft/2020-12/schema")
                .with("title", title).with("type", "object").with("if", is("units", List.of("in")));
        Json mm = schemas.of(whole, Units.MILLIMETRES);
        Json in = schemas.of(whole, Units.INCHES);
        for (Units units : Units.values()) {
            for (LengthRange range : LengthRange.values()) {
                schemas.definitions.put(lengthName(range, units), length(range, units));
            }
        }
        return root.with("then", in).with("else", mm).with("$defs", new Json.Obj(schemas.definitions)).end();
    }

    /** The schema of what a form reads in files of these units, for use within another. */
    public static Json.Obj of(Form<?> form, Units units) {
        return new Schemas().of(form.description(), units, true);
    }

    /** By which a schema refers to one of its definitions. */
    static Json.Obj reference(String name) {
        return Json.object().with("$ref", "#/$defs/" + name).end();
    }

    static String lengthName(LengthRange range, Units units) {
        return "length-" + range.name().toLowerCase(Locale.ROOT) + "." + units.symbol();
    }

    private static Json.Obj length(LengthRange range, Units units) {
        double least = units == Units.MILLIMETRES ? range.least().toMm() : range.least().toInches();
        double most = units == Units.MILLIMETRES ? range.most().toMm() : range.most().toInches();
        return Json.object()
                .with("description", "A number in " + units.symbol() + ", or a text with its own units: "
                        + range.text(Notation.of(units)) + ".")
                .with("type", Json.of(List.of(Json.of("number"), Json.of("string"))))
                .with("minimum", Json.of(least, 6)).with("maximum", Json.of(most, 6))
                .with("pattern", LengthText.PATTERN).end();
    }

    private Json.Obj of(Description description, Units units) {
        return of(description, units, false);
    }

    private Json.Obj of(Description description, Units units, boolean inPlace) {
        return switch (description) {
            case Description.Value value -> value.schema().apply(units);
            case Description.Many many -> many(many, of(many.of(), units, inPlace));
            case Description.Thing thing when inPlace || thing.name().isEmpty() -> thing(thing, units, inPlace, true);
            case Description.Thing thing -> {
                String name = thing.name().replace(' ', '-') + "." + units.symbol();
                if (!definitions.containsKey(name)) {
                    definitions.put(name, Json.none());
                    definitions.put(name, thing(thing, units, false, true));
                }
                yield reference(name);
            }
        };
    }

    private static Json.Obj many(Description.Many many, Json item) {
        Json.Fields list = Json.object().with("type", "array").with("items", item);
        if (many.least() > 0) {
            list.with("minItems", Json.of(many.least()));
        }
        return list.with("maxItems", Json.of(many.most())).end();
    }

    private Json.Obj thing(Description.Thing thing, Units units, boolean inPlace, boolean whole) {
        Json.Fields properties = Json.object();
        List<Json> required = new ArrayList<>();
        List<Json> rules = new ArrayList<>(thing.rules().stream().map(rule -> rule.apply(units)).toList());
        for (Description.Entry entry : thing.entries()) {
            Json.Obj schema = of(entry.what(), units, inPlace);
            properties.with(entry.name(), described(entry.must() ? schema : orNull(schema), entry, units));
            if (entry.must()) {
                required.add(Json.of(entry.name()));
            }
        }
        for (Description.Choice choice : thing.choices()) {
            properties.with(choice.word(), words(choice));
            if (choice.otherwise() == null) {
                required.add(Json.of(choice.word()));
            }
            for (Description.Case each : choice.cases()) {
                if (each.fields().entries().isEmpty() && each.fields().choices().isEmpty()) {
                    continue;
                }
                boolean unsaid = each.words().getFirst().equals(choice.otherwise());
                rules.add(Json.object()
                        .with("if", unsaid ? mayBe(choice.word(), each.words()) : is(choice.word(), each.words()))
                        .with("then", thing(each.fields(), units, inPlace, false)).end());
            }
        }
        Json.Fields all = Json.object();
        if (whole) {
            all.with("type", "object");
        }
        if (!required.isEmpty()) {
            all.with("required", Json.of(required));
        }
        all.with("properties", properties.end());
        return (rules.isEmpty() ? all : all.with("allOf", Json.of(rules))).end();
    }

    private static Json.Obj described(Json.Obj schema, Description.Entry entry, Units units) {
        Json usual = entry.otherwise().apply(units);
        boolean brief = usual != null && !(usual instanceof Json.Obj)
                && !(usual instanceof Json.Arr list && list.items().size() > 5);
        Map<String, Json> fields = new LinkedHashMap<>();
        if (!entry.says().isEmpty()) {
            fields.put("description", Json.of(entry.says().replace("`", "")));
        }
        fields.putAll(schema.fields());
        if (brief && usual != null) {
            fields.put("default", usual);
        }
        return new Json.Obj(fields);
    }

    private static Json.Obj words(Description.Choice choice) {
        Stream<Json> words = choice.cases().stream().flatMap(each -> each.words().stream()).map(Json::of);
        Json.Obj known = Json.object().with("enum", Json.of(words.toList())).end();
        return choice.otherwise() == null
                ? known
                : Json.object().with("enum", Json.of(Stream.concat(((Json.Arr) field(known, "enum")).items().stream(),
                        Stream.of(Json.none())).toList())).with("default", choice.otherwise()).end();
    }

    private static Json field(Json.Obj object, String name) {
        return Objects.requireNonNull(object.fields().get(name));
    }

    /** The same, or null: what may be left out may be said to be nothing. */
    private static Json.Obj orNull(Json.Obj schema) {
        if (schema.fields().get("type") instanceof Json.Str type) {
            Map<String, Json> fields = new LinkedHashMap<>(schema.fields());
            fields.put("type", Json.of(List.of(type, Json.of("null"))));
            return new Json.Obj(fields);
        }
        if (schema.fields().get("enum") instanceof Json.Arr words) {
            return Json.object().with("enum",
                    Json.of(Stream.concat(words.items().stream(), Stream.of(Json.none())).toList())).end();
        }
        return Json.object().with("anyOf", Json.of(List.of(schema, Json.object().with("type", "null").end()))).end();
    }

    /** An object in which a field is one of these words. */
    public static Json.Obj is(String field, List<String> words) {
        return Json.object().with("required", Json.of(List.of(Json.of(field))))
                .with("properties", Json.object().with(field, Json.object()
                        .with("enum", Json.of(words.stream().map(Json::of).toList())).end()).end())
                .end();
    }

    private static Json.Obj mayBe(String field, List<String> words) {
        return within(field, Json.object().with("enum",
                Json.of(Stream.<Json>concat(words.stream().map(Json::of), Stream.of(Json.none())).toList())).end());
    }

    /** An object in which these fields are there, and not null. */
    public static Json.Obj present(String... fields) {
        Json.Fields there = Json.object();
        List<Json> names = new ArrayList<>();
        for (String field : fields) {
            names.add(Json.of(field));
            there.with(field, Json.object().with("not", Json.object().with("type", "null").end()).end());
        }
        return Json.object().with("required", Json.of(names)).with("properties", there.end()).end();
    }

    /** An object in which a field, if it is there, is like this. */
    public static Json.Obj within(String field, Json schema) {
        return Json.object().with("properties", Json.object().with(field, schema).end()).end();
    }

    /** Where the one holds, the other does too; where it does not, the third does. Null leaves that open. */
    public static Json.Obj when(Json holds, @Nullable Json then, @Nullable Json otherwise) {
        Json.Fields rule = Json.object().with("if", holds);
        if (then != null) {
            rule.with("then", then);
        }
        return (otherwise == null ? rule : rule.with("else", otherwise)).end();
    }

    /** All of these hold. */
    public static Json.Obj all(List<? extends Json> rules) {
        return Json.object().with("allOf", Json.of(rules)).end();
    }
}
