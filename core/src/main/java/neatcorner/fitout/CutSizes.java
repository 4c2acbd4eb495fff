package neatcorner.fitout;

import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.outline.Opening;
import neatcorner.section.Rabbet;

/** What the sheets of the pack are cut to. */
public final class CutSizes {

    private CutSizes() {}

    /**
     * How much glazing and backing are cut under the rabbet size, in all: 1.5 mm or 1/16 in (common practice), but no more than
     * the pack has play there, or they would be smaller than the art.
     *
     * @param clearance between the pack and the rabbet's wall, per side
     */
    public static Length under(Units units, Length clearance) {
        return Length.min(units.either(1.5, 1.0 / 16), clearance.times(2));
    }

    /**
     * The size one layer is cut to: glazing and backing a little under the opening they lie in (the backing of a double
     * rabbet lies in the wider step), mats to the pack's size, art as it is. Where no pack lies in a rabbet, all but the art
     * is as large as what is held.
     *
     * @param inRabbet whether the pack lies in the rabbet
     * @param under    how much glazing and backing are cut under there, in all
     */
    public static Opening of(Layer layer, FrameSizes sizes, Rabbet rabbet, boolean inRabbet, Length under) {
        if (!inRabbet) {
            return layer instanceof Layer.Art ? sizes.art() : sizes.pack();
        }
        return switch (layer) {
            case Layer.Glazing glazing -> less(sizes.rabbet(), under);
            case Layer.Backing backing -> less(sizes.rabbet().grown(rabbet.widest().minus(rabbet.width())), under);
            case Layer.Mat mat -> sizes.pack();
            case Layer.Spacers spacers -> sizes.pack();
            case Layer.Art art -> sizes.art();
        };
    }

    private static Opening less(Opening opening, Length under) {
        return new Opening(opening.width().minus(under), opening.height().minus(under));
    }
}
