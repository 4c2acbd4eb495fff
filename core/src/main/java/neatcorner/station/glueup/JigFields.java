package neatcorner.station.glueup;

import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import neatcorner.glueup.jig.CornerJig;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.measure.Units;
import neatcorner.plan.Edit;
import neatcorner.plan.Field;
import neatcorner.shop.Shop;

/** The dimensions of the shop's corner clamping jig. */
public final class JigFields {
    public static final Field FIRST = field("first", GlueUpTexts.BLOCK_PIVOT_TO_FIRST, CornerJig::first,
            CornerJig::withFirst);
    public static final Field PITCH = field("pitch", GlueUpTexts.HOLE_TO_HOLE, CornerJig::pitch,
            CornerJig::withPitch);
    public static final Field BLOCK = field("block", GlueUpTexts.BITE_TO_BLOCK_PIVOT, CornerJig::block,
            CornerJig::withBlock);
    public static final Field BRIDGE = field("bridge", GlueUpTexts.PIVOTS_OF_A_BRIDGE, CornerJig::bridge,
            CornerJig::withBridge);
    public static final Field MOST = field("most", GlueUpTexts.CLAMP_OPENS_TO, CornerJig::most,
            CornerJig::withMost);
    /** In the order in which a maker measures them. */
    public static final List<Field> ALL = List.of(FIRST, PITCH, BLOCK, BRIDGE, MOST);

    private JigFields() {}

    private static CornerJig jig(Shop shop, Units units) {
        CornerJig jig = shop.jig();
        return jig == null ? CornerJig.usual(units) : jig;
    }

    /** Only positive lengths are taken; others leave the jig as it is. */
    private static Field field(String name, String title, Function<CornerJig, Length> get,
            BiFunction<CornerJig, Length, CornerJig> set) {
        return new Field("jig." + name, title, LengthRange.TOOL,
                plan -> get.apply(jig(plan.shop(), plan.job().units())),
                length -> Edit.shop(shop -> length.isPositive()
                        ? shop.withJig(set.apply(jig(shop, roundIn(length)), length), Math.max(1, shop.jigs()))
                        : shop));
    }

    /** The system of whoever typed a length: in sixty-fourths of an inch, or not. */
    private static Units roundIn(Length length) {
        return length.units() % (Length.PER_INCH / 64) == 0 ? Units.INCHES : Units.MILLIMETRES;
    }
}
