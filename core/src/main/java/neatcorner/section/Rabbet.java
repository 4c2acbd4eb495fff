package neatcorner.section;

import neatcorner.measure.Length;
import org.jspecify.annotations.Nullable;

/**
 * The step cut in the back of the sight edge that holds the pack.
 *
 * @param width across the face, from the sight edge
 * @param depth front to back, from the back face
 * @param step  a wider, shallower step behind it for the backing (a double rabbet); null for a plain rabbet
 */
public record Rabbet(Length width, Length depth, @Nullable Step step) {

    /** The wider step of a double rabbet; {@code width} from the sight edge, {@code depth} from the back face. */
    public record Step(Length width, Length depth) {}

    public static Rabbet plain(Length width, Length depth) {
        return new Rabbet(width, depth, null);
    }

    public Rabbet withWidth(Length newWidth) {
        return new Rabbet(newWidth, depth, step);
    }

    public Rabbet withDepth(Length newDepth) {
        return new Rabbet(width, newDepth, step);
    }

    public Rabbet withStep(@Nullable Step newStep) {
        return new Rabbet(width, depth, newStep);
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
