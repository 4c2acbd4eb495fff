package neatcorner.section;

/** What an operation is done with. */
public enum Tool {
    ROUTER("router"),
    SAW("table saw"),
    DADO("dado set"),
    PLANE("hand plane");

    private final String title;

    Tool(String title) {
        this.title = title;
    }

    /** What it is called, in US words. */
    public String title() {
        return title;
    }
}
