package neatcorner.piece;

/** How the pieces meet at the corners of a rectangle. All but the miter are cut square. */
public enum CornerJoint {
    /** Both ends cut at an angle. */
    MITER("miter"),
    /** The sides run through; top and bottom stand between them. */
    BUTT("butt"),
    /** Both run through, and each loses half its thickness where they cross. */
    LAP("lap"),
    /** As a lap, but the front half is mitred, so that the face shows a miter. */
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

    /** Whether the face shows a miter. */
    public boolean showsMiter() {
        return this == MITER || this == MITRED_LAP;
    }
}
