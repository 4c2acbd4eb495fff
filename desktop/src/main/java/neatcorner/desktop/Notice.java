package neatcorner.desktop;

import java.util.List;

/** One line for the maker, with what can be done about it. */
record Notice(boolean grave, String text, List<Action> actions) {

    record Action(String label, Runnable run) {}

    static Notice info(String text, Action... actions) {
        return new Notice(false, text, List.of(actions));
    }

    static Notice grave(String text, Action... actions) {
        return new Notice(true, text, List.of(actions));
    }
}
