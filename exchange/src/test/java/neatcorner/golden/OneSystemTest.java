package neatcorner.golden;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import neatcorner.exchange.job.JobFile;
import neatcorner.exchange.paper.PaperSize;
import neatcorner.exchange.paper.Photos;
import neatcorner.exchange.plan.Paper;
import neatcorner.job.Job;
import neatcorner.measure.Notation;
import neatcorner.measure.Reading;
import neatcorner.measure.Spelling;
import neatcorner.measure.Units;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;
import neatcorner.plan.Station;
import neatcorner.planner.Chapters;
import neatcorner.planner.Planner;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What findings, slates, their workings and the papers say, they say in one system: no metric unit in inches, nor the other way round. */
class OneSystemTest {
    private static final Pattern METRIC = Pattern
            .compile("(?<![\\w/])(mm[²³]?|cm|kg|kg/m³?|N/mm²|°C|metres?|millimetres?)(?!\\w)|\\d [mN]\\b|≈");
    private static final Pattern INCHES = Pattern
            .compile("\\d in\\b|\\bin[²³]|\\blb\\b|\\boz\\b|psi|°F|\\binch|\\bfeet\\b|\\d foot\\b|≈");
    private static final int PAPERS_OF_EACH = 4;

    @ParameterizedTest
    @EnumSource
    void nothingIsSaidInTheOtherSystem(Units units) throws Exception {
        Notation notation = new Notation(Notation.of(units).step(), units == Units.INCHES ? Spelling.US : Spelling.UK);
        Pattern foreign = units == Units.INCHES ? METRIC : INCHES;
        Set<String> said = new TreeSet<>();
        int read = 0;
        List<JobFile> files = List.copyOf(GoldenJobs.files().values());
        for (int i = 0; i < files.size(); i++) {
            Job job = files.get(i).job().withUnits(units).withTitle("A frame");
            job = job.withStock(job.stock().withSticks(
                    job.stock().sticks().stream().map(stick -> stick.withName("a stick")).toList()));
            Plan plan = Planner.plan(job, files.get(i).madeIn().shop(), () -> true);
            List<String> texts = new ArrayList<>(spoken(plan, notation));
            if (i % PAPERS_OF_EACH == 0) {
                for (Paper paper : Paper.values()) {
                    texts.addAll(lines(paper, plan, notation));
                }
            }
            read += texts.size();
            texts.stream().filter(text -> foreign.matcher(text).find()).forEach(said::add);
        }
        assertEquals("", String.join("\n", said));
        assertTrue(read > 10_000, read + " lines read");
    }

    private static List<String> spoken(Plan plan, Notation notation) {
        List<String> texts = new ArrayList<>();
        plan.findings().forEach(finding -> {
            texts.add(finding.message().in(notation));
            if (finding.remedy() != null) {
                texts.add(finding.remedy().label().in(notation));
            }
        });
        for (Station station : Station.values()) {
            for (Slate.Row row : Chapters.slate(plan, station).rows()) {
                texts.add(notation.words(row.name()));
                row.readings().forEach(reading -> working(reading, notation, texts));
            }
        }
        return texts;
    }

    private static void working(Reading reading, Notation notation, List<String> texts) {
        texts.add(notation.text(reading.value()) + ": " + reading.working(notation));
        reading.from().forEach(part -> working(part, notation, texts));
    }

    private static List<String> lines(Paper paper, Plan plan, Notation notation) throws IOException {
        PaperSize size = notation.units() == Units.INCHES ? PaperSize.LETTER : PaperSize.A4;
        try (PDDocument document = Loader.loadPDF(paper.write(plan, size, notation, Photos.in(null)))) {
            return new PDFTextStripper().getText(document).lines().toList();
        }
    }
}
