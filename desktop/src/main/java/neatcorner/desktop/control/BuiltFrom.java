package neatcorner.desktop.control;

import java.util.Arrays;
import java.util.List;

/** Remembers what something on the screen was built from: it is built again only when that has changed, and keeps the focus. */
public final class BuiltFrom {
    private List<Object> last = List.of();

    /** Whether it has to be built again from what there is now. */
    public boolean changed(Object... parts) {
        List<Object> now = Arrays.asList(parts);
        if (now.equals(last)) {
            return false;
        }
        last = List.copyOf(now);
        return true;
    }
}
