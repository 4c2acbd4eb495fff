package neatcorner.desktop.desk;

import java.util.List;
import neatcorner.desktop.document.Document;
import org.jspecify.annotations.Nullable;

/**
 * One line for the maker, with what can be done about it.
 *
 * @param about the job whose file it is about; null when it is about something else
 */
public record Notice(boolean grave, String text, List<Action> actions, @Nullable Document about) {

    public record Action(String label, Runnable run) {}

    /** Something good to know. */
    public static Notice info(String text, Action... actions) {
        return new Notice(false, text, List.of(actions), null);
    }

    /** Something that must not be missed. */
    public static Notice grave(String text, Action... actions) {
        return new Notice(true, text, List.of(actions), null);
    }

    /** The same, about a job: it goes when that job leaves the bench. */
    public Notice about(Document document) {
        return new Notice(grave, text, actions, document);
    }
}
