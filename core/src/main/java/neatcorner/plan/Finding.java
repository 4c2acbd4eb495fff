package neatcorner.plan;

import neatcorner.measure.Sentence;
import org.jspecify.annotations.Nullable;

/**
 * Something about the job that the maker should know before wood is cut.
 *
 * @param kind    what it is about, whatever it says in this job
 * @param where   the station at which it can be seen and mended
 * @param message what it means for the work, in plain words
 * @param remedy  one step that mends it; null when only the maker can decide
 */
public record Finding(Kind kind, Level level, Station where, Sentence message, @Nullable Remedy remedy) {

    /** A kind of finding. Each station has its own. */
    public interface Kind {

        /** Its name in files and on the command line, which stays, such as {@code lip.thin}. */
        String code();
    }

    /** The name of its kind in files. */
    public String code() {
        return kind.code();
    }

    /** Something that cannot be made, with what mends it if anything does. */
    public static Finding stop(Kind kind, Station where, Sentence message, @Nullable Remedy remedy) {
        return new Finding(kind, Level.STOP, where, message, remedy);
    }

    /** Something that can be made and is likely to go wrong. */
    public static Finding check(Kind kind, Station where, Sentence message, @Nullable Remedy remedy) {
        return new Finding(kind, Level.CHECK, where, message, remedy);
    }

    /** Something worth knowing. */
    public static Finding note(Kind kind, Station where, Sentence message, @Nullable Remedy remedy) {
        return new Finding(kind, Level.NOTE, where, message, remedy);
    }
}
