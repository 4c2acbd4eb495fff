package neatcorner.fitout;

/** What keeps the pack in its rabbet. How each is used: common practice. */
public enum RetainerKind {
    /** Shot or pressed flat into the wall, about half their length deep. */
    POINTS("points", Way.DRIVEN),
    /** The same, with a tab to push them by. */
    PUSH_POINTS("push points", Way.DRIVEN),
    /** Small nails squeezed in flat. */
    BRADS("brads", Way.DRIVEN),
    /** Driven into the wall and bent over the backing. */
    BENT_NAILS("bent nails", Way.DRIVEN),
    /** Driven points that bend up again, to open the back. */
    FLEXIBLE_TABS("flexible tabs", Way.DRIVEN),
    /** Screwed to the back; they turn aside to open it. */
    TURN_CLIPS("turn clips", Way.SCREWED),
    /** Screwed to the back and stepped, for a pack that stands proud of it or lies below it. */
    OFFSET_CLIPS("offset clips", Way.SCREWED),
    /** Glued into the corner of wall and pack: for mirrors. */
    BLOCKS("wood blocks", Way.GLUED),
    /** Triangles of plywood glued across the corners: for mirrors. */
    TRIANGLES("plywood triangles", Way.GLUED),
    /** Strips of wood all round, pinned to the wall. */
    STRIP("wooden strip", Way.GLUED);

    /** How they are fixed. */
    public enum Way {
        /** Into the rabbet's wall. */
        DRIVEN,
        /** On the back. */
        SCREWED,
        /** Behind the pack, against the wall. */
        GLUED
    }

    private final String title;
    private final Way way;

    RetainerKind(String title, Way way) {
        this.title = title;
        this.way = way;
    }

    /** What they are called, in US words. */
    public String title() {
        return title;
    }

    /** How they are fixed. */
    public Way way() {
        return way;
    }

    /** Whether they hold a pack that stands proud of the back. */
    public boolean holdsProud() {
        return this == OFFSET_CLIPS;
    }

    /** Whether they are set out one by one, and do not run all round or stand in the corners. */
    public boolean isSpaced() {
        return this != STRIP && this != TRIANGLES;
    }
}
