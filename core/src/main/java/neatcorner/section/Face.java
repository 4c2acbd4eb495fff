package neatcorner.section;

/** The four long sides of a stick. */
public enum Face {
    FRONT("front"),
    OUTER("outer edge"),
    BACK("back"),
    INNER("sight edge");

    private final String title;

    Face(String title) {
        this.title = title;
    }

    /** What it is called, in US words. */
    public String title() {
        return title;
    }

    /** The one on the other side of the stick. */
    public Face opposite() {
        return switch (this) {
            case FRONT -> BACK;
            case OUTER -> INNER;
            case BACK -> FRONT;
            case INNER -> OUTER;
        };
    }

    /** Whether it runs across the width (front and back), not along the thickness. */
    public boolean isWide() {
        return this == FRONT || this == BACK;
    }
}
