package neatcorner.piece;

import neatcorner.measure.Length;
import neatcorner.outline.Outline;

/** How the pieces meet at the corners of a rectangle. All but the miters are cut square. */
public enum CornerJoint {
    /** Both ends cut at an angle. */
    MITER("miter"),
    /** The sides run through; top and bottom stand between them. */
    BUTT("butt"),
    /** Both run through, and each loses half its thickness where they cross. */
    LAP("lap"),
    /**
     * As a lap, but the front half is mitred, so that the face shows a miter: each piece is mitred at its left end, and square
     * to the long point at its right one, where the half behind runs on under its neighbor.
     */
    MITRED_LAP("mitred lap"),
    /** Both run through, and fingers of each fill the gaps of the other. */
    BOX("box");

    private final String title;

    CornerJoint(String title) {
        this.title = title;
    }

    /** What a maker calls it, in US words. */
    public String title() {
        return title;
    }

    /** Fingers of a box corner in so thick a stick: an odd number, each about 10 mm (common practice). */
    public static int fingers(Length thickness) {
        return Math.max(3, 2 * (int) (thickness.toMm() / 20) + 1);
    }

    /** How the corners of an outline are joined: only flat rectangles have another joint than the miter. */
    public CornerJoint on(Outline outline) {
        return outline.isRectangle() && !outline.isSloped() ? this : MITER;
    }

    /** Whether the face shows a miter. */
    public boolean showsMiter() {
        return this == MITER || this == MITRED_LAP;
    }
}
