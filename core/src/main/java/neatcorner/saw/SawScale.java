package neatcorner.saw;

import neatcorner.measure.Angle;
import neatcorner.measure.Length;

/**
 * How a saw's angle is read and nudged.
 *
 * @param zero   where its scale has 0°
 * @param radius from the pivot to the marks: a turn of δ moves the pointer by radius · δ
 * @param fence  from the blade to the far end of the fence: a shim of fence · tan δ there turns the work by δ
 */
public record SawScale(Zero zero, Length radius, Length fence) {

    /** Where a scale has its zero. */
    public enum Zero {
        /** A square cut reads 0°. */
        SQUARE,
        /** A square cut reads 90°; 0° would be along the fence. */
        FENCE
    }

    /** What the scale reads at a miter, which is counted from a square cut. */
    public Angle reads(Angle miter) {
        return zero == Zero.SQUARE ? miter : miter.complement();
    }

    /** How far the pointer moves on the scale for a turn. */
    public Length travel(Angle turn) {
        return Length.mm(Math.abs(radius.toMm() * turn.radians()));
    }

    /** How thick a shim at the fence's end makes the same turn. */
    public Length shim(Angle turn) {
        return Length.mm(Math.abs(fence.toMm() * turn.tan()));
    }
}
