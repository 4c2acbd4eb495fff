package neatcorner.station.glueup;

import neatcorner.glueup.Clamp;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.plan.Edit;
import neatcorner.plan.Field;
import neatcorner.plan.Lens;
import neatcorner.shop.Shop;

/** What the shop's clamps reach and how hard they pull. */
public final class ClampFields {
    private ClampFields() {}

    /** What the clamps of that place in the shop's list go round or open to; a shop without them stays as it is. */
    public static Field reach(int index) {
        return new Field("clamp." + index + ".reach", GlueUpTexts.CLAMP_REACH, LengthRange.TOOL,
                plan -> clamps(index).in(plan.shop()).map(Clamp::reach).orElse(Length.ZERO),
                length -> Edit.shop(shop -> clamps(index).change(shop, clamp -> clamp.withReach(length))));
    }

    /** A shop whose clamps of that place pull with so many newtons. */
    public static Shop withForce(Shop shop, int index, double newtons) {
        return clamps(index).change(shop, clamp -> clamp.withForce(newtons));
    }

    private static Lens<Shop, Clamp> clamps(int index) {
        return Lens.at(new Lens<>(Shop::clamps, Shop::withClamps), index);
    }
}
