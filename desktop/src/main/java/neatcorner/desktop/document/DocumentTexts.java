package neatcorner.desktop.document;

/**
 * What is said of jobs that are read, kept and moved, and of long work. {@code %s} stands for what is filled in.
 */
final class DocumentTexts {
    // Document

    static final String USE_MY_OWN_SHOP = "use my own shop";
    static final String TAKE_THEIRS = "take theirs";

    static final String CANNOT_BE_KEPT = "This cannot be kept, so the job stays as it was: %s.";

    // DocumentStore

    static final String COULD_NOT_BE_READ_AGAIN = "it could not be read again: %s";
    static final String MENDED = "%s held what no job can have, and was taken as near to it as can be: %s. With your next "
            + "change the file as it was is laid aside as %s.";

    static final String OUR_FAULT_IN_THE_LOG = "something went wrong in the program; it is in the log";
    static final String CANNOT_BE_READ_OUR_FAULT = "%s cannot be read: something went wrong in the program.";
    static final String UNKNOWN = "%s says what this program does not know. It stays in the file, and counts for nothing: %s.";
    static final String NOT_A_JOB = "%s is not a job this program can read: %s.";
    static final String NO_SUCH_FILE = "There is no file %s.";
    static final String CANNOT_BE_READ = "%s cannot be read.";
    static final String FOLDER_CANNOT_BE_WRITTEN_TO = "the folder %s cannot be written to";
    static final String DISK_IS_FULL = "the disk is full";
    static final String FILE_CANNOT_BE_WRITTEN_WHY = "%s cannot be written: %s";
    static final String FILE_CANNOT_BE_WRITTEN = "%s cannot be written";

    // Documents

    static final String CANNOT_BE_WORKED_OUT = "%s cannot be worked out: something went wrong in the program; it is in the "
            + "log.";
    static final String JOB_STAYS_WHERE_IT_IS = "“%s” stays where it is: it is not in its file yet.";
    static final String CANNOT_BE_MOVED = "%s cannot be moved to %s.";
    static final String NEW_JOB_COULD_NOT = "The new job could not be made: something went wrong in the program; it is in "
            + "the log.";

    // SharedFile

    static final String SHOP_NOT_WRITTEN = "%s could not be written: what was last changed about the shop is only here.";
    static final String IT_CANNOT_BE_WRITTEN = "it cannot be written";
    static final String OUR_FAULT = "something went wrong in the program";
    static final String SET_ASIDE = "%s could not be read: %s. It is set aside as %s and not lost.";
    static final String NOT_BEING_KEPT = "%s is not being kept: %s. It is tried again with the next change.";

    // Work

    static final String WORKING_OUT_THE_STICKS = "working out the sticks";
    static final String BEST_SO_FAR_AT_LEAST = "best so far %s sticks, at least %s";
    static final String BEST_SO_FAR = "best so far %s sticks";
    static final String THIS_CANNOT_BE_WORKED = "This cannot be worked out: something went wrong in the program, and it is "
            + "in the log. What you typed is kept; undo takes it back.";

    private DocumentTexts() {}
}
