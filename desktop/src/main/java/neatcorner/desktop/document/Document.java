package neatcorner.desktop.document;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import neatcorner.exchange.job.JobFile;
import neatcorner.job.Job;
import neatcorner.plan.Plan;
import org.jspecify.annotations.Nullable;

/**
 * One open job, shared by all windows that show it: the job as it is now, the last plan that was worked out, what can be
 * undone, and whether it is kept. It is there at once, its plan a moment later.
 */
public final class Document {
    private final Documents all;
    private final DocumentStore.Place place;
    private final Deque<Step> done = new ArrayDeque<>();
    private final Deque<Step> undone = new ArrayDeque<>();
    private final List<Runnable> watchers = new ArrayList<>();
    private final Work work;
    private JobFile content;
    /** Counts what was given to the store. */
    private long version;
    private Keeping keeping = new Keeping.Kept();

    /** Whether the job is in its file. */
    public sealed interface Keeping {
        record Kept() implements Keeping {}

        /** It will be in a moment. */
        record Writing() implements Keeping {}

        record NotKept(String why) implements Keeping {}

        /** Somebody else has changed the file. */
        record ChangedOutside() implements Keeping {}
    }

    /** One thing that was done: what was there before and after, and what it did to the shelf of offcuts. */
    private record Step(String name, JobFile before, JobFile after, @Nullable ShelfMove move) {}

    Document(Documents all, DocumentStore.Place place, JobFile content, Plan hasty) {
        this.all = all;
        this.place = place;
        this.content = content;
        this.work = new Work(all, hasty, this::tell);
    }

    /** The job as it is now, newer perhaps than the plan. */
    public Job job() {
        return content.job();
    }

    public java.nio.file.Path file() {
        return place.file;
    }

    public JobFile content() {
        return content;
    }

    public Keeping keeping() {
        return keeping;
    }

    /** The last plan, and how it is coming along. */
    public Work work() {
        return work;
    }

    /** Hears when anything about the document is another. */
    public void watch(Runnable watcher) {
        watchers.add(watcher);
    }

    public void leave(Runnable watcher) {
        watchers.remove(watcher);
    }

    private void tell() {
        List.copyOf(watchers).forEach(Runnable::run);
    }

    /** Changes the job as it is now. What changes nothing is no change. */
    public void change(Change change) {
        perform(change.name(), change.of(), null);
    }

    /** Changes the job and the shelf of offcuts in one step. */
    public void change(Change change, ShelfMove move) {
        perform(change.name(), change.of(), move);
    }

    /**
     * Changes the job in a way that takes a while to work out. If the job is changed meanwhile, it is worked out anew for what
     * it is then.
     */
    public void changeSlowly(Change change, Consumer<Throwable> failed) {
        Job before = content.job();
        all.planning().ask(Planning.Pace.QUICK, search -> change.of().apply(before), after -> {
            if (content.job().equals(before)) {
                change(new Change(change.name(), job -> after));
            } else {
                changeSlowly(change, failed);
            }
        }, failed);
    }

    private void perform(String name, UnaryOperator<Job> change, @Nullable ShelfMove move) {
        Job before = content.job();
        Job after = change.apply(before);
        if (after.equals(before) && move == null) {
            work.plan(before);
            return;
        }
        String beyond = Limits.beyond(after);
        if (beyond != null) {
            all.say(beyond);
            work.plan(before);
            return;
        }
        Step step = new Step(name, content, content.withJob(after), move);
        done.push(step);
        undone.clear();
        go(step.before, step.after, move);
    }

    /** Shows what the job would be like while something is being dragged or typed; nothing is kept. */
    public void preview(UnaryOperator<Job> change) {
        work.plan(change.apply(content.job()));
    }

    /** What would be undone; null when there is nothing. */
    public @Nullable String undoName() {
        Step step = done.peek();
        return step == null ? null : step.name;
    }

    public @Nullable String redoName() {
        Step step = undone.peek();
        return step == null ? null : step.name;
    }

    public void undo() {
        Step step = done.poll();
        if (step != null) {
            undone.push(step);
            go(step.after, step.before, step.move == null ? null : step.move.reversed());
        }
    }

    public void redo() {
        Step step = undone.poll();
        if (step != null) {
            done.push(step);
            go(step.before, step.after, step.move);
        }
    }

    /** Takes over what another program wrote; it can be undone. */
    void takeOver(DocumentStore.Read read) {
        JobFile theirs = read.content();
        all.store().adopt(place, read.place());
        Step step = new Step("take theirs", content, theirs.withJob(all.shop().inShop(theirs.job())), null);
        done.push(step);
        undone.clear();
        content = step.after;
        version++;
        keeping = new Keeping.Kept();
        work.plan(content.job());
        tell();
    }

    /** What is shared with other jobs goes its own way: only what this step changed about it is changed. */
    private void go(JobFile from, JobFile to, @Nullable ShelfMove move) {
        content = to;
        ShopDiff diff = new ShopDiff(from.job().shop(), to.job().shop());
        if (!diff.isNone()) {
            all.shop().change(diff);
        }
        if (move != null) {
            all.shop().shelf().move(move);
        }
        content = to.withJob(all.shop().inShop(to.job()));
        work.plan(content.job());
        keep();
    }

    /** The shop is another. */
    void shopChanged() {
        Job job = all.shop().inShop(content.job());
        if (!job.equals(content.job())) {
            content = content.withJob(job);
            work.plan(job);
            tell();
        }
    }

    /** Writes the job into its file, now or again. */
    public void keep() {
        version++;
        keeping = new Keeping.Writing();
        tell();
        all.store().keep(place, content, version, this::kept);
    }

    /** Writes over what another program wrote. */
    public void keepMine() {
        all.store().overwrite(place);
        keep();
    }

    /** Takes what another program wrote in place of the job as it is here; {@code refused} hears why it cannot be. */
    public void takeTheirs(java.util.function.Consumer<String> refused) {
        all.store().read(place.file, this::takeOver, refused);
    }

    /** Looks whether the file was changed while nobody looked at this job; a job that is not kept stays as it is. */
    void refresh(Runnable then) {
        if (!(keeping instanceof Keeping.Kept)) {
            then.run();
            return;
        }
        all.store().read(place.file, read -> {
            if (keeping instanceof Keeping.Kept && !read.content().equals(content)
                    && !all.shop().inShop(read.content().job()).equals(content.job())) {
                takeOver(read);
            }
            then.run();
        }, refused -> then.run());
    }

    /** What became of an edit before the last one is of no matter: the last is still being written. */
    private void kept(long which, DocumentStore.Outcome outcome) {
        if (which != version) {
            return;
        }
        keeping = switch (outcome) {
            case DocumentStore.Outcome.Kept kept -> new Keeping.Kept();
            case DocumentStore.Outcome.NotKept not -> new Keeping.NotKept(not.why());
            case DocumentStore.Outcome.ChangedOutside changed -> new Keeping.ChangedOutside();
        };
        all.keptOrNot(this);
        tell();
    }
}
