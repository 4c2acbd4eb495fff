package neatcorner.desktop.desk;

import java.nio.file.Path;

/** Where a job lies, a folder each. */
public enum Shelf {
    /** The maker's own, being made or to be made. */
    OWN("My jobs"),
    /** The demo shop's. */
    DEMO("Demo shop"),
    /** Done with, kept to be looked up or made again. */
    PUT_AWAY("Put away"),
    /** Not wanted any more; still there to be brought back. */
    THROWN_AWAY("Thrown away");

    private final String title;

    Shelf(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }

    Path folder(Home home) {
        return switch (this) {
            case OWN -> home.jobs();
            case DEMO -> home.demo();
            case PUT_AWAY -> home.data().resolve("put-away");
            case THROWN_AWAY -> home.data().resolve("thrown-away");
        };
    }
}
