package neatcorner.plan;

import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * What follows from a plan, worked out once when it is first asked for. The work is pure: it may ask the plan for what else
 * follows, not for itself, and not for its findings, which are made of it.
 *
 * @param <T> what it is
 */
public final class Derived<T> {
    private final Function<Plan, @Nullable T> work;

    public Derived(Function<Plan, @Nullable T> work) {
        this.work = work;
    }

    /** What was derived from a plan so far. Threads may ask at the same time; each is given the same answer. */
    static final class Known {
        private final Map<Derived<?>, Optional<?>> all = new ConcurrentHashMap<>();

        @SuppressWarnings("unchecked")
        <T> @Nullable T get(Derived<T> what, Plan plan) {
            Optional<?> known = all.get(what);
            if (known == null) {
                Optional<?> found = Optional.ofNullable(what.work.apply(plan));
                Optional<?> before = all.putIfAbsent(what, found);
                known = before == null ? found : before;
            }
            return (@Nullable T) known.orElse(null);
        }
    }
}
