package neatcorner.exchange.station.opening;

import java.util.List;

/**
 * What the paper says of the opening. {@code %s} stands for words that are filled in, <code>{0}</code> for
 * quantities.
 */
final class OpeningPaperTexts {
    // OpeningFiles

    static final String CUT_FOR_THE_PACK = "Cut for the pack";
    static final String MAT_WINDOW = "Mat window";

    static final List<String> COLUMNS_OF_PARTS = List.of("part", "how many", "width", "height", "thickness");
    static final String BESIDES_THE_PIECES = "Besides the pieces, for all frames";

    private OpeningPaperTexts() {}
}
