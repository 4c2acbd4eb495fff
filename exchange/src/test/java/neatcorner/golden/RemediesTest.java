package neatcorner.golden;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import neatcorner.exchange.job.JobFile;
import neatcorner.measure.Notation;
import neatcorner.plan.Finding;
import neatcorner.plan.Plan;
import neatcorner.plan.Remedy;
import neatcorner.planner.Planner;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/**
 * A remedy mends: pressed in whatever job, its finding is there once less, nothing as grave or graver has come, the job can be kept.
 * One after the other they come to an end. The seed says which jobs; ./neat-corner bench files presses many more.
 */
class RemediesTest {
    private static final int CASES = Integer.getInteger("neatcorner.files", 400);
    private static final long SEED = Long.getLong("neatcorner.seed", 1);
    /** Changes to one job before another is taken. */
    private static final int CHANGES = 8;
    private static final int MOST_PRESSED = 10;

    private final AnyChange any = new AnyChange(SEED);

    private static Plan plan(JobFile file) {
        return Planner.plan(file.job(), file.madeIn().shop(), AnyChange.few());
    }

    @Test
    void whatIsOfferedMends() throws Exception {
        List<JobFile> jobs = new ArrayList<>(GoldenJobs.files().values());
        Map<String, Integer> mended = new TreeMap<>();
        List<String> left = new ArrayList<>();
        int pressed = 0;
        for (JobFile job : jobs) {
            pressed += press(job, mended, left);
        }
        while (pressed < CASES) {
            int[] more = new int[1];
            any.walk(any.one(jobs), CHANGES, (now, story) -> {
                int before = left.size();
                more[0] += press(now, mended, left);
                if (left.size() > before) {
                    left.add(story);
                }
                return true;
            });
            pressed += more[0];
        }
        int all = pressed;
        assertEquals(List.of(), left.stream().limit(20).toList(), () -> "seed " + SEED + ", " + left.size() + " left");
        System.out.println("remedies: " + all + " pressed, seed " + SEED + ": " + mended);
    }

    /** Presses each remedy of a job; says how many there were. */
    private static int press(JobFile now, Map<String, Integer> mended, List<String> left) {
        Plan plan = plan(now);
        int pressed = 0;
        for (Finding finding : plan.findings()) {
            Remedy remedy = finding.remedy();
            if (remedy != null) {
                pressed++;
                JobFile after = AnyChange.changed(now, remedy.edit());
                String refused = after.refusal();
                String why = refused != null ? "refused: " + refused : whyNot(plan, finding, plan(after));
                if (why == null) {
                    mended.merge(finding.code(), 1, Integer::sum);
                } else {
                    left.add(finding.code() + " [" + remedy.label().in(Notation.of(now.job().units())) + "]: " + why);
                }
            }
        }
        return pressed;
    }

    /** What speaks against a remedy; null when it mends. A frame that could not be made at all hides what it lacks besides. */
    private static @Nullable String whyNot(Plan plan, Finding finding, Plan after) {
        if (grave(after, finding, finding) >= grave(plan, finding, finding)) {
            return "is left standing";
        }
        if (plan.pieces().isEmpty() && !after.pieces().isEmpty()) {
            return null;
        }
        for (Finding now : after.findings()) {
            if (now.level().compareTo(finding.level()) <= 0 && grave(after, now, finding) > grave(plan, now, finding)) {
                return "brings " + now.code();
            }
        }
        return null;
    }

    private static long grave(Plan plan, Finding like, Finding least) {
        return plan.findings().stream().filter(
                each -> each.code().equals(like.code()) && each.level().compareTo(least.level()) <= 0).count();
    }

    /** The first one offered, again and again. */
    @Test
    void pressingThemComesToAnEnd() throws Exception {
        List<JobFile> jobs = new ArrayList<>(GoldenJobs.files().values());
        int most = 0;
        for (int chain = 0; chain < Math.max(jobs.size(), CASES / 10); chain++) {
            JobFile[] last = {chain < jobs.size() ? jobs.get(chain) : any.one(jobs)};
            if (chain >= jobs.size()) {
                any.walk(last[0], CHANGES, (after, story) -> {
                    last[0] = after;
                    return true;
                });
            }
            JobFile now = last[0];
            List<String> pressed = new ArrayList<>();
            Finding first = first(plan(now));
            while (first != null && pressed.size() <= MOST_PRESSED) {
                Remedy remedy = first.remedy();
                pressed.add(first.code());
                now = remedy == null ? now : AnyChange.changed(now, remedy.edit());
                first = first(plan(now));
            }
            most = Math.max(most, pressed.size());
            assertTrue(pressed.size() <= MOST_PRESSED, now.job().title() + ": " + pressed);
        }
        System.out.println("remedies: at most " + most + " pressed one after the other");
    }

    private static @Nullable Finding first(Plan plan) {
        return plan.findings().stream().filter(finding -> finding.remedy() != null).findFirst().orElse(null);
    }
}
