package neatcorner.desktop.station;

/** What the keys at the bench do, said alike at every station. */
public final class BenchTexts {
    public static final String BACK = "Backspace: back";
    public static final String DONE = "Space: done, next";
    public static final String LEAVE = "Esc: leave";

    // StationView

    static final String FRAME_ITSELF = "Frame";
    static final String CORNER = "corner";

    private BenchTexts() {}
}
