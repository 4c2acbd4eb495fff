package neatcorner.golden;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import neatcorner.exchange.job.JobFile;
import neatcorner.exchange.plan.PaperPdf;
import neatcorner.exchange.paper.PaperSize;
import neatcorner.job.Job;
import neatcorner.measure.Angle;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import neatcorner.piece.Piece;
import neatcorner.plan.Finding;
import neatcorner.plan.Plan;
import neatcorner.plan.Station;
import neatcorner.planner.Chapters;
import neatcorner.planner.Planner;
import neatcorner.saw.measured.MeasuredPiece;
import neatcorner.station.Chapter;
import org.junit.jupiter.api.Test;

/** Whatever can be kept can be planned, read on every slate, drawn and printed: nothing is thrown. The seed says which jobs. */
class AllDrawnTest {
    private static final int CASES = Integer.getInteger("neatcorner.files", 200);
    private static final long SEED = Long.getLong("neatcorner.seed", 1);
    private static final int CHANGES = 10;
    /** One in so many is printed, which takes longer than all the rest. */
    private static final int PRINTED = 12;

    private final Random random = new Random(SEED);
    private final AnyChange any = new AnyChange(SEED);

    @Test
    void nothingIsThrown() throws Exception {
        List<JobFile> jobs = new ArrayList<>(GoldenJobs.files().values());
        List<String> thrown = new ArrayList<>();
        int done = 0;
        while (done < CASES) {
            JobFile now = any.one(jobs);
            StringBuilder story = new StringBuilder(now.job().title());
            for (int i = 0; i < CHANGES; i++, done++) {
                AnyChange.Change change = any.next(now);
                JobFile next = AnyChange.changed(now, change.edit());
                next = random.nextInt(4) == 0 ? measured(next) : next;
                if (next.refusal() == null) {
                    story.append("; ").append(change.name());
                    now = next;
                    String why = whatIsThrown(now, done % PRINTED == 0);
                    if (!why.isEmpty()) {
                        thrown.add(story + ": " + why);
                        break;
                    }
                }
            }
        }
        assertEquals(List.of(), thrown.stream().limit(10).toList(),
                () -> "seed " + SEED + ", " + thrown.size() + " times");
    }

    /** A piece measured as anything that a maker could type: another length, its ends at any angle, gaps of the dry fit. */
    private JobFile measured(JobFile file) {
        Job job = file.job();
        List<Piece> pieces = Plan.of(job, () -> true).pieces();
        if (pieces.isEmpty()) {
            return file;
        }
        Piece piece = any.one(pieces);
        MeasuredPiece odd = new MeasuredPiece(piece.name(), piece.outer().scaled(random.nextDouble() * 2),
                Angle.ofDegrees(random.nextInt(5) == 0 ? 90 : -90 + 180 * random.nextDouble()),
                Angle.ofDegrees(piece.right().miter().degrees() + random.nextGaussian()));
        return file.withJob(job.withChecks(job.checks().with(odd).withDryFit(job.checks().dryFit()
                .with(random.nextInt(4), random.nextInt(3), random.nextGaussian())
                .withDiagonals(random.nextInt(2) * 500, random.nextInt(2) * 500))));
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
                chapter.figure(plan);
                chapter.fields(plan).forEach(field -> field.in(plan));
                chapter.cautions(plan);
            }
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
