package neatcorner.planner;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import neatcorner.job.Job;
import neatcorner.plan.Finding;
import neatcorner.plan.Plan;
import neatcorner.shop.Shop;
import neatcorner.station.Chapter;
import neatcorner.stock.Search;

/** Works out the plan of a job in a shop. Pure: the same two always give the same plan, and nothing else happens. */
public final class Planner {
    private Planner() {}

    /** In a usual small shop. */
    public static Plan plan(Job job) {
        return plan(job, Shop.usual(job.units()), Search.PATIENT);
    }

    /** As {@link #plan(Job)}, in a shop; searches for a layout of sticks, and for remedies, can be told to stop: the
     * best layout so far is kept, and remedies that were not found are left out. */
    public static Plan plan(Job job, Shop shop, Search search) {
        Plan plan = Plan.of(job, shop, search);
        return plan.withFindings(TriedRemedies.of(plan, found(plan, search), search));
    }

    /** What is to be said about a plan, the gravest first; what mends it is not tried. */
    static List<Finding> found(Plan plan, Search search) {
        List<Finding> findings = new ArrayList<>();
        for (Chapter chapter : Chapters.ALL) {
            findings.addAll(chapter.findings(plan, search));
        }
        findings.sort(Comparator.comparing(Finding::level));
        return findings;
    }
}
