package neatcorner.desktop.document;

import neatcorner.desktop.document.Planning.Pace;
import neatcorner.job.Job;
import neatcorner.plan.Plan;
import neatcorner.shop.Shop;
import neatcorner.stock.Search;
import org.jspecify.annotations.Nullable;

/**
 * The plan of a document, and how the next one is coming along. First comes what can be found at once, then the best; what
 * was asked for before is dropped.
 */
public final class Work {
    /** How long the first plan may take, ms, where more could be found. */
    private static final long FIRST = 40;

    private final Documents all;
    private final Runnable changed;
    private Plan plan;
    private @Nullable Ticket ticket;
    private boolean busy;
    private String progress = "";

    /** What can be found at once, and whether there may be more. */
    record First(Plan plan, boolean more) {}

    static First first(Planner planner, Job job, Shop shop, Search search) {
        Patience patience = new Patience(search, FIRST);
        Plan plan = planner.plan(job, shop, patience);
        return new First(plan, patience.ranOut());
    }

    Work(Documents all, Plan plan, Runnable changed) {
        this.all = all;
        this.plan = plan;
        this.changed = changed;
    }

    /** The last plan that was worked out. */
    public Plan plan() {
        return plan;
    }

    /** Whether a better plan than the one shown is being looked for. */
    public boolean isBusy() {
        return busy;
    }

    /** What a long search has found so far, in words. */
    public String progress() {
        return progress;
    }

    /** Ends a long search; its best so far is kept. */
    public void stop() {
        Ticket open = ticket;
        if (open != null && busy) {
            open.stop();
        }
    }

    void plan(Job job, Shop shop) {
        drop();
        ticket = all.planning().ask(Pace.QUICK, search -> first(all.planner(), job, shop, search), first -> {
            show(first.plan, first.more);
            if (first.more) {
                goOn(job, shop);
            }
        }, this::fail);
    }

    /** Goes on to the best plan from one that was made in haste. */
    void goOn(Job job, Shop shop) {
        drop();
        busy = true;
        progress = DocumentTexts.WORKING_OUT_THE_STICKS;
        ticket = all.planning().ask(Pace.SLOW, search -> all.planner().plan(job, shop, search),
                best -> show(best, false),
                this::fail, (bars, atLeast) -> {
                    progress = (atLeast > 0 ? DocumentTexts.BEST_SO_FAR_AT_LEAST : DocumentTexts.BEST_SO_FAR)
                            .formatted(bars, atLeast);
                    changed.run();
                });
    }

    private void drop() {
        Ticket open = ticket;
        if (open != null) {
            open.drop();
        }
    }

    private void show(Plan found, boolean more) {
        plan = found;
        busy = more;
        changed.run();
    }

    private void fail(Throwable fault) {
        busy = false;
        all.say(DocumentTexts.THIS_CANNOT_BE_WORKED);
        changed.run();
    }

    /** Works a job out in a shop. */
    @FunctionalInterface
    public interface Planner {
        Plan plan(Job job, Shop shop, Search search);
    }
}
