package neatcorner.corner.solid;

import java.util.List;
import neatcorner.corner.ReinforcementKind;

/** A way in which a part could be moved, or made larger. */
public enum Room {
    FRONT("to the front"),
    BACK("to the back"),
    HEEL("to the heel"),
    TOE("away from the heel"),
    DEEPER("deeper");

    private final String title;

    Room(String title) {
        this.title = title;
    }

    /** The way in which there is room, in US words. */
    public String title() {
        return title;
    }

    /** The ways in which such a part can be moved at all. */
    public static List<Room> of(ReinforcementKind kind) {
        return Manner.of(kind).rooms();
    }
}
