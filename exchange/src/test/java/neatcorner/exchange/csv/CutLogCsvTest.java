package neatcorner.exchange.csv;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.time.LocalDateTime;
import neatcorner.job.Defaults;
import neatcorner.job.Job;
import neatcorner.measure.Units;
import neatcorner.plan.Plan;
import neatcorner.planner.Planner;
import org.junit.jupiter.api.Test;

class CutLogCsvTest {
    private static String row(String title) {
        Job job = Defaults.blank(Units.MILLIMETRES).withTitle(title).withQuantity(2);
        Plan plan = Planner.plan(job);
        return CutLogCsv.row(LocalDateTime.of(2026, 3, 14, 9, 26, 53, 589_000_000), job, plan.cuts().getFirst());
    }

    @Test
    void aCutIsARow() {
        assertEquals("2026-03-14T09:26:53,Lamp room,A1,FIRST_MITER\r\n", row("Lamp room"));
    }

    @Test
    void aTitleStaysOneCellAndIsNeverRun() {
        assertEquals("2026-03-14T09:26:53,\"'=SUM(A1,\"\"B\"\")\",A1,FIRST_MITER\r\n", row("=SUM(A1,\"B\")"));
    }
}
