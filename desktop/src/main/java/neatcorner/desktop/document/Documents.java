package neatcorner.desktop.document;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import javafx.util.Subscription;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.job.JobFile;
import neatcorner.job.Job;
import org.jspecify.annotations.Nullable;

/**
 * All jobs that are open. A job stays open as long as it is shown, or is not in its file; a few that were shown last stay
 * open besides.
 */
public final class Documents {
    /** So many that nobody looks at stay open, to be there at once with all that can be undone and done again. */
    static final int MOST_UNSEEN = 8;

    private final DocumentStore store;
    private final ShopState shop;
    private final Planning planning;
    private final Work.Planner planner;
    private final List<Consumer<Document>> watchers = new ArrayList<>();
    private Consumer<String> say = line -> {};
    private final Map<Path, Document> open = new LinkedHashMap<>();

    private final Set<Document> recalled = new HashSet<>();
    /** So many are in the journal of each. */
    private final Map<Document, Integer> lines = new HashMap<>();
    private @Nullable Path undo;

    public Documents(DocumentStore store, ShopState shop, Planning planning, Work.Planner planner) {
        this.store = store;
        this.shop = shop;
        this.planning = planning;
        this.planner = planner;
        shop.watch(() -> all().forEach(Document::shopChanged));
    }

    DocumentStore store() {
        return store;
    }

    /** What all jobs share. */
    public ShopState shop() {
        return shop;
    }

    /** Where slow work is done. */
    public Planning planning() {
        return planning;
    }

    Work.Planner planner() {
        return planner;
    }

    private static Path key(Path file) {
        return file.toAbsolutePath().normalize();
    }

    /** Opens a job on the thread that asks; for the start. Throws as reading does. */
    public Document openNow(Path file) throws IOException, BadFile {
        DocumentStore.Read read = store.read(file);
        JobFile content = shop.here(read.content());
        sayOdd(read);
        return add(read.place(), content,
                Work.first(planner, content.job(), content.madeIn().shop(), () -> false));
    }

    /** Said after the job is on the bench, where what was said before is put away. */
    private void sayOdd(DocumentStore.Read read) {
        String odd = read.odd();
        if (!odd.isEmpty()) {
            store.ask(() -> () -> say(odd), () -> {});
        }
    }

    /** Opens a job, or gives the one that is open already, as its file has it now. One of the two is told. */
    public void open(Path file, Consumer<Document> opened, Consumer<String> refused) {
        Document known = open.get(key(file));
        if (known != null) {
            open.remove(key(file));
            open.put(key(file), known);
            known.refresh(() -> opened.accept(known));
            return;
        }
        store.read(file, read -> planned(read, opened, refused), refused);
    }

    private void planned(DocumentStore.Read read, Consumer<Document> opened, Consumer<String> refused) {
        JobFile content = shop.here(read.content());
        planning.ask(Planning.Pace.QUICK,
                search -> Work.first(planner, content.job(), content.madeIn().shop(), search), first -> {
                    Document known = open.get(key(read.place().file));
                    opened.accept(known != null ? known : add(read.place(), content, first));
                    sayOdd(read);
                },
                fault -> refused.accept(DocumentTexts.CANNOT_BE_WORKED_OUT.formatted(read.place().file.getFileName())));
    }

    /** Where what can be undone is kept while the program is not running. */
    public void rememberUndoIn(Path folder) {
        undo = folder;
    }

    /** Writes down what becomes of a job's steps, with each of them: nobody says when a program will end. */
    void remember(Document document, UndoHistory.Entry entry) {
        Path folder = undo;
        if (folder == null) {
            return;
        }
        recall(document);
        if (lines.merge(document, 1, Integer::sum) > UndoHistory.MOST_LINES) {
            rewrite(folder, document);
        } else {
            store.append(history(folder, document.file()), () -> entry.text().getBytes(StandardCharsets.UTF_8));
        }
    }

    private void rewrite(Path folder, Document document) {
        UndoHistory history = document.history();
        lines.put(document, history.steps().size());
        store.write(history(folder, document.file()), () -> history.text().getBytes(StandardCharsets.UTF_8));
    }

    /** Undo goes on where a job was left, once that is read. */
    public void recall(Document document) {
        Path folder = undo;
        if (folder != null && recalled.add(document)) {
            store.undo(history(folder, document.file()), history -> {
                document.recall(history);
                rewrite(folder, document);
            });
        }
    }

    /** Named after the job's file, and where that is. */
    private static Path history(Path folder, Path file) {
        return folder.resolve(file.getFileName() + "-" + Integer.toHexString(key(file).toString().hashCode()));
    }

    /** A new job for a file that is not there yet, planned at once. It is kept when it is first changed. */
    public Document add(Path file, Job job) {
        JobFile content = shop.inOwn(JobFile.of(job));
        return add(new DocumentStore.Place(file, null), content,
                Work.first(planner, job, content.madeIn().shop(), () -> false));
    }

    /** Makes a new job in a file of its own, named after {@code stem}. It is kept at once, or says why it cannot be. */
    public void create(Path folder, String stem, Job job, Consumer<Document> made) {
        store.ask(() -> {
            Path file = free(folder, stem, 1);
            for (int i = 2; Files.exists(file); i++) {
                file = free(folder, stem, i);
            }
            Path chosen = file;
            return () -> create(chosen, job, made);
        }, this::notMade);
    }

    private void create(Path file, Job job, Consumer<Document> made) {
        JobFile content = shop.inOwn(JobFile.of(job));
        planning.ask(Planning.Pace.QUICK,
                search -> Work.first(planner, job, content.madeIn().shop(), search), first -> {
                    Document document = add(new DocumentStore.Place(file, null), content, first);
                    document.keep();
                    made.accept(document);
                }, fault -> notMade());
    }

    /**
     * Moves a job's file into another folder and forgets what was open of it. A job that is not in its file stays where it is,
     * with a line that says so.
     *
     * @param moved hears where it is now, and which photo beside it belongs to it
     */
    public void move(Path file, Path folder, BiConsumer<Path, @Nullable String> moved) {
        Document known = open.get(key(file));
        if (known != null && known.keeping() instanceof Document.Keeping.Writing) {
            store.ask(() -> () -> move(file, folder, moved), () -> {});
            return;
        }
        if (known != null && !(known.keeping() instanceof Document.Keeping.Kept)) {
            say(DocumentTexts.JOB_STAYS_WHERE_IT_IS.formatted(known.job().title()));
            return;
        }
        String stem = String.valueOf(file.getFileName()).replaceAll("\\.json$", "");
        store.ask(() -> {
            String photo = store.photo(file);
            Path to = store.move(file, number -> free(folder, stem, number));
            return to == null ? () -> say(DocumentTexts.CANNOT_BE_MOVED.formatted(file.getFileName(), folder)) : () -> {
                open.remove(key(file));
                moved.accept(to, photo);
            };
        }, () -> say(DocumentTexts.CANNOT_BE_MOVED.formatted(file.getFileName(), folder)));
    }

    private void notMade() {
        say(DocumentTexts.NEW_JOB_COULD_NOT);
    }

    private static Path free(Path folder, String stem, int number) {
        return folder.resolve(number == 1 ? stem + ".json" : stem + "-" + number + ".json");
    }

    /** Hears a line for the maker when a change cannot be made. */
    public void hear(Consumer<String> listener) {
        say = listener;
    }

    void say(String line) {
        say.accept(line);
    }

    /** Hears of every job that could not be kept, or can be again, until it no longer wants to. */
    public Subscription watch(Consumer<Document> watcher) {
        watchers.add(watcher);
        return () -> watchers.remove(watcher);
    }

    void keptOrNot(Document document) {
        List.copyOf(watchers).forEach(each -> each.accept(document));
    }

    private Document add(DocumentStore.Place place, JobFile content, Work.First first) {
        Document document = new Document(this, place, content, first.plan());
        closeUnseen();
        open.put(key(place.file), document);
        if (first.more()) {
            document.work().goOn(content.job(), content.madeIn().shop());
        }
        return document;
    }

    /** Those that nobody has looked at for longest are closed, if they are in their files. */
    private void closeUnseen() {
        List<Document> unseen = open.values().stream().filter(each -> !each.isShown() && !each.work().isBusy()
                && each.keeping() instanceof Document.Keeping.Kept).toList();
        unseen.subList(0, Math.max(0, unseen.size() - MOST_UNSEEN)).forEach(each -> {
            open.remove(key(each.file()));
            recalled.remove(each);
            lines.remove(each);
        });
    }

    /** All that are open. */
    public List<Document> all() {
        return List.copyOf(open.values());
    }

    /** Jobs that are not in their files. */
    public List<Document> unkept() {
        return open.values().stream().filter(each -> !(each.keeping() instanceof Document.Keeping.Kept)).toList();
    }

    /** Tries once more to keep what could not be kept. */
    public void keepAgain() {
        for (Document each : unkept()) {
            if (each.keeping() instanceof Document.Keeping.NotKept) {
                each.keep();
            }
        }
        store.shared().forEach(SharedFile::keep);
    }

    /** Tries once more to keep everything, and waits for nothing: one of the two is told how it went. */
    public void keepAll(Runnable kept, Runnable notKept) {
        keepAgain();
        waitFor(kept, notKept);
    }

    private void waitFor(Runnable kept, Runnable notKept) {
        store.ask(() -> () -> {
            if (isKept()) {
                kept.run();
            } else if (isRefused()) {
                notKept.run();
            } else {
                waitFor(kept, notKept);
            }
        }, notKept);
    }

    private boolean isRefused() {
        return store.shared().stream().anyMatch(SharedFile::isFailing)
                || unkept().stream().anyMatch(each -> !(each.keeping() instanceof Document.Keeping.Writing));
    }

    /** Whether all jobs and all of the shop are in their files. */
    public boolean isKept() {
        return unkept().isEmpty() && store.shared().stream().allMatch(SharedFile::isKept);
    }

    /** One line about what of the shop is in no file; empty when all is. */
    public String unkeptOfShop() {
        return store.shared().stream().filter(each -> !each.isKept()).map(SharedFile::unkept).findFirst().orElse("");
    }

    /** Whether nothing is under way: no plan, no file. */
    public boolean isIdle() {
        return planning.isIdle() && store.isIdle();
    }
}
