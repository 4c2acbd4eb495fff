package neatcorner.exchange.json;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import neatcorner.exchange.BadFile;
import org.jspecify.annotations.Nullable;

/**
 * A value in a file with the path that leads to it, for reading what is expected there and complaining precisely. What
 * was asked for is remembered; {@link #foreign} is the rest. Behind a file stands what counts where it says nothing. A file
 * may be {@link #mended} as it is read.
 */
public final class Node {
    private final Json json;
    private final String path;
    private final int index;
    private final Map<Json, Set<String>> asked;
    private final @Nullable Json usual;
    private final @Nullable List<String> mends;

    private Node(Json json, String path, int index, Map<Json, Set<String>> asked, @Nullable Json usual,
            @Nullable List<String> mends) {
        this.json = json;
        this.path = path;
        this.index = index;
        this.asked = asked;
        this.usual = usual;
        this.mends = mends;
    }

    /** A whole file, of which nothing has been asked for. */
    public static Node root(Json json) {
        return new Node(json, "", 0, new IdentityHashMap<>(), null, null);
    }

    /** A whole file in which what lies beyond its limits is taken as the nearest that does not; each is said in {@code mends}. */
    public static Node mended(Json json, List<String> mends) {
        return new Node(json, "", 0, new IdentityHashMap<>(), null, mends);
    }

    /** The same with what counts for fields that are left out, of this object and of those within it. */
    public Node withUsual(Json fields) {
        return new Node(json, path, index, asked, fields, mends);
    }

    /** What counts for a value beyond its limits: the nearest within them where the file is mended, else an error to throw. */
    public <T> T beyond(String what, T nearest) throws BadFile {
        BadFile expected = expected(what);
        if (mends == null) {
            throw expected;
        }
        mends.add(expected.getMessage());
        return nearest;
    }

    /** What stands there. */
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

    /** The error to throw when the field of that name, be it there or not, is not what was expected. */
    public BadFile expected(String name, String what) {
        Json value = json instanceof Json.Obj object ? object.fields().get(name) : null;
        return new BadFile((value == null ? json : value).line(), pathTo(name), what);
    }

    /** Which of its list's items it is, from 0; 0 for all else. */
    public int index() {
        return index;
    }

    private String pathTo(String name) {
        return path.isEmpty() ? name : path + "." + name;
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
        return value == null || value instanceof Json.Null ? Optional.empty() : Optional.of(field(name, value));
    }

    private Node field(String name, Json value) {
        return new Node(value, pathTo(name), 0, asked, usualOf(name), mends);
    }

    private @Nullable Json usualOf(String name) {
        return usual instanceof Json.Obj object ? object.fields().get(name) : null;
    }

    /** The field of that name. Throws {@link BadFile} when it is absent or null. */
    public Node required(String name) throws BadFile {
        return optional(name).orElseThrow(() -> missing(name));
    }

    /** The field of that name, or what counts when it is left out; throws {@link BadFile} when neither is there. */
    public Node usual(String name) throws BadFile {
        Optional<Node> there = optional(name);
        Json counts = usualOf(name);
        if (there.isEmpty() && counts == null) {
            throw missing(name);
        }
        return there.isPresent() || counts == null ? there.orElseThrow() : field(name, counts);
    }

    /** The error to throw when a field of that name had to be there. */
    public BadFile missing(String name) {
        return new BadFile(json.line(), pathTo(name), "a value: the field is missing");
    }

    /** The items of a list. Throws {@link BadFile} when it is none. */
    public List<Node> items() throws BadFile {
        if (!(json instanceof Json.Arr array)) {
            throw expected("a list [ … ]");
        }
        List<Node> items = new ArrayList<>();
        for (int i = 0; i < array.items().size(); i++) {
            items.add(new Node(array.items().get(i), path + "[" + i + "]", i, asked, null, mends));
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

    /** A text. Throws {@link BadFile} when it is none. */
    public String text() throws BadFile {
        if (json instanceof Json.Str string) {
            return string.text();
        }
        throw expected("a text in quotes");
    }

    /** True or false. Throws {@link BadFile} when it is neither. */
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
            return value >= least && value <= most
                    ? value + 0.0
                    : beyond(what, Math.max(least, Math.min(most, value)));
        }
        throw expected(what);
    }

    /** A whole number within bounds. Throws {@link BadFile} when it is none. */
    public int whole(int least, int most) throws BadFile {
        String what = "a whole number from " + least + " to " + most;
        double value = number(least, most, what);
        if (value != Math.rint(value)) {
            throw expected(what);
        }
        return (int) value;
    }

    /** One of a few words; {@code what} is said when it is none of them, or all words when that is null. */
    public <T> T oneOf(Map<String, T> choices, @Nullable String what) throws BadFile {
        T choice = json instanceof Json.Str string ? choices.get(string.text()) : null;
        if (choice == null) {
            throw expected(what == null ? "one of " + String.join(", ", choices.keySet()) : what);
        }
        return choice;
    }
}
