package neatcorner.exchange.form;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import neatcorner.exchange.json.Json;
import neatcorner.exchange.json.JsonText;
import neatcorner.measure.Units;
import org.jspecify.annotations.Nullable;

/** All fields of a form as a table in Markdown: path, what may stand there and what it means, what counts without it. */
public final class FieldTable {
    private static final int BRIEF = 40;

    /** A line, but for the kinds of thing that have the field. */
    private record Row(String path, String text, String otherwise) {}

    private final Map<Row, List<String>> rows = new LinkedHashMap<>();
    private final Map<String, String> named = new LinkedHashMap<>();

    private FieldTable() {}

    /** The table of a record's form, with what counts in files of either units for what they leave out. */
    public static String of(Form<?> form, Map<Units, Json> usual) {
        FieldTable table = new FieldTable();
        table.thing(((RecordForm<?>) form).describe(usual), "", "");
        StringBuilder text = new StringBuilder("| field | what | without it |\n| --- | --- | --- |\n");
        table.rows.forEach((row, kinds) -> {
            String only = kinds.contains("") ? "" : "of " + String.join(", ", kinds) + ": ";
            text.append("| `").append(row.path()).append("` | ").append(only).append(row.text()).append(" | ")
                    .append(row.otherwise()).append(" |\n");
        });
        return text.toString();
    }

    private void thing(Description.Thing thing, String prefix, String kind) {
        for (Description.Choice choice : thing.choices()) {
            add(prefix + choice.word(),
                    words(List.of(String.join(", ",
                            choice.cases().stream().map(each -> "`" + each.words().getFirst() + "`").toList())),
                            choice.says()),
                    choice.otherwise() == null ? "required" : "`" + choice.otherwise() + "`", kind);
            for (Description.Case each : choice.cases()) {
                thing(each.fields(), prefix, "`" + each.words().getFirst() + "`");
            }
        }
        for (Description.Entry entry : thing.entries()) {
            entry(entry, prefix + entry.name(), kind);
        }
    }

    private void entry(Description.Entry entry, String path, String kind) {
        String otherwise = entry.must() ? "required" : otherwise(entry.otherwise());
        switch (entry.what()) {
            case Description.Value value ->
                add(path, words(value.words().isEmpty() ? List.of() : List.of(value.words()), entry.says()), otherwise,
                        kind);
            case Description.Thing thing -> {
                if (!entry.says().isEmpty() || !entry.must()) {
                    add(path, entry.says(), entry.must() ? "required" : otherwise.isEmpty() ? "" : "as below", kind);
                }
                thing(thing, path + ".", kind);
            }
            case Description.Many many -> {
                String count = many.least() == many.most()
                        ? many.most() + " of them"
                        : many.least() > 0 ? many.least() + " … " + many.most() : "at most " + many.most();
                String item = many.of() instanceof Description.Value value ? "each " + value.words() : "";
                add(path, words(item.isBlank() ? List.of(count) : List.of(count, item), entry.says()), otherwise,
                        kind);
                if (many.of() instanceof Description.Thing thing) {
                    items(thing, path + "[]", kind);
                }
            }
        }
    }

    /** What stands at several places is told at the first. */
    private void items(Description.Thing thing, String path, String kind) {
        String first = thing.name().isEmpty() ? null : named.putIfAbsent(thing.name(), path);
        if (first == null) {
            thing(thing, path + ".", kind);
        } else {
            add(path, "each as `" + first + "`", "", kind);
        }
    }

    private static String words(List<String> may, String says) {
        List<String> parts = new ArrayList<>();
        if (!says.isEmpty()) {
            parts.add(says);
        }
        parts.addAll(may);
        return String.join("; ", parts);
    }

    private static String otherwise(Function<Units, @Nullable Json> of) {
        String mm = text(of.apply(Units.MILLIMETRES));
        String in = text(of.apply(Units.INCHES));
        return mm.equals(in) ? mm : mm + " in mm, " + in + " in inches";
    }

    private static String text(@Nullable Json json) {
        return switch (json) {
            case null -> "";
            case Json.Arr list when list.items().isEmpty() -> "none";
            case Json other -> {
                String line = JsonText.writeBrief(other, Integer.MAX_VALUE).strip();
                yield line.length() > BRIEF ? "a usual set" : "`" + line + "`";
            }
        };
    }

    private void add(String path, String text, String otherwise, String kind) {
        List<String> kinds = rows.computeIfAbsent(new Row(path, text, otherwise), row -> new ArrayList<>());
        if (!kinds.contains(kind)) {
            kinds.add(kind);
        }
    }
}
