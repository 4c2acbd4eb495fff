package neatcorner.desktop.station.hanging;

import java.util.List;

/** What the station of the wall says in the window: names of its controls and of what they change, hints. */
final class HangingTexts {
    /** What a maker may call the work here, for the finder. */
    static final List<String> FOUND_BY = List.of("wire", "hook", "wall", "French cleat", "picture rail", "bumpers",
            "anchor", "stud");
    static final String HANGS_A_FRAME = "hangs a frame";

    // HangingView

    static final String CHANGE_WAY = "way to hang";
    static final String WIRE_ANGLE = "Wire at";
    static final String CHANGE_ANGLE = "angle of the wire";
    static final String HOOKS = "Hooks";
    static final String CHANGE_HOOKS = "hooks";
    static final String THE_WALL = "Wall";
    static final String FIXED_TO = "Fixed to";
    static final String CHANGE_WALL = "wall";
    static final String CEILING = "Height of the wall";
    static final String FURNITURE = "What stands below is high";
    static final String SOMETHING_BELOW = "Something stands below";
    static final String CHANGE_FURNITURE = "what stands below";
    static final String SLEEPERS = "People sleep or sit below";
    static final String CHANGE_SLEEPERS = "people below";
    static final String RATING = "Label of a fixing says";
    static final String CHANGE_RATING = "rating of a fixing";
    static final String KILOGRAMS = "kg";
    static final String POUNDS = "lb";
    static final String APART = "Hooks apart";

    private HangingTexts() {}
}
