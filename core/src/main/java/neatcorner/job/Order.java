package neatcorner.job;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * What was agreed about a job with the one it is for.
 *
 * @param due  the day on which it is to be ready; null while none is agreed
 * @param note in the maker's own words
 */
public record Order(@Nullable LocalDate due, String note) {
    /** Nothing was agreed. */
    public static final Order NONE = new Order(null, "");

    /** With another day, or with none. */
    public Order withDue(@Nullable LocalDate newDue) {
        return new Order(newDue, note);
    }

    /** With other words. */
    public Order withNote(String newNote) {
        return new Order(due, newNote);
    }
}
