package neatcorner.desktop.desk;

import java.util.function.BiFunction;
import neatcorner.desktop.document.Planning;
import neatcorner.desktop.document.Ticket;
import neatcorner.stock.Search;
import org.jspecify.annotations.Nullable;

/**
 * Something that takes a while to work out. Until it is there, what was last known is shown.
 *
 * @param <K> what it follows from
 * @param <V> what it is
 */
public final class Later<K, V> {
    private final Workbench bench;
    private final BiFunction<K, Search, V> work;
    private final Runnable changed;
    private V known;
    private @Nullable K asked;
    private @Nullable Ticket ticket;

    /**
     * @param first   what is shown before anything is known
     * @param changed hears when it is worked out
     */
    public Later(Workbench bench, V first, BiFunction<K, Search, V> work, Runnable changed) {
        this.bench = bench;
        this.known = first;
        this.work = work;
        this.changed = changed;
    }

    /** What follows from this, as far as it is known. */
    public V of(K key) {
        if (!key.equals(asked)) {
            asked = key;
            Ticket before = ticket;
            if (before != null) {
                before.drop();
            }
            ticket = bench.planning().ask(Planning.Pace.SLOW, search -> work.apply(key, search), found -> {
                known = found;
                changed.run();
            }, bench::fault);
        }
        return known;
    }
}
