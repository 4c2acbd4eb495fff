package neatcorner.exchange;

import static org.junit.jupiter.api.Assertions.assertEquals;

import neatcorner.exchange.json.Json;
import neatcorner.exchange.json.JsonText;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What others wrote into a job survives, and only that. */
class UnknownFieldsTest {

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
        Json.Obj merged = UnknownFields.keep((Json.Obj) JsonText.read(before), (Json.Obj) JsonText.read(now));
        assertEquals(flat(then), flat(JsonText.write(merged)));
    }
}
