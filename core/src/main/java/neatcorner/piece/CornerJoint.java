package neatcorner.piece;

import neatcorner.measure.Length;
import neatcorner.outline.Outline;

/** How the pieces meet at the corners of a rectangle. All but the miters are cut square. */
public enum CornerJoint {
    /** Both ends cut at an angle. */
    MITER("miter"),
    /** The sides run through; top and bottom stand between them. */
    BUTT("butt"),
    /** As a butt corner, but top and bottom stand in dadoes across the sides. */
    DADO("dado"),
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

    /**
     * How deep a dado is cut into a side so wide: a third of it, to the next whole millimeter where the width is in half ones, else
     * to the next 1/16 in (common practice: a third to a half).
     */
    public static Length dado(Length width) {
        long half = Length.mm(0.5).units();
        long step = width.units() % half == 0 ? 2 * half : Length.inches(1.0 / 16).units();
        return new Length(Math.max(1, Math.round(width.units() / 3.0 / step)) * step);
    }

    /** How the corners of an outline are joined: only flat rectangles have another joint than the miter. */
    public CornerJoint on(Outline outline) {
        return outline.isRectangle() && !outline.isSloped() ? this : MITER;
    }

    /** Whether the ends of top and bottom meet the faces of the sides. */
    public boolean isButted() {
        return this == BUTT || this == DADO;
    }

    /** Whether glue alone would hold it by end grain: no face of one piece lies along the other's. */
    public boolean isEndGrain() {
        return this == MITER || isButted();
    }

    /** Whether the face shows a miter. */
    public boolean showsMiter() {
        return this == MITER || this == MITRED_LAP;
    }
}
