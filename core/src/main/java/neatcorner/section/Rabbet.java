package neatcorner.section;

import io.soabase.recordbuilder.core.RecordBuilder;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import org.jspecify.annotations.Nullable;

/**
 * The step cut in the back of the sight edge that holds the pack.
 *
 * @param width across the face, from the sight edge
 * @param depth front to back, from the back face
 * @param step  a wider, shallower step behind it for the backing (a double rabbet); null for a plain rabbet
 * @param tilt  how far the cut is turned against the stick; 0 is square to it. In a frame whose faces slope, a rabbet
 *              tilted by the slope is level: its floor lies in the frame's plane, width and depth are measured along that
 *              plane and square to it, from the inner edge of the floor and from the back's sight edge
 */
@RecordBuilder
public record Rabbet(Length width, Length depth, @Nullable Step step, Angle tilt) implements RabbetBuilder.With {

    /** None: the stick is whole at its sight edge. */
    public static final Rabbet NONE = plain(Length.ZERO, Length.ZERO);

    /** Cut square to the stick. */
    public Rabbet(Length width, Length depth, @Nullable Step step) {
        this(width, depth, step, Angle.ZERO);
    }

    /** The wider step of a double rabbet; {@code width} from the sight edge, {@code depth} from the back face. */
    public record Step(Length width, Length depth) {}

    /** Cut square, without a second step. */
    public static Rabbet plain(Length width, Length depth) {
        return new Rabbet(width, depth, null);
    }

    /** Whether there is none. */
    public boolean isNone() {
        return width.equals(Length.ZERO) && depth.equals(Length.ZERO) && step == null;
    }

    /** Whether its ledge is turned against the stick. */
    public boolean isTilted() {
        return Math.abs(tilt.degrees()) > 1e-9;
    }

    /** How far the milling reaches from the sight edge at its widest. */
    public Length widest() {
        return step == null ? width : Length.max(width, step.width());
    }

    /** Depth that only the front part of the pack has: all of it in a plain rabbet, down to the step in a double one. */
    public Length frontDepth() {
        return step == null ? depth : depth.minus(step.depth());
    }
}
