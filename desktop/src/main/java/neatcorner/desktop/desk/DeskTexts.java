package neatcorner.desktop.desk;

/** What is said about jobs and the shop as a whole, in US words. {@code %s} stands for what is filled in. */
final class DeskTexts {
    // ArtPhotos

    static final String PHOTO_NOT_TAKEN = "%s could not be read, or not copied to %s.";

    // FileMaking

    static final String COPY_IS_IN = "A copy is in %s.";
    static final String COPY_NOT_WRITTEN = "The copy could not be written to %s.";

    // JobCard

    static final String GLUED_UP = "glued up";
    static final String AT_THE_GLUE_UP = "at the glue-up, %s of %s steps done";
    static final String TO_MEND = "%s to mend before it is cut";
    static final String TO_LOOK_AT = "%s to look at";
    static final String READY_TO_CUT = "ready to cut";

    // JobShelves

    static final String NOT_WORKED_OUT = "This cannot be worked out: something went wrong in the "
            + "program; it is in the log.";
    static final String CHANGE_AGREED = "what was agreed";

    // KeptNotices

    static final String THE_JOB = "“%s”";
    static final String THIS_JOB = "This job";
    static final String NOT_KEPT = "%s is not being kept: %s. It is safe here as long as the program runs; save a "
            + "copy elsewhere.";
    static final String CHANGED_OUTSIDE = "Another program has changed the file of %s. Your version is here, theirs "
            + "is in the file.";
    static final String THIS_JOB_WITHIN = "this job";
    static final String TAKE_THEIRS = "Take theirs";
    static final String KEEP_MINE = "Keep mine";
    static final String CLOSE_AND_LOSE_IT = "Close and lose it";
    static final String STAYS_OPEN = "%s The window stays open for it.";

    // Premises

    static final String WENT_WRONG = "Something went wrong in the program; it is in the log. Your "
            + "job is kept; undo if the screen looks odd.";

    // ShopTimer

    static final String OVER_BY = "over by %s";

    // JobShelves

    static final String COPY_OF = "%s (copy)";

    private DeskTexts() {}
}
