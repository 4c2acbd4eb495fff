package neatcorner.exchange.plan;

/**
 * What the working sheet and the client's sheet say around the stations. {@code %s} stands for words that are filled in, <code>{0}</code> for
 * quantities.
 */
final class SheetTexts {
    // ClientPdf

    static final String ONE_FRAME = "one frame";
    static final String FRAMES_ALIKE = "%s frames alike";
    static final String FRAME = "The frame";
    static final String OUTSIDE_SIZE = "Outside: {0} × {1}";
    static final String SIGHT_SIZE = "Seen through it: {0} × {1}";
    static final String ART_SIZE = "What it is for: {0} × {1}";
    static final String WOOD_OF_IT = "Wood: %s";
    static final String FACE_FRONT_TO_BACK = "Face {0}, front to back {1}";
    static final String PACK_WITH_IT = "With it: %s";
    static final String FINISH_OF_IT = "Finish: %s";
    static final String PRICE = "Price";
    static final String READY_ON = "Ready on";
    static final String AGREED = "Agreed";
    static final String READY_ON_DAY = "Ready on: %s";

    // PaperPdf

    static final String SUBTITLE_OF_ONE = "one frame, %2$s %3$s × %4$s, rabbet %5$s × %6$s; sizes in drawings are in "
            + "[millimetres|inches]";
    static final String SUBTITLE_OF_SEVERAL = "%1$s frames, %2$s %3$s × %4$s, rabbet %5$s × %6$s; sizes in drawings are in "
            + "[millimetres|inches]";
    static final String DUE = "Due";
    static final String NOTE = "Note";
    static final String TO_LAY_THE_WORK = "to lay the work on, at full size";

    private SheetTexts() {}
}
