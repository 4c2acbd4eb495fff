package neatcorner.exchange.station.hanging;

import java.util.List;

/** What this station says on paper. */
final class HangingPaperTexts {
    static final String HANGING_BY = "Hanging by %s";
    static final String GLUED = "Hanging: glued to the mirror";
    static final String ON_HINGES = "Hanging: on its hinges";

    static final List<String> MEASURED_FROM = List.of("hook of", "from the left corner", "above the floor");

    private HangingPaperTexts() {}
}
