package neatcorner.exchange.form;

import java.util.function.Function;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.json.Json;
import neatcorner.exchange.json.Node;
import neatcorner.measure.Units;

/**
 * How a value stands in a file. Lengths are numbers in the file's units, or texts with their own.
 *
 * @param <T> the value
 */
public interface Form<T> {

    /** The value that stands there. Throws {@link BadFile} with the place when it is something else, or out of range. */
    T read(Node node, Units units) throws BadFile;

    /** As {@link #read} takes it back, exactly. */
    Json write(T value, Units units);

    /** What may stand there. */
    Description description();

    /** Any value that may stand there; describing a record takes one of each. */
    T sample();

    /** The form of a record of that name, whose components are taken from the fields one by one. */
    static <R> Form<R> of(String name, Fields.Make<R> make) {
        return new RecordForm<>(name, make);
    }

    /** A function that may find a value in a file wanting. */
    @FunctionalInterface
    interface Turning<A, B> {
        B turn(A value, Node at) throws BadFile;
    }

    /** The same in the file, another value here; the sample is one of those. */
    default <B> Form<B> as(Turning<T, B> to, Function<B, T> from, B sample) {
        Form<T> same = this;
        return new Form<>() {
            @Override
            public B read(Node node, Units units) throws BadFile {
                return to.turn(same.read(node, units), node);
            }

            @Override
            public Json write(B value, Units units) {
                return same.write(from.apply(value), units);
            }

            @Override
            public Description description() {
                return same.description();
            }

            @Override
            public B sample() {
                return sample;
            }
        };
    }
}
