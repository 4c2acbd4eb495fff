package neatcorner.exchange.form;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** The names that a form knows, to tell which of them was meant by one that it does not know. */
public final class KnownNames {
    /** So many letters may be other, or missing, or too many, for every four that a name has. */
    private static final int LETTERS_PER_SLIP = 4;

    private final List<Known> all = new ArrayList<>();

    /**
     * A name, and where it stands.
     *
     * @param within path of the object that has it, such as {@code pack[]}; empty for the whole file
     * @param whole  whether an object or a list stands there
     * @param said   for one who looks for it: "`borders` in `pack`"
     * @param kind   of what, where only some kinds have it: " of kind `mat`"
     */
    private record Known(String name, String within, boolean whole, String said, String kind) {

        boolean isSamePlace(Known other) {
            return name.equals(other.name) && within.equals(other.within);
        }
    }

    private KnownNames() {}

    /** Those of a record's form. */
    public static KnownNames of(Form<?> form) {
        KnownNames names = new KnownNames();
        names.of(form.description(), "", "");
        return names;
    }

    private void of(Description what, String path, String kind) {
        switch (what) {
            case Description.Value value -> {
            }
            case Description.Many many -> of(many.of(), path + "[]", kind);
            case Description.Thing thing -> thing(thing, path, kind);
        }
    }

    private void thing(Description.Thing thing, String path, String kind) {
        for (Description.Entry entry : thing.entries()) {
            add(entry.name(), path, !(entry.what() instanceof Description.Value), kind);
            of(entry.what(), path.isEmpty() ? entry.name() : path + "." + entry.name(), "");
        }
        for (Description.Choice choice : thing.choices()) {
            add(choice.word(), path, false, kind);
            for (Description.Case each : choice.cases()) {
                String word = each.words().getFirst();
                all.add(new Known(word, path, true, "`" + choice.word() + "`: `" + word + "`" + in(path), ""));
                thing(each.fields(), path, " of " + choice.word() + " `" + word + "`");
            }
        }
    }

    private void add(String name, String path, boolean whole, String kind) {
        all.add(new Known(name, path, whole, "`" + name + "`" + in(path), kind));
    }

    private static String in(String path) {
        return path.isEmpty() ? "" : " in `" + path.replace("[]", "") + "`";
    }

    /**
     * The known name that is nearest to one that is not known, for a maker; empty when none is near.
     *
     * @param path  of the unknown name, such as {@code section.rabet} or {@code pack[2].with}
     * @param whole whether an object or a list stands there
     */
    public Optional<String> nearest(String path, boolean whole) {
        String plain = path.replaceAll("\\[\\d+]", "[]");
        int dot = plain.lastIndexOf('.');
        String within = dot < 0 ? "" : plain.substring(0, dot);
        String name = plain.substring(dot + 1).toLowerCase(Locale.ROOT);
        return all.stream().filter(known -> slips(known.name, name) <= name.length() / LETTERS_PER_SLIP)
                .min(Comparator.comparingInt((Known known) -> known.within.equals(within) ? 0 : 1)
                        .thenComparingInt(known -> slips(known.name, name))
                        .thenComparingInt(known -> known.whole == whole ? 0 : 1)
                        .thenComparingInt(known -> known.within.length()))
                .map(found -> found.said + (all.stream().filter(found::isSamePlace).count() > 1 ? "" : found.kind));
    }

    /** Letters to be changed, put in or taken out to make one word of the other (Levenshtein, 1965). */
    static int slips(String known, String word) {
        String other = known.toLowerCase(Locale.ROOT);
        int[] row = new int[word.length() + 1];
        for (int j = 0; j <= word.length(); j++) {
            row[j] = j;
        }
        for (int i = 1; i <= other.length(); i++) {
            int across = row[0];
            row[0] = i;
            for (int j = 1; j <= word.length(); j++) {
                int same = across + (other.charAt(i - 1) == word.charAt(j - 1) ? 0 : 1);
                across = row[j];
                row[j] = Math.min(same, 1 + Math.min(row[j], row[j - 1]));
            }
        }
        return row[word.length()];
    }
}
