package neatcorner.exchange.paper;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonParser;
import java.io.IOException;
import java.io.StringReader;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import javax.xml.parsers.DocumentBuilderFactory;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.csv.CutListCsv;
import neatcorner.exchange.csv.PartsCsv;
import neatcorner.exchange.job.JobFile;
import neatcorner.exchange.job.JobFileTest;
import neatcorner.exchange.json.Json;
import neatcorner.exchange.json.JsonText;
import neatcorner.exchange.plan.Paper;
import neatcorner.exchange.plan.PaperPdf;
import neatcorner.exchange.plan.PlanJson;
import neatcorner.fitout.SizeOf;
import neatcorner.job.Defaults;
import neatcorner.job.Job;
import neatcorner.job.Order;
import neatcorner.job.Preset;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.Spelling;
import neatcorner.measure.Units;
import neatcorner.outline.Opening;
import neatcorner.plan.Plan;
import neatcorner.planner.Planner;
import neatcorner.station.opening.OpeningFigure;
import neatcorner.station.saw.SawFigure;
import neatcorner.station.section.SectionFigure;
import neatcorner.station.sticks.SticksFigure;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.w3c.dom.Document;

/** What is written is read back by libraries that know nothing of this program. */
class PapersTest {
    private static final Notation MM = Notation.of(Units.MILLIMETRES);
    private static final Notation INCH = Notation.of(Units.INCHES);

    private static Plan chart() throws BadFile {
        return Planner.plan(JobFile.read(JobFileTest.CHART).job());
    }

    private static String text(byte[] pdf) throws Exception {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document);
        }
    }

    @Test
    void thePdfHoldsTheCutListTheSettingsAndATickForEveryCut() throws Exception {
        String text = text(PaperPdf.write(chart(), PaperSize.A4, MM));
        for (String wanted : List.of("Tide chart", "Cut list", "739 mm", "679 mm", "575 mm", "515 mm", "45°",
                "Stop for A, C", "Stop for B, D", "saw 45° to the right; turned over", "Eyes and ears", "ash 2.4 m",
                "689.5")) {
            assertTrue(text.contains(wanted), wanted + " is missing from:\n" + text);
        }
    }

    @Test
    void thePagesAreOfTheSizeInThePrinter() throws Exception {
        for (PaperSize paper : PaperSize.values()) {
            try (PDDocument document = Loader.loadPDF(PaperPdf.write(chart(), paper, MM))) {
                assertEquals(paper.width(), document.getPage(0).getMediaBox().getWidth(), 0.01);
                assertEquals(paper.height(), document.getPage(0).getMediaBox().getHeight(), 0.01);
                assertTrue(document.getNumberOfPages() <= (paper == PaperSize.A5 ? 4 : 2),
                        paper + ": " + document.getNumberOfPages());
            }
        }
    }

    /** The bars are as long as they say, and a sticker stands for every piece of every frame. */
    @Test
    void fullSizeLabelsAndTheClientsSheetArePapersOfTheirOwn() throws Exception {
        Plan plan = Planner.plan(chart().job().withQuantity(7));
        String full = text(Paper.FULL_SIZE.write(plan, PaperSize.A4, MM, Photos.NONE));
        assertTrue(full.contains("100 mm") && !full.contains("4 in"), full);
        for (PaperSize paper : PaperSize.values()) {
            String labels = text(Paper.LABELS.write(plan, paper, MM, Photos.NONE));
            for (int frame = 1; frame <= 7; frame++) {
                for (String piece : List.of("A", "B", "C", "D")) {
                    assertTrue(labels.contains(piece + frame), piece + frame + " on " + paper);
                }
            }
            assertTrue(labels.contains("739 mm") && labels.contains("inside below"), labels);
        }
        String client = text(Paper.CLIENT.write(chart(), PaperSize.LETTER, INCH, Photos.NONE));
        for (String wanted : List.of("Tide chart", "white ash", "Price", "Outside", "Finish")) {
            assertTrue(client.contains(wanted), wanted + " is missing from:\n" + client);
        }
        assertFalse(client.contains("mm"), client);
    }

    /** A frame in each unit system on both usual papers: two sides, and none with a single line on it. */
    @Test
    void aPlainFrameTakesOneSheet() throws Exception {
        for (PaperSize paper : List.of(PaperSize.A4, PaperSize.LETTER)) {
            for (Notation notation : List.of(MM, INCH)) {
                try (PDDocument document = Loader.loadPDF(PaperPdf.write(chart(), paper, notation))) {
                    assertEquals(2, document.getNumberOfPages(), paper + " " + notation);
                }
            }
        }
    }

    /** Fit-out and hanging stand on the back of every kind of frame, whatever belongs to it. */
    @ParameterizedTest
    @EnumSource(Preset.class)
    void everyKindOfFrameTakesOneSheet(Preset kind) throws Exception {
        for (Units units : Units.values()) {
            Job blank = Defaults.blank(units).withSize(SizeOf.ART,
                    new Opening(units.either(420, 16.5), units.either(594, 23.375)));
            Plan plan = Planner.plan(kind.of(blank, units));
            byte[] sheet = PaperPdf.write(plan, PaperSize.A4, Notation.of(units));
            try (PDDocument document = Loader.loadPDF(sheet)) {
                assertTrue(document.getNumberOfPages() <= 2, kind + " " + units);
            }
            assertTrue(text(sheet).contains("Fit-out") || plan.job().pack().layers().isEmpty(), text(sheet));
            assertTrue(text(sheet).contains("Hanging"), text(sheet));
        }
    }

    /** What was agreed is on the sheet over the saw and on the client's, and takes no page of its own. */
    @Test
    void whatWasAgreedIsOnPaper() throws Exception {
        Order order = new Order(LocalDate.of(2026, 12, 4), "the mat a little\nwarmer");
        Plan plan = Planner.plan(chart().job().withOrder(order));
        byte[] sheet = PaperPdf.write(plan, PaperSize.A4, MM);
        assertTrue(text(sheet).contains("Fri, Dec 4, 2026"), text(sheet));
        assertTrue(text(sheet).contains("the mat a little warmer"), text(sheet));
        try (PDDocument document = Loader.loadPDF(sheet)) {
            assertEquals(2, document.getNumberOfPages());
        }
        Notation uk = new Notation(MM.step(), Spelling.UK);
        String client = text(Paper.CLIENT.write(plan, PaperSize.A4, uk, Photos.NONE));
        assertTrue(client.contains("Ready on: Fri 4 Dec 2026"), client);
        assertFalse(client.contains("warmer"), "a note is for the shop");
    }

    @Test
    void titlesInAnyScriptAndJobsThatCannotBeMadeStillPrint() throws Exception {
        Job job = chart().job().withTitle("Karte 海図 \u0007 №3 “storm”");
        Plan impossible = Planner.plan(job.withSize(SizeOf.OUTSIDE,
                new Opening(Length.mm(10), Length.mm(10))));
        assertTrue(text(PaperPdf.write(impossible, PaperSize.LETTER, INCH)).contains("STOP"));
        Plan many = Planner.plan(job.withQuantity(40));
        assertTrue(text(PaperPdf.write(many, PaperSize.A4, MM)).contains("C40"));
    }

    @Test
    void theSvgIsXmlOfTheRightSizeWithItsValues() throws Exception {
        Plan plan = chart();
        for (var figure : List.of(OpeningFigure.of(plan), SectionFigure.of(plan), SticksFigure.of(plan),
                SawFigure.of(plan, plan.cuts().getFirst()))) {
            String svg = SvgPainter.write(figure, 900, 600, INCH);
            Document document = DocumentBuilderFactory.newInstance().newDocumentBuilder()
                    .parse(new org.xml.sax.InputSource(new StringReader(svg)));
            assertEquals("svg", document.getDocumentElement().getTagName());
            assertEquals("900.00", document.getDocumentElement().getAttribute("width"));
            assertTrue(document.getElementsByTagName("polygon").getLength() > 0);
        }
        assertTrue(SvgPainter.write(OpeningFigure.of(plan), 900, 600, MM).contains(">739<"));
    }

    @Test
    void theCutListIsCsv() throws Exception {
        List<CSVRecord> rows = CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).get()
                .parse(new StringReader(CutListCsv.write(chart(), MM))).getRecords();
        assertEquals(4, rows.size());
        assertEquals("A", rows.getFirst().get("piece"));
        assertEquals(739.0, Double.parseDouble(rows.getFirst().get("long_mm")));
        assertEquals("45.0", rows.getFirst().get("left_miter_deg"));
    }

    @Test
    void thePlanIsJsonWithTheNamesOthersRelyOn() throws Exception {
        String text = PlanJson.write(chart(), MM);
        try (JsonParser parser = new JsonFactory().createParser(text)) {
            while (parser.nextToken() != null) {
                assertTrue(parser.currentTokenLocation().getLineNr() > 0);
            }
        }
        Json.Obj root = (Json.Obj) JsonText.read(text);
        assertEquals(
                Set.of("format", "title", "sizes", "pack", "pieces", "sticks", "nesting", "saw", "weight", "findings",
                        "section", "corner", "glueup", "schedule", "offcuts", "fitOut", "hanging"),
                root.fields().keySet());
        assertEquals("[ 691, 527 ]", flat(text, "rabbet"));
        assertEquals("[ 588, 414 ]", flat(text, "window"));
        Json.Obj nesting = (Json.Obj) Objects.requireNonNull(root.fields().get("nesting"));
        assertEquals("2",
                nesting.fields().get("bound") instanceof Json.Num n ? n.digits() : "");
    }

    private static String flat(String text, String field) {
        String flat = text.replaceAll("\\s+", " ");
        int at = flat.indexOf("\"" + field + "\" : ") + field.length() + 5;
        return flat.substring(at, flat.indexOf(']', at) + 1);
    }

    @Test
    void partsListsComeFromCsv() throws Exception {
        List<PartsCsv> parts = PartsCsv.read("length,count,name\n1380,22,rail\n\"15 1/2 in\",2,\n", Units.MILLIMETRES);
        assertEquals(Length.mm(1380), parts.getFirst().length());
        assertEquals("rail", parts.getFirst().name());
        assertEquals(Length.inches(15.5), parts.get(1).length());
    }

    @Test
    void aBadPartsListIsPointedAt() {
        for (String[] bad : new String[][]{{"long,count\n1,2\n", "length,count"},
            {"length,count\n", "at least one row"},
            {"length,count\n0,2\n", "length above zero"}, {"length,count\n-5,2\n", "length above zero"},
            {"length,count\n10,x\n", "found “x”"}, {"length,count\n10,-1\n", "whole number"},
            {"length,count\n10\n", "a length and a count"}, {"length,count\n1,234,5\n", "no more values"},
            {"length,count\n10,1000001\n", "100000"}, {"length,length\n1,2\n", "header"}, {"", "header"}}) {
            BadFile said = assertThrows(BadFile.class, () -> PartsCsv.read(bad[0], Units.MILLIMETRES), bad[0]);
            assertTrue(String.valueOf(said.getMessage()).contains(bad[1]), said.getMessage());
        }
    }

    @Test
    void theFontsShip() throws Exception {
        for (String font : List.of("AtkinsonHyperlegibleNext_400Regular.ttf", "AtkinsonHyperlegibleMono_700Bold.ttf")) {
            try (var in = Fonts.open(font)) {
                assertTrue(in.readAllBytes().length > 10_000);
            }
        }
        assertThrows(IOException.class, () -> Fonts.open("none.ttf"));
    }
}
