package neatcorner.planner;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import neatcorner.job.Job;
import neatcorner.measure.Sentence;
import neatcorner.plan.Field;
import neatcorner.plan.Finding;
import neatcorner.plan.Level;
import neatcorner.plan.Plan;
import neatcorner.plan.Remedy;
import neatcorner.shop.Shop;
import neatcorner.station.Chapter;
import neatcorner.stock.Search;
import org.jspecify.annotations.Nullable;

/**
 * Remedies are tried before they are offered. One mends when what was found is there once less so gravely, nothing as grave or graver has come
 * instead, and every length is one that its box takes, so that the job can be kept. Where its first step is not enough, what the plan
 * then offers is done with it, and said in its label. So each press leaves less to mend than there was, and pressing never goes
 * round.
 */
final class TriedRemedies {
    /** What one press does at most; more is for the maker to decide. */
    private static final int MOST_STEPS = 3;
    /** So often a layout within a trial may ask whether to go on. */
    private static final int MOST_ASKED = 400;
    /** What is found does not depend on it; what mends that is not looked for. */
    private static final Search NO_REMEDIES = () -> true;

    private final Plan before;
    private final List<Finding> found;
    private final Search search;
    private final Map<String, int[]> tally;

    private TriedRemedies(Plan before, List<Finding> found, Search search) {
        this.before = before;
        this.found = found;
        this.search = search;
        this.tally = tally(found);
    }

    /** What was found, with those of its remedies that mend. When the search is told to stop, those not tried are left out. */
    static List<Finding> of(Plan plan, List<Finding> found, Search search) {
        TriedRemedies trial = new TriedRemedies(plan, found, search);
        return found.stream().map(trial::tried).toList();
    }

    private Finding tried(Finding finding) {
        Remedy remedy = finding.remedy();
        if (remedy == null) {
            return finding;
        }
        Remedy mends = null;
        for (int steps = 1; steps <= MOST_STEPS && mends == null; steps += MOST_STEPS - 1) {
            for (Remedy next = remedy; next != null && mends == null
                    && !search.isCancelled(); next = next.otherwise()) {
                mends = mends(finding, next.alone(), steps);
            }
        }
        return remedy.equals(mends)
                ? finding
                : new Finding(finding.kind(), finding.level(), finding.where(), finding.message(), mends);
    }

    /** The remedy, or it and what it takes besides, in so many steps; null when it does not mend. */
    private @Nullable Remedy mends(Finding finding, Remedy remedy, int mostSteps) {
        Remedy all = remedy;
        for (int step = 1; step <= mostSteps; step++) {
            Job job = all.edit().of(before.job(), before.shop());
            Shop shop = all.edit().of(before.shop());
            if (job.equals(before.job()) && shop.equals(before.shop())) {
                return null;
            }
            Plan after = Plan.of(job, shop, few());
            Finding inTheWay = inTheWay(finding, after, Planner.found(after, NO_REMEDIES));
            if (inTheWay == null) {
                return isKept(after) ? all : null;
            }
            Finding again = step == mostSteps ? null : inTheWay(finding, after, Planner.found(after, few()));
            Remedy next = again == null ? null : again.remedy();
            if (next == null
                    || all.label().quantities().size() + next.label().quantities().size() > Sentence.MOST) {
                return null;
            }
            all = new Remedy(all.label().and(next.label()), all.edit().then(next.edit()));
        }
        return null;
    }

    private Search few() {
        int[] asked = new int[1];
        return () -> ++asked[0] > MOST_ASKED || search.isCancelled();
    }

    /** The finding that is still there, or the gravest that has come and is as grave; null when there is none. */
    private @Nullable Finding inTheWay(Finding finding, Plan after, List<Finding> now) {
        Map<String, int[]> then = tally(now);
        if (upTo(then, finding.code(), finding.level()) >= upTo(tally, finding.code(), finding.level())) {
            return newest(now.stream().filter(each -> each.code().equals(finding.code())).toList());
        }
        if (before.pieces().isEmpty() && !after.pieces().isEmpty()) {
            return null;
        }
        return newest(now.stream().filter(each -> each.level().compareTo(finding.level()) <= 0
                && upTo(then, each.code(), finding.level()) > upTo(tally, each.code(), finding.level())).toList());
    }

    /** The first of some that was not found before, else the first of them; null when there are none. */
    private @Nullable Finding newest(List<Finding> some) {
        return some.stream().filter(each -> found.stream().noneMatch(was -> was.message().equals(each.message())))
                .findFirst().orElse(some.isEmpty() ? null : some.getFirst());
    }

    /** Whether every length is one that can be typed, and so be read again. */
    private static boolean isKept(Plan plan) {
        for (Chapter chapter : Chapters.ALL) {
            for (Field field : chapter.fields(plan)) {
                if (!field.range().contains(field.in(plan))) {
                    return false;
                }
            }
        }
        return true;
    }

    private static Map<String, int[]> tally(List<Finding> findings) {
        Map<String, int[]> tally = new HashMap<>();
        for (Finding finding : findings) {
            tally.computeIfAbsent(finding.code(), none -> new int[Level.values().length])[finding.level().ordinal()]++;
        }
        return tally;
    }

    /** How often something was found that is at least so grave. */
    private static int upTo(Map<String, int[]> tally, String code, Level level) {
        int sum = 0;
        int[] levels = tally.getOrDefault(code, new int[0]);
        for (int i = 0; i < levels.length && i <= level.ordinal(); i++) {
            sum += levels[i];
        }
        return sum;
    }
}
