package neatcorner.desktop.shell;

/** What the window says around the stations, in US words. {@code %s} stands for what is filled in. */
final class ShellTexts {
    // Finder

    static final String FIND_PROMPT = "Find a station, field, job, wood, remedy …";
    static final String NOTHING_CALLED = "Nothing here is called “%s”. There are stations and what they show, "
            + "numbers, joints and what holds them, glues, finishes, woods, findings, jobs, paper.";
    static final String SHOWN_AT = "shown at %s";
    static final String FINDING_AT = "finding at %s";
    static final String NEW_JOB = "New job";
    static final String USE_MY_OWN_SHOP = "Use my own shop";
    static final String NEW_WINDOW = "New window";
    static final String NEW_WINDOW_ALSO = "another second beside screen";
    static final String BENCH_VIEW = "Bench view";
    static final String BENCH_VIEW_ALSO = "full screen big number";
    static final String PAPER = "Paper";
    static final String PAPER_ALSO = "print pdf cut list sheet page";
    static final String MILLIMETRES = "Millimetres";
    static final String INCHES = "Inches";
    static final String UNDO = "Undo";
    static final String REDO = "Redo";

    // FindingsPane

    static final String NOTHING_IN_THE_WAY = "Nothing stands in the way here.";
    static final String FINE = "Fine";
    static final String STOP = "Stop";
    static final String CHECK = "Check";
    static final String NOTE = "Note";

    // Header

    static final String DEMO_SHOP = "demo shop";
    static final String START_MY_OWN = "Start my own";
    static final String PLANNED_IN_ANOTHER_SHOP = "planned in another shop";
    static final String JOBS = "Jobs";
    static final String JOBS_CTRL_J = "Jobs (Ctrl+J)";
    static final String DUE_ON_NOTE = "Due on, note";
    static final String OWN_SHOP_HINT = "Plan this job with your clamps, drawers and hours";
    static final String UNDO_CTRL_Z = "Undo (Ctrl+Z)";
    static final String REDO_CTRL_Y = "Redo (Ctrl+Y)";
    static final String FIND_ANYTHING_CTRL_K = "Find anything (Ctrl+K)";
    static final String PAPER_CTRL_P = "Paper (Ctrl+P)";
    static final String BENCH_VIEW_F11 = "Bench view (F11)";
    static final String READY = "%s of %s ready";
    static final String CHANGE_AGREED = "what was agreed";
    static final String PREFERENCES = "Preferences";
    static final String UK_WORDS = "UK words: mitre, rebate, mount";
    static final String DARK = "Dark";
    static final String READ_THE_RULE_TO = "Read the rule to";
    static final String TEXT_SIZE = "Text size";
    static final String OPEN_A_JOB = "Open a job";
    static final String SAVE_A_COPY = "Save a copy";

    // JobCell

    static final String NO_TITLE = "(no title)";
    static final String ON_THE_BENCH = "%s · on the bench";

    // JobRail

    static final String SEARCH_JOBS = "Search jobs";
    static final String CLOSE = "Close";
    static final String MORE_NOTICES = "%d more";
    static final String OPEN = "Open";
    static final String DUE_NOTE = "Due, note …";
    static final String MAKE_ANOTHER_LIKE_IT = "Make another like it";
    static final String PUT_AWAY = "Put away";
    static final String THROW_AWAY = "Throw away";
    static final String BRING_IT_BACK = "Bring it back";
    static final String OPEN_A_FILE = "Open a file …";
    static final String SAVE_A_COPY_BUTTON = "Save a copy …";
    static final String NO_JOB_HAS = "No job here has “%s” in its title, wood or note.";
    static final String NO_OWN_JOB = "No job of your own yet: “New job” begins one.";
    static final String NO_DEMO_JOB = "The demo shop's jobs are not here.";
    static final String NONE_PUT_AWAY = "What is finished and put away lies here.";
    static final String NONE_THROWN_AWAY = "Nothing was thrown away.";
    static final String WAS_THROWN_AWAY = "“%s” was thrown away.";
    static final String WAS_PUT_AWAY = "“%s” was put away.";
    static final String LIES_WITH_YOURS_AGAIN = "“%s” lies with your jobs again.";

    // OrderCard

    static final String TAKE_IT = "Take it";
    static final String DUE_EXAMPLE = "Fri, 4 Dec, in 10 days";
    static final String DUE_ON = "Due on";
    static final String IN_A_WEEK = "in a week";
    static final String WEEK_TYPED = "1 week";
    static final String IN_2_WEEKS = "in 2 weeks";
    static final String TWO_WEEKS_TYPED = "2 weeks";
    static final String IN_4_WEEKS = "in 4 weeks";
    static final String FOUR_WEEKS_TYPED = "4 weeks";
    static final String NO_DAY = "no day";
    static final String AGREED = "What was agreed";
    static final String NO_DAY_AGREED = "no day agreed";
    static final String NOT_A_DAY = "no day: say it as Fri, 4 Dec or in 10 days";

    // SlatePane

    static final String WORKING = "Working";
    static final String WORKING_HINT = "Click a number, or press F1 on it, to see how it was worked out.";

    // UnitsCard

    static final String SAME_IN_INCHES = "Say its sizes in inches";
    static final String SAME_IN_MILLIMETRES = "Say its sizes in millimetres";
    static final String NEAREST_IN_INCHES = "Take the sizes an inch shop would use";
    static final String NEAREST_IN_MILLIMETRES = "Take the sizes a metric shop would use";
    static final String AND_MORE = "and %s more";
    static final String ONLY_READ_IT_IN_INCHES = "Only read it in inches";
    static final String ONLY_READ_IT_IN_MILLIMETRES = "Only read it in millimetres";
    static final String MADE_FOR_MILLIMETRES = "Made for millimetres";
    static final String MADE_FOR_INCHES = "Made for inches";

    // Finder, Header, JobCell

    static final String FIELD = "field, %s";
    static final String UNDONE = "undone: %s";
    static final String DUE = "due %s";
    static final String DUE_SOON = "due %s, %s";

    private ShellTexts() {}
}
