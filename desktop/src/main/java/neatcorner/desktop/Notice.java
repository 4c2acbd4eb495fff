package neatcorner.desktop;

import java.util.List;
import neatcorner.desktop.document.Document;
import org.jspecify.annotations.Nullable;

/**
 * One line for the maker, with what can be done about it.
 *
 * @param about the job whose file it is about; null when it is about something else
 */
record Notice(boolean grave, String text, List<Action> actions, @Nullable Document about) {

    record Action(String label, Runnable run) {}

    static Notice info(String text, Action... actions) {
        return new Notice(false, text, List.of(actions), null);
    }

    static Notice grave(String text, Action... actions) {
        return new Notice(true, text, List.of(actions), null);
    }

    Notice about(Document document) {
        return new Notice(grave, text, actions, document);
    }
}
