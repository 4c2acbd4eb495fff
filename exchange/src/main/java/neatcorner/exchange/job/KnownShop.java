package neatcorner.exchange.job;

import neatcorner.measure.Units;
import neatcorner.shop.Shop;
import org.jspecify.annotations.Nullable;

/**
 * A shop as files know it.
 *
 * @param shop what it has
 * @param id   tells it from other shops, whatever it has by now; {@link #UNDESCRIBED} for one that nobody has described;
 *             null where a file describes one without saying whose
 */
public record KnownShop(Shop shop, @Nullable String id) {
    /** Of the usual small shop that a job is planned in until its maker has described one, in whatever version. */
    public static final String UNDESCRIBED = "usual";

    /** The usual small shop, as this version has it. */
    static KnownShop usual(Units units) {
        return new KnownShop(Shop.usual(units), UNDESCRIBED);
    }

    /** Whether nobody has described it. */
    public boolean isUndescribed() {
        return UNDESCRIBED.equals(id);
    }

    /** The same shop with other things in it. */
    public KnownShop withShop(Shop changed) {
        return new KnownShop(changed, id);
    }

    /** Whether two files speak of one shop, be it at different times. */
    public boolean isSameShop(KnownShop other) {
        return id != null && id.equals(other.id);
    }
}
