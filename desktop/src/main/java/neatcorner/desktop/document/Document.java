package neatcorner.desktop.document;

import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.function.Consumer;
import javafx.util.Subscription;
import neatcorner.exchange.job.JobFile;
import neatcorner.exchange.job.KnownShop;
import neatcorner.job.Job;
import neatcorner.plan.Edit;
import neatcorner.plan.Plan;
import neatcorner.shop.Shop;
import neatcorner.stock.Shelf;
import org.jspecify.annotations.Nullable;

/**
 * One open job, shared by all windows that show it: the job as it is now, the last plan that was worked out, what can be
 * undone, and whether it is kept. It is there at once, its plan a moment later.
 */
public final class Document {
    /** Older steps cannot be undone: each holds two jobs and a shop. */
    static final int MOST_STEPS = 500;

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

    /**
     * One thing that was done: what was there before and after, and what it did to the shelf of offcuts.
     *
     * @param moved whether the job may have come from another shop to this one, or the other way
     */
    private record Step(String name, JobFile before, JobFile after, Shelf.@Nullable Move move, boolean moved) {

        /** Whether another program that runs later could take it back: it is the job's and the shop's alone. */
        boolean lasts() {
            return move == null && !moved;
        }

        UndoHistory.Done done() {
            return new UndoHistory.Done(name, before, after);
        }

        Step reversed() {
            return new Step(name, after, before, move == null ? null : move.reversed(), moved);
        }
    }

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

    /** Where it is kept. */
    public Path file() {
        return place.file;
    }

    /** The job with its shop and all else that its file holds. */
    public JobFile content() {
        return content;
    }

    /** Whether it is in its file. */
    public Keeping keeping() {
        return keeping;
    }

    /** The last plan, and how it is coming along. */
    public Work work() {
        return work;
    }

    /** Hears when anything about the document is another, until it no longer wants to. */
    public Subscription watch(Runnable watcher) {
        watchers.add(watcher);
        return () -> watchers.remove(watcher);
    }

    private void tell() {
        List.copyOf(watchers).forEach(Runnable::run);
    }

    /** What there is to make it with: the shop's, or what another shop had where it was planned. */
    public Shop shop() {
        return content.madeIn().shop();
    }

    /** Whether it is shown as it was planned in another shop. */
    public boolean isElsewhere() {
        return all.shop().isElsewhere(content);
    }

    /** Plans it in this shop from now on; it can be undone. */
    public void useOwnShop() {
        if (isElsewhere()) {
            take(new Step(DocumentTexts.USE_MY_OWN_SHOP, content, all.shop().inOwn(content), null, true));
        }
    }

    /** Changes the job, or the shop, as it is now. What changes nothing is no change. */
    public void change(Change change) {
        perform(change, null);
    }

    /** Changes the job and the shelf of offcuts in one step. */
    public void change(Change change, Shelf.Move move) {
        perform(change, move);
    }

    /**
     * Changes the job in a way that takes a while to work out. If the job is changed meanwhile, it is worked out anew for what
     * it is then.
     */
    public void changeSlowly(Change change, Consumer<Throwable> failed) {
        Job before = content.job();
        Shop shop = shop();
        all.planning().ask(Planning.Pace.QUICK, search -> change.edit().of(before, shop), after -> {
            if (content.job().equals(before)) {
                change(new Change(change.name(), job -> after));
            } else {
                changeSlowly(change, failed);
            }
        }, failed);
    }

    private void perform(Change change, Shelf.@Nullable Move move) {
        JobFile after = changed(change.edit());
        if (after.equals(content) && move == null) {
            plan();
            return;
        }
        String refusal = after.refusal(content);
        if (refusal != null) {
            all.say(DocumentTexts.CANNOT_BE_KEPT.formatted(refusal));
            plan();
            return;
        }
        take(new Step(change.name(), content, after, move, false));
    }

    /** Why an edit would be refused: what its file's reader would say of it. Null when it would not be. */
    public @Nullable String refusal(Edit edit) {
        return changed(edit).refusal(content);
    }

    private JobFile changed(Edit edit) {
        KnownShop shop = content.madeIn();
        return content.withJob(edit.of(content.job(), shop.shop()))
                .madeIn(shop.withShop(edit.of(shop.shop())));
    }

    private void plan() {
        work.plan(content.job(), shop());
    }

    private void take(Step step) {
        push(step);
        go(step);
    }

    private void push(Step step) {
        undone.clear();
        did(step);
    }

    private void did(Step step) {
        done.push(step);
        if (done.size() > MOST_STEPS) {
            done.removeLast();
        }
        all.remember(this, step.lasts() ? step.done() : new UndoHistory.Forgot());
    }

    /** Shows what the job would be like while something is being dragged or typed; nothing is kept. */
    public void preview(Edit change) {
        JobFile after = changed(change);
        work.plan(after.job(), after.madeIn().shop());
    }

    /** What would be undone; null when there is nothing. */
    public @Nullable String undoName() {
        Step step = done.peek();
        return step == null ? null : step.name;
    }

    /** What would be done again; null when there is nothing. */
    public @Nullable String redoName() {
        Step step = undone.peek();
        return step == null ? null : step.name;
    }

    /** Takes the last change back. */
    public void undo() {
        Step step = done.poll();
        if (step != null) {
            undone.push(step);
            if (step.lasts()) {
                all.remember(this, new UndoHistory.Undid());
            }
            go(step.reversed());
        }
    }

    /** Does again what was undone. */
    public void redo() {
        Step step = undone.poll();
        if (step != null) {
            did(step);
            go(step);
        }
    }

    /** What can be undone, as far as it is the job's and the shop's alone. Whether the job is in its file is seen at {@link #recall}. */
    UndoHistory history() {
        return new UndoHistory(done.stream().takeWhile(Step::lasts).limit(UndoHistory.MOST)
                .map(Step::done).toList());
    }

    /** Undo goes on with what was done when the program ran last, if the job was found as it was left then. */
    void recall(UndoHistory history) {
        JobFile found = done.isEmpty() ? content : done.getLast().before;
        JobFile left = history.steps().getFirst().after();
        if (left.equals(found) || all.shop().here(left).equals(found)) {
            history.steps()
                    .forEach(step -> done.addLast(new Step(step.name(), step.before(), step.after(), null, false)));
            tell();
        }
    }

    /** Takes over what another program wrote; it can be undone. */
    void takeOver(DocumentStore.Read read) {
        JobFile theirs = read.content();
        all.store().adopt(place, read.place());
        Step step = new Step(DocumentTexts.TAKE_THEIRS, content, all.shop().here(theirs), null, true);
        push(step);
        content = step.after;
        version++;
        keeping = new Keeping.Kept();
        plan();
        tell();
        if (!read.odd().isEmpty()) {
            all.say(read.odd());
        }
    }

    /** What is shared with other jobs goes its own way: only what this step changed about it is changed. */
    private void go(Step step) {
        boolean here = !step.moved && !isElsewhere();
        content = step.after;
        ShopDiff diff = new ShopDiff(step.before.madeIn().shop(), step.after.madeIn().shop());
        if (here && !diff.isNone()) {
            all.shop().change(diff);
        }
        if (step.move != null) {
            all.shop().shelf().move(step.move);
        }
        content = here ? all.shop().inOwn(step.after) : step.moved ? all.shop().here(step.after) : step.after;
        plan();
        keep();
    }

    /** Whether somebody looks at it. */
    boolean isShown() {
        return !watchers.isEmpty();
    }

    /** The shop is another. */
    void shopChanged() {
        JobFile here = all.shop().here(content);
        if (!here.equals(content)) {
            content = here;
            plan();
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
    public void takeTheirs(Consumer<String> refused) {
        all.store().read(place.file, this::takeOver, refused);
    }

    /** Looks whether the file was changed while nobody looked at this job; a job that is not kept stays as it is. */
    void refresh(Runnable then) {
        if (!(keeping instanceof Keeping.Kept)) {
            then.run();
            return;
        }
        all.store().readIfChanged(place, read -> {
            if (keeping instanceof Keeping.Kept && !read.content().equals(content)
                    && !all.shop().here(read.content()).equals(content)) {
                takeOver(read);
            }
            then.run();
        }, then);
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
