package neatcorner.desktop.desk;

import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import neatcorner.desktop.document.Document;

/** What a window has to say to its maker: the newest in front of the others, and what is grave until it was read. */
public final class Notices {
    private final ObservableList<Notice> all = FXCollections.observableArrayList();
    private final ObservableList<Notice> seen = FXCollections.unmodifiableObservableList(all);

    /** All that was not read yet, the newest first. */
    public ObservableList<Notice> all() {
        return seen;
    }

    /** Puts one in front. What was only good to know goes for it, and what it says anew. */
    public void say(Notice notice) {
        all.removeIf(each -> !each.grave() || each.text().equals(notice.text())
                || (notice.about() != null && notice.about().equals(each.about())));
        all.addFirst(notice);
    }

    /** One was read. */
    public void close(Notice notice) {
        all.remove(notice);
    }

    /** A job is in its file again. */
    void kept(Document job) {
        all.removeIf(each -> job.equals(each.about()));
    }

    /** Another job is on the bench. */
    void turnTo() {
        all.removeIf(each -> !each.grave());
    }
}
