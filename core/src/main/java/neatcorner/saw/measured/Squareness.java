package neatcorner.saw.measured;

import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.outline.Opening;

/** What two diagonals say about a rectangle. */
public record Squareness(Opening outside, Length first, Length second) {

    /** Positive when the first diagonal is the longer one. */
    public Length difference() {
        return first.minus(second);
    }

    /** How far the corners are from 90°: ε ≈ Δ·d / (2·a·b) radians, by the law of cosines for small ε. */
    public Angle skew() {
        double mean = (first.toMm() + second.toMm()) / 2;
        return Angle.ofRadians(
                difference().toMm() * mean / (2 * outside.width().toMm() * outside.height().toMm()));
    }

    /** How far one end of the upright sides must be pushed along to bring the frame square. */
    public Length push() {
        return Length.mm(Math.abs(outside.height().toMm() * skew().radians()));
    }

    /** How much the longer diagonal must be drawn in; the shorter then grows by as much. */
    public Length pull() {
        return difference().abs().scaled(0.5);
    }
}
