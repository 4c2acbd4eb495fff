package neatcorner.exchange.json;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.nio.charset.StandardCharsets;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.job.JobFile;
import neatcorner.job.Defaults;
import neatcorner.measure.Units;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What others wrote into a job survives, and only that. */
class ForeignTest {
    private static final Set<String> KNOWN = Set.of("title", "section", "width", "rabbet", "step", "pack", "kind",
            "stock", "sticks", "name", "size");

    private static String flat(String json) {
        return json.replaceAll("\\s+", "");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '~', value = {
        // what stood in the file | what is written now | what is in the file then
        "{\"mine\":1,\"title\":\"a\"} | {\"title\":\"b\"} | {\"title\":\"b\",\"mine\":1}",
        "{\"title\":\"a\"} | {} | {}",
        "{\"section\":{\"width\":1,\"bark\":true}} | {\"section\":{\"width\":2}} | {\"section\":{\"width\":2,\"bark\":true}}",
        "{\"section\":{\"rabbet\":{\"step\":{\"width\":1},\"x\":2}}} | {\"section\":{\"rabbet\":{}}} | {\"section\":{\"rabbet\":{\"x\":2}}}",
        "{\"pack\":[{\"kind\":\"art\",\"old\":1},{\"kind\":\"mat\",\"rag\":2}]} | {\"pack\":[{\"kind\":\"mat\"}]} | {\"pack\":[{\"kind\":\"mat\",\"rag\":2}]}",
        "{\"pack\":[{\"kind\":\"mat\",\"n\":1},{\"kind\":\"mat\",\"n\":2}]} | {\"pack\":[{\"kind\":\"mat\"},{\"kind\":\"mat\"},{\"kind\":\"mat\"}]} | {\"pack\":[{\"kind\":\"mat\",\"n\":1},{\"kind\":\"mat\",\"n\":2},{\"kind\":\"mat\"}]}",
        "{\"stock\":{\"sticks\":[{\"name\":\"s\",\"shelf\":4}]}} | {\"stock\":{\"sticks\":[{\"name\":\"t\"}]}} | {\"stock\":{\"sticks\":[{\"name\":\"t\"}]}}",
        "{\"size\":3} | {\"size\":{\"width\":1}} | {\"size\":{\"width\":1}}",
        "{\"future\":{\"title\":1}} | {\"title\":\"b\"} | {\"title\":\"b\",\"future\":{\"title\":1}}"})
    void whatOthersWroteStays(String before, String now, String then) throws BadFile {
        Node root = Node.root(JsonText.read(before));
        askFor(root);
        assertEquals(flat(then), flat(JsonText.write(root.foreign(before).into(JsonText.read(now)))));
    }

    private static void askFor(Node node) throws BadFile {
        if (node.json() instanceof Json.Obj) {
            for (String name : KNOWN) {
                Node field = node.optional(name).orElse(null);
                if (field != null) {
                    askFor(field);
                }
            }
        } else if (node.json() instanceof Json.Arr) {
            for (Node item : node.items()) {
                askFor(item);
            }
        }
    }

    /** Numbers beyond all measure, spacing, escapes and half characters stay letter by letter, and cost nothing. */
    @ParameterizedTest
    @ValueSource(strings = {"1e999999999", "1e61", "-0.0", "1E+2", "1.50", "\"\\/\\u00e9\\ud800\"",
        "{ \"a\" :1,\n\t\"b\":[ ] }", "[1,2 ,3]", "null",
        "123456789012345678901234567890123456789012345678901234567890123"})
    void whatIsForeignGoesBackLetterByLetter(String value) throws BadFile {
        String text = JobFile.of(Defaults.blank(Units.MILLIMETRES)).text();
        String with = text.replaceFirst("\\{", Matcher.quoteReplacement("{ \"theirs\": " + value + ","))
                .replaceFirst("\"rabbet\" : \\{", Matcher.quoteReplacement("\"rabbet\" : { \"mine\": " + value + ","));
        String written = JobFile.read(with).text();
        assertEquals(2, written.split(Pattern.quote(": " + value), -1).length - 1, written);
        assertEquals(written, JobFile.read(written).text());
    }

    @Test
    void aTitleWithHalfACharacterComesBackAsItWas() throws BadFile {
        JobFile job = JobFile.of(Defaults.blank(Units.MILLIMETRES).withTitle("half \ud83d \" \u00e9 😀"));
        byte[] bytes = job.text().getBytes(StandardCharsets.UTF_8);
        assertEquals(job, JobFile.read(new String(bytes, StandardCharsets.UTF_8)));
    }
}
