package neatcorner.golden;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.job.JobFile;
import org.junit.jupiter.api.Test;

/**
 * What is kept can be opened again: whatever the window, a kind or a remedy does to a job, in whatever order, is either
 * refused or comes back from its file as it was. The seed says which changes; ./neat-corner bench files.
 */
class KeptAgainTest {
    private static final int CASES = Integer.getInteger("neatcorner.files", 1000);
    private static final long SEED = Long.getLong("neatcorner.seed", 1);
    /** Changes to one job before another is taken. */
    private static final int CHANGES = 12;

    private final AnyChange any = new AnyChange(SEED);
    private final Map<String, Integer> refused = new TreeMap<>();

    @Test
    void whateverIsDoneToAJobItIsReadBackAsItWas() throws Exception {
        List<JobFile> jobs = new ArrayList<>(GoldenJobs.files().values());
        List<String> lost = new ArrayList<>();
        int done = 0;
        while (done < CASES) {
            JobFile now = any.one(jobs);
            StringBuilder story = new StringBuilder(now.job().title());
            for (int i = 0; i < CHANGES; i++, done++) {
                AnyChange.Change change = any.next(now);
                story.append("; ").append(change.name());
                JobFile next = AnyChange.changed(now, change.edit());
                String why = next.refusal();
                if (why != null) {
                    refused.merge(why.replaceAll("\\[\\d+]", "[]"), 1, Integer::sum);
                    continue;
                }
                now = next;
                String fault = fault(now);
                if (!fault.isEmpty()) {
                    lost.add(story + ": " + fault);
                    break;
                }
            }
        }
        assertEquals(List.of(), lost.stream().limit(20).toList(), () -> "seed " + SEED + ", " + lost.size() + " lost");
        int all = refused.values().stream().mapToInt(each -> each).sum();

        assertTrue(all < done / 8, () -> "too much is refused: " + refused);
    }

    private static String fault(JobFile now) {
        try {
            JobFile read = JobFile.read(now.text());
            return read.equals(now) && read.unknown().isEmpty() ? "" : "comes back another";
        } catch (BadFile e) {
            return String.valueOf(e.getMessage());
        }
    }
}
