package neatcorner.golden;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import neatcorner.exchange.job.JobFile;
import neatcorner.exchange.paper.PaperSize;
import neatcorner.exchange.plan.PaperPdf;
import neatcorner.measure.Notation;
import neatcorner.measure.Sentence;
import neatcorner.plan.Plan;
import neatcorner.planner.Chapters;
import neatcorner.planner.Planner;
import neatcorner.station.Chapter;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** Whatever a maker is cautioned against on the screen stands on the paper over the saw as well. */
class CautionsTest {
    @Test
    void eachCautionOfEachGoldenJobIsOnItsPaper() throws Exception {
        List<String> missing = new ArrayList<>();
        int said = 0;
        for (Map.Entry<String, JobFile> job : GoldenJobs.files().entrySet()) {
            Plan plan = Planner.plan(job.getValue().job(), job.getValue().madeIn().shop(), () -> true);
            if (plan.contours() == null) {
                continue;
            }
            Notation notation = Notation.of(plan.job().units());
            String paper = squeezed(text(PaperPdf.write(plan, PaperSize.A4, notation, () -> true)));
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

    private static String text(byte[] pdf) throws Exception {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document);
        }
    }

    /** Lines are broken where they are full. */
    private static String squeezed(String text) {
        return text.replaceAll("\\s+", "");
    }
}
