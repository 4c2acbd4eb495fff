package neatcorner.fitout;

import neatcorner.measure.Length;
import neatcorner.measure.Units;

/** What keeps the pack in its rabbet. How each is used: common practice. */
public enum RetainerKind {
    /** Shot or pressed flat into the wall, about half their length deep. */
    POINTS("points", Way.DRIVEN, Spread.SPACED, 13, 1.0 / 2),
    /** The same, with a tab to push them by. */
    PUSH_POINTS("push points", Way.DRIVEN, Spread.SPACED, 13, 1.0 / 2),
    /** Small nails squeezed in flat. */
    BRADS("brads", Way.DRIVEN, Spread.SPACED, 15, 5.0 / 8),
    /** Driven into the wall and bent over the backing. */
    BENT_NAILS("bent nails", Way.DRIVEN, Spread.SPACED, 20, 3.0 / 4),
    /** Driven points that bend up again, to open the back. */
    FLEXIBLE_TABS("flexible tabs", Way.DRIVEN, Spread.SPACED, 15, 5.0 / 8),
    /** Screwed to the back; they turn aside to open it. */
    TURN_CLIPS("turn clips", Way.SCREWED, Spread.SPACED, 10, 3.0 / 8),
    /** Screwed to the back and stepped, for a pack that stands proud of it or lies below it. */
    OFFSET_CLIPS("offset clips", Way.SCREWED, Spread.SPACED, 10, 3.0 / 8),
    /** Glued into the corner of wall and pack: for mirrors. */
    BLOCKS("wood blocks", Way.GLUED, Spread.SPACED, 40, 1.5),
    /** Triangles of plywood glued across the corners: for mirrors. */
    TRIANGLES("plywood triangles", Way.GLUED, Spread.IN_CORNERS, 60, 2.5),
    /** Strips of wood all round, pinned to the wall. */
    STRIP("wooden strip", Way.GLUED, Spread.ALL_ROUND, 20, 3.0 / 4);

    /** How they are fixed. */
    public enum Way {
        /** Into the rabbet's wall. */
        DRIVEN,
        /** On the back. */
        SCREWED,
        /** Behind the pack, against the wall. */
        GLUED
    }

    /** How they are set out. */
    public enum Spread {
        /** One by one along the wall. */
        SPACED,
        IN_CORNERS,
        ALL_ROUND
    }

    private final String title;
    private final Way way;
    private final Spread spread;
    private final double mm;
    private final double inches;

    /** In the size that is commonly used, which is another in shops that work in inches. */
    RetainerKind(String title, Way way, Spread spread, double mm, double inches) {
        this.title = title;
        this.way = way;
        this.spread = spread;
        this.mm = mm;
        this.inches = inches;
    }

    /** What they are called, in US words. */
    public String title() {
        return title;
    }

    /** How they are fixed. */
    public Way way() {
        return way;
    }

    /** How they are set out. */
    public Spread spread() {
        return spread;
    }

    /** How long one commonly is; of blocks and triangles, how far it reaches along the wall. */
    Length usual(Units units) {
        return units.either(mm, inches);
    }

    /** Whether they hold a pack that stands proud of the back. */
    public boolean holdsProud() {
        return this == OFFSET_CLIPS;
    }

    /** Whether they are set out one by one, and do not run all round or stand in the corners. */
    public boolean isSpaced() {
        return spread == Spread.SPACED;
    }
}
