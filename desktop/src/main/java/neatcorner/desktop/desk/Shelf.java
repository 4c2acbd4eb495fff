package neatcorner.desktop.desk;

import java.nio.file.Path;
import neatcorner.measure.Units;

/** Where a job lies, a folder each. */
public enum Shelf {
    /** The maker's own, being made or to be made. */
    OWN("My jobs"),
    /** Those of the demo shop that works as the maker's own does, in millimetres or in inches. */
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

    Path folder(Home home, Units units) {
        return switch (this) {
            case OWN -> home.jobs();
            case DEMO -> home.demo(units);
            case PUT_AWAY -> home.data().resolve("put-away");
            case THROWN_AWAY -> home.data().resolve("thrown-away");
        };
    }
}
