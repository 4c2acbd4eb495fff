package neatcorner.exchange.template;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.stream.Stream;
import javax.xml.parsers.DocumentBuilderFactory;
import neatcorner.exchange.paper.PaperSize;
import neatcorner.job.Defaults;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import neatcorner.outline.Loop;
import neatcorner.outline.Opening;
import neatcorner.outline.Outline;
import neatcorner.outline.Segment;
import neatcorner.outline.Shape;
import neatcorner.plan.Plan;
import neatcorner.planner.Planner;
import neatcorner.station.shape.TemplateFigure;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Templates of curved pieces, read back by readers of their formats. */
class TemplatesTest {
    private static final Notation MM = Notation.of(Units.MILLIMETRES);

    @TempDir
    Path folder = Path.of("");

    private static Plan shaped(Shape shape, double width, double height) {
        Job job = Defaults.blank(Units.MILLIMETRES);
        return Planner.plan(job.withOutline(Outline.of(shape)).withSize(job.sizeOf(),
                new Opening(Length.mm(width), Length.mm(height))));
    }

    @Test
    void alikeSegmentsShareATemplate() {
        assertEquals(1, TemplateFigure.sheets(shaped(new Shape.Circle(8), 400, 400)).size());
        List<TemplateFigure.Sheet> ellipse = TemplateFigure.sheets(shaped(new Shape.Ellipse(8), 600, 400));
        assertTrue(ellipse.size() > 1);
        assertEquals(8, ellipse.stream().mapToInt(sheet -> sheet.pieces().size()).sum());
        assertTrue(TemplateFigure.sheets(shaped(new Shape.Rectangle(), 400, 300)).isEmpty());
    }

    /** The saw line encloses as much as the segment did in the frame, and lies within its blank. */
    @Test
    void theTemplateIsTheSegmentTurned() {
        Plan plan = shaped(new Shape.Ellipse(9), 600, 400);
        Segment segment = Objects.requireNonNull(plan.contours()).segments().getFirst();
        TemplateFigure.Sheet sheet = TemplateFigure.sheets(plan).getFirst();
        double area = Math.abs(new Loop(segment.outline()).area());
        assertEquals(area, Math.abs(new Loop(sheet.template().cut().fine()).area()), area * 1e-4);
        Loop blank = new Loop(sheet.template().blank());
        assertEquals(segment.blank().width(), blank.bottom() - blank.top(), 1e-6);
        assertEquals(segment.blank().longEdge(), blank.length(0), 1e-6);
        assertEquals(segment.blank().shortEdge(), blank.length(2), 1e-6);
        Loop roomy = blank.area() > 0 ? blank.offset(0.01) : Loop.clockwise(blank.vertices()).offset(0.01);
        assertTrue(sheet.template().cut().fine().stream().allMatch(roomy::contains));
    }

    @Test
    void aLargeTemplateIsTiledOverPages() throws Exception {
        Plan plan = shaped(new Shape.Circle(6), 1100, 1100);
        try (PDDocument document = Loader.loadPDF(TemplatePdf.write(plan, PaperSize.A4, MM))) {
            assertTrue(document.getNumberOfPages() > 2, "one segment is some 650 mm long");
            assertEquals(841.89, document.getPage(0).getMediaBox().getWidth(), 0.01, "on its side it takes fewer");
            String text = new PDFTextStripper().getText(document);
            assertTrue(text.contains("row 1, column 2"), text);
            assertTrue(text.contains("measure this line"), text);
        }
        assertThrows(IllegalArgumentException.class,
                () -> TemplatePdf.write(shaped(new Shape.Rectangle(), 400, 300), PaperSize.A4, MM));
    }

    @Test
    void theDrawingsAreReadAtTheirSize() throws Exception {
        Plan plan = shaped(new Shape.Circle(8), 400, 400);
        Path pdf = Templates.write(plan, folder.resolve("new"), "ring", PaperSize.LETTER, MM);
        assertTrue(Files.size(pdf) > 1000);
        try (Stream<Path> files = Files.list(folder.resolve("new"))) {
            assertEquals(3, files.count());
        }
        Path svg = folder.resolve("new/ring-A-B-C-D-E-F-G-H.svg");
        var root = DocumentBuilderFactory.newInstance().newDocumentBuilder()
                .parse(new ByteArrayInputStream(Files.readAllBytes(svg))).getDocumentElement();
        double width = Double.parseDouble(root.getAttribute("width").replace("mm", ""));
        double longEdge = TemplateFigure.sheets(plan).getFirst().template().blank().get(1).x()
                - TemplateFigure.sheets(plan).getFirst().template().blank().get(0).x();
        assertTrue(root.getAttribute("width").endsWith("mm"));
        assertEquals(longEdge + 24 / (96 / 25.4), width, 0.1, "the blank and its margins");
    }

    /** Group codes and values come in pairs; every polyline ends; coordinates are those of the template (DXF reference). */
    @Test
    void theDxfIsReadPairByPair() {
        TemplateFigure.Sheet sheet = TemplateFigure.sheets(shaped(new Shape.Circle(8), 400, 400)).getFirst();
        List<String> lines = new String(TemplateDxf.write(sheet.template()).getBytes(StandardCharsets.US_ASCII),
                StandardCharsets.US_ASCII).lines().toList();
        assertEquals(0, lines.size() % 2);
        List<String> entities = new ArrayList<>();
        int vertices = 0;
        double lowest = Double.MAX_VALUE;
        double highest = -Double.MAX_VALUE;
        for (int i = 0; i < lines.size(); i += 2) {
            int code = Integer.parseInt(lines.get(i).strip());
            String value = lines.get(i + 1);
            if (code == 0) {
                entities.add(value);
                vertices += value.equals("VERTEX") ? 1 : 0;
            } else if (code == 20) {
                lowest = Math.min(lowest, Double.parseDouble(value));
                highest = Math.max(highest, Double.parseDouble(value));
            }
        }
        assertEquals(3, entities.stream().filter("POLYLINE"::equals).count());
        assertEquals(3, entities.stream().filter("SEQEND"::equals).count());
        assertEquals("EOF", entities.getLast());
        assertEquals(4 + 2 + 4, vertices, "arcs, not chords");
        Loop blank = new Loop(sheet.template().blank());
        assertEquals(blank.bottom() - blank.top(), highest - lowest, 1e-3);
    }

    /** DXF reference: a bulge is the tangent of a quarter of the arc's angle. Geometry: the arcs are those of the ring. */
    @Test
    void bulgesAndSvgArcsHaveTheRingsRadii() throws Exception {
        Plan plan = shaped(new Shape.Circle(8), 2000, 2000);
        double inner = plan.sizes().sight().width().toMm() / 2;
        double outer = plan.sizes().outside().width().toMm() / 2;
        List<String> lines = TemplateDxf.write(TemplateFigure.sheets(plan).getFirst().template()).lines().toList();
        List<Double> bulges = new ArrayList<>();
        for (int i = 0; i < lines.size(); i += 2) {
            if (lines.get(i).strip().equals("42")) {
                bulges.add(Double.parseDouble(lines.get(i + 1)));
            }
        }
        assertEquals(3, bulges.size(), "outer, inner, rabbet");
        double bulge = Math.tan(Math.PI / 4 / 4);
        assertEquals(-bulge, bulges.get(0), 1e-8, "clockwise seen from the front");
        assertEquals(bulge, bulges.get(1), 1e-8);
        Templates.write(plan, folder, "ring", PaperSize.A4, MM);
        String svg = Files.readString(folder.resolve("ring-A-B-C-D-E-F-G-H.svg"));
        double per = 96 / 25.4;
        assertTrue(svg.contains(String.format(Locale.ROOT, "A%.4f,", outer * per)), "outer arc");
        assertTrue(svg.contains(String.format(Locale.ROOT, "A%.4f,", inner * per)), "inner arc");
    }

    /** A template of 231 × 56 mm is longer than a sheet is wide, and shorter than it is high. */
    @Test
    void aLongTemplateTakesOneSheetSideways() throws Exception {
        Plan plan = shaped(new Shape.Circle(8), 480, 480);
        Loop blank = new Loop(TemplateFigure.sheets(plan).getFirst().template().blank());
        assertTrue(blank.right() - blank.left() > 200 && blank.right() - blank.left() < 240);
        try (PDDocument document = Loader.loadPDF(TemplatePdf.write(plan, PaperSize.A4, MM))) {
            assertEquals(1, document.getNumberOfPages());
            assertTrue(document.getPage(0).getMediaBox().getWidth() > document.getPage(0).getMediaBox().getHeight());
        }
    }
}
