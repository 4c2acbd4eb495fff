package neatcorner.exchange.station.saw;

/**
 * What the paper says of the saw. {@code %s} stands for words that are filled in, <code>{0}</code> for
 * quantities.
 */
final class SawPaperTexts {
    // SawFiles

    static final String SAW_SETTINGS_IN_THIS_ORDER = "Saw settings, in this order";
    static final String LEFT_AND_RIGHT_ARE = "left and right are yours, at the near end of the cut, as you stand at the "
            + "fence";
    static final String FIRST_END_OF_EVERY = "First end of every piece";
    static final String STOP_FOR = "Stop for %s";
    static final String TURNED_OVER = "%s; turned over, face down, first end against the stop%s.";
    static final String FACE_UP = "%1$s; face up, on the %3$s of the blade, first end against the stop%2$s.";
    static final String FIRST_CUTS_DIFFER_ROUGH = "First cut on every piece, at its left end, face up, outer edge on the "
            + "fence, each as it is listed with its stick. The marks leave {0} more than the piece's length between its "
            + "outermost points; cut on the waste side of the line.";
    static final String FIRST_CUTS_DIFFER = "First cut on every piece, at its left end, face up, outer edge on the fence, "
            + "each as it is listed with its stick. The marks leave the piece's length between its outermost points, and "
            + "no more; cut on the waste side of the line.";
    static final String FIRST_CUTS_ROUGH = "First cut on every piece, at its left end, face up, outer edge on the fence: "
            + "%s. The marks leave {3} more than the piece's length between its outermost points; cut on the waste side of "
            + "the line.";
    static final String FIRST_CUTS = "First cut on every piece, at its left end, face up, outer edge on the fence: %s. The "
            + "marks leave the piece's length between its outermost points, and no more; cut on the waste side of the line.";
    private SawPaperTexts() {}
}
