package neatcorner.exchange.form;

import java.util.List;
import java.util.function.Function;
import neatcorner.exchange.json.Json;
import neatcorner.measure.Units;
import org.jspecify.annotations.Nullable;

/** What may stand at a place in a file: for its schema, and for those who read about it. */
public sealed interface Description {

    /**
     * A single value.
     *
     * @param words  what it may be, for readers; empty for any text
     * @param schema the same as a JSON Schema
     */
    record Value(String words, Function<Units, Json.Obj> schema) implements Description {}

    /** A list of so many. */
    record Many(Description of, int least, int most) implements Description {}

    /**
     * An object.
     *
     * @param name under which the schema keeps it when it stands at several places; empty otherwise
     */
    record Thing(String name, List<Entry> entries, List<Choice> choices, List<Function<Units, Json>> rules)
            implements
                Description {
        public Thing {
            entries = List.copyOf(entries);
            choices = List.copyOf(choices);
            rules = List.copyOf(rules);
        }
    }

    /**
     * A field of an object.
     *
     * @param must      whether it must be there
     * @param otherwise what counts when it is not, in files of these units; null when that is not one value
     * @param says      what it means; empty when its name says it
     */
    record Entry(String name, Description what, boolean must, Function<Units, @Nullable Json> otherwise, String says) {}

    /**
     * A field that says of what kind an object is, and what fields each kind has.
     *
     * @param otherwise what counts when it is left out; null when it must be there
     */
    record Choice(String word, @Nullable String otherwise, List<Case> cases, String says) {
        public Choice {
            cases = List.copyOf(cases);
        }
    }

    /** One kind: its words in the file, the first as it is written, and its own fields. */
    record Case(List<String> words, Thing fields) {
        public Case {
            words = List.copyOf(words);
        }
    }
}
