package neatcorner.desktop.app;

/**
 * What the windows themselves say. {@code %s} stands for what is filled in.
 */
final class AppTexts {
    // Windows

    static final String WINDOW_TITLE = "%s – Neat Corner";
    static final String ENOUGH_WINDOWS = "%d windows are open; close one before another is opened.";
    static final String DEMO_NOT_LAID_OUT = "The demo shop’s jobs could not be laid out: %s.";
    static final String WAIT_IS_OVER = "The wait is over: %s.";

    private AppTexts() {}
}
