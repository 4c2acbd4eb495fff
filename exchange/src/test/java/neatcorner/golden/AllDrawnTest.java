package neatcorner.golden;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import neatcorner.drawing.Drawing;
import neatcorner.exchange.job.JobFile;
import neatcorner.exchange.plan.PaperPdf;
import neatcorner.exchange.paper.PaperSize;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import neatcorner.piece.Piece;
import neatcorner.plan.Finding;
import neatcorner.plan.Plan;
import neatcorner.plan.Station;
import neatcorner.planner.Chapters;
import neatcorner.planner.Planner;
import neatcorner.station.Chapter;
import neatcorner.station.saw.SawSlates;
import neatcorner.station.saw.ClosingFigure;
import neatcorner.station.saw.Assembly;
import org.junit.jupiter.api.Test;

/** Whatever can be kept can be planned, read on every slate, drawn and printed: nothing is thrown. The seed says which jobs. */
class AllDrawnTest {
    private static final int CASES = Integer.getInteger("neatcorner.files", 200);
    private static final long SEED = Long.getLong("neatcorner.seed", 1);
    private static final int CHANGES = 10;
    /** One in so many is printed, which takes longer than all the rest. */
    private static final int PRINTED = 12;

    private final AnyChange any = new AnyChange(SEED);

    @Test
    void nothingIsThrown() throws Exception {
        List<JobFile> jobs = List.copyOf(GoldenJobs.files().values());
        List<String> thrown = new ArrayList<>();
        int[] done = new int[1];
        while (done[0] < CASES) {
            any.walk(any.one(jobs), CHANGES, (now, story) -> {
                String why = whatIsThrown(now, ++done[0] % PRINTED == 0);
                if (!why.isEmpty()) {
                    thrown.add(story + ": " + why);
                }
                return why.isEmpty();
            });
        }
        assertEquals(List.of(), thrown.stream().limit(10).toList(),
                () -> "seed " + SEED + ", " + thrown.size() + " times");
    }

    private String whatIsThrown(JobFile now, boolean printed) {
        String at = "planning";
        try {
            Plan plan = Planner.plan(now.job(), now.madeIn().shop(), AnyChange.few());
            for (Units units : Units.values()) {
                Notation notation = Notation.of(units);
                for (Finding finding : plan.findings()) {
                    at = "finding " + finding.code();
                    finding.message().in(notation);
                }
                for (Station station : Station.values()) {
                    at = "slate of " + station;
                    Chapters.slate(plan, station).rows()
                            .forEach(row -> row.readings().forEach(reading -> reading.working(notation)));
                }
            }
            for (Chapter chapter : Chapters.ALL) {
                at = "figure of " + chapter.station();
                Drawing.of(chapter.figure(plan), 900, 600, Notation.of(now.job().units()));
                chapter.fields(plan).forEach(field -> field.in(plan));
                chapter.cautions(plan);
            }
            at = "as cut";
            if (Assembly.canJudge(plan)) {
                ClosingFigure.of(plan, Assembly.errors(plan), plan.pieces().stream().map(Piece::name).toList());
            }
            SawSlates.asCut(plan);
            if (printed) {
                at = "paper";
                PaperPdf.write(plan, PaperSize.A4, Notation.of(now.job().units()));
            }
            return "";
        } catch (RuntimeException | IOException e) {
            return at + ": " + e + " " + Arrays.stream(e.getStackTrace())
                    .filter(each -> !each.getClassName().contains("measure.")).limit(4).toList();
        }
    }
}
