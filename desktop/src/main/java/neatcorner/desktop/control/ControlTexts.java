package neatcorner.desktop.control;

/**
 * What fields, steps and timers say at every station. {@code %s} stands for what is filled in.
 */
final class ControlTexts {
    // Controls

    static final String ONE_OF = "%s of %s";

    // StepsPane

    static final String GLUE_IS_OPEN = "◷ glue is open · ";
    static final String TIMER = "Timer";
    static final String STEP_OF = "%s, step %s";
    static final String WAIT = "wait %s";
    static final String THEN_WAIT = "%s, then wait %s";
    static final String SECONDS = "%s s";
    static final String HOURS = "%s h";
    static final String HOURS_AND_MINUTES = "%s h %s min";
    static final String MINUTES = "%s min";
    static final String MINUTES_AND_SECONDS = "%s min %s s";

    // TimerBar

    static final String DONE = "Done";
    static final String STOP = "Stop";

    // TypedNumber

    static final String EXPECTED_WHOLE = "%s: expected a whole number from %s to %s";
    static final String EXPECTED_NUMBER = "%s: expected a number from %s to %s";
    static final String NOT_THIS = "%s, not “%s”.";

    // Typing

    static final String EXPECTED = "Expected %s.";
    static final String CANNOT_BE_KEPT = "This cannot be kept: %s.";
    static final String EXPECTED_DEGREES = "“%s”: expected degrees, such as 22.5.";
    static final String EXPECTED_BETWEEN = "Expected %s to %s.";

    private ControlTexts() {}
}
