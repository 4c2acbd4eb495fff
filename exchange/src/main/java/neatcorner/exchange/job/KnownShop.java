package neatcorner.exchange.job;

import neatcorner.glueup.Workshop;
import org.jspecify.annotations.Nullable;

/**
 * A shop as files know it.
 *
 * @param workshop what it has
 * @param id       tells it from other shops, whatever it has by now; null when nobody gave it one
 */
public record KnownShop(Workshop workshop, @Nullable String id) {

    /** The same shop with other things in it. */
    public KnownShop withWorkshop(Workshop changed) {
        return new KnownShop(changed, id);
    }

    /** Whether two files speak of one shop, be it at different times. */
    public boolean isSameShop(KnownShop other) {
        return id != null && id.equals(other.id);
    }
}
