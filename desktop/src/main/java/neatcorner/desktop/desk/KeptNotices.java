package neatcorner.desktop.desk;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import javafx.beans.property.ObjectProperty;
import neatcorner.desktop.document.Document;
import neatcorner.desktop.document.Documents;
import org.jspecify.annotations.Nullable;

/** What a maker is told when something is not kept, and what holds the window open then. */
public final class KeptNotices {
    private final Documents documents;
    private final Supplier<Document> onBench;
    private final ObjectProperty<@Nullable Notice> shown;

    /** What there is to say is put into {@code shown}. */
    KeptNotices(Documents documents, Supplier<Document> onBench, ObjectProperty<@Nullable Notice> shown) {
        this.documents = documents;
        this.onBench = onBench;
        this.shown = shown;
    }

    /** A job could not be kept, or can be again. */
    void keptOrNot(Document of) {
        Notice notice = notice(of);
        Notice now = shown.get();
        if (notice != null) {
            shown.set(notice);
        } else if (now != null && of.equals(now.about()) && of.keeping() instanceof Document.Keeping.Kept) {
            shown.set(null);
        }
    }

    /** What there is to say about a job; null when it is in its file, or will be in a moment. */
    private @Nullable Notice notice(Document of) {
        boolean here = of.equals(onBench.get());
        String title = "“" + of.job().title() + "”";
        return switch (of.keeping()) {
            case Document.Keeping.Kept kept -> null;
            case Document.Keeping.Writing writing -> null;
            case Document.Keeping.NotKept not -> Notice.grave((here ? "This job" : title) + " is not being kept: "
                    + not.why() + ". It is safe here as long as the program runs; save a copy elsewhere.").about(of);
            case Document.Keeping.ChangedOutside changed -> Notice.grave("Another program has changed the file of "
                    + (here ? "this job" : title) + ". Your version is here, theirs is in the file.",
                    new Notice.Action("Take theirs", () -> of.takeTheirs(line -> shown.set(Notice.grave(line)))),
                    new Notice.Action("Keep mine", of::keepMine)).about(of);
        };
    }

    /** Whether the program may end now. If something is not kept it is tried once more, and {@code end} is run when it is. */
    boolean mayEnd(Runnable end) {
        if (documents.isKept()) {
            return true;
        }
        documents.keepAll(end, () -> stay(end));
        return false;
    }

    private void stay(Runnable end) {
        List<Document> unkept = documents.unkept();
        Notice job = unkept.isEmpty() ? null : notice(unkept.getFirst());
        Notice why = job == null ? Notice.grave(documents.unkeptOfShop()) : job;
        List<Notice.Action> actions = new ArrayList<>(why.actions());
        actions.add(new Notice.Action("Close and lose it", end));
        shown.set(new Notice(true, why.text() + " The window stays open for it.", actions, why.about()));
    }
}
