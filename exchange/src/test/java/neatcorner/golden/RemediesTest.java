package neatcorner.golden;

import java.util.*;
import neatcorner.exchange.job.JobFile;
import neatcorner.plan.*;
import neatcorner.planner.Planner;
import neatcorner.stock.Search;
import org.junit.jupiter.api.Test;

class RemediesTest {
    private static final int CASES = Integer.getInteger("neatcorner.files", 1000);
    private static final long SEED = Long.getLong("neatcorner.seed", 1);
    private static final Search HASTY = () -> true;

    @Test
    void survey() throws Exception {
        AnyChange any = new AnyChange(SEED);
        List<JobFile> jobs = new ArrayList<>(GoldenJobs.files().values());
        Map<String, int[]> table = new TreeMap<>();
        Map<String, List<String>> graver = new TreeMap<>();
        long planned = 0;
        int plans = 0;
        int withRemedy = 0;
        long most = 0;
        int done = 0;
        while (done < CASES) {
            JobFile now = any.one(jobs);
            for (int i = 0; i < 8; i++, done++) {
                JobFile next = AnyChange.changed(now, any.next(now).edit());
                if (next.refusal() != null)
                    continue;
                now = next;
                long t = System.nanoTime();
                Plan plan = Planner.plan(now.job(), now.madeIn().shop(), HASTY);
                t = System.nanoTime() - t;
                planned += t;
                plans++;
                most = Math.max(most, t);
                for (Finding f : plan.findings()) {
                    if (f.remedy() == null)
                        continue;
                    withRemedy++;
                    int[] row = table.computeIfAbsent(f.code(), k -> new int[5]);
                    row[0]++;
                    JobFile after = AnyChange.changed(now, f.remedy().edit());
                    if (after.refusal() != null) {
                        row[4]++;
                        continue;
                    }
                    Plan p2 = Planner.plan(after.job(), after.madeIn().shop(), HASTY);
                    if (count(p2, f.code()) >= count(plan, f.code())) {
                        row[2]++;
                        continue;
                    }
                    boolean bad = false;
                    for (Finding g : p2.findings()) {
                        if (g.level().compareTo(f.level()) <= 0 && count(p2, g.code()) > count(plan, g.code())) {
                            bad = true;
                            graver.computeIfAbsent(f.code(), k -> new ArrayList<>()).add(g.code());
                        }
                    }
                    row[bad ? 3 : 1]++;
                }
            }
        }
        System.out.println("TABLE plans " + plans + " mean ms " + planned / 1e6 / plans + " most " + most / 1e6
                + " remedies " + withRemedy);
        System.out.println("TABLE code: offered mended standing graver refused");
        table.forEach((k, v) -> System.out
                .println("TABLE " + k + " " + Arrays.toString(v) + " " + counts(graver.getOrDefault(k, List.of()))));
    }
    private static Map<String, Integer> counts(List<String> l) {
        Map<String, Integer> m = new TreeMap<>();
        l.forEach(x -> m.merge(x, 1, Integer::sum));
        return m;
    }

    private static long count(Plan plan, String code) {
        return plan.findings().stream().filter(f -> f.code().equals(code)).count();
    }
}
