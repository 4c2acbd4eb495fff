package neatcorner.plan;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;

/**
 * The last few results of pure work. The next plan is mostly of the same job with one size changed, and asks for most of
 * them again. Threads may ask at the same time.
 *
 * @param <K> all that a result follows from
 * @param <V> a result; it never changes
 */
final class Recent<K, V> {
    private final Map<K, V> results;

    /** @param most how many are kept; those that were not asked for longest make way */
    Recent(int most) {
        results = new LinkedHashMap<>(2 * most, 0.75f, true) {
            @Override
            protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
                return size() > most;
            }
        };
    }

    /** What follows from it, worked out unless it is still known. */
    V get(K key, Function<K, V> work) {
        synchronized (results) {
            V known = results.get(key);
            if (known != null) {
                return known;
            }
        }
        V found = work.apply(key);
        synchronized (results) {
            results.put(key, found);
        }
        return found;
    }
}
