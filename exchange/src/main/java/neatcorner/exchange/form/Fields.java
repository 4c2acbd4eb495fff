package neatcorner.exchange.form;

import java.util.List;
import java.util.function.Function;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.json.Json;
import neatcorner.measure.Units;
import org.jspecify.annotations.Nullable;

/**
 * The fields of an object in a file, from which a record's components are taken one by one, in the order in which they are
 * written. Each is named once: for reading, for writing and for describing.
 *
 * <p>A method that takes components must take the same ones whatever their values are; where a file says first of what kind
 * an object is, {@link #choose} has the kinds. When a record is described, values are samples.
 *
 * @param <R> the record
 */
public sealed interface Fields<R> permits ReadFields, WrittenFields, DescribedFields {

    /** Takes a record's components from its fields. */
    @FunctionalInterface
    interface Make<R> {
        R make(Fields<R> fields) throws BadFile;
    }

    /** Takes something else from a record's fields. */
    @FunctionalInterface
    interface Inner<R, T> {
        T make(Fields<R> fields) throws BadFile;
    }

    /** When a field may be left out. */
    enum Need {
        /** Never. */
        MUST,
        /** When the file's defaults have it. */
        USUAL,
        /** Always: a value is given that then counts. */
        OR,
        /** Always: then there is none. */
        MAYBE
    }

    /**
     * One component.
     *
     * @param otherwise what counts when it is left out, in files of these units; asked only when that is given
     * @param says      its meaning for the documentation; empty when the name says it
     */
    <T> @Nullable T take(String name, Function<R, ? extends @Nullable T> of, Form<T> form, Need need,
            Function<Units, @Nullable T> otherwise, String says) throws BadFile;

    /** An object within this one that holds components of the same record; it must be there, or the file's defaults have it. */
    <T> T within(String name, Need need, String says, Inner<R, T> make) throws BadFile;

    /** Another record whose fields stand among these. */
    <P> P part(Function<R, P> of, Make<P> make) throws BadFile;

    /** One of several kinds of record; the field of that name says which. Without {@code otherwise} it must be there. */
    R choose(String word, @Nullable String otherwise, List<Kind<R>> kinds, String says) throws BadFile;

    /** A value that may be missing in some records, but not in this one. */
    <T> T there(String name, @Nullable T value, Form<T> form) throws BadFile;

    /** A rule of the schema that no field alone can say; reading has to see to it on its own. */
    void rule(Function<Units, Json> rule);

    /** Which of a list's items this is, from 0. */
    int index();

    /** The units of the file. */
    Units units();

    /** What to throw when the field of that name does not suit the others. */
    BadFile expected(String name, String what);

    /** A component that must be there. */
    default <T> T must(String name, Function<R, T> of, Form<T> form, String says) throws BadFile {
        return there(take(name, of, form, Need.MUST, in -> null, says));
    }

    /** A component that counts as the file's defaults have it when it is left out. */
    default <T> T get(String name, Function<R, T> of, Form<T> form, String says) throws BadFile {
        return there(take(name, of, form, Need.USUAL, in -> null, says));
    }

    /** A component that counts as given here when it is left out. */
    default <T> T or(String name, Function<R, T> of, Form<T> form, T otherwise, String says) throws BadFile {
        return orIn(name, of, form, in -> otherwise, says);
    }

    /** A component that counts as given here, in files of these units, when it is left out. */
    default <T> T orIn(String name, Function<R, T> of, Form<T> form, Function<Units, T> otherwise, String says)
            throws BadFile {
        return there(take(name, of, form, Need.OR, otherwise, says));
    }

    /** A component that need not be there; left out when it is null. */
    default <T> @Nullable T maybe(String name, Function<R, ? extends @Nullable T> of, Form<T> form, String says)
            throws BadFile {
        return take(name, of, form, Need.MAYBE, in -> null, says);
    }

    /** Another record, of a form of its own, whose fields stand among these. */
    default <P> P inline(Function<R, P> of, Form<P> form) throws BadFile {
        return part(of, ((RecordForm<P>) form).make());
    }

    private static <T> T there(@Nullable T value) {
        if (value == null) {
            throw new IllegalStateException("a value that must be there is not");
        }
        return value;
    }
}
