package neatcorner.exchange.json;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import neatcorner.exchange.BadFile;

/**
 * A value in a file with the path that leads to it, for reading what is expected there and complaining precisely. What
 * was asked for is remembered; {@link #foreign} is the rest.
 */
public final class Node {
    private final Json json;
    private final String path;
    private final Map<Json, Set<String>> asked;

    private Node(Json json, String path, Map<Json, Set<String>> asked) {
        this.json = json;
        this.path = path;
        this.asked = asked;
    }

    public static Node root(Json json) {
        return new Node(json, "", new IdentityHashMap<>());
    }

    public Json json() {
        return json;
    }

    /** What nobody has asked for so far, in this value and all within it; {@code source} is the text it was read from. */
    public Foreign foreign(String source) {
        return Foreign.of(json, asked, source);
    }

    /** The error to throw when this value is not what was expected. */
    public BadFile expected(String what) {
        return new BadFile(json.line(), path, what);
    }

    private Json.Obj object() throws BadFile {
        if (json instanceof Json.Obj object) {
            return object;
        }
        throw expected("an object { … }");
    }

    /** The field of that name, unless it is absent or null. */
    public Optional<Node> optional(String name) throws BadFile {
        Json.Obj object = object();
        asked.computeIfAbsent(object, each -> new HashSet<>()).add(name);
        Json value = object.fields().get(name);
        return value == null || value instanceof Json.Null
                ? Optional.empty()
                : Optional.of(new Node(value, path.isEmpty() ? name : path + "." + name, asked));
    }

    public Node required(String name) throws BadFile {
        return optional(name).orElseThrow(() -> new BadFile(json.line(), path.isEmpty() ? name : path + "." + name,
                "a value: the field is missing"));
    }

    public List<Node> items() throws BadFile {
        if (!(json instanceof Json.Arr array)) {
            throw expected("a list [ … ]");
        }
        List<Node> items = new ArrayList<>();
        for (int i = 0; i < array.items().size(); i++) {
            items.add(new Node(array.items().get(i), path + "[" + i + "]", asked));
        }
        return items;
    }

    /** The items of a list that has at most so many. */
    public List<Node> items(int most) throws BadFile {
        List<Node> items = items();
        if (items.size() > most) {
            throw expected("at most " + most + " in this list");
        }
        return items;
    }

    public String text() throws BadFile {
        if (json instanceof Json.Str string) {
            return string.text();
        }
        throw expected("a text in quotes");
    }

    public boolean bool() throws BadFile {
        if (json instanceof Json.Bool bool) {
            return bool.value();
        }
        throw expected("true or false");
    }

    /** A finite number within bounds; zero has no sign. */
    public double number(double least, double most, String what) throws BadFile {
        if (json instanceof Json.Num number) {
            double value = number.value();
            if (value >= least && value <= most) {
                return value + 0.0;
            }
        }
        throw expected(what);
    }

    public int whole(int least, int most) throws BadFile {
        String what = "a whole number from " + least + " to " + most;
        double value = number(least, most, what);
        if (value != Math.rint(value)) {
            throw expected(what);
        }
        return (int) value;
    }

    /** One of a few words. */
    public <T> T oneOf(Map<String, T> choices) throws BadFile {
        T choice = json instanceof Json.Str string ? choices.get(string.text()) : null;
        if (choice == null) {
            throw expected("one of " + String.join(", ", choices.keySet()));
        }
        return choice;
    }
}
