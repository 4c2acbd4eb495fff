package neatcorner.station.glueup;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import neatcorner.glueup.Clamp;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.plan.Edit;
import neatcorner.plan.Field;
import neatcorner.shop.Shop;

/** What the shop's clamps reach and how hard they pull. */
public final class ClampFields {
    private ClampFields() {}

    /** What the clamps of that place in the shop's list go round or open to; a shop without them stays as it is. */
    public static Field reach(int index) {
        return new Field("clamp." + index + ".reach", GlueUpTexts.CLAMP_REACH, LengthRange.TOOL,
                plan -> index < plan.shop().clamps().size() ? plan.shop().clamps().get(index).reach() : Length.ZERO,
                length -> Edit.shop(shop -> with(shop, index, clamp -> clamp.withReach(length))));
    }

    /** A shop whose clamps of that place pull with so many newtons. */
    public static Shop withForce(Shop shop, int index, double newtons) {
        return with(shop, index, clamp -> clamp.withForce(newtons));
    }

    private static Shop with(Shop shop, int index, UnaryOperator<Clamp> change) {
        if (index >= shop.clamps().size()) {
            return shop;
        }
        List<Clamp> clamps = new ArrayList<>(shop.clamps());
        clamps.set(index, change.apply(clamps.get(index)));
        return shop.withClamps(clamps);
    }
}
