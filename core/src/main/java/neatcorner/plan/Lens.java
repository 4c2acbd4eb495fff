package neatcorner.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import neatcorner.job.Job;
import org.jspecify.annotations.Nullable;

/**
 * Where a value stands in a whole, such as a length of a job: it is seen there, and another is put in its place. A whole in
 * which there is no such place, or no longer, shows null and stays as it is.
 *
 * @param get the value; null where there is no place for it
 * @param set the whole with another value; asked only where there is a place
 */
public record Lens<W, V>(Function<W, @Nullable V> get, BiFunction<W, V, W> set) {

    /** Into a job. */
    public static <V> Lens<Job, V> job(Function<Job, @Nullable V> get, BiFunction<Job, V, Job> set) {
        return new Lens<>(get, set);
    }

    /** On into what this one shows. */
    public <X> Lens<W, X> to(Function<V, @Nullable X> part, BiFunction<V, X, V> with) {
        return new Lens<>(whole -> {
            V value = get.apply(whole);
            return value == null ? null : part.apply(value);
        }, (whole, another) -> change(whole, value -> with.apply(value, another)));
    }

    /** On into it, as another kind of thing than it may be; a value that is something else is no place. */
    public <K extends V> Lens<W, K> as(Class<K> kind) {
        return new Lens<>(whole -> {
            V value = get.apply(whole);
            return kind.isInstance(value) ? kind.cast(value) : null;
        }, set::apply);
    }

    /** On into one of a list, counted from 0. */
    public static <W, V> Lens<W, V> at(Lens<W, List<V>> list, int index) {
        return list.to(all -> index < all.size() ? all.get(index) : null, (all, value) -> {
            List<V> changed = new ArrayList<>(all);
            changed.set(index, value);
            return changed;
        });
    }

    /** The same place, where only such values are taken; for another the whole stays as it is. */
    public Lens<W, V> taking(Predicate<V> good) {
        return new Lens<>(get, (whole, value) -> good.test(value) ? set.apply(whole, value) : whole);
    }

    /** What is seen in a whole; empty where there is no place for it. */
    public Optional<V> in(W whole) {
        return Optional.ofNullable(get.apply(whole));
    }

    /** The whole with its value changed. */
    public W change(W whole, UnaryOperator<V> change) {
        V value = get.apply(whole);
        return value == null ? whole : set.apply(whole, change.apply(value));
    }
}
