package neatcorner.exchange.job;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import neatcorner.exchange.BadFile;
import neatcorner.exchange.json.JsonText;
import neatcorner.exchange.json.Node;
import neatcorner.exchange.plan.PlanJson;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import neatcorner.outline.Outline;
import neatcorner.plan.Plan;
import neatcorner.planner.Planner;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Outlines in job files, and what the plan says of them. */
class OutlineFileTest {

    private static String job(String outline, String size) {
        return """
            {
              "format": "neat-corner-job/1", "title": "Odd", "units": "mm",
              "outline": %s,
              "size": %s,
              "pack": [],
              "section": { "wood": "white ash", "width": 40, "thickness": 20, "rabbet": { "width": 6, "depth": 10 } }
            }
            """.formatted(outline, size);
    }

    private static Node plan(String outline, String size) throws Exception {
        Plan plan = Planner.plan(JobFile.read(job(outline, size)).job());
        return Node.root(JsonText.read(PlanJson.write(plan, Notation.of(Units.MILLIMETRES))));
    }

    private static double number(Node node) throws BadFile {
        return node.number(-1e9, 1e9, "a number");
    }

    @ParameterizedTest
    @ValueSource(strings = {"{ 'kind': 'rectangle', 'slope': 30 }", "{ 'kind': 'regular', 'sides': 7 }",
        "{ 'kind': 'regular', 'sides': 5, 'across': 'corners', 'faceWidths': [30, 31, 32, 33, 34] }",
        "{ 'kind': 'arch', 'rise': 90 }", "{ 'kind': 'arch', 'rise': 90, 'curve': 'ellipse', 'segments': 5 }",
        "{ 'kind': 'arch', 'curve': 'semicircle', 'boardWidth': 120 }", "{ 'kind': 'circle', 'segments': 12 }",
        "{ 'kind': 'ellipse' }", "{ 'kind': 'polygon', 'points': [[0, 0], [400, 0], [420, 260], [0, 300]] }"})
    void anOutlineComesBackFromItsFileAsItWas(String outline) throws Exception {
        Outline read = JobFile
                .read(job(outline.replace('\'', '"'), "{ \"of\": \"sight\", \"width\": 400, \"height\": 500 }"))
                .job().outline();
        Outline again = JobFile.read(JobFile.of(JobFile.read(
                job(outline.replace('\'', '"'), "{ \"of\": \"sight\", \"width\": 400, \"height\": 500 }")).job())
                .text())
                .job().outline();
        assertEquals(read, again);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '~', value = {
        "{ 'kind': 'star' } | one of rectangle, regular, polygon, arch, circle, ellipse",
        "{ 'kind': 'regular', 'sides': 2 } | 3 to 24", "{ 'kind': 'regular' } | sides",
        "{ 'kind': 'polygon', 'points': [[0, 0], [1, 1]] } | from 3 to 200 points",
        "{ 'kind': 'polygon', 'points': [[0, 0], [1], [2, 2]] } | a point as [x, y]",
        "{ 'kind': 'polygon', 'points': [[0, 0], [0, 0], [2, 2]] } | a point apart from the next one",
        "{ 'kind': 'rectangle', 'slope': 91 } | a slope from 0 to 90 degrees",
        "{ 'kind': 'circle', 'faceWidths': [3] } | no face widths",
        "{ 'kind': 'regular', 'sides': 5, 'faceWidths': [3, 4] } | 5 widths, clockwise from the top"})
    void whatIsNoOutlineIsSaidInOneLine(String outline, String expected) {
        BadFile bad = assertThrows(BadFile.class, () -> JobFile.read(job(outline.replace('\'', '"'),
                "{ \"of\": \"sight\", \"width\": 400, \"height\": 500 }")));
        String message = String.valueOf(bad.getMessage());
        assertTrue(message.contains(expected), message);
        assertTrue(message.contains("line "), message);
    }

    /** Euclid, angle sum of a polygon: the interior angle of a heptagon is 900°/7. */
    @Test
    void aHeptagonsPlanHasItsCorners() throws Exception {
        Node plan = plan("{ \"kind\": \"regular\", \"sides\": 7 }", "{ \"of\": \"sight\", \"width\": 400 }");
        assertEquals(7, plan.required("pieces").items().size());
        assertEquals(7, plan.required("corners").items().size());
        assertEquals(900.0 / 7, number(plan.required("corners").items().getFirst().required("interior")), 1e-4);
        Node first = plan.required("pieces").items().getFirst();
        assertEquals(180.0 / 7, number(first.required("left").required("miter")), 1e-4);
        assertEquals(480 * Math.tan(Math.PI / 7), number(first.required("long")), 1e-3);
    }

    @Test
    void pointsMayRunEitherWayRound() throws Exception {
        String there = plan("{ \"kind\": \"polygon\", \"points\": [[0, 0], [400, 0], [420, 260], [0, 300]] }",
                "{ \"of\": \"sight\" }").required("pieces").items().stream()
                .map(item -> JsonText.write(item.json())).toList().toString();
        String back = plan("{ \"kind\": \"polygon\", \"points\": [[0, 300], [420, 260], [400, 0], [0, 0]] }",
                "{ \"of\": \"sight\" }").required("pieces").items().stream()
                .map(item -> JsonText.write(item.json())).toList().toString();
        assertEquals(there, back);
    }

    /** Geometry: an L of equal faces has one reflex corner, whose miters are negative. */
    @Test
    void aReflexCornerIsLongerAtTheSightEdge() throws Exception {
        Node plan = plan(
                "{ \"kind\": \"polygon\", \"points\": [[0,0],[200,0],[200,150],[400,150],[400,300],[0,300]] }",
                "{ \"of\": \"sight\" }");
        long negative = 0;
        for (Node piece : plan.required("pieces").items()) {
            for (String end : new String[]{"left", "right"}) {
                double miter = number(piece.required(end).required("miter"));
                assertEquals(45, Math.abs(miter), 1e-4);
                negative += miter < 0 ? 1 : 0;
            }
        }
        assertEquals(2, negative);
    }

    /** Geometry: a ring of radii 200 … 240 in 8: blank 240 − 200·cos 22.5°, long edge 480·tan 22.5°. */
    @Test
    void aRingsPlanHasItsBlanks() throws Exception {
        Node plan = plan("{ \"kind\": \"circle\", \"segments\": 8 }", "{ \"of\": \"sight\", \"width\": 400 }");
        assertEquals(8, plan.required("segments").items().size());
        Node blank = plan.required("segments").items().getFirst().required("blank");
        assertEquals(240 - 200 * Math.cos(Math.PI / 8), number(blank.items().get(1)), 1e-3);
        assertEquals(480 * Math.tan(Math.PI / 8),
                number(plan.required("pieces").items().getFirst().required("long")), 1e-3);
    }
}
