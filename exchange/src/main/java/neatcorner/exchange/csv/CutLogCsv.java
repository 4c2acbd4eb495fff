package neatcorner.exchange.csv;

import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import neatcorner.exchange.PlainText;
import neatcorner.job.Job;
import neatcorner.saw.SawCut;
import org.apache.commons.csv.CSVFormat;

/** The log of what was cut as comma-separated values (RFC 4180): a row a cut. */
public final class CutLogCsv {
    private CutLogCsv() {}

    /** The row of one cut, with the end of its line: when to the second, the job's title, the piece, which of its cuts. */
    public static String row(LocalDateTime when, Job job, SawCut cut) {
        return CSVFormat.RFC4180.format(when.truncatedTo(ChronoUnit.SECONDS), PlainText.cell(job.title()),
                cut.piece().label(job.quantity()), cut.kind()) + "\r\n";
    }
}
