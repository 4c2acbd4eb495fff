package neatcorner.golden;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.junit.jupiter.api.Assertions.fail;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.job.JobFile;
import neatcorner.exchange.json.Json;
import neatcorner.exchange.json.JsonText;
import neatcorner.exchange.paper.PaperSize;
import neatcorner.exchange.plan.PaperPdf;
import neatcorner.exchange.plan.PlanJson;
import neatcorner.job.Job;
import neatcorner.measure.Angle;
import neatcorner.measure.Notation;
import neatcorner.measure.Reading;
import neatcorner.measure.ReadingStep;
import neatcorner.measure.Spelling;
import neatcorner.measure.Units;
import neatcorner.plan.Finding;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;
import neatcorner.plan.Station;
import neatcorner.planner.Chapters;
import neatcorner.planner.Planner;
import neatcorner.saw.SawLog;
import neatcorner.saw.measured.TestCorner;
import neatcorner.station.saw.SawSlates;
import neatcorner.stock.Search;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.tukaani.xz.LZMA2Options;
import org.tukaani.xz.XZInputStream;
import org.tukaani.xz.XZOutputStream;

/** Every number and word about the golden jobs is as it was. */
class GoldenTest {
    private static final Path COPIES = Path.of("src/test/resources/neatcorner/golden/copies.txt.xz");
    private static final int MOST_LINES = 12;
    private static final String HEAD = "######## ";

    @Test
    void everythingSaidAboutTheGoldenJobsIsAsItWas() throws Exception {
        Map<String, JobFile> jobs = GoldenJobs.files();
        List<String> names = List.copyOf(jobs.keySet());
        List<String> texts = IntStream.range(0, names.size()).parallel()
                .mapToObj(i -> said(Objects.requireNonNull(jobs.get(names.get(i))), i)).toList();
        Map<String, String> now = new LinkedHashMap<>();
        for (int i = 0; i < texts.size(); i++) {
            now.put(names.get(i), texts.get(i));
        }
        if (Boolean.getBoolean("neatcorner.golden")) {
            Files.write(COPIES, packed(now));
        }
        Map<String, String> before = copies();
        List<String> changed = new ArrayList<>();
        now.forEach((name, text) -> {
            String old = before.get(name);
            if (!text.equals(old)) {
                changed.add(name);
                changed.addAll(GoldenJobs.differences(old == null ? "" : old, text, MOST_LINES));
            }
        });
        if (!changed.isEmpty()) {
            fail("Changed; if that was meant: ./neat-corner golden\n" + String.join("\n", changed));
        }
        assertEquals(now.keySet(), before.keySet());
    }

    /** What is written can be read again: a job of this version, however odd, is the same job after a round trip. */
    @Test
    void everyGoldenJobSurvivesItsFile() throws Exception {
        Map<String, Job> jobs = GoldenJobs.all();
        assertTrue(jobs.size() >= 70, jobs.size() + " jobs");
        for (Job job : jobs.values()) {
            assertTrue(job.equals(JobFile.read(JobFile.of(job).text()).job()), job.title());
        }
    }

    /** Nothing that the first job had, and the second has not, comes back when the second is written in its file. */
    @Test
    void whatAJobTookOutOfItsFileStaysOut() throws Exception {
        List<Job> jobs = List.copyOf(GoldenJobs.all().values());
        for (Job before : jobs) {
            JobFile file = JobFile.read(JobFile.of(before).text());
            for (int i = 0; i < jobs.size(); i += 5) {
                Job now = jobs.get((i + jobs.indexOf(before)) % jobs.size());
                assertTrue(now.equals(JobFile.read(file.withJob(now).text()).job()),
                        now.title() + " in the file of " + before.title());
            }
        }
    }

    private static Notation away(Job job, int number) {
        Units other = job.units() == Units.MILLIMETRES ? Units.INCHES : Units.MILLIMETRES;
        return new Notation(ReadingStep.usual(number % 2 == 0 ? other : job.units()), Spelling.UK);
    }

    /** In which units and spelling the paper of a job is kept, by its place among all. */
    static Notation onPaper(Job job, int number) {
        return number % 3 == 0 ? away(job, number) : Notation.of(job.units());
    }

    /** What was said about each job when the copies were taken. */
    static Map<String, String> copies() throws IOException {
        return unpacked(Files.readAllBytes(COPIES));
    }

    /** The number says in which units and spelling: a job's own units and US words, or the others. */
    private static String said(JobFile file, int number) {
        Job job = file.job();
        Plan plan = Planner.plan(job, file.madeIn().shop(), Search.PATIENT);
        Notation own = Notation.of(job.units());
        Notation away = away(job, number);
        StringBuilder text = new StringBuilder();
        for (Notation notation : List.of(own, away)) {
            text.append("==== ").append(notation).append('\n');
            findings(plan, notation, text);
            slates(plan, notation, text);
        }
        text.append("==== plan\n").append(JsonText.write(inOrder(parsed(PlanJson.write(plan, own)))));
        text.append("==== paper\n").append(paper(plan, onPaper(job, number)));
        return text.toString();
    }

    private static Json parsed(String json) {
        try {
            return JsonText.read(json);
        } catch (BadFile e) {
            throw new AssertionError(json, e);
        }
    }

    /** In what order an object has its fields is of no matter. */
    private static Json inOrder(Json json) {
        return switch (json) {
            case Json.Obj object -> {
                Map<String, Json> fields = new TreeMap<>();
                object.fields().forEach((name, value) -> fields.put(name, inOrder(value)));
                yield new Json.Obj(fields);
            }
            case Json.Arr list -> Json.of(list.items().stream().map(GoldenTest::inOrder).toList());
            default -> json;
        };
    }

    private static void findings(Plan plan, Notation notation, StringBuilder text) {
        for (Finding finding : plan.findings()) {
            text.append(finding.where()).append(' ').append(finding.level()).append(' ').append(finding.code())
                    .append(": ").append(finding.message().in(notation));
            if (finding.remedy() != null) {
                text.append(" [").append(finding.remedy().label().in(notation)).append(']');
            }
            text.append('\n');
        }
    }

    private static void slates(Plan plan, Notation notation, StringBuilder text) {
        for (Station station : Station.values()) {
            slate(station.name(), Chapters.slate(plan, station), notation, text);
        }
        Angle miter = Angle.ofDegrees(45);
        slate("TEST CORNER", SawSlates.testCorner(plan, new TestCorner(TestCorner.Where.TOE,
                TestCorner.SHEET_OF_PAPER, plan.job().section().width()), miter, SawLog.empty()), notation, text);
        if (!plan.pieces().isEmpty()) {
            slate("BEFORE", SawSlates.before(plan, SawLog.empty()), notation, text);
            slate("AS CUT", SawSlates.asCut(plan), notation, text);
            slate("DRY FIT", SawSlates.dryFit(plan), notation, text);
            slate("SEASONS", SawSlates.seasons(plan), notation, text);
        }
    }

    private static void slate(String name, Slate slate, Notation notation, StringBuilder text) {
        text.append("-- ").append(name).append('\n');
        for (Slate.Row row : slate.rows()) {
            text.append(row.large() ? "* " : "  ").append(notation.words(row.name())).append(": ");
            row.readings().forEach(reading -> text.append(notation.text(reading.value())).append("  "));
            text.append('\n');
            row.readings().forEach(reading -> working(reading, notation, "      ", text));
        }
    }

    private static void working(Reading reading, Notation notation, String indent, StringBuilder text) {
        text.append(indent).append(reading.working(notation)).append('\n');
        reading.from().forEach(part -> working(part, notation, indent + "  ", text));
    }

    private static String paper(Plan plan, Notation notation) {
        try {
            return text(plan, notation);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String text(Plan plan, Notation notation) throws IOException {
        byte[] pdf = PaperPdf.write(plan, notation.units() == Units.INCHES ? PaperSize.LETTER : PaperSize.A4, notation);
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document).lines().map(String::stripTrailing)
                    .reduce("", (all, line) -> all + line + "\n");
        }
    }

    private static byte[] packed(Map<String, String> texts) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (XZOutputStream out = new XZOutputStream(bytes, new LZMA2Options(LZMA2Options.PRESET_MAX))) {
            for (Map.Entry<String, String> each : texts.entrySet()) {
                out.write((HEAD + each.getKey() + "\n" + each.getValue()).getBytes(StandardCharsets.UTF_8));
            }
        }
        return bytes.toByteArray();
    }

    private static Map<String, String> unpacked(byte[] bytes) throws IOException {
        Map<String, String> texts = new LinkedHashMap<>();
        try (XZInputStream in = new XZInputStream(new ByteArrayInputStream(bytes))) {
            String all = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            for (String each : all.substring(HEAD.length()).split(Pattern.quote(HEAD), -1)) {
                int end = each.indexOf('\n');
                texts.put(each.substring(0, end), each.substring(end + 1));
            }
        }
        return texts;
    }
}
