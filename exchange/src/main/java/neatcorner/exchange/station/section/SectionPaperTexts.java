package neatcorner.exchange.station.section;

/**
 * What the paper says of the section. {@code %s} stands for words that are filled in, <code>{0}</code> for
 * quantities.
 */
final class SectionPaperTexts {
    // SectionFiles

    static final String TO_FENCE = "to fence";
    static final String FROM_FENCE = "from fence";
    static final String FACE_FRONT_TO_BACK = "face {0}, front to back {1}";
    static final String RABBET_SIZES = "rabbet {0} wide, {1} deep";
    static final String PACK_AND_SPARE = "pack {0}, spare {1}";
    static final String MILLING_OF_RING = "%s: %s";
    static final String MILLING_PASS_BY_PASS = "Milling, pass by pass";
    static final String LIGHT_PASSES_AGAINST_THE_CUTTERS = "Light passes against the cutter's turn, between hold-downs, "
            + "with push blocks; eyes, ears and mask.";
    static final String STICKS_END_AT_FULL = "The stick's end at full size";

    private SectionPaperTexts() {}
}
