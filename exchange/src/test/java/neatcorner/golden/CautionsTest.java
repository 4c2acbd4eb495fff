package neatcorner.golden;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import neatcorner.exchange.job.JobFile;
import neatcorner.measure.Notation;
import neatcorner.measure.Sentence;
import neatcorner.plan.Plan;
import neatcorner.planner.Chapters;
import neatcorner.planner.Planner;
import neatcorner.station.Chapter;
import org.junit.jupiter.api.Test;

/**
 * Whatever a maker is cautioned against on the screen stands on the paper over the saw as well: on that of the golden copies,
 * which {@link GoldenTest} holds against what is printed now.
 */
class CautionsTest {
    @Test
    void eachCautionOfEachGoldenJobIsOnItsPaper() throws Exception {
        List<String> missing = new ArrayList<>();
        int said = 0;
        int number = -1;
        Map<String, String> copies = GoldenTest.copies();
        for (Map.Entry<String, JobFile> job : GoldenJobs.files().entrySet()) {
            number++;
            Plan plan = Planner.plan(job.getValue().job(), job.getValue().madeIn().shop(), () -> true);
            if (plan.contours() == null) {
                continue;
            }
            Notation notation = GoldenTest.onPaper(plan.job(), number);
            String copy = Objects.requireNonNull(copies.get(job.getKey()));
            String paper = squeezed(copy.substring(copy.indexOf("==== paper")));
            for (Chapter chapter : Chapters.ALL) {
                for (Sentence caution : chapter.cautions(plan)) {
                    said++;
                    if (!paper.contains(squeezed(caution.in(notation)))) {
                        missing.add(job.getKey() + ", " + chapter.station() + ": " + caution.in(notation));
                    }
                }
            }
        }
        assertEquals(List.of(), missing);
        assertTrue(said > 300, said + " cautions");
    }

    /** Lines are broken where they are full. */
    private static String squeezed(String text) {
        return text.replaceAll("\\s+", "");
    }
}
