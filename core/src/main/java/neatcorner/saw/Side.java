package neatcorner.saw;

/** Left and right, as the maker stands at the saw. */
public enum Side {
    LEFT("left"),
    RIGHT("right");

    private final String title;

    Side(String title) {
        this.title = title;
    }

    /** Left or right, in US words. */
    public String title() {
        return title;
    }

    /** The other one. */
    public Side other() {
        return this == LEFT ? RIGHT : LEFT;
    }
}
