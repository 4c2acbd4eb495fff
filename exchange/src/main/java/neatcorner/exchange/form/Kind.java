package neatcorner.exchange.form;

import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Stream;
import neatcorner.exchange.BadFile;

/**
 * One of several kinds of record that a file may hold at a place.
 *
 * @param words what it is called in the file, first as it is written, then what else is understood
 * @param test  whether a record is of this kind
 * @param make  its components; runs only for records of this kind
 * @param <R>   what all kinds have in common
 */
public record Kind<R>(List<String> words, Predicate<R> test, Fields.Make<R> make) {

    public Kind {
        words = List.copyOf(words);
    }

    /** A kind of record that is told by its class. */
    public static <R, K extends R> Kind<R> of(String word, Class<K> type, Fields.Make<K> make) {
        return new Kind<>(List.of(word), type::isInstance, fields -> fields.part(type::cast, make));
    }

    /** A kind that is told by something else. */
    public static <R> Kind<R> when(String word, Predicate<R> test, Fields.Make<R> make) {
        return new Kind<>(List.of(word), test, make);
    }

    /** With other words that are understood as well. */
    public Kind<R> also(String... others) {
        return new Kind<>(Stream.concat(words.stream(), Stream.of(others)).toList(),
                test, make);
    }

    String word() {
        return words.getFirst();
    }

    R take(Fields<R> fields) throws BadFile {
        return make.make(fields);
    }
}
