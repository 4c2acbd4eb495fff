package neatcorner.saw;

/** Ways to cut a miter. */
public enum SawKind {
    MITER_SAW("miter saw"),
    SLED("table saw with a sled"),
    HAND_BOX("hand miter box"),
    SHOOTING_BOARD("shooting board");

    private final String title;

    SawKind(String title) {
        this.title = title;
    }

    /** What a maker calls it, in US words. */
    public String title() {
        return title;
    }
}
