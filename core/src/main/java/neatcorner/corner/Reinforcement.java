package neatcorner.corner;

import io.soabase.recordbuilder.core.RecordBuilder;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import org.jspecify.annotations.Nullable;

/**
 * One way in which the maker holds every corner of a frame. What each size means is said by its kind: a spline's size is its
 * depth from the heel along the diagonal, a tenon's its whole length across the joint, a pin's its length.
 *
 * @param thickness of a flat part, or diameter of a round one
 * @param width     a second size: width of a tenon, crown of a staple, cutter of a biscuit slot; zero where there is none
 * @param count     how many in a corner; of pins, from each side
 * @param tilt      of a spline's slot from the frame's plane, so that a pair is dovetailed; zero for others
 * @param fromHeel  from the heel to its middle, along the joint, or along the outer edge for what is driven through it; null
 *                  for the usual place
 * @param fromFace  from the front face to its middle, where the corner allows a choice; null for the usual place
 */
@RecordBuilder
public record Reinforcement(ReinforcementKind kind, Length size, Length thickness, Length width, int count, Angle tilt,
        @Nullable Length fromHeel, @Nullable Length fromFace) implements ReinforcementBuilder.With {
    /** More of one kind do not fit in any frame's corner. */
    public static final int MOST = 12;

    /** Throws {@link IllegalArgumentException} for fewer than one. */
    public Reinforcement {
        if (count < 1 || count > MOST) {
            throw new IllegalArgumentException("1 to " + MOST + " in a corner, not " + count);
        }
    }

    /** So many at their usual places, straight. */
    public static Reinforcement of(ReinforcementKind kind, Length size, Length thickness, Length width, int count) {
        return new Reinforcement(kind, size, thickness, width, count, Angle.ZERO, null, null);
    }

    /** Splines across the heel, so deep along the diagonal and so thick. */
    public static Reinforcement spline(Length depth, Length thickness, int count) {
        return of(ReinforcementKind.SPLINE, depth, thickness, Length.ZERO, count);
    }

    /** Put somewhere else; null for the usual place. */
    public Reinforcement at(@Nullable Length newFromHeel, @Nullable Length newFromFace) {
        return new Reinforcement(kind, size, thickness, width, count, tilt, newFromHeel, newFromFace);
    }

    /** Whether its sizes are those of a thing: all positive that it has. */
    public boolean isPossible() {
        boolean wide = kind.widthName().isEmpty() || width.isPositive();
        return (size.isPositive() || kind == ReinforcementKind.PEG) && thickness.isPositive() && wide
                && Math.abs(tilt.degrees()) <= 45;
    }

    /** How many solids it makes in a corner. */
    public int parts() {
        return kind.isFromBothSides() ? 2 * count : count;
    }
}
