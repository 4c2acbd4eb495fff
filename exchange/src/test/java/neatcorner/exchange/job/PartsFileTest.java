package neatcorner.exchange.job;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.json.JsonText;
import neatcorner.exchange.json.Node;
import neatcorner.exchange.paper.PaperSize;
import neatcorner.exchange.plan.PlanJson;
import neatcorner.exchange.template.WallTemplate;
import neatcorner.job.Hold;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import neatcorner.member.MemberKind;
import neatcorner.planner.Planner;
import neatcorner.station.hanging.WallWork;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Parts that are no rings, a groove, and other frames on the wall, as people write them by hand. */
class PartsFileTest {
    private static final String LEAF = """
        { "format": "neat-corner-job/1", "title": "Leaf", "units": "in",
          "size": { "of": "outside", "width": 12, "height": 30 }, "hold": { "kind": "nothing" }, "pack": [],
          "section": { "width": 2, "thickness": 1 }, "corner": { "joint": "butt" },
          "parts": [ { "name": "slats", "kind": "slats", "groove": "1/2", "pitch": "1 1/8", "tilt": 30, "width": "1 1/4", "thickness": "1/4" },
                     { "name": "hinges", "kind": "hinges", "count": 2, "width": 2, "thickness": 1 } ],
          "hanging": { "by": "sawtooth", "onWall": { "width": 120, "from": 40,
                       "others": [ { "name": "Chart", "width": 20, "height": 16, "from": 70, "centre": 58,
                                     "hooks": [ { "right": -5, "down": 3 }, { "right": 5, "down": 3 } ] } ] } } }
        """;

    /** Common practice: inside of the leaf + 1 in for grooves 1/2 in deep; 12 in outside, stiles of 2 in. */
    @Test
    void aLeafIsReadAndPlanned() throws Exception {
        Job job = JobFile.read(LEAF).job();
        assertEquals(2, job.members().size());
        Node slats = Node.root(JsonText.read(PlanJson.write(Planner.plan(job), Notation.of(Units.INCHES))))
                .required("parts").items().getFirst();
        assertEquals((12 - 4 + 1) * 25.4, slats.required("length").number(0, 1e6, ""), 1e-3);
        assertEquals(slats.required("count").number(0, 1e6, ""), slats.required("at").items().size(), 0);
        assertEquals("slats", slats.required("name").text());
    }

    @Test
    void theWallIsAMeasureListAndATemplate() throws Exception {
        Job job = JobFile.read(LEAF).job();
        assertTrue(WallWork.of(Planner.plan(job)).orElseThrow().hooks().size() == 2,
                "a leaf on hinges has no hook of its own");
        job = job.withMembers(job.members().subList(0, 1));
        WallWork work = WallWork.of(Planner.plan(job)).orElseThrow();
        assertEquals(List.of(Length.inches(40), Length.inches(65), Length.inches(75)),
                work.hooks().stream().map(WallWork.Spot::from).toList());
        assertEquals(Length.inches(58 + 8 - 3), work.hooks().getLast().height());
        byte[] pdf = WallTemplate.pdf(work, PaperSize.LETTER, Notation.of(Units.INCHES));
        try (PDDocument document = Loader.loadPDF(pdf)) {
            String text = new PDFTextStripper().getText(document);
            assertTrue(text.contains("Chart") && text.contains("measure this line"), text);
            assertTrue(document.getNumberOfPages() >= 4, "35 in of wall at full size");
        }
    }

    @Test
    void aGrooveIsAWayToHold() throws Exception {
        Job job = JobFile.read(LEAF.replace("{ \"kind\": \"nothing\" }",
                "{ \"kind\": \"groove\", \"depth\": \"1/4\", \"play\": \"1/64\", \"front\": \"3/8\" }")).job();
        assertEquals(new Hold.InGroove(Length.inches(0.25), Length.inches(1.0 / 64), Length.inches(0.375)),
                job.hold());
        assertEquals(job.sizes().sight().width().plus(Length.inches(0.5)).minus(Length.inches(1.0 / 32)),
                job.sizes().pack().width());
    }

    @Test
    void whatAPartDoesNotSayIsPlain() throws Exception {
        Job job = JobFile.read(LEAF.replace("\"groove\": \"1/2\", ", "").replace("\"tilt\": 30, ", "")).job();
        MemberKind.Slats slats = (MemberKind.Slats) job.members().getFirst().kind();
        assertEquals(Length.ZERO, slats.groove());
        assertEquals(0, slats.tilt().degrees(), 0);
        assertEquals(job.section().wood(), job.members().getFirst().wood(), "the frame's wood");
        assertEquals("", job.members().getFirst().of());
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', textBlock = """
        "kind": "slats"          | "kind": "louvers"          | parts[0].kind
        "pitch": "1 1/8",        |                            | parts[0].pitch
        "tilt": 30               | "tilt": 120                | parts[0].tilt
        "count": 2               | "count": 0                 | parts[1].count
        "name": "hinges",        |                            | parts[1].name
        "width": 2, "thickness": 1 } ] | "width": -2, "thickness": 1 } ] | parts[1].width
        "from": 40,              |                            | hanging.onWall.from
        "right": -5              | "right": "far"             | others[0].hooks[0].right
        """)
    void whatIsWrongIsNamed(String right, String wrong, String where) {
        String text = LEAF.replace(right, wrong == null ? "" : wrong);
        BadFile fault = assertThrows(BadFile.class, () -> JobFile.read(text));
        String said = String.valueOf(fault.getMessage());
        assertTrue(said.contains(where), said);
        assertTrue(said.contains("expected"), said);
        assertEquals(1, said.lines().count());
    }
}
