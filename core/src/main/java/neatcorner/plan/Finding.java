package neatcorner.plan;

import neatcorner.measure.Sentence;
import org.jspecify.annotations.Nullable;

/**
 * Something about the job that the maker should know before wood is cut.
 *
 * @param code    stable name, such as {@code lip.thin}
 * @param where   the station at which it can be seen and mended
 * @param message what it means for the work, in plain words
 * @param remedy  one step that mends it; null when only the maker can decide
 */
public record Finding(String code, Level level, Station where, Sentence message, @Nullable Remedy remedy) {

    /** Something that cannot be made, with what mends it if anything does. */
    public static Finding stop(String code, Station where, Sentence message, @Nullable Remedy remedy) {
        return new Finding(code, Level.STOP, where, message, remedy);
    }

    /** Something that can be made and is likely to go wrong. */
    public static Finding check(String code, Station where, Sentence message, @Nullable Remedy remedy) {
        return new Finding(code, Level.CHECK, where, message, remedy);
    }

    /** Something worth knowing. */
    public static Finding note(String code, Station where, Sentence message, @Nullable Remedy remedy) {
        return new Finding(code, Level.NOTE, where, message, remedy);
    }
}
