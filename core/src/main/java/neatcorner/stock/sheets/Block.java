package neatcorner.stock.sheets;

import org.jspecify.annotations.Nullable;

/**
 * Panels put together so that straight cuts from edge to edge take them apart again: one panel, or two blocks side by side
 * or one above the other with a kerf between. Lengths in units of {@link neatcorner.measure.Length}.
 *
 * @param panel  index of the panel; -1 for two blocks together
 * @param turned whether the panel is turned
 * @param beside whether the two blocks lie side by side
 */
record Block(long width, long height, int panel, boolean turned, boolean beside, @Nullable Block first,
        @Nullable Block second) {

    static Block of(int panel, long width, long height, boolean turned) {
        return new Block(turned ? height : width, turned ? width : height, panel, turned, false, null, null);
    }

    Block beside(Block right, long kerf) {
        return new Block(width + kerf + right.width, Math.max(height, right.height), -1, false, true, this, right);
    }

    Block above(Block below, long kerf) {
        return new Block(Math.max(width, below.width), height + kerf + below.height, -1, false, false, this, below);
    }

    /** Whether it is no larger either way. */
    boolean isWithin(long w, long h) {
        return width <= w && height <= h;
    }
}
