package neatcorner.exchange.json;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonToken;
import java.util.List;
import java.util.Map;
import neatcorner.exchange.BadFile;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class JsonTest {

    private static Node node(String text) throws BadFile {
        return Node.root(JsonText.read(text));
    }

    private static String complaint(org.junit.jupiter.api.function.Executable reading) {
        return String.valueOf(assertThrows(BadFile.class, reading).getMessage());
    }

    @Test
    void everyValueKnowsItsLine() throws BadFile {
        Json.Obj root = (Json.Obj) JsonText.read("{\n  \"a\": 1,\n  \"b\": [\n true, null ]\n}");
        assertEquals(1, root.line());
        assertEquals(List.of("a", "b"), List.copyOf(root.fields().keySet()));
        assertEquals(2, root.fields().getOrDefault("a", Json.none()).line());
        Json.Arr list = (Json.Arr) root.fields().getOrDefault("b", Json.none());
        assertEquals(3, list.line());
        assertEquals(4, list.items().getFirst().line());
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "{", "{\"a\": }", "[1, 2", "{\"a\": 1} extra", "{'a': 1}", "{\"a\": 1, \"a\": 2}",
        "nul", "\u0000", "{\"a\": 01}", "[1,]"})
    void whatIsNoJsonIsRefusedWithALine(String text) {
        String message = complaint(() -> JsonText.read(text));
        assertTrue(message.startsWith("line 1"), message);
        assertTrue(message.length() < 200 && !message.contains("\n"), message);
    }

    @Property(tries = 1000)
    void textsOfAnyKindComeBackAsTheyWere(@ForAll String text) throws BadFile {
        Json.Obj read = (Json.Obj) JsonText.read(JsonText.write(Json.object().with("t", text).end()));
        Json.Str back = (Json.Str) read.fields().getOrDefault("t", Json.none());
        assertEquals(text, back.text());
    }

    /** RFC 8259 by a reader that is not ours. */
    @Property(tries = 1000)
    void numbersAreWrittenPlainlyAndWithinTheirDecimals(@ForAll @DoubleRange(min = -1e7, max = 1e7) double number,
            @ForAll @IntRange(max = 6) int decimals) throws Exception {
        String text = JsonText.write(Json.of(number, decimals)).strip();
        assertTrue(text.matches("-?\\d+(\\.\\d{1," + Math.max(1, decimals) + "})?"), text);
        try (JsonParser parser = new JsonFactory().createParser(text)) {
            assertTrue(parser.nextToken().isNumeric());
            assertEquals(number, parser.getDoubleValue(), 0.51 * Math.pow(10, -decimals) + 1e-9);
            assertEquals(null, parser.nextToken());
        }
    }

    @Test
    void allKindsOfValuesAreWritten() throws Exception {
        String text = JsonText.write(Json.object().with("s", "x").with("n", Json.of(7)).with("b", Json.of(true))
                .with("z", Json.none()).with("l", Json.of(List.of(Json.of(1), Json.of("two")))).end());
        try (JsonParser parser = new JsonFactory().createParser(text)) {
            int tokens = 0;
            JsonToken token = parser.nextToken();
            while (token != null) {
                tokens++;
                token = parser.nextToken();
            }
            assertEquals(15, tokens);
        }
        assertTrue(text.endsWith("}\n"));
    }

    @Test
    void aFieldThatIsNullIsAsGoodAsAbsent() throws BadFile {
        Node root = node("{ \"a\": null, \"b\": 3 }");
        assertTrue(root.optional("a").isEmpty() && root.optional("c").isEmpty());
        assertEquals(3, root.required("b").whole(0, 5));
        assertTrue(complaint(() -> root.required("a")).contains("a: expected a value: the field is missing"));
    }

    @Test
    void thePathLeadsToWhatIsWrong() throws BadFile {
        Node root = node("{ \"a\": { \"list\": [ 1,\n \"x\" ] } }");
        Node second = root.required("a").required("list").items().get(1);
        assertEquals("line 2, a.list[1]: expected a number", complaint(() -> second.number(0, 1, "a number")));
    }

    @Test
    void eachKindIsAskedForInWords() throws BadFile {
        Node root = node("{ \"t\": 1, \"o\": [], \"l\": {}, \"b\": \"yes\", \"w\": 2.5, \"c\": \"red\" }");
        assertTrue(complaint(() -> root.required("t").text()).contains("a text in quotes"));
        assertTrue(complaint(() -> root.required("o").optional("x")).contains("an object"));
        assertTrue(complaint(() -> root.required("l").items()).contains("a list"));
        assertTrue(complaint(() -> root.required("b").bool()).contains("true or false"));
        assertTrue(complaint(() -> root.required("w").whole(0, 9)).contains("a whole number from 0 to 9"));
        assertTrue(complaint(() -> root.required("c").oneOf(Map.of("blue", 1), null)).contains("one of blue"));
        assertEquals(1, root.required("c").oneOf(Map.of("red", 1), null));
    }

    @Test
    void numbersHaveBounds() throws BadFile {
        Node root = node("{ \"n\": 5 }");
        assertEquals(5, root.required("n").number(0, 5, "x"));
        assertTrue(complaint(() -> root.required("n").number(6, 9, "six to nine")).contains("expected six to nine"));
        assertTrue(complaint(() -> root.required("n").whole(6, 9)).contains("from 6 to 9"));
    }

    @Test
    void whatIsTooMuchIsSaidInOurWords() {
        for (String text : List.of("[".repeat(5000), "{\"a\": 1" + "0".repeat(5000) + "}")) {
            BadFile bad = assertThrows(BadFile.class, () -> JsonText.read(text));
            assertEquals(
                    "line 1, expected values nested at most 100 deep, names and numbers of a length that somebody can "
                            + "read",
                    bad.getMessage());
        }
    }
}
