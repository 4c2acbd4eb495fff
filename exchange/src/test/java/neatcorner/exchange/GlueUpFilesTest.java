package neatcorner.exchange;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.temporal.Temporal;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.xml.parsers.DocumentBuilderFactory;
import neatcorner.corner.Inventory;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.exchange.job.JobFile;
import neatcorner.exchange.job.JobFileTest;
import neatcorner.exchange.job.KnownShop;
import neatcorner.exchange.job.ShopFile;
import neatcorner.exchange.json.Json;
import neatcorner.exchange.json.JsonText;
import neatcorner.exchange.json.Node;
import neatcorner.exchange.paper.PaperSize;
import neatcorner.exchange.plan.PaperPdf;
import neatcorner.exchange.plan.PlanJson;
import neatcorner.exchange.station.glueup.ShopCalendar;
import neatcorner.exchange.template.JigTemplates;
import neatcorner.glueup.Recipe;
import neatcorner.glueup.jig.JigDesign;
import neatcorner.glueup.schedule.Chain;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import neatcorner.plan.Plan;
import neatcorner.planner.Planner;
import neatcorner.shop.Shop;
import neatcorner.station.glueup.JigWork;
import neatcorner.station.glueup.ShopDays;
import neatcorner.stock.Search;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.component.VEvent;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Corners, glue-up and days in files, read back by readers of their formats. */
class GlueUpFilesTest {
    private static final Notation MM = Notation.of(Units.MILLIMETRES);
    private static final String HELD = JobFileTest.CHART.replace("\"future\"", """
        "corner": { "reinforcement": [
            { "kind": "spline", "depth": 22, "thickness": 3, "count": 1, "seen": true },
            { "kind": "pin", "length": 25, "fromHeel": 9, "fromFace": 10 },
            { "kind": "biscuit", "size": 10 }, { "kind": "loose tenon", "length": "1 1/4 in" },
            { "kind": "screw", "length": 40, "gauge": 6 }, { "kind": "peg", "diameter": 8, "count": 2 } ] },
          "glueUp": { "glue": "liquid hide", "temperature": 18, "school": "two halves", "finish": "shellac and wax" },
          "shop": { "bench": 2, "clamps": [ { "kind": "band", "reach": 3000, "count": 1 } ],
            "hours": [ { "days": ["saturday"], "from": "09:00", "to": "12:30" } ] },
          "future\"""");

    @TempDir
    Path folder = Path.of("");

    private static Plan splined() throws BadFile {
        return Planner.plan(JobFile.read(JobFileTest.CHART).job().withReinforcement(
                List.of(Reinforcement.spline(Length.mm(22), Length.mm(3), 1))));
    }

    @Test
    void whatHoldsTheCornersIsReadAndWrittenBackExactly() throws BadFile {
        JobFile file = JobFile.read(HELD);
        List<Reinforcement> held = file.job().reinforcement();
        assertEquals(Reinforcement.spline(Length.mm(22), Length.mm(3), 1), held.getFirst());
        assertEquals(Length.mm(9), held.get(1).fromHeel());
        assertEquals(Length.mm(53), held.get(2).width());
        assertEquals(ReinforcementKind.TENON, held.get(3).kind());
        assertEquals(Length.inches(0.138), held.get(4).thickness());
        assertEquals("liquid hide", file.job().glueUp().glue().name());
        assertEquals(2, file.madeIn().shop().bench());
        Job again = JobFile.read(file.text()).job();
        assertEquals(file.job(), again);
        assertTrue(file.text().contains("\"seen\""), "what is not known survives");
        JobFile without = file.withJob(file.job().withReinforcement(List.of()));
        assertEquals(List.of(), JobFile.read(without.text()).job().reinforcement(), "what was taken out stays out");
    }

    @Test
    void aShopIsKeptWhole() throws BadFile {
        KnownShop shop = JobFile.read(HELD).madeIn();
        assertEquals(shop, ShopFile.read(ShopFile.write(shop)));
        KnownShop inches = new KnownShop(Shop.usual(Units.INCHES).withJig(null, 0), "a shop of its own");
        assertEquals(inches, ShopFile.read(ShopFile.write(inches)));
        assertThrows(BadFile.class, () -> ShopFile.read("{\"format\": \"something\"}"));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "\"kind\": \"spline\", \"depth\": 22, \"thickness\": 3, \"count\": 1|\"kind\": \"glue\"|one of spline",
        "\"count\": 1, \"seen\"|\"count\": 0, \"seen\"|a whole number from 1 to 12",
        "\"size\": 10|\"size\": 7|0, 10 or 20", "\"liquid hide\"|\"paste\"|one of interior PVA",
        "\"saturday\"|\"someday\"|a day of the week", "\"12:30\"|\"8:00\"|a time of day",
        "\"12:30\"|\"08:00\"|a time after 09:00", "\"temperature\": 18|\"temperature\": 900|temperature",
        "\"reach\": 3000, |\"reach\": \"far\", |length", "\"bench\": 2|\"bench\": -1|a whole number"})
    void badInputIsOneLineWithItsPlace(String good, String bad, String expected) {
        BadFile error = assertThrows(BadFile.class, () -> JobFile.read(HELD.replace(good, bad)));
        assertTrue(String.valueOf(error.getMessage()).contains(expected), error.getMessage());
        assertEquals(1, String.valueOf(error.getMessage()).lines().count());
    }

    @Test
    void thePlanCarriesCornersGlueUpAndSchedule() throws BadFile {
        Node root = Node.root(JsonText.read(PlanJson.write(splined(), MM)));
        Node corner = root.required("corner");
        Node part = corner.required("parts").items().getFirst();
        assertEquals("spline", part.required("kind").text());
        assertEquals(10, part.required("fromFace").number(0, 20, ""), 1e-6);
        assertEquals(8.94, part.required("room").required("deeper").number(0, 50, ""), 0.01);
        assertEquals(968, corner.required("glueArea").required("longGrain").number(0, 1e6, ""), 1e-3);
        assertTrue(corner.required("clashes").items().isEmpty());
        Node glue = root.required("glueup");
        assertEquals("all at once", glue.required("school").text());
        assertTrue(glue.required("jig").required("hole").number(1, 24, "") > 1);
        assertEquals(List.of(1.0, 3.0, 2.0, 4.0), glue.required("screwOrder").items().stream()
                .map(item -> ((Json.Num) item.json()).value()).toList());
        Node schedule = root.required("schedule");
        assertTrue(schedule.required("proved").bool());
        assertEquals(1, schedule.required("frames").items().size());
        assertEquals("08:00", schedule.required("steps").items().getFirst().required("time").text());
    }

    @Test
    void aPlanThatIsWrittenInHasteHasEveryStepAndNoProofThatItHasNot() throws BadFile {
        Plan many = Planner.plan(splined().job().withQuantity(6), splined().shop(), () -> true);
        Node hasty = Node.root(JsonText.read(PlanJson.write(many, MM, () -> true))).required("schedule");
        Node patient = Node.root(JsonText.read(PlanJson.write(many, MM))).required("schedule");
        assertEquals(patient.required("steps").items().size(), hasty.required("steps").items().size());
        double end = hasty.required("end").number(0, 1e9, "");
        assertTrue(end >= patient.required("end").number(0, 1e9, ""));
        assertTrue(hasty.required("bound").number(0, 1e9, "") <= patient.required("end").number(0, 1e9, ""));
        assertEquals(hasty.required("proved").bool(), hasty.required("bound").number(0, 1e9, "") == end);
    }

    @Test
    void clashesAreInThePlan() throws BadFile {
        Job deep = splined().job().withReinforcement(List.of(Reinforcement.spline(Length.mm(40), Length.mm(3), 1)));
        Node clash = Node.root(JsonText.read(PlanJson.write(Planner.plan(deep), MM))).required("corner")
                .required("clashes").items().getFirst();
        assertEquals(Map.of("part", "spline", "with", "rabbet"),
                Map.of("part", clash.required("part").text(), "with", clash.required("with").text()));
        assertTrue(clash.required("breach").bool());
    }

    /** RFC 5545, read by ical4j. */
    @Test
    void theDaysAreACalendar() throws Exception {
        Job job = splined().job().withTitle("Möwe, „Sturm“; Blatt 1, ein sehr langer Name für eine Zeile im Kalender");
        ZonedDateTime monday = ZonedDateTime.of(2026, 3, 27, 8, 0, 0, 0, ZoneId.of("Europe/Paris"));
        ShopDays days = ShopDays.of(ShopDays.chains(Planner.plan(job)), Shop.usual(job.units()), monday,
                Search.PATIENT);
        String text = ShopCalendar.write(days, Instant.parse("2026-03-01T00:00:00Z"));
        assertTrue(text.lines().allMatch(line -> line.getBytes(StandardCharsets.UTF_8).length <= 75));
        List<VEvent> events = new CalendarBuilder().build(new StringReader(text)).getComponents(Component.VEVENT);
        long waits = days.schedule().steps().stream().filter(step -> step.ready() - step.end() >= 15).count();
        assertEquals(days.schedule().steps().size() + waits, events.size());
        VEvent first = events.getFirst();
        assertTrue(Objects.requireNonNull(first.getSummary()).getValue().startsWith(job.title() + ": Mill the section"),
                Objects.requireNonNull(first.getSummary()).getValue());
        Temporal start = Objects.requireNonNull(first.getDateTimeStart()).getDate();
        assertEquals(monday.toInstant(), Instant.from(start));
        assertEquals(Duration.ofMinutes(days.schedule().steps().getFirst().end()),
                Duration.between(Instant.from(start),
                        Instant.from(Objects.requireNonNull(first.getDateTimeEnd()).getDate())));
    }

    /** A calendar that has the file already moves its events when the jobs are made in another order. */
    @Test
    void aStepKeepsItsNameInTheCalendarWhenJobsAreReordered() throws Exception {
        List<Chain> sea = ShopDays.chains(Planner.plan(splined().job().withTitle("Sea")));
        List<Chain> storm = ShopDays.chains(Planner.plan(splined().job().withTitle("Storm").withQuantity(2)));
        Set<String> before = uids(Stream.concat(sea.stream(), storm.stream()).toList());
        assertEquals(before, uids(Stream.concat(storm.stream(), sea.stream()).toList()));
    }

    private static Set<String> uids(List<Chain> chains) throws Exception {
        ShopDays days = ShopDays.of(chains, Shop.usual(Units.MILLIMETRES),
                ZonedDateTime.of(2026, 3, 27, 8, 0, 0, 0, ZoneId.of("Europe/Paris")), Search.PATIENT);
        List<VEvent> events = new CalendarBuilder()
                .build(new StringReader(ShopCalendar.write(days, Instant.parse("2026-03-01T00:00:00Z"))))
                .getComponents(Component.VEVENT);
        Set<String> steps = events.stream()
                .filter(event -> !Objects.requireNonNull(event.getSummary()).getValue().contains("wait after"))
                .map(event -> event.getUid().orElseThrow().getValue()).collect(Collectors.toSet());
        assertEquals(days.schedule().steps().size(), steps.size(), "each event has one of its own");
        return steps;
    }

    @Test
    void jigTemplatesAreInThreeFormats() throws Exception {
        JigDesign design = JigWork.of(splined(), JigDesign.Kind.CORNER_JIG, Search.PATIENT).design();
        Path pdf = JigTemplates.write(design, folder, PaperSize.A4, MM);
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            assertTrue(document.getNumberOfPages() >= 5, "the arm is longer than a page");
            assertTrue(new PDFTextStripper().getText(document).contains("Template of Block"));
        }
        List<String> dxf = Files.readAllLines(folder.resolve("corner-clamping-jig-arm.dxf"));
        assertEquals("EOF", dxf.getLast());
        assertEquals(25, dxf.stream().filter("CIRCLE"::equals).count(), "the pivot and 24 holes");
        for (int i = 0; i + 1 < dxf.size(); i += 2) {
            Integer.parseInt(dxf.get(i).strip());
        }
        try (Stream<Path> files = Files.list(folder)) {
            for (Path svg : files.filter(file -> file.toString().endsWith(".svg")).toList()) {
                DocumentBuilderFactory.newInstance().newDocumentBuilder().parse(svg.toFile());
            }
        }
    }

    @Test
    void paperHasTheCornerApartAndTheGlueUpToTickOff() throws Exception {
        Job screwed = splined().job().withReinforcement(List.of(Inventory.screw(
                ReinforcementKind.SCREW, 6, Length.mm(40))));
        try (PDDocument document = Loader.loadPDF(PaperPdf.write(Planner.plan(screwed), PaperSize.A4, MM))) {
            assertTrue(new PDFTextStripper().getText(document).contains("screw in white ash"));
        }
        Job oily = splined().job().withGlueUp(splined().job().glueUp()
                .withFinish(Recipe.named("penetrating oil").orElseThrow()));
        try (PDDocument document = Loader.loadPDF(PaperPdf.write(Planner.plan(oily), PaperSize.A4, MM))) {
            String text = new PDFTextStripper().getText(document);
            for (String expected : List.of("Corners D–A, A–B, B–C, C–D", "Blade height", "Glue-up: interior PVA",
                    "Spread glue on both faces", "Oily rags", "Air the room",
                    "as numbered in the drawing: D–A, B–C, A–B, C–D")) {
                assertTrue(text.contains(expected), expected);
            }
        }
    }
}
