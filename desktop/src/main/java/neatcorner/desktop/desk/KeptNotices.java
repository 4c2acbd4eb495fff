package neatcorner.desktop.desk;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import neatcorner.desktop.document.Document;
import neatcorner.desktop.document.Documents;
import org.jspecify.annotations.Nullable;

/** What a maker is told when something is not kept, and what holds the window open then. */
public final class KeptNotices {
    private final Documents documents;
    private final Supplier<Document> onBench;
    private final Notices shown;

    /** What there is to say is said in {@code shown}. */
    KeptNotices(Documents documents, Supplier<Document> onBench, Notices shown) {
        this.documents = documents;
        this.onBench = onBench;
        this.shown = shown;
    }

    /** A job could not be kept, or can be again. */
    void keptOrNot(Document of) {
        Notice notice = notice(of);
        if (notice != null) {
            shown.say(notice);
        } else if (of.keeping() instanceof Document.Keeping.Kept) {
            shown.kept(of);
        }
    }

    /** What there is to say about a job; null when it is in its file, or will be in a moment. */
    private @Nullable Notice notice(Document of) {
        boolean here = of.equals(onBench.get());
        String title = DeskTexts.THE_JOB.formatted(of.job().title());
        return switch (of.keeping()) {
            case Document.Keeping.Kept kept -> null;
            case Document.Keeping.Writing writing -> null;
            case Document.Keeping.NotKept not ->
                Notice.grave(DeskTexts.NOT_KEPT.formatted(here ? DeskTexts.THIS_JOB : title, not.why())).about(of);
            case Document.Keeping.ChangedOutside changed ->
                Notice.grave(DeskTexts.CHANGED_OUTSIDE.formatted(here ? DeskTexts.THIS_JOB_WITHIN : title),
                        new Notice.Action(DeskTexts.TAKE_THEIRS,
                                () -> of.takeTheirs(line -> shown.say(Notice.grave(line)))),
                        new Notice.Action(DeskTexts.KEEP_MINE, of::keepMine)).about(of);
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
        actions.add(new Notice.Action(DeskTexts.CLOSE_AND_LOSE_IT, end));
        shown.say(new Notice(true, DeskTexts.STAYS_OPEN.formatted(why.text()), actions, why.about()));
    }
}
