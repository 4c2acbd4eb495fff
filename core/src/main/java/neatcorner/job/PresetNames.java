package neatcorner.job;

/** What the rings of the kinds of frames are called at first; their makers may call them otherwise. */
public final class PresetNames {
    public static final String BACKER = "backer";
    public static final String STRIPS = "holding strips";
    public static final String BAND = "back band";
    public static final String OUTER = "outer frame";
    public static final String STRAINER = "strainer";

    public static final String EDGING = "edging";
    public static final String CAP_OUTSIDE = "outer capping";
    public static final String CAP_INSIDE = "inner capping";
    public static final String BRACE = "brace";

    private PresetNames() {}
}
