package neatcorner.hanging;

import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Mass;
import neatcorner.measure.Units;

/**
 * A wire between two rings, over one hook or over two that are level.
 *
 * @param angle   of its outer legs from horizontal
 * @param tension of an outer leg, newtons
 * @param pull    inwards on the side that a ring is on, newtons
 * @param span    from ring to ring
 * @param apart   from hook to hook; zero for one
 * @param drop    from the top edge of the frame down to the hook; negative where it would stand above
 * @param length  to cut: legs, the part between the hooks, and what is wrapped at each end
 */
public record Wire(Angle angle, double tension, double pull, Length span, Length apart, Length drop, Length length) {
    private static final double USUAL = 30;
    private static final double FLATTEST = 15;

    /** A hook nearer to the top edge is seen: 25 mm or 1 in, common practice. */
    public static Length hidden(Units units) {
        return units.either(25, 1);
    }

    /**
     * Statics: the outer legs carry the weight, T = W·g ÷ (2 sin θ); their horizontal parts pull the sides together. Of the
     * span, two hooks take their distance; the rest is the legs'.
     *
     * @param depth of the rings below the top edge
     * @param wrap  round itself, at each end
     */
    public static Wire of(Mass weight, Length span, Length depth, Angle angle, Length apart, Length wrap) {
        double force = weight.kilograms() * Hanging.GRAVITY;
        double tension = force / (2 * angle.sin());
        Length between = Length.max(Length.ZERO, Length.min(apart, span));
        double half = span.minus(between).toMm() / 2;
        return new Wire(angle, tension, tension * angle.cos(), span, between,
                depth.minus(Length.mm(half * angle.tan())),
                Length.mm(2 * half / angle.cos()).plus(between).plus(wrap.times(2)));
    }

    /** What is wrapped round itself at each end: 100 mm or 4 in, common practice. */
    public static Length wrap(Units units) {
        return units.either(100, 4);
    }

    /** The angle that is usual: 30°, or as flat as hides the hook, but no flatter than 15° (common practice). */
    public static Angle usual(Length span, Length apart, Length depth, Length hidden) {
        double hides = forDrop(span, Length.min(apart, span), depth, hidden).degrees();
        return Angle.ofDegrees(Math.max(FLATTEST, Math.min(USUAL, Math.floor(hides))));
    }

    /** The angle at which the hook comes to lie so far below the top edge; as flat as it must be. */
    public static Angle forDrop(Length span, Length apart, Length depth, Length drop) {
        double half = Math.max(1, span.minus(apart).toMm() / 2);
        return Angle.ofSlope(Math.max(0, depth.minus(drop).toMm()), half);
    }
}
