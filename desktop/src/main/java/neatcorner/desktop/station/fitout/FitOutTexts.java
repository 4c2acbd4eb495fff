package neatcorner.desktop.station.fitout;

import java.util.List;

/** What the station of the fit-out says in the window: names of its controls and of what they change, hints. */
final class FitOutTexts {
    /** What a maker may call the work here, for the finder. */
    static final List<String> FOUND_BY = List.of("points", "brads", "backing", "dust cover", "glazing", "spacers",
            "turn buttons", "fabric", "staples");
    static final String KEEPS_THE_PACK = "keeps the pack in";

    // FitOutView

    static final String HELD_BY = "Held by";
    static final String CHANGE_RETAINERS = "what keeps the pack in";
    static final String SPACING = "Spacing";
    static final String LENGTH_EACH = "Each is long";
    static final String FIRST = "First from the corner";
    static final String MOST = "No more apart than";
    static final String SCREWS = "Screws";
    static final String SCREWS_OF = "Screws of the %s: length";
    static final String FIRST_SCREW = "first from the end";
    static final String MOST_SCREWS = "no more apart than";

    private FitOutTexts() {}
}
