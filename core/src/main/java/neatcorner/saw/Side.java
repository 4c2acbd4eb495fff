package neatcorner.saw;

/** Left and right, as the maker stands at the saw. */
public enum Side {
    LEFT("left"),
    RIGHT("right");

    private final String title;

    Side(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }

    public Side other() {
        return this == LEFT ? RIGHT : LEFT;
    }
}
