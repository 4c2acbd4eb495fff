package neatcorner.exchange;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import neatcorner.exchange.job.JobFile;
import neatcorner.exchange.plan.PaperPdf;
import neatcorner.exchange.paper.PaperSize;
import neatcorner.exchange.plan.PlanJson;
import neatcorner.job.Defaults;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import neatcorner.plan.Plan;
import neatcorner.planner.Planner;
import neatcorner.section.Edge;
import neatcorner.section.EdgeShape;
import neatcorner.section.Face;
import neatcorner.section.Layers;
import neatcorner.section.Milling;
import neatcorner.section.Operation;
import neatcorner.section.Ply;
import neatcorner.section.RabbetWay;
import neatcorner.stock.Pin;
import neatcorner.stock.Rack;
import neatcorner.stock.RoughBoard;
import neatcorner.stock.Sheet;
import neatcorner.stock.Span;
import neatcorner.stock.Stick;
import neatcorner.wood.Species;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** Milling, boards, sheets and held pieces in files, plans and on paper. */
class WoodFilesTest {

    @Property(tries = 150)
    void whatIsMilledAndWhatIsOnTheRackComesBack(@ForAll long seed, @ForAll Units units) throws Exception {
        Job job = any(new Random(seed), units);
        String text = JobFile.of(job).text();
        assertEquals(job, JobFile.read(text).job(), text);
    }

    private static Length some(Random random) {
        return new Length(635L * (6 + random.nextInt(2000)));
    }

    private static Job any(Random random, Units units) {
        Job blank = Defaults.blank(units);
        List<Operation> operations = new ArrayList<>();
        for (int i = 0; i < random.nextInt(4); i++) {
            EdgeShape shape = EdgeShape.values()[random.nextInt(EdgeShape.values().length)];
            Length size = some(random);
            operations.add(switch (random.nextInt(3)) {
                case 0 -> new Operation.Groove(Face.values()[random.nextInt(4)], some(random), size, some(random),
                        random.nextInt(3));
                case 1 -> new Operation.Rip(size);
                default -> new Operation.Shaped(shape, Edge.values()[random.nextInt(4)], size,
                        shape.hasDepth() ? some(random) : size, random.nextInt(3));
            });
        }
        List<Ply> plies = new ArrayList<>();
        for (int i = 0; i < random.nextInt(3); i++) {
            plies.add(new Ply(Species.named("black walnut"), some(random),
                    random.nextBoolean() ? Length.ZERO : some(random)));
        }
        Milling milling = new Milling(new Layers(!plies.isEmpty() && random.nextBoolean(), plies),
                RabbetWay.values()[random.nextInt(5)], random.nextInt(3),
                operations.isEmpty() ? 0 : random.nextInt(operations.size() + 1), operations);
        Span defect = new Span(Length.ZERO, some(random));
        Double price = random.nextBoolean() ? null : (Double) 12.5;
        Rack rack = blank.stock().withSticks(List.of(new Stick("a", some(random), 3, price, List.of(defect))))
                .withPins(random.nextBoolean() ? List.of() : List.of(new Pin("A", 1, 0, 2)))
                .withBoards(List.of(new RoughBoard("b", some(random), some(random), some(random),
                        random.nextBoolean() ? Length.ZERO : some(random), 2, price, List.of(defect))))
                .withSheets(List.of(new Sheet("c", "glass", some(random), some(random), 4, price,
                        random.nextBoolean(), random.nextBoolean() ? Length.ZERO : some(random))))
                .withLeastOffcut(some(random));
        return blank.withSection(blank.section().withMilling(milling)).withStock(rack);
    }

    @Test
    void aWrongCutIsNamedWithItsPlace() {
        assertWrong("\"milling\": [{\"op\": \"carve\"}]", "section.milling[0].op");
        assertWrong("\"milling\": [{\"op\": \"cove\", \"at\": \"top\", \"radius\": 3}]", "section.milling[0].at");
        assertWrong("\"milling\": [{\"op\": \"cove\", \"at\": \"front-outer\"}]", "section.milling[0].radius");
        assertWrong("\"layers\": [{\"thickness\": 0}]", "section.layers[0].thickness");
    }

    private static void assertWrong(String section, String path) {
        BadFile bad = assertThrows(BadFile.class, () -> JobFile.read(job(section, "")));
        assertTrue(String.valueOf(bad.getMessage()).contains(path), bad.getMessage());
    }

    private static String job(String section, String stock) {
        return "{\"format\": \"neat-corner-job/1\", \"quantity\": 2, \"size\": {\"of\": \"art\", \"width\": 594,"
                + " \"height\": 420}, \"pack\": [{\"kind\": \"glazing\", \"thickness\": 2}, {\"kind\": \"art\","
                + " \"thickness\": 0.3}], \"section\": {\"width\": 40, \"thickness\": 24, \"rabbet\": {\"width\": 8,"
                + " \"depth\": 12}, " + section + "}, \"stock\": {\"sticks\": [{\"length\": 2400, \"count\": 6}]"
                + stock + "}}";
    }

    private static Plan plan() throws BadFile {
        return Planner.plan(JobFile.read(job("\"milling\": [{\"op\": \"round-over\", \"at\": \"front-outer\","
                + " \"radius\": 6}, {\"op\": \"bevel\", \"at\": \"front-inner\", \"width\": 3, \"depth\": 4}]",
                ", \"boards\": [{\"name\": \"plank\", \"length\": 2500, \"width\": 160, \"thickness\": 30}],"
                        + " \"sheets\": [{\"name\": \"pane\", \"material\": \"glass\", \"width\": 1250,"
                        + " \"height\": 900}], \"pins\": [{\"piece\": \"A\", \"frame\": 2, \"stick\": 1,"
                        + " \"number\": 2}]"))
                .job());
    }

    @Test
    void thePlanTellsPassesBoardsSheetsAndOffcuts() throws BadFile {
        String json = PlanJson.write(plan(), Notation.of(Units.MILLIMETRES));
        for (String name : List.of("\"passes\"", "\"safeZone\"", "\"boards\"", "\"strips\" : 3", "\"sheets\"",
                "\"upright\"", "\"lumber\"")) {
            assertTrue(json.contains(name), name + " in " + json);
        }
    }

    @Test
    void thePaperLeadsFromTheRoughBoardToLabelledEnds() throws IOException, BadFile {
        Plan plan = plan();
        byte[] bytes = PaperPdf.write(plan, PaperSize.A4, Notation.of(Units.MILLIMETRES));
        try (PDDocument document = Loader.loadPDF(bytes)) {
            String text = new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
            for (String words : List.of("From rough boards to sticks", "rip 3 strips of 40 mm", "Milling, pass by pass",
                    "tilted 36.87°", "from the stick's left end", "Sheets: cuts in this order", "Cut 1:")) {
                assertTrue(text.contains(words), words + " in " + text);
            }
        }
    }
}
